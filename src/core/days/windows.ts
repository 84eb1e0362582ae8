import { dayStart, weekdayOf, type WallMinutes } from './clock';

/** Hours in which somebody works, by weekday (0 Sunday … 6 Saturday); minutes after midnight; null for a day off. */
type WeekHours = readonly ({ fromMinute: number; toMinute: number } | null)[];

/** What makers can be able to do; every task asks for one of these. */
export const SKILLS = ['mixing', 'making', 'dusting', 'taping', 'placing'] as const;
export type Skill = (typeof SKILLS)[number];

interface Stretch {
  from: WallMinutes;
  to: WallMinutes;
}

/** Somebody who works: when, and what they can do. */
export interface Maker {
  name: string;
  hours: WeekHours;
  can: readonly Skill[];
  /** times in which they do not work, whatever their hours say */
  away: readonly Stretch[];
}

/** A sitting that could be: one maker, one stretch of one day. */
export interface Window extends Stretch {
  maker: number;
  day: WallMinutes;
}

export interface WindowOptions {
  leavesAt: WallMinutes;
  /** everything is done this long before it leaves */
  bufferMinutes: number;
  /** windows are filled to this share only; the last day's to the end */
  fillShare: number;
  /** on the last day work may begin this early, minutes after midnight */
  lastMorningFrom: number;
}

/** Shorter than this is no sitting. */
const LEAST_WINDOW_MINUTES = 15;
/** Windows are looked for this many days back. */
const MOST_DAYS_BACK = 120;

/** Every sitting that could be, from the first to the last: hours of the day shortened to their share, busy times taken out. */
export function windowsOf(makers: readonly Maker[], options: WindowOptions): Window[] {
  const last = options.leavesAt - options.bufferMinutes;
  const windows: Window[] = [];
  makers.forEach((maker, index) => {
    for (let back = 0; back < MOST_DAYS_BACK; back++) {
      const day = dayStart(options.leavesAt) - back * 1440;
      const own =
        back === 0 ? { fromMinute: options.lastMorningFrom, toMinute: last - day } : (maker.hours[weekdayOf(day)] ?? null);
      if (!own) continue;
      const from = day + own.fromMinute;
      const to = Math.min(day + own.toMinute, last);
      const share = back === 0 ? 1 : options.fillShare;
      for (const s of shortened(without({ from, to }, maker.away), (to - from) * share))
        windows.push({ ...s, maker: index, day });
    }
  });
  return windows.sort((a, b) => a.from - b.from || a.maker - b.maker);
}

/** What is left of a stretch without the times in which nobody works. */
function without(whole: Stretch, away: readonly Stretch[]): Stretch[] {
  let left: Stretch[] = [whole];
  for (const b of away)
    left = left.flatMap((s) =>
      b.to <= s.from || b.from >= s.to
        ? [s]
        : [
            { from: s.from, to: b.from },
            { from: b.to, to: s.to },
          ],
    );
  return left.filter((s) => s.to - s.from >= LEAST_WINDOW_MINUTES);
}

/** The first so many minutes of stretches; what is left out is the margin. Whole five minutes. */
function shortened(stretches: readonly Stretch[], minutes: number): Stretch[] {
  let left = Math.floor(minutes / 5 + 1e-9) * 5;
  const kept: Stretch[] = [];
  for (const s of stretches) {
    const to = Math.min(s.to, s.from + left);
    if (to - s.from >= LEAST_WINDOW_MINUTES) kept.push({ from: s.from, to });
    left -= Math.max(0, to - s.from);
  }
  return kept;
}
