import type { Barrier } from '../barrier';

interface StrawOptions {
  id: string;
  boreMm: number;
  outside: number;
  stockMm: number;
  mostGrams: number;
}

const straw = ({ id, boreMm, outside, stockMm, mostGrams }: StrawOptions): Barrier => ({
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
  straw({ id: 'stirring-straw', boreMm: 2.6, outside: 3, stockMm: 130, mostGrams: 8 }),
  straw({ id: 'cocktail-straw', boreMm: 3.6, outside: 4, stockMm: 150, mostGrams: 15 }),
  straw({ id: 'drinking-straw', boreMm: 5.5, outside: 6, stockMm: 200, mostGrams: 30 }),
  straw({ id: 'wide-straw', boreMm: 7.5, outside: 8, stockMm: 220, mostGrams: 90 }),
];
