import { dearestPatterns } from './columnGeneration';
import highsLoader from 'highs';
import { seededRandom } from '../geometry/random';
import { cutLongestFirst, lowerBoundBars, type CutBar, type CutDemand } from './cutList';
import { cutOptimally, type IntegerSolver } from './cutOptimum';
import { solverFrom } from './solver';

let solve: IntegerSolver;
beforeAll(async () => {
  solve = solverFrom(await highsLoader());
});

const unrolled = (demands: readonly CutDemand[]): number[] =>
  demands.flatMap((d) => Array.from({ length: d.count }, () => d.lengthMm)).sort((a, b) => a - b);
const cutsOf = (bars: readonly CutBar[]): number[] => bars.flatMap((b) => b.cutsMm).sort((a, b) => a - b);

/** Every demand is cut exactly once, no bar holds more than the stock. */
function expectSound(bars: readonly CutBar[], demands: readonly CutDemand[], stockMm: number): void {
  expect(cutsOf(bars)).toEqual(unrolled(demands));
  for (const bar of bars) {
    const sum = bar.cutsMm.reduce((a, b) => a + b, 0);
    expect(sum).toBeLessThanOrEqual(stockMm + 1e-9);
    expect(bar.leftMm).toBeCloseTo(stockMm - sum, 6);
  }
}

describe('the paper-mill example printed with Gilmore and Gomory 1961 (values from memory)', () => {
  const WIDTHS: readonly [number, number][] = [
    [1380, 22],
    [1520, 25],
    [1560, 12],
    [1710, 14],
    [1820, 18],
    [1880, 18],
    [1930, 20],
    [2000, 10],
    [2050, 12],
    [2100, 14],
    [2140, 16],
    [2150, 18],
    [2200, 20],
  ];
  const demands = WIDTHS.map(([lengthMm, count]) => ({ lengthMm, count }));

  test('73 rolls of 5600, proven', () => {
    const plan = cutOptimally(demands, 5600, solve);
    expect(plan.bars).toHaveLength(73);
    expect(plan.proven).toBe(true);
    expectSound(plan.bars, demands, 5600);
  });

  test('the quick plan is sound and not better than the optimum', () => {
    const quick = cutLongestFirst(demands, 5600);
    expectSound(quick.bars, demands, 5600);
    expect(quick.bars.length).toBeGreaterThanOrEqual(73);
    expect(quick.boundBars).toBeLessThanOrEqual(73);
  });
});

/** Slow and plain: the fewest bars by trying every way, for a handful of pieces. */
function fewestBars(lengths: readonly number[], stockMm: number): number {
  let best = lengths.length;
  const walk = (i: number, left: number[]): void => {
    if (left.length >= best) return;
    if (i === lengths.length) {
      best = left.length;
      return;
    }
    const seen = new Set<number>();
    for (let k = 0; k < left.length; k++) {
      if (left[k]! >= lengths[i]! && !seen.has(left[k]!)) {
        seen.add(left[k]!);
        walk(
          i + 1,
          left.map((l, j) => (j === k ? l - lengths[i]! : l)),
        );
      }
    }
    walk(i + 1, [...left, stockMm - lengths[i]!]);
  };
  walk(0, []);
  return best;
}

describe('against the plain search on random lengths', () => {
  test.each(Array.from({ length: 14 }, (_, i) => i + 1))('seed %i', (seed) => {
    const random = seededRandom(seed);
    const lengths = Array.from({ length: 8 }, () => 40 + Math.round(random() * 200)).sort((a, b) => b - a);
    const demands = lengths.map((lengthMm) => ({ lengthMm, count: 1 }));
    const fewest = fewestBars(lengths, 360);
    const plan = cutOptimally(demands, 360, solve);
    expect(plan.bars.length).toBe(fewest);
    expect(plan.proven).toBe(true);
    expect(lowerBoundBars(lengths, 360)).toBeLessThanOrEqual(fewest);
    expect(cutLongestFirst(demands, 360).bars.length).toBeGreaterThanOrEqual(fewest);
    expectSound(plan.bars, demands, 360);
  });
});

describe('sixty different lengths: proven, and every wire there', () => {
  test.each([3, 7, 9])('seed %i', (seed) => {
    const draw = seededRandom(seed);
    const lengths = new Set<number>();
    while (lengths.size < 60) lengths.add(40 + Math.floor(draw() * 180));
    const demands = [...lengths].map((lengthMm) => ({ lengthMm, count: 1 + Math.floor(draw() * 4) }));
    const plan = cutOptimally(demands, 360, solve);
    expect(plan.proven).toBe(true);
    expect(plan.bars.length).toBeLessThan(cutLongestFirst(demands, 360).bars.length);
    expectSound(plan.bars, demands, 360);
  });
});

