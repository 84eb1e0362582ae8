import type { Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid, RayIntoCake } from '../cake/solid';
import { clamp, radToDeg } from '../geometry/numbers';
import { unmemoised, type Ground, type Memoise } from '../geometry/memo';
import { distance, type Vec3 } from '../geometry/vec3';
import { ABILITIES, BARRIERS, barrierScore, fitsBore, springBendRad, type Barrier } from './barrier';
import { trialFact, type BarrierTrial, type WhyNot } from './compared';
import type { Entry } from './entry';
import type { EntryReason, PlaceWarning } from './facts';
import { CRUMB_KPA, holdDepthMm } from './holding';
import { reachOf, type Candidate, type Reach, type Wish } from './reach';
import { crowdingWarnings, holeWarnings, noSeat, unwanted } from './seatWarnings';
import { asStanding, type InCake, wallBetweenMm, Walls, wantedWallMm, type Standing } from './walls';
import { must } from '../geometry/must';

/** What asks for a place in the cake. */
export interface SeatRequest extends Wish {
  id: string;
  pieceIds: string[];
  massGrams: number;
  /** middle of the mass, for lever and horizontal offset */
  weightAt: Vec3;
  bundleMm: number;
  /** pieces that want to be put in first come first: 0 focal … 5 foliage */
  rank: number;
  /** how far a stake has to stand out of the icing where more hangs on it than a stem, mm */
  standsOutMm?: number;
  /** the one kind of barrier that will do */
  only?: Barrier['kind'];
  /** the barrier that a person has chosen, by id */
  wanted?: string;
}

/** Where a stem goes in. */
export type SeatAt = Pick<Entry, 'id' | 'pointMm' | 'direction'>;

export const RIM_PROUD_MM = 2;
/** A stake stands out of the icing by this, so that the stem can be taped to it: three turns of half-width tape. Assumed, no source. */
const STAKE_OUT_MM = 20;
const TIP_TO_CARD_MM = 8;
const TIP_TO_WALL_MM = 10;
const TO_DOWEL_MM = 4;
/** The least that goes in, mm, whatever would hold: a wire in a tube, a dipped one, a skewer. Assumed. */
const LEAST_WIRE_INSIDE_MM = 20;
const LEAST_DIPPED_INSIDE_MM = 15;
const LEAST_STAKE_INSIDE_MM = 25;

interface Seat {
  barrier: Barrier;
  ray: RayIntoCake;
  point: Vec3;
  direction: Vec3;
  insideMm: number;
  wireInsideMm: number;
  holdMm: number;
  clearMm: number;
  cost: number;
}

/** What is left between the end of a barrier or stem and what it would meet, mm. */
export const clearanceFor = (meets: RayIntoCake['meets']): number =>
  meets === 'far side' ? TIP_TO_WALL_MM : meets === 'dowel' ? TO_DOWEL_MM : TIP_TO_CARD_MM;

/** How far a barrier stands out of the icing, mm. */
const standsOutMm = ({ kind }: Barrier, request: SeatRequest): number =>
  kind === 'stake' ? (request.standsOutMm ?? STAKE_OUT_MM) : RIM_PROUD_MM;

/** Why a barrier will not do for a stem, wherever it goes in; null where it may do. */
const notAble = (barrier: Barrier, { bundleMm, massGrams }: SeatRequest): 'bore' | 'weight' | null =>
  !fitsBore(barrier, bundleMm) ? 'bore' : massGrams > barrier.mostGrams ? 'weight' : null;

interface TryBarrierOptions {
  barrier: Barrier;
  request: SeatRequest;
  ray: RayIntoCake;
  direction: Vec3;
  crumbKPa: number;
  dowels: readonly Standing[];
}

/** How deep a barrier goes and how far the wire reaches in it, mm, for a head that `holdMm` would hold; its lowest `tipMm` holds no wire. */
function depthOf(barrier: Barrier, tipMm: number, holdMm: number): { insideMm: number; wireInsideMm: number } {
  const lined = (leastMm: number) => {
    const wireInsideMm = Math.max(leastMm, holdMm - tipMm);
    return { insideMm: wireInsideMm + tipMm, wireInsideMm };
  };
  switch (barrier.kind) {
    case 'pick': {
      // moulded in one length: all of it but its rim goes in
      const insideMm = barrier.stockMm - RIM_PROUD_MM;
      return { insideMm, wireInsideMm: insideMm - tipMm };
    }
    case 'stake':
      return { insideMm: Math.max(LEAST_STAKE_INSIDE_MM, holdMm), wireInsideMm: 0 };
    case 'dip':
      return lined(LEAST_DIPPED_INSIDE_MM);
    default:
      return lined(LEAST_WIRE_INSIDE_MM);
  }
}

