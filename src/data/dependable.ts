import type { StudioDb } from './db';
import { jobShelf, type JobShelf } from './jobs';
import { memoryShelf } from './memoryShelf';

/** What a page has to know of its storage beyond what is on it. */
export interface Storage {
  /** on disk; or only as long as the page, where the browser gives no storage */
  keeps(): Promise<'disk' | 'page'>;
  /** tells once the browser has taken away, behind the page's back, what was stored */
  lost(tell: () => void): void;
}

/** The shelf in the browser's database or, where that cannot be opened, one in memory; each call waits until it is known which. */
export function dependableShelf(db: StudioDb, now: () => number): JobShelf & Storage {
  const opened = db.open().then(
    () => ({ keeps: 'disk' as const, shelf: jobShelf(db, now) }),
    () => ({ keeps: 'page' as const, shelf: memoryShelf() as JobShelf }),
  );
  const shelf = opened.then((o) => o.shelf);
  return {
    keeps: async () => (await opened).keeps,
    lost(tell) {
      // only a database that was open can be taken away; it is opened anew before anyone is told
      void opened.then(({ keeps }) => keeps === 'disk' && db.on('close', () => void db.open().then(tell, tell)));
    },
    list: async () => (await shelf).list(),
    load: async (id) => (await shelf).load(id),
    save: async (project) => (await shelf).save(project),
    remove: async (id) => (await shelf).remove(id),
    getSetting: async (key) => (await shelf).getSetting(key),
    setSetting: async (key, value) => (await shelf).setSetting(key, value),
    versions: async (jobId) => (await shelf).versions(jobId),
    photos: async (jobId) => (await shelf).photos(jobId),
    putPhoto: async (jobId, photo) => (await shelf).putPhoto(jobId, photo),
  };
}
