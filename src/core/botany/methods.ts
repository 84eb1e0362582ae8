import * as v from 'valibot';
import { between, named, refusedBy, wholeBetween } from '../boundary/parts';
import { OWN_ID } from './ownId';

/** One step of making a kind. Minutes are STARTING VALUES MADE UP FOR THE PRODUCT, replaced by the person's own log. */
const methodStepSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(40)),
  name: named(120),
  minutesEach: between(0, 600),
  minutesBatch: between(0, 600),
  /** working on goes no further until this is dry; docs/trade.md D1–D4, at 20 °C and 50 % */
  dryHours: between(0, 336),
  dryNote: v.optional(v.pipe(v.string(), v.maxLength(80))),
  /** hanging or standing, which is usual, or in formers and cups */
  dryOn: v.optional(v.picklist(['rack', 'former'])),
  /** what can hurt at it: said at the step */
  caution: v.optional(v.picklist(['steam', 'blade'])),
});
type OwnStep = v.InferOutput<typeof methodStepSchema>;

const lines = v.optional(v.pipe(v.array(named(120)), v.maxLength(12)), []);

/** A method of the person's own: its words are the person's. */
export const methodSchema = v.strictObject({
  id: v.pipe(v.string(), v.regex(OWN_ID, refusedBy('refusal.own-id'))),
  name: named(60),
  /** pieces in one batch, so that they do not dry while one works (docs/trade.md P6) */
  batch: wholeBetween(1, 200),
  /** rolled-out paste that is not kneaded back */
  lossShare: between(0, 0.8),
  /** what lies ready, the order of dusting, and what a good piece looks like (docs/trade.md P5–P8, M1–M14) */
  tools: lines,
  dusting: lines,
  checks: lines,
  steps: v.pipe(v.array(methodStepSchema), v.minLength(1), v.maxLength(12)),
});
export type OwnMethod = v.InferOutput<typeof methodSchema>;

/** A step as the plan needs it; the words of one that ships stand in the room of words, by its id. */
export interface MethodStep extends Omit<OwnStep, 'name' | 'dryNote'> {
  /** something is said of its drying */
  noted?: boolean;
  dryNote?: string | undefined;
}

/** What a way of making is offered for: flowers of any size, small ones, leaves on a carrier, leaves one by one. */
export type Fit = 'flower' | 'small flower' | 'leaf branch' | 'single leaf';
const LEAVES: readonly Fit[] = ['leaf branch', 'single leaf'];
const BRANCHES: readonly Fit[] = ['leaf branch'];
const SINGLE: readonly Fit[] = ['single leaf'];
const HEADS: readonly Fit[] = ['flower', 'small flower'];
const SMALL: readonly Fit[] = ['small flower'];

/** A method, shipped or own. */
export interface Method extends Pick<OwnMethod, 'id' | 'batch' | 'lossShare'> {
  /** no wire, stick or thread is in the piece; one of a person's own never says so */
  unwired?: true;
  /** what it makes beside the species whose usual way it is; nothing for a way of one kind alone */
  fits?: readonly Fit[];
  /** joined with egg white, whatever else the job is glued with: wafer paper (docs/trade.md P11, M8) */
  eggGlued?: true;
  steps: readonly MethodStep[];
}

const dust: MethodStep = { id: 'dust', minutesEach: 1.5, minutesBatch: 4, dryHours: 0 };
const steam: MethodStep = { id: 'steam', minutesEach: 0.3, minutesBatch: 3, dryHours: 2, noted: true, caution: 'steam' };