/** Tries one barrier at one place: how deep it must go and what it costs, or why it will not do there. */
function tryBarrier({ barrier, request, ray, direction, crumbKPa, dowels }: TryBarrierOptions): Seat | WhyNot {
  const never = notAble(barrier, request);
  if (never) return never;
  const kPa = ray.tier.tier.kind === 'dummy' ? CRUMB_KPA.foam : crumbKPa;
  const od = barrier.outsideMm(request.bundleMm);
  const lever = distance(request.weightAt, ray.entry);
  const horizontal = Math.hypot(request.weightAt[0] - ray.entry[0], request.weightAt[1] - ray.entry[1]);
  const holdMm = holdDepthMm({
    massGrams: request.massGrams,
    leverMm: lever,
    horizontalMm: horizontal,
    tiltRad: Math.acos(clamp(-direction[2], 0, 1)),
    outsideMm: od,
    kPa,
  });
  const { insideMm, wireInsideMm } = depthOf(barrier, barrier.tipMm(od), holdMm);
  const clearMm = ray.insideMm - insideMm;
  if (!(clearMm >= clearanceFor(ray.meets))) return 'depth';
  if (!(insideMm <= barrier.reachMm)) return 'reach';
  if (ABILITIES[barrier.kind].cutToLength && insideMm + standsOutMm(barrier, request) > barrier.stockMm) return 'length';
  if (!(holdMm <= insideMm + 0.5)) return 'hold';
  const own: Standing = { point: ray.entry, direction, insideMm, od };
  if (dowels.some((dowel) => wallBetweenMm(own, dowel) < TO_DOWEL_MM)) return 'dowel';
  return {
    barrier,
    ray,
    point: ray.entry,
    direction,
    insideMm,
    wireInsideMm,
    holdMm,
    clearMm,
    cost: barrierScore(barrier, request.bundleMm, insideMm),
  };
}

/** What holds a stem: the crumb, the barriers that there are, and what they keep clear of. */
interface Held {
  kPa: number;
  barriers: readonly Barrier[];
  /** dowels and rods as they stand in the cake */
  dowels: readonly Standing[];
}

/** All barriers side by side for one stem at its place; the one that was taken is marked. */
const compareAt = (
  request: SeatRequest,
  { ray, direction, barrier: taken }: Pick<Seat, 'ray' | 'direction' | 'barrier'>,
  { kPa, barriers, dowels }: Held,
): BarrierTrial[] =>
  barriers.map((barrier): BarrierTrial => {
    const seat = tryBarrier({ barrier, request, ray, direction, crumbKPa: kPa, dowels });
    const isTaken = barrier.id === taken.id;
    return typeof seat === 'string'
      ? { barrier: barrier.id, insideMm: null, whyNot: trialFact(seat, barrier, request), taken: isTaken }
      : { barrier: barrier.id, insideMm: seat.insideMm, whyNot: null, taken: isTaken };
  });

/** What stands in the cake already; `spot` is the same object for the same place, direction, depth and width. */
interface Taken extends Standing {
  spot: object;
}

interface Placed extends Seat, Taken {
  request: SeatRequest;
  compared: BarrierTrial[];
}

/** Barriers whose mouths are farther apart than this cannot come near each other. */
const CROWD_REACH_MM = 90;

/** What standing too near the others costs; stops adding once it cannot win any more. */
function crowdCost(seat: Seat, od: number, placed: readonly Taken[], most: number): number {
  const own = { ...seat, od };
  let cost = 0;
  for (const other of placed) {
    if (cost >= most) return cost;
    const least = wantedWallMm(own, other);
    const wall = wallBetweenMm(own, other);
    if (wall < least) cost += 6 + 4 * (least - wall);
  }
  return cost;
}

/** Those of the placed that can crowd a seat at any of the candidates. */
function within({ at, farthestMm }: Reach, placed: readonly Taken[]): Taken[] {
  const [first] = at;
  if (!first) return [];
  const { entry } = first.ray;
  const mm = farthestMm + CROWD_REACH_MM;
  // most are too far away to one side already
  return placed.filter(({ point }) => Math.abs(point[0] - entry[0]) <= mm && distance(point, entry) <= mm);
}

