import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { newProject } from '@/core/plan/newProject';
import type { Project } from '@/core/plan/project';
import { asLabel } from '@/core/words/asLabel';
import { StudioDb } from './db';
import { jobShelf, MOST_DELETED } from './jobs';
import { MOST_VERSIONS } from './versions';

const MINUTE = 60_000;
let databases = 0;
let clock = 0;
const open = () => {
  const db = new StudioDb(`shelf-${++databases}`);
  clock = 1_000_000 * MINUTE;
  return { db, shelf: jobShelf(db, () => clock) };
};
const named = (name: string, id = 'job'): Project => newProject(id, name, '2027-06-12T09:30');
const kept = (n: number, was: Partial<Project> = { name: `before ${n}` }) => ({
  n,
  label: asLabel('shared.do-text', { text: `${n}` }),
  was,
});

test('a job is saved whole and read as it was; the list says the latest first', async () => {
  const { shelf } = open();
  await shelf.save(named('One', 'a'));
  clock += MINUTE;
  await shelf.save(named('Two', 'b'));
  expect(await shelf.load('a')).toEqual(named('One', 'a'));
  expect((await shelf.list()).map((j) => j.name)).toEqual(['Two', 'One']);
  expect(await shelf.load('none')).toBeNull();
});

describe('steps', () => {
  test('are kept with the job in their order, of that job alone', async () => {
    const { shelf } = open();
    await shelf.save(named('A', 'a'), [kept(1), kept(2), kept(10)]);
    await shelf.save(named('B', 'b'), [kept(5)]);
    expect((await shelf.steps('a')).map((s) => s.n)).toEqual([1, 2, 10]);
    expect(await shelf.steps('a')).toEqual([kept(1), kept(2), kept(10)]);
    expect((await shelf.steps('b')).map((s) => s.n)).toEqual([5]);
  });

  test('those that are no more are gone, the last is written anew, a save without steps leaves them', async () => {
    const { shelf } = open();
    await shelf.save(named('A'), [kept(1), kept(2), kept(3)]);
    await shelf.save(named('B'), [kept(1), kept(2, { name: 'other' })]);
    expect(await shelf.steps('job')).toEqual([kept(1), kept(2, { name: 'other' })]);
    await shelf.save(named('C'));
    expect(await shelf.steps('job')).toHaveLength(2);
    await shelf.save(named('D'), []);
    expect(await shelf.steps('job')).toEqual([]);
  });

  test('go with the job', async () => {
    const { shelf } = open();
    await shelf.save(named('A', 'a'), [kept(1)]);
    await shelf.save(named('B', 'b'), [kept(1)]);
    await shelf.remove('a');
    await shelf.forget('a');
    expect(await shelf.steps('a')).toEqual([]);
    expect(await shelf.steps('b')).toHaveLength(1);
  });
});

describe('deleted jobs', () => {
  const photo = (id: string) => ({ id, type: 'image/png' as const, base64: 'iVBORw0KGgo=' });

  test('can be brought back with all that belongs to them, the last twenty of them', async () => {
    const { shelf } = open();
    for (let i = 0; i <= MOST_DELETED; i++) {
      const id = `job-${i}`;
      await shelf.add(named(`Job ${i}`, id), [photo(`p${i}`)]);
      await shelf.save(named(`Job ${i}`, id), [kept(1)]);
      clock += 1000;
      await shelf.remove(id);
    }
    const deleted = await shelf.deleted();
    expect(deleted.map((d) => d.id)).toEqual(Array.from({ length: MOST_DELETED }, (_, i) => `job-${MOST_DELETED - i}`));
    expect(deleted.every((d) => d.room > photo('').base64.length)).toBe(true);
    // the first went for good, with its photograph, its versions and its steps
    expect(await shelf.loadDeleted('job-0')).toBeNull();
    expect(await shelf.photos('job-0')).toEqual([]);
    expect(await shelf.versions('job-0')).toEqual([]);
    expect(await shelf.steps('job-0')).toEqual([]);
    expect((await shelf.loadDeleted('job-7'))!.name).toBe('Job 7');
    expect(await shelf.photos('job-7')).toEqual([photo('p7')]);
    expect(await shelf.steps('job-7')).toHaveLength(1);
  });

  test('one that is stored again is deleted no more, and going for good takes nothing from it', async () => {
    const { shelf } = open();
    await shelf.add(named('A', 'a'), [photo('p')]);
    await shelf.remove('a');
    await shelf.save(named('A again', 'a'));
    expect(await shelf.deleted()).toEqual([]);
    await shelf.forget('a');
    expect((await shelf.load('a'))!.name).toBe('A again');
    expect(await shelf.photos('a')).toEqual([photo('p')]);
  });

  test('what is not there is not deleted', async () => {
    const { shelf } = open();
    await shelf.remove('nowhere');
    await shelf.forget('nowhere');
    expect(await shelf.deleted()).toEqual([]);
  });
});

