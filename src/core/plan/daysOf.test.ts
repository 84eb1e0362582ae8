import astronomy from '../demo/demo-astronomy-toppers.ofrenda.json';
import { breaches } from '../days/breaches';
import { dayText, wallFromText, wallToText } from '../days/clock';
import { PLAIN_DAYS, type DaySettings } from '../days/settings';
import { SKILLS } from '../days/windows';
import { evenings } from '../testing/dayShops';
import { randomProject } from '../testing/samples';
import { otherWorkOf, shopOf } from './daysOf';
import { derivePlan } from './derivePlan';
import { checkProject, type Project } from './project';

const withDays = (project: Project, days: Partial<DaySettings>): Project => ({ ...project, days: { ...PLAIN_DAYS, ...days } });
const HELPER = { id: 'h1', name: 'Helper', hours: evenings(17, 20) as DaySettings['makers'][number]['hours'], can: [...SKILLS] };
const laid = (project: Project, others: ReturnType<typeof otherWorkOf>[] = []) => {
  const plan = derivePlan(project, undefined, others);
  const shop = shopOf(project, others);
  const placed = plan.schedule.map((p) => ({
    ...p,
    window: shop.windows.findIndex((w) => w.maker === p.maker && w.from <= p.from && p.to <= w.to),
  }));
  return { plan, shop, placed };
};

test('fifty jobs drawn at random, with racks, helpers and clocks that change: nothing breaks', () => {
  for (let seed = 1; seed <= 50; seed++) {
    const project = withDays(randomProject(seed, 14), {
      safety: (['careful', 'practised', 'to the minute'] as const)[seed % 3]!,
      makers: seed % 2 ? [HELPER] : [],
      rackPlaces: seed % 4 === 0 ? 12 : null,
      formers: seed % 5 === 0 ? 8 : null,
      zone: seed % 3 === 0 ? 'Europe/Berlin' : null,
      daysOff: ['2027-06-09'],
    });
    const { plan, shop, placed } = laid(project);
    if (plan.tasks.length === 0) continue;
    expect(breaches(placed, plan.tasks, shop)).toEqual([]);
    expect(plan.schedule.some((p) => p.maker === 0 && dayText(p.from) === '2027-06-09')).toBe(false);
    expect(plan.leeway.map((l) => l.id).sort()).toEqual(plan.tasks.map((t) => t.id).sort());
    for (const l of plan.leeway) {
      const own = plan.schedule.find((p) => p.id === l.id)!;
      expect(l.earliest).toBeLessThanOrEqual(own.from);
      expect(l.latest).toBeGreaterThanOrEqual(own.from);
    }
  }
});

const job = randomProject(8, 14);

test('no sitting falls into a busy time, and the work begins earlier instead', () => {
  const free = derivePlan(job);
  const last = free.schedule.at(-1)!;
  const [from, to] = [last.from - 20 * 60, last.from - 60];
  const busy = [{ from: wallToText(from), to: wallToText(to), name: 'away' }];
  const plan = derivePlan({ ...job, brief: { ...job.brief, busy } });
  for (const s of plan.schedule) expect(s.to <= from || s.from >= to).toBe(true);
  expect(plan.schedule[0]!.from).toBeLessThanOrEqual(free.schedule[0]!.from);
});

test('two jobs share the days: the one that leaves later keeps out of the sittings and places of the other', () => {
  const other = otherWorkOf({ name: 'Other' }, derivePlan(randomProject(12, 14)));
  const { plan, shop, placed } = laid(withDays(job, { rackPlaces: 40, formers: 40 }), [other]);
  for (const p of plan.schedule) for (const s of other.sittings) expect(p.to <= s.from || p.from >= s.to).toBe(true);
  expect(breaches(placed, plan.tasks, shop)).toEqual([]);
});

test('flowers go on after the cake is firm and out of the cold; where that cannot be it is a stop', () => {
  const place = (p: Project) => derivePlan(p).schedule.find((x) => x.id === 'place')!;
  const late = withDays(job, { cakeFirmAt: '2027-06-10T12:00', lastChillingTo: '2027-06-12T06:30' });
  expect(place(late).from).toBeGreaterThanOrEqual(wallFromText('2027-06-12T06:30'));
  const never = derivePlan(withDays(job, { lastChillingTo: '2027-06-12T09:20' }));
  expect(never.warnings.some((w) => w.level === 'stop' && w.code === 'days.cake-not-ready')).toBe(true);
});

test('as early as possible begins on the first day one may; a beginning too late is a stop, not a wrong plan', () => {
  const early = derivePlan(withDays(job, { direction: 'early', beginAt: '2027-05-20T00:00' }));
  expect(dayText(early.schedule[0]!.from)).toBe('2027-05-20');
  const tooLate = derivePlan(withDays(job, { direction: 'early', beginAt: '2027-06-11T00:00' }));
  expect(tooLate.warnings.some((w) => w.level === 'stop' && w.station === 'days')).toBe(true);
});

test('early without a day to begin on is as late as is safe', () => {
  expect(derivePlan(withDays(job, { direction: 'early' })).schedule).toEqual(derivePlan(job).schedule);
});

test('placing is not done more than a day before it leaves', () => {
  for (let seed = 1; seed <= 10; seed++) {
    const project = withDays(randomProject(seed, 10), { direction: 'early', beginAt: '2027-05-01T00:00' });
    const place = derivePlan(project).schedule.find((p) => p.id.startsWith('place'));
    if (place) expect(wallFromText(project.brief.leavesAt) - place.from).toBeLessThanOrEqual(24 * 60);
  }
});

