import { tierRef } from '../cake/cake';
import { degToRad } from '../geometry/numbers';
import { ABILITIES, barrierById, type Barrier } from '../place/barrier';
import { RIM_PROUD_MM } from '../place/seating';
import { bunchOf, plainly, type Step } from './step';
import type { DerivedPlan, PlannedEntry } from './derivePlan';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';
import type { Figure } from './stepFacts';

/** One thing to do beside the cake; of an entry, or a pause in which one looks. */
export interface PlaceStep extends Step {
  kind: 'ready' | 'entry' | 'look' | 'glue' | 'cover' | 'count';
  entryId: string | null;
}

/** After so many entries one steps back and looks (docs/trade.md C2). */
const LOOK_EVERY = 8;

/**
 * Putting it on the cake, entry by entry in the order of their numbers, with pauses to look from every side, a round that covers
 * what still shows, and the count (docs/trade.md C1, C2, C11, C12; common practice, no source). Empty where nothing goes in.
 */
export function placeSteps(plan: Pick<DerivedPlan, 'entries' | 'heads' | 'laid'>, project: Project): PlaceStep[] {
  const { entries } = plan;
  const own = new Set(plan.laid.map((l) => l.arrangementId));
  const withGlued = project.arrangements.filter((a) => own.has(a.id));
  const plaques = withGlued.filter((a) => a.line.form === 'plaque');
  const flat = plaques.filter((a) => a.line.form === 'plaque' && !a.line.upright);
  const steps = [...plaques.map((a) => glueStep(a.id, plan, false)), ...flat.map((a) => layStep(a.id, a.quantity))];
  const glued = withGlued.filter((a) => !plaques.includes(a)).map((a) => glueStep(a.id, plan, entries.length > 0));
  if (entries.length === 0) return [...steps, ...glued];
  steps.push(readyStep(entries));
  entries.forEach((entry, i) => {
    steps.push(entryStep(entry, plan, project));
    const last = i === entries.length - 1;
    if (!last && (i + 1) % LOOK_EVERY === 0) steps.push(lookStep(i + 1, entries.length));
  });
  steps.push(lookStep(entries.length, entries.length), ...glued);
  const seen = entries.filter((e) => e.barrier !== null && e.seenFrom.length > 0);
  if (seen.length) steps.push(coverStep(seen));
  steps.push(countStep(entries.length));
  return steps;
}

const pause = (
  kind: PlaceStep['kind'],
  key: string,
  rest: Pick<Step, 'where' | 'title' | 'figures' | 'how' | 'why'>,
): PlaceStep => ({ kind, key: `place:${key}`, entryId: null, ...rest });

function readyStep(entries: readonly PlannedEntry[]): PlaceStep {
  const kinds = new Map<string | null, number>();
  for (const e of entries) kinds.set(e.barrier, (kinds.get(e.barrier) ?? 0) + 1);
  const inCake = entries.some((e) => e.barrier !== null);
  return pause('ready', 'ready', {
    where: { code: 'at.before-first', values: {} },
    title: { code: 'do.lay-out', values: {} },
    figures: [...kinds].map(([barrier, count]): Figure =>
      barrier ? { code: 'figure.barriers', values: { barrier, count } } : { code: 'figure.in-foam', values: { count } },
    ),
    // foam alone is neither chilled nor given barriers
    how: inCake ? plainly('how.cake-firm', 'how.barriers-ready', 'how.tools-ready') : plainly('how.tools-ready'),
    why: [{ code: 'why.laid-out', values: {} }, ...(inCake ? [{ code: 'why.damp', values: {} } as const] : [])],
  });
}

