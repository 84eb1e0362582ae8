import { TAU } from '../geometry/numbers';
import type { Vec3 } from '../geometry/vec3';
import { normalize } from '../geometry/vec3';
import { stackTiers, type Cake, type StackedTier } from './cake';
import { must } from '../geometry/must';

/**
 * The skin unrolled about its pole, the middle of the top tier. A place on it is an azimuth (radians, front −π/2,
 * counter-clockwise seen from above) and a meridian length: from the pole outward over the top, down the side, over each
 * ledge, to the board and outward on it. Meridian lengths are true millimetres on edges and sides; on tops and ledges they are
 * true on round tiers about the pole and stretched in proportion elsewhere, so that one length is one place on every azimuth.
 */
export interface Skin {
  /** all tiers round about the pole: azimuth and meridian are square to each other and true everywhere */
  even: boolean;
  /** Meridian length at which the board begins. */
  lengthMm: number;
  at(azimuthRad: number, meridianMm: number): SkinPoint;
  /** Meridian place of a tier's parts. */
  spans: readonly TierSpan[];
}

export interface SkinPoint {
  pointMm: Vec3;
  /** Outward, blended over edges and ledges so that what stands on it does not jump. */
  normal: Vec3;
  /** Along the meridian, away from the top. */
  downward: Vec3;
  /** Counter-clockwise round the cake. */
  around: Vec3;
  radialMm: number;
  tierIndex: number;
  face: Face;
}

type Face = 'top' | 'edge' | 'side' | 'board';

interface TierSpan {
  tierIndex: number;
  topFromMm: number;
  edgeFromMm: number;
  sideFromMm: number;
  sideToMm: number;
}

/** Normals are averaged over this much of the meridian to each side; positions stay exact. */
const NORMAL_BLEND_MM = 14;
const BLEND_STEPS = 14;
const TABLE_STEP_MM = 1;

/** A place at a meridian length, horizontally from the pole. */
interface Place {
  x: number;
  y: number;
  z: number;
}

/** Outward and upward share of the normal at a meridian length, the same at every azimuth. */
interface Profile {
  nr: number;
  nz: number;
}

interface Stretch {
  fromMm: number;
  toMm: number;
  tierIndex: number;
  face: Face;
  profile(mm: number): Profile;
  place(azimuthRad: number, mm: number): Place;
}

/** Where an outline lies along an azimuth from the pole, and which way it looks there. */
interface Rim {
  x: number;
  y: number;
  nx: number;
  ny: number;
}

type RimAt = (azimuthRad: number) => Rim;

const RIM_STEPS = 1440;

/** A tier's outline drawn in by its edge radius. Round tiers about the pole are exact; others are laid down in a table. */
function rimOf(tier: StackedTier, pole: readonly [number, number]): RimAt {
  const { outline, edgeMm } = tier;
  if (tier.tier.shape === 'round' && outline.xMm === pole[0] && outline.yMm === pole[1]) {
    const r = tier.radiusMm - edgeMm;
    return (a) => ({ x: r * Math.cos(a), y: r * Math.sin(a), nx: Math.cos(a), ny: Math.sin(a) });
  }
  const exact = (a: number): Rim => {
    const reach = outline.reachMm(pole[0], pole[1], a, edgeMm);
    const x = reach * Math.cos(a);
    const y = reach * Math.sin(a);
    const [nx, ny] = outline.outwardAt(pole[0] + x, pole[1] + y);
    return { x, y, nx, ny };
  };
  let table: Rim[] | null = null;
  return (a) => {
    table ??= Array.from({ length: RIM_STEPS + 1 }, (_, i) => exact((i / RIM_STEPS) * TAU));
    const at = ((((a % TAU) + TAU) % TAU) / TAU) * RIM_STEPS;
    const k = Math.min(RIM_STEPS - 1, Math.floor(at));
    const t = at - k;
    const [p, q] = [must(table[k]), must(table[k + 1])];
    const nx = p.nx + (q.nx - p.nx) * t;
    const ny = p.ny + (q.ny - p.ny) * t;
    const size = Math.hypot(nx, ny) || 1;
    return { x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t, nx: nx / size, ny: ny / size };
  };
}

