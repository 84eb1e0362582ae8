import type { ViewName } from '../compose/scene';
import type { Vec3 } from '../geometry/vec3';
import type { BarrierTrial } from './compared';

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
  arrangementId?: string;
  /** what one press does about it */
  mends?: Mend[];
}

/** A change that takes a warning's cause away. */
export type Mend =
  /** by at least so much, and on until the head is clear */
  | { do: 'lift'; mm: number }
  | { do: 'underlay' }
  | { do: 'edible dust' }
  | { do: 'move apart' }
  | { do: 'by the rule' }
  | { do: 'dummy tier'; tierIndex: number }
  | { do: 'covering not eaten'; tierIndex: number };

/** Where a text speaks of an entry before the numbers are given: `‹id›`. */
export const entryMark = (id: string): string => `‹${id}›`;

export const withNumbers = (text: string, numberOf: ReadonlyMap<string, number>): string =>
  text.replace(/‹([^›]+)›/g, (_, id: string) => String(numberOf.get(id) ?? '?'));

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
  /** sides from which its rim is seen */
  seenFrom: ViewName[];
  /** every barrier for this stem at this place; none where it goes into foam */
  compared: BarrierTrial[];
}

export const capital = (text: string): string => (text[0] ?? '').toUpperCase() + text.slice(1);
