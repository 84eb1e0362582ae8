import type { Barrier } from '../barrier';

const straw = (id: string, name: string, boreMm: number, outside: number, stockMm: number, mostGrams: number): Barrier => ({
  id,
  name,
  kind: 'straw',
  boreMm,
  outsideMm: () => outside,
  stockMm,
  reachMm: 60,
  mostGrams,
  minutes: 1.5,
  dryMinutes: 0,
  touches: 'its outside, made for food; the wire stays inside',
  goodFor: 'single stems and small bunches in cake that is not too shallow',
  notFor: 'stems thicker than its bore, cake under 35 mm deep, heavy heads in soft sponge',
  takenOut: 'flower and straw together, straight up',
  tipMm: (od) => 10 + od,
  allergens: [],
  steps: [
    'Pinch or plug the lower end so that no crumb is cored up to the wire.',
    'Bend the wire so that it springs, slide it in.',
    'Cut the straw about 10 mm below the wire’s end, on a slant.',
    'Push it in with pliers at the mouth; the rim stays 2 mm proud.',
  ],
  caution: 'Bright straws only, so that the cutter finds them. An unplugged straw is looked at again.',
});

/** Straws in four bores (trade.md C5). */
export const straws: readonly Barrier[] = [
  straw('stirring-straw', 'stirring straw', 2.6, 3, 130, 8),
  straw('cocktail-straw', 'cocktail straw', 3.6, 4, 150, 15),
  straw('drinking-straw', 'drinking straw', 5.5, 6, 200, 30),
  straw('wide-straw', 'wide straw', 7.5, 8, 220, 90),
];
