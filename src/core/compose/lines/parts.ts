import * as v from 'valibot';
import { angleRad, between, overBoardMm } from '../../boundary/parts';
import { FRONT_AZIMUTH_RAD } from '../../geometry/units';
import type { LineLimit } from '../facts';
import type { Around } from './kind';

/** an index, the lowest tier first */
export const tier = v.pipe(v.number(), v.integer(), v.minValue(0));
export const focal = between(0.05, 0.95);
/** where a line has no tips */
export const focalRound = between(0, 1);
export const standMm = between(0, 300);

/** Envelope: half-width and rise, full at the focal point, falling to the tips. */
export const envelope = { widthMm: between(4, 160), riseMm: between(2, 160) };

/** on a top: from the middle of the tier, mm */
export const onTop = {
  tier,
  xMm: overBoardMm,
  yMm: overBoardMm,
  /** the azimuth that it faces; the front unless said */
  facesRad: v.optional(angleRad, FRONT_AZIMUTH_RAD),
};

export const FRONT_RAD = -Math.PI / 2;

/** What hangs over an edge, no longer than its side. */
export function trailLimits(trailMm: number, { tier: { tier: own, edgeMm } }: Around): LineLimit[] {
  return trailMm > own.heightMm - edgeMm ? [{ code: 'compose.trail-long', values: { trailMm } }] : [];
}

/** A line on a top is no wider than the tier. */
export function widthLimits(widthMm: number, { tier: { radiusMm } }: Around): LineLimit[] {
  return widthMm > radiusMm ? [{ code: 'compose.half-width', values: { widthMm } }] : [];
}

type Standing = Extract<LineLimit, { code: 'compose.near-edge' }>['values']['form'];

/** One stem keeps at least this far from an edge, mm. Assumed. */
export const STEM_FOOT_MM = 11;

/** What stands on a top: nothing above it, and no farther out than the tier bears. */
export function onTopLimits(
  { form, xMm, yMm }: { form: Standing; xMm: number; yMm: number },
  footMm: number,
  { tier: { outline }, above }: Around,
): LineLimit[] {
  if (above) return [{ code: 'compose.under-next-tier', values: { form } }];
  const roomMm = -outline.signedMm(outline.xMm + xMm, outline.yMm + yMm);
  return roomMm < footMm ? [{ code: 'compose.near-edge', values: { form } }] : [];
}
