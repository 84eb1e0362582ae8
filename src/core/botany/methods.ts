import * as v from 'valibot';
import { craftOf } from './craft';
import { OWN_ID } from './ownSpecies';

const number = (what: string, most: number, least = 0) =>
  v.pipe(
    v.number(`${what} is a number`),
    v.minValue(least, `${what} is at least ${least}`),
    v.maxValue(most, `${what} is at most ${most}`),
  );

/** One step of making a kind. Minutes are STARTING VALUES MADE UP FOR THE PRODUCT, replaced by the person's own log. */
const methodStepSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(40)),
  name: v.pipe(v.string(), v.trim(), v.minLength(1, 'a step says what is done'), v.maxLength(120, 'a step has at most 120 letters')),
  minutesEach: number('minutes for each', 600),
  minutesBatch: number('minutes for a batch', 600),
  /** working on goes no further until this is dry; trade.md D1–D4, at 20 °C and 50 % */
  dryHours: number('drying', 336),
  dryNote: v.optional(v.pipe(v.string(), v.maxLength(80))),
  /** hanging or standing, which is usual, or in formers and cups */
  dryOn: v.optional(v.picklist(['rack', 'former'])),
});
export type MethodStep = v.InferOutput<typeof methodStepSchema>;

const words = (what: string) =>
  v.optional(
    v.pipe(
      v.array(v.pipe(v.string(), v.trim(), v.minLength(1, `${what} says something`), v.maxLength(120, `${what} has at most 120 letters`))),
      v.maxLength(12, `at most twelve lines of ${what}`),
    ),
    [],
  );

export const methodSchema = v.object({
  id: v.pipe(v.string(), v.regex(OWN_ID, 'an own method is called own-…')),
  name: v.pipe(v.string(), v.trim(), v.minLength(1, 'the name is missing'), v.maxLength(60, 'the name has at most 60 letters')),
  /** pieces in one batch, so that they do not dry while one works (trade.md P6) */
  batch: v.pipe(number('a batch', 200, 1), v.integer('a batch is a whole number')),
  /** rolled-out paste that is not kneaded back */
  lossShare: number('what is lost', 0.8),
  /** what lies ready, the order of dusting, and what a good piece looks like (trade.md P5–P8, M1–M14) */
  tools: words('a tool'),
  dusting: words('dusting'),
  checks: words('a check'),
  steps: v.pipe(v.array(methodStepSchema), v.minLength(1, 'a method has at least one step'), v.maxLength(12, 'a method has at most twelve steps')),
});
export type Method = v.InferOutput<typeof methodSchema>;

const dust: MethodStep = { id: 'dust', name: 'Dust from the centre out, edges last', minutesEach: 1.5, minutesBatch: 4, dryHours: 0 };
const steam: MethodStep = { id: 'steam', name: 'Steam through, never wet', minutesEach: 0.3, minutesBatch: 3, dryHours: 2, dryNote: 'dry again before boxing' };

