import type { ComposeRequest, Proposal } from '@/core/compose/composer';
import { otherWorkOf } from '@/core/plan/daysOf';
import { derivePlan, type DerivedPlan } from '@/core/plan/derivePlan';
import { newProject } from '@/core/plan/newProject';
import { checkProject, type Project } from '@/core/plan/project';
import { writeProjectFile } from '@/core/formats/projectFile';
import { composeAll } from '@/core/compose/composer';
import { packetFor, writePacket, type Packet } from '@/core/formats/packetFile';
import { DEMO_JOBS } from '@/core/demo/jobs';
import { memoryShelf as shelfInMemory } from './memoryShelf';
import { freshId } from './editActions';
import { createStudio, type StudioPorts } from './studio';
import { oneTab, type Tabs } from './tabs';
import { dueVersions } from './versions';

/** A shelf in memory, with a switch that makes it fail. */
function memoryShelf(): ReturnType<typeof shelfInMemory> & { broken: Error | null } {
  const shelf = shelfInMemory();
  const save = shelf.save;
  return Object.assign(shelf, {
    broken: null as Error | null,
    save(this: { broken: Error | null }, project: Project) {
      return this.broken ? Promise.reject(this.broken) : save(project);
    },
  });
}

interface Bench {
  keeps: 'disk' | 'page';
  /** the browser takes away what is stored */
  lose: () => void;
  tabs: Tabs;
  shelf: ReturnType<typeof memoryShelf>;
  timers: (() => void)[];
  plans: { project: Project; answer: (plan: DerivedPlan) => void; fail: (e: Error) => void }[];
  compose: { request: ComposeRequest; handlers: Parameters<StudioPorts['composer']['start']>[1] } | null;
  cancelled: number;
}

/** Tabs that share one shelf, without a browser: the first that asks for a job has it until it lets go. */
function tabsTogether() {
  const holds = new Map<string, { tab: number; waiting: { tab: number; mine: () => void }[] }>();
  const told: ((what: string) => void)[] = [];
  let tabs = 0;
  return (): Tabs => {
    const tab = tabs++;
    const release = () => {
      for (const [job, hold] of holds) {
        hold.waiting = hold.waiting.filter((w) => w.tab !== tab);
        if (hold.tab !== tab) continue;
        const next = hold.waiting.shift();
        if (next) {
          hold.tab = next.tab;
          next.mine();
        } else holds.delete(job);
      }
    };
    return {
      claim(jobId, mine) {
        release();
        const hold = holds.get(jobId);
        if (!hold) holds.set(jobId, { tab, waiting: [] });
        else hold.waiting.push({ tab, mine });
        return Promise.resolve(!hold);
      },
      release,
      tell: (what) => told.forEach((t, i) => i !== tab && t(what)),
      follow: (t) => void (told[tab] = t),
    };
  };
}

function studioForTest(shelf = memoryShelf(), tabs: Tabs = oneTab()) {
  const bench: Bench = { keeps: 'disk', lose: () => undefined, tabs, shelf, timers: [], plans: [], compose: null, cancelled: 0 };
  let ids = 0;
  const store = createStudio({
    shelf: bench.shelf,
    storage: { keeps: () => Promise.resolve(bench.keeps), lost: (tell) => void (bench.lose = tell) },
    now: () => new Date('2027-05-01T12:00:00Z'),
    newId: () => `id-${++ids}`,
    derive: (project) => new Promise((answer, fail) => bench.plans.push({ project, answer, fail })),
    otherWork: (project, before) => Promise.resolve(otherWorkOf(project, derivePlan(project, undefined, before))),
    tabs: bench.tabs,
    composer: {
      start: (request, handlers) => void (bench.compose = { request, handlers }),
      cancel: () => void bench.cancelled++,
    },
    later(run) {
      bench.timers.push(run);
      return () => {
        const at = bench.timers.indexOf(run);
        if (at >= 0) bench.timers.splice(at, 1);
      };
    },
  });
  return { bench, store, studio: () => store.getState() };
}

const bare = derivePlan(newProject('bare', 'Bare', '2027-06-12T09:30'));
/** A plan of no pieces under a project's own id: what it holds does not matter here. */
const planFor = (project: Project): DerivedPlan => ({ ...bare, projectId: project.id });

