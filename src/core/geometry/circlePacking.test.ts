import fc from 'fast-check';
import { enclosingDiameter, estimateEnclosingDiameter } from './circlePacking';

/**
 * Enclosing radius over radius of equal circles: R. L. Graham, B. D. Lubachevsky, K. J. Nurmela, P. R. J. Östergård, "Dense
 * packings of congruent circles in a circle", 1998, and the tables that follow it. Values from memory.
 */
const BEST_KNOWN: readonly number[] = [
  NaN,
  1,
  2,
  2.1547,
  2.4142,
  2.7013,
  3,
  3,
  3.3048,
  3.6131,
  3.813,
  3.9238,
  4.0296,
  4.2361,
  4.3284,
  4.5214,
  4.6154,
  4.792,
  4.8637,
  4.8637,
  5.1223,
];

describe('equal circles in a circle', () => {
  test.each(BEST_KNOWN.slice(1).map((ratio, i) => [i + 1, ratio] as const))('%i circles: %f', (n, ratio) => {
    const got = enclosingDiameter(Array.from({ length: n }, () => 1));
    expect(got).toBeGreaterThan(ratio * 0.9995);
    expect(got).toBeLessThan(ratio * 1.015);
  });

  test.each(BEST_KNOWN.slice(2).map((ratio, i) => [i + 2, ratio] as const))(
    'the quick rule is within −2 … +8 % for %i',
    (n, ratio) => {
      const quick = estimateEnclosingDiameter(Array.from({ length: n }, () => 1));
      expect(quick / ratio).toBeGreaterThan(0.97);
      expect(quick / ratio).toBeLessThan(1.08);
    },
  );
});

describe('mixed circles', () => {
  test('nothing, one, two', () => {
    expect(enclosingDiameter([])).toBe(0);
    expect(enclosingDiameter([0.7])).toBe(0.7);
    expect(enclosingDiameter([0.7, 0.4])).toBeCloseTo(1.1, 12);
    expect(enclosingDiameter([0, -1, 0.5])).toBe(0.5);
  });

  test('three different circles that touch each other and the outer one (Soddy; Descartes’ theorem)', () => {
    const [a, b, c] = [3, 2, 1];
    const [ka, kb, kc] = [1 / a, 1 / b, 1 / c];
    const outer = 1 / (2 * Math.sqrt(ka * kb + kb * kc + kc * ka) - (ka + kb + kc));
    const got = enclosingDiameter([6, 4, 2]) / 2;
    // the three fit beside each other in the two largest side by side or in Soddy's circle, whichever is larger
    expect(got).toBeGreaterThanOrEqual(Math.max(a + b, 0) - 1e-9);
    expect(got).toBeLessThan(Math.max(outer, a + b) * 1.01);
  });

  test('never smaller than area or the two thickest allow, seeds 1–60', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.25, max: 1.3, noNaN: true }), { minLength: 1, maxLength: 9 }), (diameters) => {
        const got = enclosingDiameter(diameters, 3);
        const area = Math.sqrt(diameters.reduce((t, d) => t + d * d, 0));
        const two = [...diameters]
          .sort((x, y) => y - x)
          .slice(0, 2)
          .reduce((t, d) => t + d, 0);
        expect(got).toBeGreaterThanOrEqual(Math.max(area, two) - 1e-6);
        expect(got).toBeLessThan(area * 1.6 + two * 0.3);
      }),
      { seed: 1, numRuns: 60 },
    );
  });

  test('same input, same answer, in any order', () => {
    expect(enclosingDiameter([0.4, 0.9, 0.6, 0.6])).toBe(enclosingDiameter([0.6, 0.6, 0.9, 0.4]));
  });
});
