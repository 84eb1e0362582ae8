import { degToRad, radToDeg } from '../geometry/numbers';
import { azimuthToClockHours, clockHoursToAzimuth } from '../geometry/units';
import type { LineForm, LineSpec } from './arrangement';

/** How a figure of a line is called. */
type LineFieldName =
  | 'arm'
  | 'begins'
  | 'bow'
  | 'corner'
  | 'drop'
  | 'ends'
  | 'faces'
  | 'fan'
  | 'flowers-begin'
  | 'flowers-round'
  | 'focal-point'
  | 'from-the-middle'
  | 'gap'
  | 'gap-at'
  | 'half-width'
  | 'height'
  | 'in-from-the-edge'
  | 'length'
  | 'middle'
  | 'plaque-high'
  | 'plaque-wide'
  | 'points-below-edge'
  | 'radius'
  | 'rise'
  | 'round'
  | 'run'
  | 'slope'
  | 'stem'
  | 'swag'
  | 'swags'
  | 'sweep'
  | 'swing'
  | 'to-the-back'
  | 'to-the-right'
  | 'trail';

/** A figure of a line as a person types it: its name, unit and bounds, and how it is kept. */
export interface LineField {
  key: string;
  name: LineFieldName;
  unit: 'mm' | '°' | '%' | 'o’clock' | '';
  least: number;
  most: number;
  step: number;
  /** from what is kept to what is shown, and back */
  shown(kept: number): number;
  kept(shown: number): number;
}

const same = (x: number): number => x;
const rounded =
  (step: number) =>
  (x: number): number =>
    Math.round(x / step) * step;

const mm = (key: string, name: LineFieldName, least: number, most: number): LineField => ({
  key,
  name,
  unit: 'mm',
  least,
  most,
  step: 1,
  shown: rounded(1),
  kept: same,
});
const degrees = (key: string, name: LineFieldName, least: number, most: number): LineField => ({
  key,
  name,
  unit: '°',
  least,
  most,
  step: 5,
  shown: (rad) => Math.round(radToDeg(rad)),
  kept: degToRad,
});
const share = (key: string, name: LineFieldName, least: number, most: number): LineField => ({
  key,
  name,
  unit: '%',
  least,
  most,
  step: 5,
  shown: (x) => Math.round(x * 100),
  kept: (x) => x / 100,
});
const hour = (key: string, name: LineFieldName): LineField => ({
  key,
  name,
  unit: 'o’clock',
  least: 0.1,
  most: 12,
  step: 0.5,
  shown: (rad) => Math.round(azimuthToClockHours(rad) * 10) / 10,
  kept: clockHoursToAzimuth,
});

const place = [mm('xMm', 'to-the-right', -300, 300), mm('yMm', 'to-the-back', -300, 300), hour('facesRad', 'faces')];
const stand = mm('standMm', 'stem', 0, 300);
const envelope = [mm('widthMm', 'half-width', 4, 160), mm('riseMm', 'rise', 2, 160)];
const focal = share('focal', 'focal-point', 5, 95);
const focalRound = share('focal', 'focal-point', 0, 100);
const sweep = degrees('sweepRad', 'sweep', -288, 288);

const OWN: Record<LineForm, readonly LineField[]> = {
  crescent: [hour('fromRad', 'begins'), sweep, share('radiusShare', 'radius', 20, 95), mm('trailMm', 'trail', 0, 400), focal],
  'lazy S': [hour('fromRad', 'begins'), sweep, mm('insetMm', 'in-from-the-edge', 0, 300), mm('dropMm', 'drop', 0, 400), focal],
  cascade: [
    hour('fromRad', 'begins'),
    hour('toRad', 'ends'),
    mm('startMm', 'from-the-middle', 0, 400),
    mm('lengthDownMm', 'run', 40, 2000),
    mm('swingMm', 'swing', -300, 300),
    focal,
  ],
  'side spray': [
    hour('atRad', 'middle'),
    mm('heightMm', 'height', 0, 400),
    mm('lengthMm', 'length', 40, 800),
    degrees('slopeRad', 'slope', -90, 90),
    mm('bowMm', 'bow', -120, 120),
    focal,
  ],
  'corner spray': [hour('atRad', 'corner'), mm('armMm', 'arm', -400, 400), mm('trailMm', 'trail', 0, 400), focal],
  ring: [share('radiusShare', 'radius', 20, 95), degrees('gapRad', 'gap', 0, 270), hour('gapAtRad', 'gap-at'), focalRound],
  garland: [
    hour('fromRad', 'begins'),
    degrees('sweepRad', 'round', 12, 360),
    { ...mm('swags', 'swags', 1, 24), unit: '', kept: Math.round },
    mm('hangMm', 'points-below-edge', 0, 300),
    mm('dropMm', 'swag', 2, 300),
    focalRound,
  ],
  posy: [...place],
  cluster: [...place, stand, degrees('sweepRad', 'fan', 29, 216)],
  plaque: [
    ...place,
    mm('plateWidthMm', 'plaque-wide', 20, 400),
    mm('plateHeightMm', 'plaque-high', 15, 300),
    stand,
    degrees('fromRad', 'flowers-begin', -180, 360),
    degrees('sweepRad', 'flowers-round', 23, 360),
    focal,
  ],
  pick: [...place, stand],
};

/** What of a line is typed, in the order one would say it. A closed ring on a foot has no radius of its own. */
export function lineFields(spec: LineSpec): LineField[] {
  const own = OWN[spec.form].filter(
    (f) =>
      !(spec.form === 'ring' && spec.where === 'foot' && f.key === 'radiusShare') &&
      !(spec.form === 'cluster' && spec.spread === 'dome' && f.key === 'sweepRad') &&
      !(spec.form === 'plaque' && spec.outline === 'round' && f.key === 'plateHeightMm') &&
      !(spec.form === 'plaque' && !spec.upright && f.key === 'standMm'),
  );
  return [...own, ...envelope];
}

export const fieldValue = (spec: LineSpec, key: string): number => (spec as unknown as Record<string, number>)[key]!;

/** The line with one figure changed, as shown; out of bounds it is held at the bound. A figure the form has not changes nothing. */
export function withField(spec: LineSpec, key: string, shown: number): LineSpec {
  const field = lineFields(spec).find((f) => f.key === key);
  if (!field || !Number.isFinite(shown)) return spec;
  return { ...spec, [key]: field.kept(Math.max(field.least, Math.min(field.most, shown))) };
}

/** The same with the figure as it is kept. */
export function withKept(spec: LineSpec, key: string, kept: number): LineSpec {
  const field = lineFields(spec).find((f) => f.key === key);
  if (!field || !Number.isFinite(kept)) return spec;
  if (field.unit === 'o’clock') return { ...spec, [key]: Math.atan2(Math.sin(kept), Math.cos(kept)) };
  const [a, b] = [field.kept(field.least), field.kept(field.most)];
  return { ...spec, [key]: Math.max(Math.min(a, b), Math.min(Math.max(a, b), kept)) };
}