const tick = () => new Promise<void>((resolve) => setImmediate(resolve));

async function opened() {
  const t = studioForTest();
  await t.studio().start();
  await tick();
  return t;
}

/** Runs what was put off, as the clock would. */
async function passTime(bench: Bench) {
  for (const run of bench.timers.splice(0)) run();
  await tick();
}

/** The first demo job's part for a helper. */
const PACKET = (() => {
  const [demo] = DEMO_JOBS as Project[];
  const job = newProjectWithHelper(demo!);
  return packetFor(job, derivePlan(job), 'h')!;
})();

function newProjectWithHelper(demo: Project): Project {
  const checked = checkProject(demo);
  if ('issues' in checked) throw new Error(checked.issues[0]!.message);
  const { project } = checked;
  return {
    ...project,
    days: { ...project.days, makers: [{ id: 'h', name: 'Helper', hours: project.brief.hours, can: ['making', 'dusting'] }] },
  };
}

describe('a first start', () => {
  test('puts the demo jobs on the shelf and opens the default one', async () => {
    const { studio, bench } = await opened();
    expect(bench.shelf.rows.size).toBe(DEMO_JOBS.length);
    expect(studio().project?.id).toBe('demo-harbour-library');
    expect(studio().jobs).toHaveLength(DEMO_JOBS.length);
    expect(studio().ready).toBe(true);
  });

  test('does not bring demos back that were deleted', async () => {
    const { studio, bench } = await opened();
    for (const job of [...studio().jobs]) await studio().remove(job.id);
    expect(studio().project).toBeNull();
    await studio().start();
    expect(bench.shelf.rows.size).toBe(0);
  });

  test('opens the job that was open last', async () => {
    const { studio } = await opened();
    await studio().open('demo-midwinter-wreath');
    await studio().start();
    expect(studio().project?.id).toBe('demo-midwinter-wreath');
  });
});

describe('edits', () => {
  test('are undone and redone by name, without limit', async () => {
    const { studio } = await opened();
    for (let i = 0; i < 150; i++) studio().edit(`step ${i}`, (d) => void (d.brief.guests = i));
    expect(studio().past).toHaveLength(150);
    expect(studio().past[149]!.label).toBe('step 149');
    for (let i = 0; i < 150; i++) studio().undo();
    expect(studio().project?.brief.guests).toBe(90);
    studio().undo();
    for (let i = 0; i < 150; i++) studio().redo();
    expect(studio().project?.brief.guests).toBe(149);
    studio().redo();
    expect(studio().future).toEqual([]);
  });

  test('an edit after undo forgets the way forward; one that changes nothing is no step', async () => {
    const { studio } = await opened();
    studio().edit('one', (d) => void (d.brief.guests = 1));
    studio().undo();
    studio().edit('two', (d) => void (d.brief.guests = 2));
    expect(studio().future).toEqual([]);
    const before = studio().past.length;
    studio().edit('nothing', () => undefined);
    expect(studio().past).toHaveLength(before);
  });

  test('a drag is one step, however often it was shown; given up it is none', async () => {
    const { studio } = await opened();
    const start = studio().project;
    for (let i = 1; i <= 30; i++) studio().preview((d) => void (d.brief.guests = i));
    studio().settle('drag');
    expect(studio().past).toHaveLength(1);
    studio().undo();
    expect(studio().project).toBe(start);
    studio().preview((d) => void (d.brief.guests = 7));
    studio().giveUp();
    expect(studio().project).toBe(start);
    studio().settle('nothing was begun');
    expect(studio().past).toHaveLength(0);
  });
});

