import { azimuthOf } from '../cake/skin';
import type { RayIntoCake } from '../cake/solid';
import { clamp, radToDeg } from '../geometry/numbers';
import { distance, type Vec3 } from '../geometry/vec3';
import type { Entry } from './entry';
import { CRUMB_KPA, holdDepthMm } from './holding';
import { clearanceFor } from './seating';
import { asStanding, type InCake, Walls } from './walls';

/** A bare stem is pushed so deep into foam where there is room, and never less than the second. Common practice, no source. */
const USUAL_MM = 30;
const LEAST_MM = 20;

/** A bunch that goes into foam as it is. */
export interface InFoam {
  id: string;
  pieceIds: string[];
  massGrams: number;
  weightAt: Vec3;
  bundleMm: number;
}

/** What the foam offers along the stem, and what the stem asks for with the margin at its end, mm; null where it is enough. */
interface TooThin {
  foamMm: number;
  wantMm: number;
}

/** How a bunch stands in foam: no barrier, as deep as it is held and as the foam lets it, and counted out again. */
export function inFoam(bunch: InFoam, ray: RayIntoCake, direction: Vec3): { entry: Entry; depth: TooThin | null } {
  const { id, pieceIds, massGrams, weightAt, bundleMm } = bunch;
  const holdMm = holdDepthMm({
    massGrams,
    leverMm: distance(weightAt, ray.entry),
    horizontalMm: Math.hypot(weightAt[0] - ray.entry[0], weightAt[1] - ray.entry[1]),
    tiltRad: Math.acos(clamp(-direction[2], -1, 1)),
    outsideMm: bundleMm,
    kPa: CRUMB_KPA.foam,
  });
  const roomMm = ray.insideMm - clearanceFor(ray.meets);
  const leastMm = Math.max(LEAST_MM, holdMm);
  const insideMm = clamp(Math.max(USUAL_MM, holdMm), 0, Math.max(0, roomMm));
  const entry: Entry = {
    id,
    number: 0,
    pieceIds,
    tierIndex: ray.tier.index,
    pointMm: ray.entry,
    direction,
    azimuthRad: azimuthOf(ray.entry),
    downDeg: radToDeg(Math.asin(clamp(-direction[2], -1, 1))),
    bundleMm,
    massGrams,
    barrier: null,
    kind: null,
    outsideMm: bundleMm,
    boreMm: null,
    insideMm,
    cutMm: 0,
    wireInsideMm: insideMm,
    holdMm,
    cakeMm: ray.insideMm,
    clearMm: ray.insideMm - insideMm,
    meets: ray.meets,
    springDeg: 0,
    reason: { code: 'entry.foam', values: {} },
    countsOut: true,
    nearestEntryMm: Infinity,
    seenFrom: [],
    compared: [],
  };
  return { entry, depth: leastMm > roomMm ? { foamMm: ray.insideMm, wantMm: leastMm + clearanceFor(ray.meets) } : null };
}

/** The same entries, each with the thinnest wall round it, to what else is `standing` too. */
export function withWalls<E extends Entry>(entries: readonly E[], standing: readonly InCake[] = []): E[] {
  const walls = new Walls([...entries, ...standing].map(asStanding));
  return entries.map((e, i) => ({ ...e, nearestEntryMm: walls.thinnestMm(i) }));
}
