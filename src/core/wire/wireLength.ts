import type { FactOf, PieceRef } from '../facts/fact';
import type { CutDemand } from './cutList';
import { cutAs, TRIM_MM, type Cutting } from './cutting';
import type { PartName, TERM_FACTS } from './facts';

/** What a stretch of wire is for. */
export type Term = 'hook' | 'inside' | 'free' | 'along-stem' | 'in-base' | 'in-barrier' | 'fold' | 'trim' | 'rest';
type TermReason = FactOf<typeof TERM_FACTS>;

/** One part of a wire's length, with its reason. */
export interface LengthTerm {
  term: Term;
  mm: number;
  why: TermReason;
}

export interface WireCut {
  id: string;
  pieceId: string;
  /** what it is for: the piece's own stem, one of its parts, a stamen, a carrier that stiffens an arm */
  use: 'stem' | 'part' | 'stamen' | 'carrier';
  /** whose it is; null for a carrier */
  piece: PieceRef | null;
  /** the part of the piece that it carries; null for the piece's own stem and a carrier */
  part: PartName | null;
  gauge: number;
  diameterMm: number;
  colour: 'white' | 'green';
  terms: readonly LengthTerm[];
  /** sum of the terms, up to the next whole millimetre */
  lengthMm: number;
  /** equal wires cut like this one */
  count: number;
  /** what they would be cut to each way */
  ways: Readonly<Record<Cutting, readonly CutDemand[]>>;
  /** of a carrier: the arm that it stiffens */
  arm?: 'first' | 'second';
}

/** What is left to trim, as a term. */
export const TO_TRIM: LengthTerm = { term: 'trim', mm: TRIM_MM, why: { code: 'term.spare', values: {} } };
/** A fold that springs in a straw: the last stretch of the wire bent back (docs/trade.md C5); a heavy head takes the smallest that grips. */
export const SPRUNG_FOLD_MM = 12;

/** A wire's length is the sum of its terms; terms of nothing are left out, a negative or NaN term counts as nothing. */
export function sumTerms(terms: readonly LengthTerm[]): { terms: LengthTerm[]; lengthMm: number } {
  const kept = terms.filter((t) => t.mm > 0.05).map((t) => ({ ...t, mm: Math.round(t.mm * 10) / 10 }));
  return { terms: kept, lengthMm: Math.max(0, Math.ceil(kept.reduce((a, t) => a + t.mm, 0) - 1e-6)) };
}

type Terms = Pick<WireCut, 'terms' | 'lengthMm' | 'ways'>;

/** A wire of these terms as it is cut: what an equal part of a length leaves over is told last, what it lacks comes off the trim. */
export function cutOf(
  { terms, lengthMm }: Pick<WireCut, 'terms' | 'lengthMm'>,
  count: number,
  { cutting, stockMm }: { cutting: Cutting; stockMm: number },
): Terms {
  const as = (way: Cutting) => cutAs(lengthMm, stockMm, { cutting: way, usual: 'what fits' });
  const demand = (way: Cutting) => [{ lengthMm: as(way).cutMm, count }];
  const ways = { fractions: demand('fractions'), length: demand('length'), sizes: demand('sizes') };
  const { cutMm, parts } = as(cutting);
  return { terms: withOver(terms, cutMm - lengthMm, parts), lengthMm: cutMm, ways };
}

/** The terms of a wire that is cut so much longer, or shorter, than they come to. */
function withOver(terms: readonly LengthTerm[], overMm: number, parts: number | null): LengthTerm[] {
  if (overMm < 0)
    return terms
      .map((t) => (t.term === 'trim' ? { ...t, mm: Math.round((t.mm + overMm) * 10) / 10 } : t))
      .filter((t) => t.mm > 0.05);
  if (overMm < 0.05) return [...terms];
  const why: LengthTerm['why'] = parts ? { code: 'term.equal-part', values: { parts } } : { code: 'term.spare', values: {} };
  return [...terms, { term: 'rest', mm: Math.round(overMm * 10) / 10, why }];
}