describe('saving', () => {
  test('the mark says saved only when it is on the shelf', async () => {
    const { studio, bench } = await opened();
    studio().edit('guests', (d) => void (d.brief.guests = 12));
    expect(studio().saved).toBe('saving');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(90);
    await passTime(bench);
    expect(studio().saved).toBe('saved');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(12);
  });

  test('a shelf that fails is said at once, with what to do', async () => {
    const { studio, bench } = await opened();
    bench.shelf.broken = new Error('disk full');
    studio().edit('guests', (d) => void (d.brief.guests = 12));
    await passTime(bench);
    expect(studio().saved).toBe('failed');
    expect(studio().saveFault).toMatch(/Save it as a file now/);
    bench.shelf.broken = null;
    await studio().flush();
    expect([studio().saved, studio().saveFault]).toEqual(['saved', null]);
  });

  test('no room is said as no room; what the browser took away is said and the open job stored again', async () => {
    const { studio, bench } = await opened();
    bench.shelf.broken = Object.assign(new Error('put failed'), { name: 'QuotaExceededError' });
    studio().edit('guests', (d) => void (d.brief.guests = 12));
    await passTime(bench);
    expect(studio().saveFault).toMatch(/no room left/);
    bench.shelf.broken = null;
    bench.shelf.rows.clear();
    bench.lose();
    await tick();
    expect(studio().saveFault).toMatch(/cleared what was stored/);
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(12);
  });

  test('another job is opened only after this one is saved', async () => {
    const { studio, bench } = await opened();
    studio().edit('guests', (d) => void (d.brief.guests = 31));
    await studio().open('demo-midwinter-wreath');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(31);
    expect(studio().past).toEqual([]);
  });
});

describe('the plan beside it', () => {
  test('belongs to what is shown; while one is made the newest waits, those between are skipped', async () => {
    const { studio, bench } = await opened();
    expect(bench.plans).toHaveLength(1);
    for (let i = 0; i < 5; i++) studio().edit('x', (d) => void (d.brief.guests = i));
    expect(bench.plans).toHaveLength(1);
    bench.plans[0]!.answer(planFor(bench.plans[0]!.project));
    await tick();
    expect(bench.plans).toHaveLength(2);
    expect(bench.plans[1]!.project).toBe(studio().project);
  });

  test('a late answer for another job is ignored', async () => {
    const { studio, bench } = await opened();
    const [late] = bench.plans;
    await studio().create();
    late!.answer(planFor(late!.project));
    await tick();
    expect(studio().plan).toBeNull();
    bench.plans[1]!.answer(planFor(bench.plans[1]!.project));
    await tick();
    expect(studio().plan?.projectId).toBe(studio().project!.id);
  });

  test('a plan that could not be made is said, and nothing is lost', async () => {
    const { studio, bench } = await opened();
    bench.plans[0]!.fail(new Error('The bench stopped.'));
    await tick();
    expect(studio().planFault).toBe('The bench stopped.');
    expect(studio().project).not.toBeNull();
  });
});

describe('jobs', () => {
  test('new, copied, deleted, brought back', async () => {
    const { studio, bench } = await opened();
    await studio().create();
    expect(studio().project).toMatchObject({ name: 'New job' });
    expect(studio().project!.brief.leavesAt).toBe('2027-05-15T10:00');
    await studio().copy('demo-harbour-library');
    expect(studio().project!.name).toBe('Harbour library, a hundred years, copy');
    const id = studio().project!.id;
    await studio().remove(id);
    expect(bench.shelf.rows.has(id)).toBe(false);
    expect(studio().deleted?.project.id).toBe(id);
    await studio().bringBack();
    expect(studio().project?.id).toBe(id);
    expect(studio().deleted).toBeNull();
  });

  test('one that is gone is said', async () => {
    const { studio } = await opened();
    await studio().open('never was');
    expect(studio().message?.kind).toBe('fault');
    expect(studio().project?.id).toBe('demo-harbour-library');
  });

  test('a file that is refused changes nothing; a good one opens, a second copy gets its own id', async () => {
    const { studio, bench } = await opened();
    const before = studio().project;
    await studio().importText('{"kind":"recipe"}');
    expect(studio().message).toMatchObject({ kind: 'fault' });
    expect(studio().project).toBe(before);
    expect(bench.shelf.rows.size).toBe(DEMO_JOBS.length);
    const file = writeProjectFile(newProject('mine', 'Mine', '2027-06-12T09:30'));
    await studio().importText(file);
    expect(studio().project?.id).toBe('mine');
    await studio().importText(file);
    expect(studio().project?.id).not.toBe('mine');
    expect(studio().message?.text).toMatch(/second copy/);
  });
});

