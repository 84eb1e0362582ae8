import { inchesToMm, mmToInches } from '@/core/geometry/units';
import { mmToInchWords } from '@/core/words/units';

export { mmToInchWords };

const NUMBER = '[−-]?\\d+(?:[.,]\\d+)?';
/** One length, a range or a product of lengths before its unit: "40 mm", "20 to 30 mm", "62 × 29 mm". */
const LENGTHS = new RegExp(`(${NUMBER}(?:\\s?(?:×|–|to|and|or|,|/|a|y|o|±)\\s?${NUMBER})*)[\\s\\u00a0\\u202f]?mm\\b`, 'g');

/** A diameter is told in millimetres with or without its unit: "Ø 0.71, cut 93 mm". */
const BARE_DIAMETER = /Ø\s(\d+(?:\.\d+)?)(?![\d.]|\s?mm|\s?in)/g;

/** Every length of a sentence in inches. A unit alone (over a column, on a rule) stays: the figures that it speaks of do too. */
export const inInches = (text: string): string =>
  text
    .replace(BARE_DIAMETER, (_, d: string) => `Ø ${mmToInchWords(Number(d))} in`)
    .replace(LENGTHS, (_, figures: string) => {
      const each = figures.replace(new RegExp(NUMBER, 'g'), (n) => mmToInchWords(Number(n.replace('−', '-').replace(',', '.'))));
      return `${each} in`;
    });

/** A sixteenth of an inch, as the fields for lengths step. */
export const INCH_STEP = 1 / 16;
/** A length in inches as a field shows it, to a thousandth; and what was typed there, to a tenth of a millimetre. */
export const mmToInchField = (mm: number): number => Math.round(mmToInches(mm) * 1000) / 1000;
export const inchFieldToMm = (inches: number): number => Math.round(inchesToMm(inches) * 10) / 10;

/** Every time of day of a sentence by the twelve-hour clock: "09:30" → "9:30 am", "00:15" → "12:15 am". */
export const byTwelve = (text: string): string =>
  text.replace(/\b([01]?\d|2[0-3]):([0-5]\d)\b/g, (_, h: string, m: string) => {
    const hour = Number(h);
    return `${hour % 12 === 0 ? 12 : hour % 12}:${m} ${hour < 12 ? 'am' : 'pm'}`;
  });
