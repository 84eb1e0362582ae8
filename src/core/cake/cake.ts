import * as v from 'valibot';
import { angleRad, between, hue, id, overBoardMm } from '../boundary/parts';
import type { TierRef } from '../facts/fact';
import { clamp } from '../geometry/numbers';
import type { CakeFact } from './facts';
import { outlineOf, type Outline } from './outline';

export const TIER_SHAPES = ['round', 'square', 'rectangle', 'hexagon'] as const;

/** How wide and how high a tier may be, mm. */
export const TIER_WIDTH_MM = { least: 40, most: 800 } as const;
export const TIER_HEIGHT_MM = { least: 10, most: 400 } as const;

const tierSchema = v.strictObject({
  id,
  /** Plan outline of the tier. */
  shape: v.picklist(TIER_SHAPES),
  /** across: a round's diameter, the side of a square, a rectangle's width, a hexagon from flat to flat */
  diameterMm: between(TIER_WIDTH_MM.least, TIER_WIDTH_MM.most),
  /** a rectangle's other side, front to back; other shapes do not use it */
  depthMm: v.optional(between(TIER_WIDTH_MM.least, TIER_WIDTH_MM.most), 200),
  /** radius of the softened upright corners of shapes that have corners */
  cornerMm: v.optional(between(0, 120), 12),
  /** off the middle of the board, x to the right and y to the back, and turned counter-clockwise seen from above */
  offset: v.optional(v.strictObject({ xMm: between(-300, 300), yMm: between(-300, 300) }), {
    xMm: 0,
    yMm: 0,
  }),
  turnRad: v.optional(angleRad, 0),
  heightMm: between(TIER_HEIGHT_MM.least, TIER_HEIGHT_MM.most),
  /** What stands inside: cake that is eaten, foam that nobody eats, or a separator that only holds the next tier up. */
  kind: v.picklist(['edible', 'dummy', 'separator']),
  covering: v.strictObject({ name: v.pipe(v.string(), v.maxLength(120)), colour: hue, eaten: v.boolean() }),
  /** Radius of the softened top edge. */
  edgeRadiusMm: between(0, 40),
});

export const crumbs = ['sponge', 'sponge, chilled', 'butter cake', 'butter cake, chilled', 'fruit cake'] as const;

/** As high as eight of the highest tiers, and a little into the board. */
const DOWEL_END_MM = between(-60, 8 * TIER_HEIGHT_MM.most);

export const cakeSchema = v.strictObject({
  /** Bottom tier first; each stands on the one below. The origin is the centre of the board’s top. */
  tiers: v.pipe(v.array(tierSchema), v.maxLength(8)),
  board: v.strictObject({ diameterMm: between(50, 1000), thicknessMm: between(1, 60) }),
  crumb: v.picklist(crumbs),
  /** Dowels and a central rod: upright obstacles. */
  dowels: v.pipe(
    v.array(
      v.strictObject({
        xMm: overBoardMm,
        yMm: overBoardMm,
        diameterMm: between(1, 40),
        fromMm: DOWEL_END_MM,
        toMm: DOWEL_END_MM,
      }),
    ),
    v.maxLength(60),
  ),
});

export type Tier = v.InferOutput<typeof tierSchema>;
export type Cake = v.InferOutput<typeof cakeSchema>;

/** A tier with where it stands: z of its foot and of its top. */
export interface StackedTier {
  tier: Tier;
  index: number;
  outline: Outline;
  /** half the size across */
  radiusMm: number;
  footMm: number;
  topMm: number;
  edgeMm: number;
}

export function stackTiers(cake: Cake): StackedTier[] {
  let footMm = 0;
  return cake.tiers.map((tier, index) => {
    const narrow = Math.min(tier.diameterMm, tier.shape === 'rectangle' ? tier.depthMm : Infinity) / 2;
    const edgeMm = Math.min(tier.edgeRadiusMm, narrow - 1, tier.heightMm / 2);
    const stacked = {
      tier,
      index,
      outline: outlineOf(tier, edgeMm),
      radiusMm: tier.diameterMm / 2,
      footMm,
      topMm: footMm + tier.heightMm,
      edgeMm,
    };
    footMm = stacked.topMm;
    return stacked;
  });
}

export const cakeHeightMm = (cake: Cake): number => cake.tiers.reduce((total, tier) => total + tier.heightMm, 0);

/** A tier as wide as a hand draws it, in steps of two millimetres, and as high, in whole ones; as far as a tier may be. */
export const drawnWidthMm = (mm: number): number => Math.round(clamp(mm, TIER_WIDTH_MM.least, TIER_WIDTH_MM.most) / 2) * 2;
export const drawnHeightMm = (mm: number): number => Math.round(clamp(mm, TIER_HEIGHT_MM.least, TIER_HEIGHT_MM.most));

/** A tier as facts carry it. */
export const tierRef = (cake: Cake, index: number): TierRef => ({ index, of: cake.tiers.length });

/** A fault of a cake, and the field that it is about. */
export type CakeFault = CakeFact & { path: string };

/** What cannot be stacked as typed: said, never mended in silence. */
export function cakeFaults(cake: Cake): CakeFault[] {
  const faults: CakeFault[] = [];
  if (cake.tiers.length === 0) faults.push({ code: 'cake.no-tier', values: {}, path: 'cake.tiers' });
  const stacked = stackTiers(cake);
  stacked.forEach(({ tier, outline }, i) => {
    const below = stacked[i - 1];
    const overMm = below ? Math.max(...outline.round(0).map((p) => below.outline.signedMm(p.x, p.y))) : 0;
    if (!below || overMm <= 0.01) return;
    const ref = tierRef(cake, i);
    if (tier.diameterMm > below.tier.diameterMm) {
      const values = { tier: ref, widthMm: tier.diameterMm, belowMm: below.tier.diameterMm };
      faults.push({ code: 'cake.tier-wider', values, path: `cake.tiers.${i}.diameterMm` });
    } else
      faults.push({
        code: 'cake.tier-overhangs',
        values: { tier: ref, overMm: Math.ceil(overMm) },
        path: `cake.tiers.${i}.offset`,
      });
  });
  const bottom = stacked[0];
  const tierMm = bottom ? 2 * Math.max(...bottom.outline.round(0).map((p) => Math.hypot(p.x, p.y))) : 0;
  if (bottom && cake.board.diameterMm < tierMm - 0.01)
    faults.push({
      code: 'cake.board-small',
      values: { boardMm: cake.board.diameterMm, tierMm },
      path: 'cake.board.diameterMm',
    });
  return faults;
}
