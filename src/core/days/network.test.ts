import { seededRandom } from '../geometry/random';
import { criticalPath, topologicalOrder, type NetworkTask } from './network';

/** A network drawn at random, tasks in no useful order; each waits only for some drawn before it. */
function drawn(seed: number): NetworkTask[] {
  const random = seededRandom(seed);
  const count = 3 + Math.floor(random() * 7);
  const tasks = Array.from({ length: count }, (_, i): NetworkTask => ({
    id: `t${i}`,
    duration: Math.floor(random() * 90),
    after: Array.from({ length: i }, (_, j) => j)
      .filter(() => random() < 0.4)
      .map((j) => ({ id: `t${j}`, wait: random() < 0.5 ? 0 : Math.floor(random() * 600) })),
  }));
  return tasks.sort(() => random() - 0.5);
}

/** The longest way to the end of a task, by going through every chain there is. */
function longestWay(tasks: readonly NetworkTask[], id: string): number {
  const task = tasks.find((t) => t.id === id)!;
  return task.duration + Math.max(0, ...task.after.map((l) => longestWay(tasks, l.id) + l.wait));
}

/** The longest way from the beginning of a task to the end of everything. */
function longestRest(tasks: readonly NetworkTask[], id: string): number {
  const task = tasks.find((t) => t.id === id)!;
  const next = tasks.flatMap((t) => t.after.filter((l) => l.id === id).map((l) => ({ id: t.id, wait: l.wait })));
  return task.duration + Math.max(0, ...next.map((n) => n.wait + longestRest(tasks, n.id)));
}

describe('sixty networks at random, against going through every chain', () => {
  for (let seed = 1; seed <= 60; seed++)
    test(`network ${seed}`, () => {
      const tasks = drawn(seed);
      const path = criticalPath(tasks);
      if ('fault' in path) throw new Error(path.fault);
      const end = Math.max(...tasks.map((t) => longestWay(tasks, t.id)));
      expect(path.end).toBe(end);
      for (const { id, duration } of tasks) {
        const earlyFinish = longestWay(tasks, id);
        const lateStart = end - longestRest(tasks, id);
        expect(path.times.get(id)).toEqual({
          earlyStart: earlyFinish - duration,
          earlyFinish,
          lateStart,
          lateFinish: lateStart + duration,
          float: lateStart - (earlyFinish - duration),
        });
      }
      expect([...path.critical].sort()).toEqual(
        tasks
          .map((t) => t.id)
          .filter((id) => path.times.get(id)!.float === 0)
          .sort(),
      );
      // whatever waits comes later in the order
      const order = topologicalOrder(tasks) as string[];
      expect([...order].sort()).toEqual(tasks.map((t) => t.id).sort());
      for (const t of tasks) for (const l of t.after) expect(order.indexOf(l.id)).toBeLessThan(order.indexOf(t.id));
    });
});

test('a ring anywhere in a network is found, and one of the ring is named', () => {
  for (let seed = 1; seed <= 30; seed++) {
    const tasks = drawn(seed);
    const waiting = tasks.find((t) => t.after.length > 0);
    if (!waiting) continue;
    const first = waiting.after[0]!.id;
    const ring = tasks.map((t) => (t.id === first ? { ...t, after: [...t.after, { id: waiting.id, wait: 0 }] } : t));
    const fault = criticalPath(ring);
    expect(fault).toMatchObject({ fault: 'waits for itself' });
  }
});

test('no tasks end at once', () => {
  expect(criticalPath([])).toEqual({ end: 0, times: new Map(), critical: [] });
  expect(topologicalOrder([])).toEqual([]);
});
