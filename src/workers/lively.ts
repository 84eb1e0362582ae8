/** What a lively client needs of a worker: calls by name, and a word when it dies. */
export interface Mortal<T> {
  calls: T;
  onDeath(tell: () => void): void;
  end(): void;
}

type Calls = Record<string, (...args: never[]) => Promise<unknown>>;

/**
 * Calls into a worker that is made when first needed and made anew after it has died. What was under way when it died is
 * refused with a sentence, so that no one waits for an answer that will not come.
 */
export function lively<T extends Calls>(make: () => Mortal<T>, sentence: string): { [K in keyof T]: T[K] } {
  let living: { worker: Mortal<T>; died: Promise<never> } | null = null;
  const born = () => {
    const worker = make();
    const died = new Promise<never>((_, refuse) => {
      worker.onDeath(() => {
        worker.end();
        if (living?.worker === worker) living = null;
        refuse(new Error(sentence));
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
        living ??= born();
        return Promise.race([living.worker.calls[name]!(...args), living.died]);
      },
  });
}
