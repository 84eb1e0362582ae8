import * as Comlink from 'comlink';
import type { Bench } from './bench.worker';
import { ComposeTeam } from './composeTeam';
import { lively, type Mortal } from './lively';

type BenchCalls = { [K in keyof Bench]: (...args: Parameters<Bench[K]>) => Promise<Awaited<ReturnType<Bench[K]>>> };

function newBench(): Mortal<BenchCalls> {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'bench' });
  return {
    calls: Comlink.wrap<Bench>(worker) as unknown as BenchCalls,
    onDeath: (tell) => worker.addEventListener('error', tell),
    end: () => worker.terminate(),
  };
}

const benchOf = (what: string): BenchCalls =>
  lively(newBench, `${what} stopped unexpectedly and is started anew with the next change; nothing is lost.`);

/** The worker that derives plans and cut lists. */
export const planBench = benchOf('What works out the plan');
/** The worker that reads the balance while the hand moves. */
export const readingBench = benchOf('What reads the balance');
/** The worker that makes shapes and pictures, so that a plan never waits for them. */
export const pictureBench = benchOf('What makes the pictures');

/** The composers: as many as there are cores to share the proposals, two at the most. */
export const newComposeTeam = (): ComposeTeam =>
  new ComposeTeam(
    () => new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module', name: 'compose' }),
    Math.min(2, (typeof navigator !== 'undefined' && navigator.hardwareConcurrency) || 1),
  );
