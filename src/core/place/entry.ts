import type { RayIntoCake } from '../cake/solid';
import type { ViewName } from '../compose/scene';
import type { Vec3 } from '../geometry/vec3';
import type { Barrier } from './barrier';
import type { BarrierTrial } from './compared';
import type { EntryReason } from './facts';

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
  /** the kind of its barrier; null in foam */
  kind: Barrier['kind'] | null;
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
  meets: RayIntoCake['meets'];
  springDeg: number;
  reason: EntryReason;
  /** it is counted in and must be counted out */
  countsOut: boolean;
  nearestEntryMm: number;
  /** sides from which its rim is seen */
  seenFrom: ViewName[];
  /** every barrier for this stem at this place; none where it goes into foam */
  compared: BarrierTrial[];
}
