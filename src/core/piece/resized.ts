import { mapParts } from './changed';
import type { Habit, Many, Part, Run } from './part';

const runTimes = (gap: Run, share: number): Run => (typeof gap === 'number' ? gap * share : [gap[0] * share, gap[1] * share]);

function habitTimes(habit: Habit, share: number): Habit {
  const start = habit.startMm === undefined ? {} : { startMm: habit.startMm * share };
  if ('gapMm' in habit) return { ...habit, ...start, gapMm: runTimes(habit.gapMm, share) };
  if (habit.by === 'places') return { ...habit, ...start, atMm: habit.atMm.map((mm) => mm * share) };
  return { ...habit, ...start };
}

/** Sizes of a line by a share; how many there are stays. */
export function sizesTimes(many: Many, share: number): Many {
  if (many.by === 'run') return { ...many, fromMm: many.fromMm * share, toMm: many.toMm * share };
  if (many.by === 'share') return { ...many, sizeMm: many.sizeMm * share };
  return { by: 'sizes', of: many.of.map((s) => ({ ...s, sizeMm: s.sizeMm * share })) };
}

/** The same piece in another size: parts and gaps by a share; not how many, how thick, on which stalk, nor rings’ steps down a stem. */
export const resized = (root: Part, share: number): Part =>
  share === 1
    ? root
    : mapParts(root, (part) => ({ ...part, many: sizesTimes(part.many, share), habit: habitTimes(part.habit, share) }));
