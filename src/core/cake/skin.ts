import { clamp, TAU } from '../geometry/numbers';
import type { Vec3 } from '../geometry/vec3';
import { normalize } from '../geometry/vec3';
import { stackTiers, type Cake, type StackedTier } from './cake';

/**
 * The skin unrolled. A place on it is an azimuth (radians, front −π/2, counter-clockwise seen from above) and a
 * meridian length: millimetres from the centre of the cake's top, outward over the top, down the side, over each
 * ledge, to the board and outward on it.
 */
export interface Skin {
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

export type Face = 'top' | 'edge' | 'side' | 'board';

export interface TierSpan {
  tierIndex: number;
  topFromMm: number;
  edgeFromMm: number;
  sideFromMm: number;
  sideToMm: number;
}

/** Normals are averaged over this much of the meridian to each side; positions stay exact. */
export const NORMAL_BLEND_MM = 14;
const BLEND_STEPS = 14;
const TABLE_STEP_MM = 1;

interface Stretch {
  fromMm: number;
  toMm: number;
  tierIndex: number;
  face: Face;
  /** radius and height at a distance into the stretch, with the outward normal in the meridian plane */
  place(mm: number): { r: number; z: number; nr: number; nz: number };
}

function tierStretches(tier: StackedTier, innerR: number, fromMm: number): { stretches: Stretch[]; span: TierSpan } {
  const { radiusMm: R, edgeMm: e, topMm, footMm, index } = tier;
  const flat = Math.max(0, R - e - innerR);
  const arc = (e * Math.PI) / 2;
  const wall = topMm - e - footMm;
  const edgeFromMm = fromMm + flat;
  const sideFromMm = edgeFromMm + arc;
  const sideToMm = sideFromMm + wall;
  const stretches: Stretch[] = [
    { fromMm, toMm: edgeFromMm, tierIndex: index, face: 'top', place: (m) => ({ r: innerR + m, z: topMm, nr: 0, nz: 1 }) },
    {
      fromMm: edgeFromMm,
      toMm: sideFromMm,
      tierIndex: index,
      face: 'edge',
      place: (m) => {
        const a = e > 0 ? m / e : 0;
        return { r: R - e + e * Math.sin(a), z: topMm - e + e * Math.cos(a), nr: Math.sin(a), nz: Math.cos(a) };
      },
    },
    {
      fromMm: sideFromMm,
      toMm: sideToMm,
      tierIndex: index,
      face: 'side',
      place: (m) => ({ r: R, z: topMm - e - m, nr: 1, nz: 0 }),
    },
  ];
  return { stretches, span: { tierIndex: index, topFromMm: fromMm, edgeFromMm, sideFromMm, sideToMm } };
}

interface MeridianPlace {
  nr: number;
  nz: number;
}

/** Normals in the meridian plane, averaged and laid down in a table; between its entries they are mixed. Past its end they look up. */
function blendedNormals(place: (m: number) => MeridianPlace, toMm: number): (m: number) => MeridianPlace {
  const count = Math.ceil(toMm / TABLE_STEP_MM) + 2;
  const radial = new Float64Array(count);
  const up = new Float64Array(count);
  for (let k = 0; k < count; k++) {
    for (let i = -BLEND_STEPS; i <= BLEND_STEPS; i++) {
      const m = k * TABLE_STEP_MM + (i * NORMAL_BLEND_MM) / BLEND_STEPS;
      const here = place(Math.abs(m));
      const weight = 1 - Math.abs(i) / (BLEND_STEPS + 1);
      radial[k]! += (m < 0 ? -here.nr : here.nr) * weight;
      up[k]! += here.nz * weight;
    }
  }
  return (m) => {
    const x = m / TABLE_STEP_MM;
    const k = Math.min(count - 2, Math.floor(x));
    const t = Math.min(1, x - k);
    const nr = radial[k]! + (radial[k + 1]! - radial[k]!) * t;
    const nz = up[k]! + (up[k + 1]! - up[k]!) * t;
    const size = Math.hypot(nr, nz) || 1;
    return { nr: nr / size, nz: nz / size };
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

function unrollSkin(cake: Cake): Skin {
  const tiers = stackTiers(cake);
  const stretches: Stretch[] = [];
  const spans: TierSpan[] = [];
  let fromMm = 0;
  let innerR = 0;
  for (const tier of [...tiers].reverse()) {
    const made = tierStretches(tier, innerR, fromMm);
    stretches.push(...made.stretches);
    spans.unshift(made.span);
    fromMm = made.span.sideToMm;
    innerR = tier.radiusMm;
  }
  const lengthMm = fromMm;
  stretches.push({
    fromMm,
    toMm: Infinity,
    tierIndex: -1,
    face: 'board',
    place: (m) => ({ r: innerR + m, z: 0, nr: 0, nz: 1 }),
  });

  const find = (m: number): Stretch => stretches.find((s) => m < s.toMm) ?? stretches[stretches.length - 1]!;
  const place = (m: number) => {
    const stretch = find(Math.max(0, m));
    return { stretch, ...stretch.place(Math.max(0, m) - stretch.fromMm) };
  };
  const blended = blendedNormals(place, lengthMm + 80);

  const at = (azimuthRad: number, meridianMm: number): SkinPoint => {
    const crossed = meridianMm < 0;
    const azimuth = crossed ? azimuthRad + Math.PI : azimuthRad;
    const here = place(Math.abs(meridianMm));
    const n = blended(Math.abs(meridianMm));
    const c = Math.cos(azimuth);
    const s = Math.sin(azimuth);
    const normal = normalize([c * n.nr, s * n.nr, n.nz]);
    const flip = crossed ? -1 : 1;
    return {
      pointMm: [c * here.r, s * here.r, here.z],
      normal,
      downward: [c * n.nz * flip, s * n.nz * flip, -n.nr * flip],
      around: [-s * flip, c * flip, 0],
      radialMm: here.r,
      tierIndex: here.stretch.tierIndex,
      face: here.stretch.face,
    };
  };
  return { lengthMm, at, spans };
}

/** The azimuth of a point seen from above, 0…2π. */
export const azimuthOf = (point: Vec3): number => (Math.atan2(point[1], point[0]) + TAU) % TAU;

/** The meridian length of the skin point nearest to a place, by search along the meridian of its own azimuth. */
export function meridianNear(skin: Skin, point: Vec3): number {
  const azimuth = azimuthOf(point);
  let best = 0;
  let bestD = Infinity;
  const d2 = (m: number) => {
    const p = skin.at(azimuth, m).pointMm;
    return (p[0] - point[0]) ** 2 + (p[1] - point[1]) ** 2 + (p[2] - point[2]) ** 2;
  };
  for (let m = 0; m <= skin.lengthMm + 40; m += 4) {
    const d = d2(m);
    if (d < bestD) [bestD, best] = [d, m];
  }
  for (let step = 2; step > 0.05; step /= 2) {
    for (const m of [best - step, best + step]) {
      const d = d2(Math.max(0, m));
      if (d < bestD) [bestD, best] = [d, clamp(m, 0, Infinity)];
    }
  }
  return best;
}
