import { habits, isPlain } from './habits';
import { byTwelve, inInches, mmToInchWords } from './measures';
import type { Phrases } from './phrases';

let phrases: Phrases | null = null;

/** The book that is spoken from; null for English, in which everything is written. */
export const speakFrom = (book: Phrases | null): void => void (phrases = book);

/** A sentence as this person reads it: language first, then lengths and times. */
export function say(text: string): string {
  if (isPlain()) return text;
  const { lengths, clock } = habits();
  let said = phrases ? phrases.say(text) : text;
  if (lengths === 'in') said = inInches(said);
  if (clock === 12) said = byTwelve(said);
  return said;
}

/** A length as a figure alone, where a drawing has no room for its unit: millimetres, or inches as a ruler shows them. */
export const lengthFigure = (mm: number, digits = 0): string =>
  habits().lengths === 'in' ? mmToInchWords(mm) : mm.toFixed(digits);
/** The sign of the unit that lengths are read in, for over a column of figures. */
export const lengthUnit = (): 'mm' | 'in' => habits().lengths;
