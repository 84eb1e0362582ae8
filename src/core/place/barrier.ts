import { compoundCoat } from './barriers/compoundCoat';
import { picks } from './barriers/picks';
import { skewer } from './barriers/skewer';
import { straws } from './barriers/straws';
import { toothpick } from './barriers/toothpick';
import { wax } from './barriers/wax';
import { barrierOf, type OwnBarrier } from './ownBarrier';

/** Barriers that are fitted and used alike. */
export type BarrierWays = 'straw' | 'pick' | 'wax' | 'compound-coat' | 'skewer' | 'toothpick' | 'own-straw' | 'own-pick';

/** What keeps a stem from touching cake. Sizes in mm; all from memory, and a person may change them. */
export interface Barrier {
  id: string;
  /** what a person calls their own; those that ship are named by their ids */
  ownName?: string;
  /** whose steps, caution and uses it has */
  ways: BarrierWays;
  kind: 'straw' | 'pick' | 'dip' | 'stake';
  /** inside diameter, or null when it takes the stem's own shape */
  boreMm: number | null;
  /** outside diameter for a stem of this thickness */
  outsideMm(stemMm: number): number;
  stockMm: number;
  /** it is not used deeper than this */
  reachMm: number;
  mostGrams: number;
  minutes: number;
  /** how much of its length stands idle below the wire's end: room for the slanted cut */
  tipMm(outsideMm: number): number;
  /** until it may go in, beside the minutes of work */
  dryMinutes: number;
  allergens: readonly string[];
  /** how many steps it takes to fit */
  stepCount: number;
}

/** What the kinds of barrier can do, and what they ask for. */
interface Abilities {
  /** open below: plugged, or it cores crumb up to the wire */
  plugged: boolean;
  /** the wire is bent to spring in it */
  sprung: boolean;
  /** cut to the depth of its place; else as long as it is sold */
  cutToLength: boolean;
  /** goes into the cake by itself, before the stem */
  goesFirst: boolean;
  /** it enters bare: wire and tape end above the icing */
  bare: boolean;
}
export const ABILITIES: Readonly<Record<Barrier['kind'], Abilities>> = {
  straw: { plugged: true, sprung: true, cutToLength: true, goesFirst: false, bare: false },
  pick: { plugged: false, sprung: false, cutToLength: false, goesFirst: true, bare: false },
  dip: { plugged: false, sprung: false, cutToLength: false, goesFirst: false, bare: false },
  stake: { plugged: false, sprung: false, cutToLength: true, goesFirst: false, bare: true },
};

/** Those that ship with the product. */
export const BARRIERS: readonly Barrier[] = [...straws, ...picks, wax, compoundCoat, skewer, toothpick];

/** Those of a job: what ships and what a person has measured. */
export const barriersWith = (own: readonly OwnBarrier[]): readonly Barrier[] =>
  own.length ? [...BARRIERS, ...own.map(barrierOf)] : BARRIERS;

/** Null for an id that is not among them. */
export const barrierById = (id: string, barriers: readonly Barrier[]): Barrier | null =>
  barriers.find((b) => b.id === id) ?? null;

/** Thickness of a tube's wall, mm; null where it takes the stem's own shape. */
export const wallMm = (barrier: Barrier): number | null =>
  barrier.boreMm === null ? null : (barrier.outsideMm(barrier.boreMm) - barrier.boreMm) / 2;

/** A stem slides into a bore with half a millimetre to spare. NaN or a missing stem does not fit. */
export const fitsBore = (barrier: Barrier, stemMm: number): boolean =>
  barrier.boreMm === null ? stemMm > 0 && stemMm < 9 : stemMm + 0.5 <= barrier.boreMm;

const KIND_PENALTY: Record<Barrier['kind'], number> = { straw: 0, pick: 3, dip: 4, stake: 7 };

/** Lower is better: thin, shallow, the least work, little slack. */
export function barrierScore(barrier: Barrier, stemMm: number, insideMm: number): number {
  const slack = barrier.boreMm === null ? 0 : barrier.boreMm - stemMm;
  return barrier.outsideMm(stemMm) + 0.12 * insideMm + KIND_PENALTY[barrier.kind] + Math.max(0, slack - 3);
}

/**
 * The bend that lets a thin wire grip in a wide bore: a kink that touches three places, 2·asin(2(B − d)/ℓ) for a kink of
 * length ℓ, in radians; 0 when the stem fills the bore.
 */
export function springBendRad(boreMm: number, stemMm: number, kinkMm = 30): number {
  const slack = Math.max(0, boreMm - stemMm);
  return 2 * Math.asin(Math.min(1, (2 * slack) / kinkMm));
}