/** The same rim moved out by some millimetres, square to itself. */
const beyond = (rim: Rim, mm: number): Rim => ({ ...rim, x: rim.x + rim.nx * mm, y: rim.y + rim.ny * mm });

const LEAST_LEDGE_MM = 4;

function tierStretches(
  tier: StackedTier,
  rim: RimAt,
  above: { radiusMm: number; foot: RimAt } | null,
  fromMm: number,
): { stretches: Stretch[]; span: TierSpan } {
  const { radiusMm: R, edgeMm: e, topMm, footMm, index } = tier;
  const flat = Math.max(LEAST_LEDGE_MM, R - e - (above?.radiusMm ?? 0));
  const edgeFromMm = fromMm + flat;
  const sideFromMm = edgeFromMm + (e * Math.PI) / 2;
  const sideToMm = sideFromMm + topMm - e - footMm;
  const turn = (mm: number) => (e > 0 ? mm / e : 0);
  const stretches: Stretch[] = [
    {
      tierIndex: index,
      fromMm,
      toMm: edgeFromMm,
      face: 'top',
      profile: () => ({ nr: 0, nz: 1 }),
      place: (a, m) => {
        const out = rim(a);
        const inner = above?.foot(a) ?? { x: 0, y: 0 };
        const t = m / flat;
        return { x: inner.x + (out.x - inner.x) * t, y: inner.y + (out.y - inner.y) * t, z: topMm };
      },
    },
    {
      tierIndex: index,
      fromMm: edgeFromMm,
      toMm: sideFromMm,
      face: 'edge',
      profile: (m) => ({ nr: Math.sin(turn(m)), nz: Math.cos(turn(m)) }),
      place: (a, m) => ({ ...beyond(rim(a), e * Math.sin(turn(m))), z: topMm - e + e * Math.cos(turn(m)) }),
    },
    {
      tierIndex: index,
      fromMm: sideFromMm,
      toMm: sideToMm,
      face: 'side',
      profile: () => ({ nr: 1, nz: 0 }),
      place: (a, m) => ({ ...beyond(rim(a), e), z: topMm - e - m }),
    },
  ];
  return { stretches, span: { tierIndex: index, topFromMm: fromMm, edgeFromMm, sideFromMm, sideToMm } };
}

/**
 * Normals averaged along the meridian and laid down in a table, each tier's outward share apart because each looks outward in
 * its own way; between entries they are mixed. Past its end they look up.
 */
function blendedNormals(
  find: (m: number) => Stretch,
  tierCount: number,
  toMm: number,
): (m: number) => { outward: readonly number[]; up: number } {
  const count = Math.ceil(toMm / TABLE_STEP_MM) + 2;
  const outward = Array.from({ length: tierCount }, () => new Float64Array(count));
  const up = new Float64Array(count);
  for (let k = 0; k < count; k++) {
    for (let i = -BLEND_STEPS; i <= BLEND_STEPS; i++) {
      const m = k * TABLE_STEP_MM + (i * NORMAL_BLEND_MM) / BLEND_STEPS;
      const stretch = find(Math.abs(m));
      const here = stretch.profile(Math.abs(m) - stretch.fromMm);
      const weight = 1 - Math.abs(i) / (BLEND_STEPS + 1);
      if (stretch.tierIndex >= 0) {
        const ofTier = must(outward[stretch.tierIndex]);
        ofTier[k] = must(ofTier[k]) + (m < 0 ? -here.nr : here.nr) * weight;
      }
      up[k] = must(up[k]) + here.nz * weight;
    }
  }
  return (m) => {
    const x = m / TABLE_STEP_MM;
    const k = Math.min(count - 2, Math.floor(x));
    const t = Math.min(1, x - k);
    const at = (table: Float64Array) => must(table[k]) + (must(table[k + 1]) - must(table[k])) * t;
    return { outward: outward.map(at), up: at(up) };
  };
}

