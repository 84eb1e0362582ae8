import { newProject } from '@/core/plan/newProject';
import { keptSteps, MOST_KEPT_STEPS, stepsFrom } from './history';
import { opened, passTime, step, studioForTest, tick } from './testing/studioForTest';

const named = (name: string) => ({ ...newProject('job', name, '2027-06-12T09:30') });

describe('steps as they are kept', () => {
  const states = ['a', 'b', 'c', 'd'].map(named);
  const past = states.slice(0, 3).map((project, i) => ({ n: i + 1, label: step(`step ${i}`), project }));
  const last = states[3]!;

  test('only what was otherwise is kept, and all comes back from it', () => {
    const shared = states.map((s, i) => ({ ...states[0]!, name: s.name, note: i > 1 ? 'noted' : '' }));
    const own = past.map((p, i) => ({ ...p, project: shared[i]! }));
    const kept = keptSteps(own, shared[3]!);
    expect(kept.map((k) => Object.keys(k.was))).toEqual([['name'], ['name', 'note'], ['name']]);
    expect(stepsFrom(kept, shared[3]!)).toEqual(own);
  });

  test('what the steps did to the stock is kept with them', () => {
    const stock = { before: { tin: [], offcuts: [] }, after: { tin: [], offcuts: [] } };
    const kept = keptSteps([{ ...past[0]!, stock }], last);
    expect(kept[0]!.stock).toBe(stock);
    expect(stepsFrom(kept, last)[0]!.stock).toBe(stock);
  });

  test('the latest fifty are kept, with their numbers', () => {
    const many = Array.from({ length: 70 }, (_, i) => ({ n: i + 1, label: step(`${i}`), project: named(`${i}`) }));
    const kept = keptSteps(many, last);
    expect(kept).toHaveLength(MOST_KEPT_STEPS);
    expect(kept.map((k) => k.n)).toEqual(Array.from({ length: 50 }, (_, i) => i + 21));
    expect(stepsFrom(kept, last)).toEqual(many.slice(20));
  });

  test('no steps, nothing kept', () => {
    expect(keptSteps([], last)).toEqual([]);
    expect(stepsFrom([], last)).toEqual([]);
  });
});

