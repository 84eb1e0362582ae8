import { degToRad, radToDeg } from '../../geometry/numbers';
import { azimuthToClockHours, clockHoursToAzimuth } from '../../geometry/units';

/** How a figure of a line is called. */
type LineFieldName =
  | 'arm'
  | 'begins'
  | 'below-edge'
  | 'bow'
  | 'corner'
  | 'covered'
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

/** A length, shown to the millimetre. */
export const mm = ({ key, name, least, most }: { key: string; name: LineFieldName; least: number; most: number }): LineField => ({
  key,
  name,
  unit: 'mm',
  least,
  most,
  step: 1,
  shown: Math.round,
  kept: same,
});
interface DegreesOptions {
  key: string;
  name: LineFieldName;
  least: number;
  most: number;
}

/** An angle, kept in radians. */
export const degrees = ({ key, name, least, most }: DegreesOptions): LineField => ({
  key,
  name,
  unit: '°',
  least,
  most,
  step: 5,
  shown: (rad) => Math.round(radToDeg(rad)),
  kept: degToRad,
});
interface ShareOptions {
  key: string;
  name: LineFieldName;
  least: number;
  most: number;
}

/** A share of one, shown in hundredths. */
export const share = ({ key, name, least, most }: ShareOptions): LineField => ({
  key,
  name,
  unit: '%',
  least,
  most,
  step: 5,
  shown: (x) => Math.round(x * 100),
  kept: (x) => x / 100,
});
/** A direction seen from above, kept as an azimuth, shown as an hour of the clock with the front at six. */
export const hour = (key: string, name: LineFieldName): LineField => ({
  key,
  name,
  unit: 'o’clock',
  least: 0.1,
  most: 12,
  step: 0.5,
  shown: (rad) => Math.round(azimuthToClockHours(rad) * 10) / 10,
  kept: clockHoursToAzimuth,
});

export const placeFields = [
  mm({ key: 'xMm', name: 'to-the-right', least: -300, most: 300 }),
  mm({ key: 'yMm', name: 'to-the-back', least: -300, most: 300 }),
  hour('facesRad', 'faces'),
];
export const standField = mm({ key: 'standMm', name: 'stem', least: 0, most: 300 });
export const envelopeFields = [
  mm({ key: 'widthMm', name: 'half-width', least: 4, most: 160 }),
  mm({ key: 'riseMm', name: 'rise', least: 2, most: 160 }),
];
export const focalField = share({ key: 'focal', name: 'focal-point', least: 5, most: 95 });
export const focalRoundField = share({ key: 'focal', name: 'focal-point', least: 0, most: 100 });
export const sweepField = degrees({ key: 'sweepRad', name: 'sweep', least: -288, most: 288 });
