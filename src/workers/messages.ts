import * as v from 'valibot';
import { COMPOSE_TASKS, MOST_PROPOSALS, type ComposeProgress, type ComposeRequest, type Proposal } from '@/core/compose/proposal';
import { arrangementSchema } from '@/core/compose/arrangement';
import { choiceSchema, STYLES } from '@/core/compose/shareOut';
import { cakeSchema } from '@/core/cake/cake';
import { tinSchema } from '@/core/compose/tin';
import type { OwnCatalogue } from '@/core/botany/catalogue';
import { catalogueSchema } from '@/core/plan/project';
import type { ComposeFault } from '@/core/compose/facts';

const kindCount = v.strictObject({
  species: v.string(),
  stage: v.string(),
  sizeMm: v.number(),
  colourway: v.string(),
  role: v.picklist(['focal', 'secondary', 'spray', 'filler', 'bud', 'berry', 'foliage']),
  count: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(400)),
});

const ownCatalogueSchema = v.strictObject({
  ...catalogueSchema.entries,
  cutters: v.array(v.strictObject({ species: v.string(), petals: v.pipe(v.number(), v.integer(), v.minValue(2)) })),
  madeBy: v.array(v.strictObject({ species: v.string(), method: v.string() })),
});

export const composeRequestSchema = v.strictObject({
  cake: cakeSchema,
  arrangement: arrangementSchema,
  choices: v.array(choiceSchema),
  style: v.picklist(STYLES),
  catalogue: ownCatalogueSchema,
  tin: v.optional(tinSchema),
  counts: v.nullable(v.array(kindCount)),
  task: v.optional(v.picklist(COMPOSE_TASKS)),
  seed: v.pipe(v.number(), v.integer()),
  proposals: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MOST_PROPOSALS)),
  ways: v.optional(
    v.pipe(v.array(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MOST_PROPOSALS - 1))), v.minLength(1)),
  ),
  effort: v.pipe(v.number(), v.minValue(0.05), v.maxValue(10)),
});

const wallMinutes = v.pipe(v.number(), v.finite());
const otherWork = v.strictObject({
  job: v.string(),
  sittings: v.array(v.strictObject({ from: wallMinutes, to: wallMinutes })),
  racks: v.array(
    v.strictObject({ pool: v.picklist(['rack', 'former']), places: v.number(), from: wallMinutes, to: wallMinutes }),
  ),
});
const kind = v.object({
  species: v.string(),
  stage: v.string(),
  sizeMm: v.pipe(v.number(), v.gtValue(0)),
  colourway: v.string(),
});
const detail = v.picklist(['close', 'near', 'far']);
const pixels = v.pipe(v.number(), v.finite(), v.gtValue(0));
const view = v.strictObject({
  azimuthRad: v.pipe(v.number(), v.finite()),
  elevationDeg: v.pipe(v.number(), v.finite()),
  width: pixels,
  height: pixels,
  detail,
});
const arrangements = v.array(arrangementSchema);
const job = v.custom<object>((input) => typeof input === 'object' && input !== null);

/** What the bench worker may be asked, call by call; a job itself is checked by `checkProject`, which says where it is wrong. */
export const BENCH_ASKS = {
  ready: v.tuple([]),
  plan: v.tuple([job, v.array(otherWork)]),
  otherWork: v.tuple([job, v.array(otherWork)]),
  whatFits: v.tuple([job, wallMinutes, tinSchema, v.array(otherWork)]),
  apart: v.tuple([job]),
  read: v.tuple([cakeSchema, arrangementSchema, v.boolean(), ownCatalogueSchema]),
  mesh: v.tuple([kind, detail, v.pipe(v.number(), v.integer()), ownCatalogueSchema]),
  portrait: v.tuple([kind, pixels, ownCatalogueSchema]),
  cakePicture: v.tuple([cakeSchema, arrangements, view, ownCatalogueSchema]),
  glb: v.tuple([v.string(), cakeSchema, arrangements, ownCatalogueSchema]),
  busyTimes: v.tuple([v.string(), v.strictObject({ from: wallMinutes, to: wallMinutes }), v.nullable(v.string())]),
  leastWire: v.tuple([
    v.array(v.array(v.strictObject({ lengthMm: pixels, count: v.pipe(v.number(), v.integer(), v.minValue(0)) }))),
    pixels,
  ]),
} as const;

type Calls = Record<keyof typeof BENCH_ASKS, (...args: never[]) => unknown>;

/** The same calls, each refused with a code where what it is asked is not of its schema. */
export function checkedCalls<C extends Calls>(calls: C): C {
  const names = Object.keys(BENCH_ASKS) as (keyof typeof BENCH_ASKS)[];
  const checked = names.map((name) => [
    name,
    (...args: never[]) => {
      if (!v.is(BENCH_ASKS[name], args)) throw new Error('fault.unreadable');
      return calls[name](...args);
    },
  ]);
  return Object.fromEntries(checked) as C;
}

/** What the composer is asked, as it crosses to a worker: with what the catalogue is gathered from. */
type ComposeOrder = Omit<ComposeRequest, 'catalogue'> & { catalogue: OwnCatalogue };

export type ComposeMessage = { run: number; request: ComposeOrder } | { cancel: number };

export type ComposeReply =
  { run: number; progress: ComposeProgress } | { run: number; done: Proposal[] } | { run: number; fault: ComposeFault };
