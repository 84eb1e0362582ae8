/** An equal part of a length, to length, or whichever part is long enough. */
export type Cut = 'what fits' | 'to length' | Parts;
/** A length is cut into so many equal parts (docs/trade.md W1). */
export type Parts = 2 | 3 | 4 | 5 | 6;

/** Cut long and shortened, never the other way. Common practice, no source. */
export const TRIM_MM = 5;

/** By how much an equal part of a length is too short when nothing is left to trim, mm: the trim is a wish. */
const shortMm = (needMm: number, parts: Parts, stockMm: number): number => Math.max(0, needMm - TRIM_MM - stockMm / parts);

/** The most equal parts of a length that are each long enough; null where not even half a length is. */
export const fractionFor = (needMm: number, stockMm: number): Parts | null =>
  ([6, 5, 4, 3, 2] as const).find((parts) => shortMm(needMm, parts, stockMm) === 0) ?? null;

/**
 * How a person cuts: simple fractions of a length, trimmed when they are taped, which is usual (docs/trade.md W1); a line alike to the
 * millimetre; or each size to its own.
 */
export const CUTTINGS = ['fractions', 'length', 'sizes'] as const;
export type Cutting = (typeof CUTTINGS)[number];
export const USUAL_CUTTING: Cutting = 'fractions';

/** A length as it is cut: an equal part of a length, or so long. */
export interface CutLength {
  cutMm: number;
  parts: Parts | null;
}

/** Under so many to a length nobody divides it: short wires are cut to the next so many millimetres. Common practice, no source. */
const SHORT = { toALength: 8, stepMm: 5 } as const;

/**
 * How long a wire is cut that is needed so long: rounded up once, at the end; an equal part of a length stays exact. A line that is cut to
 * length is so whichever way is usual; a part that is too short gives way to the next larger.
 */
export function cutAs(needMm: number, stockMm: number, { cutting, usual }: { cutting: Cutting; usual: Cut }): CutLength {
  const exact = { cutMm: Math.ceil(needMm - 0.05), parts: null };
  if (cutting !== 'fractions' || usual === 'to length') return exact;
  if (usual === 'what fits' && needMm <= stockMm / SHORT.toALength)
    return { cutMm: Math.ceil(exact.cutMm / SHORT.stepMm) * SHORT.stepMm, parts: null };
  const fits = usual !== 'what fits' && shortMm(needMm, usual, stockMm) === 0 ? usual : fractionFor(needMm, stockMm);
  return fits === null ? exact : { cutMm: stockMm / fits, parts: fits };
}
