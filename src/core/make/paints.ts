import * as v from 'valibot';
import { hue, named } from '../boundary/parts';

export const PAINT_USES = ['paste colour', 'dust', 'glaze', 'glue'] as const;
export const FOOD_WORDS = ['edible', 'not edible', 'unknown'] as const;
export type FoodWord = (typeof FOOD_WORDS)[number];

/** Something that a person owns and colours, dusts, glazes or glues with. What its label says decides whether it may be eaten. */
const paintSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1)),
  name: named(60),
  use: v.picklist(PAINT_USES),
  hue,
  food: v.picklist(FOOD_WORDS),
});
export type Paint = v.InferOutput<typeof paintSchema>;
export const paintsSchema = v.pipe(v.array(paintSchema), v.maxLength(60));

const WORST: readonly FoodWord[] = ['edible', 'unknown', 'not edible'];

/**
 * What goes on the pieces, taken together: as good as the worst of it. Unknown counts as not edible until its label is recorded.
 * Recorded labels of dusts answer what was unknown of dust in general; what was said to be not edible stays so.
 */
export function foodOf(said: FoodWord, paints: readonly Paint[]): FoodWord {
  const on = paints.filter((p) => p.use !== 'paste colour');
  const first: FoodWord = said === 'unknown' && on.some((p) => p.use === 'dust') ? 'edible' : said;
  return on.reduce((worst, { food }) => (WORST.indexOf(food) > WORST.indexOf(worst) ? food : worst), first);
}
