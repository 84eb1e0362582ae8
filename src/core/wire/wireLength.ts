import type { FactOf, PieceRef } from '../facts/fact';
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
  /** of a carrier: the arm that it stiffens */
  arm?: 'first' | 'second';
}

/** Wire is cut long and shortened, never the other way: this much is left to trim. */
const TRIM_ALLOWANCE_MM = 5;
/** What is left to trim, as a term. */
export const TO_TRIM: LengthTerm = { term: 'trim', mm: TRIM_ALLOWANCE_MM, why: { code: 'term.spare', values: {} } };
/** A fold that springs in a straw: the last stretch of the wire bent back (docs/trade.md C5); a heavy head takes the smallest that grips. */
export const SPRUNG_FOLD_MM = 12;

/** A wire's length is the sum of its terms; terms of nothing are left out, a negative or NaN term counts as nothing. */
export function sumTerms(terms: readonly LengthTerm[]): { terms: LengthTerm[]; lengthMm: number } {
  const kept = terms.filter((t) => t.mm > 0.05).map((t) => ({ ...t, mm: Math.round(t.mm * 10) / 10 }));
  return { terms: kept, lengthMm: Math.max(0, Math.ceil(kept.reduce((a, t) => a + t.mm, 0) - 1e-6)) };
}
