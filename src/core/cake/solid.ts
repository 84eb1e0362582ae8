import type { Vec3 } from '../geometry/vec3';
import { addScaled, distance, mix, normalize } from '../geometry/vec3';
import { stackTiers, type Cake, type StackedTier } from './cake';
import { must } from '../geometry/must';

/** The cake as a solid: distances, normals, and rays into it. Points in mm in the cake's frame. */
export interface CakeSolid {
  tiers: readonly StackedTier[];
  boardRadiusMm: number;
  /** Negative inside, positive outside, to the nearest exposed face; the board counts as floor. +Infinity for no tiers. */
  signedDistanceMm(point: Vec3): number;
  /** Outward direction of steepest increase of the distance. */
  normalAt(point: Vec3): Vec3;
  /** The tier that a point lies in, or null. */
  tierAt(point: Vec3): StackedTier | null;
  /** How far a ray from a point on or above the skin runs before it leaves the tier it entered, and what ends it. */
  rayInto(origin: Vec3, direction: Vec3): RayIntoCake | null;
}

export interface RayIntoCake {
  tier: StackedTier;
  /** From the origin to the skin. */
  toSkinMm: number;
  entry: Vec3;
  /** Path inside the tier's body. */
  insideMm: number;
  meets: 'board' | 'tier below' | 'far side' | 'top' | 'dowel';
}

/** Signed distance to one tier taken alone: an upright prism with a softened top edge. */
function tierDistance(tier: StackedTier, x: number, y: number, z: number): number {
  const a = tier.outline.signedMm(x, y);
  const b = z - tier.topMm;
  const e = tier.edgeMm;
  const upper = a > -e && b > -e ? Math.hypot(a + e, b + e) - e : Math.max(a, b);
  return Math.max(upper, tier.footMm - z);
}

/** Inside a stack only exposed faces count: the side, and the part of the top that the next tier leaves free. */
function insideDistance(tiers: readonly StackedTier[], k: number, x: number, y: number, z: number): number {
  const tier = must(tiers[k]);
  const above = tiers[k + 1];
  const side = sideDepth(tier, x, y, z);
  if (!above) return Math.min(side, tier.topMm - z);
  const ledge = Math.hypot(Math.max(0, -above.outline.signedMm(x, y)), tier.topMm - z);
  return Math.min(side, ledge);
}

/** Depth below the side wall, rounded edge included, as if the top were closed above. */
function sideDepth(tier: StackedTier, x: number, y: number, z: number): number {
  const e = tier.edgeMm;
  const a = tier.outline.signedMm(x, y);
  const b = z - tier.topMm;
  return a > -e && b > -e ? e - Math.hypot(a + e, b + e) : -a;
}

function rayCylinder(origin: Vec3, direction: Vec3, cx: number, cy: number, radius: number): [number, number] | null {
  const ox = origin[0] - cx;
  const oy = origin[1] - cy;
  const a = direction[0] ** 2 + direction[1] ** 2;
  const c = ox * ox + oy * oy - radius * radius;
  if (a < 1e-12) return c <= 0 ? [-Infinity, Infinity] : null;
  const b = ox * direction[0] + oy * direction[1];
  const disc = b * b - a * c;
  if (disc < 0) return null;
  const root = Math.sqrt(disc);
  return [(-b - root) / a, (-b + root) / a];
}

function raySlab(z: number, dz: number, low: number, high: number): [number, number] | null {
  if (Math.abs(dz) < 1e-12) return z >= low && z <= high ? [-Infinity, Infinity] : null;
  const t1 = (low - z) / dz;
  const t2 = (high - z) / dz;
  return t1 < t2 ? [t1, t2] : [t2, t1];
}

/** Where a ray enters and leaves an upright cylinder, as lengths along it; null if it misses or lies behind. */
function rayUpright(
  origin: Vec3,
  direction: Vec3,
  body: { xMm: number; yMm: number; radiusMm: number; fromMm: number; toMm: number },
): [number, number] | null {
  const round = rayCylinder(origin, direction, body.xMm, body.yMm, body.radiusMm);
  const slab = raySlab(origin[2], direction[2], body.fromMm, body.toMm);
  if (!round || !slab) return null;
  const enter = Math.max(round[0], slab[0]);
  const leave = Math.min(round[1], slab[1]);
  return enter < leave && leave > 0 ? [enter, leave] : null;
}

/** Where a ray enters and leaves a tier's prism: the round one round it first, then in from both ends by the plan's distance. */
function rayPrism(origin: Vec3, direction: Vec3, tier: StackedTier): [number, number] | null {
  const { xMm, yMm, farMm, signedMm } = tier.outline;
  const round = rayUpright(origin, direction, { xMm, yMm, radiusMm: farMm, fromMm: tier.footMm, toMm: tier.topMm });
  const flat = Math.hypot(direction[0], direction[1]);
  if (!round || tier.tier.shape === 'round') return round;
  const outside = (t: number) => signedMm(origin[0] + direction[0] * t, origin[1] + direction[1] * t);
  if (flat < 1e-9) return outside(0) <= 0 ? round : null;
  let [enter, leave] = round;
  for (let i = 0; i < 80 && enter < leave && outside(enter) > 1e-4; i++) enter += Math.max(1e-4, outside(enter)) / flat;
  for (let i = 0; i < 80 && enter < leave && outside(leave) > 1e-4; i++) leave -= Math.max(1e-4, outside(leave)) / flat;
  return enter < leave && leave > 0 ? [enter, leave] : null;
}

