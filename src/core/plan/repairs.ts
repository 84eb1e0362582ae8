import { produce } from 'immer';
import { speciesById } from '../botany/catalogue';
import { roleAt } from '../botany/species';
import type { TinPiece } from '../compose/tin';
import type { WallMinutes } from '../days/clock';
import type { RepairFact, TaskName } from '../days/facts';
import { criticalPath } from '../days/network';
import { SKILLS } from '../days/windows';
import { takingsFor } from '../make/takings';
import type { DerivedPlan } from './derivePlan';
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

/** Air that a small dryer keeps. Assumed. */
export const DRIED_SHARE = 0.45;

/** Pieces that fill between others, where they are not pinned. */
export const fillers = (project: Project): string[] =>
  project.arrangements.flatMap((a) =>
    a.pieces
      .filter((p) => !p.pinned && roleAt(speciesById(p.species, catalogueOf(project)), p.stage) === 'filler')
      .map((p) => `${a.id}/${p.id}`),
  );

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
