import { builtOf } from '../botany/built';
import { speciesById, type Catalogue, type Kind } from '../botany/catalogue';
import { madeAs } from '../botany/otherWays';
import { METHODS, type Method, type MethodStep } from '../botany/methods';
import type { Instance } from '../piece/expand';
import { dryHours } from '../piece/drying';
import { batchOf, FINISHING, joiningMinutes, plus, SET_UP_MINUTES } from '../piece/minutes';
import { MATERIAL } from '../piece/materials';
import type { Part } from '../piece/part';
import { WORK, type Spread, type Work } from '../piece/work';

/** One step of making a kind, from what its pieces are built of. */
export interface KindStep {
  step: MethodStep;
  /** hands on for one piece, its part of the spares counted in */
  eachMinutes: number;
  /** of a quick hand and of first attempts, against that */
  range: { quick: number; first: number };
  /** what is done in it for one piece, each with its share of those minutes */
  works: readonly { work: Work; minutes: number }[];
  /** laid out and cleared away once for so many parts of a piece, the board holding so many */
  boards: readonly Board[];
  /** until the next step may touch it, in a plain room */
  dryHours: number;
}

/** A board of a work: laid out and cleared away for so many of it. */
interface Board {
  /** none of a method of a person's own */
  work: Work | null;
  perPiece: number;
  batch: number;
  minutes: number;
}

/** What is done to a core before anything is put round it. */
const CENTRES: readonly Work[] = [
  'cone',
  'cone-snipped',
  'cone-standing',
  'core-covered',
  'bud-solid',
  'centre',
  'dot',
  'stamen-bunch',
];
const COVERINGS: readonly Work[] = ['covering', 'calyx-snipped'];
/** Steps that no single part is made in. */
const AROUND = ['dust', 'steam', 'assemble', 'centre', 'core', 'drupelets'];

/** The step of a method in which a work is done. */
function stepFor(work: Work, steps: readonly MethodStep[]): string {
  const has = (id: string) => steps.some((s) => s.id === id);
  const main = steps.find((s) => !AROUND.includes(s.id))?.id ?? steps[0]?.id ?? '';
  if (FINISHING.includes(work)) return has('dust') ? 'dust' : main;
  if (COVERINGS.includes(work) && has('drupelets')) return 'drupelets';
  if (work === 'base-soft' && has('assemble')) return 'assemble';
  if (CENTRES.includes(work)) return has('centre') ? 'centre' : has('core') ? 'core' : main;
  return main;
}

/** A piece of a kind, and how often it is made. */
export interface Built {
  instances: readonly Instance[];
  times: number;
}

interface Gathered {
  minutes: Spread;
  works: Map<Work, number>;
  counts: Map<Work, number>;
  /** minutes beside laying out a board, where its paste asks for them */
  ready: Map<Work, number>;
  hours: number;
  made: number;
}

const nothing = (): Gathered => ({
  minutes: [0, 0, 0],
  works: new Map(),
  counts: new Map(),
  ready: new Map(),
  hours: NaN,
  made: 0,
});

/** All that is done in each step for all pieces together. */
function gather(method: Method, built: readonly Built[], spares: ReadonlyMap<Part, number>): Map<string, Gathered> {
  const found = new Map<string, Gathered>();
  const at = (id: string): Gathered => {
    const known = found.get(id) ?? nothing();
    found.set(id, known);
    return known;
  };
  const add = (part: Part, sizeMm: number, times: number): void => {
    for (const work of part.work) {
      const step = at(stepFor(work, method.steps));
      step.minutes = plus(step.minutes, WORK[work], times);
      step.works.set(work, (step.works.get(work) ?? 0) + WORK[work][1] * times);
      step.made += times;
      if (FINISHING.includes(work)) continue;
      step.counts.set(work, (step.counts.get(work) ?? 0) + times);
      if (!part.form) continue;
      const hours = dryHours({ kind: part.kind, form: part.form }, sizeMm);
      step.hours = Number.isNaN(step.hours) ? hours : Math.max(step.hours, hours);
      step.ready.set(work, Math.max(step.ready.get(work) ?? 0, MATERIAL[part.form.material].readyMinutes));
    }
  };
  const joins = method.steps.some((s) => s.id === 'assemble') ? 'assemble' : stepFor('petal-glued', method.steps);
  for (const { instances, times } of built) {
    for (const { part, sizeMm } of instances) add(part, sizeMm, times);
    const minutes = joiningMinutes(instances);
    if (minutes[1] * times > 0) {
      at(joins).minutes = plus(at(joins).minutes, minutes, times);
      at(joins).made += times;
    }
  }
  for (const [part, count] of spares) add(part, 0, count);
  return found;
}

/** Steps in which nothing is done of their own: what is steamed was dusted. */
const followsOn = (step: MethodStep, found: ReadonlyMap<string, Gathered>): boolean => step.id === 'steam' && found.has('dust');

/**
 * The steps of a kind with what they take, from the trees of its pieces; steps with nothing to do are left out. A method of a person's own
 * keeps the minutes and hours that the person gave it. `spares` are parts that are made beside those of the pieces.
 */
