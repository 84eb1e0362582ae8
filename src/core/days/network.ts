import { must } from '../geometry/must';

/** A task of a network: how long it takes and which tasks must end before it begins, with a wait after each. */
export interface NetworkTask {
  id: string;
  duration: number;
  after: readonly { id: string; wait: number }[];
}

export interface TimedTask {
  earlyStart: number;
  earlyFinish: number;
  lateStart: number;
  lateFinish: number;
  /** how much later it may begin without moving the end */
  float: number;
}

export type NetworkFault = { fault: string; taskId: string };

/** Tasks so that each comes after all it waits for; a fault names a task that is missing or waits for itself. */
export function topologicalOrder(tasks: readonly NetworkTask[]): string[] | NetworkFault {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const state = new Map<string, 'open' | 'done'>();
  const order: string[] = [];
  const visit = (id: string): NetworkFault | null => {
    if (state.get(id) === 'done') return null;
    if (state.get(id) === 'open') return { fault: 'waits for itself', taskId: id };
    const task = byId.get(id);
    if (!task) return { fault: 'is not there', taskId: id };
    state.set(id, 'open');
    for (const link of task.after) {
      const fault = visit(link.id);
      if (fault) return fault;
    }
    state.set(id, 'done');
    order.push(id);
    return null;
  };
  for (const task of tasks) {
    const fault = visit(task.id);
    if (fault) return fault;
  }
  return order;
}

/** Critical path method: forward and backward pass, float (any project-scheduling textbook). Times in the unit given. */
export function criticalPath(
  tasks: readonly NetworkTask[],
): { end: number; times: Map<string, TimedTask>; critical: string[] } | NetworkFault {
  const order = topologicalOrder(tasks);
  if (!Array.isArray(order)) return order;
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const times = new Map<string, TimedTask>();
  let end = 0;
  for (const id of order) {
    const task = must(byId.get(id));
    const earlyStart = Math.max(0, ...task.after.map((l) => must(times.get(l.id)).earlyFinish + l.wait));
    const earlyFinish = earlyStart + task.duration;
    end = Math.max(end, earlyFinish);
    times.set(id, { earlyStart, earlyFinish, lateStart: Infinity, lateFinish: Infinity, float: 0 });
  }
  for (const id of [...order].reverse()) {
    const task = must(byId.get(id));
    const t = must(times.get(id));
    t.lateFinish = Math.min(t.lateFinish, end);
    t.lateStart = t.lateFinish - task.duration;
    t.float = t.lateStart - t.earlyStart;
    for (const link of task.after) {
      const before = must(times.get(link.id));
      before.lateFinish = Math.min(before.lateFinish, t.lateStart - link.wait);
    }
  }
  return { end, times, critical: order.filter((id) => Math.abs(must(times.get(id)).float) < 1e-9) };
}
