import { kindCorners, kindKey, type Catalogue, type Kind } from './catalogue';
import { must } from '../geometry/must';
import type { Vec3 } from '../geometry/vec3';

/** Two points of a surface are no nearer than this share of the kind's size: a petal of a flower of 60 mm within 2 mm. */
const APART_SHARE = 1 / 30;
/** No kind reaches half of so many steps from its origin, and three such counts are one safe integer. */
const CELLS = 2 ** 16;
/** So many kinds are remembered. */
const MOST_KEPT = 600;

interface Surface {
  points: readonly Vec3[];
  /** no point is farther from the origin */
  reachMm: number;
}

const kept = new Map<string, Surface>();

/** Points all over the surface of a kind, every petal of it, in its model's own axes, mm. Every tip and edge has one near. */
export function surfacePoints(kind: Kind, catalogue: Catalogue): Surface {
  const key = kindKey(kind, catalogue);
  const known = kept.get(key);
  if (known) return known;
  const positions = kindCorners(kind, catalogue);
  const step = kind.sizeMm * APART_SHARE;
  const cells = new Map<number, Vec3>();
  for (let i = 0; i + 2 < positions.length; i += 3) {
    const at: Vec3 = [must(positions[i]), must(positions[i + 1]), must(positions[i + 2])];
    const cell = at.reduce((key, x) => key * CELLS + Math.round(x / step) + CELLS / 2, 0);
    // of those in one cell the outermost
    const there = cells.get(cell);
    if (!there || Math.hypot(...at) > Math.hypot(...there)) cells.set(cell, at);
  }
  const points = [...cells.values()];
  const surface: Surface = { points, reachMm: Math.max(0, ...points.map((at) => Math.hypot(...at))) };
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, surface);
  return surface;
}