describe('composing', () => {
  const proposalFrom = (request: ComposeRequest): Proposal[] => composeAll({ ...request, effort: 0.05, proposals: 1 });

  test('asks for what is open, shows progress, offers proposals; keeping one is one step', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    expect(studio().search.running).toBe(true);
    expect(bench.compose!.request).toMatchObject({ proposals: 3, seed: 1 });
    const found = proposalFrom(bench.compose!.request);
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 0.4, cost: 9, pieces: found[0]!.arrangement.pieces });
    expect(studio().search.progress?.share).toBe(0.4);
    bench.compose!.handlers.done(found);
    expect(studio().search).toMatchObject({ running: false, progress: null });
    studio().keep(found[0]!);
    expect(studio().project!.arrangements[0]!.pieces).toBe(found[0]!.arrangement.pieces);
    expect(studio().past.map((s) => s.label)).toEqual(['keep “Full”']);
    studio().compose(3);
    expect(bench.compose!.request.seed).toBe(2);
  });

  test('a proposal kept while others are still looked for stays marked as the kept one when all have come', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    const found = proposalFrom(bench.compose!.request);
    const { pieces } = found[0]!.arrangement;
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 1, cost: 9, pieces, found: found[0]! });
    studio().keep(studio().search.proposals[0]!);
    // what comes out of a worker at the end is a copy
    bench.compose!.handlers.done(structuredClone(found));
    expect(studio().search.proposals[0]!.arrangement.pieces).toBe(studio().project!.arrangements[0]!.pieces);
  });

  test('other pieces under the same ids: joints, barriers, what is taped and counted out go with the old ones', async () => {
    const { studio, bench } = await opened();
    studio().edit('by hand', (d) => {
      const [a] = d.arrangements;
      a!.joints = [{ pieceId: 'p1', shiftMm: 4, later: 0, onto: null, spray: null }];
      a!.pieces[0]!.underlaid = true;
      d.barrierFor = [{ entryId: `${a!.id}-p1`, barrier: 'pick-small' }];
      d.taped = [`stem:${a!.id}-p1`, `place:${a!.id}-p1`, 'made up:rose|open|blush:0'];
      d.countedOut = [`${a!.id}-p1`];
    });
    studio().compose(1);
    const found = proposalFrom(bench.compose!.request);
    bench.compose!.handlers.done(found);
    studio().keep(found[0]!);
    const { arrangements, barrierFor, taped, countedOut } = studio().project!;
    expect(arrangements[0]!.joints).toEqual([]);
    expect(arrangements[0]!.pieces.some((p) => p.underlaid)).toBe(false);
    expect([barrierFor, countedOut]).toEqual([[], []]);
    expect(taped).toEqual(['made up:rose|open|blush:0']);
    studio().undo();
    expect(studio().project!.barrierFor).toHaveLength(1);
  });

  test('stopping cancels at once and keeps the best so far as one step', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    const pieces = proposalFrom(bench.compose!.request)[0]!.arrangement.pieces;
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 0.2, cost: 3, pieces });
    studio().stopComposing();
    expect(bench.cancelled).toBeGreaterThan(0);
    expect(studio().search.running).toBe(false);
    expect(studio().project!.arrangements[0]!.pieces).toEqual(pieces);
    studio().undo();
    expect(studio().project!.arrangements[0]!.pieces).not.toEqual(pieces);
  });

  test('a fault is said at its place', async () => {
    const { studio, bench } = await opened();
    studio().compose(1);
    bench.compose!.handlers.fault('There is no tier to compose on: add one in Brief.');
    expect(studio().search).toMatchObject({ running: false, fault: 'There is no tier to compose on: add one in Brief.' });
  });

  test('a remedy changes, adds and removes in one step', async () => {
    const { studio } = await opened();
    const pieces = studio().project!.arrangements[0]!.pieces;
    const { id: _id, ...copy } = pieces[0]!;
    studio().applyRemedy(
      { label: 'x', change: [{ id: pieces[1]!.id, to: { lift: 0.9 } }], add: [copy], remove: [pieces[2]!.id] },
      'mend',
    );
    const now = studio().project!.arrangements[0]!.pieces;
    expect(now).toHaveLength(pieces.length);
    expect(now.find((p) => p.id === pieces[1]!.id)!.lift).toBe(0.9);
    expect(now.some((p) => p.id === pieces[2]!.id)).toBe(false);
    expect(new Set(now.map((p) => p.id)).size).toBe(now.length);
    studio().undo();
    expect(studio().project!.arrangements[0]!.pieces).toBe(pieces);
  });
});