/** Sequences of trade.md M1–M14 in the product's words. */
export const METHODS: Readonly<Record<string, Method>> = Object.fromEntries(
  (
    [
      { id: 'layered', name: 'Layered on a dry centre', batch: 12, lossShare: 0.3, steps: [
        { id: 'centre', name: 'Hook the wire into a cone, let it dry', minutesEach: 1.5, minutesBatch: 5, dryHours: 8, dryNote: 'centres' },
        { id: 'petals', name: 'Cut rings, thin each edge, wrap ring by ring', minutesEach: 12, minutesBatch: 8, dryHours: 12, dryNote: 'hang overnight' },
        { ...dust, minutesEach: 3 }, steam] },
      { id: 'wired petals', name: 'Petals wired one by one', batch: 8, lossShare: 0.3, steps: [
        { id: 'centre', name: 'Centre on thick wire, let it dry', minutesEach: 3, minutesBatch: 5, dryHours: 8, dryNote: 'centres' },
        { id: 'petals', name: 'Cut, wire, thin and vein each petal', minutesEach: 16, minutesBatch: 8, dryHours: 12, dryNote: 'in formers overnight', dryOn: 'former' },
        { ...dust, minutesEach: 4 }, steam,
        { id: 'assemble', name: 'Tape petals ring by ring, in the gaps', minutesEach: 7, minutesBatch: 2, dryHours: 0 }] },
      { id: 'wired petals small', name: 'Small flower, petal by petal', batch: 16, lossShare: 0.25, steps: [
        { id: 'centre', name: 'Hooked wire into a small keel', minutesEach: 1, minutesBatch: 4, dryHours: 8, dryNote: 'keels' },
        { id: 'petals', name: 'Wings and standard, frilled and set round it', minutesEach: 3.5, minutesBatch: 6, dryHours: 12, dryNote: 'hang overnight' },
        dust, steam] },
      { id: 'one piece', name: 'Cut in one piece', batch: 16, lossShare: 0.35, steps: [
        { id: 'petals', name: 'Cut, soften, vein; centre pressed and glued', minutesEach: 3.5, minutesBatch: 6, dryHours: 12, dryNote: 'in cups overnight', dryOn: 'former' },
        dust, steam] },
      { id: 'pulled', name: 'Pulled by hand', batch: 20, lossShare: 0.05, steps: [
        { id: 'petals', name: 'Cone, open, snip, flatten, wire through the centre', minutesEach: 2, minutesBatch: 4, dryHours: 12, dryNote: 'hang overnight' },
        { ...dust, minutesEach: 0.7 }, steam] },
      { id: 'pulled cluster', name: 'Pulled florets on a spike', batch: 6, lossShare: 0.05, steps: [
        { id: 'florets', name: 'Pull and wire the florets', minutesEach: 28, minutesBatch: 5, dryHours: 12, dryNote: 'hang overnight' },
        { ...dust, minutesEach: 6 }, steam,
        { id: 'assemble', name: 'Tape florets from the tip down', minutesEach: 14, minutesBatch: 2, dryHours: 0 }] },
      { id: 'scrunched', name: 'Scrunched filler', batch: 20, lossShare: 0.1, steps: [
        { id: 'florets', name: 'Frill thin rounds, wire, gather at the base', minutesEach: 18, minutesBatch: 4, dryHours: 8, dryNote: 'stand in foam' },
        { id: 'assemble', name: 'Tape florets into clusters, clusters to the stem', minutesEach: 12, minutesBatch: 2, dryHours: 0 }] },
      { id: 'domed cluster', name: 'Domed cluster on a soft base', batch: 4, lossShare: 0.1, steps: [
        { id: 'florets', name: 'Buds and open florets on short wires', minutesEach: 45, minutesBatch: 5, dryHours: 12, dryNote: 'florets overnight' },
        { id: 'assemble', name: 'Soft base on a skewer, 5–10 min, then push in buds, flowers round them', minutesEach: 18, minutesBatch: 3, dryHours: 12, dryNote: 'the base' },
        { ...dust, minutesEach: 5 }, steam] },
      { id: 'berry', name: 'Berry', batch: 20, lossShare: 0.05, steps: [
        { id: 'berries', name: 'Hooked wire into smooth balls', minutesEach: 3, minutesBatch: 4, dryHours: 12, dryNote: 'until firm' },
        { ...dust, name: 'Dust by ripeness, glaze', dryHours: 1 },
        { id: 'assemble', name: 'Tape into sprigs, glaze again', minutesEach: 2, minutesBatch: 2, dryHours: 1, dryNote: 'glaze' }] },
      { id: 'covered berry', name: 'Covered berry', batch: 12, lossShare: 0.05, steps: [
        { id: 'berries', name: 'Hooked wire into balls, let them firm', minutesEach: 2, minutesBatch: 4, dryHours: 12, dryNote: 'cores' },
        { id: 'drupelets', name: 'Cover with tiny balls, then the star calyx', minutesEach: 9, minutesBatch: 4, dryHours: 8, dryNote: 'drupelets' },
        { ...dust, name: 'Dust by ripeness, glaze', dryHours: 1 },
        { id: 'assemble', name: 'Tape into sprigs', minutesEach: 2, minutesBatch: 2, dryHours: 0 }] },
      { id: 'wired leaf', name: 'Wired leaf', batch: 16, lossShare: 0.35, steps: [
        { id: 'leaves', name: 'Cut, wire two thirds up, vein, thin the edges', minutesEach: 11, minutesBatch: 6, dryHours: 12, dryNote: 'over crumpled paper', dryOn: 'former' },
        { ...dust, name: 'Dust base to tip, edges last', minutesEach: 2.5 }, steam,
        { id: 'assemble', name: 'Tape leaves from the tip down', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
      { id: 'glued leaf', name: 'Leaves glued to the carrier', batch: 12, lossShare: 0.2, steps: [
        { id: 'leaves', name: 'Cut fine leaves, glue them up the wire', minutesEach: 8, minutesBatch: 4, dryHours: 10, dryNote: 'lying flat' },
        { ...dust, name: 'Dust base to tip', minutesEach: 1.5 }, steam] },
      { id: 'rolled rosette', name: 'Rolled rosette, no wire', batch: 20, lossShare: 0.2, steps: [
        { id: 'petals', name: 'Cut strips, roll, pinch the base, trim it flat', minutesEach: 1.5, minutesBatch: 4, dryHours: 12, dryNote: 'standing, overnight' },
        { ...dust, minutesEach: 0.4 }] },
      { id: 'cupped flower', name: 'Cupped flower, no wire', batch: 8, lossShare: 0.3, steps: [
        { id: 'petals', name: 'Five thin rounds overlapped in a powdered cup, then the centre', minutesEach: 6, minutesBatch: 6, dryHours: 12, dryNote: 'in cups overnight', dryOn: 'former' },
        { ...dust, minutesEach: 1 }] },
      { id: 'hand-wrapped', name: 'Wrapped by hand, no wire', batch: 8, lossShare: 0.2, steps: [
        { id: 'centre', name: 'Cone, standing', minutesEach: 1, minutesBatch: 4, dryHours: 8, dryNote: 'cones' },
        { id: 'petals', name: 'Thin rounds wrapped one over another, each opened more; pinch, trim', minutesEach: 8, minutesBatch: 5, dryHours: 36, dryNote: '24–48 h to go firm' },
        { ...dust, minutesEach: 1 }] },
      { id: 'snipped pompon', name: 'Snipped pompon', batch: 12, lossShare: 0.05, steps: [
        { id: 'core', name: 'Core ball in a second colour, wrapped in a thin disc, onto twisted wire', minutesEach: 3, minutesBatch: 4, dryHours: 0 },
        { id: 'petals', name: 'Scissors at 45°, row after row from base to tip', minutesEach: 6, minutesBatch: 2, dryHours: 12, dryNote: 'hang overnight' },
        { ...dust, minutesEach: 1 }, steam] },
      { id: 'paper leaf', name: 'Wafer-paper leaves on kinked wire', batch: 12, lossShare: 0.4, steps: [
        { id: 'paper', name: 'Paint strips, powder, fold, cut several at once, curl', minutesEach: 4, minutesBatch: 8, dryHours: 1, dryNote: 'paint' },
        { id: 'assemble', name: 'Egg-white glue, one leaf after another, gaps all different', minutesEach: 7, minutesBatch: 2, dryHours: 4, dryNote: 'glue' },
        { ...dust, name: 'Dust the wire', minutesEach: 0.5 }] },
      { id: 'two-faced leaf', name: 'Two-faced leaf', batch: 12, lossShare: 0.4, steps: [
        { id: 'leaves', name: 'Roll two colours together, cut, vein, wire', minutesEach: 13, minutesBatch: 6, dryHours: 12, dryNote: 'over crumpled paper', dryOn: 'former' },
        { ...dust, name: 'Dust base to tip, edges last', minutesEach: 2 }, steam,
        { id: 'assemble', name: 'Tape leaves from the tip down', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
    ] satisfies Omit<Method, 'tools' | 'dusting' | 'checks'>[]
  ).map((m) => [m.id, { ...m, ...craftOf(m.id) }]),
);

/** Starting minutes at the bench for one piece, its share of a full batch counted in. Drying is not work. */
export const minutesForOne = ({ steps, batch }: Method): number =>
  steps.reduce((a, s) => a + s.minutesEach + s.minutesBatch / batch, 0);

/** The same of one step for so many pieces, every batch that is begun in full. */
export const stepMinutes = (step: MethodStep, batch: number, pieces: number): number =>
  step.minutesEach * pieces + step.minutesBatch * Math.ceil(pieces / batch);
