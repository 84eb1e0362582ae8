import { produce } from 'immer';
import { methodById, speciesById, type Catalogue } from '../botany/catalogue';
import { minutesForOne, minutesMadeAs } from '../make/kindWork';
import { roleAt } from '../botany/species';
import type { TinPiece } from '../compose/tin';
import { dayText, wallFromText, weekdayOf, type WallMinutes } from '../days/clock';
import type { RepairFact, TaskName } from '../days/facts';
import { criticalPath } from '../days/network';
import { SKILLS } from '../days/windows';
import { Memo } from '../geometry/memo';
import { takingsFor } from '../make/takings';
import { derivePlan, type DerivedPlan } from './derivePlan';
import type { OtherWork } from './daysOf';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';
import { must } from '../geometry/must';

/** One change that may make the work fit. */
export interface Repair {
  id: string;
  does: RepairFact;
}

/** A repair whose plan was built: it fits, and the work begins on that day. */
export interface CheckedRepair {
  repairs: Repair[];
  begins: string;
}

/** Minutes by which the work begins too soon, against `now`; 0 where it fits, Infinity where something finds no place. */
export function shortMinutes(plan: Pick<DerivedPlan, 'schedule' | 'homeless' | 'doneBy'>, now: WallMinutes): number {
  if (plan.homeless.length) return Infinity;
  const first = plan.schedule.find((p) => !p.done);
  if (!first) return 0;
  const last = plan.schedule.reduce((a, p) => Math.max(a, p.to), -Infinity);
  return Math.max(0, now - first.from, last - plan.doneBy);
}

const firstLeft = (plan: Pick<DerivedPlan, 'schedule'>): WallMinutes | undefined => plan.schedule.find((p) => !p.done)?.from;

/** Air that a small dryer keeps. Assumed. */
const DRIED_SHARE = 0.45;
/** A quick method takes less than this share of what is made now. */
const QUICK = 0.6;
/** Pulled or cut in one piece on a wire of its own: these hang on a stem like what they stand in for. */
const QUICK_METHODS = ['one piece', 'pulled'] as const;

/** Everything that could be tried for a job, as it is said. */
export function repairsFor(project: Project, plan: DerivedPlan, tin: readonly TinPiece[]): Repair[] {
  const { brief, days } = project;
  const repairs: Repair[] = [];
  const add = (id: string, does: RepairFact) => repairs.push({ id, does });
  const open = brief.hours.find((h) => h !== null);
  if (open) {
    const first = plan.schedule[0]?.from ?? wallFromText(brief.leavesAt);
    // the days off nearest before it leaves, first
    const back = Array.from({ length: 7 }, (_, i) => weekdayOf(wallFromText(brief.leavesAt) - (i + 1) * 1440));
    for (const day of back.filter((d) => brief.hours[d] === null).slice(0, 2))
      add(`evening:${day}`, { code: 'repair.weekday', values: { weekday: day } });
    for (const off of days.daysOff.filter((d) => wallFromText(`${d}T00:00`) >= first - 1440).slice(0, 2))
      add(`not off:${off}`, { code: 'repair.day-off', values: { day: off } });
    if (brief.hours.some((h) => h && h.toMinute <= 1380)) add('longer', { code: 'repair.longer', values: {} });
    add('helper', { code: 'repair.helper', values: {} });
  }
  if (project.spares.least > 0 || project.spares.surviveShare > 0.5) add('no spares', { code: 'repair.no-spares', values: {} });
  const quick = quickKind(plan, catalogueOf(project));
  if (quick) add(`quick:${quick.species}:${quick.method}`, { code: 'repair.quick', values: quick });
  if (fillers(project).length >= 4)
    add('fewer fillers', { code: 'repair.fewer-fillers', values: { count: Math.ceil(fillers(project).length / 4) } });
  const fromTin =
    takingsFor(project.arrangements, tin).reduce((a, t) => a + t.count, 0) - project.taken.reduce((a, t) => a + t.count, 0);
  if (fromTin > 0) add('tin', { code: 'repair.tin', values: { count: fromTin } });
  if (brief.room.humidityShare > DRIED_SHARE + 0.03) add('drier', { code: 'repair.drier', values: { humidity: DRIED_SHARE } });
  if (days.safety === 'careful') add('practised', { code: 'repair.practised', values: {} });
  return repairs;
}

const fillers = (project: Project): string[] =>
  project.arrangements.flatMap((a) =>
    a.pieces
      .filter((p) => !p.pinned && roleAt(speciesById(p.species, catalogueOf(project)), p.stage) === 'filler')
      .map((p) => `${a.id}/${p.id}`),
  );

/** The kind that takes most of the work, with a method that is a good deal quicker; null where there is none. */
function quickKind(plan: DerivedPlan, catalogue: Catalogue): { species: string; method: string } | null {
  const heads = plan.tray.filter((k) => k.toMake > 0 && speciesById(k.species, catalogue).habit === 'head');
  const minutes = (k: (typeof heads)[number]) => k.toMake * minutesForOne(k.steps) * k.pace.share;
  for (const k of [...heads].sort((a, b) => minutes(b) - minutes(a)).slice(0, 3)) {
    const method = QUICK_METHODS.find(
      (m) => minutesMadeAs(k, methodById(m, catalogue), catalogue) < QUICK * minutesForOne(k.steps),
    );
    if (method) return { species: k.species, method };
  }
  return null;
}

