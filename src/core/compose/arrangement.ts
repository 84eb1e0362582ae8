import * as v from 'valibot';
import { findSpecies } from '../botany/catalogue';

const finite = (what: string) => v.pipe(v.number(`${what} is a number`), v.finite(`${what} is a number`));
const between = (what: string, low: number, high: number) =>
  v.pipe(finite(what), v.minValue(low, `${what} is at least ${low}`), v.maxValue(high, `${what} is at most ${high}`));

/** Envelope: half-width and rise, full at the focal point, falling to the tips. */
const envelope = { widthMm: between('the line’s half-width', 4, 160), riseMm: between('the line’s rise', 2, 160) };

/** Azimuths in radians: 0 right, counter-clockwise seen from above, front −π/2. */
export const lineSchema = v.variant('form', [
  v.object({
    form: v.literal('crescent'),
    tier: v.pipe(v.number(), v.integer(), v.minValue(0)),
    /** azimuth of the tip that stays on the top, and how far round the arc runs from there (signed) */
    fromRad: finite('the crescent’s beginning'),
    sweepRad: between('the crescent’s sweep', -Math.PI * 1.6, Math.PI * 1.6),
    /** radius of the arc as a share of the tier's */
    radiusShare: between('the arc’s radius', 0.2, 0.95),
    /** how far the other tip trails down the side, mm below the edge */
    trailMm: between('the trail', 0, 400),
    focal: between('the focal point', 0.05, 0.95),
    ...envelope,
  }),
  v.object({
    form: v.literal('cascade'),
    /** azimuth on the top of the cake, azimuth at the foot of the line, and how far down it runs along the skin */
    fromRad: finite('the cascade’s beginning'),
    toRad: finite('the cascade’s end'),
    startMm: between('the cascade’s start', 0, 400),
    lengthDownMm: between('the cascade’s run', 40, 2000),
    /** sideways swing of the middle, mm */
    swingMm: between('the swing', -300, 300),
    focal: between('the focal point', 0.05, 0.95),
    ...envelope,
  }),
  v.object({
    form: v.literal('ring'),
    tier: v.pipe(v.number(), v.integer(), v.minValue(0)),
    where: v.picklist(['top', 'foot']),
    /** on a top: radius as a share of the tier's */
    radiusShare: between('the ring’s radius', 0.2, 0.95),
    /** open part in radians, 0 for a closed ring, and where it opens */
    gapRad: between('the gap', 0, Math.PI * 1.5),
    gapAtRad: finite('the gap’s place'),
    focal: between('the focal point', 0, 1),
    ...envelope,
  }),
  v.object({
    form: v.literal('posy'),
    tier: v.pipe(v.number(), v.integer(), v.minValue(0)),
    xMm: finite('the posy’s place'),
    yMm: finite('the posy’s place'),
    focal: between('the focal point', 0, 1),
    ...envelope,
  }),
]);

export type LineSpec = v.InferOutput<typeof lineSchema>;
export type LineForm = LineSpec['form'];

export const pieceSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1)),
  species: v.pipe(
    v.string(),
    v.check((id) => findSpecies(id) !== null, 'this species is not in the catalogue'),
  ),
  stage: v.string(),
  /** nominal size: diameter of the open flower, length of a sprig */
  sizeMm: between('a piece’s size', 3, 250),
  colourway: v.string(),
  /** along the line 0…1, across it −1…1 of the half-width, lifted 0…1 of the rise */
  s: between('s', 0, 1),
  side: between('side', -1.6, 1.6),
  lift: between('lift', 0, 1.6),
  /** the way it looks: angle from the skin's normal, and heading from the line's direction toward +side, radians */
  tiltRad: between('tilt', 0, Math.PI / 2),
  headingRad: finite('heading'),
  rollRad: finite('roll'),
  pinned: v.boolean(),
});

export type Piece = v.InferOutput<typeof pieceSchema>;

export const METHODS = ['stem by stem', 'taped spray', 'dummy'] as const;

export const arrangementSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1)),
  line: lineSchema,
  /** how it meets the cake */
  method: v.picklist(METHODS),
  pieces: v.pipe(v.array(pieceSchema), v.maxLength(600, 'an arrangement has at most 600 pieces')),
  /** the same composition made this many times */
  quantity: v.pipe(v.number(), v.integer(), v.minValue(1, 'at least one'), v.maxValue(500)),
});

export type Arrangement = v.InferOutput<typeof arrangementSchema>;
