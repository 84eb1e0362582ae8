/** What is needed of a worker: calls by name, and a word when it dies. */
export interface WorkerHandle<T> {
  calls: T;
  onDeath(tell: () => void): void;
  end(): void;
}

/** A call came to nothing because its worker died; the next one has a new worker. */
export class WorkerDied extends Error {
  /** told apart by this where the class itself is out of reach */
  override readonly name = 'WorkerDied';

  constructor() {
    super('The worker died.');
  }
}

type Calls = Record<string, (...args: never[]) => Promise<unknown>>;

/**
 * Calls into a worker that is made when first needed and made anew after it has died. What was under way when it died is
 * rejected (`WorkerDied`), so that no one waits for an answer that will not come.
 */
export function restarting<T extends Calls>(make: () => WorkerHandle<T>): { [K in keyof T]: T[K] } {
  let current: { worker: WorkerHandle<T>; died: Promise<never> } | null = null;
  const start = () => {
    const worker = make();
    const died = new Promise<never>((_, reject) => {
      worker.onDeath(() => {
        worker.end();
        if (current?.worker === worker) current = null;
        reject(new WorkerDied());
      });
    });
    // a death that no one was waiting on is told by the next call
    died.catch(() => undefined);
    return { worker, died };
  };
  return new Proxy({} as { [K in keyof T]: T[K] }, {
    get:
      (_, name: string) =>
      (...args: never[]) => {
        current ??= start();
        return Promise.race([current.worker.calls[name]!(...args), current.died]);
      },
  });
}
