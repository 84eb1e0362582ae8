import { asLabel, type Label } from '@/core/words/asLabel';
import type { JobShelf } from './jobs';
import { LAST_PLAN } from './lastPlan';
import { OFFCUTS, TIN } from './stockShelf';

/** Under which key the packet of a helper lies. */
export const PACKET = 'packet';

/** A write that was refused and has been told; who waits for it stops there. */
class NotKept extends Error {}

/** True where a browser refused a write because there is no room. */
export function isFull(cause: unknown): boolean {
  if (cause instanceof NotKept) return isFull(cause.cause);
  return /quota/i.test(`${(cause as { name?: string }).name} ${(cause as { inner?: { name?: string } }).inner?.name}`);
}

type Kept = 'job' | 'photograph' | 'stock' | 'packet' | 'setting';

const keptUnder = (key: string): Kept => (key === TIN || key === OFFCUTS ? 'stock' : key === PACKET ? 'packet' : 'setting');

/**
 * A shelf whose refused writes are told by what they were to keep. The open job and its versions have a sign of their own that stays; the
 * last plan is only there for speed. A setting that is not kept holds nobody up; a job or a photograph stops who stores it.
 */
export function reporting(shelf: JobShelf, tell: (why: Label) => void): JobShelf {
  const told = (what: Kept, cause: unknown) => tell(asLabel('studio.not-kept', { what, full: isFull(cause) ? 'yes' : 'no' }));
  const orStop =
    (what: Kept) =>
    (cause: unknown): never => {
      told(what, cause);
      throw new NotKept('not kept', { cause });
    };
  return Object.assign(Object.create(shelf) as JobShelf, {
    add: (...asked: Parameters<JobShelf['add']>) => shelf.add(...asked).catch(orStop('job')),
    putPhoto: (...asked: Parameters<JobShelf['putPhoto']>) => shelf.putPhoto(...asked).catch(orStop('photograph')),
    setSetting: (key: string, value: unknown) =>
      shelf.setSetting(key, value).catch((cause) => {
        if (key !== LAST_PLAN) told(keptUnder(key), cause);
      }),
    changeSetting: (key: string, change: (was: unknown) => unknown) =>
      shelf.changeSetting(key, change).catch((cause) => told(keptUnder(key), cause)),
  });
}

/** Waits for what may have been told as not kept; false where it was. */
export async function kept(write: Promise<unknown>): Promise<boolean> {
  try {
    await write;
    return true;
  } catch (cause) {
    if (cause instanceof NotKept) return false;
    throw cause;
  }
}
