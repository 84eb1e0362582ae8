import { stackTiers } from '../../cake/cake';
import { TAU } from '../../geometry/numbers';
import type { FormMaker, PathPoint } from '../line';

/** A ring on a top or round a foot; closed, or open by a gap. Runs clockwise from the gap (or from its stated place). */
export const ring: FormMaker<'ring'> = (spec, skin, cake) => {
  const span = skin.spans[spec.tier]!;
  const { radiusMm } = stackTiers(cake)[spec.tier]!;
  const inner = spec.tier + 1 < cake.tiers.length ? cake.tiers[spec.tier + 1]!.diameterMm / 2 : 0;
  const out = span.topFromMm + Math.max(0, radiusMm * spec.radiusShare - inner);
  const meridian = spec.where === 'foot' ? span.sideToMm - 8 : Math.min(out, span.edgeFromMm);
  const sweep = TAU - spec.gapRad;
  const path: PathPoint[] = Array.from({ length: 49 }, (_, i) => [spec.gapAtRad + spec.gapRad / 2 + (sweep * i) / 48, meridian]);
  return { kind: 'path', closed: spec.gapRad <= 0, path };
};
