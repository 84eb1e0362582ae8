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

/** What the composer is asked, as it crosses to a worker: with what the catalogue is gathered from. */
type ComposeOrder = Omit<ComposeRequest, 'catalogue'> & { catalogue: OwnCatalogue };

export type ComposeMessage = { run: number; request: ComposeOrder } | { cancel: number };

export type ComposeReply =
  { run: number; progress: ComposeProgress } | { run: number; done: Proposal[] } | { run: number; fault: ComposeFault };
