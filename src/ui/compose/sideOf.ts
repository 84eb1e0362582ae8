import type { Words } from '@/core/words/words';

/** How far a head stands outside or inside the line, in words. */
export const sideOf = (sideMm: number, words: Words): string =>
  Math.abs(sideMm) < 1
    ? words.label('compose.on-the-line')
    : words.label('compose.out-or-in', {
        sideMm: sideMm > 0 ? 'yes' : 'no',
        sideMm2: words.units.mm(Math.abs(Math.round(sideMm))),
      });
