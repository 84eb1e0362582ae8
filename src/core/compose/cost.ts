import { angleBetween, distance, type Vec3 } from '../geometry/vec3';
import type { Line } from './line';
import { overlapMm, reachMm, type PlacedPiece } from './placement';
import { focalZoneMm, heaviestRival } from './readings/focal';
import { sizeCeilingMm, taperGap } from './readings/grading';
import { outwardShare } from './readings/standing';
import { PETAL_GIVE_MM } from './scene';
import { must } from '../geometry/must';

/** Cost of each fault; millimetre terms stay linear so that a bad start still feels where better lies. */
export const COST = {
  overlapPerMm: 0.55,
  overlapSquared: 0.05,
  cakePerMm: 0.5,
  letteringPerMm: 1.6,
  uncovered: 70,
  uncoveredBlock: 46,
  sameWay: 1.6,
  tooLargePerMm: 0.16,
  focalAway: 9,
  floating: 0.7,
  outsidePerMm: 0.05,
  sideBalance: 26,
  leafAgainstLine: 2.2,
  grading: 34,
  taper: 30,
  rival: 10,
  sameColour: 1.1,
  uneven: 1.5,
  bareRoot: 2.4,
  hidesFocal: 5,
};

/** Sizes should fall along the arms at least this clearly (correlation of place with ln size). */
const GRADED = -0.62;
/** Leaves fan out from the line by about this and still go with it: cosine. */
const LEAF_WITH_LINE = 0.86;
/** Farther than this past both bodies nothing of a pair matters, mm. */
const PAIR_REACH_MM = 20;

/** What pieces cost adds up over them, what is bare is a share of the whole: with more pieces than this it counts for more. */
export const COVER_COUNTS_FULL_AT = 30;

export const heftOf = (p: PlacedPiece): number => p.body.radialMm ** 1.5 * (p.spine.length ? 0.4 : 1);

/** A foot is covered less well by another leaf than by a face: as if it stood so much farther off. */
const UNDER_LEAF_MM = 6;

/** How far a place is from lying under a piece: its face, or the lower half of a sprig. */
export const fromCoverMm = (at: Vec3, q: PlacedPiece): number =>
  q.spine.length
    ? UNDER_LEAF_MM + Math.min(distance(at, must(q.spine[0]).at), distance(at, must(q.spine[1]).at)) - 0.7 * q.body.radialMm
    : distance(at, q.centre) - 0.9 * reachMm(q);

/** A pair too far apart to matter. */
export const FAR = { cost: 0, gapMm: Infinity } as const;

/** What two pieces cost each other, and how far apart they are. `clashing` when they share a colour that should be strewn. */
export function pairCost(p: PlacedPiece, q: PlacedPiece, clashing: boolean): { cost: number; gapMm: number } {
  const reach = p.body.radialMm + p.body.axialMm + q.body.radialMm + q.body.axialMm + PAIR_REACH_MM;
  const [dx, dy, dz] = [p.centre[0] - q.centre[0], p.centre[1] - q.centre[1], p.centre[2] - q.centre[2]];
  if (dx * dx + dy * dy + dz * dz > reach * reach) return FAR;
  const mm = overlapMm(p, q);
  const over = Math.max(0, mm - PETAL_GIVE_MM * 0.5);
  let cost = COST.overlapPerMm * over + COST.overlapSquared * over * over;
  if (!p.spine.length && !q.spine.length && mm > -18) {
    const large = Math.min(p.body.radialMm, q.body.radialMm) / 18;
    const same = Math.max(0, 0.42 - angleBetween(p.axis, q.axis)) / 0.42;
    cost += COST.sameWay * same * Math.min(1.5, large);
    if (clashing && mm > -8) cost += COST.sameColour * Math.min(1.2, large);
  }
  if (p.body.role === 'focal') cost += COST.hidesFocal * standsBefore(p, q);
  if (q.body.role === 'focal') cost += COST.hidesFocal * standsBefore(q, p);
  return { cost, gapMm: -mm };
}

