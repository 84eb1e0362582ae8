import { must } from '../geometry/must';

/**
 * Kitchen measures in millilitres: US customary ones as NIST Special Publication 811 (2008), appendix B.8, gives them
 * (exact values by the inch; from memory).
 */
export const MEASURES = {
  tsp: { ml: 4.92892159375 },
  tbsp: { ml: 14.78676478125 },
} as const;

type Measure = keyof typeof MEASURES;

/** What goes into something that is mixed at the bench. */
interface Ingredient {
  measure: Measure;
  amount: number;
}

export interface BenchRecipe {
  id: SupplyId;
  /** in the order in which the words name them */
  ingredients: readonly Ingredient[];
  /** what it comes to */
  makesMl: number;
  source: string;
  allergens: readonly string[];
}

export type SupplyId = 'glue' | 'egg glue' | 'glaze' | 'starch' | 'fat';

export const RECIPES: readonly BenchRecipe[] = [
  {
    id: 'glue',
    ingredients: [
      { measure: 'tsp', amount: 0.25 },
      { measure: 'tbsp', amount: 2 },
    ],
    makesMl: 2 * MEASURES.tbsp.ml,
    source: 'common practice, no source',
    allergens: [],
  },
  {
    id: 'egg glue',
    ingredients: [{ measure: 'tbsp', amount: 2 }],
    makesMl: 2 * MEASURES.tbsp.ml,
    source: 'common practice, no source',
    allergens: ['egg'],
  },
  {
    id: 'glaze',
    ingredients: [
      { measure: 'tsp', amount: 1 },
      { measure: 'tsp', amount: 1 },
    ],
    makesMl: 2 * MEASURES.tsp.ml,
    source: 'assumed',
    allergens: [],
  },
  {
    id: 'starch',
    ingredients: [{ measure: 'tbsp', amount: 1 }],
    makesMl: MEASURES.tbsp.ml,
    source: 'assumed',
    allergens: [],
  },
  {
    id: 'fat',
    ingredients: [{ measure: 'tsp', amount: 1 }],
    makesMl: MEASURES.tsp.ml,
    source: 'assumed',
    allergens: [],
  },
];

export const recipeById = (id: SupplyId): BenchRecipe => must(RECIPES.find((r) => r.id === id));

/** Starch and fat for 100 g of paste: assumed, no source; half as much again is mixed as is used. */
const STARCH_ML_PER_100_GRAMS = 6;
const FAT_ML_PER_100_GRAMS = 1;
const MIXED_OVER_USED = 1.5;

export interface Supply {
  id: SupplyId;
  ml: number;
}

/** How much glue, glaze, starch and fat to have ready; nothing for no work. Glue and glaze as they are used, `glue` as the job says. */
export function suppliesFor(job: {
  glueMl: number;
  glazeMl: number;
  pasteGrams: number;
  glue: 'CMC glue' | 'egg white';
}): Supply[] {
  const { glueMl, glazeMl, pasteGrams, glue } = job;
  const all: Supply[] = [
    { id: glue === 'egg white' ? 'egg glue' : 'glue', ml: glueMl * MIXED_OVER_USED },
    { id: 'glaze', ml: glazeMl * MIXED_OVER_USED },
    { id: 'starch', ml: (pasteGrams / 100) * STARCH_ML_PER_100_GRAMS },
    { id: 'fat', ml: (pasteGrams / 100) * FAT_ML_PER_100_GRAMS },
  ];
  return all.filter((s) => s.ml > 0);
}

/** The finest spoon that is measured with: an eighth of a teaspoon. */
const FINEST_ML = MEASURES.tsp.ml / 8;

/** So much of a spoon: a figure in eighths, of which measure. */
export interface Spoon {
  measure: Measure | 'pinch' | 'none';
  figure: string;
}

/** A recipe scaled to at least so many millilitres, each ingredient to the next eighth of a teaspoon up, so that none is missing. */
export function scaled(recipe: BenchRecipe, ml: number): { ml: number; spoon: Spoon }[] {
  const times = Math.max(0, ml) / recipe.makesMl;
  return recipe.ingredients.map(({ measure, amount }) => {
    const exact = amount * MEASURES[measure].ml * times;
    return { ml: exact, spoon: spoonOf(exact) };
  });
}

/** Less than this over a full spoon is no reason for the next. */
const AS_GOOD_AS = 0.005;

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** 2 tbsp, 1¼ tsp, a pinch: the next eighth of a teaspoon up; tablespoons by quarters from one on. */
export function spoonOf(ml: number): Spoon {
  if (!(ml > 0)) return { measure: 'none', figure: '' };
  if (ml < FINEST_ML * 0.75) return { measure: 'pinch', figure: '' };
  const measure: Measure = ml >= MEASURES.tbsp.ml * (1 - AS_GOOD_AS) ? 'tbsp' : 'tsp';
  const step = measure === 'tbsp' ? 4 : 8;
  const steps = Math.ceil((ml / MEASURES[measure].ml) * (1 - AS_GOOD_AS) * step);
  const eighths = (steps % step) * (8 / step);
  const whole = Math.floor(steps / step);
  return { measure, figure: `${whole || ''}${must(EIGHTHS[eighths])}` };
}
