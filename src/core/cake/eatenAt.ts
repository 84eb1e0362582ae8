import type { StackedTier } from './cake';
import type { CakeSolid } from './solid';
import type { Vec3 } from '../geometry/vec3';

/** What is farther than this from every tier touches none, mm. */
const NEAR_MM = 8;

/** How far a point is from a tier taken as a plain prism, mm; negative inside. */
const fromTierMm = (t: StackedTier, [x, y, z]: Vec3): number => Math.max(t.outline.signedMm(x, y), z - t.topMm, t.footMm - z);

/** Whether what is touched at a place is eaten: the covering of the tier that is nearest, of equals the one that is eaten. The board is not. */
export function eatenAt(solid: CakeSolid, point: Vec3): boolean {
  let nearestMm = NEAR_MM;
  let eaten = false;
  for (const t of solid.tiers) {
    const mm = fromTierMm(t, point);
    if (mm > nearestMm + 1e-6) continue;
    eaten = t.tier.covering.eaten || (eaten && mm > nearestMm - 1e-6);
    nearestMm = Math.min(nearestMm, mm);
  }
  return eaten;
}
