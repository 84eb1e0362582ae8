import { enclosingDiameter, estimateEnclosingDiameter } from '../geometry/circlePacking';
import { PAPER_COVER_MM } from './gauge';

/** One layer of florist tape adds this much all round, mm (assumed, not measured). */
export const TAPE_LAYER_MM = 0.11;

/** More wires than this are laid together by rule: packing them takes long and gains little. */
const MOST_PACKED = 16;

/** Stem thickness at a place: the smallest circle round the covered wires that pass there, plus tape. Bare diameters in mm. */
export function bundleMm(bareDiametersMm: readonly number[], exact: boolean, tapeLayers = 1): number {
  if (bareDiametersMm.length === 0) return 0;
  const covered = bareDiametersMm.map((d) => d + PAPER_COVER_MM);
  const wires = exact && covered.length <= MOST_PACKED ? enclosingDiameter(covered) : estimateEnclosingDiameter(covered);
  return wires + 2 * TAPE_LAYER_MM * tapeLayers;
}

export const TAPE_WIDTH_MM = 12.5;

/** Tape no wider than the stem is round (docs/trade.md T2): a third below 1.4 mm, half to 3.8, full above. */
export function tapeWidthShare(stemMm: number): number {
  return stemMm < 1.4 ? 1 / 3 : stemMm < 3.8 ? 0.5 : 1;
}

interface TapeLengthMmOptions {
  stemMm: number;
  stretchMm: number;
  overlap?: number;
  stretch?: number;
}

/**
 * Tape to wind a stretch of stem, mm of tape as it comes off the roll: a helix of pitch p, length L·√(1 + (πD/p)²), half
 * overlapped and stretched by a quarter. The advance angle is capped at 60°.
 */
export function tapeLengthMm({ stemMm, stretchMm, overlap = 0.5, stretch = 1.25 }: TapeLengthMmOptions): number {
  if (!(stemMm > 0) || !(stretchMm > 0)) return 0;
  return (stretchMm * Math.sqrt(1 + ((Math.PI * stemMm) / tapePitchMm(stemMm, overlap)) ** 2)) / stretch;
}

/** How far tape advances in one turn round a stem, mm; half overlapped unless said. */
export function tapePitchMm(stemMm: number, overlap = 0.5): number {
  const width = TAPE_WIDTH_MM * tapeWidthShare(stemMm);
  const k = Math.min(Math.sin(Math.PI / 3), (0.9 * width * (1 - overlap)) / (Math.PI * stemMm));
  return (Math.PI * stemMm * k) / Math.sqrt(1 - k * k);
}
