import type { Instance } from './expand';
import { MATERIAL } from './materials';
import { isCarrier, type Part } from './part';
import { WORK, type Spread, type Work } from './work';

/** Minutes for each part that is joined so. Starting values of the own study. */
const JOINING: Readonly<Record<Part['join'], Spread>> = {
  itself: [0, 0, 0],
  'on wire': [0, 0, 0],
  wrapped: [0, 0, 0],
  threaded: [0, 0, 0],
  taped: [0.35, 0.5, 0.8],
  gathered: [0.08, 0.12, 0.2],
  'in hand': [0.08, 0.12, 0.2],
  ring: [0.25, 0.4, 0.6],
  glued: [0.25, 0.4, 0.6],
  'pushed in': [0.15, 0.22, 0.35],
};
/** A carrier with what it carries takes longer to tape in; a gathering is bound once beside its parts. */
const ARM: Spread = [0.6, 0.9, 1.5];
const GATHERING: Spread = [0.3, 0.4, 0.6];
/** What is slotted together in the hand is taped once, from its tip to its foot. */
const TAPED_ONCE: Spread = [0.7, 1, 1.5];

/** Knead, roll, lay out, clear away: once a batch. Starting values of the own study. */
const SET_UP: Spread = [3, 4, 6];
/** So many are made before the paste dries and the board is full. Common practice, no source. */
const BATCH = { usual: 20, glued: 40, fine: 60 } as const;
const BATCHES: Readonly<Partial<Record<Work, number>>> = {
  'petal-small': BATCH.fine,
  'leaf-fine-glued': BATCH.fine,
  'petal-glued': BATCH.glued,
  'leaf-unwired': BATCH.glued,
};
/** What is done to finished parts needs no board of its own. */
export const FINISHING: readonly Work[] = [
  'glaze',
  'dust-tiny',
  'dust-leaf',
  'dust-petal',
  'dust-head',
  'dust-wire',
  'stem-painted',
];

/** So many times a spread beside another. */
export const plus = (a: Spread, b: Spread, times = 1): Spread => [a[0] + times * b[0], a[1] + times * b[1], a[2] + times * b[2]];

function joining(at: Instance): Spread {
  const { join } = at.part;
  return isCarrier(at.part) && join === 'taped' ? ARM : JOINING[join];
}

/** How many carriers have parts on them that are joined so. */
const carriersWith = (instances: readonly Instance[], join: Part['join']): number =>
  instances.filter((at) => at.carries.some((c) => c.part.join === join)).length;

/** Minutes of joining what a piece is built of. */
export function joiningMinutes(instances: readonly Instance[]): Spread {
  const bound = plus([0, 0, 0], GATHERING, carriersWith(instances, 'gathered'));
  return instances.reduce<Spread>(
    (sum, at) => plus(sum, joining(at)),
    plus(bound, TAPED_ONCE, carriersWith(instances, 'in hand')),
  );
}

/** The usual minutes of laying out a board, and how many of a work it holds. */
export const SET_UP_MINUTES = SET_UP[1];
export const batchOf = (work: Work): number => BATCHES[work] ?? BATCH.usual;

/** Hands-on minutes for one piece, set-ups left out. */
export const minutesOf = (instances: readonly Instance[]): Spread =>
  instances.reduce<Spread>((sum, at) => at.part.work.reduce((a, work) => plus(a, WORK[work]), sum), joiningMinutes(instances));

/** Minutes of laying out the board and of making ready what is cut on it: once a batch of what is done, over all pieces that share it. */
export function setUpMinutes(pieces: readonly { instances: readonly Instance[]; times: number }[]): Spread {
  const counts = new Map<Work, number>();
  const ready = new Map<Work, number>();
  for (const { instances, times } of pieces)
    for (const { part } of instances)
      for (const work of part.work.filter((w) => !FINISHING.includes(w))) {
        counts.set(work, (counts.get(work) ?? 0) + times);
        const minutes = part.form ? MATERIAL[part.form.material].readyMinutes : 0;
        ready.set(work, Math.max(ready.get(work) ?? 0, minutes));
      }
  return [...counts].reduce<Spread>(
    (sum, [work, n]) => {
      const minutes = ready.get(work) ?? 0;
      return plus(sum, plus(SET_UP, [minutes, minutes, minutes]), Math.ceil(n / batchOf(work)));
    },
    [0, 0, 0],
  );
}
