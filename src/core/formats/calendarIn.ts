import ICAL from 'ical.js';
import { wallToText, type WallMinutes } from '../days/clock';
import type { Issue } from '../plan/project';

/** An event whose repetitions do not come to an end that can be followed. */
class RepeatsTooOften extends Error {}

/** A time in which nobody works at this bench, wall times like `2027-06-10T18:00`. */
export interface Busy {
  from: string;
  to: string;
  name: string;
}

/** Larger files are refused; so many times are taken at the most. */
const MOST_CALENDAR_BYTES = 4_000_000;
const MOST_BUSY = 1000;
/** A rule that repeats is followed so often at the most, whatever it says of its end. */
const MOST_REPEATS = 40_000;

/**
 * Busy times out of any calendar file (RFC 5545) between two wall times: events that repeat are followed within that window,
 * never past it; what is cancelled or marked as free is left out, whole days are busy from midnight to midnight. Times in a zone
 * become the kitchen's own by `wallOfUtc`; times without one are taken as they are. A file that is none is refused whole.
 */
export function busyFromCalendar(
  text: string,
  window: { from: WallMinutes; to: WallMinutes },
  wallOfUtc: (unixSeconds: number) => WallMinutes,
): { value: Busy[] } | { issues: Issue[] } {
  if (text.length > MOST_CALENDAR_BYTES) return refused('the file', 'at most 4 MB', 'The calendar file is larger than 4 MB.');
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch (cause) {
    const line = /line (\d+)/i.exec(String(cause))?.[1];
    return refused(line ? `line ${line}` : 'the file', 'a calendar file', 'This is not a calendar file.');
  }
  if (calendar.name !== 'vcalendar') return refused('the file', 'a calendar', 'The file holds no calendar.');
  const wall = (time: ICAL.Time): WallMinutes =>
    time.zone.tzid === 'floating' || time.isDate
      ? Date.UTC(time.year, time.month - 1, time.day, time.hour, time.minute) / 60_000
      : wallOfUtc(time.toUnixTime());
  const busy: Busy[] = [];
  const take = (start: ICAL.Time, end: ICAL.Time, name: string) => {
    const [from, to] = [Math.max(wall(start), window.from), Math.min(wall(end), window.to)];
    if (to > from) busy.push({ from: wallToText(from), to: wallToText(to), name });
  };
  for (const [i, component] of calendar.getAllSubcomponents('vevent').entries()) {
    try {
      takeEvent(component, window, wall, take);
    } catch (cause) {
      const why = cause instanceof RepeatsTooOften ? `: ${cause.message}` : '';
      return refused(`event ${i + 1}`, 'an event with a beginning', `Event ${i + 1} of the calendar cannot be read${why}.`);
    }
    if (busy.length > MOST_BUSY)
      return refused(
        `event ${i + 1}`,
        `at most ${MOST_BUSY}`,
        `The calendar holds more than ${MOST_BUSY} busy times for these weeks.`,
      );
  }
  return { value: busy.sort((a, b) => a.from.localeCompare(b.from) || a.to.localeCompare(b.to)) };
}

function takeEvent(
  component: ICAL.Component,
  window: { from: WallMinutes; to: WallMinutes },
  wall: (time: ICAL.Time) => WallMinutes,
  take: (start: ICAL.Time, end: ICAL.Time, name: string) => void,
): void {
  const free = String(component.getFirstPropertyValue('transp') ?? '').toUpperCase() === 'TRANSPARENT';
  const cancelled = String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';
  const event = new ICAL.Event(component);
  if (!event.startDate) throw new Error('no beginning');
  if (free || cancelled) return;
  const name = (event.summary ?? '').slice(0, 120);
  if (!event.isRecurring()) return take(event.startDate, event.endDate, name);
  const long = event.duration.toSeconds() / 60;
  const rule = event.iterator();
  for (let n = 0; n < MOST_REPEATS; n++) {
    const next = rule.next();
    if (!next || wall(next) >= window.to) return;
    if (wall(next) + long <= window.from) continue;
    const { startDate, endDate } = event.getOccurrenceDetails(next);
    take(startDate, endDate, name);
  }
  throw new RepeatsTooOften('it repeats too often to be followed');
}

const refused = (path: string, expected: string, message: string): { issues: Issue[] } => ({
  issues: [{ path, expected, received: 'something else', message }],
});
