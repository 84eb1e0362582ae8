import type { Arrangement } from '../compose/arrangement';
import { clockOf, dayStart, type Clock, wallFromText, type WallMinutes } from '../days/clock';
import { dryingFactor } from '../days/drying';
import { schedule, stepsFor } from '../days/improve';
import { chainOf, leewayOf, type Leeway } from '../days/leeway';
import { topologicalOrder } from '../days/network';
import type { Pool, Shop } from '../days/schedule';
import { SAFETY } from '../days/settings';
import type { Cutting } from '../days/batches';
import { lotsOf, mixedInLots, OTHER_LOT_DAYS, PASTE_KEEPS_DAYS, pasteWaits } from '../days/lots';
import { careOf } from '../days/settings';
import { ONE_LOT, ownJointMinutes, tasksOf, type Lots, type Task } from '../days/tasks';
import { SKILLS, windowsOf, type Maker, type Skill } from '../days/windows';
import type { Memo } from '../geometry/memo';
import { countedLog, looksOf } from '../log/entries';
import { ownDrying, type Own } from '../log/own';
import type { TrayKind } from '../make/tray';
import { barrierById } from '../place/barrier';
import type { DAYS_WARNINGS, DaysWarning } from '../days/facts';
import type { FactOf } from '../facts/fact';
import type { Entry } from '../place/entry';
import type { Built } from './built';
import { catalogueOf } from './catalogueOf';
import { cakesOf, type Project } from './project';
import { must } from '../geometry/must';

/** One task in its sitting. */
export interface PlannedTask {
  id: string;
  /** 0 the person whose job it is, then helpers in their order */
  maker: number;
  from: WallMinutes;
  to: WallMinutes;
  done?: boolean;
}

/** Time and places that other jobs take on the same days. */
export interface OtherWork {
  job: string;
  sittings: readonly { from: WallMinutes; to: WallMinutes }[];
  racks: readonly { pool: Pool; places: number; from: WallMinutes; to: WallMinutes }[];
}

export interface DaysPlan {
  tasks: Task[];
  schedule: PlannedTask[];
  leeway: Leeway[];
  /** from the first task on, what decides when the work must begin */
  critical: string[];
  /** times the hours of practice in this room; and how this person's pieces dry in it, over all kinds */
  dryFactor: number;
  ownDry: Own;
  /** everything is done by then */
  doneBy: WallMinutes;
  /** wanted on a day on which they cannot be; found no place at all */
  unpinned: string[];
  homeless: string[];
}

/** Placed flowers stand on a cake for a day at the most before it leaves. Common practice, no source. */
const PLACED_BEFORE_MINUTES = 24 * 60;
/** Changes of the clock are looked for in so many days. */
const CLOCK_DAYS = 130;
/** A task is cut so that it leaves room beside it, even in a long sitting. */
const MOST_TASK_MINUTES = 120;

interface Planned {
  built: Built;
  arrangement: Arrangement;
  heads: readonly unknown[];
}

/** What the days have to hold. */
interface WhatIsMade {
  tray: readonly TrayKind[];
  planned: readonly Planned[];
  /** balls of paste to colour */
  colours: number;
  plaques: number;
  /** what other jobs ask of the same hands */
  others?: readonly OtherWork[];
}

