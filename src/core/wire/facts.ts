import type { FactTable } from '../facts/fact';

/** What a person calls the part of a piece that a wire carries. */
export type PartName =
  'petal' | 'leaf' | 'berry' | 'floret' | 'opening' | 'open' | 'bud' | 'stamen' | 'arm' | 'side branch' | 'twig';

/** Why a part of a wire's length is as long as it is. */
export const TERM_FACTS = {
  'term.holds': {},
  'term.up-sprig': {},
  'term.through-base': {},
  'term.into-part': { part: 'part' },
  'term.past-its-parts': {},
  'term.free-stalk': {},
  'term.equal-part': { parts: 'count' },
  'term.cut-alike': { part: 'part' },
  'term.into-base': {},
  'term.taped-to-stem': {},
  'term.spare': {},
  'term.to-hold': {},
  'term.to-rim': {},
  'term.down-barrier': { barrier: 'barrier' },
  'term.into-foam': {},
  'term.small-fold': {},
  'term.springs': {},
  'term.to-joint': { joint: 'count' },
  'term.carries-arm': {},
  'term.past-joint': {},
  'term.to-pick-end': {},
  'term.stiffens': {},
} as const satisfies FactTable;

/** What no wire does. */
export const WIRE_WARNINGS = {
  'wire.none-carries': { piece: 'piece', massGrams: 'grams', freeMm: 'mm' },
  'wire.thin': { gauge: 'gauge', piece: 'piece', massGrams: 'grams', freeMm: 'mm', wanted: 'gauge' },
  'wire.longer-than-stock': { lengthMm: 'mm', stockMm: 'mm', gauge: 'gauge' },
} as const satisfies FactTable;