test('a fresh id is never one that is taken', () => {
  expect(freshId([])).toBe('p1');
  expect(freshId([{ id: 'p1' }, { id: 'p3' }])).toBe('p4');
  expect(freshId([{ id: 'p3' }, { id: 'x' }])).toBe('p4');
});

test('light is remembered', async () => {
  const { studio } = await opened();
  studio().setEvening(true);
  await studio().start();
  expect(studio().evening).toBe(true);
});

describe('what stands there is improved', () => {
  test('finish and re-balance ask for their own task; the result is one step with its name', async () => {
    const { studio, bench } = await opened();
    for (const [task, name] of [
      ['finish', 'finish it'],
      ['re-balance', 're-balance'],
    ] as const) {
      studio().improve(task);
      expect(studio().search.running).toBe(true);
      expect(bench.compose!.request.task).toBe(task);
      expect(bench.compose!.request.proposals).toBe(1);
      const own = bench.compose!.request.arrangement;
      const pieces = own.pieces.slice(0, 5);
      const proposal: Proposal = {
        name,
        arrangement: { ...own, pieces },
        readings: [],
        score: 90,
        iterations: 1,
        stopped: 'settled',
      };
      bench.compose!.handlers.done([proposal]);
      expect(studio().search.running).toBe(false);
      expect(studio().past[studio().past.length - 1]!.label).toBe(name);
      expect(studio().project!.arrangements[0]!.pieces).toEqual(pieces);
      studio().undo();
      expect(studio().project!.arrangements[0]!.pieces).toEqual(own.pieces);
    }
  });

  test('an answer for a job that is no longer open is let go, a fault is said', async () => {
    const { studio, bench } = await opened();
    studio().improve('finish');
    const { handlers, request } = bench.compose!;
    await studio().create();
    const before = studio().project;
    handlers.done([{ name: 'x', arrangement: request.arrangement, readings: [], score: 1, iterations: 1, stopped: 'settled' }]);
    expect(studio().project).toBe(before);
    studio().improve('re-balance');
    bench.compose!.handlers.fault('No flower is chosen yet.');
    expect(studio().search.fault).toBe('No flower is chosen yet.');
  });
});

test('a step that could not be read again is refused with its sentence, and nothing is changed', async () => {
  const { studio } = await opened();
  const before = studio().project;
  studio().edit('no name', (d) => void (d.name = ''));
  expect(studio().project).toBe(before);
  expect(studio().past).toEqual([]);
  expect(studio().message).toMatchObject({ kind: 'fault', text: expect.stringContaining('a job has a name') as string });
});

test('a new job begins with the bench of the last one, and nothing of its cake', async () => {
  const { studio } = await opened();
  const { prices, paints, spares, catalogue } = studio().project!;
  await studio().create();
  expect(studio().project).toMatchObject({ prices, paints, spares, catalogue, taken: [], log: [] });
  expect(studio().project!.arrangements.flatMap((a) => a.pieces)).toEqual([]);
});

