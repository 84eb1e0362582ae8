import type { Barrier } from '../barrier';

/** A bamboo skewer taped to the stem where weight needs stiffness; it enters bare, the wire ends above the surface (trade.md C6). */
export const skewer: Barrier = {
  id: 'skewer',
  name: 'bamboo skewer',
  kind: 'stake',
  boreMm: null,
  outsideMm: () => 3.5,
  stockMm: 200,
  reachMm: 120,
  mostGrams: 120,
  minutes: 3,
  dryMinutes: 0,
  touches: 'bare bamboo, made for food; wire and tape end above the icing',
  goodFor: 'weight that needs a stiff stem, sprays up to 4 mm thick',
  notFor: 'shallow tiers, places that children reach: the point is sharp',
  takenOut: 'flower and skewer together',
  tipMm: () => 0,
  allergens: [],
  steps: [
    'Tape the stem to the skewer; wire and tape end at least 5 mm above the icing.',
    'Cut the skewer to length, point down.',
    'Push it in bare.',
  ],
  caution: 'Wood splinters: count it out, and keep the point away from fingers.',
};
