import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { cakeSkin } from '../../cake/skin';
import type { PathPoint } from '../line';
import { focalField, hour, mm } from './fields';
import { at, begins, ends, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal } from './parts';

const schema = v.strictObject({
  form: v.literal('cascade'),
  /** azimuth on the top of the cake, azimuth at the foot of the line, and how far down it runs along the skin */
  fromRad: angleRad,
  toRad: angleRad,
  startMm: between(0, 400),
  lengthDownMm: between(40, 2000),
  /** sideways swing of the middle, mm */
  swingMm: between(-300, 300),
  focal,
  ...envelope,
});

/** Runs from the top down the sides and over every ledge without leaving the skin, with a swing to one side on the way. */
export const cascade: LineKind<typeof schema> = {
  schema,
  plain: ({ topRadiusMm, bottomRadiusMm, heightMm }) => ({
    form: 'cascade',
    fromRad: -0.9,
    toRad: -2.3,
    startMm: topRadiusMm * 0.5,
    lengthDownMm: topRadiusMm * 0.5 + heightMm * 0.8 + (bottomRadiusMm - topRadiusMm),
    swingMm: 26,
    focal: 0.5,
    widthMm: Math.min(56, bottomRadiusMm * 0.42),
    riseMm: Math.min(36, bottomRadiusMm * 0.3),
  }),
  draw(spec, skin) {
    const from = spec.startMm;
    const to = Math.min(skin.lengthMm - 2, from + spec.lengthDownMm);
    const path: PathPoint[] = [];
    for (let i = 0; i <= 40; i++) {
      const t = i / 40;
      const m = from + (to - from) * t;
      const r = Math.max(20, skin.at(0, m).radialMm);
      const swing = (spec.swingMm * Math.sin(Math.PI * 2 * t)) / r;
      path.push([spec.fromRad + (spec.toRad - spec.fromRad) * t + swing * t, m]);
    }
    return { kind: 'path', closed: false, path };
  },
  fields: () => [
    hour('fromRad', 'begins'),
    hour('toRad', 'ends'),
    mm({ key: 'startMm', name: 'from-the-middle', least: 0, most: 400 }),
    mm({ key: 'lengthDownMm', name: 'run', least: 40, most: 2000 }),
    mm({ key: 'swingMm', name: 'swing', least: -300, most: 300 }),
    focalField,
  ],
  grips: [
    begins(['fromRad', 'startMm']),
    ends(['toRad', 'lengthDownMm']),
    { id: 'swing', name: 'swing', keys: ['swingMm'], place: at(0.27) },
    focalGrip,
    widthGrip,
    riseGrip,
  ],
  limits({ startMm, lengthDownMm }, { cake }) {
    const roomMm = cakeSkin(cake).lengthMm - startMm;
    return lengthDownMm > roomMm ? [{ code: 'compose.cascade-long', values: { lengthMm: lengthDownMm, roomMm } }] : [];
  },
  onTop: false,
  hold: 'as said',
  picture: { d: 'M34 4C40 12 22 16 20 24C18 30 12 32 8 38', dots: [[22, 20]], tall: true },
};
