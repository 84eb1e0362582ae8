import { restarting, WorkerDied, type WorkerHandle } from './restarting';

/** A stand-in for a worker: answers when told to, dies when told to. */
function workers() {
  const made: { answer(value: number): void; die(): void; ended: boolean }[] = [];
  const make = (): WorkerHandle<{ ask: (n: number) => Promise<number> }> => {
    let answer: (value: number) => void = () => undefined;
    let tell: () => void = () => undefined;
    const own = { answer: (value: number) => answer(value), die: () => tell(), ended: false };
    made.push(own);
    return {
      calls: { ask: (n) => new Promise((resolve) => (answer = (value) => resolve(n + value))) },
      onDeath: (then) => (tell = then),
      end: () => (own.ended = true),
    };
  };
  return { made, calls: restarting(make) };
}

test('no worker before the first call, one for all calls after', async () => {
  const { made, calls } = workers();
  expect(made).toHaveLength(0);
  const first = calls.ask(1);
  made[0]!.answer(10);
  await expect(first).resolves.toBe(11);
  const second = calls.ask(2);
  made[0]!.answer(10);
  await expect(second).resolves.toBe(12);
  expect(made).toHaveLength(1);
});

test('what was under way when it died is rejected; the next call has a new worker', async () => {
  const { made, calls } = workers();
  const waiting = calls.ask(1);
  made[0]!.die();
  await expect(waiting).rejects.toThrow(WorkerDied);
  expect(made[0]!.ended).toBe(true);
  const again = calls.ask(5);
  expect(made).toHaveLength(2);
  made[1]!.answer(1);
  await expect(again).resolves.toBe(6);
});

test('a death that no one waits on is no fault by itself', async () => {
  const { made, calls } = workers();
  const done = calls.ask(1);
  made[0]!.answer(1);
  await done;
  made[0]!.die();
  const next = calls.ask(3);
  made[1]!.answer(4);
  await expect(next).resolves.toBe(7);
});
