import { dayStart, wallFromText, type WallMinutes } from '../days/clock';
import type { Task } from '../days/tasks';
import type { DaysPlan, PlannedTask } from './daysOf';

/** What one person does at a stretch. */
interface Sitting {
  maker: number;
  from: WallMinutes;
  to: WallMinutes;
  minutes: number;
  items: { task: Task; planned: PlannedTask }[];
  words: string;
}

export interface DayRow {
  day: WallMinutes;
  sittings: Sitting[];
  minutes: number;
}

/** A break shorter than this belongs to the sitting. */
const BREAK_MINUTES = 60;

/** Every day from the first sitting to the day it leaves, with its sittings; days without any stand there too. */
export function dayList(plan: Pick<DaysPlan, 'tasks' | 'schedule'>, leavesAt: string): DayRow[] {
  const [first] = plan.schedule;
  const end = wallFromText(leavesAt);
  if (!first || !Number.isFinite(end)) return [];
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const rows: DayRow[] = [];
  const last = Math.max(end, ...plan.schedule.map((p) => p.to));
  for (let day = dayStart(first.from); day <= last; day += 1440) {
    const own = plan.schedule.filter((p) => p.from >= day && p.from < day + 1440);
    const sittings: Sitting[] = [];
    for (const planned of own) {
      const item = { task: tasks.get(planned.id)!, planned };
      const open = sittings.findLast((s) => s.maker === planned.maker);
      if (open && planned.from - open.to <= BREAK_MINUTES) {
        open.items.push(item);
        open.to = Math.max(open.to, planned.to);
      } else sittings.push({ maker: planned.maker, from: planned.from, to: planned.to, minutes: 0, items: [item], words: '' });
    }
    for (const s of sittings) {
      s.minutes = s.items.reduce((a, { planned }) => a + planned.to - planned.from, 0);
      s.words = sittingWords(s.items.map((i) => i.task));
    }
    rows.push({ day, sittings, minutes: sittings.reduce((a, s) => a + s.minutes, 0) });
  }
  return rows;
}

/** More than so many things are told as "and n more". */
const MOST_THINGS = 3;

/** One sitting in a line: like steps told as one, three things at the most, and where they dry. */
export function sittingWords(tasks: readonly Task[]): string {
  const things = new Map<string, { pieces: number; words: string; task: Task }>();
  for (const task of tasks) {
    const key = task.kind ? `${task.kind}|${task.step}` : task.step;
    const known = things.get(key);
    const words = task.pieces > 0 ? task.short.replace(/^\d+ /, '') : task.short.replace(/, \d+ of \d+$/, '');
    if (known) known.pieces += task.pieces;
    else things.set(key, { pieces: task.pieces, words, task });
  }
  const all = [...things.values()];
  if (all.length === 0) return 'Nothing to do';
  const told = all.slice(0, MOST_THINGS).map((t) => (t.pieces > 0 ? `${t.pieces} ${t.words}` : t.words));
  const more = all.length > MOST_THINGS ? `, and ${all.length - MOST_THINGS} more` : '';
  const dry = [...new Set(all.flatMap((t) => (t.task.dryHours > 0 ? [t.task.dryNote || 'set to dry'] : [])))];
  const drying = dry.length === 1 ? `; ${dry[0]}` : dry.length > 1 ? '; set each to dry' : '';
  const text = `${told.join(', ')}${more}${drying}`;
  return text[0]!.toUpperCase() + text.slice(1);
}
