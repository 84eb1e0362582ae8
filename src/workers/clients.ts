import * as Comlink from 'comlink';
import type { Bench } from './bench.worker';
import { ComposeTeam } from './composeTeam';
import { restarting, type WorkerHandle } from './restarting';

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

/** The composers: as many as there are cores to share the proposals, two at the most. */
export const newComposeTeam = (): ComposeTeam =>
  new ComposeTeam(
    () => new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module', name: 'compose' }),
    Math.min(2, (typeof navigator !== 'undefined' && navigator.hardwareConcurrency) || 1),
  );
