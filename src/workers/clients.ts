import * as Comlink from 'comlink';
import type { ComposeProgress, ComposeRequest, Proposal } from '@/core/compose/composer';
import type { Bench } from './bench.worker';
import { lively, type Mortal } from './lively';
import type { ComposeMessage, ComposeReply } from './messages';

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

export interface ComposeHandlers {
  progress(progress: ComposeProgress): void;
  done(proposals: Proposal[]): void;
  fault(sentence: string): void;
}

/** Runs the composer in its worker. Answers of a run that was cancelled or overtaken are ignored; a worker that dies is told and made anew. */
export class ComposeClient {
  private worker: Worker | null = null;
  private run = 0;

  start(request: ComposeRequest, handlers: ComposeHandlers): void {
    this.cancel();
    const run = ++this.run;
    const worker = (this.worker ??= new Worker(new URL('./compose.worker.ts', import.meta.url), {
      type: 'module',
      name: 'compose',
    }));
    worker.onmessage = (event: MessageEvent<ComposeReply>) => {
      const reply = event.data;
      if (reply.run !== this.run) return;
      if ('progress' in reply) handlers.progress(reply.progress);
      else if ('done' in reply) handlers.done(reply.done);
      else handlers.fault(reply.fault);
    };
    worker.onerror = () => {
      if (run === this.run) handlers.fault('The composer stopped unexpectedly and was started anew; nothing is lost.');
      this.worker?.terminate();
      this.worker = null;
    };
    worker.postMessage({ run, request } satisfies ComposeMessage);
  }

  cancel(): void {
    this.worker?.postMessage({ cancel: this.run } satisfies ComposeMessage);
    this.run++;
  }
}