function bestSeat(
  request: SeatRequest,
  reach: readonly Candidate[],
  { kPa, barriers, dowels }: Held,
  placed: readonly Taken[],
): Seat | null {
  const able = barriers
    .filter((b) => (!request.only || b.kind === request.only) && (!request.wanted || b.id === request.wanted))
    .filter((b) => notAble(b, request) === null)
    .map((barrier) => ({ barrier, leastCost: barrierScore(barrier, request.bundleMm, 0) }));
  let best: Seat | null = null;
  for (const c of reach) {
    const lever = distance(request.weightAt, c.ray.entry);
    const away = (c.moveMm / 10) ** 2 + 0.5 * Math.min(1, request.massGrams / 8) * (lever / 25) ** 2;
    for (const { barrier, leastCost } of able) {
      if (best && leastCost + away >= best.cost) continue;
      const seat = tryBarrier({ barrier, request, ray: c.ray, direction: c.direction, crumbKPa: kPa, dowels });
      if (typeof seat === 'string') continue;
      seat.cost += away;
      if (best && seat.cost >= best.cost) continue;
      seat.cost += crowdCost(seat, barrier.outsideMm(request.bundleMm), placed, best ? best.cost - seat.cost : Infinity);
      if (!best || seat.cost < best.cost) best = seat;
    }
  }
  return best;
}

/** How seats are looked for, beside the cake itself. */
export interface SeatOptions {
  /** must be of this cake alone */
  memoise?: Memoise;
  /** what the crumb bears, where a push test says so, kPa */
  kPa?: number;
  /** those of the job; what ships unless said */
  barriers?: readonly Barrier[];
  /** what other arrangements have in this cake: kept clear of, and not moved */
  standing?: readonly InCake[];
}

/**
 * Seats every request on the cake, heaviest first, each clear of the others and of edges, board, dowels and far walls, with
 * the barrier that scores best there; then those that stand too near each other are moved apart. What cannot be seated comes
 * back as a stop with the nearest remedy.
 */
export function seatAll(
  requests: readonly SeatRequest[],
  cake: Cake,
  solid: CakeSolid,
  options: SeatOptions = {},
): { entries: Entry[]; warnings: PlaceWarning[] } {
  const { placed, walls, warnings } = settle(requests, cake, solid, options);
  const { standing = [] } = options;
  const order = placed
    .map((p, i) => ({ i, ...p.request }))
    .sort((a, b) => a.rank - b.rank || b.massGrams - a.massGrams || a.id.localeCompare(b.id));
  const entries = order.map(({ i }, at) => toEntry(must(placed[i]), at + 1, walls.thinnestMm(i)));
  return { entries, warnings: [...warnings, ...crowdingWarnings(entries, cake), ...holeWarnings(entries, cake, standing)] };
}

/** Where each request would be seated, and nothing more; what finds no seat is left out. */
export const seatsOf = (requests: readonly SeatRequest[], cake: Cake, solid: CakeSolid, options: SeatOptions = {}): SeatAt[] =>
  settle(requests, cake, solid, options).placed.map((p) => ({ id: p.request.id, pointMm: p.point, direction: p.direction }));

/** A dowel from its top down. */
const dowelStanding = ({ xMm, yMm, fromMm, toMm, diameterMm }: Cake['dowels'][number]): Standing => ({
  point: [xMm, yMm, toMm],
  direction: [0, 0, -1],
  insideMm: Math.max(0, toMm - fromMm),
  od: diameterMm,
});

/** What of a request decides its seat, beside where its stem could go. */
const groundOf = ({ id, pieceIds, massGrams, weightAt, bundleMm, rank, wanted, only, standsOutMm }: SeatRequest): Ground => [
  id,
  ...pieceIds,
  massGrams,
  ...weightAt,
  bundleMm,
  rank,
  wanted,
  only,
  standsOutMm,
];

