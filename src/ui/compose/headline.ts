import { LEVEL_SCORE } from '@/core/compose/reading';
import type { Words } from '@/core/words/words';

export const headline = (leaning: number, pieces: number, words: Words): string =>
  pieces === 0
    ? words.label('compose.nothing-placed')
    : leaning === 0
      ? words.label('compose.all-level')
      : words.label('compose.readings', { leaning });
export const isLevel = (score: number): boolean => score >= LEVEL_SCORE;