test('the limits are of work, not of time: the same lengths give the same bars at every asking, thirty to sixty of them all proven', () => {
  for (const seed of [7, 10, 19]) {
    const random = seededRandom(seed);
    const demands = Array.from({ length: 30 + Math.floor(random() * 31) }, () => ({
      lengthMm: Math.round(60 + random() * 200),
      count: 1 + Math.floor(random() * 12),
    }));
    const [first, again] = [cutOptimally(demands, 360, solve), cutOptimally(demands, 360, solve)];
    expect(again).toEqual(first);
    expect(first.proven).toBe(true);
    expectSound(first.bars, demands, 360);
  }
});

describe('bad input', () => {
  test('lengths that the stock does not hold are named, the rest is cut', () => {
    const plan = cutLongestFirst(
      [
        { lengthMm: 400, count: 2 },
        { lengthMm: 100, count: 1 },
      ],
      360,
    );
    expect(plan.tooLong).toEqual([{ lengthMm: 400, count: 2 }]);
    expect(plan.bars).toHaveLength(1);
  });

  test('nothing to cut, zero counts', () => {
    expect(cutLongestFirst([], 360)).toMatchObject({ bars: [], boundBars: 0, proven: true });
    expect(cutOptimally([{ lengthMm: 80, count: 0 }], 360, solve).bars).toEqual([]);
  });

  test('a solver that gives up leaves the quick plan, honestly unproven', () => {
    const demands = [
      { lengthMm: 200, count: 3 },
      { lengthMm: 150, count: 3 },
      { lengthMm: 120, count: 4 },
      { lengthMm: 130, count: 5 },
      { lengthMm: 110, count: 5 },
    ];
    const quick = cutLongestFirst(demands, 360);
    const plan = cutOptimally(demands, 360, () => null);
    expect(plan.bars.length).toBe(quick.bars.length);
    expect(plan.proven).toBe(quick.proven);
  });

  test.each([1, 2, 3, 4, 5, 6])('sixty different lengths, seed %i: proven by prices, and cut soundly', (seed) => {
    const random = seededRandom(seed);
    const lengths = new Set<number>();
    while (lengths.size < 60) lengths.add(40 + Math.floor(random() * 180));
    const demands = [...lengths].map((lengthMm) => ({ lengthMm, count: 1 + Math.floor(random() * 4) }));
    const plan = cutOptimally(demands, 360, solve);
    expectSound(plan.bars, demands, 360);
    expect(plan.proven).toBe(true);
    expect(plan.bars.length).toBe(plan.boundBars);
    expect(plan.bars.length).toBeLessThanOrEqual(cutLongestFirst(demands, 360).bars.length);
  });

  test('generated columns and all patterns prove the same number of bars', () => {
    for (const seed of [11, 12, 13, 14, 15]) {
      const random = seededRandom(seed);
      const demands = Array.from({ length: 7 }, () => ({
        lengthMm: 60 + Math.floor(random() * 120),
        count: 1 + Math.floor(random() * 5),
      }));
      const byAll = cutOptimally(demands, 360, solve);
      const byPrices = cutOptimally(demands, 360, solve, 0);
      expect(byAll.proven).toBe(true);
      expect(byPrices.boundBars).toBeLessThanOrEqual(byAll.bars.length);
      if (byPrices.proven) expect(byPrices.bars.length).toBe(byAll.bars.length);
    }
  });

  test.each([21, 22, 23, 24])('the dearest filling of a bar, seed %i, is what trying everything finds', (seed) => {
    const random = seededRandom(seed);
    const sizes = Array.from({ length: 4 }, () => 5 + Math.floor(random() * 20));
    const counts = sizes.map(() => 1 + Math.floor(random() * 3));
    const prices = sizes.map(() => random());
    let most = 0;
    const walk = (k: number, left: number, worth: number): void => {
      most = Math.max(most, worth);
      if (k === sizes.length) return;
      for (let n = 0; n <= counts[k]! && n * sizes[k]! <= left; n++) walk(k + 1, left - n * sizes[k]!, worth + n * prices[k]!);
    };
    walk(0, 60, 0);
    const [best] = dearestPatterns({ sizes, counts, prices, room: 60 });
    expect(best!.worth).toBeCloseTo(most, 9);
    expect(best!.pattern.reduce((a, n, i) => a + n * prices[i]!, 0)).toBeCloseTo(most, 9);
    expect(best!.pattern.reduce((a, n, i) => a + n * sizes[i]!, 0)).toBeLessThanOrEqual(60);
    best!.pattern.forEach((n, i) => expect(n).toBeLessThanOrEqual(counts[i]!));
  });

  test('lengths finer than a tenth of a millimetre are cut but not claimed to be the fewest', () => {
    const demands = Array.from({ length: 40 }, (_, i) => ({ lengthMm: 41.003 + i * 3, count: 2 }));
    const plan = cutOptimally(demands, 360, solve, 100);
    expectSound(plan.bars, demands, 360);
    expect(plan.boundBars).toBeLessThanOrEqual(plan.bars.length);
  });
});
