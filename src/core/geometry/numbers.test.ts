import { band, clamp, correlation, degToRad, GOLDEN_ANGLE_RAD, lerp, mean, radToDeg, smoothstep, TAU, wrapRad } from './numbers';

test('the golden angle parts a turn in the golden ratio (H. Vogel 1979): 137.508°', () => {
  expect(radToDeg(GOLDEN_ANGLE_RAD)).toBeCloseTo(137.508, 3);
  expect((TAU - GOLDEN_ANGLE_RAD) / GOLDEN_ANGLE_RAD).toBeCloseTo((1 + Math.sqrt(5)) / 2, 9);
});

test('degrees and radians, there and back', () => {
  expect(degToRad(180)).toBeCloseTo(Math.PI, 12);
  expect(radToDeg(degToRad(33.3))).toBeCloseTo(33.3, 12);
});

test.each([
  [-1, 0],
  [0, 0],
  [0.4, 0.4],
  [1, 1],
  [7, 1],
])('clamp %f to %f', (x, held) => expect(clamp(x)).toBe(held));

test('clamp between other bounds, lerp beyond its ends', () => {
  expect([clamp(5, 10, 20), clamp(15, 10, 20), clamp(25, 10, 20)]).toEqual([10, 15, 20]);
  expect([lerp(10, 20, 0), lerp(10, 20, 0.25), lerp(10, 20, 1), lerp(10, 20, 2)]).toEqual([10, 12.5, 20, 30]);
});

test('smoothstep is 3t² − 2t³ between its ends, flat outside and at both', () => {
  expect([smoothstep(2, 4, 1), smoothstep(2, 4, 2), smoothstep(2, 4, 3), smoothstep(2, 4, 4), smoothstep(2, 4, 9)]).toEqual([
    0, 0, 0.5, 1, 1,
  ]);
  expect(smoothstep(0, 1, 0.25)).toBeCloseTo(3 * 0.25 ** 2 - 2 * 0.25 ** 3, 12);
  expect(smoothstep(3, 3, 2)).toBe(0);
  expect(smoothstep(3, 3, 4)).toBe(1);
});

test('a band is 1 inside and falls on either side alike', () => {
  expect([band(0, 10, 20, 5), band(5, 10, 20, 5), band(7.5, 10, 20, 5), band(10, 10, 20, 5)]).toEqual([0, 0, 0.5, 1]);
  expect([band(15, 10, 20, 5), band(20, 10, 20, 5), band(22.5, 10, 20, 5), band(30, 10, 20, 5)]).toEqual([1, 1, 0.5, 0]);
});

test('the mean, of nothing too', () => {
  expect(mean([1, 2, 6])).toBe(3);
  expect(mean([])).toBe(0);
});

test.each([
  [0, 0],
  [Math.PI * 1.5, -Math.PI / 2],
  [-Math.PI * 1.5, Math.PI / 2],
  [TAU * 3 + 0.1, 0.1],
])('an angle of %f is %f within half a turn', (rad, wrapped) => expect(wrapRad(rad)).toBeCloseTo(wrapped, 9));

describe('correlation (K. Pearson 1895)', () => {
  test('a worked value: 1 2 3 4 against 2 1 4 3 is 0.6', () => {
    expect(correlation([1, 2, 3, 4], [2, 1, 4, 3])).toBeCloseTo(0.6, 12);
  });
  test('a straight line is 1 or −1, whatever its slope; what does not vary has none', () => {
    expect(correlation([1, 2, 3], [10, 30, 50])).toBeCloseTo(1, 12);
    expect(correlation([1, 2, 3], [5, 4, 3])).toBeCloseTo(-1, 12);
    expect(correlation([1, 2, 3], [7, 7, 7])).toBe(0);
    expect(correlation([2, 2, 2], [1, 2, 3])).toBe(0);
  });
});
