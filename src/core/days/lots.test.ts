import { clockOf } from './clock';
import { lotsOf, mixedInLots, PASTE_KEEPS_DAYS, pasteWaits } from './lots';
import type { PlacedTask, Shop, Work } from './schedule';
import { SKILLS } from './windows';

const DAY = 1440;
/** Evenings of two hours, and every task of half an hour. */
const windows = Array.from({ length: 40 }, (_, d) => ({ maker: 0, day: d * DAY, from: d * DAY + 1080, to: d * DAY + 1200 }));
const SHOP: Shop = {
  makers: [{ name: 'you', hours: [], can: [...SKILLS], away: [] }],
  windows,
  places: { rack: Infinity, former: Infinity },
  taken: [],
  end: 40 * DAY,
  begin: null,
  clock: clockOf(null, 0, 40 * DAY),
  direction: 'late',
};
const work = (id: string, skill: Work['skill'], after: string[]): Work => ({ id, skill, duration: 30, after: after.map((a) => ({ id: a, wait: 0 })), likeness: id, dries: null }); // prettier-ignore
const at = (id: string, day: number, minute = 1080): PlacedTask => ({ id, maker: 0, window: day, from: day * DAY + minute, to: day * DAY + minute + 30 }); // prettier-ignore

const rolled = [1, 3, 6, 9, 14, 20].map((day) => ({ id: `r${day}`, day }));
const WORKS = [work('mix', 'mixing', []), ...rolled.map(({ id }) => work(id, 'making', ['mix']))];
const PLACED = [at('mix', 0), ...rolled.map(({ id, day }) => at(id, day))];

test('paste that waits longer than it keeps is told with its days; what is dusted or taped does not roll it', () => {
  expect(pasteWaits(WORKS, PLACED)).toEqual({ from: 1080, minutes: 20 * DAY - 30 });
  expect(pasteWaits(WORKS.slice(0, 5), PLACED.slice(0, 5))).toBeNull();
  const taped = WORKS.map((w) => (w.id === 'r20' || w.id === 'r14' ? { ...w, skill: 'taping' as const } : w));
  expect(pasteWaits(taped, PLACED)).toBeNull();
  expect(PASTE_KEEPS_DAYS).toBe(10);
});

test('what is rolled within five days is one lot', () => {
  expect([...lotsOf(WORKS, PLACED)]).toEqual([['r1', 0], ['r3', 0], ['r6', 0], ['r9', 1], ['r14', 1], ['r20', 2]]); // prettier-ignore
});

describe('lots mixed in free time', () => {
  const lots = [
    work('mix', 'mixing', []), work('mix-2', 'mixing', []), work('mix-3', 'mixing', []),
    ...rolled.map(({ id, day }) => work(id, 'making', [day < 9 ? 'mix' : day < 20 ? 'mix-2' : 'mix-3'])),
  ]; // prettier-ignore
  const byId = (found: readonly PlacedTask[], id: string) => found.find((p) => p.id === id)!;

  test('each as late as there is time before the first of it, in somebody’s hours; nothing else moves', () => {
    const found = mixedInLots(PLACED, lots, SHOP)!;
    for (const [mix, first] of [
      ['mix', 'r1'],
      ['mix-2', 'r9'],
      ['mix-3', 'r20'],
    ] as const) {
      const [m, f] = [byId(found, mix), byId(found, first)];
      expect(m.to).toBeLessThanOrEqual(f.from);
      expect(f.from - m.to).toBeLessThan(DAY);
      const window = windows[m.window]!;
      expect(m.from >= window.from && m.to <= window.to).toBe(true);
    }
    for (const { id } of rolled) expect(byId(found, id)).toEqual(byId(PLACED, id));
    expect(pasteWaits(lots, found)).toBeNull();
    found.forEach((p, i) => expect(p.from).toBeGreaterThanOrEqual(found[i - 1]?.to ?? 0));
  });

  test('a mixing that a person has set on a day stays there, and is not parted', () => {
    const pinned = lots.map((w) => (w.id === 'mix' ? { ...w, pinned: 0 } : w));
    expect(mixedInLots(PLACED, pinned, SHOP)).toBeNull();
  });

  test('an evening that is full is passed over; where none has time before the paste would wait too long there is no lot', () => {
    const full = (days: number[]) => days.flatMap((d) => [0, 30, 60, 90].map((m, k) => ({ ...at(`x${d}${k}`, d, 1080 + m) })));
    const works = [...lots, ...full([4, 5, 6, 7, 8]).map((p) => work(p.id, 'dusting', []))];
    const busy = (days: number[]) => mixedInLots([...PLACED.filter((p) => !['r6'].includes(p.id)), ...full(days)], works, SHOP);
    expect(byId(busy([8])!, 'mix-2').window).toBe(7);
    expect(busy([4, 5, 6, 7, 8])).toBeNull();
  });
});
