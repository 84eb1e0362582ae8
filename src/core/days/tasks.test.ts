import { SHIPPED } from '../botany/catalogue';
import { trayOf, type TrayKind } from '../make/tray';
import { randomProject } from '../testing/samples';
import { careOf } from './settings';
import { BENCH_MINUTES, tasksOf, type Task } from './tasks';

const TRAY = trayOf(randomProject(5).arrangements);
const KIND: TrayKind = TRAY.find((k) => k.steps.length > 2)!;
const PLAIN = { share: 1 } as TrayKind['pace'];
/** Six of one kind, by someone who works as the catalogue says. */
const SIX: TrayKind = { ...KIND, toMake: 6, placed: 6, pace: PLAIN, drying: { ...KIND.drying, share: 1 } };
const WORK = {
  ...{
    catalogue: SHIPPED,
    colours: 3,
    dryFactor: 1,
    joints: 0,
    entries: 5,
    barriers: 1,
    cakes: 1,
    barrierMinutes: 12,
    plaques: 0,
  },
  ...{ wired: true, care: 1, jointMinutes: 3 },
};
const byId = (tasks: readonly Task[], id: string) => tasks.find((t) => t.id === id)!;
const stepsOf = (tasks: readonly Task[]) => tasks.filter((t) => t.kind === SIX.key);

describe('six of one kind, worked by hand from its method', () => {
  const tasks = tasksOf([SIX], WORK);

  test('a task for each step, in its order; minutes for each piece and once for each board that is begun', () => {
    const own = stepsOf(tasks);
    expect([...new Set(own.map((t) => t.step))]).toEqual(SIX.steps.map((s) => s.step.id));
    for (const { step, eachMinutes, boards } of SIX.steps) {
      const minutes = own.filter((t) => t.step === step.id).reduce((a, t) => a + t.minutes, 0);
      const setUps = boards.reduce((a, b) => a + Math.ceil((6 * b.perPiece) / b.batch - 1e-9) * b.minutes, 0);
      expect(minutes).toBeCloseTo(eachMinutes * 6 + setUps, 6);
    }
  });

  test('sittings are in steps of five minutes, never shorter than the work', () => {
    for (const t of tasks) {
      expect(t.duration % 5).toBe(0);
      expect(t.duration).toBeGreaterThanOrEqual(Math.max(5, t.minutes) - 1e-6);
      expect(t.duration - t.minutes).toBeLessThan(5 + 1e-6);
    }
  });

  test('the first step waits for the mixing, every other for the one before and its drying', () => {
    const own = stepsOf(tasks);
    expect(own[0]!.after).toEqual([{ id: 'mix', wait: 0 }]);
    own.slice(1).forEach((t, i) => {
      const before = own[i]!;
      expect(t.after.map((l) => l.id)).toEqual([before.id]);
      // in whole minutes, never sooner
      expect(t.after[0]!.wait).toBe(Math.max(0, Math.ceil(before.dryHours * 60 * 1.5 - 1e-6)));
    });
  });

  test('who can do it: dusting and steaming the duster, assembling the taper, all else the maker', () => {
    const wanted = (step: string) => (['dust', 'steam'].includes(step) ? 'dusting' : step === 'assemble' ? 'taping' : 'making');
    for (const t of stepsOf(tasks)) expect(t.skill).toBe(wanted(t.step));
    expect(byId(tasks, 'mix').skill).toBe('mixing');
    expect(byId(tasks, 'place').skill).toBe('placing');
  });

  test('after the pieces: taping, barriers, boxing, placing, each after the one before', () => {
    expect(byId(tasks, 'tape').after.map((l) => l.id)).toEqual([stepsOf(tasks).at(-1)!.id]);
    expect(byId(tasks, 'barriers').after.map((l) => l.id)).toEqual(['tape']);
    expect(byId(tasks, 'box').after.map((l) => l.id)).toEqual(['barriers']);
    expect(byId(tasks, 'place').after.map((l) => l.id)).toEqual(['box']);
    expect(byId(tasks, 'place').minutes).toBe(5 * BENCH_MINUTES.entryEach + BENCH_MINUTES.lookRound);
    expect(byId(tasks, 'box').minutes).toBe(BENCH_MINUTES.boxing);
  });

  test('equal cakes: what goes in is counted on all of them, each further box and look round takes a little', () => {
    const three = tasksOf([SIX], { ...WORK, entries: 15, barriers: 15, barrierMinutes: 36, cakes: 3 });
    expect(byId(three, 'place').minutes).toBe(
      15 * BENCH_MINUTES.entryEach + BENCH_MINUTES.lookRound + 2 * BENCH_MINUTES.eachMore,
    );
    expect(byId(three, 'box').minutes).toBe(BENCH_MINUTES.boxing + 2 * BENCH_MINUTES.eachMore);
    expect(byId(three, 'barriers')).toMatchObject({ minutes: 36, detail: { values: { count: 15 } } });
  });

  test('what is glued lies flat overnight before it is boxed (docs/trade.md, common practice, no source)', () => {
    const glued = tasksOf([SIX], { ...WORK, wired: false, barriers: 0, barrierMinutes: 0 });
    expect(byId(glued, 'tape').name.code).toBe('task.glue');
    const [link] = byId(glued, 'box').after;
    expect(link).toEqual({ id: 'tape', wait: 10 * 60 * 1.5 });
    expect(byId(tasksOf([SIX], WORK), 'tape').dryHours).toBe(0);
  });

  test('where nothing has a barrier there is none to fit', () => {
    const flat = tasksOf([SIX], { ...WORK, entries: 24, barriers: 0, barrierMinutes: 0, cakes: 24 });
    expect(flat.map((t) => t.id)).not.toContain('barriers');
    expect(byId(flat, 'box').after.map((l) => l.id)).toEqual(['tape']);
  });
});

