import type { StudioDb } from './db';
import { renewed } from './renewed';
import { jobShelf, type JobShelf } from './jobs';
import { memoryShelf } from './memoryShelf';

/** What a page has to know of its storage beyond what is on it. */
export interface Storage {
  /** on disk; or only as long as the page, where the browser gives no storage */
  keeps(): Promise<'disk' | 'page'>;
  /** tells once the browser has shut the storage behind the page's back, and whether what was stored is gone with it */
  lost(tell: (gone: boolean) => void): void;
  /** tells while another tab, older or not answering, lets nobody into the database */
  held(tell: () => void): void;
  /** tells once another tab has changed the form of what is stored: this page is too old for it and stores nothing any more */
  outdated(tell: () => void): void;
  /** whether jobs were kept in this browser before; notes that they are from now on */
  keptBefore(): Promise<boolean>;
}

/** A note beside the database, which stays where a browser clears the database to make room. */
export interface Note {
  get(): boolean;
  set(noted: boolean): void;
}

export interface Notes {
  /** jobs were kept in this browser */
  kept: Note;
  /** a write may have come only half to the disk: what is stored is to be written anew */
  torn: Note;
}

/** Notes in the page's local storage; where that is switched off there are none. */
export const browserNotes = (): Notes => {
  const tried = <T>(work: () => T): T | null => {
    try {
      return work();
    } catch {
      return null;
    }
  };
  const note = (key: string, text: string): Note => ({
    get: () => tried(() => localStorage.getItem(key)) === text,
    set: (noted) => void tried(() => (noted ? localStorage.setItem(key, text) : localStorage.removeItem(key))),
  });
  return { kept: note('ofrenda', 'jobs are kept here'), torn: note('ofrenda-torn', 'a write was cut off') };
};

/** A database that is not open after this long is held by another tab, ms. */
const HELD_MS = 1500;

/** The shelf in the browser's database or, where that cannot be opened, one in memory; each call waits until it is known which. */
export function shelfWithFallback(db: StudioDb, now: () => number, notes: Notes): JobShelf & Storage {
  let tellHeld: () => void = () => undefined;
  db.on('blocked', () => tellHeld());
  const opened = db.open().then(
    () => ({ keeps: 'disk' as const, shelf: jobShelf(db, now) }),
    () => ({ keeps: 'page' as const, shelf: memoryShelf(now) as JobShelf }),
  );
  const shelf = opened.then((o) => o.shelf);
  /** Where a write was cut off, all is written anew as soon as there is room; until then it stays noted. */
  const renew = async (): Promise<void> => {
    if (!notes.torn.get() || (await opened).keeps === 'page') return;
    await renewed(db).then(() => notes.torn.set(false), () => undefined); // prettier-ignore
  };
  void renew();
  return {
    keeps: async () => (await opened).keeps,
    held(tell) {
      tellHeld = tell;
      // one that does not even answer blocks nothing and lets nobody in
      const patience = setTimeout(tell, HELD_MS);
      void opened.then(() => {
        clearTimeout(patience);
        tellHeld = () => undefined;
      });
    },
    outdated(tell) {
      db.on('versionchange', (event) => {
        db.close();
        if (event.newVersion) tell();
      });
    },
    lost(tell) {
      // only a database that was open can be taken away; it is opened anew before anyone is told
      const shut = async () => {
        notes.torn.set(true);
        const left = await db.open().then(() => db.jobs.count()).catch(() => 0); // prettier-ignore
        tell(left === 0);
      };
      void opened.then(({ keeps }) => keeps === 'disk' && db.on('close', () => void shut()));
    },
    async keptBefore() {
      // where nothing is kept, nothing was cleared either
      if ((await opened).keeps === 'page') return false;
      const before = notes.kept.get();
      notes.kept.set(true);
      return before;
    },
    list: async () => (await shelf).list(),
    load: async (id) => (await shelf).load(id),
    read: async (id) => (await shelf).read(id),
    async save(...asked) {
      const revision = await (await shelf).save(...asked);
      await renew();
      return revision;
    },
    keepVersion: async (project) => (await shelf).keepVersion(project),
    steps: async (jobId) => (await shelf).steps(jobId),
    add: async (project, photographs) => (await shelf).add(project, photographs),
    remove: async (id) => (await shelf).remove(id),
    deleted: async () => (await shelf).deleted(),
    loadDeleted: async (id) => (await shelf).loadDeleted(id),
    forget: async (id) => (await shelf).forget(id),
    getSetting: async (key) => (await shelf).getSetting(key),
    setSetting: async (key, value) => (await shelf).setSetting(key, value),
    changeSetting: async (key, change) => (await shelf).changeSetting(key, change),
    versions: async (jobId) => (await shelf).versions(jobId),
    photos: async (jobId) => (await shelf).photos(jobId),
    putPhoto: async (jobId, photo) => (await shelf).putPhoto(jobId, photo),
  };
}
