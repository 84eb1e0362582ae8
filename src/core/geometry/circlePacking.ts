import { packEnclose } from 'd3-hierarchy';
import { seededRandom, type Random } from './random';
import { must } from './must';

/** A packed circle in any one unit of length. */
interface PackedCircle {
  x: number;
  y: number;
  r: number;
}

/** Enclosing diameter by rule, within about −2…+4 % of the best packing: D = 1.09 √Σd² + 0.30 mean d. For use while dragging. */
export function estimateEnclosingDiameter(diametersMm: readonly number[]): number {
  const n = diametersMm.length;
  if (n === 0) return 0;
  if (n === 1) return must(diametersMm[0]);
  if (n === 2) return must(diametersMm[0]) + must(diametersMm[1]);
  const squares = diametersMm.reduce((total, d) => total + d * d, 0);
  const total = diametersMm.reduce((a, d) => a + d, 0);
  return Math.max(1.09 * Math.sqrt(squares) + (0.3 * total) / n, largestPair(diametersMm));
}

const largestPair = (diameters: readonly number[]): number => {
  const sorted = [...diameters].sort((a, b) => b - a);
  return must(sorted[0]) + (sorted[1] ?? 0);
};

/** Circles while they are pushed about: flat arrays, since this loop is most of the work. */
interface Loose {
  x: Float64Array;
  y: Float64Array;
  r: Float64Array;
}

/** Pushes overlapping circles apart and back inside the container, in place. Returns the largest overlap left. */
function relax({ x, y, r }: Loose, containerR: number, rounds: number, tolerance: number): number {
  const n = r.length;
  let worst = Infinity;
  for (let round = 0; round < rounds && worst > tolerance; round++) {
    worst = 0;
    for (let i = 0; i < n; i++) {
      for (let j = i + 1; j < n; j++) {
        const dx = must(x[j]) - must(x[i]);
        const dy = must(y[j]) - must(y[i]);
        const need = must(r[i]) + must(r[j]);
        const gap2 = dx * dx + dy * dy;
        if (gap2 >= need * need) continue;
        const gap = Math.sqrt(gap2) || 1e-9;
        const push = (need - gap) / (2 * gap);
        if (need - gap > worst) worst = need - gap;
        x[i] = must(x[i]) - dx * push;
        y[i] = must(y[i]) - dy * push;
        x[j] = must(x[j]) + dx * push;
        y[j] = must(y[j]) + dy * push;
      }
      const away = Math.sqrt(must(x[i]) ** 2 + must(y[i]) ** 2);
      const out = away + must(r[i]) - containerR;
      if (out > 0) {
        const k = (away - out) / (away || 1e-9);
        if (out > worst) worst = out;
        x[i] = must(x[i]) * k;
        y[i] = must(y[i]) * k;
      }
    }
  }
  return worst;
}

function scatter(radii: readonly number[], containerR: number, random: Random): Loose {
  const loose: Loose = { x: new Float64Array(radii.length), y: new Float64Array(radii.length), r: Float64Array.from(radii) };
  radii.forEach((r, i) => {
    const angle = random() * Math.PI * 2;
    const away = Math.sqrt(random()) * Math.max(0, containerR - r);
    loose.x[i] = away * Math.cos(angle);
    loose.y[i] = away * Math.sin(angle);
  });
  return loose;
}

/** Container steps as shares of its radius, with the rounds each step may take to push the circles apart. */
const SHRINKING: readonly (readonly [share: number, rounds: number])[] = [
  [0.01, 40],
  [0.003, 60],
  [0.001, 90],
];

/** Shrinks the container from one start as long as the circles can still be pushed apart inside it; null if they never could. */
function shrinkFrom(start: Loose, containerR: number, tolerance: number): Loose | null {
  if (relax(start, containerR, 200, tolerance) > tolerance) return null;
  let best = start;
  let radius = containerR;
  for (const [share, rounds] of SHRINKING) {
    for (;;) {
      const trial = { x: best.x.slice(), y: best.y.slice(), r: best.r };
      if (relax(trial, radius * (1 - share), rounds, tolerance) > tolerance) break;
      best = trial;
      radius *= 1 - share;
    }
  }
  return best;
}

/** The last trace of overlap is taken out by spreading all middles alike. */
function spreadApart({ x, y, r }: Loose): PackedCircle[] {
  const apart = (i: number, j: number) => Math.hypot(must(x[i]) - must(x[j]), must(y[i]) - must(y[j]));
  let factor = 1;
  for (let i = 0; i < r.length; i++) {
    for (let j = i + 1; j < r.length; j++) factor = Math.max(factor, (must(r[i]) + must(r[j])) / (apart(i, j) || 1e-9));
  }
  return Array.from(r, (radius, i) => ({ x: must(x[i]) * factor, y: must(y[i]) * factor, r: radius }));
}

const cache = new Map<string, number>();

/**
 * Smallest diameter that holds circles of the given diameters (mm), side by side: projection in a container that shrinks,
 * from several seeded starts; the last circle by d3-hierarchy's smallest enclosing circle (Matoušek, Sharir, Welzl 1996).
 * Never smaller than the two thickest side by side. An empty list gives 0. Within 1 % of the best known packings of equal
 * circles up to 20 (Graham, Lubachevsky, Nurmela, Östergård 1998); the test says which values.
 */
export function enclosingDiameter(diametersMm: readonly number[], starts = 12): number {
  const diameters = diametersMm.filter((d) => d > 0);
  if (diameters.length === 0) return 0;
  if (diameters.length <= 2) return diameters.reduce((a, d) => a + d, 0);
  const sorted = [...diameters].sort((a, b) => b - a);
  const key = `${starts}:${sorted.map((d) => d.toFixed(4)).join(',')}`;
  const known = cache.get(key);
  if (known !== undefined) return known;
  const radii = sorted.map((d) => d / 2);
  const tolerance = must(radii[radii.length - 1]) * 3e-3;
  const random = seededRandom(sorted.length * 7919 + 1);
  const firstR = (estimateEnclosingDiameter(sorted) / 2) * 1.06;
  let bestR = Infinity;
  for (let start = 0; start < starts; start++) {
    const packed = shrinkFrom(scatter(radii, firstR, random), firstR, tolerance);
    if (packed) bestR = Math.min(bestR, packEnclose(spreadApart(packed)).r);
  }
  const result = Math.max(Number.isFinite(bestR) ? bestR * 2 : firstR * 2, largestPair(sorted));
  if (cache.size > 4000) cache.clear();
  cache.set(key, result);
  return result;
}
