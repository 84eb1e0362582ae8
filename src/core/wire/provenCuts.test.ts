import highsLoader from 'highs';
import { cutLongestFirst, type CutDemand } from './cutList';
import type { IntegerSolver } from './cutOptimum';
import { ProvenCuts, provenRows } from './provenCuts';
import { solverFrom } from './solver';

/** Longest first lays 181 + 150, 109 + 100 + 100 and 79: three wires. By hand two do. */
const STOCK_MM = 360;
const HARD: CutDemand[] = [
  { lengthMm: 181, count: 1 },
  { lengthMm: 150, count: 1 },
  { lengthMm: 109, count: 1 },
  { lengthMm: 100, count: 2 },
  { lengthMm: 79, count: 1 },
];
const row = (demands: CutDemand[]) => ({ name: 'row', demands, least: cutLongestFirst(demands, STOCK_MM) });

let solve: IntegerSolver;
let asked = 0;
beforeAll(async () => {
  const plain = solverFrom(await highsLoader());
  solve = (lp) => {
    asked++;
    return plain(lp);
  };
});

test('what longest first cannot prove is proven, and the row keeps the rest', () => {
  // 181 + 79 + 100 and 150 + 109 + 100: two wires, 719 of 720 mm
  expect(row(HARD).least).toMatchObject({ proven: false });
  expect(row(HARD).least.bars.length).toBe(3);
  const [best] = provenRows([row(HARD)], STOCK_MM, solve);
  expect(best).toMatchObject({ name: 'row', least: { proven: true } });
  expect(best!.least.bars.length).toBe(2);
  expect(best!.least.bars.flatMap((b) => b.cutsMm).sort((a, b) => b - a)).toEqual([181, 150, 109, 100, 100, 79]);
});

test('a list is proven once, and known for other rows; another stock length is another list', () => {
  const own = new ProvenCuts();
  const before = asked;
  own.prove([HARD], STOCK_MM, solve);
  const once = asked - before;
  expect(once).toBeGreaterThan(0);
  own.prove([HARD, HARD], STOCK_MM, solve);
  expect(asked - before).toBe(once);
  expect(own.best([row(HARD)], STOCK_MM)[0]!.least.bars.length).toBe(2);
  expect(own.best([row(HARD)], 400)[0]!.least).toEqual(row(HARD).least);
});

test('a solver that gives up leaves the quick plan', () => {
  const [kept] = provenRows([row(HARD)], STOCK_MM, () => null);
  expect(kept!.least.bars.length).toBe(3);
  expect(kept!.least.proven).toBe(false);
});