test('mixing: six minutes for each colour, ten at the least', () => {
  const mix = (colours: number) => byId(tasksOf([SIX], { ...WORK, colours }), 'mix').minutes;
  expect([0, 1, 2, 5].map(mix)).toEqual([10, 10, 12, 30]);
});

test('taping: a joint each, or half of one for each stem; at least a quarter of an hour', () => {
  const tape = (joints: number, placed: number) => byId(tasksOf([{ ...SIX, placed }], { ...WORK, joints }), 'tape').minutes;
  expect(tape(40, 6)).toBe(120);
  expect(tape(0, 40)).toBe(60);
  expect(tape(2, 2)).toBe(15);
});

test('what has no wire is glued, sprays and single stems are taped: each called by its own name', () => {
  const name = (over: Partial<typeof WORK>) => byId(tasksOf([SIX], { ...WORK, ...over }), 'tape').name.code;
  expect(name({ wired: false })).toBe('task.glue');
  expect(name({ joints: 4 })).toBe('task.tape-sprays');
  expect(name({})).toBe('task.tape-stems');
});

test('a showpiece takes half as long again, and damp air dries later; damp that never dries counts three times', () => {
  const minutes = (care: number) => stepsOf(tasksOf([SIX], { ...WORK, care })).reduce((a, t) => a + t.minutes, 0);
  expect(careOf('everyday')).toBe(1);
  expect(minutes(careOf('showpiece')) / minutes(1)).toBeCloseTo(1.5, 6);
  const hours = (dryFactor: number) => stepsOf(tasksOf([SIX], { ...WORK, dryFactor })).reduce((a, t) => a + t.dryHours, 0);
  expect(hours(2) / hours(1)).toBeCloseTo(2, 6);
  expect(hours(Infinity) / hours(1)).toBeCloseTo(3, 6);
});

test('a step dries by the thickest of what is made in it: a solid bud longer than petals (docs/trade.md D1, D2; common practice, no source)', () => {
  const { arrangements } = randomProject(5);
  const piece = { ...arrangements[0]!.pieces[0]!, species: 'magnolia', stage: 'bud', sizeMm: 80 };
  const [bud] = trayOf([{ ...arrangements[0]!, pieces: [piece] }]);
  const [made, ...others] = tasksOf([bud!], WORK).filter((t) => t.kind === bud!.key);
  // a ball of 13 mm: 8 h at 12 mm, in proportion; nothing of petals to make
  expect(made!.dryHours).toBeCloseTo((8 * 13) / 12, 6);
  expect(others.map((t) => t.step)).toEqual(['dust', 'steam']);
});

test('a sitting of an hour holds no longer task; parts of one task weigh the same, and placing goes in turn', () => {
  const tasks = tasksOf([SIX], { ...WORK, entries: 60, joints: 80 }, { dryingMargin: 1.5, most: () => 60, places: 24 });
  for (const t of tasks) expect(t.duration).toBeLessThanOrEqual(60);
  const places = tasks.filter((t) => t.name.code === 'task.place');
  expect(places).toHaveLength(5);
  expect(new Set(places.map((t) => t.minutes)).size).toBe(1);
  places.slice(1).forEach((t, i) => expect(t.after.map((l) => l.id)).toEqual([places[i]!.id]));
  const taped = tasks.filter((t) => t.name.code === 'task.tape-sprays');
  // what comes next waits for all of them
  expect(new Set(tasks.find((t) => t.id === 'barriers')!.after.map((l) => l.id))).toEqual(new Set(taped.map((t) => t.id)));
});

test('plaques are rolled after the mixing and taping waits for them; none where there are none', () => {
  const tasks = tasksOf([SIX], { ...WORK, plaques: 2 });
  const plaque = byId(tasks, 'plaque');
  expect(plaque.after.map((l) => l.id)).toEqual(['mix']);
  expect(plaque.dryHours).toBeGreaterThan(0);
  expect(byId(tasks, 'tape').after.map((l) => l.id)).toContain('plaque');
  // of the same board each further one takes as long as the last; a second board is laid out once more
  const minutesFor = (plaques: number) => byId(tasksOf([SIX], { ...WORK, plaques }), 'plaque').minutes;
  expect(minutesFor(3) - minutesFor(2)).toBe(minutesFor(2) - minutesFor(1));
  expect(minutesFor(21) - minutesFor(20)).toBeGreaterThan(minutesFor(2) - minutesFor(1));
  expect(tasksOf([SIX], WORK).some((t) => t.id === 'plaque')).toBe(false);
});

test('nothing is placed before the cake is ready, where that is known', () => {
  expect(byId(tasksOf([SIX], { ...WORK, cakeReadyAt: 5000 }), 'place').notBefore).toBe(5000);
  expect(byId(tasksOf([SIX], WORK), 'place').notBefore).toBeUndefined();
});
