import {
  cumulativeLengthsMm,
  endDirection,
  hermite,
  pointAlong,
  polylineLengthMm,
  segmentDistance,
  smallestBendRadiusMm,
  nearestPoint,
} from './curve';
import { seededRandom } from './random';
import { distance, mix, normalize, sub, type Vec3 } from './vec3';

const circle = (r: number, n: number): Vec3[] =>
  Array.from({ length: n + 1 }, (_, i): Vec3 => [r * Math.cos((2 * Math.PI * i) / n), r * Math.sin((2 * Math.PI * i) / n), 0]);

describe('polylines', () => {
  test('a fine circle is 2πr long and bends with its radius', () => {
    expect(polylineLengthMm(circle(40, 720))).toBeCloseTo(2 * Math.PI * 40, 2);
    expect(smallestBendRadiusMm(circle(40, 720))).toBeCloseTo(40, 6);
  });

  test('a straight line has no bend, a point no length', () => {
    expect(
      smallestBendRadiusMm([
        [0, 0, 0],
        [1, 1, 1],
        [2, 2, 2],
      ]),
    ).toBe(Infinity);
    expect(polylineLengthMm([[1, 2, 3]])).toBe(0);
    expect(endDirection([[1, 2, 3]])).toEqual([0, 0, 1]);
  });

  test('a place along is held at the ends', () => {
    const line: Vec3[] = [
      [0, 0, 0],
      [10, 0, 0],
      [10, 20, 0],
    ];
    const lengths = cumulativeLengthsMm(line);
    expect(lengths).toEqual([0, 10, 30]);
    expect(pointAlong(line, lengths, 15)).toEqual([10, 5, 0]);
    expect(pointAlong(line, lengths, -3)).toEqual([0, 0, 0]);
    expect(pointAlong(line, lengths, 99)).toEqual([10, 20, 0]);
    expect(pointAlong([], [], 4)).toEqual([0, 0, 0]);
  });
});

test('a Hermite curve begins and ends where and as it should', () => {
  const p: Vec3 = [1, 2, 3];
  const q: Vec3 = [9, 4, -2];
  const curve = hermite(p, [0, 0, 12], q, [0, 8, 0], 200);
  expect(curve[0]).toEqual(p);
  expect(distance(curve[200]!, q)).toBeLessThan(1e-9);
  const first = normalize(sub(curve[1]!, curve[0]!));
  const last = normalize(sub(curve[200]!, curve[199]!));
  expect(first[2]).toBeGreaterThan(0.999);
  expect(last[1]).toBeGreaterThan(0.999);
});

describe('distance of two segments', () => {
  const brute = (a: Vec3, b: Vec3, c: Vec3, d: Vec3): number => {
    let least = Infinity;
    for (let i = 0; i <= 60; i++)
      for (let j = 0; j <= 60; j++) least = Math.min(least, distance(mix(a, b, i / 60), mix(c, d, j / 60)));
    return least;
  };

  test.each(Array.from({ length: 25 }, (_, i) => i + 1))('agrees with slow sampling, seed %i', (seed) => {
    const random = seededRandom(seed);
    const point = (): Vec3 => [random() * 60 - 30, random() * 60 - 30, random() * 60 - 30];
    const [a, b, c, d] = [point(), point(), point(), point()];
    const fast = segmentDistance(a, b, c, d);
    const slow = brute(a, b, c, d);
    expect(fast.mm).toBeLessThanOrEqual(slow + 1e-9);
    expect(slow - fast.mm).toBeLessThan(1.2);
    expect(distance(fast.on1, fast.on2)).toBeCloseTo(fast.mm, 9);
    expect(segmentDistance(c, d, a, b).mm).toBeCloseTo(fast.mm, 9);
  });

  test('crossing, parallel and single-point segments', () => {
    expect(segmentDistance([-1, 0, 0], [1, 0, 0], [0, -1, 0], [0, 1, 0]).mm).toBeCloseTo(0, 12);
    expect(segmentDistance([0, 0, 0], [10, 0, 0], [0, 3, 0], [10, 3, 0]).mm).toBeCloseTo(3, 12);
    expect(segmentDistance([0, 0, 0], [0, 0, 0], [3, 4, 0], [3, 4, 0]).mm).toBe(5);
  });
});

test('the nearest point of a line: on a piece, at a corner, at an end; of no line the place itself', () => {
  const line: Vec3[] = [[0, 0, 0], [10, 0, 0], [10, 10, 0]]; // prettier-ignore
  expect(nearestPoint(line, [4, 3, 0])).toEqual([4, 0, 0]);
  expect(nearestPoint(line, [14, -3, 0])).toEqual([10, 0, 0]);
  expect(nearestPoint(line, [9, 40, 2])).toEqual([10, 10, 0]);
  expect(nearestPoint([], [1, 2, 3])).toEqual([1, 2, 3]);
  expect(nearestPoint([[5, 5, 5]], [1, 2, 3])).toEqual([5, 5, 5]);
});
