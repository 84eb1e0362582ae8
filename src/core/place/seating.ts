import type { Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid, RayIntoCake } from '../cake/solid';
import { segmentDistance } from '../geometry/curve';
import { clamp, radToDeg, TAU } from '../geometry/numbers';
import { afresh, type Recall } from '../geometry/memory';
import { add, addScaled, anyPerpendicular, cross, distance, normalize, scale, type Vec3 } from '../geometry/vec3';
import { allBarriers, barrierScore, fitsBore, springBendRad, type Barrier } from './barrier';
import { trialWords, type BarrierTrial, type WhyNot } from './compared';
import type { Entry, Warning } from './entry';
import { CRUMB_KPA, holdDepthMm } from './holding';
import { crowdingWarnings, holeWarnings, noSeat, unwanted } from './seatWarnings';

/** What asks for a place in the cake. */
export interface SeatRequest {
  id: string;
  pieceIds: string[];
  base: Vec3;
  /** mean axis of the heads, outward */
  axis: Vec3;
  /** the cake's own normal under it */
  normal: Vec3;
  leafy: boolean;
  massGrams: number;
  /** middle of the mass, for lever and horizontal offset */
  weightAt: Vec3;
  bundleMm: number;
  /** pieces that want to be put in first come first: 0 focal … 5 foliage */
  rank: number;
  /** the one kind of barrier that will do */
  only?: Barrier['kind'];
  /** the barrier that a person has chosen, by id */
  wanted?: string;
}

export const RIM_PROUD_MM = 2;
const TIP_TO_CARD_MM = 8;
const TIP_TO_WALL_MM = 10;
const TO_DOWEL_MM = 4;
const LEAST_WIRE_INSIDE_MM = 20;

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

/** Directions that a surface takes: tops 45–90° down, sides 8–45° down and not flat along the wall. */
function allowedDirection(direction: Vec3, normal: Vec3): Vec3 {
  const top = normal[2] > 0.7;
  const down = Math.asin(clamp(-direction[2], -1, 1));
  const [low, high] = top ? [Math.PI / 4, Math.PI / 2] : [0.14, 0.78];
  const want = clamp(down, low, high);
  const flat = normalize([direction[0], direction[1], 0], normalize([-normal[0], -normal[1], 0]));
  const into = normalize([-normal[0], -normal[1], 0], flat);
  const heading = top ? flat : normalize(add(scale(flat, 0.4), scale(into, 0.6)), into);
  return [heading[0] * Math.cos(want), heading[1] * Math.cos(want), -Math.sin(want)];
}

const clearanceFor = (meets: RayIntoCake['meets']): number =>
  meets === 'far side' ? TIP_TO_WALL_MM : meets === 'dowel' ? TO_DOWEL_MM : TIP_TO_CARD_MM;

