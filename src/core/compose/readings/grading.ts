import { clamp, correlation } from '../../geometry/numbers';
import type { Line } from '../line';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import { must } from '../../geometry/must';

/** The largest head that sits well at a share x of the arm: full at the focal point, small at the tip. */
export const sizeCeilingMm = (largestMm: number, x: number): number => largestMm * (1 - 0.62 * x) + 4;

/** The head that is too large for its place changes places with one nearer the focal point that would sit well there. */
function changePlaces(
  flowers: readonly PlacedPiece[],
  x: readonly number[],
  worst: PlacedPiece,
  largestMm: number,
): Remedy | null {
  const at = must(x[flowers.indexOf(worst)]);
  const room = sizeCeilingMm(largestMm, at);
  const other = flowers
    .map((q, i) => ({ q, x: must(x[i]) }))
    .filter(({ q, x: nearer }) => nearer < at && q.body.radialMm * 2 <= room && !q.piece.pinned)
    .sort((a, b) => a.x - b.x)[0]?.q;
  if (!other || worst.piece.pinned) return null;
  const place = (p: PlacedPiece) => ({ s: p.piece.s, side: p.piece.side });
  return {
    label: { code: 'remedy.swap-places', values: {} },
    change: [
      { id: worst.piece.id, to: place(other) },
      { id: other.piece.id, to: place(worst) },
    ],
    add: [],
    remove: [],
  };
}

const TAPER_STEPS = 40;

/** What a line's taper carries, gathered from the focal point outward: running sum of half-width to the power 1.5, to 1. */
export function taperOf(line: Line): Float64Array {
  const known = tapers.get(line);
  if (known) return known;
  const carried = Float64Array.from({ length: TAPER_STEPS }, (_, k) => {
    const out = (k + 0.5) / TAPER_STEPS;
    return line.halfWidthMm(line.focal + out * (1 - line.focal)) ** 1.5 + line.halfWidthMm(line.focal * (1 - out)) ** 1.5;
  });
  const taper = runningShare(carried);
  tapers.set(line, taper);
  return taper;
}

const tapers = new WeakMap<Line, Float64Array>();

function runningShare(parts: Float64Array): Float64Array {
  const whole = parts.reduce((a, b) => a + b, 0);
  let sum = 0;
  return whole > 0 ? parts.map((part) => (sum += part) / whole) : parts;
}

/**
 * How far the flowers' area, gathered from the focal point outward, runs beside what the taper carries there (the power 1.5
 * was fitted in the project's study): mean gap of the two running sums, 0 … 1; 0 where there is no flower.
 */
export function taperGap(taper: Float64Array, armX: ArrayLike<number>, areas: ArrayLike<number>): number {
  const held = new Float64Array(TAPER_STEPS);
  let all = 0;
  for (let i = 0; i < areas.length; i++) {
    const k = Math.min(TAPER_STEPS - 1, Math.floor(must(armX[i]) * TAPER_STEPS));
    const area = must(areas[i]);
    held[k] = must(held[k]) + area;
    all += area;
  }
  if (!(all > 0)) return 0;
  let [sum, gap] = [0, 0];
  for (let k = 0; k < TAPER_STEPS; k++) {
    sum += must(held[k]) / all;
    gap += Math.abs(sum - must(taper[k])) / TAPER_STEPS;
  }
  return gap;
}

/** Sizes fall from the focal point to the tips; no large head near a tip. Rings are not graded. */
export const grading: ReadingMaker = (scene) => {
  const { line, faces: flowers, faceStanding } = scene;
  const x = faceStanding.map((at) => at.outward);
  const rank = correlation(
    x,
    faceStanding.map((at) => Math.log(at.acrossMm)),
  );
  let largest = 0;
  for (const { acrossMm } of faceStanding) if (acrossMm > largest) largest = acrossMm;
  const over: { p: PlacedPiece; mm: number }[] = [];
  for (let i = 0; i < flowers.length; i++) {
    const mm = must(faceStanding[i]).acrossMm - sizeCeilingMm(largest, must(x[i]));
    if (mm > 0) over.push({ p: must(flowers[i]), mm });
  }
  const fall = line.closed || flowers.length < 4 ? 1 : clamp((0.05 - rank) / 0.65);
  const ceiling = line.closed ? 1 : Math.exp(-over.reduce((t, o) => t + o.mm, 0) / (6 * Math.max(4, flowers.length)));
  const gap = taperGap(
    taperOf(line),
    x,
    flowers.map((p) => p.body.radialMm ** 2),
  );
  const tapering = line.shape !== 'open' || flowers.length < 4 ? 1 : clamp((0.105 - gap) / 0.09);
  const worst = over.sort((a, b) => b.mm - a.mm)[0];
  return {
    id: 'grading',
    score: 100 * (0.5 * fall + 0.3 * ceiling + 0.2 * tapering),
    lean: clamp(rank, -1, 1),
    numbers: { correlation: rank, tooLarge: over.length, taperGapShare: gap },
    why:
      worst && fall * ceiling < 0.8
        ? {
            code: 'reading.grading.tip',
            values: { species: worst.p.body.species.id, widthMm: worst.p.body.radialMm * 2 },
          }
        : { code: 'reading.grading.level', values: {} },
    remedy: worst && fall * 0.62 + ceiling * 0.38 < 0.9 ? () => changePlaces(flowers, x, worst.p, largest) : null,
    place: worst ? { pointMm: worst.p.centre, acrossMm: worst.p.body.radialMm * 2 } : null,
  };
};
