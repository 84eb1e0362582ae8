import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import type { PathPoint } from '../line';
import { focalField, hour, mm, sweepField } from './fields';
import { begins, ends, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal, tier, trailLimits } from './parts';
import { must } from '../../geometry/must';

const schema = v.strictObject({
  form: v.literal('lazy S'),
  tier,
  /** azimuth of the tip on the top, and how far round it runs from there (signed) to the tip on the side */
  fromRad: angleRad,
  sweepRad: between(-Math.PI * 1.6, Math.PI * 1.6),
  /** how far in from the edge it begins, how far below the edge it ends */
  insetMm: between(0, 300),
  dropMm: between(0, 400),
  focal,
  ...envelope,
});

/** Lies along the rim: from a tip on the top it sweeps over the edge to a tip on the side, both tips turning back a little. */
export const lazyS: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm, topHeightMm }) => ({
    form: 'lazy S',
    tier: top,
    fromRad: -0.1,
    sweepRad: -2.4,
    insetMm: topRadiusMm * 0.55,
    dropMm: topHeightMm * 0.5,
    focal: 0.5,
    widthMm: Math.min(36, topRadiusMm * 0.38),
    riseMm: Math.min(32, topRadiusMm * 0.34),
  }),
  draw(spec, skin) {
    const span = must(skin.spans[spec.tier]);
    const from = Math.max(span.topFromMm, span.edgeFromMm - spec.insetMm);
    const to = Math.min(span.sideFromMm + spec.dropMm, span.sideToMm);
    const path: PathPoint[] = [];
    for (let i = 0; i <= 28; i++) {
      const t = i / 28;
      const swing = (1 - Math.cos(Math.PI * (1.24 * t - 0.12))) / 2;
      path.push([spec.fromRad + spec.sweepRad * t, from + (to - from) * swing]);
    }
    return { kind: 'path', closed: false, path };
  },
  fields: () => [
    hour('fromRad', 'begins'),
    sweepField,
    mm({ key: 'insetMm', name: 'in-from-the-edge', least: 0, most: 300 }),
    mm({ key: 'dropMm', name: 'drop', least: 0, most: 400 }),
    focalField,
  ],
  grips: [begins(['fromRad', 'insetMm'], ['fromRad', 'sweepRad']), ends(['sweepRad', 'dropMm']), focalGrip, widthGrip, riseGrip],
  limits: (spec, around) => trailLimits(spec.dropMm, around),
  onTop: false,
  hold: 'as said',
  picture: { d: 'M12 12C20 4 26 10 28 17C30 25 38 30 44 24', dots: [[28, 17]] },
};
