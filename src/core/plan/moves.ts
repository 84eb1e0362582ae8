import { dayText, wallFromText, type WallMinutes } from '../days/clock';
import type { DayRefusal, TaskName } from '../days/facts';
import type { DaySettings } from '../days/settings';
import type { DaysPlan } from './daysOf';

/** A task that is elsewhere than in the plan that is gone by. */
export interface Move {
  id: string;
  /** nothing where the task is gone */
  name: TaskName | null;
  from: string | null;
  to: string | null;
}

/** Tasks that are on another day than kept, new, or gone; nothing where no plan is gone by. */
export function movesFrom(kept: DaySettings['kept'], plan: Pick<DaysPlan, 'tasks' | 'schedule'>): Move[] {
  if (kept.length === 0) return [];
  const was = new Map(kept.map((k) => [k.task, k.from.slice(0, 10)]));
  const names = new Map(plan.tasks.map((t) => [t.id, t.name]));
  const moves: Move[] = [];
  for (const p of plan.schedule) {
    const before = was.get(p.id) ?? null;
    const day = dayText(p.from);
    if (before !== day) moves.push({ id: p.id, name: names.get(p.id) ?? null, from: before, to: day });
    was.delete(p.id);
  }
  for (const [id, day] of was) moves.push({ id, name: null, from: day, to: null });
  return moves;
}

interface WhyNotOnOptions {
  day: string;
  id: string;
  plan: Pick<DaysPlan, 'tasks' | 'schedule' | 'unpinned'>;
  works: (day: WallMinutes) => boolean;
}

/** Why a task cannot be on a day; null where it is there. */
export function whyNotOn({ day, id, plan, works }: WhyNotOnOptions): DayRefusal | null {
  if (!plan.unpinned.includes(id)) return null;
  if (!works(wallFromText(`${day}T00:00`))) return { code: 'day.nobody', values: {} };
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const at = new Map(plan.schedule.map((p) => [p.id, p]));
  const next = plan.tasks
    .filter((t) => t.after.some((l) => l.id === id))
    .map((t) => at.get(t.id))
    .filter((p) => p !== undefined)
    .sort((a, b) => a.from - b.from)[0];
  const own = tasks.get(id);
  const waiting = next && tasks.get(next.id);
  if (waiting && own && dayText(next.from) <= day)
    return { code: 'day.waited-for', values: { task: waiting.name, on: dayText(next.from), dryHours: own.dryHours } };
  return { code: 'day.full', values: {} };
}
