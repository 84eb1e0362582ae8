import type { Cake } from '../cake/cake';
import { cakeSkin, type Skin, type SkinPoint } from '../cake/skin';
import { clamp } from '../geometry/numbers';
import { add, cross, distance, dot, normalize, scale, sub, type Vec3 } from '../geometry/vec3';
import type { LineSpec } from './arrangement';
import type { LineForm } from './lineKinds';
import { armShareFrom, taper } from './taper';
import { facing } from './dome';
import { lineKind } from './lineKinds';
import { must } from '../geometry/must';

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
  /** open between two tips, closed upon itself, or a disc that is judged from its middle */
  shape: 'open' | 'ring' | 'disc';
  closed: boolean;
  lengthMm: number;
  focal: number;
  /** distance from the focal point over the arm's length, 0…1 */
  armShare(s: number): number;
  halfWidthMm(s: number): number;
  riseMm(s: number): number;
  at(s: number, sideMm: number): LineFrame;
  /** one stem that holds everything up: where it enters and how high it stands; null where pieces go in on their own */
  stand: Stand | null;
  /** a plaque that pieces are glued to, with the part kept free for its lettering */
  plate: Plate | null;
  /** loose pieces lie strewn over it; null where they are composed */
  strewn: Strewn | null;
}

/** What of a stretch its loose pieces cover, and where across it the edge of the tier runs. */
interface Strewn {
  coverShare: number;
  edgeSideMm: number;
}

export interface Stand {
  footMm: Vec3;
  topMm: Vec3;
}

/** A flat plaque: its own axes, its outline as one reads it, and the box that the lettering needs. */
export interface Plate {
  centreMm: Vec3;
  across: Vec3;
  up: Vec3;
  normal: Vec3;
  thicknessMm: number;
  outlineMm: readonly (readonly [x: number, y: number])[];
  letteringHalfMm: readonly [across: number, up: number];
  /** middle of the lettering: off the plaque's own, away from its flowers */
  letteringMm: Vec3;
  lettering: string;
  upright: boolean;
  colour: string;
}

/** What a form draws: a path in the skin's own coordinates, or (on a top) frames of its own. */
export type DrawnLine =
  | { kind: 'path'; closed: boolean; path: readonly PathPoint[]; strewn?: Strewn }
  | {
      kind: 'own';
      shape: 'open' | 'disc';
      stand?: Stand;
      plate?: Plate;
      lengthMm: number;
      at: (s: number, sideMm: number) => LineFrame;
      halfWidthMm(s: number): number;
      riseMm(s: number): number;
    };

/** A point of a path: azimuth (radians) and meridian length (mm). */
export type PathPoint = readonly [azimuthRad: number, meridianMm: number];

const skins = new WeakMap<Cake, Skin>();

/** The skin of a cake, unrolled once for each cake; cakes are never changed in place. */
function skinOf(cake: Cake): Skin {
  let skin = skins.get(cake);
  if (!skin) skins.set(cake, (skin = cakeSkin(cake)));
  return skin;
}

/** Draws a line on a cake. Returns null for a cake without tiers or a tier that is not there. */
export function drawLine(spec: LineSpec, cake: Cake): Line | null {
  if (cake.tiers.length === 0) return null;
  if ('tier' in spec && spec.tier >= cake.tiers.length) return null;
  const skin = skinOf(cake);
  const made = lineKind(spec.form).draw(spec, skin, cake);
  const drawn = made.kind === 'own' && 'facesRad' in spec ? facing(made, cake, spec) : made;
  if (drawn.kind === 'own') {
    return {
      form: spec.form,
      shape: drawn.shape,
      closed: false,
      lengthMm: drawn.lengthMm,
      focal: spec.focal,
      armShare: drawn.shape === 'disc' ? (s) => Math.abs(s - 0.5) * 2 : armShareFrom(spec.focal),
      halfWidthMm: drawn.halfWidthMm,
      riseMm: drawn.riseMm,
      at: drawn.at,
      stand: drawn.stand ?? null,
      plate: drawn.plate ?? null,
      strewn: null,
    };
  }
  const line = pathLine(spec, skin, drawn.path, drawn.closed);
  // what is strewn thins out instead of tapering
  return line && drawn.strewn
    ? { ...line, halfWidthMm: () => spec.widthMm, riseMm: () => spec.riseMm, strewn: drawn.strewn }
    : line;
}

const SAMPLES = 240;

function pathLine(spec: LineSpec, skin: Skin, path: readonly PathPoint[], closed: boolean): Line | null {
  const { points, lengths } = measurePath(skin, path);
  const lengthMm = must(lengths[lengths.length - 1]);
  if (!(lengthMm > 1)) return null;
  const focal = spec.focal;
  const fromFocal = armShareFrom(focal);
  const armShare = (s: number): number => {
    if (!closed) return fromFocal(s);
    const d = Math.abs(s - focal);
    return Math.min(d, 1 - d) * 2;
  };
  const beside = skin.even ? besideOnEven(skin) : besideOnAny(skin);
  const at = (s: number, sideMm: number): LineFrame => {
    const along = closed ? s - Math.floor(s) : clamp(s);
    return beside(chartAt({ points, lengths, s: along, lengthMm }), sideMm);
  };
  return {
    form: spec.form,
    shape: closed ? 'ring' : 'open',
    closed,
    lengthMm,
    focal,
    armShare,
    halfWidthMm: (s) => (closed ? spec.widthMm : taper(spec.widthMm, armShare(s))),
    riseMm: (s) => (closed ? spec.riseMm : taper(spec.riseMm, armShare(s))),
    at,
    stand: null,
    plate: null,
    strewn: null,
  };
}

