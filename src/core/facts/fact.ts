/**
 * A fact is what the core says: a code and typed values, never a sentence. Words are put to it in the room `words`, in any
 * language. This file is a leaf: the kinds of values, and the types that follow from a table of codes.
 */

/** A tier of a cake: its place from below, and how many there are. */
export interface TierRef {
  index: number;
  of: number;
}

/** A made thing as it is called: its species and stage. */
export interface PieceRef {
  species: string;
  stage: string;
}

/** A colour of a species. */
export interface ColourRef {
  species: string;
  colourway: string;
}

/** A step of a method. */
export interface StepRef {
  method: string;
  step: string;
}

/** Kinds of values, and what each is in the program. Units and axes as in geometry/units.ts. */
interface ValueKinds {
  /** lengths in mm, told whole, in tenths or in hundredths */
  mm: number;
  mmTenths: number;
  mmHundredths: number;
  /** an angle in radians, told in degrees */
  rad: number;
  /** azimuth in radians, told as a clock position with the front at 6 */
  clock: number;
  grams: number;
  gramsTenths: number;
  minutes: number;
  hours: number;
  /** pressure */
  kPa: number;
  /** 0 … 1, told in per cent */
  share: number;
  count: number;
  /** a plain number, told with one decimal */
  ratio: number;
  /** a gauge number of the job's wire system; below 10 a diameter in mm */
  gauge: number;
  money: number;
  /** minutes since the epoch of wall time; and a day, 2027-06-12 */
  wall: number;
  day: string;
  /** Sunday 0 … Saturday 6 */
  weekday: number;
  yes: boolean;
  tier: TierRef;
  species: string;
  piece: PieceRef;
  pieces: readonly (PieceRef & { count: number })[];
  colour: ColourRef;
  /** a part of a piece: petal, leaf, floret … */
  part: string;
  parts: readonly { part: string; count: number }[];
  /** parts and pieces of a barrier, an entry and a method are named by their ids */
  barrier: string;
  entry: string;
  entries: readonly string[];
  method: string;
  /** glue, glaze, starch … */
  supply: string;
  /** a step of a method by its name, and by what is written of its drying */
  step: StepRef;
  drying: StepRef;
  /** what a step leaves on the rack: centres, petals … */
  yields: string;
  sides: readonly string[];
  /** a form of line; what somebody can do */
  line: string;
  skills: readonly string[];
  /** words of a person's own: never translated */
  text: string;
  /** another fact, told inside this one */
  fact: Fact;
  facts: readonly Fact[];
}
export type ValueKind = keyof ValueKinds;

/** What a code carries: for each value its kind, or the words that it is one of. */
export type ValueSlots = Readonly<Record<string, ValueKind | readonly string[]>>;
/** Codes of one part of the trade with what each carries; the public list of docs/plan-format.md is written from these. */
export type FactTable = Readonly<Record<string, ValueSlots>>;

type ValueOf<Slot> = Slot extends readonly (infer Word)[] ? Word : Slot extends ValueKind ? ValueKinds[Slot] : never;
type ValuesOf<Slots> = { readonly [Name in keyof Slots]: ValueOf<Slots[Name]> };

/** The facts of a table: a union told apart by `code`. */
export type FactOf<Table> = {
  [Code in keyof Table & string]: { readonly code: Code; readonly values: ValuesOf<Table[Code]> };
}[keyof Table & string];

/** Any fact, where it does not matter which. */
export interface Fact {
  readonly code: string;
  readonly values: object;
}

export const LEVELS = ['stop', 'look again', 'note'] as const;
/** stop: food safety, or it cannot be built; then milder. */
export type Level = (typeof LEVELS)[number];

/** The station at which something is said. */
type StationId = 'brief' | 'compose' | 'make' | 'wire' | 'place' | 'days';

/** Where a warning belongs: what of it is known. Pieces and entries are those of the arrangement. */
export interface WarningPlace {
  level: Level;
  station: StationId;
  tier?: TierRef;
  azimuthRad?: number;
  entryId?: string;
  pieceId?: string;
  arrangementId?: string;
  /** what one press does about it */
  mends?: Mend[];
}

/** A warning: a fact with a level, a station and a place; what one press does about it. */
export type Warned<Table> = FactOf<Table> & WarningPlace;

/** A change that takes a warning's cause away. */
export type Mend =
  /** by at least so much, and on until the head is clear */
  | { do: 'lift'; mm: number }
  | { do: 'underlay' }
  | { do: 'edible dust' }
  | { do: 'move apart' }
  | { do: 'by the rule' }
  | { do: 'dummy tier'; tierIndex: number }
  | { do: 'covering not eaten'; tierIndex: number }
  /** every piece of a species becomes a branch of its leaves alone */
  | { do: 'its leaves'; species: string; leaves: string };
