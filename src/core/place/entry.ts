import type { Vec3 } from '../geometry/vec3';

export type Level = 'stop' | 'look again' | 'note';

/** What, where, why it matters and what to do; shown at its place and on the sheet. */
export interface Warning {
  level: Level;
  station: 'Brief' | 'Compose' | 'Make' | 'Wire & tape' | 'Place' | 'Days';
  what: string;
  where: string;
  why: string;
  remedy: string;
  entryId?: string;
  pieceId?: string;
}

/** One thing that goes into cake or foam. Numbered in the order of putting in. mm, radians. */
export interface Entry {
  id: string;
  number: number;
  pieceIds: string[];
  tierIndex: number;
  /** where it meets the skin, and the unit direction into the cake */
  pointMm: Vec3;
  direction: Vec3;
  /** azimuth on the cake; angle below the horizon, 90° straight down */
  azimuthRad: number;
  downDeg: number;
  bundleMm: number;
  massGrams: number;
  barrier: string | null;
  barrierName: string;
  outsideMm: number;
  boreMm: number | null;
  /** below the skin, and the length to cut the barrier to (rim 2 mm proud) */
  insideMm: number;
  cutMm: number;
  wireInsideMm: number;
  /** what a light head needs to be held, and what the cake offers along that way */
  holdMm: number;
  cakeMm: number;
  clearMm: number;
  meets: string;
  springDeg: number;
  reason: string;
  /** it is counted in and must be counted out */
  countsOut: boolean;
  nearestEntryMm: number;
}
