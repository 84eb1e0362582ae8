import { LEVEL_SCORE } from '@/core/compose/reading';
import { currentWords } from '../speech/useWords';

export const headline = (leaning: number, pieces: number): string =>
  pieces === 0
    ? 'Nothing is placed yet'
    : leaning === 0
      ? 'All readings are level'
      : `${currentWords().label('compose.readings', { leaning })} lean${leaning === 1 ? 's' : ''}`;
export const isLevel = (score: number): boolean => score >= LEVEL_SCORE;
