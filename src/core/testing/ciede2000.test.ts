import { differenceCiede2000 } from 'culori';
import { ciede2000, deltaE00 } from './ciede2000';

/** Pairs of the supplementary test data of Sharma, Wu and Dalal, 2005 (table 1). */
test.each([
  [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
  [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
  [[50, 2.8361, -74.02], [50, 0, -82.7485], 3.4412],
  [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1.0],
  [[50, 2.5, 0], [73, 25, -18], 27.1492],
  [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
  [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
] as const)('%j and %j differ by %f', (a, b, want) => {
  expect(deltaE00(a, b)).toBeCloseTo(want, 4);
});

test('the library that the readings use agrees with it', () => {
  const difference = differenceCiede2000();
  for (const [a, b] of [
    ['#a52f52', '#eadfc2'],
    ['#b487cf', '#f1ecec'],
    ['#f28f16', '#f3c83c'],
    ['#3f5e78', '#8fb0bd'],
  ] as const)
    expect(Math.abs(ciede2000(a, b) - difference(a, b))).toBeLessThan(0.02);
});
