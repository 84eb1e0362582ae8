import { TAU } from '../../geometry/numbers';
import type { FormMaker, PathPoint } from '../line';

/** Hangs in swags between points on a side; a full turn closes it. A swag is drawn as a parabola, near enough a hanging chain. */
export const garland: FormMaker<'garland'> = (spec, skin) => {
  const span = skin.spans[spec.tier]!;
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
};
