import type { Catalogue } from '../botany/catalogue';
import { surfacePoints } from '../botany/surfacePoints';
import { eatenAt } from '../cake/eatenAt';
import type { CakeSolid } from '../cake/solid';
import { applyPoint } from '../geometry/affine';
import { dot, sub, type Vec3 } from '../geometry/vec3';
import { modelOf, pieceMap } from './modelled';
import type { PlacedPiece } from './placement';

/** How deep a piece reaches into what is eaten, mm, and where it is deepest. */
export interface Sunk {
  deepMm: number;
  at: Vec3;
}

/** What of a head lies farther back than this behind its foot is drawn of its stem, and looked at with the stems. mm */
const STEM_BEGINS_MM = 1;

/** What was found last for a piece, for as long as it and the cake are the same. */
const lastSunk = new WeakMap<PlacedPiece, { solid: CakeSolid; sunk: Sunk | null }>();

/** How deep any point of a piece's drawn surface lies under an eaten face of any tier; null where none does. */
export function intoEaten(p: PlacedPiece, solid: CakeSolid, catalogue: Catalogue): Sunk | null {
  const last = lastSunk.get(p);
  if (last?.solid === solid) return last.sunk;
  const sunk = deepest(p, solid, catalogue);
  lastSunk.set(p, { solid, sunk });
  return sunk;
}

interface Reach {
  points: readonly Vec3[];
  /** where a point is and how deep under an eaten face; null where that is no deeper than `thanMm` */
  deeper: (point: Vec3, thanMm: number) => Sunk | null;
}

/** What of a piece can be in the cake; null where it is too far away. */
function reachOf(p: PlacedPiece, solid: CakeSolid, catalogue: Catalogue): Reach | null {
  const model = modelOf(p);
  const { points, reachMm } = surfacePoints(model, catalogue);
  const origin = p.spine.length ? p.base : p.centre;
  if (solid.signedDistanceMm(origin) > (reachMm * p.piece.sizeMm) / model.sizeMm) return null;
  const map = pieceMap(p);
  const deeper = (point: Vec3, thanMm: number): Sunk | null => {
    const at = applyPoint(map, point);
    if (p.spine.length === 0 && dot(sub(at, p.base), p.axis) < -STEM_BEGINS_MM) return null;
    const deepMm = -solid.signedDistanceMm(at);
    return deepMm > thanMm && eatenAt(solid, at) ? { deepMm, at } : null;
  };
  return { points, deeper };
}

function deepest(p: PlacedPiece, solid: CakeSolid, catalogue: Catalogue): Sunk | null {
  const reach = reachOf(p, solid, catalogue);
  if (!reach) return null;
  return reach.points.reduce<Sunk | null>((sunk, point) => reach.deeper(point, sunk?.deepMm ?? 0) ?? sunk, null);
}

/** A point of a piece, in its model's own axes, that lies deeper in what is eaten than `limitMm`; `first` is tried first. Null where none does. */
export function pointDeeper(
  p: PlacedPiece,
  { solid, catalogue, limitMm, first }: { solid: CakeSolid; catalogue: Catalogue; limitMm: number; first: Vec3 | null },
): Vec3 | null {
  const reach = reachOf(p, solid, catalogue);
  if (!reach) return null;
  const isDeeper = (point: Vec3): boolean => reach.deeper(point, limitMm) !== null;
  return first && isDeeper(first) ? first : (reach.points.find(isDeeper) ?? null);
}