/** Tries one barrier at one place: how deep it must go and what it costs, or why it will not do there. */
function tryBarrier(barrier: Barrier, request: SeatRequest, ray: RayIntoCake, direction: Vec3, crumbKPa: number): Seat | WhyNot {
  if (!fitsBore(barrier, request.bundleMm)) return 'bore';
  if (request.massGrams > barrier.mostGrams) return 'weight';
  const kPa = ray.tier.tier.kind === 'dummy' ? CRUMB_KPA.foam : crumbKPa;
  const od = barrier.outsideMm(request.bundleMm);
  const lever = distance(request.weightAt, ray.entry);
  const horizontal = Math.hypot(request.weightAt[0] - ray.entry[0], request.weightAt[1] - ray.entry[1]);
  const holdMm = holdDepthMm(request.massGrams, lever, horizontal, Math.acos(clamp(-direction[2], 0, 1)), od, kPa);
  const fixed = barrier.kind === 'pick';
  const tip = barrier.tipMm(od);
  const wireInsideMm = fixed
    ? barrier.stockMm - RIM_PROUD_MM - tip
    : barrier.kind === 'stake'
      ? 0
      : Math.max(barrier.kind === 'dip' ? 15 : LEAST_WIRE_INSIDE_MM, holdMm - tip);
  const insideMm = fixed ? barrier.stockMm - RIM_PROUD_MM : barrier.kind === 'stake' ? Math.max(25, holdMm) : wireInsideMm + tip;
  const clearMm = ray.insideMm - insideMm;
  if (!(clearMm >= clearanceFor(ray.meets))) return 'depth';
  if (!(insideMm <= barrier.reachMm)) return 'reach';
  if (!(holdMm <= insideMm + 0.5)) return 'hold';
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

/** All barriers side by side for one stem at its place; the one that was taken is marked. */
const compareAt = (request: SeatRequest, ray: RayIntoCake, direction: Vec3, kPa: number, taken: Barrier): BarrierTrial[] =>
  allBarriers().map((barrier): BarrierTrial => {
    const seat = tryBarrier(barrier, request, ray, direction, kPa);
    const isTaken = barrier.id === taken.id;
    return typeof seat === 'string'
      ? { barrier: barrier.id, insideMm: null, whyNot: trialWords(seat, barrier, request), taken: isTaken }
      : { barrier: barrier.id, insideMm: seat.insideMm, whyNot: null, taken: isTaken };
  });

interface Candidate {
  ray: RayIntoCake;
  direction: Vec3;
  moveMm: number;
}

/** Candidate places: where the stem's own direction meets the skin, and rings round it. */
function candidates(request: SeatRequest, solid: CakeSolid): Candidate[] {
  const found: Candidate[] = [];
  const blend = request.leafy ? 0.15 : 0.3;
  const wish = normalize(add(scale(request.axis, -blend), scale(request.normal, blend - 1)));
  const x = anyPerpendicular(request.normal);
  const y = cross(request.normal, x);
  for (const ring of [0, 6, 12, 18, 25, 32]) {
    const steps = ring === 0 ? 1 : 8;
    for (let k = 0; k < steps; k++) {
      const a = (k / steps) * TAU + ring;
      const from = add(request.base, add(scale(x, ring * Math.cos(a)), scale(y, ring * Math.sin(a))));
      const first = solid.rayInto(from, wish) ?? solid.rayInto(from, scale(request.normal, -1));
      if (!first) continue;
      const normal = solid.normalAt(addScaled(first.entry, request.normal, 0.5));
      const direction = allowedDirection(wish, normal);
      const ray = solid.rayInto(addScaled(first.entry, normal, 0.6), direction);
      if (ray && ray.tier.tier.kind !== 'separator' && !nearEdge(ray, solid)) found.push({ ray, direction, moveMm: ring });
    }
  }
  return found;
}

/** Too near a rim, the foot of the next tier or a tier's own foot: cake breaks there. */
function nearEdge(ray: RayIntoCake, solid: CakeSolid): boolean {
  const { tier } = ray;
  const [x, y, z] = ray.entry;
  const onTop = z > tier.topMm - tier.edgeMm * 0.6;
  const above = solid.tiers[tier.index + 1];
  if (onTop) return tier.outline.signedMm(x, y) > -11 || (above !== undefined && above.outline.signedMm(x, y) < 5);
  return z > tier.topMm - 11 || z < tier.footMm + 9;
}

/** The wall of cake between two barriers, mm; negative when they would meet. */
export function wallBetweenMm(a: { point: Vec3; direction: Vec3; insideMm: number; od: number }, b: typeof a): number {
  const d = segmentDistance(
    a.point,
    addScaled(a.point, a.direction, a.insideMm),
    b.point,
    addScaled(b.point, b.direction, b.insideMm),
  );
  return d.mm - (a.od + b.od) / 2;
}

interface Placed extends Seat {
  request: SeatRequest;
  od: number;
  /** the same number for the same place, direction, depth and width */
  mark: number;
}

let marks = 0;

/** Barriers whose mouths are farther apart than this cannot come near each other. */
const CROWD_REACH_MM = 90;

/** Surely farther apart than `leastMm` of cake, told by their middles alone; most pairs are. */
function farApart(a: Pick<Seat, 'point' | 'direction' | 'insideMm'>, od: number, b: Placed, leastMm: number): boolean {
  const [la, lb] = [a.insideMm / 2, b.insideMm / 2];
  const reach = la + lb + leastMm + (od + b.od) / 2;
  let sum = 0;
  for (let k = 0; k < 3; k++) sum += (a.point[k]! + a.direction[k]! * la - b.point[k]! - b.direction[k]! * lb) ** 2;
  return sum > reach * reach;
}

/** What standing too near the others costs; stops adding once it cannot win any more. */
function crowdCost(seat: Seat, od: number, placed: readonly Placed[], most: number): number {
  let cost = 0;
  for (const other of placed) {
    if (cost >= most) return cost;
    const least = Math.max(3, (od + other.od) / 2);
    if (farApart(seat, od, other, least)) continue;
    const wall = wallBetweenMm({ ...seat, od }, other);
    if (wall < least) cost += 6 + 4 * (least - wall);
  }
  return cost;
}

/** Those of the placed that can crowd a seat at any of the candidates. */
function within(reach: readonly Candidate[], placed: readonly Placed[]): Placed[] {
  const [first] = reach;
  if (!first) return [];
  const farthest = Math.max(...reach.map((c) => distance(c.ray.entry, first.ray.entry)));
  return placed.filter((p) => distance(p.point, first.ray.entry) <= farthest + CROWD_REACH_MM);
}

function bestSeat(request: SeatRequest, reach: readonly Candidate[], kPa: number, placed: readonly Placed[]): Seat | null {
  let best: Seat | null = null;
  for (const c of reach) {
    const lever = distance(request.weightAt, c.ray.entry);
    const away = (c.moveMm / 10) ** 2 + 0.5 * Math.min(1, request.massGrams / 8) * (lever / 25) ** 2;
    for (const barrier of allBarriers()) {
      if (request.only && barrier.kind !== request.only) continue;
      if (request.wanted && barrier.id !== request.wanted) continue;
      const seat = tryBarrier(barrier, request, c.ray, c.direction, kPa);
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
  recall?: Recall;
  /** what the crumb bears, where a push test says so, kPa */
  kPa?: number;
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
  { recall = afresh, kPa = CRUMB_KPA[cake.crumb] }: SeatOptions = {},
): { entries: Entry[]; warnings: Warning[] } {
  const placed: Placed[] = [];
  const warnings: Warning[] = [];
  const reachOf = (request: SeatRequest) => {
    const { base, axis, normal, leafy } = request;
    return recall('candidates', [base, axis, normal, leafy], () => candidates(request, solid));
  };
  const seatFor = (request: SeatRequest, others: readonly Placed[]): Placed | null => {
    const reach = reachOf(request);
    const near = within(reach, others);
    const of = [request, near.map((p) => p.mark), kPa];
    const seat = recall('seat', of, () => bestSeat(request, reach, kPa, near));
    if (!seat) return null;
    const od = seat.barrier.outsideMm(request.bundleMm);
    const mark = recall('mark', [seat.point, seat.direction, seat.insideMm, od], () => ++marks);
    return { ...seat, request, od, mark };
  };
  for (const request of [...requests].sort((a, b) => b.massGrams - a.massGrams)) {
    let own = seatFor(request, placed);
    if (!own && request.wanted) {
      warnings.push(unwanted(request, cake));
      own = seatFor({ ...request, wanted: undefined }, placed);
    }
    if (own) placed.push(own);
    else warnings.push(noSeat(request, cake, solid));
  }
  moveApart(placed, seatFor);
  const order = [...placed].sort(
    (a, b) =>
      a.request.rank - b.request.rank || b.request.massGrams - a.request.massGrams || a.request.id.localeCompare(b.request.id),
  );
  const entries = order.map((p, i) => toEntry(p, i + 1, placed, kPa));
  return { entries, warnings: [...warnings, ...crowdingWarnings(entries, cake), ...holeWarnings(entries, cake)] };
}

/** Rounds of moving apart, so that a hopeless crowd takes no longer. Assumed. */
const MOST_ROUNDS = 24;

const wantedWall = (a: Placed, b: Placed): number => Math.max(3, (a.od + b.od) / 2);

/**
 * Barriers too near each other are seated again, the most crowded first and of equals the lighter, as long as less is missing
 * round it then; who was just moved stays for a while (min-conflicts with a tabu list; Minton et al. 1992).
 */
function moveApart(placed: Placed[], seatFor: (request: SeatRequest, others: readonly Placed[]) => Placed | null): void {
  const missing = (p: Placed, others: readonly Placed[]) =>
    others.reduce((a, q) => {
      if (q === p || farApart(p, p.od, q, wantedWall(p, q))) return a;
      return a + Math.max(0, wantedWall(p, q) - wallBetweenMm(p, q));
    }, 0);
  const tabu: string[] = [];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const crowded = placed
      .map((p) => ({ p, mm: missing(p, placed) }))
      .filter(({ p, mm }) => mm > 0.05 && !tabu.includes(p.request.id))
      .sort(
        (a, b) => b.mm - a.mm || a.p.request.massGrams - b.p.request.massGrams || a.p.request.id.localeCompare(b.p.request.id),
      );
    const [worst] = crowded;
    if (!worst) return;
    const others = placed.filter((q) => q !== worst.p);
    const again = seatFor(worst.p.request, others);
    if (again && missing(again, others) < worst.mm - 0.05) placed[placed.indexOf(worst.p)] = again;
    tabu.push(worst.p.request.id);
    if (tabu.length > 12) tabu.shift();
  }
}

function toEntry(p: Placed, number: number, placed: readonly Placed[], kPa: number): Entry {
  const { barrier, request } = p;
  const bend = barrier.kind === 'straw' ? radToDeg(springBendRad(barrier.boreMm!, request.bundleMm)) : 0;
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
    barrierName: barrier.name,
    outsideMm: p.od,
    boreMm: barrier.boreMm,
    insideMm: p.insideMm,
    cutMm: p.insideMm + RIM_PROUD_MM,
    wireInsideMm: p.wireInsideMm,
    holdMm: p.holdMm,
    cakeMm: p.ray.insideMm,
    clearMm: p.clearMm,
    meets: p.ray.meets,
    springDeg: bend,
    reason: `${barrier.name}: a stem of ${request.bundleMm.toFixed(1)} mm ${barrier.boreMm ? `in a bore of ${barrier.boreMm} mm` : 'needs no bore'}, ${p.insideMm.toFixed(0)} mm deep where the cake offers ${p.ray.insideMm.toFixed(0)}.`,
    countsOut: true,
    nearestEntryMm: nearestWallMm(p, placed),
    seenFrom: [],
    compared: compareAt(request, p.ray, p.direction, kPa, barrier),
  };
}

function nearestWallMm(p: Placed, placed: readonly Placed[]): number {
  let nearest = Infinity;
  for (const q of placed) {
    const least = distance(p.point, q.point) - p.insideMm - q.insideMm - (p.od + q.od) / 2;
    if (q !== p && least < nearest) nearest = Math.min(nearest, wallBetweenMm(p, q));
  }
  return nearest;
}