type ChartPlace = readonly [azimuthRad: number, meridianMm: number, dAzimuth: number, dMeridian: number];

/** The frame at a skin point of a line that runs `ca` round and `cm` down there. */
function frameOf(here: SkinPoint, ca: number, cm: number): LineFrame {
  const raw = add(scale(here.around, ca), scale(here.downward, cm));
  const toSide = normalize(cross(here.normal, raw));
  return {
    pointMm: here.pointMm,
    normal: here.normal,
    along: normalize(cross(toSide, here.normal)),
    toSide: [-toSide[0], -toSide[1], -toSide[2]],
  };
}

/** Beside a line on round tiers about the pole: azimuth and meridian are square to each other, so a side step is one sum. */
const besideOnEven =
  (skin: Skin) =>
  ([azimuth, meridian, dAzimuth, dMeridian]: ChartPlace, sideMm: number): LineFrame => {
    const r = Math.max(4, skin.at(azimuth, meridian).radialMm);
    const size = Math.hypot(dAzimuth * r, dMeridian) || 1;
    const ca = (dAzimuth * r) / size;
    const cm = dMeridian / size;
    return frameOf(skin.at(azimuth - (cm * sideMm) / r, meridian + ca * sideMm), ca, cm);
  };

const WALK_MM = 9;

/**
 * Beside a line on any skin: walks out in short steps, each square to the line's own direction there; what a step is worth in
 * azimuth and meridian is read off the skin itself.
 */
const besideOnAny =
  (skin: Skin) =>
  (chart: ChartPlace, sideMm: number): LineFrame => {
    let [azimuth, meridian] = chart;
    const first = slopesAt(skin, azimuth, meridian);
    const line = add(scale(first.da, chart[2]), scale(first.dm, chart[3]));
    const a = dot(line, first.here.around);
    const d = dot(line, first.here.downward);
    const size = Math.hypot(a, d) || 1;
    const [ca, cm] = [a / size, d / size];
    const steps = Math.ceil(Math.abs(sideMm) / WALK_MM);
    for (let i = 0; i < steps; i++) {
      const { here, da, dm } = slopesAt(skin, azimuth, meridian);
      const way = sub(scale(here.downward, ca), scale(here.around, cm));
      const step = sideMm / steps;
      // least squares: step · way = x · da + y · dm
      const [aa, am, mm] = [dot(da, da), dot(da, dm), dot(dm, dm)];
      const [wa, wm] = [dot(way, da) * step, dot(way, dm) * step];
      const det = aa * mm - am * am || 1e-9;
      azimuth += clamp((wa * mm - wm * am) / det, -0.3, 0.3);
      meridian += clamp((wm * aa - wa * am) / det, -3 * WALK_MM, 3 * WALK_MM);
    }
    return frameOf(skin.at(azimuth, meridian), ca, cm);
  };

/** What a radian of azimuth and a millimetre of meridian are worth on the skin there. */
function slopesAt(skin: Skin, azimuth: number, meridian: number): { here: SkinPoint; da: Vec3; dm: Vec3 } {
  const turn = 0.002;
  const here = skin.at(azimuth, meridian);
  const da = scale(sub(skin.at(azimuth + turn, meridian).pointMm, here.pointMm), 1 / turn);
  const dm = scale(sub(skin.at(azimuth, meridian + 0.2).pointMm, here.pointMm), 5);
  return { here, da, dm };
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
    const point = spline(
      must(path[Math.max(0, k - 1)]),
      must(path[k]),
      must(path[k + 1]),
      must(path[Math.min(path.length - 1, k + 2)]),
      x - k,
    );
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
  const one = ({ p, q, r, s }: { p: number; q: number; r: number; s: number }) =>
    0.5 * (2 * q + (r - p) * t + (2 * p - 5 * q + 4 * r - s) * t * t + (3 * q - p - 3 * r + s) * t * t * t);
  return [one({ p: a[0], q: b[0], r: c[0], s: d[0] }), one({ p: a[1], q: b[1], r: c[1], s: d[1] })];
}

interface ChartAtOptions {
  points: readonly PathPoint[];
  lengths: readonly number[];
  s: number;
  lengthMm: number;
}

/** Place and direction in the chart at arc-length share s. */
function chartAt({ points, lengths, s, lengthMm }: ChartAtOptions): [number, number, number, number] {
  const want = s * lengthMm;
  let low = 0;
  let high = lengths.length - 1;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (must(lengths[mid]) <= want) low = mid;
    else high = mid;
  }
  const a = must(points[low]);
  const b = must(points[high]);
  const span = must(lengths[high]) - must(lengths[low]) || 1;
  const t = (want - must(lengths[low])) / span;
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
  return normalize(add(add(scale(frame.along, a), scale(frame.toSide, b)), scale(frame.normal, n)));
}
