import { Matrix4, Vector3 } from 'three';
import {
  applyDirection,
  applyPoint,
  chain,
  compose,
  frame,
  IDENTITY,
  rotationX,
  rotationY,
  rotationZ,
  scaling,
  translation,
  type Affine,
} from './affine';
import { seededRandom } from './random';
import type { Vec3 } from './vec3';

/** The same map in the reference library (three.js), whose matrices are written row by row. */
const reference = (m: Affine): Matrix4 => {
  const [a, b, c, d, e, f, g, h, i, x, y, z] = m as [number, number, number, number, number, number, number, number, number, number, number, number]; // prettier-ignore
  return new Matrix4().set(a, d, g, x, b, e, h, y, c, f, i, z, 0, 0, 0, 1);
};
const near = (ours: Vec3, theirs: Vector3) => {
  expect(ours[0]).toBeCloseTo(theirs.x, 9);
  expect(ours[1]).toBeCloseTo(theirs.y, 9);
  expect(ours[2]).toBeCloseTo(theirs.z, 9);
};
const random = seededRandom(11);
const point = (): Vec3 => [random() * 40 - 20, random() * 40 - 20, random() * 40 - 20];

describe('affine maps, against the matrices of three.js', () => {
  test.each([
    ['a turn about x', rotationX(0.7), new Matrix4().makeRotationX(0.7)],
    ['a turn about y', rotationY(-1.2), new Matrix4().makeRotationY(-1.2)],
    ['a turn about z', rotationZ(2.9), new Matrix4().makeRotationZ(2.9)],
    ['a shift', translation(3, -4, 5), new Matrix4().makeTranslation(3, -4, 5)],
    ['a scale', scaling(2.5), new Matrix4().makeScale(2.5, 2.5, 2.5)],
    ['nothing', IDENTITY, new Matrix4()],
  ])('%s', (_name, ours, theirs) => {
    for (let i = 0; i < 5; i++) {
      const p = point();
      near(applyPoint(ours, p), new Vector3(...p).applyMatrix4(theirs));
    }
  });

  test('one after another: the last named is done first', () => {
    const maps = [translation(1, 2, 3), rotationX(0.4), scaling(1.5), rotationZ(-0.9), translation(-7, 0, 2)];
    const theirs = maps.map(reference).reduce((a, b) => a.clone().multiply(b));
    for (let i = 0; i < 8; i++) {
      const p = point();
      near(applyPoint(chain(...maps), p), new Vector3(...p).applyMatrix4(theirs));
    }
    const p = point();
    const [moved, turned] = [translation(5, 0, 0), rotationZ(Math.PI / 2)];
    expect(applyPoint(compose(moved, turned), p)).toEqual(applyPoint(moved, applyPoint(turned, p)));
  });

  test('a direction is turned and scaled, never shifted', () => {
    const map = chain(translation(100, 100, 100), rotationY(0.3), scaling(2));
    const d = point();
    const there = applyPoint(map, d);
    const origin = applyPoint(map, [0, 0, 0]);
    const own = applyDirection(map, d);
    for (const k of [0, 1, 2] as const) expect(own[k]).toBeCloseTo(there[k] - origin[k], 9);
  });

  test('a frame takes the axes to where they are said to be', () => {
    const [x, y, z, o] = [point(), point(), point(), point()];
    const map = frame(x, y, z, o);
    expect(applyDirection(map, [1, 0, 0])).toEqual(x);
    expect(applyDirection(map, [0, 1, 0])).toEqual(y);
    expect(applyDirection(map, [0, 0, 1])).toEqual(z);
    expect(applyPoint(map, [0, 0, 0])).toEqual(o);
  });
});
