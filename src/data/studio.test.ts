import type { GaugeCuts } from '@/core/plan/usedUp';
import { cutLongestFirst } from '@/core/wire/cutList';
import { asLabel } from '@/core/words/asLabel';
import { newProject } from '@/core/plan/newProject';
import { writeProjectFile } from '@/core/formats/projectFile';
import { DEMO_JOBS } from '@/core/demo/jobs';
import { studioForTest, planFor, tick, opened, passTime, step } from './testing/studioForTest';
import { oneTab } from './tabs';

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

describe('the plan kept from the last time', () => {
  const askedAgain = async () => {
    const { studio, bench } = await opened();
    const [asked] = bench.plans.splice(0);
    asked!.answer(planFor(studio().project!));
    await tick();
    return { studio, bench };
  };

  test('is there at once when the application is opened again, and is made anew all the same', async () => {
    const { bench, studio } = await askedAgain();
    await passTime(bench);
    const again = studioForTest(bench.shelf);
    await again.studio().start();
    expect(again.studio().plan?.projectId).toBe(studio().project!.id);
    expect(again.studio().planOf).toBe(again.studio().project);
    expect(again.bench.plans).toHaveLength(1);
  });

  test('is not used for a job that has changed since, nor by another build', async () => {
    const { bench, studio } = await askedAgain();
    await passTime(bench);
    const newer = studioForTest(bench.shelf, oneTab(), 'two');
    await newer.studio().start();
    expect(newer.studio().plan).toBeNull();
    studio().edit(step('Name'), (p) => void (p.name = 'Another'));
    await studio().flush();
    const again = studioForTest(bench.shelf);
    await again.studio().start();
    expect(again.studio().plan).toBeNull();
  });

  test('no room for it is no fault', async () => {
    const { bench, studio } = await askedAgain();
    bench.shelf.setSetting = () => Promise.reject(new Error('quota'));
    await passTime(bench);
    expect(studio().saved).toBe('saved');
    expect(studio().message).toBeNull();
  });
});

test('a browser that cleared everything between two visits is told from a first visit', async () => {
  const first = await opened();
  expect(first.studio().message).toBeNull();
  const again = studioForTest();
  again.bench.keptBefore = true;
  await again.studio().start();
  expect(again.studio().message?.text).toMatchObject({ key: 'studio.cleared-since' });
  // who deleted all jobs by hand is not told so
  for (const job of [...again.studio().jobs]) await again.studio().remove(job.id);
  const third = studioForTest(again.bench.shelf);
  third.bench.keptBefore = true;
  await third.studio().start();
  expect(third.studio().message).toBeNull();
});

describe('edits', () => {
  test('are undone and redone by name, without limit', async () => {
    const { studio } = await opened();
    for (let i = 0; i < 150; i++) studio().edit(step(`step ${i}`), (d) => void (d.brief.guests = i));
    expect(studio().past).toHaveLength(150);
    expect(studio().past[149]!.label).toEqual(step('step 149'));
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
    studio().edit(step('one'), (d) => void (d.brief.guests = 1));
    studio().undo();
    studio().edit(step('two'), (d) => void (d.brief.guests = 2));
    expect(studio().future).toEqual([]);
    const before = studio().past.length;
    studio().edit(step('nothing'), () => undefined);
    expect(studio().past).toHaveLength(before);
  });

  test('a drag is one step, however often it was shown; given up it is none', async () => {
    const { studio } = await opened();
    const start = studio().project;
    for (let i = 1; i <= 30; i++) studio().preview((d) => void (d.brief.guests = i));
    studio().settle(step('drag'));
    expect(studio().past).toHaveLength(1);
    studio().undo();
    expect(studio().project).toBe(start);
    studio().preview((d) => void (d.brief.guests = 7));
    studio().giveUp();
    expect(studio().project).toBe(start);
    studio().settle(step('nothing was begun'));
    expect(studio().past).toHaveLength(0);
  });
});

