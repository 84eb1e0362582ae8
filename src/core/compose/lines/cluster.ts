import * as v from 'valibot';
import { between } from '../../boundary/parts';
import type { Cake } from '../../cake/cake';
import { clamp } from '../../geometry/numbers';
import { cross, normalize, type Vec3 } from '../../geometry/vec3';
import { domeOnTop, standOn } from '../dome';
import type { DrawnLine, LineFrame } from '../line';
import { degrees, placeFields, standField } from './fields';
import { facesGrip, placeGrip, standGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focalRound, FRONT_RAD, onTop, onTopLimits, standMm, STEM_FOOT_MM } from './parts';

/** A fan's flowers begin this share of its radius above the point where its stems meet. */
const INNER_SHARE = 0.3;
/** It bulges forward by this share of its rise. */
const BULGE_SHARE = 0.6;

const schema = v.strictObject({
  form: v.literal('cluster'),
  ...onTop,
  /** on one stem of this height: a fan that looks forward, or a dome that looks all round */
  spread: v.picklist(['fan', 'dome']),
  standMm,
  sweepRad: between(0.5, Math.PI * 1.2),
  focal: focalRound,
  ...envelope,
});

function draw(spec: v.InferOutput<typeof schema>, cake: Cake): DrawnLine {
  const stand = standOn(cake, spec);
  if (spec.spread === 'dome') {
    const dome = { radiusMm: spec.widthMm, riseMm: spec.riseMm, domeShare: 0.95, rimLeanRad: 1.25 };
    return { kind: 'own', shape: 'disc', stand, ...domeOnTop(stand, dome) };
  }
  const R = spec.widthMm;
  const middle = (R * (1 + INNER_SHARE)) / 2;
  const half = (R * (1 - INNER_SHARE)) / 2;
  const at = (s: number, sideMm: number): LineFrame => {
    const turn = (clamp(s) - 0.5) * spec.sweepRad;
    const r = Math.max(2, middle + sideMm);
    const out = clamp((r - R * INNER_SHARE) / (R - R * INNER_SHARE));
    const bulge = spec.riseMm * BULGE_SHARE * Math.sqrt(Math.max(0, 1 - (2 * out - 1) ** 2 * 0.9)) * Math.cos(turn * 0.8);
    const up: Vec3 = [Math.sin(turn), 0, Math.cos(turn)];
    const lean = 0.25 + 0.55 * out;
    const normal = normalize([up[0] * Math.sin(lean), -Math.cos(lean), up[2] * Math.sin(lean)]);
    const along: Vec3 = [Math.cos(turn), 0, -Math.sin(turn)];
    const [cx, cy, cz] = stand.topMm;
    return { pointMm: [cx + up[0] * r, cy - bulge, cz + up[2] * r], normal, along, toSide: cross(normal, along) };
  };
  return {
    kind: 'own',
    shape: 'disc',
    stand,
    lengthMm: spec.sweepRad * middle,
    halfWidthMm: () => half,
    riseMm: () => spec.riseMm,
    at,
  };
}

/** Stands on one stem above a top: a fan that looks forward, or a full dome. */
export const cluster: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm }) => ({
    form: 'cluster',
    tier: top,
    xMm: 0,
    yMm: 0,
    facesRad: FRONT_RAD,
    spread: 'fan',
    standMm: 20,
    sweepRad: 2.4,
    focal: 0.5,
    widthMm: Math.min(70, topRadiusMm * 0.85),
    riseMm: Math.min(34, topRadiusMm * 0.4),
  }),
  draw: (spec, _skin, cake) => draw(spec, cake),
  fields: ({ spread }) => [
    ...placeFields,
    standField,
    ...(spread === 'dome' ? [] : [degrees({ key: 'sweepRad', name: 'fan', least: 29, most: 216 })]),
  ],
  grips: [placeGrip, facesGrip, standGrip],
  limits: (spec, around) => onTopLimits(spec, STEM_FOOT_MM, around),
  onTop: true,
  hold: 'one stem',
  picture: {
    d: 'M26 16V11M26 11L16 6M26 11L36 6',
    dots: [
      [16, 6],
      [26, 4],
      [36, 6],
    ],
  },
};
