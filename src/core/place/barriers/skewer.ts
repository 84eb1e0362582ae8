import type { Barrier } from '../barrier';

/** A bamboo skewer taped to the stem where weight needs stiffness; it enters bare, the wire ends above the surface (docs/trade.md C6). */
export const skewer: Barrier = {
  id: 'skewer',
  kind: 'stake',
  ways: 'skewer',
  boreMm: null,
  outsideMm: () => 3.5,
  stockMm: 200,
  reachMm: 120,
  mostGrams: 120,
  minutes: 3,
  dryMinutes: 0,
  tipMm: () => 0,
  allergens: [],
  stepCount: 3,
};