describe('undo after the page was closed', () => {
  const renamed = async (...names: string[]) => {
    const { studio, bench } = await opened();
    for (const name of names) {
      studio().edit(step(`call it ${name}`), (d) => void (d.name = name));
      await passTime(bench);
    }
    return { studio, bench };
  };
  const again = async (shelf: Awaited<ReturnType<typeof renamed>>['bench']['shelf']) => {
    const next = studioForTest(shelf);
    await next.studio().start();
    await tick();
    return next;
  };

  test('goes back through the steps of before, each by its name, to the very beginning', async () => {
    const { studio, bench } = await renamed('first', 'second', 'third');
    const was = studio().past[0]!.project;
    const { studio: other, bench: later } = await again(bench.shelf);
    expect(other().past.map((s) => s.label)).toEqual(studio().past.map((s) => s.label));
    other().undo();
    expect(other().project!.name).toBe('second');
    other().redo();
    expect(other().project!.name).toBe('third');
    for (let i = 0; i < 3; i++) other().undo();
    expect(other().project).toEqual(was);
    await passTime(later);
    expect((await bench.shelf.load(was.id))!.name).toBe(was.name);
    // what was undone is not undone again
    expect((await again(bench.shelf)).studio().past).toEqual([]);
  });

  test('a step after an undo takes its place, and numbers only grow', async () => {
    const { studio, bench } = await renamed('first', 'second');
    studio().undo();
    studio().edit(step('another'), (d) => void (d.name = 'other'));
    await passTime(bench);
    const { studio: other } = await again(bench.shelf);
    const numbers = other().past.map((s) => s.n);
    expect(numbers).toEqual([1, 3]);
    other().edit(step('one more'), (d) => void (d.name = 'more'));
    expect(other().past.at(-1)!.n).toBe(4);
    other().undo();
    other().undo();
    expect(other().project!.name).toBe('first');
  });

  test('each job has its own; one that goes for good takes its steps along', async () => {
    const { studio, bench } = await renamed('first');
    const id = studio().project!.id;
    await studio().open('demo-midwinter-wreath');
    expect(studio().past).toEqual([]);
    await studio().open(id);
    expect(studio().past).toHaveLength(1);
    await studio().remove(id);
    expect(await bench.shelf.steps(id)).toHaveLength(1);
    await studio().forget(id);
    expect(await bench.shelf.steps(id)).toEqual([]);
  });

  test('steps are read as far back as they are jobs; the job opens all the same', async () => {
    const { studio, bench } = await renamed('first', 'second', 'third');
    const { id } = studio().project!;
    const [one, two, three] = await bench.shelf.steps(id);
    const broken = { ...two!, was: { name: 4 as unknown as string } };
    await bench.shelf.save(studio().project!, [one!, broken, three!]);
    const { studio: other } = await again(bench.shelf);
    expect(other().project!.name).toBe('third');
    expect(other().past.map((s) => s.n)).toEqual([three!.n]);
    other().undo();
    expect(other().project!.name).toBe('second');
  });

  test('what is done before the steps were read is not written over', async () => {
    const { bench } = await renamed('first', 'second');
    const next = studioForTest(bench.shelf);
    const starting = next.studio().start();
    await starting;
    next.studio().edit(step('at once'), (d) => void (d.name = 'at once'));
    await tick();
    expect(next.studio().project!.name).toBe('at once');
    expect(next.studio().past.at(-1)!.label).toEqual(step('at once'));
  });
});

describe('versions', () => {
  const texts = async (studio: Awaited<ReturnType<typeof opened>>['studio']) =>
    (await studio().versions()).map((v) => v.project.name);

  test('the job as it was when a sitting began is kept before its first step', async () => {
    const { studio, bench } = await opened();
    const { name } = studio().project!;
    for (const next of ['first', 'second', 'third']) {
      studio().edit(step(next), (d) => void (d.name = next));
      await passTime(bench);
    }
    expect(await texts(studio)).toEqual([name]);
    const later = studioForTest(bench.shelf);
    await later.studio().start();
    later.studio().edit(step('next day'), (d) => void (d.name = 'next day'));
    await passTime(later.bench);
    expect(await texts(later.studio)).toEqual(['third', name]);
  });

  test('before what changes much at once: a remedy, a proposal that is kept, going back to another version', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('a'), (d) => void (d.name = 'before the remedy'));
    studio().applyRemedy({ change: [], remove: [studio().project!.arrangements[0]!.pieces[0]!.id], add: [] } as never, step('r'));
    await passTime(bench);
    expect((await texts(studio))[0]).toBe('before the remedy');
    studio().edit(step('b'), (d) => void (d.name = 'before going back'));
    const [version] = await studio().versions();
    studio().goBackTo(version!);
    await passTime(bench);
    expect((await texts(studio))[0]).toBe('before going back');
  });

  test('the same is not kept twice', async () => {
    const { studio, bench } = await opened();
    const project = studio().project!;
    await bench.shelf.keepVersion(project);
    await bench.shelf.keepVersion({ ...project });
    expect(await studio().versions()).toHaveLength(1);
  });

  test('where a version cannot be stored it is said like any other fault of storage', async () => {
    const { studio, bench } = await opened();
    bench.shelf.keepVersion = () => Promise.reject(Object.assign(new Error('full'), { name: 'QuotaExceededError' }));
    studio().edit(step('a'), (d) => void (d.name = 'a'));
    await tick();
    expect(studio().saved).toBe('failed');
    expect(studio().saveFault!.key).toBe('studio.no-room');
  });
});
