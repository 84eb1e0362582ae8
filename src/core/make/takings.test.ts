import { seededRandom } from '../geometry/random';
import { randomProject } from '../testing/samples';
import { inHand, SAME_SIZE_MM, takingsFor, tinAfter } from './takings';
import { freeInTin, tinFirst, type TinPiece } from '../compose/tin';
import { trayOf } from './tray';
import { SPARES_RULE } from './spares';

const row = (id: string, change: Partial<TinPiece> = {}): TinPiece => ({
  id,
  species: 'rose',
  stage: 'open',
  sizeMm: 58,
  colourway: 'blush',
  count: 4,
  where: 'shelf',
  madeOn: '2027-05-01',
  state: 'good',
  ...change,
});
const kind = (sizeMm: number, count: number) => ({ species: 'rose', stage: 'open', sizeMm, colourway: 'blush', count });

test('chipped pieces and those promised to another job are not free', () => {
  const tin = [row('a'), row('b', { state: 'chipped' }), row('c', { count: 2 })];
  expect(freeInTin(tin, [row('a', { count: 3 }), row('c', { count: 2 })])).toEqual([row('a', { count: 1 })]);
});

test('what the tin has comes in its own sizes, the nearest first; the number stays', () => {
  const tin = [row('a', { sizeMm: 52, count: 1 }), row('b', { sizeMm: 60, count: 2 }), row('c', { sizeMm: 100, count: 9 })];
  expect(tinFirst([kind(58, 5)], tin)).toEqual([{ ...kind(60, 2) }, { ...kind(52, 1) }, { ...kind(58, 2) }]);
  expect(tinFirst([kind(58, 5)], [])).toEqual([kind(58, 5)]);
});

test('another colour, stage or species is not taken', () => {
  for (const other of [{ colourway: 'butter' }, { stage: 'bud' }, { species: 'peony' }])
    expect(tinFirst([kind(58, 2)], [row('a', other)])).toEqual([kind(58, 2)]);
});

describe.each([1, 2, 3, 4, 5, 6])('random jobs and tins, seed %i', (seed) => {
  const { arrangements } = randomProject(seed);
  const random = seededRandom(seed + 100);
  const pieces = arrangements.flatMap((a) => a.pieces);
  const tin = Array.from({ length: 12 }, (_, i): TinPiece => {
    const p = pieces[Math.floor(random() * pieces.length)]!;
    return row(`t${i}`, { ...p, id: `t${i}`, sizeMm: p.sizeMm + (random() - 0.5) * 4, count: 1 + Math.floor(random() * 3) });
  });
  const taken = takingsFor(arrangements, tin);

  test('no row gives more than it has, nothing is taken that no piece needs', () => {
    for (const t of taken) {
      const source = tin.find((r) => r.id === t.id)!;
      expect(t.count).toBeLessThanOrEqual(source.count);
      expect(
        pieces.some(
          (p) =>
            p.species === t.species &&
            p.stage === t.stage &&
            p.colourway === t.colourway &&
            Math.abs(p.sizeMm - t.sizeMm) <= SAME_SIZE_MM,
        ),
      ).toBe(true);
    }
  });

  test('the tray makes so many fewer, spares only for what is made', () => {
    const [before, after] = [trayOf(arrangements), trayOf(arrangements, { rule: SPARES_RULE, taken, log: [] })];
    const sum = (tray: typeof before, f: 'placed' | 'fromTin') => tray.reduce((a, k) => a + k[f], 0);
    expect(sum(after, 'placed')).toBe(sum(before, 'placed'));
    expect(sum(after, 'fromTin')).toBe(taken.reduce((a, t) => a + t.count, 0));
    for (const k of after) {
      expect(k.toMake).toBe(k.placed - k.fromTin + k.spares);
      if (k.placed === k.fromTin) expect(k.spares).toBe(0);
    }
  });

  test('afterwards what was taken is gone and what is left over is there: nothing else changes', () => {
    const left = [row('new', { count: 3, where: 'box' })];
    const after = tinAfter(tin, taken, left);
    const count = (rows: readonly TinPiece[]) => rows.reduce((a, r) => a + r.count, 0);
    expect(count(after)).toBe(count(tin) - count(taken) + 3);
    expect(after.every((r) => r.count > 0)).toBe(true);
  });
});

test('what two jobs took of one row is taken off together', () => {
  const taken = [row('a', { count: 1 }), row('a', { count: 2 })];
  expect(tinAfter([row('a', { count: 9 }), row('b')], taken, [])).toEqual([row('a', { count: 6 }), row('b')]);
});

test('left-overs of the same make, place and day join their row', () => {
  expect(tinAfter([row('a')], [], [row('b', { count: 2 })])).toEqual([row('a', { count: 6 })]);
  expect(tinAfter([row('a')], [row('a', { count: 4 })], [])).toEqual([]);
});

test('in hand: a taken piece counts for one size only', () => {
  expect(
    inHand(
      [
        { sizeMm: 58, count: 3 },
        { sizeMm: 57, count: 3 },
      ],
      [row('a', { sizeMm: 57.5, count: 4 })],
    ),
  ).toBe(4);
  expect(inHand([{ sizeMm: 40, count: 3 }], [row('a')])).toBe(0);
});