test('nobody who can do a thing, no hours at all: said as a stop', () => {
  const unable = derivePlan(withDays(job, { can: SKILLS.filter((s) => s !== 'dusting') }));
  expect(unable.warnings).toContainEqual(expect.objectContaining({ code: 'days.no-maker', values: { skills: ['dusting'] } }));
  const idle = derivePlan({ ...job, brief: { ...job.brief, hours: job.brief.hours.map(() => null) } });
  expect(idle.warnings.map((w) => w.code)).toContain('days.no-hours');
});

describe('what is done', () => {
  const plan = derivePlan(job);
  const upTo = plan.schedule.slice(0, 4);
  const done = upTo.map((p) => ({ task: p.id, from: wallToText(p.from), to: wallToText(p.to) }));
  test('stands where it was, the rest is planned round it, and nothing comes before it is dry', () => {
    const left = derivePlan(withDays(job, { done }));
    for (const p of upTo) expect(left.schedule.find((x) => x.id === p.id)).toMatchObject({ from: p.from, to: p.to, done: true });
    const at = new Map(left.schedule.map((p) => [p.id, p]));
    for (const t of left.tasks)
      for (const l of t.after) expect(at.get(t.id)!.from).toBeGreaterThanOrEqual(at.get(l.id)!.to + l.wait);
    expect(left.warnings.some((w) => w.code === 'days.not-dry')).toBe(false);
  });
  test('done so late that it does not dry in time is a stop', () => {
    const wet = plan.schedule.find((p) => plan.tasks.find((t) => t.id === p.id)!.dryHours > 6)!;
    const late = derivePlan(withDays(job, { done: [{ task: wet.id, from: '2027-06-12T07:00', to: '2027-06-12T08:00' }] }));
    expect(late.warnings.some((w) => w.level === 'stop' && w.station === 'days')).toBe(true);
  });
});

test('a kind that was found not dry in time dries longer in the plan, others a little, more than without any look', () => {
  const [kind] = derivePlan(job).tray.filter((k) => k.toMake > 0);
  const look = (i: number) => ({
    id: `l${i}`,
    at: '2027-06-01T08:00',
    what: 'looked' as const,
    kind: kind!.key,
    hours: 20,
    reckonedHours: 12,
    dry: false,
  });
  const wet = derivePlan({ ...job, notes: Array.from({ length: 5 }, (_, i) => look(i)) });
  const hours = (plan: typeof wet, own: boolean) =>
    plan.tasks
      .filter((t) => t.dryHours > 0 && t.kind && (t.kind === kind!.key) === own)
      .reduce((a, t) => Math.max(a, t.dryHours), 0);
  const before = derivePlan(job);
  expect(hours(wet, true)).toBeGreaterThan(1.3 * hours(before, true));
  expect(hours(wet, false)).toBeGreaterThan(hours(before, false));
  expect(wet.ownDry.entries).toBe(5);
  expect(wet.tray.find((k) => k.key === kind!.key)!.drying.entries).toBe(5);
});

test('what was done later than it should leave is a stop that says when it was done', () => {
  const free = derivePlan(job);
  expect(free.warnings.filter((w) => w.code === 'days.late')).toEqual([]);
  const last = free.schedule.at(-1)!;
  const by = (minutes: number) => {
    const to = free.doneBy + minutes;
    const done = [{ task: last.id, from: wallToText(to - 60), to: wallToText(to) }];
    return derivePlan(withDays(job, { done })).warnings.filter((w) => w.code === 'days.late');
  };
  expect(by(0)).toEqual([]);
  expect(by(20)).toEqual([expect.objectContaining({ level: 'stop', values: { doneAt: free.doneBy + 20 } })]);
});

test('a long job mixes its paste in lots, none of which waits longer than it keeps, and breaks nothing', () => {
  const checked = checkProject(astronomy);
  if ('issues' in checked) throw new Error(checked.issues[0]!.path);
  // eight dozen instead of two
  const { project } = checked;
  const long = { ...project, arrangements: project.arrangements.map((a) => ({ ...a, quantity: 96 })) };
  const { plan, shop, placed } = laid(long);
  const mixes = plan.schedule.filter((p) => p.id.startsWith('mix'));
  expect(mixes.length).toBeGreaterThan(1);
  expect(plan.warnings.map((w) => w.code)).not.toContain('days.paste-waits');
  expect(breaches(placed, plan.tasks, shop)).toEqual([]);
});

test('one long evening a week does not make all the work wait for it: the others are used too', () => {
  // Monday to Wednesday two hours, Friday three
  const two = { fromMinute: 18 * 60, toMinute: 20 * 60 };
  const hours = [null, two, two, two, null, { fromMinute: 18 * 60, toMinute: 21 * 60 }, null];
  const big = randomProject(116);
  const job = { ...big, brief: { ...big.brief, hours }, arrangements: big.arrangements.map((a) => ({ ...a, quantity: 4 })) };
  const { plan, shop } = laid(withDays(job, {}));
  const begin = plan.schedule[0]!.from;
  const open = shop.windows.reduce((a, w) => a + Math.max(0, w.to - Math.max(w.from, begin)), 0);
  const work = plan.tasks.reduce((a, t) => a + t.duration, 0);
  expect(work).toBeGreaterThan(20 * 60);
  expect(open / work).toBeLessThan(1.45);
});

test('nothing begins a part of a minute before what it waits for is dry', () => {
  for (let seed = 1; seed <= 20; seed++)
    for (const task of derivePlan(withDays(randomProject(seed, 10), { safety: 'practised' })).tasks)
      for (const { wait } of task.after) expect(Number.isInteger(wait)).toBe(true);
});
