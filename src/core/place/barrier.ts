import { compoundCoat } from './barriers/compoundCoat';
import { picks } from './barriers/picks';
import { skewer } from './barriers/skewer';
import { straws } from './barriers/straws';
import { wax } from './barriers/wax';

/** What keeps a stem from touching cake. Sizes in mm; all from memory, and a person may change them. */
export interface Barrier {
  id: string;
  name: string;
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
  allergens: readonly string[];
  steps: readonly string[];
  caution: string;
}

export const BARRIERS: readonly Barrier[] = [...straws, ...picks, wax, compoundCoat, skewer];

export const barrierById = (id: string): Barrier | null => BARRIERS.find((b) => b.id === id) ?? null;

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
