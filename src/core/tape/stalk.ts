import type { PlacedPiece } from '../compose/placement';
import { hermite } from '../geometry/curve';
import { addScaled, distance, scale, type Vec3 } from '../geometry/vec3';

/** A stalk: leaves the head along its axis, comes to the joint along the stem it joins. */
export function stalkCurve(p: PlacedPiece, joint: Vec3, onward: Vec3): Vec3[] {
  const base = addScaled(p.base, p.axis, -1.5);
  const reach = Math.max(6, distance(base, joint));
  return hermite(base, scale(p.axis, -reach * 0.9), joint, scale(onward, reach * 0.7), 10);
}
