import { PointGrid } from '../geometry/pointGrid';
import { anyPerpendicular, cross, dot, type Vec3 } from '../geometry/vec3';
import { must } from '../geometry/must';
import { coversSight, outlineShareOf, reachMm, type PlacedPiece } from './placement';

/**
 * Whether a piece stands between a root and the eye; `reach2` is its reach squared. The quick look comes first: most pieces stand
 * nowhere near the sight.
 */
export function hides(q: PlacedPiece, reach2: number, root: Vec3, toEye: Vec3): boolean {
  const { centre } = q;
  const x = centre[0] - root[0];
  const y = centre[1] - root[1];
  const z = centre[2] - root[2];
  const before = x * toEye[0] + y * toEye[1] + z * toEye[2];
  return before > 0 && x * x + y * y + z * z - before * before <= reach2 && coversSight(q, root, toEye, outlineShareOf(q));
}

export const reach2Of = (p: PlacedPiece): number => reachMm(p) ** 2;

/** Heads as they lie before the eye of each view, so that those on a line of sight are found without looking at the rest. */
export class SightGrid {
  private readonly reach2: readonly number[];
  private readonly mostMm: number;
  private readonly grids: readonly { toFlat: (p: Vec3) => Vec3; toEye: Vec3; grid: PointGrid }[];

  constructor(
    private readonly heads: readonly PlacedPiece[],
    views: readonly Vec3[],
  ) {
    this.reach2 = heads.map(reach2Of);
    // no head on the line of sight lies farther off it than the widest reaches
    this.mostMm = Math.sqrt(Math.max(1, ...this.reach2)) + 0.01;
    this.grids = views.map((toEye) => {
      const x = anyPerpendicular(toEye);
      const y = cross(toEye, x);
      const toFlat = (p: Vec3): Vec3 => [dot(p, x), dot(p, y), 0];
      return {
        toFlat,
        toEye,
        grid: new PointGrid(
          heads.map((h) => toFlat(h.centre)),
          this.mostMm,
        ),
      };
    });
  }

  /** How many heads hide a place from the eye of a view, but for one that does not count. */
  hiding(at: Vec3, view: number, except = -1): number {
    const own = must(this.grids[view]);
    let count = 0;
    own.grid.within(own.toFlat(at), this.mostMm, (i) => {
      if (i !== except && hides(must(this.heads[i]), must(this.reach2[i]), at, own.toEye)) count++;
    });
    return count;
  }
}
