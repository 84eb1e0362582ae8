import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import type { Tier } from '../../cake/cake';
import { TAU } from '../../geometry/numbers';
import type { PathPoint } from '../line';
import { focalField, hour, mm } from './fields';
import { at, begins, ends, focalGrip, riseGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal, FRONT_RAD, tier, trailLimits } from './parts';
import { must } from '../../geometry/must';

/** How far in from the edge the arm on the top lies, as a share of the line's half-width. */
const INSET_SHARE = 0.7;

const schema = v.strictObject({
  form: v.literal('corner spray'),
  tier,
  /** the corner, as an azimuth */
  atRad: angleRad,
  /** along the rim on the top (signed), and down the side from the corner */
  armMm: between(-400, 400),
  trailMm: between(0, 400),
  focal,
  ...envelope,
});

/** The corner of a tier nearest to the front, a little to the left; a round tier is taken there. */
function cornerAtFront(of: Tier | undefined): number {
  const want = FRONT_RAD - 0.6;
  if (!of || of.shape === 'round') return want;
  const [first, count] =
    of.shape === 'hexagon' ? [0, 6] : [Math.atan2(of.shape === 'rectangle' ? of.depthMm : of.diameterMm, of.diameterMm), 4];
  const corners = Array.from({ length: count }, (_, i) => {
    const own = count === 6 ? (i * TAU) / 6 : must([first, Math.PI - first, Math.PI + first, -first][i]);
    return own + of.turnRad;
  });
  const off = (a: number) => Math.abs(Math.atan2(Math.sin(a - want), Math.cos(a - want)));
  return corners.reduce((a, b) => (off(b) < off(a) ? b : a));
}

/** Turns a corner: one arm along the rim on the top, the other falling down the side from the corner. */
export const cornerSpray: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topTier, topRadiusMm, topHeightMm }) => ({
    form: 'corner spray',
    tier: top,
    atRad: cornerAtFront(topTier),
    armMm: topRadiusMm * 0.8,
    trailMm: topHeightMm * 0.55,
    focal: 0.55,
    widthMm: Math.min(36, topRadiusMm * 0.38),
    riseMm: Math.min(30, topRadiusMm * 0.32),
  }),
  draw(spec, skin) {
    const span = must(skin.spans[spec.tier]);
    const radius = Math.max(20, skin.at(spec.atRad, span.edgeFromMm).radialMm);
    const turn = spec.armMm / radius;
    const onTop = Math.max(span.topFromMm, span.edgeFromMm - spec.widthMm * INSET_SHARE);
    const end = Math.min(span.sideFromMm + spec.trailMm, span.sideToMm - 2);
    const path: PathPoint[] = [];
    for (let i = 0; i <= 24; i++) {
      const t = i / 24;
      const up = t < 0.5 ? 1 - t * 2 : 0;
      const down = t < 0.5 ? 0 : t * 2 - 1;
      const over = (t - 0.5) / 0.5;
      const meridian = onTop + (end - onTop) * Math.max(0, (over + 0.35) / 1.35) ** 1.3;
      path.push([spec.atRad + turn * up ** 1.2 - 0.08 * Math.sign(turn || 1) * down, meridian]);
    }
    return { kind: 'path', closed: false, path };
  },
  fields: () => [
    hour('atRad', 'corner'),
    mm({ key: 'armMm', name: 'arm', least: -400, most: 400 }),
    mm({ key: 'trailMm', name: 'trail', least: 0, most: 400 }),
    focalField,
  ],
  grips: [
    begins(['armMm']),
    ends(['trailMm']),
    { id: 'corner', name: 'corner', keys: ['atRad'], place: at(0.5) },
    focalGrip,
    widthGrip,
    riseGrip,
  ],
  limits: (spec, around) => trailLimits(spec.trailMm, around),
  onTop: false,
  hold: 'as said',
  picture: { d: 'M30 12C22 12 14 12 11 17C9 22 9 28 11 36', dots: [[11, 17]] },
};
