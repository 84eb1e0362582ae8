/** NIST SP 811: exact or rounded conversion factors. */
export const MM_PER_INCH = 25.4;
const GRAMS_PER_OUNCE = 28.349523125;
export const ML_PER_US_TEASPOON = 4.92892159375;
export const ML_PER_US_TABLESPOON = 14.78676478125;

export const mmToInches = (mm: number): number => mm / MM_PER_INCH;
export const inchesToMm = (inches: number): number => inches * MM_PER_INCH;
export const gramsToOunces = (grams: number): number => grams / GRAMS_PER_OUNCE;

/** Azimuth: radians from +x (right), counter-clockwise seen from above; the front (−y) is −π/2. Clock: hours, front at 6. */
export const FRONT_AZIMUTH_RAD = -Math.PI / 2;

export function azimuthToClockHours(azimuthRad: number): number {
  const hours = (3 - (azimuthRad * 6) / Math.PI) % 12;
  const positive = hours < 0 ? hours + 12 : hours;
  return positive === 0 ? 12 : positive;
}
export const clockHoursToAzimuth = (hours: number): number => ((3 - hours) * Math.PI) / 6;
