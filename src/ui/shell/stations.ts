import { LEVEL_SCORE } from '@/core/compose/reading';
import { countedLog } from '@/core/log/entries';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import type { Warning } from '@/core/plan/warnings';
import { currentWords } from '../speech/useWords';

export const STATIONS = [
  { id: 'brief', name: 'shell.brief', path: '/brief' },
  { id: 'compose', name: 'shared.compose', path: '/compose' },
  { id: 'make', name: 'shell.make', path: '/make' },
  { id: 'wire', name: 'shell.wire-tape', path: '/wire' },
  { id: 'place', name: 'shell.place', path: '/place' },
  { id: 'days', name: 'shell.days', path: '/days' },
  { id: 'log', name: 'shell.log', path: '/log' },
  { id: 'hand-over', name: 'shell.hand-over', path: '/hand-over' },
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

const stopNote = (n: number): string => currentWords().label('shell.stops', { n });

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
    : { state: 'settled', note: currentWords().label('shell.tiers', { tiers: project.cake.tiers.length }) };
  if (pieces === 0) {
    const needs = shut(currentWords().label('shell.needs-compose'));
    return {
      brief,
      compose: {
        state: briefStops ? 'shut' : 'ready',
        note: briefStops ? currentWords().label('shell.needs-brief') : currentWords().label('shell.ready'),
      },
      make: needs,
      wire: needs,
      place: needs,
      days: needs,
      log: shut(currentWords().label('shell.starts-with-make')),
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
  return leaning
    ? { state: 'ready', note: currentWords().label('shell.leaning', { leaning, readings: readings.length }) }
    : { state: 'settled', note: currentWords().label('shell.all-level') };
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
    make:
      made >= toMake
        ? { state: 'settled', note: currentWords().label('shell.all-made') }
        : { state: 'ready', note: currentWords().label('shell.to-make', { toMake }) },
    wire: wireStops
      ? { state: 'stop', note: stopNote(wireStops) }
      : {
          state: 'ready',
          note: joints
            ? currentWords().label('shell.joints', { joints })
            : currentWords().label('shell.stems', { stems: plan.stems.length }),
        },
    place: placeStops
      ? { state: 'stop', note: stopNote(placeStops) }
      : {
          state: looks ? 'ready' : 'settled',
          note: looks
            ? currentWords().label('shell.to-look-at', { looks })
            : currentWords().label('shell.in-place', { entries: plan.entries.length }),
        },
    days: dayStops
      ? { state: 'stop', note: stopNote(dayStops) }
      : {
          state: 'ready',
          note: currentWords().label('shell.h-of-work', {
            tasks: Math.round(plan.tasks.reduce((a, t) => a + t.minutes, 0) / 60),
          }),
        },
    log: made
      ? { state: made >= toMake ? 'settled' : 'ready', note: currentWords().label('shell.made-of', { made, toMake }) }
      : { state: 'ready', note: currentWords().label('shell.begin') },
    'hand-over': placeStops
      ? { state: 'shut', note: currentWords().label('shell.needs-place') }
      : { state: 'ready', note: currentWords().label('shell.to-take-out', { out }) },
  };
}
