import { airsOf, countedLog, daysOfKind, looksOf, lossesOf, type LogEntry, type Note } from './entries';

const entry = (id: string, change: Partial<LogEntry> = {}): LogEntry => ({
  id,
  at: '2027-06-01T18:00',
  kind: 'rose|open|blush',
  made: 1,
  broken: 0,
  minutes: null,
  ...change,
});
const weighed = (id: string, change: Partial<Extract<Note, { what: 'weighed' }>> = {}): Note => ({
  id,
  at: '2027-06-01T18:00',
  what: 'weighed',
  kind: 'rose|open|blush',
  takenGrams: 120,
  backGrams: 20,
  piecesGrams: 80,
  pieces: 4,
  from: 'hand',
  ...change,
});
const air = (id: string, at: string): Note => ({ id, at, what: 'air', celsius: 20, humidityShare: 0.5, from: 'hand' });

test('a correction takes the place of what it corrects; of two that cannot both be right the fewer made counts', () => {
  expect(countedLog([entry('a'), entry('b', { over: ['a'], made: 3 })]).map((e) => e.id)).toEqual(['b']);
  const [both] = [countedLog([entry('a'), entry('b', { over: ['a'], made: 5 }), entry('c', { over: ['a'], made: 2 })])];
  expect(both.map((e) => e.made)).toEqual([2]);
});

test('readings of the air by their time, those that were taken back left out', () => {
  const notes = [air('b', '2027-06-02T08:00'), air('a', '2027-06-01T08:00'), { ...air('c', '2027-06-03T08:00'), over: ['b'] }];
  expect(airsOf(notes).map((n) => n.id)).toEqual(['a', 'c']);
});

test('looks of one kind or of all', () => {
  const looked = (id: string, kind: string): Note => ({
    id,
    at: '2027-06-01T18:00',
    what: 'looked',
    kind,
    hours: 20,
    reckonedHours: 12,
    dry: true,
  });
  const notes = [looked('a', 'rose'), looked('b', 'peony'), air('c', '2027-06-01T08:00')];
  expect(looksOf(notes)).toHaveLength(2);
  expect(looksOf(notes, 'peony').map((n) => n.hours)).toEqual([20]);
});

describe('what is lost in rolling: taken, less what is kneaded back and what is in the pieces', () => {
  test('worked by hand: 120 taken, 20 back, 80 in the pieces is a fifth of what was used', () => {
    expect(lossesOf([weighed('a')], 'rose|open|blush')).toEqual([0.19999999999999996]);
  });
  test.each<[string, Partial<Extract<Note, { what: 'weighed' }>>]>([
    ['another kind', { kind: 'peony|open|shell' }],
    ['no pieces', { pieces: 0 }],
    ['as much back as was taken', { backGrams: 120 }],
    ['more in the pieces than was used', { piecesGrams: 101 }],
  ])('%s says nothing', (_name, change) => expect(lossesOf([weighed('a', change)], 'rose|open|blush')).toEqual([]));
  test('nothing lost is a loss of nothing', () => {
    expect(lossesOf([weighed('a', { piecesGrams: 100 })], 'rose|open|blush')).toEqual([0]);
  });
});

test('made and broken day by day, in order, of this kind alone', () => {
  const log = [
    entry('a', { at: '2027-06-02T18:00', made: 2 }),
    entry('b', { at: '2027-06-01T19:00', broken: 1 }),
    entry('c', { at: '2027-06-02T20:00', made: 3, broken: 2 }),
    entry('d', { kind: 'other' }),
  ];
  expect(daysOfKind(log, 'rose|open|blush')).toEqual([
    { day: '2027-06-01', made: 1, broken: 1 },
    { day: '2027-06-02', made: 5, broken: 2 },
  ]);
});
