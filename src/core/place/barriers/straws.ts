import type { Barrier } from '../barrier';

const straw = (id: string, boreMm: number, outside: number, stockMm: number, mostGrams: number): Barrier => ({
  id,
  ways: 'straw',
  kind: 'straw',
  boreMm,
  outsideMm: () => outside,
  stockMm,
  reachMm: 60,
  mostGrams,
  minutes: 1.5,
  dryMinutes: 0,
  tipMm: (od) => 10 + od,
  allergens: [],
  stepCount: 4,
});

/** Straws in four bores (docs/trade.md C5). */
export const straws: readonly Barrier[] = [
  straw('stirring-straw', 2.6, 3, 130, 8),
  straw('cocktail-straw', 3.6, 4, 150, 15),
  straw('drinking-straw', 5.5, 6, 200, 30),
  straw('wide-straw', 7.5, 8, 220, 90),
];
