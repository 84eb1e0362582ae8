import * as v from 'valibot';
import { domeOnTop, standOn } from '../dome';
import { placeFields, standField } from './fields';
import { facesGrip, placeGrip, rimGrip, standGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, FRONT_RAD, onTop, onTopLimits, standMm, STEM_FOOT_MM } from './parts';

const schema = v.strictObject({ form: v.literal('pick'), ...onTop, standMm, focal: focalRound, ...envelope });

/** A single pick: one flower or a few on one short stem, set where a finger would point. */
export const pick: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm }) => ({
    form: 'pick',
    tier: top,
    xMm: 0,
    yMm: 0,
    facesRad: FRONT_RAD,
    standMm: 10,
    focal: 0.5,
    widthMm: Math.min(22, topRadiusMm * 0.4),
    riseMm: Math.min(18, topRadiusMm * 0.3),
  }),
  draw: (spec, _skin, cake) => ({
    kind: 'own',
    shape: 'disc',
    ...domeOnTop(standOn(cake, spec), { radiusMm: spec.widthMm, riseMm: spec.riseMm, domeShare: 0.4, rimLeanRad: 0.9 }),
    stand: standOn(cake, spec),
  }),
  fields: () => [...placeFields, standField],
  grips: [placeGrip, facesGrip, standGrip, rimGrip],
  limits: (spec, around) => onTopLimits(spec, STEM_FOOT_MM, around),
  onTop: true,
  hold: 'one stem',
  picture: { d: 'M26 20V9', dots: [[26, 7]] },
};
