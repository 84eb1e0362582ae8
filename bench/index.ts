import KDBush from 'kdbush';
import { PointGrid } from '../src/core/geometry/pointGrid';
import { seededRandom } from '../src/core/geometry/random';
import type { Vec3 } from '../src/core/geometry/vec3';

const QUERIES = 20_000;

/**
 * Our grid of points against a well-known index for points in a plane, both asked for all points within a reach of a place, as
 * the balance asks for cells under a piece. The library knows two dimensions only: the comparison is made in a plane.
 */
export function compareIndex(): string {
  const random = seededRandom(11);
  const points = Array.from({ length: 1800 }, (): Vec3 => [random() * 500, random() * 500, 0]);
  const places = Array.from({ length: QUERIES }, (): Vec3 => [random() * 500, random() * 500, 0]);
  const timed = (work: () => number) => {
    work();
    const from = performance.now();
    const found = work();
    return { found, ms: performance.now() - from };
  };
  const buildOurs = timed(() => (new PointGrid(points, 30) ? 1 : 0));
  const buildTheirs = timed(() => (kdbushOf(points) ? 1 : 0));
  const grid = new PointGrid(points, 30);
  const tree = kdbushOf(points);
  return [15, 40, 90]
    .map((reach) => {
      const ours = timed(() => {
        let found = 0;
        for (const at of places) grid.within(at, reach, () => found++);
        return found;
      });
      const theirs = timed(() => {
        let found = 0;
        for (const [x, y] of places) found += tree.within(x, y, reach).length;
        return found;
      });
      const agree = ours.found === theirs.found ? '' : ' (THEY DIFFER)';
      return `within ${reach} mm the library takes ${(theirs.ms / ours.ms).toFixed(2)} times as long${agree}`;
    })
    .concat(`to build ${(buildTheirs.ms / buildOurs.ms).toFixed(2)} times`)
    .join('; ');
}

function kdbushOf(points: readonly Vec3[]): KDBush {
  const tree = new KDBush(points.length);
  for (const [x, y] of points) tree.add(x, y);
  tree.finish();
  return tree;
}
