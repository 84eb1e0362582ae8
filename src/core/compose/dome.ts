import { stackTiers, type Cake } from '../cake/cake';
import { clamp } from '../geometry/numbers';
import { FRONT_AZIMUTH_RAD } from '../geometry/units';
import { add, cross, normalize, rotateAbout, sub, type Vec3 } from '../geometry/vec3';
import type { DrawnLine, LineFrame, Stand } from './line';
import { must } from '../geometry/must';

export interface OnTop {
  tier: number;
  xMm: number;
  yMm: number;
  standMm: number;
}

/** The stem of a raised form: up from its place on a tier's top. */
export function standOn(cake: Cake, place: OnTop): Stand {
  const { topMm, outline } = must(stackTiers(cake)[place.tier]);
  const x = outline.xMm + place.xMm;
  const y = outline.yMm + place.yMm;
  return { footMm: [x, y, topMm], topMm: [x, y, topMm + place.standMm] };
}

/** What a form drew toward the front, turned about its place on the tier so that it faces another way. */
export function facing(drawn: Own, cake: Cake, place: Omit<OnTop, 'standMm'> & { facesRad: number }): Own {
  const turn = place.facesRad - FRONT_AZIMUTH_RAD;
  if (Math.abs(turn) < 1e-9) return drawn;
  const pivot = standOn(cake, { ...place, standMm: 0 }).footMm;
  const way = (v: Vec3): Vec3 => rotateAbout(v, [0, 0, 1], turn);
  const point = (p: Vec3): Vec3 => add(pivot, way(sub(p, pivot)));
  const { plate } = drawn;
  return {
    ...drawn,
    at: (s, sideMm) => {
      const f = drawn.at(s, sideMm);
      return { pointMm: point(f.pointMm), normal: way(f.normal), along: way(f.along), toSide: way(f.toSide) };
    },
    plate: plate && {
      ...plate,
      centreMm: point(plate.centreMm),
      letteringMm: point(plate.letteringMm),
      across: way(plate.across),
      up: way(plate.up),
      normal: way(plate.normal),
    },
  };
}

export interface Dome {
  radiusMm: number;
  riseMm: number;
  /** flowers stand on a soft dome of this share of the rise */
  domeShare: number;
  /** normals lean out to this much at its rim */
  rimLeanRad: number;
}

type Own = Extract<DrawnLine, { kind: 'own' }>;

/** A disc on a stand's top: s from left to right, side from front to back, arched into a dome whose normals lean outward. */
export function domeOnTop(
  stand: Stand,
  { radiusMm: R, riseMm, domeShare, rimLeanRad }: Dome,
): Pick<Own, 'lengthMm' | 'halfWidthMm' | 'riseMm' | 'at'> {
  const at = (s: number, sideMm: number): LineFrame => {
    const x = (clamp(s) * 2 - 1) * R;
    const share = clamp(Math.hypot(x, sideMm) / R);
    const lift = riseMm * domeShare * Math.sqrt(1 - Math.min(0.999, share * share));
    const lean = rimLeanRad * share;
    const out = Math.hypot(x, sideMm) || 1;
    const normal: Vec3 = normalize([(x / out) * Math.sin(lean), (sideMm / out) * Math.sin(lean), Math.cos(lean)]);
    const along = normalize([normal[2], 0, -normal[0]], [1, 0, 0]);
    const [cx, cy, cz] = stand.topMm;
    return { pointMm: [cx + x, cy + sideMm, cz + lift], normal, along, toSide: cross(normal, along) };
  };
  return {
    lengthMm: R * 2,
    halfWidthMm: (s) => R * Math.sqrt(Math.max(0.02, 1 - (2 * clamp(s) - 1) ** 2)),
    riseMm: () => riseMm,
    at,
  };
}
