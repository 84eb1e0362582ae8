import type { Barrier } from '../barrier';

const pick = (id: string, name: string, boreMm: number, outside: number, stockMm: number): Barrier => ({
  id,
  name,
  kind: 'pick',
  boreMm,
  outsideMm: () => outside,
  stockMm,
  reachMm: 115,
  mostGrams: 200,
  minutes: 1,
  dryMinutes: 0,
  touches: 'its outside, made for food, tip sealed',
  goodFor: 'thick stems, sprays, heavy heads; the flower can come out and go in again',
  notFor: 'shallow tiers: its length is fixed',
  takenOut: 'the flower first, then every pick',
  tipMm: () => 4,
  allergens: [],
  steps: [
    'Push the pick into the cake first; its rim stays 2 mm proud.',
    'A little soft paste in the pick holds the stem.',
    'Set the stem in after.',
  ],
  caution: 'Hard plastic: count it out before anyone cuts.',
});

/** Food-grade flower picks with a sealed tip: for deep tiers and thick stems. Their length is fixed. */
export const picks: readonly Barrier[] = [
  pick('pick-small', 'small pick', 5.5, 7.5, 55),
  pick('pick-medium', 'medium pick', 8.5, 11, 80),
  pick('pick-large', 'large pick', 12.5, 15.5, 115),
];
