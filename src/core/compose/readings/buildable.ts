import type { ReadingMaker } from '../reading';

/** Every joint, gauge and entry passes: what Wire & tape and Place found. */
export const buildable: ReadingMaker = (_scene, faults) => ({
  id: 'buildable',
  score: Math.max(0, 100 - 34 * faults.stops - 4 * faults.looks),
  lean: -Math.min(1, faults.stops * 0.5 + faults.looks * 0.1),
  numbers: { stops: faults.stops, lookAgain: faults.looks },
  why: faults.first
    ? { code: 'reading.buildable.stopped', values: { first: faults.first } }
    : { code: 'reading.buildable.level', values: {} },
  remedy: null,
  place: null,
});
