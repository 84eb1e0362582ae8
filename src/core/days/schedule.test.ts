import highsLoader from 'highs';
import { exactCost } from '../testing/exactDays';
import { evenings, randomShop, simpleShop } from '../testing/dayShops';
import { breaches } from './breaches';
import { dayStart, wallFromText, wallToText } from './clock';
import { schedule } from './improve';
import { chainOf, leewayOf } from './leeway';
import { costOf, type Shop, type Work } from './schedule';
import { SKILLS, windowsOf, type Maker } from './windows';

const YOU: Maker = { name: 'you', hours: evenings(18, 21), can: SKILLS, away: [] };
const LEAVES = wallFromText('2027-06-12T09:30');
const OPTIONS = { leavesAt: LEAVES, bufferMinutes: 0, fillShare: 1, lastMorningFrom: 6 * 60 };
const shopFor = (makers: Maker[], patch: Partial<Shop> = {}): Shop => ({
  ...simpleShop(makers[0]!, windowsOf(makers, OPTIONS), LEAVES),
  makers,
  ...patch,
});
const chain = (minutes: readonly number[], waitHours: readonly number[]): Work[] =>
  minutes.map((duration, i) => ({
    id: `t${i}`,
    duration,
    after: i ? [{ id: `t${i - 1}`, wait: waitHours[i - 1]! * 60 }] : [],
    skill: 'making',
    likeness: `t${i}`,
    dries: null,
  }));

describe('by hand: tasks of 60, 90, 30, 60, 15 min with waits of 8, 12, 1, 0 h before a Saturday at 09:30, evenings 18–21', () => {
  const works = chain([60, 90, 30, 60, 15], [8, 12, 1, 0]);
  const shop = shopFor([YOU]);
  const { placed } = schedule(works, shop);
  test('starts Wed 20:00, Thu 19:30, Sat 06:45, 08:15, 09:15: three sittings, 61.5 h before it leaves', () => {
    expect(placed.map((p) => wallToText(p.from))).toEqual([
      '2027-06-09T20:00',
      '2027-06-10T19:30',
      '2027-06-12T06:45',
      '2027-06-12T08:15',
      '2027-06-12T09:15',
    ]);
    expect(new Set(placed.map((p) => p.window)).size).toBe(3);
    expect((LEAVES - placed[0]!.from) / 60).toBe(61.5);
  });
  test('every task of it holds the next: the chain is the whole', () => {
    const leeway = leewayOf(placed, works, shop);
    expect(chainOf(leeway)).toEqual(works.map((w) => w.id));
    expect(leeway.at(-1)!.heldBy).toEqual({ why: 'end' });
    for (const l of leeway) expect(l.latest).toBe(placed.find((p) => p.id === l.id)!.from);
  });
});

describe('small jobs against an exact solver (time-indexed integer programme, solved to a proven optimum)', () => {
  const cases = [
    ...[1, 2, 3, 4, 5, 6, 7, 8].map((seed) => ({ seed, tasks: 8, makers: 1, grid: 30 })),
    ...[2, 3, 4].map((seed) => ({ seed, tasks: 11, makers: 1, grid: 30 })),
    ...[1, 2, 3, 4, 5, 6].map((seed) => ({ seed, tasks: 8, makers: 2, grid: 60 })),
  ];
  let proven = 0;
  test.each(cases)('$tasks tasks, $makers at work, seed $seed: within 5 % of the proven best, never better', async (c) => {
    const { works, shop } = randomShop(c.seed, c);
    const own = schedule(works, shop);
    const days = Math.max(5, Math.ceil((shop.end - own.placed[0]!.from) / 1440) + 2);
    const best = exactCost(await highsLoader(), works, shop, { grid: c.grid, days, seconds: 20 });
    if (best === null) return;
    proven++;
    expect(own.cost).toBeGreaterThanOrEqual(best * 0.998);
    expect(own.cost).toBeLessThanOrEqual(best * 1.05);
  });
  test('most of them were proven', () => expect(proven).toBeGreaterThanOrEqual(cases.length * 0.7));
});

