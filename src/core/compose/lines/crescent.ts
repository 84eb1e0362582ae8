import { stackTiers } from '../../cake/cake';
import type { FormMaker, PathPoint } from '../line';

/** Part of an arc on a top; its last stretch runs outward and, if it trails, down the side. */
export const crescent: FormMaker<'crescent'> = (spec, skin, cake) => {
  const tier = stackTiers(cake)[spec.tier]!;
  const span = skin.spans[spec.tier]!;
  const inner = spec.tier + 1 < cake.tiers.length ? cake.tiers[spec.tier + 1]!.diameterMm / 2 : 0;
  const radius = Math.max(inner, tier.radiusMm * spec.radiusShare);
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
};
