import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { WorkerPool, type PoolOptions } from './workerPool';

/** A thread that does as it is told: answers, waits, turns for ever, throws, ends, or eats memory. */
const THREAD = `
const { parentPort, threadId } = require('node:worker_threads');
parentPort.on('message', ({ does, ms, name }) => {
  if (does === 'turns') for (;;);
  if (does === 'throws') throw new RangeError('as told');
  if (does === 'ends') process.exit(3);
  if (does === 'eats') { const all = []; for (;;) all.push(new Array(1e5).fill(all.length + 0.5)); }
  setTimeout(() => parentPort.postMessage({ name, thread: threadId }), ms ?? 0);
});
`;
interface Told {
  does?: 'turns' | 'throws' | 'ends' | 'eats';
  ms?: number;
  name?: string;
}
type Reply = { name?: string; thread: number };

const place = mkdtempSync(path.join(tmpdir(), 'ofrenda-pool-'));
const script = path.join(place, 'thread.cjs');
beforeAll(() => writeFileSync(script, THREAD));
afterAll(() => rmSync(place, { recursive: true }));

const pools: WorkerPool<Told, Reply>[] = [];
const pool = (more: Partial<PoolOptions> = {}) => {
  const made = new WorkerPool<Told, Reply>({ script, most: 1, mostWaiting: 4, mostWaitMs: 20_000, heapMb: 64, ...more });
  pools.push(made);
  return made;
};
afterEach(() => Promise.all(pools.splice(0).map((p) => p.end())));
const patient = { limitMs: 20_000 };
const answerOf = (ended: Awaited<ReturnType<WorkerPool<Told, Reply>['run']>>) => ('answer' in ended ? ended.answer : null);

test('one thread is kept for task after task', async () => {
  const one = pool();
  const first = answerOf(await one.run({ name: 'a' }, patient))!;
  const second = answerOf(await one.run({ name: 'b' }, patient))!;
  expect([first.name, second.name]).toEqual(['a', 'b']);
  expect(second.thread).toBe(first.thread);
  expect(one.load).toEqual({ working: 0, waiting: 0 });
});

test('at most so many at once; the rest wait, and one too many is turned away at once', async () => {
  const two = pool({ most: 2, mostWaiting: 1 });
  const asked = ['a', 'b', 'c', 'd'].map((name) => two.run({ name, ms: 30 }, patient));
  expect(two.load).toEqual({ working: 2, waiting: 1 });
  expect(await asked[3]).toEqual({ failed: 'busy' });
  const done = await Promise.all(asked.slice(0, 3));
  expect(done.map((d) => answerOf(d)!.name)).toEqual(['a', 'b', 'c']);
  expect(new Set(done.map((d) => answerOf(d)!.thread)).size).toBe(2);
});

test('a lower rank goes first, then who came first', async () => {
  const one = pool();
  const order: string[] = [];
  const run = (name: string, rank: number) => one.run({ name }, { ...patient, rank }).then((d) => order.push(answerOf(d)!.name!));
  await Promise.all([run('first', 1), run('search', 1), run('plan', 0), run('plan too', 0), run('search too', 1)]);
  expect(order).toEqual(['first', 'plan', 'plan too', 'search', 'search too']);
});

test('work that turns for ever is stopped at its limit, and the next is done', async () => {
  const one = pool();
  expect(await one.run({ does: 'turns' }, { limitMs: 200 })).toEqual({ failed: 'late' });
  expect(answerOf(await one.run({ name: 'next' }, patient))).toMatchObject({ name: 'next' });
});

test.each([
  ['throws', 'RangeError'],
  ['ends', 'exit 3'],
  ['eats', 'ERR_WORKER_OUT_OF_MEMORY'],
] as const)('a thread that %s is one failed task, never the process', async (does, cause) => {
  const one = pool();
  const failed = await one.run({ does }, patient);
  expect(failed).toMatchObject({ failed: 'died' });
  expect((failed as { cause: string }).cause).toContain(cause);
  expect(answerOf(await one.run({ name: 'next' }, patient))).toMatchObject({ name: 'next' });
});

test('who leaves stops the work, at work and waiting', async () => {
  const one = pool();
  const [working, waiting, gone] = [new AbortController(), new AbortController(), new AbortController()];
  const first = one.run({ does: 'turns' }, { ...patient, signal: working.signal });
  const second = one.run({ name: 'never' }, { ...patient, signal: waiting.signal });
  const third = one.run({ name: 'third' }, patient);
  gone.abort();
  expect(await one.run({ name: 'late' }, { ...patient, signal: gone.signal })).toEqual({ failed: 'left' });
  waiting.abort();
  expect(await second).toEqual({ failed: 'left' });
  working.abort();
  expect(await first).toEqual({ failed: 'left' });
  expect(answerOf(await third)).toMatchObject({ name: 'third' });
});

test('who has waited too long is turned away', async () => {
  const one = pool({ mostWaitMs: 50 });
  const first = one.run({ does: 'turns' }, { limitMs: 1500 });
  expect(await one.run({ name: 'waits' }, patient)).toEqual({ failed: 'busy' });
  expect(await first).toEqual({ failed: 'late' });
});
