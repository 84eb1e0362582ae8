import { Worker, type Transferable } from 'node:worker_threads';

/** How a task ended: with its answer, or why there is none. */
export type Ended<Answer> = { answer: Answer } | { failed: 'busy' | 'late' | 'left' | 'died'; cause?: string };

export interface PoolOptions {
  /** a finished script whose parent port gets an ask and posts one answer */
  script: string;
  /** threads that work at once */
  most: number;
  /** tasks that may wait; the next is turned away */
  mostWaiting: number;
  /** a task that has waited longer is turned away */
  mostWaitMs: number;
  /** heap of one thread; one that wants more dies, and the process lives */
  heapMb: number;
}

export interface TaskOptions {
  /** the work is stopped after this long; waiting does not count */
  limitMs: number;
  /** those of a lower rank go first, then those that came first */
  rank?: number;
  /** who asked has gone: waiting or at work, the task ends */
  signal?: AbortSignal;
  /** handed over, not copied */
  transfer?: readonly Transferable[];
}

interface Task<Ask, Answer> extends TaskOptions {
  ask: Ask;
  settle(ended: Ended<Answer>): void;
}

/**
 * Threads that work off tasks one at a time each, kept for the next task. A task that is late, that nobody waits for any more or
 * that dies takes its thread with it, and a new one stands in its place: only an ended thread has certainly stopped.
 */
export class WorkerPool<Ask, Answer> {
  private readonly idle: Worker[] = [];
  private readonly waiting: Task<Ask, Answer>[] = [];
  private working = 0;

  constructor(private readonly options: PoolOptions) {}

  /** Tasks at work and waiting. */
  get load(): { working: number; waiting: number } {
    return { working: this.working, waiting: this.waiting.length };
  }

  /** Never rejects: what went wrong is in the answer. */
  run(ask: Ask, options: TaskOptions): Promise<Ended<Answer>> {
    if (options.signal?.aborted) return Promise.resolve({ failed: 'left' });
    const { most, mostWaiting, mostWaitMs } = this.options;
    if (this.working >= most && this.waiting.length >= mostWaiting) return Promise.resolve({ failed: 'busy' });
    return new Promise((resolve) => {
      const leaves = () => give('left');
      const give = (failed: 'left' | 'busy') => {
        const at = this.waiting.indexOf(task);
        if (at < 0) return;
        this.waiting.splice(at, 1);
        task.settle({ failed });
      };
      const patience = setTimeout(() => give('busy'), mostWaitMs);
      const task: Task<Ask, Answer> = {
        ...options,
        ask,
        settle: (ended) => {
          clearTimeout(patience);
          options.signal?.removeEventListener('abort', leaves);
          resolve(ended);
        },
      };
      options.signal?.addEventListener('abort', leaves);
      this.waiting.push(task);
      this.next();
    });
  }

  /** Ends all threads; what waits is turned away. */
  async end(): Promise<void> {
    for (const task of this.waiting.splice(0)) task.settle({ failed: 'busy' });
    await Promise.all(this.idle.splice(0).map((worker) => worker.terminate()));
  }

  private next(): void {
    if (this.working >= this.options.most) return;
    const rankOf = (task: TaskOptions) => task.rank ?? 0;
    const first = this.waiting.reduce<number>(
      (best, task, i) => (best < 0 || rankOf(task) < rankOf(this.waiting[best]!) ? i : best),
      -1,
    );
    if (first < 0) return;
    const [task] = this.waiting.splice(first, 1);
    this.working++;
    void this.work(task!).then((ended) => {
      this.working--;
      task!.settle(ended);
      this.next();
    });
  }

  private newThread(): Worker {
    const { script, heapMb } = this.options;
    return new Worker(script, { resourceLimits: { maxOldGenerationSizeMb: heapMb }, stdout: false, stderr: false });
  }

  private work(task: Task<Ask, Answer>): Promise<Ended<Answer>> {
    const worker = this.idle.pop() ?? this.newThread();
    worker.ref();
    return new Promise((resolve) => {
      const finish = (ended: Ended<Answer>, keep: boolean) => {
        clearTimeout(timer);
        task.signal?.removeEventListener('abort', leaves);
        worker.removeAllListeners();
        if (keep) {
          worker.unref();
          this.idle.push(worker);
          // one that dies while it rests is not given work
          const gone = () => {
            const at = this.idle.indexOf(worker);
            if (at >= 0) this.idle.splice(at, 1);
          };
          worker.on('error', gone).once('exit', gone);
          resolve(ended);
        } else {
          // an error after this is nobody's
          worker.on('error', () => {});
          void worker.terminate().then(() => resolve(ended));
        }
      };
      const leaves = () => finish({ failed: 'left' }, false);
      const timer = setTimeout(() => finish({ failed: 'late' }, false), task.limitMs);
      worker.removeAllListeners();
      worker.once('message', (answer: Answer) => finish({ answer }, true));
      worker.once('error', (fault: Error) => finish({ failed: 'died', cause: fault.name + codeOf(fault) }, false));
      worker.once('exit', (code) => finish({ failed: 'died', cause: `exit ${code}` }, false));
      if (task.signal?.aborted) return leaves();
      task.signal?.addEventListener('abort', leaves);
      worker.postMessage(task.ask, task.transfer ?? []);
    });
  }
}

const codeOf = (fault: Error): string => ('code' in fault ? ` ${String(fault.code)}` : '');
