import type { Barrier } from '../barrier';

const pick = ({ id, boreMm, outside, stockMm }: { id: string; boreMm: number; outside: number; stockMm: number }): Barrier => ({
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
  pick({ id: 'pick-small', boreMm: 5.5, outside: 7.5, stockMm: 55 }),
  pick({ id: 'pick-medium', boreMm: 8.5, outside: 11, stockMm: 80 }),
  pick({ id: 'pick-large', boreMm: 12.5, outside: 15.5, stockMm: 115 }),
];
