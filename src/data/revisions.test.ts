import 'fake-indexeddb/auto';
import { newProject } from '@/core/plan/newProject';
import { StudioDb } from './db';
import { jobShelf, type JobShelf } from './jobs';
import { memoryShelf as shelfInMemory } from './memoryShelf';
import { memoryShelf, passTime, step, studioForTest, tick } from './testing/studioForTest';

let databases = 0;
const JOB = newProject('job', 'Job', '2027-06-12T09:30');
const named = (name: string) => ({ ...JOB, name });

describe.each([
  ['in the browser’s database', (): JobShelf => jobShelf(new StudioDb(`revisions-${++databases}`), () => 1_000_000)],
  ['in memory', (): JobShelf => shelfInMemory()],
])('a shelf %s', (_, open) => {
  test('writes nothing over what another tab stored since, and all that one tab writes in its order', async () => {
    const shelf = open();
    const from = (await shelf.save(named('first'), undefined, { tab: 'one', from: 0 })) as number;
    // two on their way at once: the second does not know yet what the first was given
    const both = [named('second'), named('third')].map((p) => shelf.save(p, undefined, { tab: 'one', from }));
    expect(await Promise.all(both)).toEqual([from + 1, from + 2]);
    expect(await shelf.save(named('stale'), undefined, { tab: 'two', from })).toBe('newer elsewhere');
    expect((await shelf.load('job'))!.name).toBe('third');
    const read = (await shelf.read('job'))!;
    expect(await shelf.save(named('fourth'), undefined, { tab: 'two', from: read.revision })).toBe(from + 3);
    expect(await shelf.save(named('late'), undefined, { tab: 'one', from: from + 2 })).toBe('newer elsewhere');
  });

  test('a revision grows on over a deletion, so what was read before it is known as old', async () => {
    const shelf = open();
    const from = (await shelf.save(named('first'), undefined, { tab: 'one', from: 0 })) as number;
    await shelf.remove('job');
    await shelf.add((await shelf.loadDeleted('job'))!, []);
    expect((await shelf.read('job'))!.revision).toBeGreaterThan(from);
    expect(await shelf.save(named('stale'), undefined, { tab: 'one', from })).toBe('newer elsewhere');
  });

  test('adding never takes the place of a job that is there', async () => {
    const shelf = open();
    await shelf.save(named('there'));
    await expect(shelf.add(named('added'), [])).rejects.toThrow();
    expect((await shelf.load('job'))!.name).toBe('there');
  });
});

describe('tabs that know nothing of each other', () => {
  const twoAlone = async () => {
    const shelf = memoryShelf();
    const open = async () => {
      const tab = studioForTest(shelf);
      await tab.studio().start();
      await tick();
      return tab;
    };
    const [one, two] = [await open(), await open()];
    return { shelf, one, two, id: one.studio().project!.id };
  };
  const edit = async ({ studio, bench }: Awaited<ReturnType<typeof twoAlone>>['one'], name: string) => {
    studio().edit(step('name'), (d) => void (d.name = name));
    await passTime(bench);
    for (let i = 0; i < 9; i++) await tick();
  };

  test('keep both what each did, and say so; the second goes on as a job of its own', async () => {
    const { shelf, one, two, id } = await twoAlone();
    await edit(one, 'from the first');
    await two.studio().addPhoto({ id: 'p1', type: 'image/jpeg', base64: 'aGVsbG8=' });
    await edit(two, 'from the second');
    expect((await shelf.load(id))!.name).toBe('from the first');
    const own = two.studio().project!;
    expect(own).toMatchObject({ name: 'from the second (beside)' });
    expect(own.id).not.toBe(id);
    expect(two.studio()).toMatchObject({ saved: 'saved', message: { text: { key: 'studio.kept-beside' }, kind: 'fault' } });
    expect(await shelf.load(own.id)).toEqual(own);
    expect(await shelf.photos(own.id)).toHaveLength(1);
    // both work on
    await edit(one, 'first again');
    await edit(two, 'second again');
    expect((await shelf.load(id))!.name).toBe('first again');
    expect((await shelf.load(own.id))!.name).toBe('second again');
    expect((await shelf.list()).filter((j) => j.name.includes('again'))).toHaveLength(2);
  });

  test('where the second job finds no room, it stays on the screen and is said not to be stored', async () => {
    const { shelf, one, two, id } = await twoAlone();
    await edit(one, 'from the first');
    shelf.add = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
    await edit(two, 'from the second');
    expect(two.studio()).toMatchObject({ saved: 'failed', saveFault: { key: 'studio.no-room' } });
    expect(two.studio().project!.name).toBe('from the second (beside)');
    expect((await shelf.load(id))!.name).toBe('from the first');
    // stored again as the sign offers
    two.studio().set({ saved: 'saving', saveFault: null });
    await two.studio().flush();
    expect((await shelf.load(two.studio().project!.id))!.name).toBe('from the second (beside)');
  });
});
