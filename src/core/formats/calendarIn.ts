import ICAL from 'ical.js';
import { wallToText, type WallMinutes } from '../days/clock';
import type { Issue } from '../boundary/refusal';
import type { FileRefusal } from '../boundary/refusals';

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
  if (text.length > MOST_CALENDAR_BYTES)
    return refused('the file', '<= 4 MB', { code: 'file.too-large', values: { what: 'calendar' } });
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text.replace(/\r\n?|\n/g, '\r\n')) as unknown[]);
  } catch (cause) {
    const line = /line (\d+)/i.exec(String(cause))?.[1];
    return refused(line ? `line ${line}` : 'the file', 'iCalendar', { code: 'calendar.none', values: {} });
  }
  if (calendar.name !== 'vcalendar') return refused('the file', 'VCALENDAR', { code: 'calendar.empty', values: {} });
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
      const values = { number: i + 1, repeats: cause instanceof RepeatsTooOften };
      return refused(`event ${i + 1}`, 'DTSTART', { code: 'calendar.event', values });
    }
    if (busy.length > MOST_BUSY)
      return refused(`event ${i + 1}`, `<= ${MOST_BUSY}`, { code: 'calendar.many', values: { limit: MOST_BUSY } });
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
  if (isTooFine(component)) throw new RepeatsTooOften('it repeats too often to be followed');
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

/** Nobody is busy anew every minute: such a rule is a fault of the file, and takes for ever to follow. */
const isTooFine = (component: ICAL.Component): boolean =>
  component.getAllProperties('rrule').some((rule) => {
    const recur = rule.getFirstValue();
    return recur instanceof ICAL.Recur && (recur.freq === 'SECONDLY' || recur.freq === 'MINUTELY');
  });

const refused = (path: string, expected: string, why: FileRefusal): { issues: Issue[] } => ({
  issues: [{ path, expected, received: '', why }],
});
