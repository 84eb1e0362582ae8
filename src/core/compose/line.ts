import type { Cake } from '../cake/cake';
import { cakeSkin, type Skin } from '../cake/skin';
import { clamp } from '../geometry/numbers';
import { cross, distance, normalize, sub, type Vec3 } from '../geometry/vec3';
import type { LineForm, LineSpec } from './arrangement';
import { cascade } from './lines/cascade';
import { crescent } from './lines/crescent';
import { posy } from './lines/posy';
import { ring } from './lines/ring';

/** A place on the skin beside the line, with directions: outward, along toward s = 1, and to the + side. */
export interface LineFrame {
  pointMm: Vec3;
  normal: Vec3;
  along: Vec3;
  toSide: Vec3;
}

/** A curve on the skin with its envelope. `s` runs 0…1 by arc length; side in mm. */
export interface Line {
  form: LineForm;
  closed: boolean;
  lengthMm: number;
  focal: number;
  /** distance from the focal point over the arm's length, 0…1 */
  armShare(s: number): number;
  halfWidthMm(s: number): number;
  riseMm(s: number): number;
  at(s: number, sideMm: number): LineFrame;
}

/** What a form draws: a path in the skin's own coordinates, or (posy) frames of its own. */
export type FormMaker<F extends LineForm> = (spec: Extract<LineSpec, { form: F }>, skin: Skin, cake: Cake) => DrawnLine;

export type DrawnLine =
  | { kind: 'path'; closed: boolean; path: readonly PathPoint[] }
  | {
      kind: 'own';
      closed: boolean;
      lengthMm: number;
      at: (s: number, sideMm: number) => LineFrame;
      halfWidthMm(s: number): number;
      riseMm(s: number): number;
    };

/** A point of a path: azimuth (radians) and meridian length (mm). */
export type PathPoint = readonly [azimuthRad: number, meridianMm: number];

const FORMS: { [F in LineForm]: FormMaker<F> } = { crescent, cascade, ring, posy };

const TIP_WIDTH_SHARE = 0.22;

/** Full at the focal point, tapering to the tips: tip + (full − tip)(1 − x^1.7)^0.95. */
const taper = (full: number, x: number): number => {
  const tip = full * TIP_WIDTH_SHARE;
  return tip + (full - tip) * Math.pow(Math.max(0, 1 - Math.pow(clamp(x), 1.7)), 0.95);
};

/** Draws a line on a cake. Returns null for a cake without tiers or a tier that is not there. */
export function drawLine(spec: LineSpec, cake: Cake): Line | null {
  if (cake.tiers.length === 0) return null;
  if ('tier' in spec && spec.tier >= cake.tiers.length) return null;
  const skin = cakeSkin(cake);
  const drawn = (FORMS[spec.form] as FormMaker<LineForm>)(spec as never, skin, cake);
  if (drawn.kind === 'own') {
    return {
      form: spec.form,
      closed: drawn.closed,
      lengthMm: drawn.lengthMm,
      focal: spec.focal,
      armShare: (s) => Math.abs(s - 0.5) * 2,
      halfWidthMm: drawn.halfWidthMm,
      riseMm: drawn.riseMm,
      at: drawn.at,
    };
  }
  return pathLine(spec, skin, drawn.path, drawn.closed);
}

const SAMPLES = 240;

function pathLine(spec: LineSpec, skin: Skin, path: readonly PathPoint[], closed: boolean): Line | null {
  const { points, lengths } = measurePath(skin, path);
  const lengthMm = lengths[lengths.length - 1]!;
  if (!(lengthMm > 1)) return null;
  const focal = spec.focal;
  const even = closed && !('gapRad' in spec && spec.gapRad > 0);
  const armShare = (s: number): number => {
    if (even) {
      const d = Math.abs(s - focal);
      return Math.min(d, 1 - d) * 2;
    }
    return s < focal ? (focal - s) / Math.max(0.05, focal) : (s - focal) / Math.max(0.05, 1 - focal);
  };
  const at = (s: number, sideMm: number): LineFrame => {
    const [azimuth, meridian, dAzimuth, dMeridian] = chartAt(points, lengths, even ? s - Math.floor(s) : clamp(s), lengthMm);
    const here = skin.at(azimuth, meridian);
    const r = Math.max(4, here.radialMm);
    const size = Math.hypot(dAzimuth * r, dMeridian) || 1;
    const ca = (dAzimuth * r) / size;
    const cm = dMeridian / size;
    const off = skin.at(azimuth - (cm * sideMm) / r, meridian + ca * sideMm);
    const raw: Vec3 = [0, 1, 2].map((k) => off.around[k]! * ca + off.downward[k]! * cm) as unknown as Vec3;
    const toSide = normalize(cross(off.normal, raw));
    return {
      pointMm: off.pointMm,
      normal: off.normal,
      along: normalize(cross(toSide, off.normal)),
      toSide: [-toSide[0], -toSide[1], -toSide[2]],
    };
  };
  return {
    form: spec.form,
    closed: even,
    lengthMm,
    focal,
    armShare,
    halfWidthMm: (s) => (even ? spec.widthMm : taper(spec.widthMm, armShare(s))),
    riseMm: (s) => (even ? spec.riseMm : taper(spec.riseMm, armShare(s))),
    at,
  };
}

