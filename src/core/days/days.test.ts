import { derivePlan } from '../plan/derivePlan';
import { randomProject } from '../testing/samples';
import { trayOf } from '../make/tray';
import { dayStart, planBackward, SLOT_MINUTES, wallFromText, wallToText, weekdayOf, type DayPlanOptions } from './backwardPlan';
import { dryingFactor, saturationHPa } from './drying';
import { criticalPath, topologicalOrder, type NetworkTask } from './network';
import { DRYING_MARGIN, BENCH_MINUTES, ownJointMinutes, tasksOf, TAPING } from './tasks';
import { ownMinutes } from '../log/own';

describe('a textbook network (critical path method, any project-scheduling text; made-up activities, values worked by hand)', () => {
  // A 3, B 4 after A, C 2 after A, D 5 after B, E 1 after C, F 2 after C, G 4 after D and E, H 3 after F and G
  const after = (...ids: string[]) => ids.map((id) => ({ id, wait: 0 }));
  const tasks: NetworkTask[] = [
    { id: 'A', duration: 3, after: [] },
    { id: 'B', duration: 4, after: after('A') },
    { id: 'C', duration: 2, after: after('A') },
    { id: 'D', duration: 5, after: after('B') },
    { id: 'E', duration: 1, after: after('C') },
    { id: 'F', duration: 2, after: after('C') },
    { id: 'G', duration: 4, after: after('D', 'E') },
    { id: 'H', duration: 3, after: after('F', 'G') },
  ];
  const path = criticalPath(tasks);
  if ('fault' in path) throw new Error(path.fault);

  test.each([
    ['A', 0, 3, 0, 3, 0],
    ['B', 3, 7, 3, 7, 0],
    ['C', 3, 5, 9, 11, 6],
    ['D', 7, 12, 7, 12, 0],
    ['E', 5, 6, 11, 12, 6],
    ['F', 5, 7, 14, 16, 9],
    ['G', 12, 16, 12, 16, 0],
    ['H', 16, 19, 16, 19, 0],
  ])('%s: early %i–%i, late %i–%i, float %i', (id, earlyStart, earlyFinish, lateStart, lateFinish, float) => {
    expect(path.times.get(id)).toEqual({ earlyStart, earlyFinish, lateStart, lateFinish, float });
  });

  test('the end, and the critical chain', () => {
    expect(path.end).toBe(19);
    expect(path.critical).toEqual(['A', 'B', 'D', 'G', 'H']);
  });

  test('a wait after a task counts like the time it takes', () => {
    const waited = criticalPath([tasks[0]!, { id: 'Z', duration: 1, after: [{ id: 'A', wait: 8 }] }]);
    expect('end' in waited && waited.end).toBe(12);
  });

  test('a task that waits for itself, or for one that is not there, is named', () => {
    expect(
      topologicalOrder([
        { id: 'X', duration: 1, after: after('Y') },
        { id: 'Y', duration: 1, after: after('X') },
      ]),
    ).toMatchObject({ fault: 'waits for itself' });
    expect(criticalPath([{ id: 'X', duration: 1, after: after('gone') }])).toEqual({ fault: 'is not there', taskId: 'gone' });
  });
});

const EVENINGS: DayPlanOptions = {
  hours: Array.from({ length: 7 }, () => ({ fromMinute: 18 * 60, toMinute: 21 * 60 })),
  leavesAt: wallFromText('2027-06-12T09:30'),
  bufferMinutes: 0,
  fillShare: 1,
  lastMorningFrom: 6 * 60,
};

const chain = (minutes: readonly number[], waitHours: readonly number[]): NetworkTask[] =>
  minutes.map((duration, i) => ({ id: `t${i}`, duration, after: i ? [{ id: `t${i - 1}`, wait: waitHours[i - 1]! * 60 }] : [] }));

