import type { CakeSolid, RayIntoCake } from '../cake/solid';
import { clamp, TAU } from '../geometry/numbers';
import { add, addScaled, anyPerpendicular, cross, distance, normalize, scale, type Vec3 } from '../geometry/vec3';
import { must } from '../geometry/must';

/** Where a stem would like to go in. */
export interface Wish {
  base: Vec3;
  /** mean axis of the heads, outward */
  axis: Vec3;
  /** the cake's own normal under it */
  normal: Vec3;
  leafy: boolean;
}

/** Directions that a surface takes: tops 45–90° down, sides 8–45° down and not flat along the wall. */
function allowedDirection(direction: Vec3, normal: Vec3): Vec3 {
  const top = normal[2] > 0.7;
  const down = Math.asin(clamp(-direction[2], -1, 1));
  const [low, high] = top ? [Math.PI / 4, Math.PI / 2] : [0.14, 0.78];
  const want = clamp(down, low, high);
  const flat = normalize([direction[0], direction[1], 0], normalize([-normal[0], -normal[1], 0]));
  const into = normalize([-normal[0], -normal[1], 0], flat);
  const heading = top ? flat : normalize(add(scale(flat, 0.4), scale(into, 0.6)), into);
  return [heading[0] * Math.cos(want), heading[1] * Math.cos(want), -Math.sin(want)];
}

/** One place where a stem could go in. */
export interface Candidate {
  ray: RayIntoCake;
  direction: Vec3;
  moveMm: number;
}

/** Candidate places: where the stem's own direction meets the skin, and rings round it. */
function candidates(wish: Wish, solid: CakeSolid): Candidate[] {
  const found: Candidate[] = [];
  const blend = wish.leafy ? 0.15 : 0.3;
  const toward = normalize(add(scale(wish.axis, -blend), scale(wish.normal, blend - 1)));
  const x = anyPerpendicular(wish.normal);
  const y = cross(wish.normal, x);
  for (const ring of [0, 6, 12, 18, 25, 32]) {
    const steps = ring === 0 ? 1 : 8;
    for (let k = 0; k < steps; k++) {
      const a = (k / steps) * TAU + ring;
      const from = add(wish.base, add(scale(x, ring * Math.cos(a)), scale(y, ring * Math.sin(a))));
      const first = solid.rayInto(from, toward) ?? solid.rayInto(from, scale(wish.normal, -1));
      if (!first) continue;
      const normal = solid.normalAt(addScaled(first.entry, wish.normal, 0.5));
      const direction = allowedDirection(toward, normal);
      const ray = solid.rayInto(addScaled(first.entry, normal, 0.6), direction);
      if (ray && ray.tier.tier.kind !== 'separator' && !nearEdge(ray, solid)) found.push({ ray, direction, moveMm: ring });
    }
  }
  return found;
}

/** Too near a rim, the foot of the next tier or a tier's own foot: cake breaks there. */
function nearEdge(ray: RayIntoCake, solid: CakeSolid): boolean {
  const { tier } = ray;
  const [x, y, z] = ray.entry;
  const onTop = z > tier.topMm - tier.edgeMm * 0.6;
  const above = solid.tiers[tier.index + 1];
  if (onTop) return tier.outline.signedMm(x, y) > -11 || (above !== undefined && above.outline.signedMm(x, y) < 5);
  return z > tier.topMm - 11 || z < tier.footMm + 9;
}

/** Where a request may be seated: its candidates, and how far they are from the first of them. */
export interface Reach {
  at: readonly Candidate[];
  farthestMm: number;
}

export function reachOf(wish: Wish, solid: CakeSolid): Reach {
  const at = candidates(wish, solid);
  return { at, farthestMm: Math.max(0, ...at.map((c) => distance(c.ray.entry, must(at[0]).ray.entry))) };
}