/** The project with one repair made; by a pure change, so that it can be tried first. */
export function repaired(project: Project, id: string, tin: readonly TinPiece[]): Project {
  const [what, which = '', method = ''] = id.split(':');
  return produce(project, (d) => {
    const open = d.brief.hours.find((h) => h !== null) ?? { fromMinute: 18 * 60, toMinute: 21 * 60 };
    if (what === 'evening') d.brief.hours[Number(which)] = { ...open };
    else if (what === 'not off') d.days.daysOff = d.days.daysOff.filter((x) => x !== which);
    else if (what === 'longer') for (const h of d.brief.hours) if (h) h.toMinute = Math.min(1440, h.toMinute + 60);
    if (what === 'helper')
      d.days.makers.push({
        id: `helper-${d.days.makers.length + 1}`,
        name: d.days.makers.length ? `Helper ${d.days.makers.length + 1}` : 'Helper',
        hours: d.brief.hours.map((h) => h && { ...h }),
        can: SKILLS.filter((s) => s === 'making' || s === 'dusting'),
      });
    else if (what === 'no spares') d.spares = { surviveShare: 0.5, least: 0 };
    else if (what === 'quick') {
      d.madeBy = d.madeBy.filter((m) => m.species !== which);
      d.madeBy.push({ species: which, method });
    } else if (what === 'fewer fillers') {
      const gone = new Set(fillers(project).filter((_, i) => i % 4 === 0));
      for (const a of d.arrangements) a.pieces = a.pieces.filter((p) => !gone.has(`${a.id}/${p.id}`));
    } else if (what === 'tin') d.taken = takingsFor(d.arrangements, tin);
    else if (what === 'drier') d.brief.room.humidityShare = DRIED_SHARE;
    else if (what === 'practised') d.days.safety = 'practised';
  });
}

/** What no repair of hours can change: the longest chain of steps and drying, against what is left until all must be done. Minutes. */
export interface Bounds {
  chainMinutes: number;
  leftMinutes: number;
  /** the first and the last step of that chain */
  first: TaskName;
  last: TaskName;
}

/** The longest chain of what is not done yet, whoever works and whenever (critical path); null where there is none. */
export function boundsOf(plan: Pick<DerivedPlan, 'tasks' | 'schedule' | 'doneBy'>, now: WallMinutes): Bounds | null {
  const done = new Set(plan.schedule.filter((p) => p.done).map((p) => p.id));
  const left = plan.tasks
    .filter((t) => !done.has(t.id))
    .map((t) => ({ id: t.id, duration: t.duration, after: t.after.filter((l) => !done.has(l.id)) }));
  const path = criticalPath(left);
  if ('fault' in path || path.critical.length === 0) return null;
  const name = (id: string) => must(plan.tasks.find((t) => t.id === id)).name;
  return {
    chainMinutes: path.end,
    leftMinutes: plan.doneBy - now,
    first: name(must(path.critical[0])),
    last: name(must(path.critical.at(-1))),
  };
}

/** More than so many ways out are no help. */
const MOST_SHOWN = 6;

/**
 * What would make the work fit that begins too soon: each repair tried by building its plan, pairs where none does alone. Only
 * what was built and fits is given, smallest change first as listed. Empty where all fits, or nothing helps.
 */
export function whatFits(
  project: Project,
  now: WallMinutes,
  tin: readonly TinPiece[],
  others: readonly OtherWork[] = [],
): CheckedRepair[] {
  const memory = new Memo();
  const plan = derivePlan(project, memory, others);
  if (shortMinutes(plan, now) === 0) return [];
  const repairs = repairsFor(project, plan, tin);
  const tried = repairs.map((r) => {
    const changed = repaired(project, r.id, tin);
    const built = derivePlan(changed, memory, others);
    return { repair: r, changed, short: shortMinutes(built, now), begins: firstLeft(built) ?? now };
  });
  const alone = tried.filter((t) => t.short === 0);
  if (alone.length) return alone.slice(0, MOST_SHOWN).map((t) => ({ repairs: [t.repair], begins: dayText(t.begins) }));
  const pairs: CheckedRepair[] = [];
  const best = tried
    .filter((t) => Number.isFinite(t.short))
    .sort((a, b) => a.short - b.short)
    .slice(0, 4);
  for (const [i, a] of best.entries())
    for (const b of best.slice(i + 1)) {
      const built = derivePlan(repaired(a.changed, b.repair.id, tin), memory, others);
      if (shortMinutes(built, now) === 0) pairs.push({ repairs: [a.repair, b.repair], begins: dayText(firstLeft(built) ?? now) });
      if (pairs.length >= 3) return pairs;
    }
  return pairs;
}
