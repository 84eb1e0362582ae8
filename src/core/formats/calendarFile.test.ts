import ICAL from 'ical.js';
import { wallToText } from '../days/clock';
import { derivePlan } from '../plan/derivePlan';
import { randomProject } from '../testing/samples';
import { calendarFile } from './calendarFile';
import { ENGLISH } from '../words/english';

const project = randomProject(5, 30);
const plan = derivePlan(project);
const NAME = 'Harbour; library, “ñ” \\ and a very long name that goes on and on so that its line must be folded somewhere';
const file = calendarFile(plan, { name: NAME, leavesAt: project.brief.leavesAt }, '2027-05-01T08:00', ENGLISH);

/** Read by ical.js, which knows nothing of how it was written. */
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));

test('another parser reads every sitting, at its own hour, with its name and an alarm half an hour before', () => {
  const events = read(file);
  const sittings = plan.schedule.map((p) => ({ p, s: p }));
  expect(sittings.length).toBeGreaterThan(0);
  expect(events).toHaveLength(sittings.length + 1);
  sittings.forEach(({ p, s }, i) => {
    const e = events[i]!;
    expect(e.startDate.toString()).toBe(`${wallToText(s.from)}:00`);
    expect(e.endDate.toString()).toBe(`${wallToText(s.to)}:00`);
    // without a zone: the kitchen's own clock, also over a night on which clocks change
    expect(e.startDate.zone.tzid).toBe('floating');
    expect(e.summary).toBe(`${ENGLISH.say(plan.tasks.find((t) => t.id === p.id)!.name)}: ${NAME}`);
    const alarm = e.component.getFirstSubcomponent('valarm')!;
    expect((alarm.getFirstPropertyValue('trigger') as { toSeconds(): number }).toSeconds()).toBe(-1800);
  });
  expect(events.at(-1)!.startDate.toString()).toBe(`${project.brief.leavesAt}:00`);
  expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
});

test('lines end as the standard has it, none longer than 75 octets; the same plan gives the same file (RFC 5545, 3.1)', () => {
  expect(file.endsWith('END:VCALENDAR\r\n')).toBe(true);
  for (const line of file.split('\r\n')) {
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(line).not.toContain('\n');
  }
  expect(calendarFile(plan, { name: NAME, leavesAt: project.brief.leavesAt }, '2027-05-01T08:00', ENGLISH)).toBe(file);
});

test('nothing to do is a calendar with the hour it leaves; no day is a calendar without events', () => {
  const empty = { projectId: 'p', tasks: [], schedule: [] };
  expect(read(calendarFile(empty, { name: 'Job', leavesAt: '2027-06-12T09:30' }, '2027-05-01T08:00', ENGLISH))).toHaveLength(1);
  expect(read(calendarFile(empty, { name: 'Job', leavesAt: 'no day' }, '2027-05-01T08:00', ENGLISH))).toHaveLength(0);
});

test('in a kitchen whose zone is known times are universal, also after the night on which clocks change; a later file is newer', () => {
  const autumn = randomProject(5, 30);
  const job = {
    ...autumn,
    brief: { ...autumn.brief, leavesAt: '2027-11-03T09:30' },
    days: { ...autumn.days, zone: 'Europe/Berlin' },
  };
  const laid = derivePlan(job);
  const text = (stamp: string) =>
    calendarFile(laid, { name: 'Job', leavesAt: job.brief.leavesAt, zone: 'Europe/Berlin' }, stamp, ENGLISH);
  const events = read(text('2027-10-01T08:00'));
  expect(events.length).toBeGreaterThan(2);
  // summer time is two hours ahead of universal time until 31 October 2027, 01:00 UTC, winter time one
  laid.schedule.forEach((p, i) => {
    const utc = p.from - (wallToText(p.from) < '2027-10-31T02:00' ? 120 : 60);
    expect(events[i]!.startDate.toUnixTime()).toBe(utc * 60);
  });
  expect(events.at(-1)!.startDate.toString()).toBe('2027-11-03T08:30:00Z');
  const sequence = (file: string) => read(file)[0]!.sequence;
  expect(sequence(text('2027-10-02T08:00'))).toBeGreaterThan(sequence(text('2027-10-01T08:00')));
});