describe('fifty jobs drawn at random', () => {
  test.each(Array.from({ length: 50 }, (_, i) => i + 1))(
    'seed %i: nothing before it is dry, no hour and no place twice, early or late; the cost is what it says',
    (seed) => {
      for (const direction of ['late', 'early'] as const) {
        const { works, shop } = randomShop(seed, { tasks: 10 + seed, makers: 1 + (seed % 3), racks: seed % 2 === 0 });
        const own: Shop = { ...shop, direction, ...(direction === 'early' ? { begin: shop.end - 100 * 1440 } : {}) };
        const plan = schedule(works, own, 60);
        expect(plan.homeless).toEqual([]);
        expect(breaches(plan.placed, works, own)).toEqual([]);
        expect(plan.cost).toBeCloseTo(costOf(plan.placed, works, own), 6);
      }
    },
  );

  test('the checker sees what is wrong', () => {
    const { works, shop } = randomShop(4, { tasks: 14, racks: true });
    const { placed } = schedule(works, shop, 0);
    const spoilt = (change: (p: (typeof placed)[number], i: number) => typeof p) =>
      breaches(placed.map(change), works, shop).join();
    expect(breaches(placed.slice(1), works, shop).join()).toMatch(/left out/);
    expect(spoilt((p, i) => (i === 3 ? { ...p, from: p.from - 6 * 60, to: p.to - 6 * 60 } : p))).toMatch(/outside its window/);
    expect(spoilt((p, i) => (i === 1 ? { ...placed[0]!, id: p.id } : p))).toMatch(/at one time|too short/);
    expect(spoilt((p) => (p.id === 's1-1' ? { ...placed[0]!, id: p.id } : p))).toMatch(/before s1-0 is dry/);
    expect(breaches(placed, works, { ...shop, places: { rack: 1, former: 1 } }).join()).toMatch(/places on the/);
    expect(breaches(placed, works, { ...shop, makers: [{ ...shop.makers[0]!, can: [] }] }).join()).toMatch(/one who cannot/);
  });

  test('the same steps give the same plan; more steps never a dearer one', () => {
    const { works, shop } = randomShop(9, { tasks: 40, makers: 2 });
    expect(schedule(works, shop, 80)).toEqual(schedule(works, shop, 80));
    expect(schedule(works, shop, 300).cost).toBeLessThanOrEqual(schedule(works, shop, 0).cost);
  });
});

describe('what a person wants', () => {
  const works = chain([60, 60, 60], [8, 8]);
  const at = (plan: ReturnType<typeof schedule>, id: string) => plan.placed.find((p) => p.id === id)!;
  const day = (text: string) => wallFromText(`${text}T00:00`);

  test('a task pinned to a day is on it, and what comes before follows', () => {
    const pinned = works.map((w) => (w.id === 't1' ? { ...w, pinned: day('2027-06-07') } : w));
    const plan = schedule(pinned, shopFor([YOU]));
    expect(dayStart(at(plan, 't1').from)).toBe(day('2027-06-07'));
    expect(at(plan, 't0').to).toBeLessThanOrEqual(at(plan, 't1').from - 8 * 60);
    expect(plan.unpinned).toEqual([]);
  });
  test('a day on which it cannot be is said, and it is put where it can', () => {
    const late = works.map((w) => (w.id === 't0' ? { ...w, pinned: day('2027-06-12') } : w));
    const plan = schedule(late, shopFor([YOU]));
    expect(plan.unpinned).toEqual(['t0']);
    expect(breaches(plan.placed, works, shopFor([YOU]))).toEqual([]);
  });
  test('the plan that is gone by is kept where it still goes', () => {
    const before = schedule(works, shopFor([YOU]));
    const kept = works.map((w) => ({ ...w, was: { maker: 0, from: at(before, w.id).from } }));
    // a new task wants the sitting of the first; those with a place keep it
    const more: Work[] = [...kept, { ...works[0]!, id: 'new', after: [] }];
    const after = schedule(more, shopFor([YOU]), 0);
    for (const w of works) expect(at(after, w.id).from).toBe(at(before, w.id).from);
  });
  test('busy times, days off and a second pair of hands; whoever cannot place does not', () => {
    const away = { from: wallFromText('2027-06-10T18:00'), to: wallFromText('2027-06-10T22:00') };
    const busy = { ...YOU, away: [away] };
    const helper: Maker = { name: 'helper', hours: evenings(17, 20), can: ['making'], away: [] };
    for (const p of schedule(works, shopFor([busy])).placed) expect(p.to <= away.from || p.from >= away.to).toBe(true);
    const two = chain([60, 60], [0]).map((w, i) => ({ ...w, skill: i ? ('placing' as const) : ('making' as const) }));
    expect(at(schedule(two, shopFor([{ ...busy, can: ['placing'] }, helper])), 't0').maker).toBe(1);
  });
  test('nobody can do it, or no sitting is long enough: it is named', () => {
    expect(schedule(works, shopFor([{ ...YOU, can: ['taping'] }])).homeless).toHaveLength(3);
    expect(schedule(chain([600], []), shopFor([YOU])).homeless).toEqual(['t0']);
    expect(schedule(works, shopFor([{ ...YOU, hours: YOU.hours.map(() => null) }])).homeless).not.toHaveLength(0);
  });
  test('as early as possible begins when one may, and still waits for what dries and for the cake', () => {
    const begin = wallFromText('2027-06-01T08:00');
    const firm = wallFromText('2027-06-11T19:00');
    const own = works.map((w) => (w.id === 't2' ? { ...w, notBefore: firm } : w));
    const plan = schedule(own, shopFor([YOU], { direction: 'early', begin }));
    expect(wallToText(at(plan, 't0').from)).toBe('2027-06-01T18:00');
    expect(wallToText(at(plan, 't1').from)).toBe('2027-06-02T18:00');
    expect(wallToText(at(plan, 't2').from)).toBe('2027-06-11T19:00');
  });
});