describe('saving', () => {
  test('the mark says saved only when it is on the shelf', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('guests'), (d) => void (d.brief.guests = 12));
    expect(studio().saved).toBe('saving');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(90);
    await passTime(bench);
    expect(studio().saved).toBe('saved');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(12);
  });

  test('a shelf that fails is said at once, with what to do', async () => {
    const { studio, bench } = await opened();
    bench.shelf.broken = new Error('disk full');
    studio().edit(step('guests'), (d) => void (d.brief.guests = 12));
    await passTime(bench);
    expect(studio().saved).toBe('failed');
    expect(studio().saveFault?.key).toBe('studio.not-stored');
    bench.shelf.broken = null;
    await studio().flush();
    expect([studio().saved, studio().saveFault]).toEqual(['saved', null]);
  });

  test('no room is said as no room; what the browser took away is said and the open job stored again', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('guests'), (d) => void (d.brief.guests = 11));
    await passTime(bench);
    bench.shelf.broken = Object.assign(new Error('put failed'), { name: 'QuotaExceededError' });
    studio().edit(step('guests'), (d) => void (d.brief.guests = 12));
    await passTime(bench);
    expect(studio().saveFault?.key).toBe('studio.no-room');
    bench.shelf.broken = null;
    bench.shelf.rows.clear();
    bench.lose(true);
    await tick();
    expect(studio().saveFault?.key).toBe('studio.taken-away');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(12);
    // what this tab put back itself is no newer work of another
    studio().edit(step('guests'), (d) => void (d.brief.guests = 13));
    await passTime(bench);
    await tick();
    expect([...bench.shelf.rows.keys()]).toEqual(['demo-harbour-library']);
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(13);
  });

  test('a storage that was shut with all in it is said, and written to again only when a person says so', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('guests'), (d) => void (d.brief.guests = 12));
    bench.lose(false);
    await tick();
    expect([studio().saved, studio().saveFault?.key]).toEqual(['failed', 'studio.storage-shut']);
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).not.toBe(12);
    await studio().flush();
    expect(studio()).toMatchObject({ saved: 'saved', saveFault: null });
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(12);
  });

  test('another job is opened only after this one is saved', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('guests'), (d) => void (d.brief.guests = 31));
    await studio().open('demo-midwinter-wreath');
    expect(bench.shelf.rows.get('demo-harbour-library')!.project.brief.guests).toBe(31);
    expect(studio().past).toEqual([]);
  });
});

describe('the plan beside it', () => {
  test('belongs to what is shown; while one is made the newest waits, those between are skipped', async () => {
    const { studio, bench } = await opened();
    expect(bench.plans).toHaveLength(1);
    for (let i = 0; i < 5; i++) studio().edit(step('x'), (d) => void (d.brief.guests = i));
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

  describe('cut lists that longest first does not prove', () => {
    const demands = [181, 150, 109, 100, 100, 79].map((lengthMm) => ({ lengthMm, count: 1 }));
    const quick = cutLongestFirst(demands, 360);
    const proven = { ...quick, bars: quick.bars.slice(1), proven: true };
    const cuts: GaugeCuts[] = [20, 26].map((gauge) => ({
      ...{ gauge, colour: 'green', diameterMm: 0.5, fromOffcuts: [], demands },
      ...{ least: gauge === 20 ? { ...quick, proven: true } : quick, lengths: { fractions: 6, length: 5, sizes: 5 } },
    }));
    const planned = async () => {
      const { studio, bench } = await opened();
      bench.plans[0]!.answer({ ...planFor(bench.plans[0]!.project), cuts });
      await tick();
      return { studio, bench };
    };

    test('are proven once nothing changes for a moment, and the plan has them', async () => {
      const { studio, bench } = await planned();
      expect(bench.proofs).toEqual([]);
      await passTime(bench);
      expect(bench.proofs.map((p) => p.lists)).toEqual([[demands]]);
      bench.proofs[0]!.answer([proven]);
      await tick();
      expect(studio().plan!.cuts.map((c) => c.least)).toEqual([cuts[0]!.least, proven]);
      expect(studio().planOf).toBe(studio().project);
    });

    test('a proof that comes after the next plan is dropped', async () => {
      const { studio, bench } = await planned();
      await passTime(bench);
      studio().edit(step('x'), (d) => void (d.brief.guests = 7));
      const next = { ...planFor(bench.plans[1]!.project), cuts };
      bench.plans[1]!.answer(next);
      await tick();
      bench.proofs[0]!.answer([proven]);
      await tick();
      expect(studio().plan).toBe(next);
    });
  });

  test('a plan that could not be made is said, and nothing is lost', async () => {
    const { studio, bench } = await opened();
    bench.plans[0]!.fail(Object.assign(new Error('The worker died.'), { name: 'WorkerDied' }));
    await tick();
    expect(studio().planFault).toEqual(asLabel('studio.plan-stopped'));
    studio().edit(asLabel('brief.do-mood'), (d) => void (d.brief.style = 'lush'));
    bench.plans[1]!.fail(new Error('refusal.missing'));
    await tick();
    expect(studio().planFault).toEqual(asLabel('studio.no-plan'));
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
    expect(studio().message?.text).toMatchObject({ key: 'studio.job-is-open', args: { second: 'yes' } });
  });
});