/** Everything that happens to a job between now and the hour it leaves. */
export function daysOf(
  project: Project,
  { tray, planned, colours, plaques, others = [] }: WhatIsMade,
  memo: Memo,
): { plan: DaysPlan; warnings: DaysWarning[] } {
  const { brief, days } = project;
  const leavesAt = wallFromText(brief.leavesAt);
  const ownDry = ownDrying(looksOf(project.notes));
  const dryFactor = dryingFactor(brief.room.celsius, brief.room.humidityShare);
  const shop = shopOf(project, others);
  const cakeReadyAt = cakeReady(project);
  const work = {
    ...benchWork(project, planned),
    colours,
    plaques,
    dryFactor,
    cakeReadyAt: Math.max(cakeReadyAt, leavesAt - PLACED_BEFORE_MINUTES),
  };
  const cutting: Cutting = {
    dryingMargin: SAFETY[days.safety].dryingMargin,
    most: (skill) => usualSitting(shop, skill),
    places: Math.min(shop.places.rack, shop.places.former),
  };
  const asked = (lots: Lots) => {
    const tasks = tasksOf(tray, work, cutting, lots).map((task) => withWishes(task, days, shop));
    return { tasks, ...withoutDone(tasks, days, shop) };
  };
  const { works, shop: left, ...atOnce } = asked(ONE_LOT);
  let { tasks: all, done } = atOnce;
  if (all.length === 0 || !Number.isFinite(leavesAt) || !Array.isArray(topologicalOrder(all)) || shop.windows.length === 0) {
    const none: DaysPlan = { ...NOT_LAID, tasks: all, dryFactor, ownDry, doneBy: shop.end };
    return { plan: none, warnings: daysWarnings(project, none, cakeReadyAt) };
  }
  const { unpinned, homeless, ...found } = laidOut(project, { works, left, others }, memo);
  let { placed, leeway } = found;
  if (pasteWaits(works, placed)) {
    // the same days are parted into the same lots
    const parted = memo.memoise('lots', [placed], () => partedIntoLots(works, placed, asked));
    if (parted) ({ tasks: all, done, placed, leeway } = parted);
  }
  const plan: DaysPlan = {
    tasks: all,
    schedule: [...done, ...placed.map(({ id, maker, from, to }) => ({ id, maker, from, to }))].sort((a, b) => a.from - b.from),
    leeway,
    critical: chainOf(leeway),
    dryFactor,
    ownDry,
    doneBy: shop.end,
    unpinned,
    homeless,
  };
  return { plan, warnings: daysWarnings(project, plan, cakeReadyAt) };
}

type Asked = ReturnType<typeof withoutDone> & { tasks: Task[] };
type Placed = ReturnType<typeof schedule>['placed'];

/** Each lot of paste mixed in time of its own, all else where it is; null where a lot finds none. */
function inLots(placed: Placed, asked: Asked) {
  const { works, shop } = asked;
  const mixed = mixedInLots(placed, works, shop);
  return mixed && { ...asked, placed: mixed, leeway: leewayOf(mixed, works, shop) };
}

/** Days with their paste in lots. Where the days are too full for that they are laid out once more with the lots among the work. */
function partedIntoLots(works: readonly Task[], placed: Placed, asked: (lots: Lots) => Asked) {
  const usual = inLots(placed, asked(lotsOf(works, placed)));
  if (usual) return usual;
  for (const lotDays of OTHER_LOT_DAYS) {
    const first = asked(lotsOf(works, placed, lotDays));
    const again = schedule(first.works, first.shop, stepsFor(first.works.length) >> 2);
    if (again.homeless.length + again.unpinned.length > 0) continue;
    const parted = inLots(again.placed, asked(lotsOf(works, again.placed, lotDays)));
    if (parted) return parted;
  }
  return null;
}

/** The tasks laid over the days, and how far each may be moved; as last time where nothing they depend on has changed. */
function laidOut(
  { days, brief }: Project,
  { works, left, others }: { works: readonly Task[]; left: Shop; others: readonly OtherWork[] },
  memo: Memo,
) {
  const asked = works.map((w) => [w.id, w.duration, w.after, w.skill, w.likeness, w.dries, w.notBefore, w.pinned, w.was]);
  const { hours, busy, leavesAt, lastMorningFrom } = brief;
  const ground = [memo.same('works', asked), days, hours, busy, leavesAt, lastMorningFrom, memo.same('others', others)];
  return memo.memoise('days', ground, () => {
    const found = schedule(works, left, stepsFor(works.length) >> 2);
    return { ...found, leeway: leewayOf(found.placed, works, left) };
  });
}

/** A plan of which nothing is laid over the days. */
const NOT_LAID: Pick<DaysPlan, 'schedule' | 'leeway' | 'critical' | 'unpinned' | 'homeless'> = {
  schedule: [],
  leeway: [],
  critical: [],
  unpinned: [],
  homeless: [],
};

/** What there is to do at the bench besides the pieces themselves: joints, barriers, and how this person works. */
function benchWork(project: Project, planned: readonly Planned[]) {
  const catalogue = catalogueOf(project);
  const minutesOf = (e: Entry): number => (e.barrier ? (barrierById(e.barrier, catalogue.barriers)?.minutes ?? 0) : 0.5);
  const ofAll = (of: (p: Planned) => number) => planned.reduce((a, p) => a + p.arrangement.quantity * of(p), 0);
  return {
    catalogue,
    joints: ofAll(({ built }) => built.sprays.reduce((a, s) => a + s.joints.length, 0)),
    // a plaque without skewers is set down as one
    entries: ofAll(({ built }) => built.entries.length),
    barriers: ofAll(({ built }) => built.entries.length),
    barrierMinutes: ofAll(({ built }) => built.entries.reduce((a, e) => a + minutesOf(e), 0)),
    cakes: cakesOf(project),
    wired: planned.some((p) => p.built.wires.length > 0),
    care: careOf(project.brief.finish),
    jointMinutes: ownJointMinutes(countedLog(project.log)),
  };
}

