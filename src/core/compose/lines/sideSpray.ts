import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { clamp } from '../../geometry/numbers';
import type { PathPoint } from '../line';
import { degrees, focalField, hour, mm } from './fields';
import { at, ends, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal, FRONT_RAD, tier } from './parts';
import { must } from '../../geometry/must';

const schema = v.strictObject({
  form: v.literal('side spray'),
  tier,
  /** its middle on the side, azimuth and height above the tier's foot */
  atRad: angleRad,
  heightMm: between(0, 400),
  lengthMm: between(40, 800),
  /** rising to its second tip (positive) or falling, and how far its middle bows down */
  slopeRad: between(-Math.PI / 2, Math.PI / 2),
  bowMm: between(-120, 120),
  focal,
  ...envelope,
});

/** Lies on the side of one tier, sloping or bowed; it never leaves that side. */
export const sideSpray: LineKind<typeof schema> = {
  schema,
  plain: ({ bottomRadiusMm, bottomHeightMm }) => ({
    form: 'side spray',
    tier: 0,
    atRad: FRONT_RAD,
    heightMm: bottomHeightMm * 0.5,
    lengthMm: Math.min(180, bottomRadiusMm * 1.4),
    slopeRad: 0.16,
    bowMm: bottomHeightMm * 0.08,
    focal: 0.5,
    widthMm: Math.min(28, bottomHeightMm * 0.24),
    riseMm: 26,
  }),
  draw(spec, skin) {
    const span = must(skin.spans[spec.tier]);
    const middle = span.sideToMm - spec.heightMm;
    const radius = Math.max(20, skin.at(spec.atRad, (span.sideFromMm + span.sideToMm) / 2).radialMm);
    const path: PathPoint[] = [];
    for (let i = 0; i <= 24; i++) {
      const t = i / 24 - 0.5;
      const along = t * spec.lengthMm;
      const down = -along * Math.sin(spec.slopeRad) + spec.bowMm * (1 - 4 * t * t);
      path.push([
        spec.atRad + (along * Math.cos(spec.slopeRad)) / radius,
        clamp(middle + down, span.edgeFromMm, span.sideToMm - 4),
      ]);
    }
    return { kind: 'path', closed: false, path };
  },
  fields: () => [
    hour('atRad', 'middle'),
    mm({ key: 'heightMm', name: 'height', least: 0, most: 400 }),
    mm({ key: 'lengthMm', name: 'length', least: 40, most: 800 }),
    degrees({ key: 'slopeRad', name: 'slope', least: -90, most: 90 }),
    mm({ key: 'bowMm', name: 'bow', least: -120, most: 120 }),
    focalField,
  ],
  grips: [
    { id: 'middle', name: 'middle', keys: ['atRad', 'heightMm'], place: at(0.5) },
    ends(['lengthMm', 'slopeRad']),
    focalGrip,
    widthGrip,
    riseGrip,
  ],
  limits({ lengthMm, slopeRad, bowMm, widthMm, heightMm }, { tier: { tier: own, edgeMm } }) {
    const sideMm = own.heightMm - edgeMm;
    const half = (lengthMm / 2) * Math.abs(Math.sin(slopeRad)) + Math.abs(bowMm) + widthMm;
    const fits = heightMm - half >= -widthMm * 0.5 && heightMm + half <= sideMm + widthMm * 0.5;
    return fits ? [] : [{ code: 'compose.spray-high', values: { spanMm: 2 * half, sideMm } }];
  },
  onTop: false,
  hold: 'as said',
  picture: { d: 'M13 32C20 38 32 32 39 23', dots: [[26, 33]] },
};
