import { PointGrid } from './pointGrid';
import { seededRandom } from './random';
import type { Vec3 } from './vec3';

const random = seededRandom(12);
const points = Array.from({ length: 400 }, (): Vec3 => [random() * 300 - 150, random() * 300 - 150, random() * 200]);

/** Every point looked at, one by one. */
const plainly = (at: Vec3, radius: number): number[] =>
  points.flatMap((p, i) => (Math.hypot(p[0] - at[0], p[1] - at[1], p[2] - at[2]) < radius ? [i] : []));

test.each([5, 30, 80])('finds just what looking at every point finds, boxes of %i', (size) => {
  const grid = new PointGrid(points, size);
  for (let i = 0; i < 60; i++) {
    const at: Vec3 = [random() * 400 - 200, random() * 400 - 200, random() * 260 - 30];
    const radius = random() * 90;
    const found: number[] = [];
    grid.within(at, radius, (k) => found.push(k));
    expect(found.sort((a, b) => a - b)).toEqual(plainly(at, radius));
  }
});

test('in the same order each time, and nothing for no reach or no points', () => {
  const grid = new PointGrid(points, 30);
  const once: number[] = [];
  const again: number[] = [];
  grid.within([0, 0, 80], 70, (k) => once.push(k));
  grid.within([0, 0, 80], 70, (k) => again.push(k));
  expect(again).toEqual(once);
  const none: number[] = [];
  grid.within([0, 0, 0], 0, (k) => none.push(k));
  new PointGrid([], 10).within([0, 0, 0], 50, (k) => none.push(k));
  expect(none).toEqual([]);
});
