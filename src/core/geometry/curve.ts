import { add, addScaled, cross, distance, length, mix, normalize, scale, sub, type Vec3 } from './vec3';
import { must } from './must';

/** A curve drawn as points in order. Lengths in mm. */
export type Polyline = readonly Vec3[];

/** Cubic Hermite curve from p (leaving along `leave`) to q (arriving along `arrive`), both with length, `steps` pieces. */
export function hermite(p: Vec3, leave: Vec3, q: Vec3, arrive: Vec3, steps: number): Vec3[] {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps;
    const t2 = t * t;
    const t3 = t2 * t;
    return add(
      add(scale(p, 2 * t3 - 3 * t2 + 1), scale(leave, t3 - 2 * t2 + t)),
      add(scale(q, -2 * t3 + 3 * t2), scale(arrive, t3 - t2)),
    );
  });
}

export function polylineLengthMm(line: Polyline): number {
  let total = 0;
  for (let i = 1; i < line.length; i++) total += distance(must(line[i - 1]), must(line[i]));
  return total;
}

/** The point of a line that lies nearest to a place; the place itself for an empty line. */
export function nearestPoint(line: Polyline, to: Vec3): Vec3 {
  let best = line[0] ?? to;
  for (let i = 1; i < line.length; i++) {
    const { on1 } = segmentDistance(must(line[i - 1]), must(line[i]), to, to);
    if (distance(on1, to) < distance(best, to)) best = on1;
  }
  return best;
}

/** Arc length from the first point to each point. */
export function cumulativeLengthsMm(line: Polyline): number[] {
  const lengths = [0];
  for (let i = 1; i < line.length; i++) lengths.push(must(lengths[i - 1]) + distance(must(line[i - 1]), must(line[i])));
  return lengths;
}

/** The point at arc length `atMm`, held at the ends; the origin for an empty line. */
export function pointAlong(line: Polyline, lengthsMm: readonly number[], atMm: number): Vec3 {
  if (line.length === 0) return [0, 0, 0];
  let i = 1;
  while (i < line.length - 1 && must(lengthsMm[i]) < atMm) i++;
  if (line.length === 1) return must(line[0]);
  const span = must(lengthsMm[i]) - must(lengthsMm[i - 1]);
  const t = span > 1e-9 ? Math.max(0, Math.min(1, (atMm - must(lengthsMm[i - 1])) / span)) : 0;
  return mix(must(line[i - 1]), must(line[i]), t);
}

/** The tightest bend of a polyline as the smallest radius of the circle through three following points; Infinity if straight. */
export function smallestBendRadiusMm(line: Polyline): number {
  let smallest = Infinity;
  for (let i = 1; i < line.length - 1; i++) {
    const a = sub(must(line[i]), must(line[i - 1]));
    const b = sub(must(line[i + 1]), must(line[i]));
    const area2 = length(cross(a, b));
    if (area2 < 1e-9) continue;
    smallest = Math.min(smallest, (length(a) * length(b) * distance(must(line[i - 1]), must(line[i + 1]))) / (2 * area2));
  }
  return smallest;
}

/** Nearest distance between two segments and the two nearest points (C. Ericson, "Real-Time Collision Detection", 2005, 5.1.9). */
export function segmentDistance(p1: Vec3, q1: Vec3, p2: Vec3, q2: Vec3): { mm: number; on1: Vec3; on2: Vec3 } {
  const d1 = sub(q1, p1);
  const d2 = sub(q2, p2);
  const r = sub(p1, p2);
  const a = d1[0] ** 2 + d1[1] ** 2 + d1[2] ** 2;
  const e = d2[0] ** 2 + d2[1] ** 2 + d2[2] ** 2;
  const f = d2[0] * r[0] + d2[1] * r[1] + d2[2] * r[2];
  const c = d1[0] * r[0] + d1[1] * r[1] + d1[2] * r[2];
  const b = d1[0] * d2[0] + d1[1] * d2[1] + d1[2] * d2[2];
  const unit = (x: number) => Math.max(0, Math.min(1, x));
  const denom = a * e - b * b;
  let s = a <= 1e-12 ? 0 : denom > 1e-12 ? unit((b * f - c * e) / denom) : 0;
  let t = e <= 1e-12 ? 0 : (b * s + f) / e;
  // past an end of the second, or the second is a point: the nearest on the first to that end
  if (t < 0 || t > 1 || e <= 1e-12) {
    t = unit(t);
    s = a <= 1e-12 ? 0 : unit((b * t - c) / a);
  }
  const on1 = addScaled(p1, d1, s);
  const on2 = addScaled(p2, d2, t);
  return { mm: distance(on1, on2), on1, on2 };
}

/** Unit direction of a polyline at its end, pointing onward; up for a single point. */
export function endDirection(line: Polyline): Vec3 {
  const n = line.length;
  return n < 2 ? [0, 0, 1] : normalize(sub(must(line[n - 1]), must(line[n - 2])));
}