export function stepsOf(method: Method, built: readonly Built[], spares: ReadonlyMap<Part, number>): KindStep[] {
  const pieces = built.reduce((a, b) => a + b.times, 0);
  if (METHODS[method.id] !== method) return method.steps.map((step) => ownStep(step, method.batch));
  const found = gather(method, built, spares);
  return method.steps.flatMap((step): KindStep[] => {
    const own = found.get(step.id);
    if (!own && followsOn(step, found)) return [ownStep(step, method.batch)];
    if (!own || pieces === 0) return [];
    const boards = [...own.counts].map(([work, count]) => ({
      work,
      perPiece: count / pieces,
      batch: batchOf(work),
      minutes: SET_UP_MINUTES + (own.ready.get(work) ?? 0),
    }));
    const hours = Number.isNaN(own.hours) ? step.dryHours : own.hours;
    const [quick, usual, first] = own.minutes;
    const range = usual > 0 ? { quick: quick / usual, first: first / usual } : AS_IT_IS;
    const works = [...own.works].map(([work, minutes]) => ({ work, minutes: minutes / pieces }));
    return [{ step, eachMinutes: usual / pieces, range, works, boards, dryHours: hours }];
  });
}

/** Minutes that a person gave are as they are. */
const AS_IT_IS = { quick: 1, first: 1 };

const ownStep = (step: MethodStep, batch: number): KindStep => ({
  step,
  eachMinutes: step.minutesEach,
  range: AS_IT_IS,
  works: [],
  boards: [{ work: null, perPiece: 1, batch, minutes: step.minutesBatch }],
  dryHours: step.dryHours,
});

/** Hands-on minutes of a step for so many pieces, every board that is begun in full. */
export const stepMinutesFor = ({ eachMinutes, boards }: KindStep, pieces: number): number =>
  pieces > 0 ? eachMinutes * pieces + boards.reduce((a, b) => a + boardsFor(b, pieces) * b.minutes, 0) : 0;

/** Hands-on minutes of a step for so many pieces from a quick hand to first attempts; boards are laid out by all alike. */
export function stepRangeFor(own: KindStep, pieces: number): { quick: number; first: number } {
  const usual = stepMinutesFor(own, pieces);
  const hands = own.eachMinutes * pieces;
  return { quick: usual + hands * (own.range.quick - 1), first: usual + hands * (own.range.first - 1) };
}

/** How many of what a piece has the most of are made at one time. */
export const batchIn = (steps: readonly KindStep[]): number =>
  steps.flatMap((s) => s.boards).reduce((most, b) => (b.perPiece > most.perPiece ? b : most), { perPiece: 0, batch: 1 }).batch;

const boardsFor = ({ perPiece, batch }: Board, pieces: number): number => Math.ceil((perPiece * pieces) / batch - 1e-9);

/** Kinds on which the same work is done share its boards: each has its part of those that all of them take together. */
export function sharingBoards<K extends { steps: readonly KindStep[]; toMake: number }>(kinds: readonly K[]): K[] {
  const sums = new Map<Work, { together: number; apart: number; batch: number }>();
  for (const { steps, toMake } of kinds)
    for (const board of steps.flatMap((s) => s.boards)) {
      if (board.work === null || toMake === 0) continue;
      const sum = sums.get(board.work) ?? { together: 0, apart: 0, batch: board.batch };
      sum.together += board.perPiece * toMake;
      sum.apart += boardsFor(board, toMake);
      sums.set(board.work, sum);
    }
  const shareOf = (work: Work | null): number => {
    const sum = work === null ? undefined : sums.get(work);
    return sum && sum.apart > 0 ? Math.ceil(sum.together / sum.batch - 1e-9) / sum.apart : 1;
  };
  return kinds.map((kind) => ({
    ...kind,
    steps: kind.steps.map((s) => ({ ...s, boards: s.boards.map((b) => ({ ...b, minutes: b.minutes * shareOf(b.work) })) })),
  }));
}

/** Starting minutes for one piece, its share of full boards counted in. */
export const minutesForOne = (steps: readonly KindStep[]): number =>
  steps.reduce(
    (a, s) => a + s.eachMinutes + s.boards.reduce((b, board) => b + (board.perPiece / board.batch) * board.minutes, 0),
    0,
  );

/** Starting minutes for one piece of a kind if it were made by another method. */
export function minutesMadeAs(kind: Kind, method: Method, catalogue: Catalogue): number {
  const species = madeAs(speciesById(kind.species, catalogue), method);
  const { instances } = builtOf(species, kind.stage, kind.sizeMm);
  return minutesForOne(stepsOf(method, [{ instances, times: 1 }], new Map()));
}

/** Whether something of what is made dries on a former. */
export const usesFormers = (tray: readonly { toMake: number; steps: readonly KindStep[] }[]): boolean =>
  tray.some((k) => k.toMake > 0 && k.steps.some(({ step }) => step.dryOn === 'former'));
