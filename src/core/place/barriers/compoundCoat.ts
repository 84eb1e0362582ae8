import type { Barrier } from '../barrier';

/** Compound chocolate over the whole length that enters (docs/trade.md C6, D3). */
export const compoundCoat: Barrier = {
  id: 'compound-coat',
  kind: 'dip',
  ways: 'compound-coat',
  boreMm: null,
  outsideMm: (stemMm) => stemMm + 1.6,
  stockMm: 40,
  reachMm: 40,
  mostGrams: 6,
  minutes: 5,
  dryMinutes: 10,
  tipMm: () => 3,
  allergens: ['milk', 'soybeans'],
  stepCount: 3,
};
