import { clamp } from '../../geometry/numbers';
import { distance, type Vec3 } from '../../geometry/vec3';
import type { Piece } from '../arrangement';
import type { DraftReading, ReadingMaker, Remedy } from '../reading';
import { NOTHING_PLACED } from '../facts';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Small pieces of the heavy side go over to the other, the weightiest first, until the line is level across. */
function moveAcross(scene: Scene): Remedy | null {
  const { heads, weights } = scene;
  const total = weights.reduce((a, b) => a + b, 0) || 1;
  let lean = heads.reduce((a, p, i) => a + p.piece.side * must(weights[i]), 0) / total;
  const order = heads
    .map((p, i) => ({ p, pull: p.piece.side * must(weights[i]) }))
    .sort((a, b) => (b.pull - a.pull) * Math.sign(lean));
  const change: { id: string; to: Partial<Piece> }[] = [];
  for (const { p, pull } of order) {
    if (Math.abs(lean) < 0.08 || change.length >= 5) break;
    if (p.piece.pinned || p.body.role === 'focal' || pull * lean <= 0) continue;
    change.push({ id: p.piece.id, to: { side: -p.piece.side, headingRad: -p.piece.headingRad } });
    lean -= (2 * pull) / total;
  }
  return change.length
    ? { label: { code: 'remedy.move-across', values: { count: change.length } }, change, add: [], remove: [] }
    : null;
}

/** Where the weight lies in the world, across the line and along it. */
function centreOf(heads: Scene['heads'], weights: Scene['weights'], total: number) {
  let [x, y, z, side, meanS] = [0, 0, 0, 0, 0];
  for (let i = 0; i < heads.length; i++) {
    const { frame, piece } = must(heads[i]);
    const share = must(weights[i]) / total;
    x += frame.pointMm[0] * share;
    y += frame.pointMm[1] * share;
    z += frame.pointMm[2] * share;
    side += piece.side * share;
    meanS += piece.s * share;
  }
  return { centre: [x, y, z] as Vec3, side, meanS };
}

/** The centre of visual weight lies on the line's axis, where its envelope's own centre is. */
export const weight: ReadingMaker = (scene): DraftReading => {
  const { line, heads, weights, grid } = scene;
  const total = weights.reduce((a, b) => a + b, 0);
  if (total <= 0) {
    return {
      id: 'weight',
      score: 0,
      lean: 0,
      numbers: {},
      why: NOTHING_PLACED,
      remedy: null,
      place: null,
    };
  }
  const { centre, side, meanS } = centreOf(heads, weights, total);
  const round = line.closed || line.shape === 'disc';
  const off = distance(centre, grid.centreMm);
  const reach = line.lengthMm / (line.closed ? Math.PI * 2 : 2);
  const score = round
    ? Math.exp(-0.7 * (off / (0.2 * reach)) ** 2)
    : 0.65 * Math.exp(-((Math.max(0, Math.abs(meanS - grid.centreS) - 0.04) / 0.1) ** 2)) +
      0.35 * Math.exp(-((Math.max(0, Math.abs(side) - 0.08) / 0.35) ** 2));
  // to the right as one stands before the front
  const right =
    -Math.sin(scene.frontRad) * (centre[0] - grid.centreMm[0]) + Math.cos(scene.frontRad) * (centre[1] - grid.centreMm[1]);
  const lean = clamp(right / Math.max(10, reach * 0.25), -1, 1);
  return {
    id: 'weight',
    score: 100 * score,
    lean,
    numbers: { offCentreMm: off, acrossShare: side, alongShare: meanS - grid.centreS },
    why:
      score > 0.8
        ? { code: 'reading.weight.level', values: {} }
        : round
          ? { code: 'reading.weight.off-middle', values: { offMm: off } }
          : Math.abs(side) > 0.2
            ? { code: 'reading.weight.one-side', values: {} }
            : { code: 'reading.weight.one-end', values: { offMm: Math.abs(meanS - grid.centreS) * line.lengthMm } },
    remedy: score < 0.9 && !round && Math.abs(side) > 0.08 ? () => moveAcross(scene) : null,
    place: null,
  };
};
