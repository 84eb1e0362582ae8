import {
  applyDirection,
  applyPoint,
  chain,
  compose,
  IDENTITY,
  rotationX,
  rotationY,
  rotationZ,
  scaling,
  translation,
} from './affine';
import { clamp, correlation, band, GOLDEN_ANGLE_RAD, lerp, mean, radToDeg, smoothstep, wrapRad } from './numbers';
import { gaussian, seededRandom, seedFromText } from './random';
import {
  add,
  angleBetween,
  anyPerpendicular,
  cross,
  dot,
  length,
  nearestOnSegment,
  normalize,
  rotateAbout,
  type Vec3,
} from './vec3';

const randomVectors = (seed: number, n: number): Vec3[] => {
  const random = seededRandom(seed);
  return Array.from({ length: n }, (): Vec3 => [random() * 2 - 1, random() * 2 - 1, random() * 2 - 1]);
};

describe('vectors', () => {
  test('right-handed: x × y = z', () => {
    expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
  });

  test('a perpendicular is square and of unit length, seed 3', () => {
    for (const v of randomVectors(3, 40)) {
      const axis = normalize(v);
      const p = anyPerpendicular(axis);
      expect(Math.abs(dot(axis, p))).toBeLessThan(1e-12);
      expect(length(p)).toBeCloseTo(1, 12);
    }
  });

  test('turning about an axis keeps length and the part along the axis; four quarter turns come home, seed 5', () => {
    const [axisRaw, ...vectors] = randomVectors(5, 12);
    const axis = normalize(axisRaw!);
    for (const v of vectors) {
      const turned = rotateAbout(v, axis, 1.1);
      expect(length(turned)).toBeCloseTo(length(v), 12);
      expect(dot(turned, axis)).toBeCloseTo(dot(v, axis), 12);
      let home = v;
      for (let i = 0; i < 4; i++) home = rotateAbout(home, axis, Math.PI / 2);
      expect(length(add(home, [-v[0], -v[1], -v[2]]))).toBeLessThan(1e-12);
    }
  });

  test('a zero vector gives the fallback, never NaN', () => {
    expect(normalize([0, 0, 0])).toEqual([0, 0, 1]);
    expect(angleBetween([0, 0, 0], [1, 0, 0])).toBe(0);
    expect(nearestOnSegment([5, 0, 0], [1, 1, 1], [1, 1, 1]).pointMm).toEqual([1, 1, 1]);
  });
});

describe('affine maps', () => {
  test('first b, then a', () => {
    const map = chain(translation(10, 0, 0), rotationZ(Math.PI / 2), scaling(2));
    const p = applyPoint(map, [1, 0, 0]);
    expect(p[0]).toBeCloseTo(10, 12);
    expect(p[1]).toBeCloseTo(2, 12);
    expect(applyDirection(map, [1, 0, 0])[0]).toBeCloseTo(0, 12);
  });

  test('turns are right-handed about their axes', () => {
    expect(applyPoint(rotationX(Math.PI / 2), [0, 1, 0])[2]).toBeCloseTo(1, 12);
    expect(applyPoint(rotationY(Math.PI / 2), [0, 0, 1])[0]).toBeCloseTo(1, 12);
    expect(compose(IDENTITY, rotationZ(0.3))).toEqual(rotationZ(0.3));
  });
});

describe('numbers', () => {
  test('the golden angle is 137.508° (Vogel 1979; value from memory)', () => {
    expect(radToDeg(GOLDEN_ANGLE_RAD)).toBeCloseTo(137.508, 3);
  });

  test('bounds, steps and bands', () => {
    expect(clamp(3, 0, 2)).toBe(2);
    expect(lerp(2, 4, 0.25)).toBe(2.5);
    expect(smoothstep(0, 1, 0.5)).toBeCloseTo(0.5, 12);
    expect(smoothstep(2, 2, 3)).toBe(1);
    expect(band(1.3, 0, 1, 0.5)).toBeCloseTo(0.4, 12);
    expect(mean([])).toBe(0);
    expect(wrapRad(3 * Math.PI)).toBeCloseTo(-Math.PI, 9);
  });

  test('correlation of lines and of things that do not vary', () => {
    expect(correlation([1, 2, 3], [2, 4, 6])).toBeCloseTo(1, 12);
    expect(correlation([1, 2, 3], [6, 4, 2])).toBeCloseTo(-1, 12);
    expect(correlation([1, 1, 1], [1, 2, 3])).toBe(0);
  });
});

describe('randomness', () => {
  test('the same seed gives the same numbers; another seed others', () => {
    const a = seededRandom(42);
    const b = seededRandom(42);
    const c = seededRandom(43);
    const first = [a(), a(), a()];
    expect([b(), b(), b()]).toEqual(first);
    expect([c(), c(), c()]).not.toEqual(first);
  });

  test('numbers are spread evenly over 0…1, seed 7', () => {
    const random = seededRandom(7);
    const bins = new Array<number>(10).fill(0);
    for (let i = 0; i < 20_000; i++) bins[Math.floor(random() * 10)]! += 1;
    for (const n of bins) expect(Math.abs(n - 2000)).toBeLessThan(200);
  });

  test('normal numbers have mean 0 and deviation 1, seed 8', () => {
    const random = seededRandom(8);
    const values = Array.from({ length: 20_000 }, () => gaussian(random));
    expect(Math.abs(mean(values))).toBeLessThan(0.03);
    expect(Math.abs(Math.sqrt(mean(values.map((v) => v * v))) - 1)).toBeLessThan(0.03);
  });

  test('a text always gives the same seed (FNV-1a of "a" is e40c292c)', () => {
    expect(seedFromText('a').toString(16)).toBe('e40c292c');
  });
});
