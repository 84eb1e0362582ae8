import { methodById, speciesById, type Catalogue } from '../botany/catalogue';
import { minutesForOne, minutesMadeAs } from '../make/kindWork';
import type { TinPiece } from '../compose/tin';
import { dayText, wallFromText, weekdayOf, type WallMinutes } from '../days/clock';
import type { RepairFact } from '../days/facts';
import { Memo } from '../geometry/memo';
import { takingsFor } from '../make/takings';
import { derivePlan, type DerivedPlan } from './derivePlan';
import type { OtherWork } from './daysOf';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';
import { DRIED_SHARE, fillers, repaired, shortMinutes, type CheckedRepair, type Repair } from './repairs';

const firstLeft = (plan: Pick<DerivedPlan, 'schedule'>): WallMinutes | undefined => plan.schedule.find((p) => !p.done)?.from;

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
