import type { Species } from './species';
import { must } from '../geometry/must';

export const HEMISPHERES = ['north', 'south'] as const;
export type Hemisphere = (typeof HEMISPHERES)[number];
export const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const;
export type Season = (typeof SEASONS)[number];

/** Meteorological seasons by calendar month in the north, half a year on in the south. Months 1–12. */
export function seasonOf(month: number, hemisphere: Hemisphere): Season {
  const north = hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
  return must(SEASONS[Math.floor((north % 12) / 3)]);
}

/** Whether a species flowers, fruits or is in leaf in a month there. */
export function inSeason(species: Species, month: number, hemisphere: Hemisphere): boolean {
  const north = hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
  return species.monthsNorth.includes(north);
}

/** Calendar month of a wall time 2027-06-12T09:30; null when it is none. */
export function monthOf(wall: string): number | null {
  const month = Number(/^\d{4}-(\d{2})-\d{2}/.exec(wall)?.[1]);
  return month >= 1 && month <= 12 ? month : null;
}
