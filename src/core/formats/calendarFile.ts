import { clockOf, wallFromText, wallToText, type WallMinutes } from '../days/clock';
import type { Words } from '../words/words';
import type { DerivedPlan } from '../plan/derivePlan';

/** A calendar reminds so long before a sitting. */
const ALARM_BEFORE = '-PT30M';
/** Sequences are counted in minutes from here, so that they fit into 32 bits. */
const SEQUENCE_FROM = Date.UTC(2026, 0, 1) / 60_000;
/** A line of a calendar file is folded after so many octets (RFC 5545, 3.1). */
const FOLD_OCTETS = 75;

/** Text as RFC 5545, 3.3.11 has it: backslash, semicolon, comma and line ends are escaped. */
const escaped = (text: string): string =>
  text.replaceAll('\\', '\\\\').replaceAll(';', '\\;').replaceAll(',', '\\,').replace(/\r?\n/g, '\\n');

/** Long lines go on in the next one after a space; a letter is never cut in two. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const lines: string[] = [];
  let now = '';
  let octets = 0;
  for (const letter of line) {
    const own = encoder.encode(letter).length;
    if (octets + own > FOLD_OCTETS) {
      lines.push(now);
      now = ' ';
      octets = 1;
    }
    now += letter;
    octets += own;
  }
  return [...lines, now].join('\r\n');
}

/** Wall time without a zone: the kitchen's own clock, whatever is done to it (RFC 5545, 3.3.5, form 1). */
const floating = (wall: WallMinutes): string => `${wallToText(wall).replace(/[-:]/g, '')}00`;

interface CalendarEvent {
  uid: string;
  from: WallMinutes;
  to: WallMinutes;
  name: string;
  detail: string;
}

/**
 * The days of a job as a calendar file (RFC 5545): each sitting an event with an alarm half an hour before, and the hour it
 * leaves. In a kitchen whose time zone is known times are universal (form 2), else wall times. `stampedAtUtc` is when the file was
 * written, in universal time: a later file counts as the newer one (SEQUENCE). The same plan gives the same events.
 */
export function calendarFile(
  plan: Pick<DerivedPlan, 'projectId' | 'tasks' | 'schedule'>,
  job: { name: string; leavesAt: string; zone?: string | null },
  stampedAtUtc: string,
  words: Words,
): string {
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const stampedAt = wallFromText(stampedAtUtc);
  const stamp = `${floating(stampedAt)}Z`;
  const leaves = wallFromText(job.leavesAt);
  const clock = clockOf(job.zone ?? null, leaves - 130 * 1440, leaves);
  const time = (wall: WallMinutes) => (job.zone ? `${floating(clock.toUtc(wall))}Z` : floating(wall));
  const event = ({ uid, from, to, name, detail }: CalendarEvent) => [
    'BEGIN:VEVENT',
    `UID:${escaped(uid)}`,
    `DTSTAMP:${stamp}`,
    `SEQUENCE:${Math.max(0, Math.floor(stampedAt - SEQUENCE_FROM) || 0)}`,
    `DTSTART:${time(from)}`,
    `DTEND:${time(to)}`,
    `SUMMARY:${escaped(`${name}: ${job.name}`)}`,
    ...(detail ? [`DESCRIPTION:${escaped(detail)}`] : []),
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(name)}`,
    `TRIGGER:${ALARM_BEFORE}`,
    'END:VALARM',
    'END:VEVENT',
  ];
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Ofrenda//Days//EN',
    'CALSCALE:GREGORIAN',
    ...plan.schedule.flatMap((p) => {
      const task = tasks.get(p.id);
      return event({
        uid: `${plan.projectId}-${p.id}@ofrenda`,
        from: p.from,
        to: p.to,
        name: task ? words.say(task.name) : p.id,
        detail: task?.detail ? words.say(task.detail) : '',
      });
    }),
    ...(Number.isFinite(leaves)
      ? event({
          uid: `${plan.projectId}-leaves@ofrenda`,
          from: leaves,
          to: leaves + 15,
          name: words.label('calendar.leaves'),
          detail: '',
        })
      : []),
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n');
}
