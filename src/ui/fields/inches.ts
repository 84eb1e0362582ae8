import { inchesToMm, mmToInches } from '@/core/geometry/units';

/** A sixteenth of an inch, as the fields for lengths step. */
export const INCH_STEP = 1 / 16;
/** A length in inches as a field shows it, to a thousandth; and what was typed there, to a tenth of a millimetre. */
export const mmToInchField = (mm: number): number => Math.round(mmToInches(mm) * 1000) / 1000;
export const inchFieldToMm = (inches: number): number => Math.round(inchesToMm(inches) * 10) / 10;
