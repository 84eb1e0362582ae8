import type { Stand } from '../compose/line';
import type { PlacedPiece } from '../compose/placement';
import { polylineLengthMm } from '../geometry/curve';
import { radToDeg } from '../geometry/numbers';
import { addScaled, angleBetween, sub, type Vec3 } from '../geometry/vec3';
import { stalkCurve } from './stalk';
import type { Joint, Spray } from './tree';
import { inTurn, type Edits } from './turn';
import { must } from '../geometry/must';

/** Binding points of a standing cluster go down the stem by this much each, as far as the stem goes. */
const STAND_STEP_MM = 4;

/**
 * Everything on one stem: the pieces nearest the middle are taped first, the rest ring by ring outward and lower, each at its
 * own binding point down the stem (docs/trade.md on hand-tied posies; common practice, no source).
 */
export function standSpray(heads: readonly PlacedPiece[], stand: Stand, id: string, edits: Edits): Spray {
  const off = (p: PlacedPiece) => Math.hypot(p.centre[0] - stand.topMm[0], p.centre[1] - stand.topMm[1]);
  const outward = [...heads].sort((a, b) => off(a) - off(b) || a.piece.id.localeCompare(b.piece.id));
  const order = inTurn(outward, (p) => p.piece.id, edits);
  const highMm = stand.topMm[2] - stand.footMm[2];
  const stepMm = Math.min(STAND_STEP_MM, Math.max(0.2, (highMm - 4) / order.length));
  const down: Vec3 = [0, 0, -1];
  const joints = order.map((p, i): Joint => {
    const at = addScaled(stand.topMm, down, Math.min(highMm - 0.2, i * stepMm));
    const curve = stalkCurve(p, at, down);
    return {
      order: i + 1,
      arm: 'heel',
      pieceId: p.piece.id,
      onto: null,
      fromTipMm: 0,
      toPickMm: Math.max(0, at[2] - stand.footMm[2]),
      stalkMm: polylineLengthMm(curve),
      angleDeg: radToDeg(angleBetween(sub(at, must(curve[0])), down)),
      side: p.centre[0] < stand.topMm[0] ? 'left' : 'right',
      at,
      curve,
      course: [],
      wires: 0,
      thicknessMm: 0,
      tip: false,
    };
  });
  return {
    id,
    fromS: 0,
    toS: 1,
    pickS: 0.5,
    pickAt: stand.footMm,
    pickNormal: [0, 0, 1],
    massGrams: heads.reduce((a, p) => a + p.body.massGrams, 0),
    pieceIds: order.map((p) => p.piece.id),
    joints,
    armsMm: { first: 0, second: 0 },
  };
}
