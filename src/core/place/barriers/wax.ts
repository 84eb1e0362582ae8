import type { Barrier } from '../barrier';

/** Sealing wax made for food contact, two coats (trade.md C6, D3). */
export const wax: Barrier = {
  id: 'wax',
  name: 'wax, two coats',
  kind: 'dip',
  boreMm: null,
  outsideMm: (stemMm) => stemMm + 1.4,
  stockMm: 40,
  reachMm: 40,
  mostGrams: 6,
  minutes: 4,
  dryMinutes: 2,
  touches: 'the coat, made for food contact',
  goodFor: 'light stems, shallow tiers, thin places where no straw fits',
  notFor: 'heads over 6 g, wire that is bent after dipping: the coat cracks',
  takenOut: 'the stem whole; look that the coat came out with it',
  tipMm: () => 3,
  allergens: [],
  steps: [
    'Tape the stem closed to its end.',
    'Dip as deep as it will go in, let it set, dip again.',
    'Look for bare places; only a whole coat goes into cake.',
  ],
  caution: 'Hot wax burns: melt it over water, keep children away.',
};
