import type { StudioDb } from './db';

/**
 * More than the 4 MB of changes that the log-structured store under IndexedDB in Chromium holds before it writes them to a table of
 * their own and begins another log (LevelDB, `write_buffer_size`); in values small enough to go through the log themselves.
 */
const FILLER = { values: 120, bytes: 48_000 } as const;
const KEY = 'filler';

/**
 * Writes what is stored into new files of the browser. A disk that was full leaves a log with a record that is cut off; the browser goes
 * on with that log, and takes all of it for broken when it is started the next time. Found with a browser on a disk without room.
 */
export async function renewed(db: StudioDb): Promise<void> {
  await db.transaction('rw', db.settings, async () => {
    // by chance, as the store packs what repeats
    for (let i = 0; i < FILLER.values; i++)
      await db.settings.put({ key: KEY, value: crypto.getRandomValues(new Uint8Array(FILLER.bytes)) });
    await db.settings.delete(KEY);
  });
}
