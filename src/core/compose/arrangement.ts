import * as v from 'valibot';
import { angleRad, between, id, wholeBetween } from '../boundary/parts';
import { LINE_SCHEMAS } from './lineKinds';

export const lineSchema = v.variant('form', [...LINE_SCHEMAS]);

export type LineSpec = v.InferOutput<typeof lineSchema>;

const pieceSchema = v.strictObject({
  id,
  /** in the job's catalogue: the whole project is checked for it */
  species: id,
  stage: v.pipe(v.string(), v.maxLength(80)),
  /** nominal size: diameter of the open flower, length of a sprig */
  sizeMm: between(3, 250),
  colourway: v.pipe(v.string(), v.maxLength(80)),
  /** along the line 0…1, across it −1…1 of the half-width, lifted 0…1 of the rise */
  s: between(0, 1),
  side: between(-1.6, 1.6),
  lift: between(0, 1.6),
  /** the way it looks: angle from the skin's normal, and heading from the line's direction toward +side, radians */
  tiltRad: between(0, Math.PI / 2),
  headingRad: angleRad,
  rollRad: angleRad,
  pinned: v.boolean(),
  /** it lies on something made for food */
  underlaid: v.optional(v.boolean()),
});

export type Piece = v.InferOutput<typeof pieceSchema>;

export const METHODS = ['stem by stem', 'taped spray', 'dummy'] as const;

/** What a person wants otherwise than the branch tree would have it, for the joint of one piece. */
const jointEditSchema = v.strictObject({
  pieceId: id,
  /** nearer to the tip (+) or to the pick (−) than it would be, mm along the stem */
  shiftMm: v.optional(between(-60, 60), 0),
  /** so many places later (+) or earlier (−) among those that are taped one after another at one place */
  later: v.optional(wholeBetween(-30, 30), 0),
  /** the main stem, the heel at the pick, or the piece whose stem it joins; null leaves it to the rule */
  onto: v.optional(v.nullable(id), null),
  /** the spray it is taped into, from 1; one more than there are begins a new one; null leaves it to the rule */
  spray: v.optional(v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(40))), null),
});
export type JointEdit = v.InferOutput<typeof jointEditSchema>;

/** Where a joint may be sent, beside the stem of another piece. */
export const ONTO_STEM = 'stem';
export const ONTO_HEEL = 'heel';

export const arrangementSchema = v.strictObject({
  id,
  line: lineSchema,
  /** how it meets the cake */
  method: v.picklist(METHODS),
  pieces: v.pipe(v.array(pieceSchema), v.maxLength(600)),
  /** how the branch tree is to be otherwise than by the rule */
  joints: v.optional(v.pipe(v.array(jointEditSchema), v.maxLength(600)), []),
  /** the same composition made this many times */
  quantity: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(500)),
});

export type Arrangement = v.InferOutput<typeof arrangementSchema>;
