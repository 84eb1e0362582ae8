import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { stackTiers } from '../../cake/cake';
import type { PathPoint } from '../line';
import { focalField, hour, mm, share, sweepField } from './fields';
import { begins, ends, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal, tier, trailLimits, widthLimits } from './parts';
import { must } from '../../geometry/must';

const schema = v.strictObject({
  form: v.literal('crescent'),
  tier,
  /** azimuth of the tip that stays on the top, and how far round the arc runs from there (signed) */
  fromRad: angleRad,
  sweepRad: between(-Math.PI * 1.6, Math.PI * 1.6),
  /** radius of the arc as a share of the tier's */
  radiusShare: between(0.2, 0.95),
  /** how far the other tip trails down the side, mm below the edge */
  trailMm: between(0, 400),
  focal,
  ...envelope,
});

/** Part of an arc on a top; its last stretch runs outward and, if it trails, down the side. */
export const crescent: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topTier, topRadiusMm }) => ({
    form: 'crescent',
    tier: top,
    fromRad: -0.2,
    sweepRad: -2.4,
    radiusShare: 0.57,
    trailMm: Math.min(60, (topTier?.heightMm ?? 100) * 0.5),
    focal: 0.5,
    widthMm: Math.min(40, topRadiusMm * 0.42),
    riseMm: Math.min(34, topRadiusMm * 0.36),
  }),
  draw(spec, skin, cake) {
    const { radiusMm } = must(stackTiers(cake)[spec.tier]);
    const span = must(skin.spans[spec.tier]);
    const inner = spec.tier + 1 < cake.tiers.length ? must(cake.tiers[spec.tier + 1]).diameterMm / 2 : 0;
    const radius = Math.max(inner, radiusMm * spec.radiusShare);
    const onTop = Math.min(span.edgeFromMm, span.topFromMm + (radius - inner));
    const end =
      spec.trailMm > 0 ? Math.min(span.sideFromMm + spec.trailMm, span.sideToMm) : onTop + (span.edgeFromMm - onTop) * 0.4;
    const path: PathPoint[] = [];
    for (let i = 0; i <= 20; i++) {
      const t = i / 20;
      const out = t < 0.62 ? 0 : ((t - 0.62) / 0.38) ** 1.6;
      path.push([spec.fromRad + spec.sweepRad * (t < 0.62 ? t : 0.62 + (t - 0.62) * 0.8), onTop + (end - onTop) * out]);
    }
    return { kind: 'path', closed: false, path };
  },
  fields: () => [
    hour('fromRad', 'begins'),
    sweepField,
    share({ key: 'radiusShare', name: 'radius', least: 20, most: 95 }),
    mm({ key: 'trailMm', name: 'trail', least: 0, most: 400 }),
    focalField,
  ],
  grips: [
    begins(['fromRad', 'radiusShare'], ['fromRad', 'sweepRad']),
    ends(['sweepRad', 'trailMm']),
    focalGrip,
    widthGrip,
    riseGrip,
  ],
  limits: (spec, around) => [...trailLimits(spec.trailMm, around), ...widthLimits(spec.widthMm, around)],
  onTop: false,
  hold: 'as said',
  picture: { d: 'M10 20C14 8 30 6 40 12C44 16 44 22 44 30', dots: [[26, 8]] },
};
