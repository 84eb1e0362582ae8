import { packEnclose } from 'd3-hierarchy';
import { seededRandom, type Random } from './random';

/** A packed circle in any one unit of length. */
export interface PackedCircle {
  x: number;
  y: number;
  r: number;
}

/** Enclosing diameter by rule, within about −2…+4 % of the best packing: D = 1.09 √Σd² + 0.30 mean d. For use while dragging. */
export function estimateEnclosingDiameter(diametersMm: readonly number[]): number {
  const n = diametersMm.length;
  if (n === 0) return 0;
  if (n === 1) return diametersMm[0]!;
  if (n === 2) return diametersMm[0]! + diametersMm[1]!;
  const squares = diametersMm.reduce((total, d) => total + d * d, 0);
  const total = diametersMm.reduce((a, d) => a + d, 0);
  return Math.max(1.09 * Math.sqrt(squares) + (0.3 * total) / n, largestPair(diametersMm));
}

const largestPair = (diameters: readonly number[]): number => {
  const sorted = [...diameters].sort((a, b) => b - a);
  return sorted[0]! + (sorted[1] ?? 0);
};

/** Pushes overlapping circles apart and back inside the container, in place. Returns the largest overlap left. */
function relax(circles: PackedCircle[], containerR: number, rounds: number, tolerance: number): number {
  let worst = Infinity;
  for (let round = 0; round < rounds && worst > tolerance; round++) {
    worst = 0;
    for (let i = 0; i < circles.length; i++) {
      const a = circles[i]!;
      for (let j = i + 1; j < circles.length; j++) {
        const b = circles[j]!;
        const dx = b.x - a.x;
        const dy = b.y - a.y;
        const need = a.r + b.r;
        const gap2 = dx * dx + dy * dy;
        if (gap2 >= need * need) continue;
        const gap = Math.sqrt(gap2) || 1e-9;
        const push = (need - gap) / (2 * gap);
        worst = Math.max(worst, need - gap);
        a.x -= dx * push;
        a.y -= dy * push;
        b.x += dx * push;
        b.y += dy * push;
      }
      const out = Math.hypot(a.x, a.y) + a.r - containerR;
      if (out > 0) {
        const k = (Math.hypot(a.x, a.y) - out) / (Math.hypot(a.x, a.y) || 1e-9);
        worst = Math.max(worst, out);
        a.x *= k;
        a.y *= k;
      }
    }
  }
  return worst;
}

function scatter(radii: readonly number[], containerR: number, random: Random): PackedCircle[] {
  return radii.map((r) => {
    const angle = random() * Math.PI * 2;
    const away = Math.sqrt(random()) * Math.max(0, containerR - r);
    return { x: away * Math.cos(angle), y: away * Math.sin(angle), r };
  });
}

/** Shrinks the container step by step from one start as long as the circles can still be pushed apart inside it. */
function shrinkFrom(start: PackedCircle[], containerR: number, tolerance: number): PackedCircle[] | null {
  let best: PackedCircle[] | null = null;
  let current = start;
  let step = 0.02;
  let radius = containerR;
  while (step > 0.0006) {
    const trial = current.map((c) => ({ ...c }));
    if (relax(trial, radius, 400, tolerance) <= tolerance) {
      best = trial;
      current = trial;
      radius *= 1 - step;
    } else {
      radius *= (1 + step * 0.5) / (1 - step * 0.5);
      step /= 2;
      radius *= 1 - step;
    }
  }
  return best;
}

const cache = new Map<string, number>();

/**
 * Smallest diameter that holds circles of the given diameters (mm), side by side: projection in a container that shrinks,
 * from several seeded starts; the last circle by d3-hierarchy's smallest enclosing circle (Matoušek, Sharir, Welzl 1996).
 * Never smaller than the two thickest side by side. An empty list gives 0. Within 1 % of the best known packings of equal
 * circles up to 20 (Graham, Lubachevsky, Nurmela, Östergård 1998); the test says which values.
 */
export function enclosingDiameter(diametersMm: readonly number[], starts = 8): number {
  const diameters = diametersMm.filter((d) => d > 0);
  if (diameters.length === 0) return 0;
  if (diameters.length <= 2) return diameters.reduce((a, d) => a + d, 0);
  const sorted = [...diameters].sort((a, b) => b - a);
  const key = `${starts}:${sorted.map((d) => d.toFixed(4)).join(',')}`;
  const known = cache.get(key);
  if (known !== undefined) return known;
  const radii = sorted.map((d) => d / 2);
  const tolerance = radii[radii.length - 1]! * 1e-4;
  const random = seededRandom(sorted.length * 7919 + 1);
  const firstR = (estimateEnclosingDiameter(sorted) / 2) * 1.06;
  let bestR = Infinity;
  for (let start = 0; start < starts; start++) {
    const packed = shrinkFrom(scatter(radii, firstR, random), firstR, tolerance);
    if (packed) bestR = Math.min(bestR, packEnclose(packed).r + tolerance);
  }
  const result = Math.max(Number.isFinite(bestR) ? bestR * 2 : firstR * 2, largestPair(sorted));
  if (cache.size > 4000) cache.clear();
  cache.set(key, result);
  return result;
}