/** Sequences of docs/trade.md M1–M14; their words stand in the room of words. */
export const METHODS: Readonly<Record<string, Method>> = Object.fromEntries(
  (
    [
      { id: 'layered', fits: HEADS, batch: 12, lossShare: 0.3, steps: [
        { id: 'centre', minutesEach: 1.5, minutesBatch: 5, dryHours: 8, noted: true },
        { id: 'petals', minutesEach: 12, minutesBatch: 8, dryHours: 12, noted: true },
        { ...dust, minutesEach: 3 }, steam] },
      { id: 'wired petals', fits: HEADS, batch: 8, lossShare: 0.3, steps: [
        { id: 'centre', minutesEach: 3, minutesBatch: 5, dryHours: 8, noted: true },
        { id: 'petals', minutesEach: 16, minutesBatch: 8, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 4 }, steam,
        { id: 'assemble', minutesEach: 7, minutesBatch: 2, dryHours: 0 }] },
      { id: 'wired petals small', fits: HEADS, batch: 16, lossShare: 0.25, steps: [
        { id: 'centre', minutesEach: 1, minutesBatch: 4, dryHours: 8, noted: true },
        { id: 'petals', minutesEach: 3.5, minutesBatch: 6, dryHours: 12, noted: true },
        dust, steam] },
      { id: 'one piece', fits: HEADS, batch: 16, lossShare: 0.35, steps: [
        { id: 'petals', minutesEach: 3.5, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former' },
        dust, steam] },
      { id: 'pulled', fits: SMALL, batch: 20, lossShare: 0.05, steps: [
        { id: 'petals', minutesEach: 2, minutesBatch: 4, dryHours: 12, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 0.7 }, steam] },
      { id: 'pulled cluster', batch: 6, lossShare: 0.05, steps: [
        { id: 'florets', minutesEach: 28, minutesBatch: 5, dryHours: 12, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 6 }, steam,
        { id: 'assemble', minutesEach: 14, minutesBatch: 2, dryHours: 0 }] },
      { id: 'scrunched', batch: 20, lossShare: 0.1, steps: [
        { id: 'florets', minutesEach: 18, minutesBatch: 4, dryHours: 8, noted: true },
        { id: 'assemble', minutesEach: 12, minutesBatch: 2, dryHours: 0 }] },
      { id: 'domed cluster', batch: 4, lossShare: 0.1, steps: [
        { id: 'florets', minutesEach: 45, minutesBatch: 5, dryHours: 12, noted: true },
        { id: 'assemble', minutesEach: 18, minutesBatch: 3, dryHours: 12, noted: true },
        { ...dust, minutesEach: 5 }, steam] },
      { id: 'berry', batch: 20, lossShare: 0.05, steps: [
        { id: 'berries', minutesEach: 3, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, dryHours: 1 },
        { id: 'assemble', minutesEach: 2, minutesBatch: 2, dryHours: 1, noted: true }] },
      { id: 'covered berry', batch: 12, lossShare: 0.05, steps: [
        { id: 'berries', minutesEach: 2, minutesBatch: 4, dryHours: 12, noted: true },
        { id: 'drupelets', minutesEach: 9, minutesBatch: 4, dryHours: 8, noted: true },
        { ...dust, dryHours: 1 },
        { id: 'assemble', minutesEach: 2, minutesBatch: 2, dryHours: 0 }] },
      { id: 'wired leaf', fits: LEAVES, batch: 16, lossShare: 0.35, steps: [
        { id: 'leaves', minutesEach: 11, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 2.5 }, steam,
        { id: 'assemble', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
      { id: 'glued leaf', fits: BRANCHES, batch: 12, lossShare: 0.2, steps: [
        { id: 'leaves', minutesEach: 8, minutesBatch: 4, dryHours: 10, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 1.5 }, steam] },
      { id: 'rolled rosette', fits: HEADS, unwired: true, batch: 20, lossShare: 0.2, steps: [
        { id: 'petals', minutesEach: 1.5, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, minutesEach: 0.4 }] },
      { id: 'cupped flower', fits: HEADS, unwired: true, batch: 8, lossShare: 0.3, steps: [
        { id: 'petals', minutesEach: 6, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 1 }] },
      { id: 'hand-wrapped', fits: HEADS, unwired: true, batch: 8, lossShare: 0.2, steps: [
        { id: 'centre', minutesEach: 1, minutesBatch: 4, dryHours: 8, noted: true },
        { id: 'petals', minutesEach: 8, minutesBatch: 5, dryHours: 36, noted: true },
        { ...dust, minutesEach: 1 }] },
      { id: 'snipped pompon', fits: HEADS, batch: 12, lossShare: 0.05, steps: [
        { id: 'core', minutesEach: 3, minutesBatch: 4, dryHours: 0 },
        { id: 'petals', minutesEach: 6, minutesBatch: 2, dryHours: 12, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 1 }, steam] },
      { id: 'paper leaf', fits: BRANCHES, eggGlued: true, batch: 12, lossShare: 0.4, steps: [
        { id: 'paper', minutesEach: 4, minutesBatch: 8, dryHours: 1, noted: true, caution: 'blade' },
        { id: 'assemble', minutesEach: 7, minutesBatch: 2, dryHours: 4, noted: true },
        { ...dust, minutesEach: 0.5 }] },
      { id: 'two-faced leaf', fits: LEAVES, batch: 12, lossShare: 0.4, steps: [
        { id: 'leaves', minutesEach: 13, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former', caution: 'blade' },
        { ...dust, minutesEach: 2 }, steam,
        { id: 'assemble', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
      { id: 'cut floret', fits: SMALL, batch: 20, lossShare: 0.3, steps: [
        { id: 'petals', minutesEach: 1.8, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, minutesEach: 0.5 }, steam] },
      { id: 'ball stop', fits: SMALL, batch: 20, lossShare: 0.3, steps: [
        { id: 'petals', minutesEach: 0.6, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, minutesEach: 0.3 }, steam] },
      { id: 'laid flower', fits: HEADS, unwired: true, batch: 20, lossShare: 0.3, steps: [
        { id: 'petals', minutesEach: 3, minutesBatch: 5, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 1 }] },
      { id: 'tiny floret', unwired: true, batch: 20, lossShare: 0.02, steps: [
        { id: 'petals', minutesEach: 1, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, minutesEach: 0.2 }] },
      { id: 'paper petals', eggGlued: true, batch: 12, lossShare: 0.4, steps: [
        { id: 'paper', minutesEach: 4, minutesBatch: 8, dryHours: 1, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 0.5 }] },
      { id: 'paper wings', eggGlued: true, batch: 12, lossShare: 0.4, steps: [
        { id: 'paper', minutesEach: 1, minutesBatch: 6, dryHours: 1, noted: true, caution: 'blade' },
        { ...dust, minutesEach: 0.5 }] },
      { id: 'strip leaf', fits: LEAVES, batch: 16, lossShare: 0.35, steps: [
        { id: 'leaves', minutesEach: 15, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 2.5 }, steam,
        { id: 'assemble', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
      { id: 'vein leaf', fits: LEAVES, batch: 16, lossShare: 0.35, steps: [
        { id: 'leaves', minutesEach: 12, minutesBatch: 6, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 2.5 }, steam,
        { id: 'assemble', minutesEach: 4, minutesBatch: 2, dryHours: 0 }] },
      { id: 'unwired leaf', fits: SINGLE, unwired: true, batch: 20, lossShare: 0.35, steps: [
        { id: 'leaves', minutesEach: 0.4, minutesBatch: 4, dryHours: 12, noted: true, dryOn: 'former' },
        { ...dust, minutesEach: 0.45 }] },
      { id: 'pressed leaf', unwired: true, batch: 20, lossShare: 0.02, steps: [
        { id: 'leaves', minutesEach: 0.55, minutesBatch: 4, dryHours: 12, noted: true },
        { ...dust, minutesEach: 0.15 }] },
    ] satisfies Method[]
  ).map((m) => [m.id, m]),
);
