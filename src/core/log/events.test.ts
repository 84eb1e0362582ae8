import { seededRandom } from '../geometry/random';
import { conflictsOf, counted, mergeEvents, standing, type Event } from './events';
import { countedLog, daysOfKind, lossesOf, looksOf, type LogEntry, type Note } from './entries';

interface Made extends Event {
  made: number;
}
const made = (id: string, n: number, over?: string[]): Made => ({
  id,
  at: `2027-06-0${1 + (n % 7)}T18:00`,
  made: n,
  ...(over ? { over } : {}),
});

/** Events as several people would add them: new ones, corrections of anything seen, now and then an id that was copied. */
function history(seed: number): Made[][] {
  const random = seededRandom(seed);
  const lists: Made[][] = [[], [], []];
  for (let k = 0; k < 18; k++) {
    const who = Math.floor(random() * 3);
    const seen = lists.flat();
    const id = random() < 0.06 && seen.length ? seen[Math.floor(random() * seen.length)]!.id : `${who}:${k}`;
    const over = random() < 0.3 && seen.length ? [seen[Math.floor(random() * seen.length)]!.id] : undefined;
    lists[who]!.push(made(id, Math.floor(random() * 9), over?.[0] === id ? undefined : over));
  }
  return lists;
}

test('merged in any order, grouping and as often as one likes the result is the same; 1000 seeded histories', () => {
  for (let seed = 1; seed <= 1000; seed++) {
    const [a, b, c] = history(seed) as [Made[], Made[], Made[]];
    const all = mergeEvents(a, b, c);
    expect(mergeEvents(c, a, b)).toEqual(all);
    expect(mergeEvents(mergeEvents(b, c), a)).toEqual(all);
    expect(mergeEvents(all, all, b)).toEqual(all);
    const sum = counted(all, (x, y) => x.made - y.made).reduce((n, e) => n + e.made, 0);
    const other = counted(mergeEvents(b, mergeEvents(a, c)), (x, y) => x.made - y.made).reduce((n, e) => n + e.made, 0);
    expect(other).toBe(sum);
  }
});

test('by time, then by id, then by what they say', () => {
  const at = (id: string, hour: string, n = 1): Made => ({ id, at: `2027-06-01T${hour}`, made: n });
  const sorted = [at('b', '08:00'), at('a', '09:00', 1), at('a', '09:00', 2), at('c', '09:00'), at('a', '10:00')];
  for (const order of [
    [4, 3, 2, 1, 0],
    [2, 0, 4, 1, 3],
    [1, 2, 3, 4, 0],
  ])
    expect(mergeEvents(order.map((i) => sorted[i]!))).toEqual(sorted);
});

test('nothing is counted twice, a correction counts instead of what it corrects', () => {
  const events = [made('a:1', 4), made('a:2', 3), made('b:1', 5, ['a:1'])];
  expect(standing(events).map((e) => e.id)).toEqual(['a:2', 'b:1']);
  expect(counted(mergeEvents(events, events), () => 0).reduce((n, e) => n + e.made, 0)).toBe(8);
});

test('two corrections of one entry, or one id with two bodies, stand side by side until a person decides', () => {
  const two = [made('a:1', 4), made('b:1', 5, ['a:1']), made('c:1', 2, ['a:1'])];
  expect(conflictsOf(two).map((g) => g.map((e) => e.id).sort())).toEqual([['b:1', 'c:1']]);
  expect(counted(two, (x, y) => x.made - y.made).map((e) => e.made)).toEqual([2]);
  const decided = [...two, made('a:2', 5, ['b:1', 'c:1'])];
  expect(conflictsOf(decided)).toEqual([]);
  expect(standing(decided).map((e) => e.id)).toEqual(['a:2']);
  expect(conflictsOf(mergeEvents([made('a:1', 4)], [made('a:1', 6)]))).toHaveLength(1);
});

test('the log counts the cautious one of a conflict: fewer made, more broken', () => {
  const entry = (id: string, n: number, over?: string[]): LogEntry => ({
    id,
    at: '2027-06-01T18:00',
    kind: 'rose|open|blush',
    made: n,
    broken: 0,
    minutes: null,
    ...(over ? { over } : {}),
  });
  expect(countedLog([entry('a', 9), entry('b', 4, ['a']), entry('c', 6, ['a'])]).map((e) => e.made)).toEqual([4]);
});

test('days of a kind; looks and losses by kind, what cannot be left out', () => {
  const at = (day: string, n: number, broken = 0): LogEntry => ({
    id: `${day}${n}`,
    at: `${day}T18:00`,
    kind: 'k',
    made: n,
    broken,
    minutes: null,
  });
  expect(daysOfKind([at('2027-06-02', 3), at('2027-06-01', 1, 1), at('2027-06-02', 2)], 'k')).toEqual([
    { day: '2027-06-01', made: 1, broken: 1 },
    { day: '2027-06-02', made: 5, broken: 0 },
  ]);
  const weighed = (taken: number, back: number, pieces: number): Note => ({
    id: `${taken}`,
    at: '2027-06-01T18:00',
    what: 'weighed',
    kind: 'k',
    takenGrams: taken,
    backGrams: back,
    piecesGrams: pieces,
    pieces: 4,
    from: 'hand',
  });
  const notes: Note[] = [
    weighed(100, 20, 60),
    weighed(50, 0, 80),
    { id: 'l', at: '2027-06-01T18:00', what: 'looked', kind: 'k', hours: 8, reckonedHours: 12, dry: false },
  ];
  expect(lossesOf(notes, 'k')).toEqual([0.25]);
  expect(looksOf(notes, 'k')).toHaveLength(1);
  expect(looksOf(notes, 'other')).toHaveLength(0);
});
