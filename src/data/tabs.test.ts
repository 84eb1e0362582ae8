import { tabsWith } from './tabs';

const later = () => new Promise<void>((done) => setTimeout(done, 1));

/** Locks of one browser as the Web Locks API describes them: by name, one holder, the others in their order, free a moment after. */
function browserLocks(): LockManager {
  const queues = new Map<string, Promise<unknown>[]>();
  const request = async (name: string, ...rest: unknown[]): Promise<unknown> => {
    const work = rest[rest.length - 1] as (lock: { name: string } | null) => unknown;
    const options = rest.length > 1 ? (rest[0] as LockOptions) : {};
    const queue = queues.get(name) ?? [];
    queues.set(name, queue);
    await later();
    if (options.ifAvailable && queue.length > 0) return work(null);
    const before = [...queue];
    const run = Promise.all(before).then(() => work({ name }));
    const over = run.then(later);
    queue.push(over);
    await over;
    queue.splice(queue.indexOf(over), 1);
    return undefined;
  };
  return { request, query: () => Promise.resolve({}) } as unknown as LockManager;
}
const channel = () => ({ postMessage: () => undefined, onmessage: null });

test('one tab alone is never told of another: the same job again, another and back, as fast as it goes', async () => {
  const tab = tabsWith(browserLocks(), channel());
  const mine = jest.fn();
  expect(await tab.claim('a', mine)).toBe(true);
  expect(await tab.claim('a', mine)).toBe(true);
  expect(await tab.claim('b', mine)).toBe(true);
  expect(await tab.claim('a', mine)).toBe(true);
  tab.release();
  expect(await tab.claim('a', mine)).toBe(true);
  const quick = ['b', 'a', 'b', 'a'].map((job) => tab.claim(job, mine));
  expect((await Promise.all(quick)).pop()).toBe(true);
  expect(mine).not.toHaveBeenCalled();
});

test('the second of two tabs waits, is told once, and may write from then on, also when it asks again', async () => {
  const locks = browserLocks();
  const [one, two] = [tabsWith(locks, channel()), tabsWith(locks, channel())];
  const mine = jest.fn();
  expect(await one.claim('a', jest.fn())).toBe(true);
  expect(await two.claim('a', mine)).toBe(false);
  expect(await two.claim('a', mine)).toBe(false);
  one.release();
  while (!mine.mock.calls.length) await later();
  expect(mine).toHaveBeenCalledTimes(1);
  expect(await two.claim('a', mine)).toBe(true);
});

test('who went on to another job is not told when the one waited for is let go', async () => {
  const locks = browserLocks();
  const [one, two] = [tabsWith(locks, channel()), tabsWith(locks, channel())];
  const mine = jest.fn();
  await one.claim('a', jest.fn());
  await two.claim('a', mine);
  expect(await two.claim('b', mine)).toBe(true);
  one.release();
  for (let i = 0; i < 20; i++) await later();
  expect(mine).not.toHaveBeenCalled();
  // and does not hold it
  expect(await one.claim('a', jest.fn())).toBe(true);
});
