import { dayStart, wallFromText, type PlannedTask } from '@/core/days/backwardPlan';
import type { Task } from '@/core/days/tasks';
import type { DerivedPlan } from '@/core/plan/derivePlan';

/** One day: its sittings in order, its minutes of work, and the day in a line. */
export interface DayRow {
  day: number;
  sittings: { task: Task; planned: PlannedTask; from: number; to: number }[];
  minutes: number;
  words: string;
}

/** Every day from the first sitting to the day it leaves, with its work and what dries into it. */
export function dayRows(plan: Pick<DerivedPlan, 'tasks' | 'schedule'>, leavesAt: string): DayRow[] {
  const first = plan.schedule[0];
  const end = wallFromText(leavesAt);
  if (!first || !Number.isFinite(end)) return [];
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const rows: DayRow[] = [];
  for (let day = dayStart(first.start); day <= end; day += 1440) {
    const sittings = plan.schedule.flatMap((p) =>
      p.sittings
        .filter((s) => s.from >= day && s.from < day + 1440)
        .map((s) => ({ task: tasks.get(p.id)!, planned: p, from: s.from, to: s.to })),
    );
    rows.push({
      day,
      sittings: sittings.sort((a, b) => a.from - b.from),
      minutes: sittings.reduce((a, s) => a + (s.to - s.from), 0),
      words: dayWords(sittings),
    });
  }
  return rows;
}

/** At most three things, then "and n more". */
function dayWords(sittings: readonly { task: Task; planned: PlannedTask }[]): string {
  const names = [...new Set(sittings.map((s) => s.task.short))];
  if (names.length === 0) return 'Nothing to do';
  const shown = names.slice(0, 3).join(', ');
  const words = names.length > 3 ? `${shown} and ${names.length - 3} more` : shown;
  return words[0]!.toUpperCase() + words.slice(1);
}
