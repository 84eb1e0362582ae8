import { dayStart, wallFromText, type WallMinutes } from '../days/clock';
import type { SittingFact } from '../days/facts';
import type { Task } from '../days/tasks';
import type { Fact } from '../facts/fact';
import type { DaysPlan, PlannedTask } from './daysOf';
import { must } from '../geometry/must';

/** What one person does at a stretch. */
interface Sitting {
  maker: number;
  from: WallMinutes;
  to: WallMinutes;
  minutes: number;
  items: { task: Task; planned: PlannedTask }[];
  words: SittingFact;
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
      const item = { task: must(tasks.get(planned.id)), planned };
      const open = sittings.findLast((s) => s.maker === planned.maker);
      if (open && planned.from - open.to <= BREAK_MINUTES) {
        open.items.push(item);
        open.to = Math.max(open.to, planned.to);
      } else
        sittings.push({ maker: planned.maker, from: planned.from, to: planned.to, minutes: 0, items: [item], words: NOTHING });
    }
    for (const s of sittings) {
      s.minutes = s.items.reduce((a, { planned }) => a + planned.to - planned.from, 0);
      s.words = sittingFact(s.items.map((i) => i.task));
    }
    rows.push({ day, sittings, minutes: sittings.reduce((a, s) => a + s.minutes, 0) });
  }
  return rows;
}

const NOTHING: SittingFact = { code: 'sitting.nothing', values: {} };

/** More than so many things are only counted. */
const MOST_THINGS = 3;

/** One sitting in a line: like steps told as one, three things at the most, and where they dry. */
export function sittingFact(tasks: readonly Task[]): SittingFact {
  const things = new Map<string, { pieces: number; task: Task }>();
  for (const task of tasks) {
    const key = task.kind ? `${task.kind}|${task.step}` : task.step;
    const known = things.get(key);
    if (known) known.pieces += task.pieces;
    else things.set(key, { pieces: task.pieces, task });
  }
  const all = [...things.values()];
  if (all.length === 0) return NOTHING;
  const dry = new Map<string, SittingFact>();
  for (const { task } of all)
    if (task.dryHours > 0) {
      const note: SittingFact = task.dryNote ?? { code: 'dry.set', values: {} };
      dry.set(JSON.stringify(note), note);
    }
  return {
    code: 'sitting.things',
    values: {
      things: all.slice(0, MOST_THINGS).map(({ task, pieces }) => thingOf(task, pieces)),
      more: Math.max(0, all.length - MOST_THINGS),
      dry: [...dry.values()],
    },
  };
}

/** Steps that are done to whole pieces; the others make a part of each. */
const ON_WHOLE: ReadonlySet<string> = new Set(['dust', 'steam', 'assemble']);

/** What one step of a sitting is about: so many pieces at a step, or the task as a whole. */
const thingOf = ({ name, step }: Task, count: number): Fact =>
  name.code === 'task.step'
    ? { code: 'thing.step', values: { piece: name.values.piece, yields: step, count, whole: ON_WHOLE.has(step) } }
    : { ...name, values: { ...name.values, part: 1, parts: 1 } };
