import * as v from 'valibot';
import { addScaled } from '../../geometry/vec3';
import { domeOnTop, standOn } from '../dome';
import { placeFields } from './fields';
import { facesGrip, placeGrip, rimGrip, type Grip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, FRONT_RAD, onTop, onTopLimits } from './parts';

const schema = v.strictObject({ form: v.literal('posy'), ...onTop, focal: focalRound, ...envelope });

/** The top of its dome, drawn straight up and down. */
const domeGrip: Grip<unknown> = {
  id: 'rise',
  name: 'rise',
  keys: ['riseMm'],
  place: (line) => addScaled(line.at(0.5, 0).pointMm, [0, 0, 1], 8),
  way: () => [0, 0, 1],
};

/** A posy on a top, low and wide: its flowers stand in the cake themselves, on a soft dome or small heads hover at its rim. */
export const posy: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm }) => ({
    form: 'posy',
    tier: top,
    xMm: 0,
    yMm: 0,
    facesRad: FRONT_RAD,
    focal: 0.5,
    widthMm: Math.min(64, topRadiusMm * 0.66),
    riseMm: Math.min(46, topRadiusMm * 0.45),
  }),
  draw: (spec, _skin, cake) => ({
    kind: 'own',
    shape: 'disc',
    ...domeOnTop(standOn(cake, { ...spec, standMm: 0 }), {
      radiusMm: spec.widthMm,
      riseMm: spec.riseMm,
      domeShare: 0.5,
      rimLeanRad: 0.73,
    }),
  }),
  fields: () => placeFields,
  grips: [placeGrip, facesGrip, rimGrip, domeGrip],
  limits: (spec, around) => onTopLimits(spec, spec.widthMm, around),
  onTop: true,
  hold: 'as said',
  picture: {
    d: 'M18 12C18 2 34 2 34 12Z',
    dots: [
      [21, 8],
      [26, 4],
      [31, 8],
    ],
  },
};
