import type { Barrier } from '../barrier';

/** A wooden toothpick taped to a light stem; it enters bare, the wire ends above the surface. */
export const toothpick: Barrier = {
  id: 'toothpick',
  kind: 'stake',
  ways: 'toothpick',
  boreMm: null,
  outsideMm: () => 2.1,
  stockMm: 65,
  reachMm: 45,
  mostGrams: 8,
  minutes: 2,
  tipMm: () => 0,
  dryMinutes: 0,
  allergens: [],
  stepCount: 2,
};