describe('the tin', () => {
  test('is there from the first start, kept over the next, and what cannot be read is left out', async () => {
    const { studio, bench } = await opened();
    expect(studio().tin.length).toBeGreaterThan(0);
    await studio().setTin(studio().tin.slice(0, 1));
    await studio().start();
    expect(studio().tin).toHaveLength(1);
    const [good] = studio().tin;
    await bench.shelf.setSetting('tin', [{ id: 'x', count: 'many' }, good]);
    await studio().start();
    expect(studio().tin).toEqual([good]);
  });

  test('what is taken out of it by hand can be put back in, once', async () => {
    const { studio, bench } = await opened();
    const before = studio().tin;
    await studio().setTin(before.slice(1));
    expect(studio().tin).toHaveLength(before.length - 1);
    await studio().bringBackStock();
    expect(studio().tin).toEqual(before);
    expect(await bench.shelf.getSetting('tin')).toEqual(before);
    expect(studio().takenOut).toBeNull();
    // what goes in is no loss
    await studio().setTin([...before, { ...before[0]!, id: 'more' }]);
    expect(studio().takenOut).toBeNull();
  });

  test('what one job has set aside is not free for another; taking is a step that is undone', async () => {
    const { studio } = await opened();
    const taken = studio().project!.taken;
    expect(taken.length).toBeGreaterThan(0);
    await studio().copy(studio().project!.id);
    studio().takeFromTin();
    const free = (id: string) => {
      const has = studio().tin.find((t) => t.id === id)!.count;
      return has - taken.find((t) => t.id === id)!.count;
    };
    for (const t of studio().project!.taken) expect(t.count).toBeLessThanOrEqual(free(t.id));
    studio().undo();
    expect(studio().project!.taken).toEqual(taken);
  });

  test('put away: what was taken is gone, what is left over is in, also after the next start', async () => {
    const { studio } = await opened();
    const count = () => studio().tin.reduce((a, t) => a + t.count, 0);
    const [before, taken] = [count(), studio().project!.taken.reduce((a, t) => a + t.count, 0)];
    const left = { ...studio().tin[0]!, id: 'left', count: 7, where: 'hat box' };
    await studio().putAway([left]);
    expect(count()).toBe(before - taken + 7);
    expect(studio().project!.taken).toEqual([]);
    await studio().start();
    expect(studio().tin.find((t) => t.where === 'hat box')?.count).toBe(7);
  });

  test('put away is undone with the tin: what the job took is there again, what others did since stays', async () => {
    const { studio } = await opened();
    const before = studio().tin;
    const { taken } = studio().project!;
    await studio().putAway([{ ...before[0]!, id: 'left', count: 7, where: 'hat box' }]);
    await studio().setTin([...studio().tin, { ...before[0]!, id: 'since', count: 2, where: 'drawer' }]);
    studio().undo();
    expect(studio().project!.taken).toEqual(taken);
    expect(studio().tin.filter((t) => t.id !== 'since')).toEqual(expect.arrayContaining([...before]));
    expect(studio().tin.map((t) => t.where)).not.toContain('hat box');
    expect(studio().tin.find((t) => t.id === 'since')?.count).toBe(2);
    studio().redo();
    expect(studio().tin.find((t) => t.where === 'hat box')?.count).toBe(7);
    expect(studio().project!.taken).toEqual([]);
  });

  test('ends of wire: moved into the job and back, kept once, kept over the next start; a copy has none of them', async () => {
    const { studio } = await opened();
    const end = { gauge: 24, colour: 'green' as const, lengthMm: 140, count: 3 };
    await studio().setOffcuts([end]);
    studio().useOffcuts([{ ...end, count: 2 }]);
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
    expect(studio().project!.offcuts).toEqual([{ ...end, count: 2 }]);
    await studio().copy(studio().project!.id);
    expect(studio().project!.offcuts).toEqual([]);
    studio().keepOffcuts([{ ...end, lengthMm: 80, count: 1 }]);
    studio().keepOffcuts([{ ...end, lengthMm: 80, count: 1 }]);
    expect(studio().offcuts).toEqual([
      { ...end, count: 1 },
      { ...end, lengthMm: 80, count: 1 },
    ]);
    studio().undo();
    expect(studio().project!.wiresCut).toBe(false);
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
    await studio().start();
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
  });

  test('a job that is deleted gives back the ends it had set aside; brought back it has none of them', async () => {
    const { studio } = await opened();
    const end = { gauge: 24, colour: 'green' as const, lengthMm: 140, count: 3 };
    await studio().setOffcuts([end]);
    studio().useOffcuts([end]);
    expect(studio().offcuts).toEqual([]);
    await studio().remove(studio().project!.id);
    expect(studio().offcuts).toEqual([end]);
    await studio().bringBack();
    expect(studio().project!.offcuts).toEqual([]);
    expect(studio().offcuts).toEqual([end]);
  });

  test('the composer is given what is free, unless the tin is to be left; keeping a proposal takes what it uses', async () => {
    const { studio, bench } = await opened();
    studio().compose(2);
    expect(bench.compose!.request.tin).toEqual(studio().tin);
    bench.compose!.handlers.done([]);
    studio().edit('leave the tin', (d) => void (d.brief.useTin = false));
    studio().compose(2);
    expect(bench.compose!.request.tin).toEqual([]);
  });
});

