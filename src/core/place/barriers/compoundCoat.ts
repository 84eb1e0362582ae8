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
  dryMinutes: 10,
  touches: 'the coat, which is food',
  goodFor: 'light stems, shallow tiers; no plastic on the plate',
  notFor: 'heads over 6 g, warm rooms, guests who may not have milk or soya',
  takenOut: 'the stem whole; crumbs of coat may stay and are food',
  tipMm: () => 3,
  allergens: ['milk', 'soybeans'],
  steps: [
    'Tape the stem closed to its end.',
    'Dip the whole length that enters, about 10 min to set.',
    'Look for bare places; only a whole coat goes into cake.',
  ],
  caution: 'Compound coat may hold milk and soya.',
};
