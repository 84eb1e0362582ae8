import type { CakeSolid } from '../cake/solid';
import { addScaled, type Vec3 } from '../geometry/vec3';
import { sightQuadratic, type PlacedPiece } from './placement';

/** Where a sight meets the body of a piece first, as a length along it; null when it passes by. */
export function sightMeets(p: PlacedPiece, origin: Vec3, direction: Vec3): number | null {
  const { a, b, c } = sightQuadratic(p, origin, direction, p.spine.length ? 0.75 : 1, 1);
  const disc = b * b - a * c;
  if (disc < 0) return null;
  const t = (-b - Math.sqrt(disc)) / a;
  return t > 0 ? t : null;
}

/** The piece that a sight meets first, with the place; null when it meets none. */
export function pickPiece(
  heads: readonly PlacedPiece[],
  origin: Vec3,
  direction: Vec3,
): { index: number; alongMm: number } | null {
  let best: { index: number; alongMm: number } | null = null;
  heads.forEach((p, index) => {
    const alongMm = sightMeets(p, origin, direction);
    if (alongMm !== null && (!best || alongMm < best.alongMm)) best = { index, alongMm };
  });
  return best;
}

interface PickSkinOptions {
  solid: CakeSolid;
  origin: Vec3;
  direction: Vec3;
  liftMm: number;
}

/** Where a sight comes within `liftMm` of the cake's skin or its board; null when it passes the cake by. */
export function pickSkin({ solid, origin, direction, liftMm }: PickSkinOptions): Vec3 | null {
  let t = 0;
  for (let i = 0; i < 400 && t < 6000; i++) {
    const p = addScaled(origin, direction, t);
    const d = Math.min(solid.signedDistanceMm(p), p[2]) - liftMm;
    if (!Number.isFinite(d)) return null;
    if (d < 0.1) return p;
    t += Math.max(0.1, d * 0.9);
  }
  return null;
}
