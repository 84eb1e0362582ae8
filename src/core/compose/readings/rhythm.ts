import { band, clamp } from '../../geometry/numbers';
import type { Piece } from '../arrangement';
import { pieceRef } from '../names';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import type { Measured } from '../measures';
import { must } from '../../geometry/must';

/** Gaps as even as this (coefficient of variation) read as rhythm; from the project's own study. */
const EVEN_CV = 0.16;
const UNEVEN_CV = 0.5;
/** Petals that just touch: the nearest distance over the two radii. */
const TOUCHING = [0.86, 1.12] as const;

/** Nearest distance of each head over the sum of both radii; none for a head alone. */
function gapShares({ nearest, faceStanding }: Measured): Float64Array {
  const shares = new Float64Array(nearest.length);
  let count = 0;
  for (let i = 0; i < nearest.length; i++) {
    const near = must(nearest[i])[0];
    if (near) shares[count++] = (2 * near.mm) / (must(faceStanding[i]).acrossMm + must(faceStanding[near.j]).acrossMm);
  }
  return shares.subarray(0, count);
}

const SPACING_ROUNDS = 40;
/** Farther than this from where it stood a head is not moved, mm. */
const MOST_MOVE_MM = 45;

interface Spot {
  x: number;
  y: number;
  r: number;
  free: boolean;
}

/** Pushes what overlaps apart and draws what stands alone to its neighbour, until petals just touch (position relaxation). */
function relax(spots: readonly Spot[]): { x: number; y: number }[] {
  const now = spots.map(({ x, y }) => ({ x, y }));
  for (let round = 0; round < SPACING_ROUNDS; round++) {
    for (let i = 0; i < now.length; i++) {
      let nearest = { j: -1, ratio: Infinity };
      for (let j = 0; j < now.length; j++) {
        if (j === i) continue;
        const ratio =
          Math.hypot(must(now[i]).x - must(now[j]).x, must(now[i]).y - must(now[j]).y) / (must(spots[i]).r + must(spots[j]).r);
        if (ratio < nearest.ratio) nearest = { j, ratio };
        if (ratio < 0.96) move(now, spots, i, j, 0.98);
      }
      if (nearest.j >= 0 && nearest.ratio > 1.06) move(now, spots, i, nearest.j, 1.02);
    }
  }
  return now;
}

/** Brings two spots half-way toward a distance of `ratio` times both radii; one that is held stays. */
function move(now: { x: number; y: number }[], spots: readonly Spot[], i: number, j: number, ratio: number): void {
  const [a, b] = [must(now[i]), must(now[j])];
  const far = Math.hypot(a.x - b.x, a.y - b.y) || 1e-6;
  const by = (0.5 * (ratio * (must(spots[i]).r + must(spots[j]).r) - far)) / far;
  const share = must(spots[i]).free && must(spots[j]).free ? 0.5 : 1;
  const [dx, dy] = [(a.x - b.x) * by * share, (a.y - b.y) * by * share];
  if (must(spots[i]).free) now[i] = { x: a.x + dx, y: a.y + dy };
  if (must(spots[j]).free) now[j] = { x: b.x - dx, y: b.y - dy };
}

/** Heads are spaced along and across the line as evenly as their sizes ask. */
function space({ line, faces }: Measured): Remedy | null {
  const half = (p: PlacedPiece) => line.halfWidthMm(p.piece.s);
  const spots = faces.map((p) => ({
    x: p.piece.s * line.lengthMm,
    y: p.sideMm,
    r: p.body.radialMm,
    free: !p.piece.pinned,
  }));
  const change = relax(spots).flatMap((to, i) => {
    const p = must(faces[i]);
    const from = must(spots[i]);
    const far = Math.hypot(to.x - from.x, to.y - from.y);
    if (!from.free || far < 1.5) return [];
    const k = Math.min(1, MOST_MOVE_MM / far);
    const s = (from.x + (to.x - from.x) * k) / line.lengthMm;
    const placed: Partial<Piece> = {
      s: line.closed ? s - Math.floor(s) : clamp(s),
      side: clamp((from.y + (to.y - from.y) * k) / half(p), -1.5, 1.5),
    };
    return [{ id: p.piece.id, to: placed }];
  });
  return change.length
    ? { label: { code: 'remedy.space', values: { count: change.length } }, change, add: [], remove: [] }
    : null;
}

/** Gaps vary little: heads stand about as far from their neighbours as their sizes say, none strays and none is swallowed. */
export const rhythm: ReadingMaker = (scene) => {
  const gaps = gapShares(scene);
  const average = gaps.length ? gaps.reduce((a, gap) => a + gap, 0) / gaps.length : 0;
  const spread = gaps.reduce((a, gap) => a + (gap - average) ** 2, 0);
  const cv = average > 0 ? Math.sqrt(spread / gaps.length) / average : 0;
  const score =
    gaps.length < 3
      ? 1
      : 0.7 * clamp(1 - (cv - EVEN_CV) / (UNEVEN_CV - EVEN_CV)) + 0.3 * band(average, TOUCHING[0], TOUCHING[1], 0.4);
  // one head has a neighbour exactly when all have: the list runs beside the faces
  const widest = gaps.reduce((a, gap, i) => (gap > must(gaps[a]) ? i : a), 0);
  const lone = gaps.length ? must(scene.faces[widest]) : null;
  const loneMm = scene.nearest[widest]?.[0]?.mm ?? 0;
  return {
    id: 'rhythm',
    score: 100 * score,
    lean: clamp((average - 1) * 1.5, -1, 1),
    numbers: { meanGapShare: average, variationShare: cv },
    why:
      score < 0.8 && lone
        ? average < TOUCHING[0]
          ? { code: 'reading.rhythm.huddled', values: {} }
          : { code: 'reading.rhythm.lone', values: { piece: pieceRef(lone), apartMm: loneMm } }
        : { code: 'reading.rhythm.level', values: {} },
    remedy: score < 0.9 ? () => space(scene) : null,
    place: score < 0.8 && lone && average >= TOUCHING[0] ? { pointMm: lone.centre, acrossMm: loneMm } : null,
  };
};