function entryStep(entry: PlannedEntry, { entries, heads }: Pick<DerivedPlan, 'entries' | 'heads'>, project: Project): PlaceStep {
  const barrier = entry.barrier ? barrierById(entry.barrier, catalogueOf(project).barriers) : null;
  const own = { heads: heads.filter((h) => h.arrangementId === entry.arrangementId) };
  const { azimuthRad: clock, number, insideMm } = entry;
  return {
    kind: 'entry',
    key: `place:${entry.id}`,
    entryId: entry.id,
    where: { code: 'at.entry', values: { number, of: entries.length, tier: tierRef(project.cake, entry.tierIndex), clock } },
    title: { code: 'do.put-in', values: bunchOf(own, entry.pieceIds) },
    figures: [
      { code: 'figure.clock', values: { clock, heightMm: entry.pointMm[2] } },
      { code: 'figure.down', values: { rad: degToRad(entry.downDeg), straight: entry.downDeg > 85 } },
      barrier
        ? { code: 'figure.deep', values: { insideMm, proudMm: RIM_PROUD_MM, barrier: barrier.id } }
        : { code: 'figure.deep-foam', values: { insideMm } },
    ],
    how: plainly('how.hold-up', 'how.pierce', pushedBy(barrier), 'how.turn-head'),
    why: [entry.reason, barrier ? { code: 'why.barrier', values: { barrier: barrier.id } } : { code: 'why.foam', values: {} }],
  };
}

const pushedBy = (barrier: Barrier | null) =>
  !barrier ? 'how.push' : ABILITIES[barrier.kind].goesFirst ? 'how.pick-first' : 'how.grip';

const lookStep = (done: number, of: number): PlaceStep =>
  pause('look', `look-${done}`, {
    where: { code: 'at.looked', values: { done, of } },
    title: { code: 'do.step-back', values: {} },
    figures: [{ code: 'figure.sides', values: { sides: 4 } }],
    how: plainly('how.turn-cake', 'how.stop-adding'),
    why: [{ code: 'why.two-steps', values: {} }],
  });

/** What has no wire is glued on once everything stands, since it lies between what goes in; what goes on a plaque before that is placed. */
function glueStep(id: string, { laid, heads }: Pick<DerivedPlan, 'heads' | 'laid'>, last: boolean): PlaceStep {
  const own = laid.filter((l) => l.arrangementId === id).map((l) => l.pieceId);
  const { pieces } = bunchOf({ heads: heads.filter((h) => h.arrangementId === id) }, own);
  return pause('glue', `glue-${id}`, {
    where: { code: last ? 'at.after-last' : 'at.before-first', values: {} },
    title: { code: 'do.glue-pieces', values: { pieces } },
    figures: [{ code: 'figure.glued', values: { count: own.length } }],
    how: plainly('how.glue-pieces', 'how.hold-glued'),
    why: [{ code: last ? 'why.glued-last' : 'why.glued-order', values: {} }],
  });
}

/** A flat plaque lies on its cake. */
const layStep = (id: string, count: number): PlaceStep =>
  pause('glue', `lay-${id}`, {
    where: { code: 'at.before-first', values: {} },
    title: { code: 'do.lay-plaque', values: { count } },
    figures: [],
    how: plainly('how.dab-under', 'how.lay-last'),
    why: [{ code: 'why.damp', values: {} }],
  });

const coverStep = (seen: readonly PlannedEntry[]): PlaceStep =>
  pause('cover', 'cover', {
    where: { code: 'at.after-last', values: {} },
    title: { code: 'do.cover-rims', values: { count: seen.length } },
    figures: seen.slice(0, 6).map((e) => ({ code: 'figure.seen-from', values: { entry: e.id, sides: e.seenFrom } })),
    how: plainly('how.cover', 'how.close-holes'),
    why: [{ code: 'why.bright', values: {} }],
  });

const countStep = (count: number): PlaceStep =>
  pause('count', 'count', {
    where: { code: 'at.very-end', values: {} },
    title: { code: 'do.count', values: { count } },
    figures: [{ code: 'figure.count', values: { count } }],
    how: plainly('how.write-number', 'how.if-short'),
    why: [{ code: 'why.counted', values: {} }],
  });
