/** To length, or one of so many equal parts of a length. */
export type Cut = 'to length' | 2 | 3 | 4 | 5 | 6;

/** Cut long and shortened, never the other way. Common practice, no source. */
export const TRIM_MM = 5;
/** How long a wire is cut: rounded up once, at the end; an equal part of a length stays exact. What is left to trim is a wish. */
export function cutTo(needMm: number, cut: Cut, stockMm: number): { cutMm: number; shortMm: number } {
  if (cut === 'to length') return { cutMm: Math.ceil(needMm - 0.05), shortMm: 0 };
  const cutMm = stockMm / cut;
  return { cutMm, shortMm: Math.max(0, needMm - TRIM_MM - cutMm) };
}

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
  parts: Exclude<Cut, 'to length'> | null;
}

/** Under so many to a length nobody divides it: short wires are cut to the next so many millimetres. Common practice, no source. */
const SHORT = { toALength: 8, stepMm: 5 } as const;

/** How long a wire is cut that is needed so long; `usual` is what it is usually cut to. */
export function cutAs(needMm: number, stockMm: number, { cutting, usual }: { cutting: Cutting; usual: Cut }): CutLength {
  const exact = { cutMm: cutTo(needMm, 'to length', stockMm).cutMm, parts: null };
  if (cutting !== 'fractions') return exact;
  if (usual === 'to length' && needMm <= stockMm / SHORT.toALength)
    return { cutMm: Math.ceil(exact.cutMm / SHORT.stepMm) * SHORT.stepMm, parts: null };
  const fits = usual !== 'to length' && cutTo(needMm, usual, stockMm).shortMm === 0 ? usual : fractionFor(needMm, stockMm);
  return fits === null || fits === 'to length' ? exact : { cutMm: stockMm / fits, parts: fits };
}

/** The most equal parts of a length that are each long enough; null where not even half a length is. */
export const fractionFor = (needMm: number, stockMm: number): Cut | null =>
  ([6, 5, 4, 3, 2] as const).find((parts) => cutTo(needMm, parts, stockMm).shortMm === 0) ?? null;
