import * as v from 'valibot';
import { angleRad, between } from '../../boundary/parts';
import { TAU } from '../../geometry/numbers';
import { must } from '../../geometry/must';
import type { PathPoint } from '../line';
import { degrees, focalRoundField, hour, mm, share } from './fields';
import { begins, focalGrip, widthGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, FRONT_RAD, tier } from './parts';

const schema = v.strictObject({
  form: v.literal('scatter'),
  tier,
  /** azimuth where it begins, and how far round it goes; a full turn closes it */
  fromRad: angleRad,
  sweepRad: between(0.2, TAU),
  /** its middle lies so far down the side below the edge, less than none in from it */
  belowEdgeMm: between(-200, 300),
  /** what its pieces would cover side by side in its middle; more than all where they lie on one another */
  coverShare: between(0.05, 1.5),
  focal: focalRound,
  ...envelope,
});

/** What one strews with loose pieces: over an edge and down the side, or round a side, thinning out. */
export const scatter: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm, topHeightMm }) => ({
    form: 'scatter',
    tier: top,
    fromRad: FRONT_RAD - 1.3,
    sweepRad: 2.6,
    belowEdgeMm: topHeightMm * 0.1,
    coverShare: 0.5,
    focal: 0.45,
    widthMm: Math.min(topRadiusMm * 0.5, topHeightMm * 0.5, 60),
    riseMm: 12,
  }),
  draw({ tier: own, fromRad, sweepRad, belowEdgeMm, coverShare }, skin) {
    const span = must(skin.spans[own]);
    const edgeMm = (span.edgeFromMm + span.sideFromMm) / 2;
    const path: PathPoint[] = Array.from({ length: 49 }, (_, i) => [fromRad + (sweepRad * i) / 48, edgeMm + belowEdgeMm]);
    return {
      kind: 'path',
      closed: sweepRad >= TAU - 1e-6,
      path,
      strewn: { coverShare, edgeSideMm: -belowEdgeMm },
    };
  },
  // all round it is as thick everywhere: nothing to be the middle of
  fields: ({ sweepRad }) => [
    hour('fromRad', 'begins'),
    degrees({ key: 'sweepRad', name: 'round', least: 12, most: 360 }),
    mm({ key: 'belowEdgeMm', name: 'below-edge', least: -200, most: 300 }),
    share({ key: 'coverShare', name: 'covered', least: 5, most: 150 }),
    ...(sweepRad >= TAU - 1e-6 ? [] : [focalRoundField]),
  ],
  grips: [begins(['fromRad', 'belowEdgeMm'], ['fromRad', 'sweepRad']), focalGrip, widthGrip],
  limits({ belowEdgeMm, widthMm }, { tier: { tier: own, edgeMm, radiusMm }, above }) {
    const downMm = belowEdgeMm + widthMm;
    const inMm = widthMm - belowEdgeMm;
    const roomMm = radiusMm - (above?.radiusMm ?? 0);
    return [
      ...(downMm > own.heightMm - edgeMm ? [{ code: 'compose.strewn-low', values: { downMm } } as const] : []),
      ...(inMm > roomMm ? [{ code: 'compose.strewn-in', values: { inMm, roomMm } } as const] : []),
    ];
  },
  onTop: false,
  hold: 'as said',
  flat: true,
  picture: {
    d: 'M9 16Q26 24 43 16',
    dots: [
      [12, 15],
      [18, 21],
      [26, 18],
      [31, 25],
      [38, 17],
      [23, 28],
    ],
  },
};