test('undoing a second arrangement leads back to one that is there', async () => {
  const { studio } = await opened();
  const { line } = studio().project!.arrangements[0]!;
  studio().edit(
    'another arrangement',
    (d) => void d.arrangements.push({ id: 'a2', line, method: 'stem by stem', pieces: [], joints: [], quantity: 1 }),
  );
  studio().set({ arrangementIndex: 1 });
  studio().undo();
  expect(studio().arrangementIndex).toBe(0);
  expect(studio().project!.arrangements).toHaveLength(1);
  studio().redo();
  expect(studio().project!.arrangements).toHaveLength(2);
});

describe('several jobs share the days', () => {
  const job = (id: string, leavesAt: string): Project => {
    const demo = newProjectWithHelper((DEMO_JOBS as Project[])[0]!);
    return { ...demo, id, name: id, brief: { ...demo.brief, leavesAt } };
  };
  test('what leaves before keeps its hours: planned first, then the open job round it; not where a person does not want it', async () => {
    const { studio, bench } = await opened();
    await bench.shelf.save(job('early', '2027-09-04T09:30'));
    await bench.shelf.save(job('late', '2027-09-06T09:30'));
    await bench.shelf.save(job('long ago', '2027-01-06T09:30'));
    await studio().open('late');
    await studio().shareDays();
    expect(studio().others.map((o) => o.job)).toEqual(['early']);
    const own = derivePlan(studio().project!, undefined, studio().others);
    for (const p of own.schedule.filter((x) => x.maker === 0))
      for (const s of studio().others[0]!.sittings) expect(p.to <= s.from || p.from >= s.to).toBe(true);
    studio().edit('alone', (d) => void (d.days.withOthers = false));
    await studio().shareDays();
    expect(studio().others).toEqual([]);
    await studio().open('early');
    await studio().shareDays();
    expect(studio().others).toEqual([]);
  });
});

describe('a packet for a helper', () => {
  const packet = { ...JSON.parse(JSON.stringify(PACKET)) } as Packet;
  test('opened it writes under a name of its own each time; what is done stays over a reload; another file is told', async () => {
    const { studio, bench } = await opened();
    await studio().importText(writePacket(packet));
    const first = studio().packet!;
    studio().packetEntry({ kind: packet.kinds[0]!.key, made: 2, broken: 0, minutes: null });
    studio().packetEntry({ kind: packet.kinds[0]!.key, made: 1, broken: 1, minutes: 9 });
    expect(studio().packet!.log.map((e) => e.id)).toEqual([`${first.actor}:1`, `${first.actor}:2`]);
    await studio().importText(writePacket(packet));
    expect(studio().message!.text).toMatch(/open already/);
    studio().set({ packet: null });
    await studio().start();
    expect(studio().packet!.log).toHaveLength(2);
    studio().closePacket();
    await studio().importText(writePacket(packet));
    expect(studio().packet!.actor).not.toBe(first.actor);
    await studio().importText(writePacket({ ...packet, version: 7 as 1 }));
    expect(studio().message!.text).toMatch(/newer/);
    // the newer one took nothing away from what is open
    expect(await bench.shelf.getSetting('packet')).toEqual(studio().packet);
    expect(studio().packet!.log).toEqual(packet.log);
  });
});

test('photographs and switched devices are kept; a job with photographs comes in with them', async () => {
  const { studio, bench } = await opened();
  studio().setDevices({ sensor: true, scale: false, printer: false });
  await studio().addPhoto({ id: 'p1', type: 'image/jpeg', base64: 'aGVsbG8=' });
  const text = writeProjectFile(studio().project!, studio().photos);
  await studio().importText(text);
  expect(studio().photos).toHaveLength(1);
  expect(studio().photos[0]!.id).not.toBe('p1');
  studio().set({ devices: { sensor: false, scale: false, printer: false } });
  await studio().start();
  expect(studio().devices.sensor).toBe(true);
  expect(await bench.shelf.getSetting('devices')).toEqual({ sensor: true, scale: false, printer: false });
});

