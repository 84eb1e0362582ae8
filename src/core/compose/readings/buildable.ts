import type { ReadingMaker } from '../reading';

/** Every joint, gauge and entry passes: what Wire & tape and Place found. */
export const buildable: ReadingMaker = (_scene, faults) => ({
  id: 'buildable',
  score: Math.max(0, 100 - 34 * faults.stops - 4 * faults.looks),
  lean: -Math.min(1, faults.stops * 0.5 + faults.looks * 0.1),
  leanWords: ['held up', 'free'],
  numbers: { stops: faults.stops, lookAgain: faults.looks },
  why: faults.first ?? 'Every stem can be wired, taped and set.',
  remedy: null,
  place: null,
});
