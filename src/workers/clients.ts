import * as Comlink from 'comlink';
import type { ComposeProgress, ComposeRequest, Proposal } from '@/core/compose/composer';
import type { Bench } from './bench.worker';
import type { ComposeMessage, ComposeReply } from './messages';

const newBench = () =>
  Comlink.wrap<Bench>(new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'bench' }));

let planner: Comlink.Remote<Bench> | null = null;
let pictures: Comlink.Remote<Bench> | null = null;
let reader: Comlink.Remote<Bench> | null = null;

/** The worker that derives plans and cut lists. */
export const planBench = (): Comlink.Remote<Bench> => (planner ??= newBench());
/** The worker that reads the balance while the hand moves. */
export const readingBench = (): Comlink.Remote<Bench> => (reader ??= newBench());
/** The worker that makes shapes and pictures, so that a plan never waits for them. */
export const pictureBench = (): Comlink.Remote<Bench> => (pictures ??= newBench());

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
