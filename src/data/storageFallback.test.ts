import 'fake-indexeddb/auto';
import { MOST_DELETED } from './jobs';
import { newProject } from '@/core/plan/newProject';
import { asLabel } from '@/core/words/asLabel';
import { StudioDb } from './db';
import { browserNotes, shelfWithFallback, type Note } from './storageFallback';

let databases = 0;
const noteOf = (noted = false): Note & { noted: boolean } => ({
  noted,
  get() {
    return this.noted;
  },
  set(noted) {
    this.noted = noted;
  },
});
const JOB = newProject('job', 'Job', '2027-06-12T09:30');
const PHOTO = { id: 'p', type: 'image/png' as const, base64: 'iVBORw0KGgo=' };
const STEP = { n: 1, label: asLabel('shared.do-text', { text: 'one' }), was: { name: 'Before' } };

const shelfOn = (db: StudioDb, note = noteOf(), torn = noteOf()) => ({
  db,
  note,
  torn,
  shelf: shelfWithFallback(db, () => 5_000_000, { kept: note, torn }),
});
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
  const { kept, torn } = browserNotes();
  for (const note of [kept, torn]) {
    expect(note.get()).toBe(false);
    expect(() => note.set(true)).not.toThrow();
    expect(() => note.set(false)).not.toThrow();
  }
});

describe('a browser that shuts the storage behind the page’s back', () => {
  /** As many bytes as were put under any key. */
  const written = (db: StudioDb) => {
    const put = jest.spyOn(db.settings, 'put');
    return () => put.mock.calls.reduce((sum, [row]) => sum + ((row.value as Uint8Array | undefined)?.length ?? 0), 0);
  };
  // Dexie tells so when the browser closes a connection (Indexed Database API 3.0, “close a database connection” with forced)
  const shut = (db: StudioDb) => {
    db.close();
    db.on('close').fire({} as Event);
  };

  test.each([
    ['is told with what it held gone', false, true],
    ['is told, and what it held is there', true, false],
  ])('%s', async (_, saved, gone) => {
    const { db, shelf, torn } = onDisk();
    if (saved) await shelf.save(JOB);
    await shelf.keeps();
    const told = new Promise<boolean>((tell) => shelf.lost(tell));
    await shelf.list();
    shut(db);
    expect(await told).toBe(gone);
    expect(torn.noted).toBe(true);
    expect(await shelf.load('job')).toEqual(saved ? JOB : null);
  });

  test('writes all of it anew with the next job that is stored, once', async () => {
    const { db, shelf, torn } = onDisk();
    await shelf.save(JOB);
    const told = new Promise<boolean>((tell) => shelf.lost(tell));
    await shelf.list();
    shut(db);
    await told;
    const bytes = written(db);
    await shelf.save(JOB);
    expect(bytes()).toBeGreaterThan(4 * 2 ** 20);
    expect(torn.noted).toBe(false);
    const once = bytes();
    await shelf.save(JOB);
    expect(bytes()).toBe(once);
    expect(await shelf.getSetting('filler')).toBeUndefined();
  });

  test('where there is still no room it stays noted; another visit does it', async () => {
    const name = `fallback-${++databases}`;
    const torn = noteOf(true);
    const db = new StudioDb(name);
    jest.spyOn(db.settings, 'put').mockImplementation(() => Promise.reject(new Error('no room')) as never);
    const first = shelfOn(db, noteOf(), torn);
    await first.shelf.save(JOB);
    expect(torn.noted).toBe(true);
    const next = shelfOn(new StudioDb(name), noteOf(), torn);
    await next.shelf.save(JOB);
    expect(torn.noted).toBe(false);
    expect(await next.shelf.load('job')).toEqual(JOB);
  });
});
