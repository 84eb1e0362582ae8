import { LEVEL_SCORE } from '@/core/compose/reading';
import { countedLog } from '@/core/log/entries';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import type { Warning } from '@/core/plan/warnings';
import type { Words } from '@/core/words/words';

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

/** Stations whose picture has a list beside it; the others are lists already. */
export const WITH_LIST: readonly (StationId | null)[] = ['compose', 'place'];

/** settled: a green flower; ready: an opening bud; shut: a tight bud and its reason; stop: a red tip. */
export type BudState = 'settled' | 'ready' | 'shut' | 'stop';

export interface Bud {
  state: BudState;
  note: string;
}

const stopsAt = (plan: DerivedPlan, ...stations: Warning['station'][]): number =>
  plan.warnings.filter((w) => w.level === 'stop' && stations.includes(w.station)).length;

const stopNote = (n: number, words: Words): string => words.label('shell.stops', { n });

/** What each bud of the stem shows: how far its station has come, or what still holds it closed. */
export function budsOf(project: Project | null, plan: DerivedPlan | null, words: Words): Record<StationId, Bud> {
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
    ? { state: 'stop', note: stopNote(briefStops, words) }
    : { state: 'settled', note: words.label('shell.tiers', { tiers: project.cake.tiers.length }) };
  if (pieces === 0) {
    const needs = shut(words.label('shell.needs-compose'));
    return {
      brief,
      compose: {
        state: briefStops ? 'shut' : 'ready',
        note: briefStops ? words.label('shell.needs-brief') : words.label('shell.ready'),
      },
      make: needs,
      wire: needs,
      place: needs,
      days: needs,
      log: shut(words.label('shell.starts-with-make')),
      'hand-over': needs,
    };
  }
  return { brief, compose: composeBud(plan, words), ...benchBuds(project, plan, words) };
}

function composeBud(plan: DerivedPlan, words: Words): Bud {
  const readings = plan.arrangements.flatMap((a) => a.readings).filter((r) => r.id !== 'buildable');
  const leaning = readings.filter((r) => r.score < LEVEL_SCORE).length;
  const stops = stopsAt(plan, 'compose');
  if (stops) return { state: 'stop', note: stopNote(stops, words) };
  return leaning
    ? { state: 'ready', note: words.label('shell.leaning', { leaning, readings: readings.length }) }
    : { state: 'settled', note: words.label('shell.all-level') };
}

function benchBuds(project: Project, plan: DerivedPlan, words: Words): Omit<Record<StationId, Bud>, 'brief' | 'compose'> {
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
        ? { state: 'settled', note: words.label('shell.all-made') }
        : { state: 'ready', note: words.label('shell.to-make', { toMake }) },
    wire: wireStops
      ? { state: 'stop', note: stopNote(wireStops, words) }
      : {
          state: 'ready',
          note: joints ? words.label('shell.joints', { joints }) : words.label('shell.stems', { stems: plan.stems.length }),
        },
    place: placeStops
      ? { state: 'stop', note: stopNote(placeStops, words) }
      : {
          state: looks ? 'ready' : 'settled',
          note: looks
            ? words.label('shell.to-look-at', { looks })
            : words.label('shell.in-place', { entries: plan.entries.length }),
        },
    days: dayStops
      ? { state: 'stop', note: stopNote(dayStops, words) }
      : {
          state: 'ready',
          note: words.label('shell.h-of-work', {
            tasks: Math.round(plan.tasks.reduce((a, t) => a + t.minutes, 0) / 60),
          }),
        },
    log: made
      ? { state: made >= toMake ? 'settled' : 'ready', note: words.label('shell.made-of', { made, toMake }) }
      : { state: 'ready', note: words.label('shell.begin') },
    'hand-over': placeStops
      ? { state: 'shut', note: words.label('shell.needs-place') }
      : { state: 'ready', note: words.label('shell.to-take-out', { out }) },
  };
}
