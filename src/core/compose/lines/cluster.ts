import { clamp } from '../../geometry/numbers';
import { cross, normalize, type Vec3 } from '../../geometry/vec3';
import { domeOnTop, standOn } from '../dome';
import type { FormMaker, LineFrame } from '../line';

/** A fan's flowers begin this share of its radius above the point where its stems meet. */
const INNER_SHARE = 0.3;
/** It bulges forward by this share of its rise. */
const BULGE_SHARE = 0.6;

/** Stands on one stem above a top: a fan that looks forward, or a full dome. */
export const cluster: FormMaker<'cluster'> = (spec, _skin, cake) => {
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
};