test('a photograph of another job is not written over by a file that has one of its id', async () => {
  const { shelf } = open();
  const photo = { id: 'p', type: 'image/png' as const, base64: 'AAAA' };
  await shelf.add(named('A', 'a'), [photo]);
  await shelf.add(named('B', 'b'), [{ ...photo, base64: 'BBBB' }]);
  expect(await shelf.photos('a')).toEqual([photo]);
  expect(await shelf.photos('b')).toEqual([]);
});

describe('versions', () => {
  const names = async (shelf: ReturnType<typeof jobShelf>) => (await shelf.versions('job')).map((v) => v.project.name);

  test('one in ten minutes, latest first, the latest thirty', async () => {
    const { shelf } = open();
    for (let i = 0; i < 40; i++) {
      await shelf.save(named(`at ${i}`));
      clock += 10 * MINUTE;
      if (i === 5) await shelf.save(named('ten minutes on'));
    }
    const found = await names(shelf);
    expect(found).toHaveLength(MOST_VERSIONS);
    expect(found[0]).toBe('at 39');
    expect(found.at(-1)).toBe('at 10');
  });

  test('a clock set back by a year: the newest are on top, nothing newer is dropped', async () => {
    const { shelf } = open();
    for (let i = 0; i < 30; i++) {
      await shelf.save(named(`before ${i}`));
      clock += 10 * MINUTE;
    }
    clock -= 365 * 1440 * MINUTE;
    await shelf.save(named('after'));
    const found = await names(shelf);
    expect(found.slice(0, 2)).toEqual(['after', 'before 29']);
    expect(found.at(-1)).toBe('before 1');
    // what is shown is what the clock said
    expect((await shelf.versions('job'))[0]!.seenAt).toBe(clock);
  });

  test('wanted ones are kept at once, the same one not twice', async () => {
    const { shelf } = open();
    await shelf.save(named('A'));
    await shelf.keepVersion(named('B'));
    await shelf.keepVersion(named('B'));
    await shelf.keepVersion(named('C'));
    expect(await names(shelf)).toEqual(['C', 'B', 'A']);
  });
});

test('a database of version 3 is opened: its jobs and versions are there, steps begin', async () => {
  const name = `old-${++databases}`;
  const old = new Dexie(name);
  old.version(1).stores({ jobs: 'id, updatedAt', settings: 'key' });
  old.version(2).stores({ photos: 'id, jobId' });
  old.version(3).stores({ versions: '[jobId+at]' });
  await old.open();
  await old.table('jobs').put({ id: 'job', name: 'Old', updatedAt: 5, project: named('Old') });
  await old.table('versions').put({ jobId: 'job', at: 7, project: named('Older') });
  old.close();
  const shelf = jobShelf(new StudioDb(name), () => 60 * MINUTE);
  expect((await shelf.load('job'))!.name).toBe('Old');
  expect(await shelf.versions('job')).toEqual([{ at: 7, seenAt: 7, project: named('Older') }]);
  expect(await shelf.steps('job')).toEqual([]);
  await shelf.save(named('New'), [kept(1)]);
  expect((await shelf.versions('job')).map((v) => v.project.name)).toEqual(['New', 'Older']);
  expect(await shelf.steps('job')).toHaveLength(1);
});

test('what cannot be read any more is not handed out', async () => {
  const { db, shelf } = open();
  await db.jobs.put({
    id: 'job',
    name: 'Broken',
    updatedAt: 1,
    project: { ...named('Broken'), cake: null } as unknown as Project,
  });
  await db.versions.put({ jobId: 'job', at: 1, project: { name: 4 } as unknown as Project });
  expect(await shelf.load('job')).toBeNull();
  expect(await shelf.versions('job')).toEqual([]);
});