function settle(
  requests: readonly SeatRequest[],
  cake: Cake,
  solid: CakeSolid,
  { memoise = unmemoised, kPa = CRUMB_KPA[cake.crumb], barriers = BARRIERS, standing = [] }: SeatOptions,
): { placed: Placed[]; walls: Walls; warnings: PlaceWarning[] } {
  const placed: Placed[] = [];
  const warnings: PlaceWarning[] = [];
  const held: Held = { kPa, barriers, dowels: cake.dowels.map(dowelStanding) };
  const spotOf = ({ point, direction, insideMm, od }: Standing) =>
    memoise('spot', [...point, ...direction, insideMm, od], () => ({}));
  const taken = standing.map(asStanding).map((s): Taken => ({ ...s, spot: spotOf(s) }));
  const seatFor = (request: SeatRequest, others: readonly Placed[]): Placed | null => {
    const reach = memoise('reach', [...request.base, ...request.axis, ...request.normal, request.leafy], () =>
      reachOf(request, solid),
    );
    const near = [...within(reach, taken), ...within(reach, others)];
    const of = [...groundOf(request), reach, kPa, ...near.map((p) => p.spot)];
    const found = memoise('seat', of, () => {
      const seat = bestSeat(request, reach.at, held, near);
      if (!seat) return null;
      const od = seat.barrier.outsideMm(request.bundleMm);
      return { ...seat, request, od, compared: compareAt(request, seat, held) };
    });
    return found && { ...found, spot: spotOf(found) };
  };
  for (const request of [...requests].sort((a, b) => b.massGrams - a.massGrams)) {
    let own = seatFor(request, placed);
    if (!own && request.wanted) {
      warnings.push(unwanted(request));
      own = seatFor({ ...request, wanted: undefined }, placed);
    }
    if (own) placed.push(own);
    else warnings.push(noSeat(request, { cake, solid, barriers }));
  }
  const walls = new Walls([...placed, ...taken]);
  moveApart(placed, walls, seatFor);
  return { placed, walls, warnings };
}

/** Rounds of moving apart, so that a hopeless crowd takes no longer. Assumed. */
const MOST_ROUNDS = 24;

/**
 * Barriers too near each other are seated again, the most crowded first and of equals the lighter, as long as less is missing
 * round it then; who was just moved stays for a while (min-conflicts with a tabu list; Minton et al. 1992).
 */
function moveApart(placed: Placed[], walls: Walls, seatFor: (request: SeatRequest, others: readonly Placed[]) => Placed | null) {
  const missingMm = placed.map((_, i) => walls.missingMm(i));
  const put = (i: number, p: Placed) => {
    placed[i] = p;
    walls.set(i, p);
  };
  const worse = (a: number, b: number) =>
    must(missingMm[a]) - must(missingMm[b]) ||
    must(placed[b]).request.massGrams - must(placed[a]).request.massGrams ||
    must(placed[b]).request.id.localeCompare(must(placed[a]).request.id);
  const tabu: string[] = [];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let worst: number | null = null;
    for (let i = 0; i < placed.length; i++)
      if (must(missingMm[i]) > 0.05 && !tabu.includes(must(placed[i]).request.id) && (worst === null || worse(i, worst) > 0))
        worst = i;
    if (worst === null) return;
    const was = must(placed[worst]);
    const again = seatFor(
      was.request,
      placed.filter((q) => q !== was),
    );
    if (again) {
      const left = walls.near(worst);
      put(worst, again);
      if (walls.missingMm(worst) < must(missingMm[worst]) - 0.05)
        for (const i of [worst, ...left, ...walls.near(worst)]) missingMm[i] = walls.missingMm(i);
      else put(worst, was);
    }
    tabu.push(was.request.id);
    if (tabu.length > 12) tabu.shift();
  }
}

/** Why this barrier and this depth. */
function reasonOf({ barrier, request, insideMm, ray }: Placed): EntryReason {
  const values = { barrier: barrier.id, stemMm: request.bundleMm, insideMm, cakeMm: ray.insideMm };
  return barrier.boreMm === null
    ? { code: 'entry.coated', values }
    : { code: 'entry.in-bore', values: { ...values, boreMm: barrier.boreMm } };
}

function toEntry(p: Placed, number: number, nearestEntryMm: number): Entry {
  const { barrier, request } = p;
  const bend = barrier.kind === 'straw' ? radToDeg(springBendRad(must(barrier.boreMm), request.bundleMm)) : 0;
  return {
    id: request.id,
    number,
    pieceIds: request.pieceIds,
    tierIndex: p.ray.tier.index,
    pointMm: p.point,
    direction: p.direction,
    azimuthRad: azimuthOf(p.point),
    downDeg: radToDeg(Math.asin(clamp(-p.direction[2], -1, 1))),
    bundleMm: request.bundleMm,
    massGrams: request.massGrams,
    barrier: barrier.id,
    kind: barrier.kind,
    outsideMm: p.od,
    boreMm: barrier.boreMm,
    insideMm: p.insideMm,
    cutMm: p.insideMm + standsOutMm(barrier, request),
    wireInsideMm: p.wireInsideMm,
    holdMm: p.holdMm,
    cakeMm: p.ray.insideMm,
    clearMm: p.clearMm,
    meets: p.ray.meets,
    springDeg: bend,
    reason: reasonOf(p),
    countsOut: true,
    nearestEntryMm,
    seenFrom: [],
    compared: p.compared,
  };
}
