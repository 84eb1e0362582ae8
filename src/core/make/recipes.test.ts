import { MEASURES, recipeById, RECIPES, scaled, spoonOf, suppliesFor, type Spoon } from './recipes';

const told = ({ measure, figure }: Spoon): string => (figure ? `${figure} ${measure}` : measure);

/** NIST Special Publication 811 (2008), appendix B.8, in cubic metres, as printed there; from memory. */
const NIST = { teaspoon: 4.928922e-6, tablespoon: 1.478676e-5 };

describe('kitchen measures against NIST SP 811', () => {
  test('teaspoon and tablespoon to the printed figures', () => {
    expect(MEASURES.tsp.ml / 1e6 / NIST.teaspoon).toBeCloseTo(1, 6);
    expect(MEASURES.tbsp.ml / 1e6 / NIST.tablespoon).toBeCloseTo(1, 6);
  });

  test('three teaspoons are a tablespoon (exact by definition)', () => {
    expect(3 * MEASURES.tsp.ml).toBeCloseTo(MEASURES.tbsp.ml, 9);
  });
});

/** What spoons said in words hold, ml, read by another hand. */
function measured(words: string): number {
  if (words === 'pinch') return MEASURES.tsp.ml / 8;
  const [, whole, part, measure] = /^(\d*)([⅛¼⅜½⅝¾⅞]?) (tsp|tbsp)$/.exec(words)!;
  return (Number(whole) + ' ⅛¼⅜½⅝¾⅞'.indexOf(part || ' ') / 8) * MEASURES[measure as 'tsp' | 'tbsp'].ml;
}

describe('recipes, scaled', () => {
  test('edible glue: ¼ tsp CMC to 2 tbsp warm water (docs/trade.md P11; common practice, no source)', () => {
    const glue = recipeById('glue');
    expect(scaled(glue, glue.makesMl).map((p) => told(p.spoon))).toEqual(['¼ tsp', '2 tbsp']);
    expect(scaled(glue, glue.makesMl / 2).map((p) => told(p.spoon))).toEqual(['⅛ tsp', '1 tbsp']);
    expect(scaled(glue, glue.makesMl * 4).map((p) => told(p.spoon))).toEqual(['1 tsp', '8 tbsp']);
  });

  test.each(RECIPES.map((r) => [r.id, r] as const))('%s keeps its proportions at every scale, and no spoon is short', (_, r) => {
    const whole = scaled(r, r.makesMl);
    for (const times of [0.1, 0.5, 3, 11]) {
      scaled(r, r.makesMl * times).forEach((p, i) => {
        expect(p.ml).toBeCloseTo(whole[i]!.ml * times, 9);
        if (p.spoon.measure !== 'pinch') expect(measured(told(p.spoon))).toBeGreaterThanOrEqual(p.ml * 0.99);
        expect(measured(told(p.spoon))).toBeLessThan(p.ml + MEASURES.tbsp.ml / 4 + 1e-9);
      });
    }
    expect(scaled(r, 0).every((p) => p.spoon.measure === 'none')).toBe(true);
    expect(scaled(r, -3).every((p) => p.spoon.measure === 'none')).toBe(true);
  });

  test.each([
    [4.93, '1 tsp'],
    [5, '1⅛ tsp'],
    [0.6, '⅛ tsp'],
    [0.2, 'pinch'],
    [15.5, '1¼ tbsp'],
    [14.78, '1 tbsp'],
    [22.1, '1½ tbsp'],
  ])('%f ml is %s', (ml, words) => expect(told(spoonOf(ml))).toBe(words));
});

describe('what to have ready', () => {
  const job = { glueMl: 12, glazeMl: 4, pasteGrams: 400, glue: 'CMC glue' as const };

  test('twice the work takes twice as much; egg-white glue carries its allergen', () => {
    const ml = (times: number) =>
      suppliesFor({ ...job, glueMl: job.glueMl * times, glazeMl: job.glazeMl * times, pasteGrams: job.pasteGrams * times });
    ml(2).forEach((s, i) => expect(s.ml).toBeCloseTo(2 * ml(1)[i]!.ml, 9));
    expect(suppliesFor({ ...job, glue: 'egg white' }).map((s) => s.id)).toContain('egg glue');
    expect(recipeById('egg glue').allergens).toEqual(['egg']);
  });

  test('nothing to make, nothing to mix', () => {
    expect(suppliesFor({ glueMl: 0, glazeMl: 0, pasteGrams: 0, glue: 'CMC glue' })).toEqual([]);
  });
});
