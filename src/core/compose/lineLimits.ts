import { stackTiers, type Cake, type StackedTier } from '../cake/cake';
import { cakeSkin } from '../cake/skin';
import { bodyOf, type Catalogue } from '../botany/catalogue';
import type { Arrangement, LineSpec } from './arrangement';
import { effectiveAreaMm2 } from './envelope';
import { SKEWER_SHARE, type Line } from './line';
import type { PieceRef } from '../facts/fact';
import type { LineLimit } from './facts';

/** Empty when the line fits, and when it cannot be drawn at all (that is said elsewhere). */
export function lineLimits(spec: LineSpec, cake: Cake): LineLimit[] {
  const tier = 'tier' in spec ? stackTiers(cake)[spec.tier] : stackTiers(cake)[0];
  if (!tier) return [];
  const around = { tier, above: stackTiers(cake)[tier.index + 1], cake };
  return [...downLimits(spec, around), ...ringLimits(spec, around), ...onTopLimits(spec, around)];
}

interface Around {
  tier: StackedTier;
  above: StackedTier | undefined;
  cake: Cake;
}

/** Lines that run down a side: a trail, a cascade, a spray on the side, a swag. */
function downLimits(spec: LineSpec, { tier, cake }: Around): LineLimit[] {
  const sideMm = tier.tier.heightMm - tier.edgeMm;
  const limits: LineLimit[] = [];
  const trailMm =
    spec.form === 'crescent' || spec.form === 'corner spray' ? spec.trailMm : spec.form === 'lazy S' ? spec.dropMm : 0;
  if (trailMm > sideMm) limits.push({ code: 'compose.trail-long', values: { trailMm } });
  if (spec.form === 'cascade') {
    const roomMm = cakeSkin(cake).lengthMm - spec.startMm;
    if (spec.lengthDownMm > roomMm)
      limits.push({ code: 'compose.cascade-long', values: { lengthMm: spec.lengthDownMm, roomMm } });
  }
  if (spec.form === 'side spray') {
    const half = (spec.lengthMm / 2) * Math.abs(Math.sin(spec.slopeRad)) + Math.abs(spec.bowMm) + spec.widthMm;
    if (spec.heightMm - half < -spec.widthMm * 0.5 || spec.heightMm + half > sideMm + spec.widthMm * 0.5)
      limits.push({ code: 'compose.spray-high', values: { spanMm: 2 * half, sideMm } });
  }
  if (spec.form === 'garland' && spec.hangMm + spec.dropMm > sideMm)
    limits.push({ code: 'compose.swags-low', values: { hangMm: spec.hangMm + spec.dropMm } });
  return limits;
}

function ringLimits(spec: LineSpec, { tier, above }: Around): LineLimit[] {
  const limits: LineLimit[] = [];
  if (spec.form === 'ring' && spec.where === 'top' && above && tier.radiusMm * spec.radiusShare < above.radiusMm)
    limits.push({ code: 'compose.ring-under-tier', values: {} });
  if ((spec.form === 'crescent' || spec.form === 'ring') && spec.widthMm > tier.radiusMm)
    limits.push({ code: 'compose.half-width', values: { widthMm: spec.widthMm } });
  return limits;
}

/** Forms that stand on a top: nothing above them, and no farther out than the tier bears. */
function onTopLimits(spec: LineSpec, { tier, above }: Around): LineLimit[] {
  if (spec.form !== 'posy' && spec.form !== 'cluster' && spec.form !== 'plaque' && spec.form !== 'pick') return [];
  const { form } = spec;
  const footMm =
    spec.form === 'posy'
      ? spec.widthMm
      : spec.form === 'plaque'
        ? (spec.plateWidthMm / 2) * (spec.upright ? SKEWER_SHARE : 1) + (spec.upright ? 11 : 0)
        : 11;
  if (above) return [{ code: 'compose.under-next-tier', values: { form } }];
  const roomMm = -tier.outline.signedMm(tier.outline.xMm + spec.xMm, tier.outline.yMm + spec.yMm);
  return roomMm < footMm ? [{ code: 'compose.near-edge', values: { form } }] : [];
}

/** A line takes at most this many times the area of its envelope in pieces before they press. */
const MOST_FILL = 2.1;

/** What the pieces of an arrangement ask for that its cake or line does not allow: the worst of each, once. */
export function pieceLimits(arrangement: Arrangement, cake: Cake, line: Line, catalogue: Catalogue): LineLimit[] {
  const limits: LineLimit[] = [];
  const tiers = stackTiers(cake);
  let widest: { piece: PieceRef; widthMm: number; tierMm: number } | null = null;
  let outlineMm2 = 0;
  for (const piece of arrangement.pieces) {
    const body = bodyOf(piece, catalogue);
    if (body.species.habit === 'head') outlineMm2 += Math.PI * body.radialMm ** 2;
    const at = line.at(piece.s, 0).pointMm;
    const tier = tiers.find((t) => at[2] <= t.topMm + 1) ?? tiers[tiers.length - 1];
    const mm = body.radialMm * 2;
    if (tier && body.role === 'focal' && mm > tier.outline.nearMm * 2 && mm > (widest?.widthMm ?? 0))
      widest = { piece: { species: body.species.id, stage: piece.stage }, widthMm: mm, tierMm: tier.outline.nearMm * 2 };
  }
  if (widest) limits.push({ code: 'compose.head-wider-than-tier', values: widest });
  const areaMm2 = effectiveAreaMm2(line);
  if (outlineMm2 > areaMm2 * MOST_FILL) limits.push({ code: 'compose.overfull', values: { times: outlineMm2 / areaMm2 } });
  return limits;
}
