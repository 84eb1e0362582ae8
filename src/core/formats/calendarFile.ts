import { wallFromText, wallToText, type WallMinutes } from '../days/backwardPlan';
import type { DerivedPlan } from '../plan/derivePlan';

/** A calendar reminds so long before a sitting. */
const ALARM_BEFORE = '-PT30M';
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

/**
 * The days of a job as a calendar file (RFC 5545): each sitting an event with an alarm half an hour before, and the hour it
 * leaves. Times are wall times; `stampedAtUtc` is when the file was written, in universal time. The same plan gives the same events.
 */
export function calendarFile(
  plan: Pick<DerivedPlan, 'projectId' | 'tasks' | 'schedule'>,
  job: { name: string; leavesAt: string },
  stampedAtUtc: string,
): string {
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const stamp = `${floating(wallFromText(stampedAtUtc))}Z`;
  const event = (uid: string, from: WallMinutes, to: WallMinutes, name: string, detail: string) => [
    'BEGIN:VEVENT',
    `UID:${escaped(uid)}`,
    `DTSTAMP:${stamp}`,
    `DTSTART:${floating(from)}`,
    `DTEND:${floating(to)}`,
    `SUMMARY:${escaped(`${name}: ${job.name}`)}`,
    ...(detail ? [`DESCRIPTION:${escaped(detail)}`] : []),
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(name)}`,
    `TRIGGER:${ALARM_BEFORE}`,
    'END:VALARM',
    'END:VEVENT',
  ];
  const leaves = wallFromText(job.leavesAt);
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Ofrenda//Days//EN',
    'CALSCALE:GREGORIAN',
    ...plan.schedule.flatMap((planned) =>
      planned.sittings.flatMap((s, i) => {
        const task = tasks.get(planned.id);
        return event(
          `${plan.projectId}-${planned.id}-${i + 1}@ofrenda`,
          s.from,
          s.to,
          task?.name ?? planned.id,
          task?.detail ?? '',
        );
      }),
    ),
    ...(Number.isFinite(leaves)
      ? event(`${plan.projectId}-leaves@ofrenda`, leaves, leaves + 15, 'It leaves the kitchen', '')
      : []),
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n');
}
