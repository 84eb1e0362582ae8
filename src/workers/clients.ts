import * as Comlink from 'comlink';
import type { Bench } from './bench.worker';
import { ComposeTeam } from './composeTeam';
import { restarting, WorkerDied, type WorkerHandle } from './restarting';

type BenchCalls = { [K in keyof Bench]: (...args: Parameters<Bench[K]>) => Promise<Awaited<ReturnType<Bench[K]>>> };

function newBench(): WorkerHandle<BenchCalls> {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'bench' });
  return {
    calls: Comlink.wrap<BenchCalls>(worker),
    onDeath: (tell) => worker.addEventListener('error', tell),
    end: () => worker.terminate(),
  };
}

/** The worker that derives plans and cut lists. */
export const planBench = restarting(newBench);
/** The worker that reads the balance while the hand moves. */
export const readingBench = restarting(newBench);
/** The worker that makes shapes and pictures, so that a plan never waits for them. */
export const pictureBench = restarting(newBench);

/** A calendar is not read for longer than this. */
const MOST_CALENDAR_SECONDS = 20;

type Busy = Awaited<ReturnType<Bench['busyTimes']>>;

/** Reads a calendar in a worker of its own, which is gone afterwards: repeating rules can take as long as they like. */
export function calendarReading(...asked: Parameters<Bench['busyTimes']>): { answer: Promise<Busy>; end(): void } {
  const worker = newBench();
  let stop!: (why: Error) => void;
  const stopped = new Promise<never>((_, reject) => (stop = reject));
  worker.onDeath(() => stop(new WorkerDied()));
  const seconds = MOST_CALENDAR_SECONDS;
  const late = new Promise<Busy>((answer) =>
    setTimeout(
      () =>
        answer({
          issues: [{ path: '', expected: `<= ${seconds} s`, received: '', why: { code: 'calendar.slow', values: { seconds } } }],
        }),
      seconds * 1000,
    ),
  );
  const answer = Promise.race([worker.calls.busyTimes(...asked), late, stopped]).finally(() => worker.end());
  return { answer, end: () => stop(new Error('ended by hand')) };
}

/** The composers: as many as there are cores to share the proposals, two at the most. */
export const newComposeTeam = (): ComposeTeam =>
  new ComposeTeam(
    () => new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module', name: 'compose' }),
    Math.min(2, (typeof navigator !== 'undefined' && navigator.hardwareConcurrency) || 1),
  );