/** When flowers may go onto the cake: it is firm, and it has left the cold for the last time. */
function cakeReady({ days }: Project): WallMinutes {
  const at = [days.cakeFirmAt, days.lastChillingTo].map((t) => (t === null ? -Infinity : wallFromText(t)));
  return Math.max(...at);
}

/** Who works when, on what, with whose things out of the way. */
export function shopOf({ brief, days }: Pick<Project, 'brief' | 'days'>, others: readonly OtherWork[] = []): Shop {
  const leavesAt = wallFromText(brief.leavesAt);
  const { fillShare, bufferMinutes } = SAFETY[days.safety];
  const off = days.daysOff.map((d) => wallFromText(`${d}T00:00`)).map((from) => ({ from, to: from + 1440 }));
  const busy = brief.busy.map((b) => ({ from: wallFromText(b.from), to: wallFromText(b.to) }));
  const makers: Maker[] = [
    { name: 'you', hours: brief.hours, can: days.can, away: [...off, ...busy, ...others.flatMap((o) => o.sittings)] },
    ...days.makers.map((m) => ({ name: m.name, hours: m.hours, can: m.can, away: off })),
  ];
  return {
    makers,
    windows: Number.isFinite(leavesAt)
      ? windowsOf(makers, { leavesAt, bufferMinutes, fillShare, lastMorningFrom: brief.lastMorningFrom })
      : [],
    places: { rack: days.rackPlaces ?? Infinity, former: days.formers ?? Infinity },
    taken: others.flatMap((o) => o.racks),
    end: leavesAt - bufferMinutes,
    begin: days.beginAt === null ? null : wallFromText(days.beginAt),
    clock: clockOf(days.zone, leavesAt - CLOCK_DAYS * 1440, leavesAt),
    // as early as possible from nowhere is nowhere
    direction: days.beginAt === null ? 'late' : days.direction,
  };
}

/**
 * A sitting that half of all the time there is lies in sittings as long as: what is cut to the longest one would wait for the one long
 * evening of a week. Minutes.
 */
function usualSitting(shop: Shop, skill: Skill): number {
  const own = shop.windows
    .filter((w) => must(shop.makers[w.maker]).can.includes(skill))
    .map((w) => w.to - w.from)
    .sort((a, b) => b - a);
  const half = own.reduce((a, m) => a + m, 0) / 2;
  let sum = 0;
  for (const minutes of own) {
    sum += minutes;
    if (sum >= half) return Math.min(MOST_TASK_MINUTES, minutes);
  }
  return MOST_TASK_MINUTES;
}

/** What is left to do: what is done stands where it was, what waits for it waits until it is dry, and its places are taken until then. */
function withoutDone(
  all: readonly Task[],
  days: Project['days'],
  shop: Shop,
): { works: Task[]; done: PlannedTask[]; shop: Shop } {
  const times = new Map(days.done.map((d) => [d.task, { from: wallFromText(d.from), to: wallFromText(d.to) }]));
  const isDone = all.filter((t) => times.has(t.id));
  if (isDone.length === 0) return { works: [...all], done: [], shop };
  const tasks = all
    .filter((t) => !times.has(t.id))
    .map((t) => {
      const dryAt = t.after.flatMap((l) => (times.has(l.id) ? [shop.clock.after(must(times.get(l.id)).to, l.wait)] : []));
      const notBefore = Math.max(t.notBefore ?? -Infinity, ...dryAt);
      const rest = { ...t, after: t.after.filter((l) => !times.has(l.id)) };
      return Number.isFinite(notBefore) ? { ...rest, notBefore } : rest;
    });
  const drying = isDone.flatMap((t) => {
    const { from, to } = must(times.get(t.id));
    return t.dries ? [{ pool: t.dries.pool, places: t.dries.places, from, to: shop.clock.after(to, t.dries.minutes) }] : [];
  });
  return {
    works: tasks,
    done: isDone.map((t) => ({ id: t.id, maker: 0, ...must(times.get(t.id)), done: true })),
    shop: { ...shop, taken: [...shop.taken, ...drying] },
  };
}

