import { tierName } from '../cake/cake';
import { azimuthToClockWords } from '../geometry/units';
import { barrierById } from '../place/barrier';
import { RIM_PROUD_MM } from '../place/seating';
import type { Step } from './benchSteps';
import type { DerivedPlan, PlannedEntry } from './derivePlan';
import type { Project } from './project';

/** One thing to do beside the cake; of an entry, or a pause in which one looks. */
export interface PlaceStep extends Step {
  kind: 'ready' | 'entry' | 'look' | 'cover' | 'count';
  entryId: string | null;
}

/** After so many entries one steps back and looks (trade.md C2). */
const LOOK_EVERY = 8;

/**
 * Putting it on the cake, entry by entry in the order of their numbers, with pauses to look from every side, a round that covers
 * what still shows, and the count (trade.md C1, C2, C11, C12; common practice, no source). Empty where nothing goes in.
 */
export function placeSteps(plan: Pick<DerivedPlan, 'entries' | 'heads'>, project: Pick<Project, 'cake' | 'brief'>): PlaceStep[] {
  const { entries } = plan;
  if (entries.length === 0) return [];
  const steps: PlaceStep[] = [readyStep(entries)];
  entries.forEach((entry, i) => {
    steps.push(entryStep(entry, plan, project));
    const last = i === entries.length - 1;
    if (!last && (i + 1) % LOOK_EVERY === 0) steps.push(lookStep(i + 1, entries.length));
  });
  steps.push(lookStep(entries.length, entries.length));
  const seen = entries.filter((e) => e.seenFrom.length > 0);
  if (seen.length) steps.push(coverStep(seen));
  steps.push(countStep(entries.length));
  return steps;
}

const plain = (
  kind: PlaceStep['kind'],
  key: string,
  where: string,
  title: string,
  rest: Pick<Step, 'figures' | 'how' | 'why'>,
): PlaceStep => ({ kind, key: `place:${key}`, where, title, entryId: null, ...rest });

function readyStep(entries: readonly PlannedEntry[]): PlaceStep {
  const kinds = new Map<string, number>();
  for (const e of entries) kinds.set(e.barrierName, (kinds.get(e.barrierName) ?? 0) + 1);
  return plain('ready', 'ready', 'Before the first', 'Lay everything out beside the cake', {
    figures: [...kinds].map(([name, n]) => ({ figure: `${n}`, words: name })),
    how: [
      'The cake is chilled firm, its last chilling is over, the templates are pricked through.',
      'Straws and coats are on their stems; picks lie ready for the cake.',
      'Clean hands; pliers, an awl and a cloth within reach.',
    ],
    why: [
      'What is fetched with one hand in the arrangement is what breaks it.',
      'Damp from chilling softens paste: flowers go on last.',
    ],
  });
}

function entryStep(
  entry: PlannedEntry,
  { entries, heads }: Pick<DerivedPlan, 'entries' | 'heads'>,
  { cake }: Pick<Project, 'cake'>,
): PlaceStep {
  const barrier = entry.barrier ? barrierById(entry.barrier) : null;
  const names = entry.pieceIds.map(
    (id) => heads.find((h) => h.arrangementId === entry.arrangementId && h.pieceId === id)?.name.toLowerCase() ?? 'piece',
  );
  const what =
    names.length === 1 ? names[0]! : names.length < 6 ? `${names[0]!} and ${names.length - 1} more` : `spray of ${names.length}`;
  const pick = barrier?.kind === 'pick';
  return {
    kind: 'entry',
    key: `place:${entry.id}`,
    entryId: entry.id,
    where: `${entry.number} of ${entries.length}: ${tierName(cake, entry.tierIndex)}, ${azimuthToClockWords(entry.azimuthRad)}`,
    title: `Put in the ${what}`,
    figures: [
      { figure: azimuthToClockWords(entry.azimuthRad), words: `${Math.round(heightOn(entry))} mm above the board` },
      { figure: `${Math.round(entry.downDeg)}° down`, words: entry.downDeg > 85 ? 'straight down' : 'below level' },
      {
        figure: `${Math.round(entry.insideMm)} mm`,
        words: barrier ? `deep; ${RIM_PROUD_MM} mm of the ${barrier.name} stay out` : 'into the foam',
      },
    ],
    how: [
      'Hold it up to its place and look.',
      'Pierce a firm covering with an awl, along the line it will go.',
      pick
        ? 'Push the pick in first, a little soft paste in it; then the stem.'
        : barrier
          ? 'Grip it at its mouth with pliers, so that it does not ride up, and push.'
          : 'Push it in along its line.',
      'Turn the head its own way, and look again at the height it will be seen from.',
    ],
    why: [entry.reason, ...(barrier ? [barrier.caution] : ['Foam that nobody eats: no barrier is needed there.'])],
  };
}

const heightOn = (entry: PlannedEntry): number => entry.pointMm[2];

const lookStep = (done: number, of: number): PlaceStep =>
  plain('look', `look-${done}`, `${done} of ${of} are in`, 'Step back, look from every side', {
    figures: [{ figure: '4 sides', words: 'and from above, at the height of a guest' }],
    how: [
      'Turn the cake a quarter at a time.',
      'Turn heads that look the same way; stop adding where the next would only add weight.',
    ],
    why: ['From close by one sees flowers, from two steps off one sees the line.'],
  });

const coverStep = (seen: readonly PlannedEntry[]): PlaceStep =>
  plain(
    'cover',
    'cover',
    'After the last',
    seen.length === 1 ? 'Cover the one rim that shows' : `Cover the ${seen.length} rims that show`,
    {
      figures: seen.slice(0, 6).map((e) => ({ figure: `${e.number}`, words: `seen from ${e.seenFrom.join(', ')}` })),
      how: ['A small flower, a leaf, or a dab of icing over each.', 'Old holes are closed the same way.'],
      why: ['Bright straws are for the one who cuts, not for the guests.'],
    },
  );

const countStep = (count: number): PlaceStep =>
  plain('count', 'count', 'At the very end', `Count them: ${count} are in`, {
    figures: [{ figure: `${count}`, words: 'go in, as many come out' }],
    how: [
      'Write the number on the sheet that goes with the cake.',
      'If the count is short, look on the table and in the box before the cake leaves.',
    ],
    why: ['Whoever cuts counts the same number out.'],
  });