describe('the backward plan', () => {
  test('by hand: tasks of 60, 90, 30, 60, 15 min with waits of 8, 12, 1, 0 h before a Saturday at 09:30', () => {
    const plan = planBackward(chain([60, 90, 30, 60, 15], [8, 12, 1, 0]), EVENINGS);
    if (!Array.isArray(plan)) throw new Error(plan.fault);
    expect(plan.map((p) => wallToText(p.start))).toEqual([
      '2027-06-09T20:00',
      '2027-06-10T19:30',
      '2027-06-12T06:45',
      '2027-06-12T08:15',
      '2027-06-12T09:15',
    ]);
  });

  test('wall time there and back; a day that is none is NaN', () => {
    expect(wallToText(wallFromText('2027-02-28T23:59'))).toBe('2027-02-28T23:59');
    expect(wallFromText('soon')).toBeNaN();
    expect(weekdayOf(wallFromText('2027-06-12T09:30'))).toBe(6);
    expect(wallToText(dayStart(wallFromText('2027-06-12T09:30')))).toBe('2027-06-12T00:00');
  });

  test('a fault of the network comes back as it is', () => {
    expect(planBackward([{ id: 'X', duration: 1, after: [{ id: 'gone', wait: 0 }] }], EVENINGS)).toEqual({
      fault: 'is not there',
      taskId: 'gone',
    });
  });

  test.each(Array.from({ length: 12 }, (_, i) => i + 1))('a random job breaks nothing, seed %i', (seed) => {
    const project = randomProject(seed);
    const tasks = tasksOf(
      trayOf(project.arrangements),
      { joints: 12, entries: 9, barrierMinutes: 20, plaques: 0, wired: true, care: 1, jointMinutes: 3 },
      4,
      1,
    );
    const options = { ...EVENINGS, hours: project.brief.hours, fillShare: 0.75, bufferMinutes: 45 };
    const plan = planBackward(tasks, options);
    if (!Array.isArray(plan)) throw new Error(plan.fault);
    const byId = new Map(plan.map((p) => [p.id, p]));
    expect(plan).toHaveLength(tasks.length);
    const taken = new Set<number>();
    for (const task of tasks) {
      const own = byId.get(task.id)!;
      expect(own.sittings.reduce((a, s) => a + s.to - s.from, 0)).toBe(
        Math.max(1, Math.ceil(task.duration / SLOT_MINUTES)) * SLOT_MINUTES,
      );
      for (const link of task.after) expect(own.start).toBeGreaterThanOrEqual(byId.get(link.id)!.end + link.wait - 1e-6);
      expect(own.end).toBeLessThanOrEqual(options.leavesAt - options.bufferMinutes);
      for (const s of own.sittings) {
        for (let slot = s.from; slot < s.to; slot += SLOT_MINUTES) {
          expect(taken.has(slot)).toBe(false);
          taken.add(slot);
          const minute = slot - dayStart(slot);
          const window = options.hours[weekdayOf(slot)];
          const last = dayStart(slot) === dayStart(options.leavesAt);
          if (last) expect(minute).toBeGreaterThanOrEqual(options.lastMorningFrom);
          else
            expect(window !== null && window !== undefined && minute >= window.fromMinute && minute < window.toMinute).toBe(true);
        }
      }
    }
  });
});

describe('tasks', () => {
  const project = randomProject(5);
  const tray = trayOf(project.arrangements);

  test('each strand dries between its steps, half again as long as it should take', () => {
    const tasks = tasksOf(
      tray,
      { joints: 0, entries: 3, barrierMinutes: 5, plaques: 0, wired: true, care: 1, jointMinutes: 3 },
      3,
      2,
    );
    for (const t of tasks) {
      for (const link of t.after) {
        const before = tasks.find((x) => x.id === link.id)!;
        expect(link.wait).toBeCloseTo(before.dryHours * 60 * DRYING_MARGIN, 6);
      }
    }
  });

  test('minutes timed at the bench pull the minutes of a joint toward themselves, the more the oftener (ownMinutes)', () => {
    const timed = (minutes: number, times: number) =>
      Array.from({ length: times }, () => ({ kind: TAPING, made: 10, broken: 0, minutes: minutes * 10 }));
    expect(ownJointMinutes([])).toBe(BENCH_MINUTES.jointEach);
    expect(ownJointMinutes([{ kind: 'rose', made: 4, minutes: 400 }])).toBe(BENCH_MINUTES.jointEach);
    const [once, often] = [ownJointMinutes(timed(6, 1)), ownJointMinutes(timed(6, 20))];
    expect(once).toBeGreaterThan(3);
    expect(often).toBeGreaterThan(once);
    expect(often).toBeLessThan(6);
    expect(ownJointMinutes(timed(5000, 50))).toBe(12);
    const work = { joints: 40, entries: 3, barrierMinutes: 5, plaques: 0, wired: true, care: 1 };
    const tape = (jointMinutes: number) => tasksOf(tray, { ...work, jointMinutes }, 3, 1).find((t) => t.id === 'tape')!.minutes;
    expect(tape(6)).toBeCloseTo(2 * tape(3), 6);
  });

  test('nothing to make, no task', () => {
    expect(
      tasksOf([], { joints: 0, entries: 0, barrierMinutes: 0, plaques: 0, wired: true, care: 1, jointMinutes: 3 }, 0, 1),
    ).toEqual([]);
  });
});

