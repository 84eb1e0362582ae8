import { wallFromText } from '../days/clock';
import type { Task } from '../days/tasks';
import { movesFrom, whyNotOn } from './moves';

const name = (id: string): Task['name'] => ({ code: 'task.box', values: { part: id.length, parts: 1 } });
const task = (id: string, change: Partial<Task> = {}): Task => ({
  id,
  name: name(id),
  detail: null,
  strand: 'all',
  kind: '',
  step: id,
  pieces: 0,
  minutes: 30,
  duration: 30,
  dryHours: 0,
  dryNote: null,
  after: [],
  skill: 'making',
  likeness: id,
  dries: null,
  ...change,
});
const placed = (id: string, at: string) => ({ id, maker: 0, from: wallFromText(at), to: wallFromText(at) + 30 });
const kept = (entries: Record<string, string>) => Object.entries(entries).map(([t, from]) => ({ task: t, maker: 0, from }));

describe('what a change moved, beside the plan one goes by', () => {
  const tasks = [task('mix'), task('petals'), task('box')];

  test('on another day, new, no longer needed; an hour later on the same day is no move', () => {
    const schedule = [placed('mix', '2027-06-01T19:00'), placed('petals', '2027-06-03T18:00'), placed('box', '2027-06-09T18:00')];
    const before = kept({ mix: '2027-06-01T18:00', petals: '2027-06-02T18:00', glue: '2027-06-05T18:00' });
    expect(movesFrom(before, { tasks, schedule })).toEqual([
      { id: 'petals', name: name('petals'), from: '2027-06-02', to: '2027-06-03' },
      { id: 'box', name: name('box'), from: null, to: '2027-06-09' },
      { id: 'glue', name: null, from: '2027-06-05', to: null },
    ]);
  });

  test('no plan gone by, nothing moved', () => {
    expect(movesFrom([], { tasks, schedule: [placed('mix', '2027-06-01T18:00')] })).toEqual([]);
  });
});

describe('why a task cannot be on a day', () => {
  const tasks = [
    task('petals', { dryHours: 12 }),
    task('dust', { after: [{ id: 'petals', wait: 720 }] }),
    task('late', { after: [{ id: 'petals', wait: 0 }] }),
  ];
  const schedule = [placed('petals', '2027-06-02T18:00'), placed('late', '2027-06-06T18:00'), placed('dust', '2027-06-04T18:00')];
  const plan = { tasks, schedule, unpinned: ['petals'] };
  const always = () => true;

  test('it is there: nothing to say', () => expect(whyNotOn({ day: '2027-06-02', id: 'dust', plan, works: always })).toBeNull());

  test('nobody works then', () => {
    expect(whyNotOn({ day: '2027-06-02', id: 'petals', plan, works: () => false })).toEqual({ code: 'day.nobody', values: {} });
    const asked: number[] = [];
    whyNotOn({ day: '2027-06-02', id: 'petals', plan, works: (d) => (asked.push(d), true) });
    expect(asked).toEqual([wallFromText('2027-06-02T00:00')]);
  });

  test('the first that waits for it is named with its day, where that is not later', () => {
    expect(whyNotOn({ day: '2027-06-05', id: 'petals', plan, works: always })).toEqual({
      code: 'day.waited-for',
      values: { task: name('dust'), on: '2027-06-04', dryHours: 12 },
    });
    expect(whyNotOn({ day: '2027-06-04', id: 'petals', plan, works: always })?.code).toBe('day.waited-for');
    expect(whyNotOn({ day: '2027-06-03', id: 'petals', plan, works: always })).toEqual({ code: 'day.full', values: {} });
  });
});
