import { clamp } from '../../geometry/numbers';
import type { FormMaker, PathPoint } from '../line';

/** Lies on the side of one tier, sloping or bowed; it never leaves that side. */
export const sideSpray: FormMaker<'side spray'> = (spec, skin) => {
  const span = skin.spans[spec.tier]!;
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
};