/** The day a person wants a task on, and where it was in the plan that is gone by. */
function withWishes(task: Task, days: Project['days'], shop: Shop): Task {
  const pin = days.pins.find((p) => p.task === task.id);
  const was = days.kept.find((k) => k.task === task.id);
  return {
    ...task,
    ...(pin ? { pinned: wallFromText(`${pin.day}T00:00`) } : {}),
    ...(was && was.maker < shop.makers.length ? { was: { maker: was.maker, from: wallFromText(was.from) } } : {}),
  };
}

/** What a job takes of the days and racks, for the jobs that leave after it. */
export function otherWorkOf(project: Pick<Project, 'name'>, plan: DaysPlan): OtherWork {
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  return {
    job: project.name,
    sittings: plan.schedule.filter((p) => p.maker === 0).map(({ from, to }) => ({ from, to })),
    racks: plan.schedule.flatMap((p) => {
      const dries = tasks.get(p.id)?.dries;
      return dries ? [{ pool: dries.pool, places: dries.places, from: p.from, to: p.to + dries.minutes }] : [];
    }),
  };
}

/** The first task that comes before what is done already is dry; null where none does. */
function tooSoon({ tasks, schedule }: DaysPlan, clock: Clock): Task | null {
  const at = new Map(schedule.map((p) => [p.id, p]));
  for (const task of tasks) {
    const own = at.get(task.id);
    if (!own || own.done) continue;
    for (const link of task.after) {
      const before = at.get(link.id);
      if (before?.done && clock.after(before.to, link.wait) > own.from) return task;
    }
  }
  return null;
}

const says = (level: DaysWarning['level'], fact: FactOf<typeof DAYS_WARNINGS>): DaysWarning => ({
  ...fact,
  level,
  station: 'days',
});

/** What of the days cannot be, or should be looked at again; what only follows from another stop is left out. */
function daysWarnings({ brief, days }: Project, plan: DaysPlan, cakeReadyAt: WallMinutes): DaysWarning[] {
  const warnings: DaysWarning[] = [];
  if (!Number.isFinite(plan.dryFactor))
    warnings.push(says('look again', { code: 'days.damp-air', values: { humidity: brief.room.humidityShare } }));
  if (plan.tasks.length === 0) return warnings;
  const idle = brief.hours.every((h) => h === null) && days.makers.every((m) => m.hours.every((h) => h === null));
  const unable = SKILLS.filter(
    (s) => plan.tasks.some((t) => t.skill === s) && !days.can.includes(s) && !days.makers.some((m) => m.can.includes(s)),
  );
  if (idle) warnings.push(says('stop', { code: 'days.no-hours', values: {} }));
  else if (unable.length) warnings.push(says('stop', { code: 'days.no-maker', values: { skills: unable } }));
  else if (plan.homeless.length) warnings.push(says('stop', { code: 'days.no-place', values: { tasks: plan.homeless.length } }));
  const placedAt = plan.schedule.find((p) => p.id === 'place' || p.id === 'place|1')?.from ?? Infinity;
  if (Number.isFinite(cakeReadyAt) && placedAt < cakeReadyAt)
    warnings.push(says('stop', { code: 'days.cake-not-ready', values: { readyAt: cakeReadyAt } }));
  const leavesAt = wallFromText(brief.leavesAt);
  const soon = days.done.length ? tooSoon(plan, clockOf(days.zone, leavesAt - CLOCK_DAYS * 1440, leavesAt)) : null;
  if (soon) warnings.push(says('stop', { code: 'days.not-dry', values: { task: soon.name } }));
  const doneAt = plan.schedule.reduce((a, p) => Math.max(a, p.to), -Infinity);
  if (doneAt > plan.doneBy) warnings.push(says('stop', { code: 'days.late', values: { doneAt } }));
  const waits = pasteWaits(plan.tasks, plan.schedule);
  if (waits) {
    const values = { days: Math.round(waits.minutes / 1440), from: dayStart(waits.from), keepsDays: PASTE_KEEPS_DAYS };
    warnings.push(says('look again', { code: 'days.paste-waits', values }));
  }
  return warnings;
}
