import { randomProject } from '../testing/samples';
import { trayOf } from '../make/tray';
import { dryAt, dryingFactor, sameDryingAir, saturationHPa, type Air } from './drying';
import { criticalPath, topologicalOrder, type NetworkTask } from './network';
import { cut } from './batches';
import { SAFETY } from './settings';
import { BENCH_MINUTES, ownJointMinutes, tasksOf, TAPING } from './tasks';
import { SHIPPED } from '../botany/catalogue';

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

describe('tasks', () => {
  const project = randomProject(5);
  const tray = trayOf(project.arrangements);

  test('each strand dries between its steps, half again as long as it should take', () => {
    const tasks = tasksOf(tray, {
      joints: 0,
      entries: 3,
      barriers: 1,
      cakes: 1,
      barrierMinutes: 5,
      plaques: 0,
      wired: true,
      care: 1,
      catalogue: SHIPPED,
      jointMinutes: 3,
      colours: 3,
      dryFactor: 2,
    });
    for (const t of tasks) {
      for (const link of t.after) {
        const before = tasks.find((x) => x.id === link.id)!;
        // in whole minutes, never sooner
        expect(link.wait).toBe(Math.max(0, Math.ceil(before.dryHours * 60 * SAFETY.careful.dryingMargin - 1e-6)));
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
    const work = {
      joints: 40,
      entries: 3,
      barriers: 1,
      cakes: 1,
      barrierMinutes: 5,
      plaques: 0,
      wired: true,
      care: 1,
      catalogue: SHIPPED,
    };
    const tape = (jointMinutes: number) =>
      tasksOf(tray, { ...work, jointMinutes, colours: 3, dryFactor: 1 }).find((t) => t.id === 'tape')!.minutes;
    expect(tape(6)).toBeCloseTo(2 * tape(3), 6);
  });

  test('nothing to make, no task', () => {
    expect(
      tasksOf([], {
        joints: 0,
        entries: 0,
        barriers: 1,
        cakes: 1,
        barrierMinutes: 0,
        plaques: 0,
        wired: true,
        care: 1,
        catalogue: SHIPPED,
        jointMinutes: 3,
        colours: 0,
        dryFactor: 1,
      }),
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

describe('batches', () => {
  const minutes = (n: number) => 5 + 10 * n;
  const sizes = (pieces: number, batch: number, most: number, places = Infinity) =>
    cut({ pieces, batch, minutesOf: minutes, mostMinutes: most, places }).map((b) => b.to - b.from);
  test('a sitting holds whole working batches, never more than 40 pieces at once', () => {
    expect(sizes(20, 8, 120)).toEqual([8, 8, 4]);
    expect(sizes(90, 20, 1000)).toEqual([40, 40, 10]);
  });
  test('where a working batch does not fit, as even as can be; and no more than there are places to dry on', () => {
    expect(sizes(10, 20, 65)).toEqual([5, 5]);
    expect(sizes(9, 8, 1000, 3)).toEqual([3, 3, 3]);
  });
  test('one piece that takes longer than a sitting is done in parts, one after the other', () => {
    expect(
      cut({ pieces: 2, batch: 4, minutesOf: () => 100, mostMinutes: 45, places: Infinity }).map((b) => [b.from, b.part, b.parts]),
    ).toEqual([
      [0, 1, 3],
      [0, 2, 3],
      [0, 3, 3],
      [1, 1, 3],
      [1, 2, 3],
      [1, 3, 3],
    ]);
  });
  test('every piece once, in every job drawn at random; each batch waits for those that hold its pieces', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const tray = trayOf(randomProject(seed).arrangements);
      const work = {
        joints: 30,
        entries: 9,
        barriers: 1,
        cakes: 1,
        barrierMinutes: 20,
        plaques: 0,
        wired: true,
        care: 1,
        catalogue: SHIPPED,
        jointMinutes: 3,
      };
      const tasks = tasksOf(tray, { ...work, colours: 4, dryFactor: 1 }, { dryingMargin: 1.5, most: () => 60, places: 24 });
      const byId = new Map(tasks.map((t) => [t.id, t]));
      expect(byId.size).toBe(tasks.length);
      for (const t of tasks) {
        expect(t.duration).toBeLessThanOrEqual(60);
        for (const l of t.after) expect(byId.has(l.id)).toBe(true);
      }
      for (const kind of tray.filter((k) => k.toMake > 0))
        for (const step of new Set(tasks.filter((t) => t.kind === kind.key).map((t) => t.step))) {
          const own = tasks.filter((t) => t.kind === kind.key && t.step === step);
          const whole = own.reduce((a, t) => a + t.minutes, 0);
          const pieces = own.reduce((a, t) => a + t.pieces, 0);
          // one piece in parts is told with each part
          expect(pieces).toBeGreaterThanOrEqual(kind.toMake);
          expect(whole).toBeGreaterThan(0);
        }
    }
  });
});

describe('drying by a sensor', () => {
  const usual = { celsius: 20, humidityShare: 0.5 };
  const day = (humidity: (hour: number) => number, hours = 48): Air[] =>
    Array.from({ length: hours * 4 }, (_, i) => ({ at: i * 15, celsius: 20, humidityShare: humidity(i / 4) }));

  test('steady air: hours times the factor of the room', () => {
    for (const h of [0.4, 0.5, 0.6, 0.7]) {
      const found = dryAt(
        0,
        8,
        day(() => h),
        usual,
      )!;
      expect(found.at / 60).toBeCloseTo(8 * dryingFactor(20, h), 0);
      expect(found.unread).toBe(0);
    }
  });
  test('damp by night, dry by day: summed, not averaged first, for above 75 % nothing dries and nothing is undone', () => {
    const swings = day((hour) => (hour % 12 < 6 ? 0.9 : 0.3));
    const summed = dryAt(0, 10, swings, usual)!.at / 60;
    // nothing for six hours, then 1.67 times as fast: 10 hours of drying are done after 12; by the mean air of 60 % after 15
    const speed = 1 / dryingFactor(20, 0.3) / 2;
    expect(summed).toBeCloseTo(12, 0);
    expect(10 * dryingFactor(20, 0.6)).toBeCloseTo(15, 6);
    const same = sameDryingAir(swings)!;
    expect(1 / dryingFactor(same.celsius, same.humidityShare)).toBeCloseTo(speed, 6);
    expect(same.humidityShare).toBeCloseTo(0.55, 2);
  });
  test('a sensor that stops is believed for two hours, then the room is its usual self, and that is said', () => {
    const stopped = day(() => 0.7, 4);
    const found = dryAt(0, 8, stopped, usual)!;
    expect(found.unread).toBeGreaterThan(0.2);
    // 5.75 h at a third of the speed, the rest at the usual
    expect(found.at / 60).toBeCloseTo(5.75 + (8 - 5.75 / dryingFactor(20, 0.7)), 0);
    expect(dryAt(0, 8, [], usual)!.unread).toBe(1);
    // in air that never changes, to the minute: not on the grid it is summed over
    expect(dryAt(60, 8, [], usual)!.at).toBeCloseTo(60 + 8 * dryingFactor(usual.celsius, usual.humidityShare) * 60, 6);
  });
  test('air in which nothing dries, and none at all', () => {
    expect(
      dryAt(
        0,
        8,
        day(() => 0.9, 24 * 15),
        { celsius: 20, humidityShare: 0.9 },
      ),
    ).toBeNull();
    expect(sameDryingAir([])).toBeNull();
    expect(sameDryingAir(day(() => 0.9))!.humidityShare).toBeGreaterThan(0.75);
  });
});
