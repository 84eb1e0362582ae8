import { tierName, type Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid } from '../cake/solid';
import { azimuthToClockWords } from '../geometry/units';
import { distance, scale } from '../geometry/vec3';
import { allBarriers, barrierById, fitsBore } from './barrier';
import { capital, entryMark, type Entry, type Warning } from './entry';
import type { SeatRequest } from './seating';

export const unwanted = (request: SeatRequest, cake: Cake): Warning => ({
  level: 'look again',
  station: 'Place',
  what: `The ${barrierById(request.wanted!)?.name ?? 'barrier that was chosen'} does not go there`,
  where: cake.tiers.length ? azimuthToClockWords(azimuthOf(request.base)) : 'the cake',
  why: 'It was chosen by hand, but it does not fit the stem, hold it, or find room there.',
  remedy: 'The rule has taken another; choose again, or leave it to the rule.',
  entryId: request.id,
  mends: [{ do: 'by the rule' }],
});

export function noSeat(request: SeatRequest, cake: Cake, solid: CakeSolid): Warning {
  const ray = solid.rayInto(request.base, scale(request.normal, -1));
  const where = ray
    ? `${tierName(cake, ray.tier.index)}, ${azimuthToClockWords(azimuthOf(request.base))}`
    : azimuthToClockWords(azimuthOf(request.base));
  const thick = !allBarriers().some((b) => fitsBore(b, request.bundleMm));
  if (ray?.tier.tier.kind === 'separator') {
    return {
      level: 'stop',
      station: 'Place',
      what: 'A separator takes no stem',
      where,
      why: 'It only holds the next tier up; there is nothing to hold a barrier.',
      remedy: 'Move the piece to a tier of cake or foam.',
      pieceId: request.pieceIds[0],
    };
  }
  return {
    level: 'stop',
    station: 'Place',
    what: thick ? `A stem of ${request.bundleMm.toFixed(1)} mm fits no barrier` : 'No barrier holds this stem here',
    where,
    why: thick
      ? 'Wire and tape would have to touch cake.'
      : `The cake is too shallow or too narrow for ${request.massGrams.toFixed(0)} g, or a dowel is in the way; a loose stem slips into what is eaten.`,
    remedy: thick ? 'Split the bunch into two.' : 'Move it to a deeper place, make this tier a dummy, or take a smaller head.',
    pieceId: request.pieceIds[0],
  };
}

export function crowdingWarnings(entries: readonly Entry[], cake: Cake): Warning[] {
  return entries
    .filter((e) => e.nearestEntryMm < Math.max(3, e.outsideMm) - 0.05)
    .map((e) => {
      const half = e.nearestEntryMm < Math.max(3, e.outsideMm) / 2;
      return {
        level: half ? ('stop' as const) : ('look again' as const),
        station: 'Place' as const,
        what: `${capital(e.barrierName)} ${entryMark(e.id)} has ${Math.max(0, e.nearestEntryMm).toFixed(0)} mm of cake to its neighbour`,
        where: `${tierName(cake, e.tierIndex)}, ${azimuthToClockWords(e.azimuthRad)}`,
        why: 'The cake between them may crumble, and both would lean.',
        remedy: 'Move one piece a little, or gather both stems into one barrier.',
        entryId: e.id,
        mends: [{ do: 'move apart' as const }],
      };
    });
}

/** Holes side by side weaken the cake: share of a disc of this width that they take (assumed, no source). */
const DISC_MM = 40;
const HOLES_LOOK_SHARE = 0.05;
const HOLES_STOP_SHARE = 0.1;

/** Where so much is pierced that the cake may crumble, one message for each place. */
export function holeWarnings(entries: readonly Entry[], cake: Cake): Warning[] {
  const said: Entry[] = [];
  return entries.flatMap((e): Warning[] => {
    const near = entries.filter((q) => q.tierIndex === e.tierIndex && distance(q.pointMm, e.pointMm) <= DISC_MM / 2);
    const share = near.reduce((a, q) => a + (q.outsideMm / DISC_MM) ** 2, 0);
    if (near.length < 2 || share <= HOLES_LOOK_SHARE || said.some((q) => near.includes(q))) return [];
    said.push(e);
    return [
      {
        level: share > HOLES_STOP_SHARE ? 'stop' : 'look again',
        station: 'Place',
        what: `${near.length} barriers pierce ${Math.round(share * 100)} in 100 of the cake round ${entryMark(e.id)}`,
        where: `${tierName(cake, e.tierIndex)}, ${azimuthToClockWords(e.azimuthRad)}`,
        why: 'So many holes so near each other crumble into one (a limit that we assume).',
        remedy: 'Take thinner barriers, gather stems into one, or move a piece away.',
        entryId: e.id,
        mends: [{ do: 'move apart' }],
      },
    ];
  });
}
