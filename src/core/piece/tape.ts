import { bundleMm, tapeLengthMm } from '../wire/bundle';
import { gaugeToMm } from '../wire/gauge';
import { must } from '../geometry/must';
import { spanMm, type Instance } from './expand';
import { isCarrier } from './part';
import { passingAt, type Wires } from './thickness';

/** Turns that bind what joins at one place. Common practice, no source. */
const TURNS = 3;
/** Tape begins so far up the first part. Common practice, no source (docs/trade.md T3). */
const ABOVE_MM = 5;

/** Length of the helix over a stretch at one thickness, mm, with so many turns bound on the spot. */
const wound = (thickMm: number, stretchMm: number, turns = 0): number =>
  tapeLengthMm({ stemMm: thickMm, stretchMm }) + turns * Math.PI * thickMm;

/** Every carrier is wound once, from its first part to its foot, at the thickness that it has there. */
function carrierMm(carrier: Instance, wires: Wires, footMm: number): number {
  const joints = [...new Set(carrier.carries.map((c) => c.atMm))].sort((a, b) => a - b);
  const own = wires.get(carrier.id);
  const endMm = spanMm(carrier) + (carrier.within ? (own?.need.stalkMm ?? 0) : footMm);
  return joints.reduce((sum, x, i) => {
    const thickMm = bundleMm(passingAt(carrier, x, wires), false);
    const to = joints[i + 1] ?? endMm;
    return sum + wound(thickMm, to - x + (i === 0 ? ABOVE_MM : 0), TURNS);
  }, 0);
}

/** A leaf or berry is taped from its foot to its joint; a floret is painted. */
const stalkMm = (at: Instance, wires: Wires): number => {
  const { kind, on } = at.part;
  if (on.by !== 'wire' || !at.within || (kind !== 'leaf' && kind !== 'berry')) return 0;
  return wound(bundleMm([gaugeToMm('SWG', must(wires.get(at.id)).swg)], false), on.stalkMm + ABOVE_MM);
};

/** Tape of a piece made by itself, mm of strips as they are wound; `footMm` is bare stem below it. */
export const tapeOf = (instances: readonly Instance[], wires: Wires, footMm: number): number =>
  instances.reduce(
    (a, at) => a + stalkMm(at, wires) + (isCarrier(at.part) ? carrierMm(at, wires, footMm) : headMm(at, wires, footMm)),
    0,
  );

/** A head is wound from its foot down, with three turns for every petal bound in. */
function headMm(at: Instance, wires: Wires, footMm: number): number {
  const own = wires.get(at.id);
  if (at.within || !own) return 0;
  const thickMm = bundleMm(passingAt(at, spanMm(at), wires), false);
  return wound(thickMm, footMm + ABOVE_MM, at.carries.filter((c) => c.part.join === 'ring').length);
}
