import 'fake-indexeddb/auto';
import { MOST_DELETED } from './jobs';
import { newProject } from '@/core/plan/newProject';
import { asLabel } from '@/core/words/asLabel';
import { StudioDb } from './db';
import { browserNote, shelfWithFallback, type Note } from './storageFallback';

let databases = 0;
const noteOf = (noted = false): Note & { noted: boolean } => ({
  noted,
  get() {
    return this.noted;
  },
  set() {
    this.noted = true;
  },
});
const JOB = newProject('job', 'Job', '2027-06-12T09:30');
const PHOTO = { id: 'p', type: 'image/png' as const, base64: 'iVBORw0KGgo=' };
const STEP = { n: 1, label: asLabel('shared.do-text', { text: 'one' }), was: { name: 'Before' } };

const shelfOn = (db: StudioDb, note = noteOf()) => ({ db, note, shelf: shelfWithFallback(db, () => 5_000_000, note) });
const onDisk = (note = noteOf()) => shelfOn(new StudioDb(`fallback-${++databases}`), note);
/** A browser that gives no storage. */
const noDisk = (note = noteOf()) => {
  const db = new StudioDb(`fallback-${++databases}`);
  db.open = () => Promise.reject(new Error('no storage')) as unknown as ReturnType<StudioDb['open']>;
  return shelfOn(db, note);
};

describe.each([
  ['on disk', 'disk', onDisk],
  ['where the browser gives no storage', 'page', noDisk],
] as const)('%s', (_name, keeps, make) => {
  test('it says where jobs are kept', async () => {
    expect(await make().shelf.keeps()).toBe(keeps);
  });

  test('all that a shelf does is done, whatever it stands on', async () => {
    const { shelf } = make();
    await shelf.save(JOB, [STEP]);
    await shelf.keepVersion({ ...JOB, name: 'Later' });
    await shelf.setSetting('evening', true);
    await shelf.putPhoto('job', PHOTO);
    expect(await shelf.load('job')).toEqual(JOB);
    expect((await shelf.list()).map((j) => j.id)).toEqual(['job']);
    expect(await shelf.steps('job')).toEqual([STEP]);
    expect((await shelf.versions('job')).map((v) => v.project.name)).toEqual(['Later', 'Job']);
    expect(await shelf.getSetting('evening')).toBe(true);
    expect(await shelf.getSetting('none')).toBeUndefined();
    expect(await shelf.photos('job')).toEqual([PHOTO]);
    expect(await shelf.photos('other')).toEqual([]);
    await shelf.remove('job');
    expect(await shelf.load('job')).toBeNull();
    expect(await shelf.list()).toEqual([]);
    expect((await shelf.deleted()).map((d) => d.id)).toEqual(['job']);
    expect(await shelf.loadDeleted('job')).toEqual(JOB);
    await shelf.forget('job');
    expect(await shelf.deleted()).toEqual([]);
    expect(await shelf.photos('job')).toEqual([]);
    expect(await shelf.versions('job')).toEqual([]);
    expect(await shelf.steps('job')).toEqual([]);
    await shelf.add({ ...JOB, id: 'second' }, [{ ...PHOTO, id: 'of the second' }]);
    expect(await shelf.photos('second')).toHaveLength(1);
    await shelf.remove('second');
    for (let i = 0; i < MOST_DELETED; i++) {
      await shelf.save({ ...JOB, id: `job-${i}` });
      await shelf.remove(`job-${i}`);
    }
    expect(await shelf.deleted()).toHaveLength(MOST_DELETED);
    expect(await shelf.photos('second')).toEqual([]);
  });
});

describe('jobs of another visit', () => {
  test('are told by the note, which is written at the first', async () => {
    const first = onDisk();
    expect(await first.shelf.keptBefore()).toBe(false);
    expect(first.note.noted).toBe(true);
    expect(await onDisk(first.note).shelf.keptBefore()).toBe(true);
  });

  test('were not there where nothing is kept: no note is read or written', async () => {
    const { shelf, note } = noDisk(noteOf(true));
    expect(await shelf.keptBefore()).toBe(false);
    const fresh = noDisk();
    await fresh.shelf.keptBefore();
    expect(fresh.note.noted).toBe(false);
    expect(note.noted).toBe(true);
  });
});

test('two shelves on one database see each other’s jobs', async () => {
  const name = `fallback-${++databases}`;
  const [a, b] = [shelfOn(new StudioDb(name)), shelfOn(new StudioDb(name))];
  await a.shelf.save(JOB);
  expect(await b.shelf.load('job')).toEqual(JOB);
  await b.shelf.save({ ...JOB, name: 'From the other' });
  expect((await a.shelf.load('job'))!.name).toBe('From the other');
});

test('a browser without local storage has no note, and nothing stops for it', () => {
  const note = browserNote();
  expect(note.get()).toBe(false);
  expect(() => note.set()).not.toThrow();
});
