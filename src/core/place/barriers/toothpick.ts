import type { Barrier } from '../barrier';

/** A wooden toothpick taped to a light stem; it enters bare, the wire ends above the surface. */
export const toothpick: Barrier = {
  id: 'toothpick',
  name: 'toothpick',
  kind: 'stake',
  boreMm: null,
  outsideMm: () => 2.1,
  stockMm: 65,
  reachMm: 45,
  mostGrams: 8,
  minutes: 2,
  tipMm: () => 0,
  dryMinutes: 0,
  allergens: [],
  touches: 'bare wood, made for food; wire and tape end above the icing',
  goodFor: 'single light heads and plaques in shallow cake',
  notFor: 'heavy heads, small children: it is short, pale and easily missed',
  takenOut: 'flower and toothpick together, each counted',
  steps: [
    'Tape the stem to the upper third; wire and tape end at least 5 mm above the icing.',
    'Push it in bare, along its own line.',
  ],
  caution: 'Small and pale: it is easily missed. Count every one out before anyone cuts.',
};
