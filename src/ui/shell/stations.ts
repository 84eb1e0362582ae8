import { LEVEL_SCORE } from '@/core/compose/reading';
import { countedLog } from '@/core/log/entries';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import type { Warning } from '@/core/plan/warnings';

export const STATIONS = [
  { id: 'brief', name: 'Brief', path: '/brief' },
  { id: 'compose', name: 'Compose', path: '/compose' },
  { id: 'make', name: 'Make', path: '/make' },
  { id: 'wire', name: 'Wire & tape', path: '/wire' },
  { id: 'place', name: 'Place', path: '/place' },
  { id: 'days', name: 'Days', path: '/days' },
  { id: 'log', name: 'Log', path: '/log' },
  { id: 'hand-over', name: 'Hand over', path: '/hand-over' },
] as const;

export type StationId = (typeof STATIONS)[number]['id'];

/** settled: a green flower; ready: an opening bud; shut: a tight bud and its reason; stop: a red tip. */
export type BudState = 'settled' | 'ready' | 'shut' | 'stop';

export interface Bud {
  state: BudState;
  note: string;
}

const stopsAt = (plan: DerivedPlan, ...stations: Warning['station'][]): number =>
  plan.warnings.filter((w) => w.level === 'stop' && stations.includes(w.station)).length;

const stopNote = (n: number): string => `${n} stop${n === 1 ? '' : 's'}`;

const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** What each bud of the stem shows: how far its station has come, or what still holds it closed. */
export function budsOf(project: Project | null, plan: DerivedPlan | null): Record<StationId, Bud> {
  const shut = (note: string): Bud => ({ state: 'shut', note });
  if (!project || !plan) {
    return {
      brief: shut(''),
      compose: shut(''),
      make: shut(''),
      wire: shut(''),
      place: shut(''),
      days: shut(''),
      log: shut(''),
      'hand-over': shut(''),
    };
  }
  const pieces = plan.heads.length;
  const briefStops = stopsAt(plan, 'brief');
  const brief: Bud = briefStops
    ? { state: 'stop', note: stopNote(briefStops) }
    : { state: 'settled', note: count(project.cake.tiers.length, 'tier') };
  if (pieces === 0) {
    const needs = shut('needs Compose');
    return {
      brief,
      compose: { state: briefStops ? 'shut' : 'ready', note: briefStops ? 'needs Brief' : 'ready' },
      make: needs,
      wire: needs,
      place: needs,
      days: needs,
      log: shut('starts with Make'),
      'hand-over': needs,
    };
  }
  return { brief, compose: composeBud(plan), ...benchBuds(project, plan) };
}

function composeBud(plan: DerivedPlan): Bud {
  const readings = plan.arrangements.flatMap((a) => a.readings).filter((r) => r.id !== 'buildable');
  const leaning = readings.filter((r) => r.score < LEVEL_SCORE).length;
  const stops = stopsAt(plan, 'compose');
  if (stops) return { state: 'stop', note: stopNote(stops) };
  return leaning ? { state: 'ready', note: `${leaning} of ${readings.length} lean` } : { state: 'settled', note: 'all level' };
}

function benchBuds(project: Project, plan: DerivedPlan): Omit<Record<StationId, Bud>, 'brief' | 'compose'> {
  const toMake = plan.tray.reduce((a, k) => a + k.toMake, 0);
  const kinds = new Set(plan.tray.map((k) => k.key));
  const made = countedLog(project.log).reduce((a, e) => a + (kinds.has(e.kind) ? e.made : 0), 0);
  const wireStops = stopsAt(plan, 'wire');
  const placeStops = stopsAt(plan, 'place');
  const looks = plan.warnings.filter((w) => w.level === 'look again' && w.station === 'place').length;
  const joints = plan.arrangements.reduce((a, b) => a + b.sprays.reduce((c, s) => c + s.joints.length, 0), 0);
  const dayStops = stopsAt(plan, 'days');
  const out = plan.handOver.comesOut;
  return {
    make: made >= toMake ? { state: 'settled', note: 'all made' } : { state: 'ready', note: `${toMake} to make` },
    wire: wireStops
      ? { state: 'stop', note: stopNote(wireStops) }
      : { state: 'ready', note: joints ? count(joints, 'joint') : count(plan.stems.length, 'stem') },
    place: placeStops
      ? { state: 'stop', note: stopNote(placeStops) }
      : { state: looks ? 'ready' : 'settled', note: looks ? `${looks} to look at` : `${plan.entries.length} sit` },
    days: dayStops
      ? { state: 'stop', note: stopNote(dayStops) }
      : { state: 'ready', note: `${Math.round(plan.tasks.reduce((a, t) => a + t.minutes, 0) / 60)} h of work` },
    log: made
      ? { state: made >= toMake ? 'settled' : 'ready', note: `${made} of ${toMake} in` }
      : { state: 'ready', note: 'begin' },
    'hand-over': placeStops ? { state: 'shut', note: 'needs Place' } : { state: 'ready', note: `${out} to take out` },
  };
}
