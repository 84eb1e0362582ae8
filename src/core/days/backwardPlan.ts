import { topologicalOrder, type NetworkTask } from './network';

/** Hours in which somebody works, by weekday (0 Sunday … 6 Saturday); minutes after midnight; null for a day off. */
export type WeekHours = readonly ({ fromMinute: number; toMinute: number } | null)[];

/** Wall time in minutes since 1970-01-01T00:00 of the kitchen's own clock. Changes of the clock are not looked at yet. */
export type WallMinutes = number;

export const wallFromText = (text: string): WallMinutes => {
  const m = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/.exec(text);
  return m ? Date.UTC(+m[1]!, +m[2]! - 1, +m[3]!, +m[4]!, +m[5]!) / 60_000 : NaN;
};
export const wallToText = (wall: WallMinutes): string => new Date(wall * 60_000).toISOString().slice(0, 16);
export const weekdayOf = (wall: WallMinutes): number => new Date(wall * 60_000).getUTCDay();
export const dayStart = (wall: WallMinutes): WallMinutes => Math.floor(wall / 1440) * 1440;

export interface PlannedTask {
  id: string;
  /** stretches of work, in order */
  sittings: { from: WallMinutes; to: WallMinutes }[];
  start: WallMinutes;
  end: WallMinutes;
}

export interface DayPlanOptions {
  hours: WeekHours;
  /** everything is done this long before it leaves */
  leavesAt: WallMinutes;
  bufferMinutes: number;
  /** windows are filled to this share only */
  fillShare: number;
  /** on the last day work may begin this early, minutes after midnight */
  lastMorningFrom: number;
  /** times in which nobody works here, whatever the hours of the day say */
  busy?: readonly { from: WallMinutes; to: WallMinutes }[];
}

export const SLOT_MINUTES = 15;
/** Windows are looked for this many days back. */
const MOST_DAYS_BACK = 120;

/** Free slots from the end backward: each window of a day shortened to its share, the hour it leaves closing the last. */
function freeSlots(options: DayPlanOptions): WallMinutes[] {
  const last = options.leavesAt - options.bufferMinutes;
  const slots: WallMinutes[] = [];
  for (let back = 0; back < MOST_DAYS_BACK; back++) {
    const day = dayStart(options.leavesAt) - back * 1440;
    const own = options.hours[weekdayOf(day)];
    const window = back === 0 ? { fromMinute: options.lastMorningFrom, toMinute: last - day } : own;
    if (!window || window.toMinute <= window.fromMinute) continue;
    const to = Math.min(day + window.toMinute, last);
    const length = Math.floor(((to - day - window.fromMinute) * (back === 0 ? 1 : options.fillShare)) / SLOT_MINUTES);
    const from = day + window.fromMinute;
    for (let k = length - 1; k >= 0; k--) slots.push(from + k * SLOT_MINUTES);
  }
  const { busy = [] } = options;
  return slots.filter((slot) => !busy.some((b) => slot < b.to && slot + SLOT_MINUTES > b.from));
}

/**
 * A first backward plan for one pair of hands: from the hour it leaves, each task takes the latest free quarter hours that
 * end before what waits for it, drying in between. A plan always exists, since windows reach into the past; whoever calls
 * compares its beginning with today. Faults of the network are passed on.
 */
export function planBackward(
  tasks: readonly NetworkTask[],
  options: DayPlanOptions,
): PlannedTask[] | { fault: string; taskId: string } {
  const order = topologicalOrder(tasks);
  if (!Array.isArray(order)) return order;
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const latest = new Map<string, WallMinutes>(tasks.map((t) => [t.id, options.leavesAt - options.bufferMinutes]));
  const waiting = new Map(tasks.map((t) => [t.id, 0]));
  for (const t of tasks) for (const link of t.after) waiting.set(link.id, waiting.get(link.id)! + 1);
  const free = freeSlots(options);
  const planned: PlannedTask[] = [];
  const ready = tasks.filter((t) => waiting.get(t.id) === 0).map((t) => t.id);
  while (ready.length) {
    ready.sort((a, b) => latest.get(b)! - latest.get(a)! || order.indexOf(b) - order.indexOf(a));
    const task = byId.get(ready.shift()!)!;
    const done = takeSlots(task, latest.get(task.id)!, free);
    planned.push(done);
    for (const link of task.after) {
      latest.set(link.id, Math.min(latest.get(link.id)!, done.start - link.wait));
      waiting.set(link.id, waiting.get(link.id)! - 1);
      if (waiting.get(link.id) === 0) ready.push(link.id);
    }
  }
  return planned.sort((a, b) => a.start - b.start || a.id.localeCompare(b.id));
}

/** The latest run of `need` slots without a gap that ends by `by`, as its place in `free`; −1 when no sitting is long enough. */
function latestRun(free: readonly WallMinutes[], need: number, by: WallMinutes): number {
  let run = 0;
  for (let i = 0; i < free.length; i++) {
    if (free[i]! + SLOT_MINUTES > by) continue;
    run = run > 0 && free[i - 1]! - SLOT_MINUTES === free[i]! ? run + 1 : 1;
    if (run === need) return i - need + 1;
  }
  return -1;
}

/** A task is done in one sitting if that begins it no more than this much earlier than in several. */
const ONE_SITTING_WORTH_MINUTES = 1440;

/** The latest free slots that end by `by`, wherever they are, as their places in `free`. */
function latestSlots(free: readonly WallMinutes[], need: number, by: WallMinutes): number[] {
  const places: number[] = [];
  for (let i = 0; i < free.length && places.length < need; i++) if (free[i]! + SLOT_MINUTES <= by) places.push(i);
  return places;
}

/**
 * Takes the latest free slots that end by `by`: in one sitting where that costs less than a day, else in several. `free`
 * runs backward in time and loses what is taken.
 */
function takeSlots(task: NetworkTask, by: WallMinutes, free: WallMinutes[]): PlannedTask {
  const need = Math.max(1, Math.ceil(task.duration / SLOT_MINUTES - 1e-9));
  const several = latestSlots(free, need, by);
  const run = latestRun(free, need, by);
  const one = run >= 0 && free[several[several.length - 1]!]! - free[run + need - 1]! <= ONE_SITTING_WORTH_MINUTES;
  const taken = one ? free.splice(run, need) : several.map((place) => free[place]!);
  if (!one) for (const place of [...several].reverse()) free.splice(place, 1);
  taken.sort((a, b) => a - b);
  const sittings: PlannedTask['sittings'] = [];
  for (const from of taken) {
    const last = sittings[sittings.length - 1];
    if (last && last.to === from) last.to = from + SLOT_MINUTES;
    else sittings.push({ from, to: from + SLOT_MINUTES });
  }
  const start = sittings[0]?.from ?? by;
  return { id: task.id, sittings, start, end: sittings[sittings.length - 1]?.to ?? by };
}