export function cakeSolid(cake: Cake): CakeSolid {
  const tiers = stackTiers(cake);

  const signedDistanceMm = (point: Vec3): number => {
    const [x, y, z] = point;
    let outside = Infinity;
    for (let k = 0; k < tiers.length; k++) {
      const d = tierDistance(must(tiers[k]), x, y, z);
      if (d <= 0) return Math.min(-insideDistance(tiers, k, x, y, z), 0);
      outside = Math.min(outside, d);
    }
    return outside;
  };

  const normalAt = (point: Vec3): Vec3 => {
    const e = 0.05;
    const gradient: Vec3 = [
      signedDistanceMm([point[0] + e, point[1], point[2]]) - signedDistanceMm([point[0] - e, point[1], point[2]]),
      signedDistanceMm([point[0], point[1] + e, point[2]]) - signedDistanceMm([point[0], point[1] - e, point[2]]),
      signedDistanceMm([point[0], point[1], point[2] + e]) - signedDistanceMm([point[0], point[1], point[2] - e]),
    ];
    return normalize(gradient);
  };

  const tierAt = (point: Vec3): StackedTier | null =>
    tiers.find((tier) => tierDistance(tier, point[0], point[1], point[2]) <= 1e-6) ?? null;

  const rayInto = (origin: Vec3, direction: Vec3): RayIntoCake | null => {
    let first: { tier: StackedTier; enter: number; leave: number } | null = null;
    for (const tier of tiers) {
      const hit = rayPrism(origin, direction, tier);
      if (hit && hit[1] > 0.01 && (!first || hit[0] < first.enter)) first = { tier, enter: hit[0], leave: hit[1] };
    }
    if (!first) return null;
    const { tier } = first;
    const toSkinMm = marchToSkin(signedDistanceMm, origin, direction, Math.max(0, first.enter));
    let leave = first.leave;
    let meets = exitFace({ tier, origin, direction, leave });
    for (const dowel of cake.dowels) {
      const hit = rayUpright(origin, direction, { ...dowel, radiusMm: dowel.diameterMm / 2 });
      if (hit && hit[1] > toSkinMm && Math.max(hit[0], toSkinMm) < leave) {
        leave = Math.max(hit[0], toSkinMm);
        meets = 'dowel';
      }
    }
    const entry: Vec3 = [
      origin[0] + direction[0] * toSkinMm,
      origin[1] + direction[1] * toSkinMm,
      origin[2] + direction[2] * toSkinMm,
    ];
    return { tier, toSkinMm, entry, insideMm: Math.max(0, leave - toSkinMm), meets };
  };

  return { tiers, boardRadiusMm: cake.board.diameterMm / 2, signedDistanceMm, normalAt, tierAt, rayInto };
}

/** The softened edge lies inside the plain prism: step on until the true skin is reached. */
function marchToSkin(distanceMm: (p: Vec3) => number, origin: Vec3, direction: Vec3, from: number): number {
  let t = from;
  for (let i = 0; i < 60; i++) {
    const d = distanceMm([origin[0] + direction[0] * t, origin[1] + direction[1] * t, origin[2] + direction[2] * t]);
    if (d <= 0.02) break;
    t += Math.max(0.02, d);
  }
  return t;
}

interface ExitFaceOptions {
  tier: StackedTier;
  origin: Vec3;
  direction: Vec3;
  leave: number;
}

function exitFace({ tier, origin, direction, leave }: ExitFaceOptions): RayIntoCake['meets'] {
  const z = origin[2] + direction[2] * leave;
  if (Math.abs(z - tier.footMm) < 1e-3) return tier.index === 0 ? 'board' : 'tier below';
  return Math.abs(z - tier.topMm) < 1e-3 ? 'top' : 'far side';
}

/** Between two points of a stem so near each other nothing is looked for; nor more often than so many times halved. */
const SHORTEST_MM = 3;
const MOST_HALVINGS = 4;

interface KeepStemClearOptions {
  curve: readonly Vec3[];
  solid: CakeSolid;
  clearMm: number;
  leaveMm: number;
}

/**
 * Bends a stem out of the cake: what is nearer to the skin than `clearMm` is moved out along the skin's normal, all but the
 * last `leaveMm` before its end, where it may go in. Points are put in where a straight piece would cut a corner.
 */
export function keepStemClear({ curve, solid, clearMm, leaveMm }: KeepStemClearOptions): Vec3[] {
  const end = curve[curve.length - 1];
  if (!end) return [];
  /** the same point where it is clear */
  const moved = (point: Vec3): Vec3 => {
    const toEnd = distance(point, end);
    const want = toEnd < leaveMm ? (clearMm * toEnd) / leaveMm : clearMm;
    const here = solid.signedDistanceMm(point);
    return here >= want ? point : addScaled(point, solid.normalAt(point), want - here);
  };
  const between = (a: Vec3, b: Vec3, halvings = 0): Vec3[] => {
    if (halvings === MOST_HALVINGS || distance(a, b) < SHORTEST_MM) return [];
    const straight = mix(a, b, 0.5);
    const middle = moved(straight);
    const [before, after] = [between(a, middle, halvings + 1), between(middle, b, halvings + 1)];
    return middle === straight && !before.length && !after.length ? [] : [...before, middle, ...after];
  };
  const bent = curve.map((point, i) => (i === 0 || i === curve.length - 1 ? point : moved(point)));
  return bent.flatMap((point, i) => (i === 0 ? [point] : [...between(must(bent[i - 1]), point), point]));
}
