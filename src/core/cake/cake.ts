import * as v from 'valibot';

const colour = v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/i, 'a colour is written #rrggbb'));
const mm = (least: number, most: number, what: string) =>
  v.pipe(
    v.number(`${what} is a number of millimetres`),
    v.finite(`${what} is a number of millimetres`),
    v.minValue(least, `${what} is at least ${least} mm`),
    v.maxValue(most, `${what} is at most ${most} mm`),
  );

export const tierSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1)),
  /** Plan outline of the tier. */
  shape: v.picklist(['round']),
  diameterMm: mm(40, 800, 'a tier’s diameter'),
  heightMm: mm(10, 400, 'a tier’s height'),
  /** What stands inside: cake that is eaten, foam that nobody eats. */
  kind: v.picklist(['edible', 'dummy']),
  covering: v.object({ name: v.string(), colour, eaten: v.boolean() }),
  /** Radius of the softened top edge. */
  edgeRadiusMm: mm(0, 40, 'a tier’s edge radius'),
});

export const crumbs = ['sponge', 'sponge, chilled', 'butter cake', 'butter cake, chilled', 'fruit cake'] as const;

export const cakeSchema = v.object({
  /** Bottom tier first; each stands in the middle of the one below. The origin is the centre of the board’s top. */
  tiers: v.pipe(v.array(tierSchema), v.maxLength(8, 'a cake has at most 8 tiers')),
  board: v.object({ diameterMm: mm(50, 1000, 'the board’s diameter'), thicknessMm: mm(1, 60, 'the board’s thickness') }),
  crumb: v.picklist(crumbs),
  /** Dowels and a central rod: upright obstacles. */
  dowels: v.pipe(
    v.array(
      v.object({
        xMm: v.number(),
        yMm: v.number(),
        diameterMm: mm(1, 40, 'a dowel’s diameter'),
        fromMm: v.number(),
        toMm: v.number(),
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
  radiusMm: number;
  footMm: number;
  topMm: number;
  edgeMm: number;
}

export function stackTiers(cake: Cake): StackedTier[] {
  let footMm = 0;
  return cake.tiers.map((tier, index) => {
    const stacked = {
      tier,
      index,
      radiusMm: tier.diameterMm / 2,
      footMm,
      topMm: footMm + tier.heightMm,
      edgeMm: Math.min(tier.edgeRadiusMm, tier.diameterMm / 2 - 1, tier.heightMm / 2),
    };
    footMm = stacked.topMm;
    return stacked;
  });
}

export const cakeHeightMm = (cake: Cake): number => cake.tiers.reduce((total, tier) => total + tier.heightMm, 0);

/** What a decorator calls a tier: top, middle, bottom, or counted from below. */
export function tierName(cake: Cake, index: number): string {
  const last = cake.tiers.length - 1;
  if (last <= 0) return 'the tier';
  if (index === 0) return 'bottom tier';
  if (index === last) return 'top tier';
  return last === 2 ? 'middle tier' : `tier ${index + 1}`;
}

export interface CakeFault {
  path: string;
  message: string;
}

/** What cannot be stacked as typed: said, never mended in silence. */
export function cakeFaults(cake: Cake): CakeFault[] {
  const faults: CakeFault[] = [];
  if (cake.tiers.length === 0) faults.push({ path: 'cake.tiers', message: 'The cake has no tier yet: add one in Brief.' });
  cake.tiers.forEach((tier, i) => {
    const below = cake.tiers[i - 1];
    if (below && tier.diameterMm > below.diameterMm) {
      faults.push({
        path: `cake.tiers.${i}.diameterMm`,
        message: `The ${tierName(cake, i)} is wider than the one it stands on: ${tier.diameterMm} over ${below.diameterMm} mm.`,
      });
    }
  });
  const bottom = cake.tiers[0];
  if (bottom && cake.board.diameterMm < bottom.diameterMm) {
    faults.push({
      path: 'cake.board.diameterMm',
      message: `The board is smaller than the bottom tier: ${cake.board.diameterMm} under ${bottom.diameterMm} mm.`,
    });
  }
  return faults;
}
