import { randomShop } from '../testing/dayShops';
import { breaches } from './breaches';
import { schedule } from './improve';
import type { PlacedTask, Shop, Work } from './schedule';

/** The checker that judges plans shares no code with what makes them: here each fault it can find is made by hand. */
const { works, shop } = randomShop(3, { tasks: 12, makers: 2, racks: true });
const { placed } = schedule(works, shop, 40);
const workOf = (p: PlacedTask): Work => works.find((w) => w.id === p.id)!;
const [first] = placed;
const waiting = placed.find((p) => workOf(p).after.length > 0)!;
const changed = (id: string, change: Partial<PlacedTask>): PlacedTask[] =>
  placed.map((p) => (p.id === id ? { ...p, ...change } : p));
const said = (spoilt: readonly PlacedTask[], in_: Shop = shop) => breaches(spoilt, works, in_).join('; ');

test('a plan as it was made has none', () => expect(breaches(placed, works, shop)).toEqual([]));

test('a task left out, and one that is there twice', () => {
  expect(said(placed.slice(1))).toBe(`${first!.id} is left out`);
  expect(said([...placed, first!])).toMatch(/^a task is there twice/);
});

test('outside its window: before it, after it, in another’s, in one that is not', () => {
  const { from, to } = shop.windows[first!.window]!;
  expect(said(changed(first!.id, { from: from - 5, to: from - 5 + workOf(first!).duration }))).toContain('outside its window');
  expect(said(changed(first!.id, { from: to - workOf(first!).duration + 5, to: to + 5 }))).toContain('outside its window');
  expect(said(changed(first!.id, { maker: 1 - first!.maker }))).toContain('outside its window');
  expect(said(changed(first!.id, { window: shop.windows.length }))).toContain('outside its window');
});

test('too short, or by one who cannot', () => {
  expect(said(changed(first!.id, { to: first!.to - 5 }))).toContain(`${first!.id} is too short`);
  const makers = shop.makers.map((m) => ({ ...m, can: m.can.filter((c) => c !== workOf(first!).skill) }));
  expect(said(placed, { ...shop, makers })).toContain(`${first!.id} is done by one who cannot`);
});

test('later than the end, and before what it waits for is dry', () => {
  const last = placed.at(-1)!;
  expect(said(placed, { ...shop, end: last.to - 5 })).toContain(`${last.id} ends too late`);
  const before = workOf(waiting).after[0]!;
  const early = placed.find((p) => p.id === before.id)!.from - workOf(waiting).duration;
  expect(said(changed(waiting.id, { from: early, to: early + workOf(waiting).duration }))).toContain(
    `${waiting.id} begins before ${before.id} is dry`,
  );
});

test('two things at one time with one pair of hands, not where one ends as the other begins', () => {
  const [a, b] = [placed[0]!, placed[1]!];
  const together = changed(b.id, { maker: a.maker, window: a.window, from: a.from, to: a.from + workOf(b).duration });
  expect(said(together)).toContain('at one time');
  const inTurn = changed(b.id, { maker: a.maker, window: a.window, from: a.to, to: a.to + workOf(b).duration });
  expect(said(inTurn)).not.toMatch(new RegExp(`(${a.id} and ${b.id}|${b.id} and ${a.id}) at one time`));
});

test('more on the rack than it has places for, other jobs’ pieces counted in', () => {
  const drying = placed.find((p) => workOf(p).dries)!;
  const { pool, places } = workOf(drying).dries!;
  const few = { ...shop.places, [pool]: places - 1 };
  expect(said(placed, { ...shop, places: few })).toMatch(new RegExp(`\\d+ places on the ${pool}, not ${places - 1}`));
  const taken = [{ pool, places: 1000, from: drying.from - 60, to: drying.to + 60 }];
  expect(said(placed, { ...shop, taken, places: { ...shop.places, [pool]: 1000 } })).toContain(`on the ${pool}, not 1000`);
});
