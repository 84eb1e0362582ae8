import * as v from 'valibot';
import { between, hue, wholeBetween } from '../boundary/parts';
import { FRONT_AZIMUTH_RAD } from '../geometry/units';

const finite = v.pipe(v.number(), v.finite());

/** Envelope: half-width and rise, full at the focal point, falling to the tips. */
const envelope = { widthMm: between(4, 160), riseMm: between(2, 160) };

const tier = v.pipe(v.number(), v.integer(), v.minValue(0));
const focal = between(0.05, 0.95);
/** on a top: from the middle of the tier, mm */
const onTop = {
  tier,
  xMm: finite,
  yMm: finite,
  /** the azimuth that it faces; the front unless said */
  facesRad: v.optional(finite, FRONT_AZIMUTH_RAD),
};
const standMm = between(0, 300);

export const PLAQUE_OUTLINES = ['round', 'oval', 'scalloped', 'banner'] as const;

/** Azimuths in radians: 0 right, counter-clockwise seen from above, front −π/2. */
export const lineSchema = v.variant('form', [
  v.strictObject({
    form: v.literal('crescent'),
    tier,
    /** azimuth of the tip that stays on the top, and how far round the arc runs from there (signed) */
    fromRad: finite,
    sweepRad: between(-Math.PI * 1.6, Math.PI * 1.6),
    /** radius of the arc as a share of the tier's */
    radiusShare: between(0.2, 0.95),
    /** how far the other tip trails down the side, mm below the edge */
    trailMm: between(0, 400),
    focal,
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('lazy S'),
    tier,
    /** azimuth of the tip on the top, and how far round it runs from there (signed) to the tip on the side */
    fromRad: finite,
    sweepRad: between(-Math.PI * 1.6, Math.PI * 1.6),
    /** how far in from the edge it begins, how far below the edge it ends */
    insetMm: between(0, 300),
    dropMm: between(0, 400),
    focal,
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('cascade'),
    /** azimuth on the top of the cake, azimuth at the foot of the line, and how far down it runs along the skin */
    fromRad: finite,
    toRad: finite,
    startMm: between(0, 400),
    lengthDownMm: between(40, 2000),
    /** sideways swing of the middle, mm */
    swingMm: between(-300, 300),
    focal,
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('side spray'),
    tier,
    /** its middle on the side, azimuth and height above the tier's foot */
    atRad: finite,
    heightMm: between(0, 400),
    lengthMm: between(40, 800),
    /** rising to its second tip (positive) or falling, and how far its middle bows down */
    slopeRad: between(-Math.PI / 2, Math.PI / 2),
    bowMm: between(-120, 120),
    focal,
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('corner spray'),
    tier,
    /** the corner, as an azimuth */
    atRad: finite,
    /** along the rim on the top (signed), and down the side from the corner */
    armMm: between(-400, 400),
    trailMm: between(0, 400),
    focal,
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('ring'),
    tier,
    where: v.picklist(['top', 'foot']),
    /** on a top: radius as a share of the tier's */
    radiusShare: between(0.2, 0.95),
    /** open part in radians, 0 for a closed ring, and where it opens */
    gapRad: between(0, Math.PI * 1.5),
    gapAtRad: finite,
    focal: between(0, 1),
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('garland'),
    tier,
    /** azimuth of the first point it hangs from, and how far round it goes (a full turn closes it) */
    fromRad: finite,
    sweepRad: between(0.2, Math.PI * 2),
    swags: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(24)),
    /** points below the edge, and how far each swag hangs below its points */
    hangMm: between(0, 300),
    dropMm: between(2, 300),
    focal: between(0, 1),
    ...envelope,
  }),
  v.strictObject({ form: v.literal('posy'), ...onTop, focal: between(0, 1), ...envelope }),
  v.strictObject({
    form: v.literal('cluster'),
    ...onTop,
    /** on one stem of this height: a fan that looks forward, or a dome that looks all round */
    spread: v.picklist(['fan', 'dome']),
    standMm,
    sweepRad: between(0.5, Math.PI * 1.2),
    focal: between(0, 1),
    ...envelope,
  }),
  v.strictObject({
    form: v.literal('plaque'),
    ...onTop,
    outline: v.picklist(PLAQUE_OUTLINES),
    plateWidthMm: between(20, 400),
    plateHeightMm: between(15, 300),
    /** upright on two skewers, facing front, or lying flat */
    upright: v.boolean(),
    standMm,
    lettering: v.pipe(v.string(), v.maxLength(60)),
    colour: hue,
    /** where on the rim the flowers begin (0 right, counter-clockwise as one reads it) and how far round they go */
    fromRad: finite,
    sweepRad: between(0.4, Math.PI * 2),
    focal,
    ...envelope,
  }),
  v.strictObject({ form: v.literal('pick'), ...onTop, standMm, focal: between(0, 1), ...envelope }),
]);

export type LineSpec = v.InferOutput<typeof lineSchema>;
export type LineForm = LineSpec['form'];

const pieceSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1)),
  /** in the job's catalogue: the whole project is checked for it */
  species: v.pipe(v.string(), v.minLength(1)),
  stage: v.string(),
  /** nominal size: diameter of the open flower, length of a sprig */
  sizeMm: between(3, 250),
  colourway: v.string(),
  /** along the line 0…1, across it −1…1 of the half-width, lifted 0…1 of the rise */
  s: between(0, 1),
  side: between(-1.6, 1.6),
  lift: between(0, 1.6),
  /** the way it looks: angle from the skin's normal, and heading from the line's direction toward +side, radians */
  tiltRad: between(0, Math.PI / 2),
  headingRad: finite,
  rollRad: finite,
  pinned: v.boolean(),
  /** it lies on something made for food */
  underlaid: v.optional(v.boolean()),
});

export type Piece = v.InferOutput<typeof pieceSchema>;

export const METHODS = ['stem by stem', 'taped spray', 'dummy'] as const;

/** What a person wants otherwise than the branch tree would have it, for the joint of one piece. */
const jointEditSchema = v.strictObject({
  pieceId: v.pipe(v.string(), v.minLength(1)),
  /** nearer to the tip (+) or to the pick (−) than it would be, mm along the stem */
  shiftMm: v.optional(between(-60, 60), 0),
  /** so many places later (+) or earlier (−) among those that are taped one after another at one place */
  later: v.optional(wholeBetween(-30, 30), 0),
  /** the main stem, the heel at the pick, or the piece whose stem it joins; null leaves it to the rule */
  onto: v.optional(v.nullable(v.string()), null),
  /** the spray it is taped into, from 1; one more than there are begins a new one; null leaves it to the rule */
  spray: v.optional(v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(40))), null),
});
export type JointEdit = v.InferOutput<typeof jointEditSchema>;

/** Where a joint may be sent, beside the stem of another piece. */
export const ONTO_STEM = 'stem';
export const ONTO_HEEL = 'heel';

export const arrangementSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1)),
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
