import { randomShop, simpleShop } from '../testing/dayShops';
import { breaches } from './breaches';
import { schedule } from './improve';
import { chainOf, leewayOf, type Leeway } from './leeway';
import type { PlacedTask, Work } from './schedule';
import { SKILLS, type Window } from './windows';

const MAKER = { name: 'you', hours: [], can: SKILLS, away: [] };
/** Three evenings of two hours, days 1 to 3, from 18 o’clock. */
const EVENINGS: Window[] = [1, 2, 3].map((d) => ({
  maker: 0,
  day: d * 1440,
  from: d * 1440 + 18 * 60,
  to: d * 1440 + 20 * 60,
}));
const END = 3 * 1440 + 20 * 60;
const work = (id: string, change: Partial<Work> = {}): Work => ({
  id,
  duration: 60,
  after: [],
  skill: 'making',
  likeness: id,
  dries: null,
  ...change,
});
const at = (id: string, window: number, minute = 0): PlacedTask => {
  const from = EVENINGS[window]!.from + minute;
  return { id, maker: 0, window, from, to: from + 60 };
};
const shop = simpleShop(MAKER, EVENINGS, END);

test('a chain of two with a night between: the first is held by what waits for it, the last by the end', () => {
  const works = [work('petals'), work('dust', { after: [{ id: 'petals', wait: 20 * 60 }] })];
  const placed = [at('petals', 1, 60), at('dust', 2, 60)];
  const leeway = leewayOf(placed, works, shop);
  expect(leeway.map((l) => [l.id, l.heldBy])).toEqual([
    ['petals', { why: 'waited for', id: 'dust' }],
    ['dust', { why: 'end' }],
  ]);
  expect(chainOf(leeway)).toEqual(['petals', 'dust']);
});

test('with one pair of hands, what is done afterwards holds what comes before', () => {
  const works = [work('a'), work('b')];
  const placed = [at('a', 2, 0), at('b', 2, 60)];
  expect(leewayOf(placed, works, shop)[0]!.heldBy).toEqual({ why: 'hands', id: 'b' });
});

test('where hands are free and nothing waits, only a place to dry keeps it', () => {
  const works = [work('a', { dries: { pool: 'rack', places: 2, minutes: 600 } })];
  expect(leewayOf([at('a', 0)], works, shop)[0]!.heldBy).toEqual({ why: 'rack' });
});

test('nothing placed, nothing held', () => {
  expect(leewayOf([], [], shop)).toEqual([]);
  expect(chainOf([])).toEqual([]);
});

describe.each([1, 2, 3, 4])('random jobs, seed %i', (seed) => {
  const { works, shop: own } = randomShop(seed, { tasks: 14, makers: 2 });
  const { placed } = schedule(works, own, 30);
  const leeway = leewayOf(placed, works, own);

  test('a task is where it may be, and every task has its leeway', () => {
    expect(leeway.map((l) => l.id)).toEqual(placed.map((p) => p.id));
    for (const [i, l] of leeway.entries()) {
      expect(l.earliest).toBeLessThanOrEqual(placed[i]!.from);
      expect(l.latest).toBeGreaterThanOrEqual(placed[i]!.from);
    }
  });

  test('the chain begins with the first task, names each once, and each of it is held by the next', () => {
    const chain = chainOf(leeway);
    expect(chain[0]).toBe(placed[0]!.id);
    expect(new Set(chain).size).toBe(chain.length);
    for (let i = 0; i + 1 < chain.length; i++) {
      const { heldBy } = leeway.find((l) => l.id === chain[i])!;
      expect('id' in heldBy && heldBy.id).toBe(chain[i + 1]);
    }
  });
});

test('what decides cannot be moved later than its latest: the plan or its end breaks, wherever that is tried', () => {
  let tried = 0;
  for (let seed = 1; seed <= 12; seed++) {
    const { works, shop: own } = randomShop(seed, { tasks: 14, makers: 2 });
    const { placed } = schedule(works, own, 30);
    const [first] = placed;
    const [{ latest }] = leewayOf(placed, works, own) as [Leeway];
    for (const [window, w] of own.windows.entries()) {
      if (w.maker !== first!.maker || w.from <= latest || w.to - w.from < first!.to - first!.from) continue;
      const moved = { ...first!, window, from: w.from, to: w.from + first!.to - first!.from };
      expect(breaches([moved, ...placed.slice(1)], works, own)).not.toEqual([]);
      tried++;
    }
  }
  expect(tried).toBeGreaterThan(40);
});
