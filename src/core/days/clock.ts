import { must } from '../geometry/must';

/** Wall time in minutes since 1970-01-01T00:00 of the kitchen's own clock. */
export type WallMinutes = number;

export const wallFromText = (text: string): WallMinutes => {
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(text)) return NaN;
  const [year = NaN, month = NaN, day = NaN, hour = NaN, minute = NaN] = text.split(/[-T:]/).map(Number);
  return Date.UTC(year, month - 1, day, hour, minute) / 60_000;
};
export const wallToText = (wall: WallMinutes): string => new Date(wall * 60_000).toISOString().slice(0, 16);
export const dayText = (wall: WallMinutes): string => wallToText(wall).slice(0, 10);

/** The day of the week, Sunday 0. */
export const weekdayOf = (wall: WallMinutes): number => new Date(wall * 60_000).getUTCDay();
export const dayStart = (wall: WallMinutes): WallMinutes => Math.floor(wall / 1440) * 1440;

/**
 * People work by the clock on the wall, paste dries by time that passes: on the night when clocks change the two differ. From
 * 20:00 to 06:00 are 11 hours in autumn and 9 in spring.
 */
export interface Clock {
  /** wall time when so many minutes have passed */
  after(wall: WallMinutes, minutes: number): WallMinutes;
  before(wall: WallMinutes, minutes: number): WallMinutes;
  /** minutes that pass from one to the other */
  between(from: WallMinutes, to: WallMinutes): number;
  /** universal time of a wall time, minutes since 1970; in the hour that comes twice the first */
  toUtc(wall: WallMinutes): number;
  fromUtc(utc: number): WallMinutes;
}

/** A kitchen whose clock is never changed. */
export const PLAIN_CLOCK: Clock = {
  after: (wall, minutes) => wall + minutes,
  before: (wall, minutes) => wall - minutes,
  between: (from, to) => to - from,
  toUtc: (wall) => wall,
  fromUtc: (utc) => utc,
};

/** Whether the machine knows a zone by this name (IANA time zone database). */
export function knowsZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** Time that passes with one offset to universal time, from `utc` on. */
interface Stretch {
  utc: number;
  offset: number;
}

const known = new Map<string, Clock>();

/**
 * The clock of a zone between two wall times; outside them the nearest offset holds. A zone that is not known has a clock that
 * is never changed. Rules come from the machine's own copy of the IANA database (Intl, ECMA-402).
 */
export function clockOf(zone: string | null, from: WallMinutes, to: WallMinutes): Clock {
  if (zone === null || !knowsZone(zone) || !Number.isFinite(from) || !Number.isFinite(to)) return PLAIN_CLOCK;
  const key = `${zone}|${dayStart(from)}|${dayStart(to)}`;
  const clock = known.get(key) ?? fromStretches(stretchesOf(zone, dayStart(from) - 1440, dayStart(to) + 2 * 1440));
  if (known.size > 40) known.clear();
  known.set(key, clock);
  return clock;
}

function fromStretches(stretches: readonly Stretch[]): Clock {
  const at = (utc: number): Stretch => stretches.findLast((s) => s.utc <= utc) ?? must(stretches[0]);
  const toWall = (utc: number) => utc + at(utc).offset;
  const toUtc = (wall: WallMinutes): number => {
    // the first stretch whose own reading of it falls within it; in the hour that is left out, read by the one before
    for (let i = 0; i < stretches.length; i++) {
      const utc = wall - must(stretches[i]).offset;
      const next = stretches[i + 1]?.utc ?? Infinity;
      if (utc < next) return utc;
      const skipped = must(stretches[i + 1]);
      if (utc - skipped.utc < skipped.offset - must(stretches[i]).offset) return utc;
    }
    return wall - must(stretches.at(-1)).offset;
  };
  return {
    after: (wall, minutes) => toWall(toUtc(wall) + minutes),
    before: (wall, minutes) => toWall(toUtc(wall) - minutes),
    between: (from, to) => toUtc(to) - toUtc(from),
    toUtc,
    fromUtc: toWall,
  };
}

function stretchesOf(zone: string, from: number, to: number): Stretch[] {
  const format = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  });
  const offsetAt = (utc: number): number => {
    const part = { year: NaN, month: NaN, day: NaN, hour: NaN, minute: NaN };
    for (const { type, value } of format.formatToParts(utc * 60_000))
      if (Object.hasOwn(part, type)) part[type as keyof typeof part] = Number(value);
    return Date.UTC(part.year, part.month - 1, part.day, part.hour, part.minute) / 60_000 - utc;
  };
  const stretches: Stretch[] = [{ utc: from, offset: offsetAt(from) }];
  const STEP = 7 * 1440;
  for (let utc = from; utc < to; utc += STEP) {
    let [low, high] = [utc, utc + STEP];
    const [before, after] = [offsetAt(low), offsetAt(high)];
    if (before === after) continue;
    while (high - low > 1) {
      const middle = Math.floor((low + high) / 2);
      if (offsetAt(middle) === before) low = middle;
      else high = middle;
    }
    stretches.push({ utc: high, offset: after });
  }
  return stretches;
}