const skins = new WeakMap<Cake, Skin>();

/** The skin of a cake, unrolled once for each cake. */
export function cakeSkin(cake: Cake): Skin {
  const known = skins.get(cake);
  if (known) return known;
  const skin = unrollSkin(cake);
  skins.set(cake, skin);
  return skin;
}

/** Every stretch of the meridian from the pole down, and outward on the board. */
function stretchesOf(tiers: readonly StackedTier[], rims: readonly RimAt[]): { stretches: Stretch[]; spans: TierSpan[] } {
  const stretches: Stretch[] = [];
  const spans: TierSpan[] = [];
  const footOf =
    (k: number): RimAt =>
    (a) =>
      beyond(must(rims[k])(a), must(tiers[k]).edgeMm);
  let fromMm = 0;
  for (const tier of [...tiers].reverse()) {
    const above = tiers[tier.index + 1];
    const on = above ? { radiusMm: above.radiusMm, foot: footOf(above.index) } : null;
    const made = tierStretches(tier, must(rims[tier.index]), on, fromMm);
    stretches.push(...made.stretches);
    spans.unshift(made.span);
    fromMm = made.span.sideToMm;
  }
  stretches.push({
    fromMm,
    toMm: Infinity,
    tierIndex: -1,
    face: 'board',
    profile: () => ({ nr: 0, nz: 1 }),
    place: (a, m) => (tiers.length ? { ...beyond(footOf(0)(a), m), z: 0 } : { x: m * Math.cos(a), y: m * Math.sin(a), z: 0 }),
  });
  return { stretches, spans };
}

function unrollSkin(cake: Cake): Skin {
  const tiers = stackTiers(cake);
  const top = tiers[tiers.length - 1]?.outline;
  const pole = [top?.xMm ?? 0, top?.yMm ?? 0] as const;
  const rims = tiers.map((tier) => rimOf(tier, pole));
  const { stretches, spans } = stretchesOf(tiers, rims);
  const last = must(stretches[stretches.length - 1]);
  const find = (m: number): Stretch => stretches.find((s) => m < s.toMm) ?? last;
  const blended = blendedNormals(find, tiers.length, last.fromMm + 80);

  const at = (azimuthRad: number, meridianMm: number): SkinPoint => {
    const crossed = meridianMm < 0;
    const azimuth = crossed ? azimuthRad + Math.PI : azimuthRad;
    const stretch = find(Math.abs(meridianMm));
    const here = stretch.place(azimuth, Math.abs(meridianMm) - stretch.fromMm);
    const { outward, up } = blended(Math.abs(meridianMm));
    let x = 0;
    let y = 0;
    outward.forEach((share, k) => {
      if (share === 0) return;
      const rim = must(rims[k])(azimuth);
      x += rim.nx * share;
      y += rim.ny * share;
    });
    const normal = normalize([x, y, up], [0, 0, 1]);
    const lean = Math.hypot(normal[0], normal[1]);
    const rim = rims[Math.max(0, stretch.tierIndex)]?.(azimuth) ?? { nx: Math.cos(azimuth), ny: Math.sin(azimuth) };
    const [ox, oy] = lean > 1e-6 ? [normal[0] / lean, normal[1] / lean] : [rim.nx, rim.ny];
    const flip = crossed ? -1 : 1;
    return {
      pointMm: [pole[0] + here.x, pole[1] + here.y, here.z],
      normal,
      downward: [ox * normal[2] * flip, oy * normal[2] * flip, -lean * flip],
      around: [-oy * flip, ox * flip, 0],
      radialMm: Math.hypot(here.x, here.y),
      tierIndex: stretch.tierIndex,
      face: stretch.face,
    };
  };
  const even = tiers.every((t) => t.tier.shape === 'round' && t.outline.xMm === pole[0] && t.outline.yMm === pole[1]);
  return { even, lengthMm: last.fromMm, at, spans };
}

/** The azimuth of a point seen from above, 0…2π. */
export const azimuthOf = (point: Vec3): number => (Math.atan2(point[1], point[0]) + TAU) % TAU;