test('two tabs on one job: the second can only look, follows what is saved, and takes over when the first lets go', async () => {
  const shelf = memoryShelf();
  const newTab = tabsTogether();
  const one = studioForTest(shelf, newTab());
  await one.studio().start();
  await tick();
  const second = newTab();
  const two = studioForTest(shelf, second);
  await two.studio().start();
  await tick();
  expect(one.studio().onlyLook).toBe(false);
  expect(two.studio()).toMatchObject({ onlyLook: true, message: { text: expect.stringMatching(/another tab/) as string } });
  // nothing that the second does is kept, and it says so
  two.studio().edit('name', (d) => void (d.name = 'overwritten'));
  expect(two.studio().project!.name).not.toBe('overwritten');
  await two.studio().flush();
  one.studio().edit('name', (d) => void (d.name = 'from the first'));
  await passTime(one.bench);
  await tick();
  expect(two.studio().project!.name).toBe('from the first');
  expect([...shelf.rows.values()].filter((r) => r.project.name === 'overwritten')).toEqual([]);
  one.bench.tabs.release();
  await tick();
  expect(two.studio()).toMatchObject({ onlyLook: false, message: { text: expect.stringMatching(/let go/) as string } });
  two.studio().edit('name', (d) => void (d.name = 'from the second'));
  await passTime(two.bench);
  expect([...shelf.rows.values()].map((r) => r.project.name)).toContain('from the second');
});

test('everything backed up and restored: nothing is overwritten, what is the same stays alone, the tin only where wanted', async () => {
  const { studio, bench } = await opened();
  const zip = await studio().backUp();
  const tin = studio().tin;
  studio().edit('name', (d) => void (d.name = 'changed since'));
  await studio().setTin([]);
  await passTime(bench);
  await studio().lookAtBackup(zip);
  const looked = studio().looked!;
  expect(looked.changes).toEqual({ added: 0, same: 2, other: 1 });
  await studio().restore(looked.backup, false);
  expect(studio().jobs).toHaveLength(4);
  expect(
    studio()
      .jobs.map((j) => j.name)
      .filter((n) => /changed since|\(restored\)/.test(n)),
  ).toHaveLength(2);
  expect(studio().tin).toEqual([]);
  await studio().restore(looked.backup, true);
  expect(studio().tin).toEqual(tin);
  await studio().lookAtBackup(new Uint8Array([1, 2, 3]));
  expect(studio().looked).toBeNull();
  expect(studio().message!.text).toMatch(/not a ZIP/);
});

test('a job goes back to an earlier version as a step that is undone; another job’s version is not taken', async () => {
  const { studio, bench } = await opened();
  studio().edit('name', (d) => void (d.name = 'first'));
  await passTime(bench);
  const [version] = await studio().versions();
  studio().edit('name', (d) => void (d.name = 'second'));
  studio().goBackTo(version!);
  expect(studio().project!.name).toBe('first');
  studio().undo();
  expect(studio().project!.name).toBe('second');
  studio().goBackTo({ at: 1, project: { ...version!.project, id: 'another' } });
  expect(studio().project!.name).toBe('second');
});

test('versions: one in ten minutes, the latest twenty, older ones go', () => {
  const minute = 60_000;
  expect(dueVersions([], 5)).toEqual({ keep: true, drop: [] });
  expect(dueVersions([0], 9 * minute)).toEqual({ keep: false, drop: [] });
  expect(dueVersions([0], 10 * minute)).toEqual({ keep: true, drop: [] });
  const full = Array.from({ length: 20 }, (_, i) => i * 10 * minute);
  expect(dueVersions(full, 1000 * minute)).toEqual({ keep: true, drop: [0] });
  // a clock that was set back does not stop them for long
  expect(dueVersions([1000 * minute], 5)).toEqual({ keep: true, drop: [] });
});
