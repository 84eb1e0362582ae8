import { gaugeToMm } from '../wire/gauge';
import { bundleMm } from '../wire/bundle';
import { spanMm, type Instance } from './expand';
import { isCarrier } from './part';
import type { PieceWire } from './wires';

export type Wires = ReadonlyMap<string, PieceWire>;

const gaugesOf = (wire: PieceWire | undefined): number[] => (wire ? Array.from({ length: wire.count }, () => wire.swg) : []);

export const byInstance = (wires: readonly PieceWire[]): Wires => new Map(wires.map((w) => [w.instanceId, w]));

/** How far below its own joint the wires of a part run on, all of them tied in with its own. */
const runMm = (at: Instance, wires: Wires): number => wires.get(at.id)?.need.runMm ?? 0;

/** Gauges that pass a carrier at `xMm` below its tip: its own, and of each part that joins above and runs on so far all at its foot. */
function gaugesAt(carrier: Instance, xMm: number, wires: Wires): number[] {
  const parts = carrier.carries.filter((c) => c.atMm <= xMm && c.atMm + runMm(c, wires) >= xMm);
  return [...gaugesOf(wires.get(carrier.id)), ...parts.flatMap((c) => passingAtFoot(c, wires))];
}

/** Gauges that pass the foot of a part, where it is tied to what carries it; a part that is no carrier has its joint at its foot. */
export function passingAtFoot(at: Instance, wires: Wires): number[] {
  const own = wires.get(at.id);
  // a head's petals and stamens begin at its foot, and run on as far as they are cut for
  if (!isCarrier(at.part))
    return [...gaugesOf(own), ...at.carries.flatMap((c) => (wires.has(c.id) ? passingAtFoot(c, wires) : []))];
  return gaugesAt(at, spanMm(at) + (own?.need.stalkMm ?? 0), wires);
}

/** Bare diameters that pass a carrier at `xMm` below its tip. */
export const passingAt = (carrier: Instance, xMm: number, wires: Wires): number[] =>
  gaugesAt(carrier, xMm, wires).map((swg) => gaugeToMm('SWG', swg));

/** What passes the stem of a piece at `freeMm` below its foot, taped, mm: the same number wherever it is asked for. */
export const stemMm = (root: Instance, freeMm: number, wires: Wires): number =>
  bundleMm(passingAt(root, spanMm(root) + freeMm, wires), true);

/** Where the most wires pass a carrier, taped, mm: at one of its joints; of a piece without any, at its foot. */
export const thickestMm = (carrier: Instance, wires: Wires): number =>
  Math.max(
    ...[...new Set([...carrier.carries.map((c) => c.atMm), spanMm(carrier)])].map((x) =>
      bundleMm(passingAt(carrier, x, wires), true),
    ),
  );
