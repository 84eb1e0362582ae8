import type { FactOf, FactTable } from '../facts/fact';

/** What cannot be stacked as typed. */
export const CAKE_WARNINGS = {
  'cake.no-tier': {},
  'cake.tier-wider': { tier: 'tier', widthMm: 'mm', belowMm: 'mm' },
  'cake.tier-overhangs': { tier: 'tier', overMm: 'mm' },
  'cake.board-small': { boardMm: 'mm', tierMm: 'mm' },
} as const satisfies FactTable;

export type CakeFact = FactOf<typeof CAKE_WARNINGS>;
