import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { stackTiers } from '../../cake/cake';
import { TAU } from '../../geometry/numbers';
import type { PathPoint } from '../line';
import { degrees, focalRoundField, hour, share } from './fields';
import { at, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, tier, widthLimits } from './parts';
import { must } from '../../geometry/must';

const schema = v.strictObject({
  form: v.literal('ring'),
  tier,
  where: v.picklist(['top', 'foot']),
  /** on a top: radius as a share of the tier's */
  radiusShare: between(0.2, 0.95),
  /** open part in radians, 0 for a closed ring, and where it opens */
  gapRad: between(0, Math.PI * 1.5),
  gapAtRad: angleRad,
  focal: focalRound,
  ...envelope,
});

/** A ring on a top or round a foot; closed, or open by a gap. Runs clockwise from the gap (or from its stated place). */
export const ring: LineKind<typeof schema> = {
  schema,
  plain: ({ tiers, bottomRadiusMm }) => ({
    form: 'ring',
    tier: 0,
    where: tiers > 1 ? 'foot' : 'top',
    radiusShare: 0.78,
    gapRad: 0,
    gapAtRad: Math.PI / 2,
    focal: 0.5,
    widthMm: Math.min(26, bottomRadiusMm * 0.26),
    riseMm: 24,
  }),
  draw(spec, skin, cake) {
    const span = must(skin.spans[spec.tier]);
    const { radiusMm } = must(stackTiers(cake)[spec.tier]);
    const inner = spec.tier + 1 < cake.tiers.length ? must(cake.tiers[spec.tier + 1]).diameterMm / 2 : 0;
    const out = span.topFromMm + Math.max(0, radiusMm * spec.radiusShare - inner);
    const meridian = spec.where === 'foot' ? span.sideToMm - 8 : Math.min(out, span.edgeFromMm);
    const sweep = TAU - spec.gapRad;
    const path: PathPoint[] = Array.from({ length: 49 }, (_, i) => [
      spec.gapAtRad + spec.gapRad / 2 + (sweep * i) / 48,
      meridian,
    ]);
    return { kind: 'path', closed: spec.gapRad <= 0, path };
  },
  // round a foot it has no radius of its own
  fields: ({ where }) => [
    ...(where === 'foot' ? [] : [share({ key: 'radiusShare', name: 'radius', least: 20, most: 95 })]),
    degrees({ key: 'gapRad', name: 'gap', least: 0, most: 270 }),
    hour('gapAtRad', 'gap-at'),
    focalRoundField,
  ],
  grips: [
    { id: 'radius', name: 'radius', keys: ['radiusShare'], place: at(0.25) },
    { id: 'begins', name: 'opening', keys: ['gapRad'], place: at(0) },
    focalGrip,
    widthGrip,
    riseGrip,
  ],
  limits(spec, around) {
    const { tier: own, above } = around;
    const under = spec.where === 'top' && above && own.radiusMm * spec.radiusShare < above.radiusMm;
    return [...(under ? [{ code: 'compose.ring-under-tier', values: {} } as const] : []), ...widthLimits(spec.widthMm, around)];
  },
  onTop: false,
  hold: 'as said',
  picture: { d: 'M8 16C8 9 44 9 44 16C44 23 8 23 8 16Z', dots: [[26, 21]] },
};
