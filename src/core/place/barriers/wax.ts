import type { Barrier } from '../barrier';

/** Sealing wax made for food contact, two coats (docs/trade.md C6, D3). */
export const wax: Barrier = {
  id: 'wax',
  kind: 'dip',
  ways: 'wax',
  boreMm: null,
  outsideMm: (stemMm) => stemMm + 1.4,
  stockMm: 40,
  reachMm: 40,
  mostGrams: 6,
  minutes: 4,
  dryMinutes: 2,
  tipMm: () => 3,
  allergens: [],
  stepCount: 3,
};
