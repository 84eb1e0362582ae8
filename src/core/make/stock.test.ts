import { takenBack, type Stock } from './stock';

const piece = (id: string, count: number) => ({
  id,
  species: 'rose',
  stage: 'open',
  sizeMm: 58,
  colourway: '',
  count,
  where: '',
  madeOn: '',
  state: 'good' as const,
});
const end = (lengthMm: number, count: number) => ({ gauge: 24, colour: 'green' as const, lengthMm, count });

const before: Stock = { tin: [piece('a', 5), piece('b', 3)], offcuts: [end(140, 2)] };
const after: Stock = { tin: [piece('a', 2), piece('c', 4)], offcuts: [end(140, 2), end(90, 1)] };

test('taken back at once it is as it was, and taken back again as it became', () => {
  const back = takenBack(after, before, after);
  const counts = (s: Stock) =>
    Object.fromEntries([...s.tin.map((t) => [t.id, t.count]), ...s.offcuts.map((o) => [o.lengthMm, o.count])]);
  expect(counts(back)).toEqual({ a: 5, b: 3, 140: 2 });
  expect(counts(takenBack(back, after, before))).toEqual({ a: 2, c: 4, 140: 2, 90: 1 });
});

test('what has changed since stays changed, and nothing falls below none', () => {
  const since: Stock = { tin: [piece('a', 1), piece('c', 1), piece('d', 9)], offcuts: [end(140, 5)] };
  const back = takenBack(since, before, after);
  expect(back.tin.map((t) => [t.id, t.count])).toEqual([
    ['a', 4],
    ['d', 9],
    ['b', 3],
  ]);
  expect(back.offcuts).toEqual([end(140, 5)]);
});
