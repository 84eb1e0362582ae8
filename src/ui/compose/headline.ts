import { LEVEL_SCORE } from '@/core/compose/reading';
import type { Words } from '@/core/words/words';

/** What leans, or what is to be mended first where nothing does. */
export function headline({ leaning, stops, pieces }: { leaning: number; stops: number; pieces: number }, words: Words): string {
  if (pieces === 0) return words.label('compose.nothing-placed');
  if (leaning > 0) return words.label('compose.readings', { leaning });
  return stops > 0 ? words.label('compose.stops-to-mend', { stops }) : words.label('compose.all-level');
}
export const isLevel = (score: number): boolean => score >= LEVEL_SCORE;
