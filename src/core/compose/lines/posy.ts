import { stackTiers } from '../../cake/cake';
import { clamp } from '../../geometry/numbers';
import { normalize, type Vec3 } from '../../geometry/vec3';
import type { FormMaker } from '../line';

/** Normals of the dome lean out to this much at its rim. */
const RIM_LEAN_RAD = 0.73;
/** Flowers stand on a soft dome of this share of the rise, or small heads hover at its rim. */
const DOME_SHARE = 0.5;

/** A standing posy: a disc on a top, s from left to right, side from front to back, on a soft dome. */
export const posy: FormMaker<'posy'> = (spec, _skin, cake) => {
  const top = stackTiers(cake)[spec.tier]!.topMm;
  const R = spec.widthMm;
  const place = (s: number, sideMm: number) => {
    const x = (clamp(s) * 2 - 1) * R;
    return { x, y: sideMm, share: clamp(Math.hypot(x, sideMm) / R) };
  };
  return {
    kind: 'own',
    closed: false,
    lengthMm: R * 2,
    halfWidthMm: (s) => R * Math.sqrt(Math.max(0.02, 1 - (2 * clamp(s) - 1) ** 2)),
    riseMm: () => spec.riseMm,
    at: (s, sideMm) => {
      const { x, y, share } = place(s, sideMm);
      const lift = spec.riseMm * DOME_SHARE * Math.sqrt(1 - Math.min(0.999, share * share));
      const lean = RIM_LEAN_RAD * share;
      const out = Math.hypot(x, y) || 1;
      const normal: Vec3 = normalize([(x / out) * Math.sin(lean), (y / out) * Math.sin(lean), Math.cos(lean)]);
      const along = normalize([normal[2], 0, -normal[0]], [1, 0, 0]);
      const toSide: Vec3 = [
        normal[1] * along[2] - normal[2] * along[1],
        normal[2] * along[0] - normal[0] * along[2],
        normal[0] * along[1] - normal[1] * along[0],
      ];
      return { pointMm: [spec.xMm + x, spec.yMm + y, top + lift], normal, along, toSide };
    },
  };
};
