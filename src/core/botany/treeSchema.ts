import * as v from 'valibot';
import { between, refusedBy, wholeBetween } from '../boundary/parts';
import { MOST, tooMuch } from '../piece/expand';
import type { Own, Part, Run } from '../piece/part';
import { MATERIALS } from '../piece/materials';
import { WORK, type Work } from '../piece/work';

/** Longest and shortest that a hand makes of paste or wire, mm. */
const MOST_MM = 400;
const mm = between(0, MOST_MM);
const angle = between(-7, 7);
const count = wholeBetween(0, 300);
const run = v.union([mm, v.pipe(v.tuple([mm, mm]), v.readonly())]) satisfies v.GenericSchema<Run>;
const turned = { startMm: v.optional(mm) };

const many = v.variant('by', [
  v.strictObject({
    by: v.literal('sizes'),
    of: v.pipe(
      v.array(v.strictObject({ count, sizeMm: mm, stage: v.optional(v.pipe(v.string(), v.maxLength(20))) })),
      v.minLength(1),
      v.maxLength(60),
    ),
  }),
  v.strictObject({ by: v.literal('run'), count, fromMm: mm, toMm: mm }),
  v.strictObject({ by: v.literal('share'), inAll: count, sizeMm: mm }),
]);

const habit = v.variant('by', [
  v.strictObject({ by: v.literal('pairs'), gapMm: run, tip: v.boolean(), turnRad: angle, ...turned }),
  v.strictObject({ by: v.literal('singly'), gapMm: run, turnRad: angle, ...turned }),
  v.strictObject({
    by: v.literal('loose'),
    gapMm: run,
    uneven: between(0, 0.9),
    oppositeEvery: wholeBetween(0, 50),
    seed: between(0, 1e6),
    ...turned,
  }),
  v.strictObject({ by: v.literal('whorl'), each: wholeBetween(1, 50), gapMm: run, turnRad: angle, ...turned }),
  v.strictObject({ by: v.literal('rings'), stepMm: mm, ...turned }),
  v.strictObject({ by: v.literal('dome'), ...turned }),
  v.strictObject({ by: v.literal('together'), ...turned }),
  v.strictObject({ by: v.literal('places'), atMm: v.pipe(v.array(mm), v.maxLength(300)), ...turned }),
]);

const pasted = {
  material: v.picklist(MATERIALS),
  /** the role of the colour that it has: main, second, green, a stage of ripeness */
  colour: v.pipe(v.string(), v.minLength(1), v.maxLength(20)),
};
const OUTLINES = ['disc', 'ellipse', 'ovate', 'obovate', 'lance', 'heart', 'lobed', 'needle', 'five-petal', 'four-petal', 'daisy', 'star', 'strip'] as const; // prettier-ignore
const form = v.variant('as', [
  v.strictObject({
    as: v.literal('sheet'),
    ...pasted,
    outline: v.picklist(OUTLINES),
    widthShare: between(0.02, 2),
    thicknessMm: between(0.1, 6),
    layers: v.optional(between(0.1, 20)),
  }),
  v.strictObject({ as: v.literal('ball'), ...pasted, kept: between(0.1, 1) }),
  v.strictObject({ as: v.literal('balls'), ...pasted, count: wholeBetween(1, 300), ballMm: between(0.5, 60) }),
]);

const swg = wholeBetween(14, 35);
const own = v.variant('by', [
  v.strictObject({ by: v.literal('nothing') }),
  v.strictObject({
    by: v.literal('wire'),
    swg,
    tip: v.picklist(['straight', 'hook', 'closed hook', 'twisted double']),
    stalkMm: mm,
    run: v.union([v.picklist(['past joint', 'to foot']), mm]),
    cut: v.picklist(['what fits', 'to length', 2, 3, 4, 5, 6]),
    hookMm: v.optional(between(0, 30)),
    strands: v.optional(wholeBetween(1, 12)),
  }),
  v.strictObject({ by: v.literal('fine wires'), count: wholeBetween(1, 200), swg, lengthMm: mm }),
]) satisfies v.GenericSchema<Own>;

const KINDS = ['head', 'base', 'cone', 'petal', 'sepal', 'stamens', 'calyx', 'centre', 'floret', 'bud', 'berry', 'covering', 'leaf', 'branch', 'arm', 'cluster'] as const; // prettier-ignore
const JOINS = ['itself', 'on wire', 'taped', 'gathered', 'in hand', 'ring', 'glued', 'wrapped', 'pushed in', 'threaded'] as const;
const WORKS = Object.keys(WORK) as readonly string[] as readonly [Work, ...Work[]];

/** One line and what it carries. */
export const partSchema: v.GenericSchema<Part> = v.strictObject({
  id: v.pipe(v.string(), v.regex(/^[a-z][a-z0-9-]{0,39}$/)),
  kind: v.picklist(KINDS),
  many,
  form: v.nullable(form),
  on: own,
  join: v.picklist(JOINS),
  work: v.pipe(v.array(v.picklist(WORKS)), v.maxLength(12)),
  habit,
  parts: v.pipe(v.array(v.lazy(() => partSchema)), v.maxLength(40)),
  firstCarries: v.exactOptional(v.literal(true)),
});

/** Whether what may be a tree has no more levels than are taken: asked before it is gone through level by level. */
function shallow(input: unknown, levels: number = MOST.deep): boolean {
  const parts: unknown = typeof input === 'object' && input !== null && 'parts' in input ? input.parts : [];
  return levels > 0 && (!Array.isArray(parts) || parts.every((p) => shallow(p, levels - 1)));
}

const idsOf = (tree: Part): string[] => [tree.id, ...tree.parts.flatMap(idsOf)];
const unlike = (ids: readonly string[]): boolean => new Set(ids).size === ids.length;

/** A tree as a file has it: of one piece, no more of it than is expanded, each line under an id of its own. */
export const treeSchema = v.pipe(
  v.custom<Part>((input) => shallow(input), refusedBy('refusal.tree-too-much')),
  v.lazy(() => partSchema),
  v.check((tree) => tooMuch(tree) === null, refusedBy('refusal.tree-too-much')),
  v.check((tree) => unlike(idsOf(tree)), refusedBy('refusal.line-twice')),
);
