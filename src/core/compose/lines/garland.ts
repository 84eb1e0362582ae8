import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { TAU } from '../../geometry/numbers';
import type { PathPoint } from '../line';
import { degrees, focalRoundField, hour, mm } from './fields';
import { begins, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, FRONT_RAD, tier } from './parts';
import { must } from '../../geometry/must';

const schema = v.strictObject({
  form: v.literal('garland'),
  tier,
  /** azimuth of the first point it hangs from, and how far round it goes (a full turn closes it) */
  fromRad: angleRad,
  sweepRad: between(0.2, Math.PI * 2),
  swags: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(24)),
  /** points below the edge, and how far each swag hangs below its points */
  hangMm: between(0, 300),
  dropMm: between(2, 300),
  focal: focalRound,
  ...envelope,
});

/** Hangs in swags between points on a side; a full turn closes it. A swag is drawn as a parabola, near enough a hanging chain. */
export const garland: LineKind<typeof schema> = {
  schema,
  plain: ({ bottomHeightMm }) => ({
    form: 'garland',
    tier: 0,
    fromRad: FRONT_RAD - Math.PI / 5,
    sweepRad: Math.PI * 2,
    swags: 5,
    hangMm: bottomHeightMm * 0.16,
    dropMm: bottomHeightMm * 0.34,
    focal: 0.1,
    widthMm: Math.min(16, bottomHeightMm * 0.16),
    riseMm: 14,
  }),
  draw(spec, skin) {
    const span = must(skin.spans[spec.tier]);
    const points = span.sideFromMm + spec.hangMm;
    const each = 14;
    const path: PathPoint[] = [];
    for (let i = 0; i <= spec.swags * each; i++) {
      const t = i / (spec.swags * each);
      const inSwag = (t * spec.swags) % 1;
      const meridian = points + spec.dropMm * 4 * inSwag * (1 - inSwag);
      path.push([spec.fromRad + spec.sweepRad * t, Math.min(meridian, span.sideToMm - 4)]);
    }
    return { kind: 'path', closed: spec.sweepRad >= TAU - 1e-6, path };
  },
  fields: () => [
    hour('fromRad', 'begins'),
    degrees({ key: 'sweepRad', name: 'round', least: 12, most: 360 }),
    { ...mm({ key: 'swags', name: 'swags', least: 1, most: 24 }), unit: '', kept: Math.round },
    mm({ key: 'hangMm', name: 'points-below-edge', least: 0, most: 300 }),
    mm({ key: 'dropMm', name: 'swag', least: 2, most: 300 }),
    focalRoundField,
  ],
  grips: [
    begins(['fromRad', 'hangMm'], ['fromRad', 'sweepRad']),
    { id: 'swag', name: 'swag', keys: ['dropMm'], place: (line, spec) => line.at(0.5 / spec.swags, 0).pointMm },
    widthGrip,
    riseGrip,
  ],
  limits({ hangMm, dropMm }, { tier: { tier: own, edgeMm } }) {
    const downMm = hangMm + dropMm;
    return downMm > own.heightMm - edgeMm ? [{ code: 'compose.swags-low', values: { hangMm: downMm } }] : [];
  },
  onTop: false,
  hold: 'as said',
  picture: { d: 'M8 20Q14 32 20 20Q26 32 32 20Q38 32 44 20', dots: [[20, 20]] },
};