/** How far a piece stands before a face: 0 beside or behind it, 1 before its middle. */
function standsBefore(face: PlacedPiece, q: PlacedPiece): number {
  const { axis, centre, body } = face;
  const [x, y, z] = [q.centre[0] - centre[0], q.centre[1] - centre[1], q.centre[2] - centre[2]];
  const ahead = x * axis[0] + y * axis[1] + z * axis[2] - body.axialMm * 0.6;
  if (ahead <= 0) return 0;
  const beside = Math.sqrt(Math.max(0, x * x + y * y + z * z - (ahead + body.axialMm * 0.6) ** 2));
  const reach = body.radialMm * 0.8 + q.body.radialMm * 0.8;
  return beside >= reach ? 0 : Math.min(1, (1 - beside / reach) * (1 + ahead / body.radialMm));
}

/** What a piece costs by where it stands along the line: too large for its place, too far from the focal point, outside, against the flow. */
export function placeCost(p: PlacedPiece, line: Line, largestMm: number): number {
  const sprig = p.spine.length > 0;
  let cost = 0;
  const x = outwardShare(line, p.piece);
  if (!sprig && !line.closed) cost += COST.tooLargePerMm * Math.max(0, p.body.radialMm * 2 - sizeCeilingMm(largestMm, x));
  if (p.body.role === 'focal' && !line.closed) {
    const zone = focalZoneMm(line.lengthMm);
    cost += (COST.focalAway * Math.max(0, x * line.lengthMm * 0.5 - zone * 0.55)) / zone;
  }
  const half = line.halfWidthMm(p.piece.s);
  cost += COST.outsidePerMm * Math.max(0, Math.abs(p.sideMm) + p.body.radialMm * 0.5 - half * 1.1);
  if (p.body.role === 'foliage') {
    const h = p.piece.headingRad;
    const out = line.closed || p.piece.s > line.focal ? 1 : -1;
    const x = p.piece.s * 2 - 1;
    const y = p.piece.side;
    const along = line.shape === 'disc' ? (Math.cos(h) * x + Math.sin(h) * y) / (Math.hypot(x, y) || 1) : out * Math.cos(h);
    cost += COST.leafAgainstLine * Math.max(0, LEAF_WITH_LINE - along);
  }
  return cost;
}

/** How far sizes are from falling outward along the arms: their correlation, summed in one pass since every try asks for it. */
export function gradingCost(armX: Float64Array, logSize: Float64Array): number {
  let n = 0;
  let [sx, sy, sxx, syy, sxy] = [0, 0, 0, 0, 0];
  for (let i = 0; i < armX.length; i++) {
    const y = must(logSize[i]);
    if (Number.isNaN(y)) continue;
    const x = must(armX[i]);
    n++;
    sx += x;
    sy += y;
    sxx += x * x;
    syy += y * y;
    sxy += x * y;
  }
  const vx = sxx - (sx * sx) / n;
  const vy = syy - (sy * sy) / n;
  if (n < 4 || vx < 1e-9 || vy < 1e-9) return 0;
  const rank = (sxy - (sx * sy) / n) / Math.sqrt(vx * vy);
  return COST.grading * Math.max(0, rank - GRADED) ** 2;
}

/** The flowers' area should follow the line's taper to within this. */
const TAPERED = 0.02;

export const taperCost = (taper: Float64Array, armX: Float64Array, area: Float64Array): number =>
  COST.taper * Math.max(0, taperGap(taper, armX, area) - TAPERED);

/** Another stretch of the line may weigh this share of the heaviest at the focal point. */
const RIVAL = 0.6;

export const rivalCost = (line: Line, placed: readonly PlacedPiece[], heft: Float64Array): number =>
  COST.rival * Math.max(0, heaviestRival(line, placed, heft, focalZoneMm(line.lengthMm)) - RIVAL);

/** How far the weight lies to one side of the line. */
export function balanceCost(placed: readonly PlacedPiece[], heft: Float64Array): number {
  let weight = 0;
  let side = 0;
  for (let i = 0; i < placed.length; i++) {
    const w = must(heft[i]);
    weight += w;
    side += w * must(placed[i]).piece.side;
  }
  return weight > 0 ? COST.sideBalance * (side / weight) ** 2 : 0;
}
