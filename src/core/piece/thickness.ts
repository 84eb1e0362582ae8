import { gaugeToMm } from '../wire/gauge';
import { bundleMm } from '../wire/bundle';
import { spanMm, type Instance } from './expand';
import { isCarrier } from './part';
import type { PieceWire } from './wires';

type Wires = ReadonlyMap<string, PieceWire>;

const diametersMm = (wire: PieceWire | undefined): number[] =>
  wire ? Array.from({ length: wire.count }, () => gaugeToMm('SWG', wire.swg)) : [];

export const byInstance = (wires: readonly PieceWire[]): Wires => new Map(wires.map((w) => [w.instanceId, w]));

/** How far below its own joint the wires of a part run on, all of them tied in with its own. */
function reachMm(at: Instance, wires: Wires): number {
  return wires.get(at.id)?.need.runMm ?? 0;
}

/**
 * Bare diameters that pass a carrier at `xMm` below its tip: its own wire, and of each part that joins above and runs on so far all that
 * passes that part's own foot. A part that is no carrier has its joint at its foot.
 */
export function passingAt(carrier: Instance, xMm: number, wires: Wires): number[] {
  const own = wires.get(carrier.id);
  const parts = carrier.carries.filter((c) => c.atMm <= xMm && c.atMm + reachMm(c, wires) >= xMm);
  return [...diametersMm(own), ...parts.flatMap((c) => atFoot(c, wires))];
}

/** Bare diameters that pass the foot of a part, where it is tied to what carries it. */
function atFoot(at: Instance, wires: Wires): number[] {
  const own = wires.get(at.id);
  // a head's petals and stamens begin at its foot, and run on as far as they are cut for
  if (!isCarrier(at.part)) return [...diametersMm(own), ...at.carries.flatMap((c) => (wires.has(c.id) ? atFoot(c, wires) : []))];
  const bareMm = own?.need.stalkMm ?? 0;
  return passingAt(at, spanMm(at) + bareMm, wires);
}

/** What passes the stem of a piece at `freeMm` below its foot, taped, mm: the same number wherever it is asked for. */
export const stemMm = (root: Instance, freeMm: number, wires: Wires): number =>
  bundleMm(passingAt(root, spanMm(root) + freeMm, wires), true);
