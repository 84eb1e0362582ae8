import { tierRef, type Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid } from '../cake/solid';
import { distance, scale } from '../geometry/vec3';
import { fitsBore, type Barrier } from './barrier';
import type { Entry } from './entry';
import type { PlaceWarning } from './facts';
import type { SeatRequest } from './seating';
import type { InCake } from './walls';

export const unwanted = (request: SeatRequest): PlaceWarning => ({
  code: 'place.barrier-unsuited',
  values: { barrier: request.wanted ?? '' },
  level: 'look again',
  station: 'place',
  azimuthRad: azimuthOf(request.base),
  entryId: request.id,
  mends: [{ do: 'by the rule' }],
});

/** Why a stem finds no place in the cake. */
export function noSeat(
  request: SeatRequest,
  { cake, solid, barriers }: { cake: Cake; solid: CakeSolid; barriers: readonly Barrier[] },
): PlaceWarning {
  const ray = solid.rayInto(request.base, scale(request.normal, -1));
  const at = {
    level: 'stop',
    station: 'place',
    ...(ray ? { tier: tierRef(cake, ray.tier.index) } : {}),
    azimuthRad: azimuthOf(request.base),
    pieceId: request.pieceIds[0],
  } as const;
  if (ray?.tier.tier.kind === 'separator') return { code: 'place.separator', values: {}, ...at };
  return barriers.some((b) => fitsBore(b, request.bundleMm))
    ? { code: 'place.not-held', values: { massGrams: request.massGrams }, ...at }
    : { code: 'place.stem-thick', values: { bundleMm: request.bundleMm }, ...at };
}

const atEntry = (e: Entry, cake: Cake) =>
  ({ station: 'place', tier: tierRef(cake, e.tierIndex), azimuthRad: e.azimuthRad, entryId: e.id }) as const;

/** Foam between two stems holds them apart from this on, mm. Nobody eats what breaks out of it: it is no stop. Assumed, no source. */
const FOAM_WALL_MM = 1;

/** The wall that one wants round it, and the wall under which it is a stop, mm. */
const wantedWalls = ({ barrier, outsideMm }: Entry): { leastMm: number; stopMm: number } =>
  barrier === null
    ? { leastMm: FOAM_WALL_MM, stopMm: -Infinity }
    : { leastMm: Math.max(3, outsideMm), stopMm: Math.max(3, outsideMm) / 2 };

export function crowdingWarnings(entries: readonly Entry[], cake: Cake): PlaceWarning[] {
  return entries
    .filter((e) => e.nearestEntryMm < wantedWalls(e).leastMm - 0.05)
    .map((e): PlaceWarning => {
      const wallMm = Math.max(0, e.nearestEntryMm);
      return {
        ...(e.barrier === null
          ? { code: 'place.foam-crowded', values: { entry: e.id, wallMm } }
          : { code: 'place.neighbours-close', values: { barrier: e.barrier, entry: e.id, wallMm } }),
        level: e.nearestEntryMm < wantedWalls(e).stopMm ? 'stop' : 'look again',
        ...atEntry(e, cake),
        ...(e.barrier !== null && { mends: [{ do: 'move apart' }] }),
      };
    });
}

/** Holes side by side weaken the cake: share of a disc of this width that they take (assumed, no source). */
const DISC_MM = 40;
const HOLES_LOOK_SHARE = 0.05;
const HOLES_STOP_SHARE = 0.1;

/** Where so much is pierced that the cake may crumble, one message for each place; what `standing` pierces counts, and is not named. */
export function holeWarnings(entries: readonly Entry[], cake: Cake, standing: readonly InCake[] = []): PlaceWarning[] {
  const told: Entry[] = [];
  return entries.flatMap((e): PlaceWarning[] => {
    const near = [...entries, ...standing].filter(
      (q) => q.tierIndex === e.tierIndex && distance(q.pointMm, e.pointMm) <= DISC_MM / 2,
    );
    const share = near.reduce((a, q) => a + (q.outsideMm / DISC_MM) ** 2, 0);
    if (near.length < 2 || share <= HOLES_LOOK_SHARE || told.some((q) => near.includes(q))) return [];
    told.push(e);
    return [
      {
        code: 'place.many-holes',
        values: { entry: e.id, barriers: near.length, share },
        level: share > HOLES_STOP_SHARE ? 'stop' : 'look again',
        ...atEntry(e, cake),
        mends: [{ do: 'move apart' }],
      },
    ];
  });
}