/** The path resampled finely, with arc length on the skin. */
function measurePath(skin: Skin, path: readonly PathPoint[]): { points: PathPoint[]; lengths: number[] } {
  const points: PathPoint[] = [];
  const lengths: number[] = [];
  let total = 0;
  let last: Vec3 | null = null;
  for (let i = 0; i <= SAMPLES; i++) {
    const x = (i / SAMPLES) * (path.length - 1);
    const k = Math.min(path.length - 2, Math.floor(x));
    const point = spline(path[Math.max(0, k - 1)]!, path[k]!, path[k + 1]!, path[Math.min(path.length - 1, k + 2)]!, x - k);
    const here = skin.at(point[0], point[1]).pointMm;
    if (last) total += distance(here, last);
    last = here;
    points.push(point);
    lengths.push(total);
  }
  return { points, lengths };
}

/** Catmull–Rom through four path points, between the middle two. */
function spline(a: PathPoint, b: PathPoint, c: PathPoint, d: PathPoint, t: number): PathPoint {
  const one = (p: number, q: number, r: number, s: number) =>
    0.5 * (2 * q + (r - p) * t + (2 * p - 5 * q + 4 * r - s) * t * t + (3 * q - p - 3 * r + s) * t * t * t);
  return [one(a[0], b[0], c[0], d[0]), one(a[1], b[1], c[1], d[1])];
}

/** Place and direction in the chart at arc-length share s. */
function chartAt(
  points: readonly PathPoint[],
  lengths: readonly number[],
  s: number,
  lengthMm: number,
): [number, number, number, number] {
  const want = s * lengthMm;
  let low = 0;
  let high = lengths.length - 1;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (lengths[mid]! <= want) low = mid;
    else high = mid;
  }
  const a = points[low]!;
  const b = points[high]!;
  const span = lengths[high]! - lengths[low]! || 1;
  const t = (want - lengths[low]!) / span;
  return [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, b[0] - a[0], b[1] - a[1]];
}

/** Nearest place of the line's own strip to a world point: s and side in mm. A coarse search, then refined. */
export function nearestOnLine(line: Line, point: Vec3): { s: number; sideMm: number; distanceMm: number } {
  let best = { s: 0, sideMm: 0, distanceMm: Infinity };
  const sides = [-1.2, -0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9, 1.2];
  const look = (s: number, sideMm: number) => {
    const d = distance(line.at(s, sideMm).pointMm, point);
    if (d < best.distanceMm) best = { s, sideMm, distanceMm: d };
  };
  for (let i = 0; i <= 60; i++) for (const k of sides) look(i / 60, k * line.halfWidthMm(i / 60));
  for (let step = 1 / 60, across = line.halfWidthMm(best.s) * 0.3, i = 0; i < 7; i++, step /= 2, across /= 2) {
    const { s, sideMm } = best;
    for (const ds of [-step, 0, step]) for (const dw of [-across, 0, across]) look(clamp(s + ds), sideMm + dw);
  }
  return best;
}

/** Directions that a frame gives for a tilt from the normal and a heading from `along` toward `toSide`. */
export function directionAt(frame: LineFrame, tiltRad: number, headingRad: number): Vec3 {
  const flat = Math.sin(tiltRad);
  const a = Math.cos(headingRad) * flat;
  const b = Math.sin(headingRad) * flat;
  const n = Math.cos(tiltRad);
  return normalize([0, 1, 2].map((k) => frame.along[k]! * a + frame.toSide[k]! * b + frame.normal[k]! * n) as unknown as Vec3);
}

export const lineVector = (line: Line, s: number): Vec3 =>
  normalize(sub(line.at(clamp(s + 0.01), 0).pointMm, line.at(clamp(s - 0.01), 0).pointMm));