describe('drying (assumed model; saturation by the Magnus form, values from memory)', () => {
  test('saturation pressure of water: 6.1 hPa at 0 °C, 23.4 at 20 °C, 31.7 at 25 °C', () => {
    expect(saturationHPa(0)).toBeCloseTo(6.11, 1);
    expect(saturationHPa(20)).toBeCloseTo(23.4, 0);
    expect(saturationHPa(25)).toBeCloseTo(31.7, 0);
  });

  test.each([
    [20, 0.3, 0.6],
    [20, 0.4, 0.75],
    [20, 0.5, 1],
    [20, 0.6, 1.5],
    [20, 0.65, 2],
    [20, 0.7, 3],
    [20, 0.75, 6],
    [16, 0.5, 1.29],
    [25, 0.5, 0.74],
  ])('%f °C and %f of humidity: × %f', (celsius, humidity, factor) => {
    expect(dryingFactor(celsius, humidity)).toBeCloseTo(factor, 1);
  });

  test('above 75 % it may not dry at all', () => {
    expect(dryingFactor(20, 0.76)).toBe(Infinity);
    expect(dryingFactor(20, NaN)).toBe(Infinity);
  });
});

describe('own minutes', () => {
  test('worked by hand: ln-ratios .3, .1, .2 with a prior worth two entries give .6 / 5 = .12', () => {
    const logged = [0.3, 0.1, 0.2].map((r) => 10 * Math.exp(r));
    expect(Math.log(ownMinutes(10, logged).minutes / 10)).toBeCloseTo(0.12, 9);
  });

  test('no entry gives the starting value, and bad ones are left out', () => {
    expect(ownMinutes(12, [])).toEqual({ minutes: 12, entries: 0, sure: 'not yet' });
    expect(ownMinutes(12, [0, -4, NaN])).toEqual({ minutes: 12, entries: 0, sure: 'not yet' });
  });

  test('few entries pull a little, many pull all the way', () => {
    const pull = (n: number) => ownMinutes(10, Array<number>(n).fill(20)).minutes;
    expect(pull(1)).toBeLessThan(13);
    expect(pull(40)).toBeGreaterThan(19);
    expect(ownMinutes(10, Array<number>(9).fill(20)).sure).toBe('sure');
  });
});

test('no sitting falls into a busy time, and the work begins earlier instead; 12 seeded jobs', () => {
  for (let seed = 1; seed <= 12; seed++) {
    const project = randomProject(seed);
    const free = derivePlan(project);
    const [first] = free.schedule;
    if (!first) continue;
    const last = free.schedule.at(-1)!.sittings.at(-1)!;
    // the evening before the last day
    const busy = [{ from: wallToText(last.from - 20 * 60), to: wallToText(last.from - 60), name: 'away' }];
    const plan = derivePlan({ ...project, brief: { ...project.brief, busy } });
    const [from, to] = [last.from - 20 * 60, last.from - 60];
    for (const s of plan.schedule.flatMap((p) => p.sittings)) expect(s.to <= from || s.from >= to).toBe(true);
    const begins = (p: typeof plan) => Math.min(...p.schedule.map((t) => t.start));
    expect(begins(plan)).toBeLessThanOrEqual(begins(free));
  }
});
