import type { Barrier } from '../barrier';

/** Compound chocolate over the whole length that enters (trade.md C6, D3). */
export const compoundCoat: Barrier = {
  id: 'compound-coat',
  name: 'compound coat',
  kind: 'dip',
  boreMm: null,
  outsideMm: (stemMm) => stemMm + 1.6,
  stockMm: 40,
  reachMm: 40,
  mostGrams: 6,
  minutes: 5,
  tipMm: () => 3,
  allergens: ['milk', 'soybeans'],
  steps: [
    'Tape the stem closed to its end.',
    'Dip the whole length that enters, about 10 min to set.',
    'Look for bare places; only a whole coat goes into cake.',
  ],
  caution: 'Compound coat may hold milk and soya.',
};
