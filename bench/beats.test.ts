import { composeAll } from '../src/core/compose/composer';
import { seededRandom } from '../src/core/geometry/random';
import { greedyPieces, randomPieces, scoreOf } from '../src/core/testing/baselines';
import { benchCases } from './cases';
import { faultsOf } from './faults';

/** The smaller of the eighteen jobs; `npm run bench` measures them all. */
const MOST_PIECES = 28;
const cases = benchCases().filter((c) => c.request.counts!.reduce((a, k) => a + k.count, 0) <= MOST_PIECES);

test('all eighteen jobs can be read, every form is among them, from a handful of pieces to about 300', () => {
  const all = benchCases();
  expect(all).toHaveLength(18);
  expect(new Set(all.map((c) => c.request.arrangement.line.form)).size).toBe(11);
  const counts = all.map((c) => c.request.counts!.reduce((a, k) => a + k.count, 0));
  expect(Math.min(...counts)).toBeLessThan(12);
  expect(Math.max(...counts)).toBeGreaterThan(240);
  expect(cases.length).toBeGreaterThan(6);
});

describe.each(cases.map((c) => [c.name, c.request] as const))('%s', (_name, request) => {
  const found = composeAll(request)[0]!.arrangement;
  const { cake } = request;

  test('scores above a greedy largest-first placement and above the best of 200 random ones', () => {
    const own = scoreOf(cake, found);
    const kinds = request.counts!;
    expect(own).toBeGreaterThan(scoreOf(cake, { ...found, pieces: greedyPieces(cake, request.arrangement, kinds) }));
    let best = 0;
    for (let i = 0; i < 200; i++)
      best = Math.max(best, scoreOf(cake, { ...found, pieces: randomPieces(kinds, seededRandom(i + 1)) }));
    expect(own).toBeGreaterThan(best);
  });

  test('no head runs into another or the cake by more than 1 mm, the leading flowers are odd, neighbours look apart', () => {
    const { pressMm, intoCakeMm, focals, alikeDeg } = faultsOf(cake, found);
    expect(pressMm).toBeLessThanOrEqual(1);
    expect(intoCakeMm).toBeLessThanOrEqual(1);
    if (focals) expect(focals % 2).toBe(1);
    expect(alikeDeg).toBeGreaterThan(12);
  });
});
