import type { Barrier } from '../barrier';

const pick = (id: string, boreMm: number, outside: number, stockMm: number): Barrier => ({
  id,
  ways: 'pick',
  kind: 'pick',
  boreMm,
  outsideMm: () => outside,
  stockMm,
  reachMm: 115,
  mostGrams: 200,
  minutes: 1,
  dryMinutes: 0,
  tipMm: () => 4,
  allergens: [],
  stepCount: 3,
});

/** Food-grade flower picks with a sealed tip: for deep tiers and thick stems. Their length is fixed. */
export const picks: readonly Barrier[] = [
  pick('pick-small', 5.5, 7.5, 55),
  pick('pick-medium', 8.5, 11, 80),
  pick('pick-large', 12.5, 15.5, 115),
];
