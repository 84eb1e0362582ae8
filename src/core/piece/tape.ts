import { bundleMm } from '../wire/bundle';
import { gaugeToMm } from '../wire/gauge';
import { spanMm, type Instance } from './expand';
import { isCarrier, type Part } from './part';
import { passingAt, type Wires } from './thickness';

/** A stretch that is wound once, so thick without its tape, with turns bound on the spot. */
export interface Winding {
  thickMm: number;
  stretchMm: number;
  turns: number;
}

/** Turns that bind what joins at one place. Common practice, no source. */
const TURNS = 3;
/** Tape begins so far up the first part (docs/trade.md T3; common practice, no source). */
const ABOVE_MM = 5;

/** Every carrier is wound once, from its first part to its foot, at the thickness that it has there. */
function carrierWound(carrier: Instance, wires: Wires, footMm: number): Winding[] {
  const joints = [...new Set(carrier.carries.filter((c) => wires.has(c.id)).map((c) => c.atMm))].sort((a, b) => a - b);
  const endMm = spanMm(carrier) + (carrier.within ? (wires.get(carrier.id)?.need.stalkMm ?? 0) : footMm);
  // what is glued on needs no tape: the wire is wound below it
  if (joints.length === 0) {
    const thickMm = bundleMm(passingAt(carrier, spanMm(carrier), wires), false);
    return [{ thickMm, stretchMm: endMm - spanMm(carrier) + ABOVE_MM, turns: 0 }];
  }
  const once = carrier.carries.some((c) => c.part.join === 'in hand');
  return joints.map((x, i) => ({
    thickMm: bundleMm(passingAt(carrier, x, wires), false),
    stretchMm: (joints[i + 1] ?? endMm) - x + (i === 0 ? ABOVE_MM : 0),
    turns: once && i > 0 ? 0 : TURNS,
  }));
}

/** Stalks that are wound before they are joined; the finest are painted unless for a showpiece. */
const STALKS: readonly Part['kind'][] = ['leaf', 'berry'];
const FINEST: readonly Part['kind'][] = ['floret', 'bud'];

function stalkWound({ part, within }: Instance, fine: boolean): Winding[] {
  const { kind, on } = part;
  if (on.by !== 'wire' || !within || !(STALKS.includes(kind) || (fine && FINEST.includes(kind)))) return [];
  return [{ thickMm: bundleMm([gaugeToMm('SWG', on.swg)], false), stretchMm: on.stalkMm + ABOVE_MM, turns: 0 }];
}

/** A head is wound from its foot down, with a turn for every petal bound in. */
function headWound(at: Instance, wires: Wires, footMm: number): Winding[] {
  if (at.within || !wires.has(at.id)) return [];
  const thickMm = bundleMm(passingAt(at, spanMm(at), wires), false);
  const turns = at.carries.filter((c) => c.part.join === 'ring').length;
  return footMm + turns > 0 ? [{ thickMm, stretchMm: footMm > 0 ? footMm + ABOVE_MM : 0, turns }] : [];
}

/** All that is wound on a piece; `footMm` is bare stem below it that is wound with it, `fine` tapes the finest stalks as well. */
export const windingsOf = (
  instances: readonly Instance[],
  wires: Wires,
  { footMm, fine }: { footMm: number; fine: boolean },
): Winding[] =>
  instances.flatMap((at) => [
    ...stalkWound(at, fine),
    ...(isCarrier(at.part) && wires.has(at.id) ? carrierWound(at, wires, footMm) : headWound(at, wires, footMm)),
  ]);
