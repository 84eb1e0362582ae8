import type { FactOf, FactTable } from '../facts/fact';

/** Why so many spares. */
export const SPARE_FACTS = {
  'spares.in-tin': {},
  'spares.of-parts': { survive: 'share' },
  'spares.enough': { breakage: 'share', own: 'yes', spares: 'count', survive: 'share' },
} as const satisfies FactTable;
export type SpareReason = FactOf<typeof SPARE_FACTS>;

/** What a job uses up. */
export const NEED_FACTS = {
  'need.paste': {},
  'need.sugar-paste': {},
  'need.fondant': {},
  'need.air-dry-paste': {},
  'need.paper': {},
  'need.wire': { gauge: 'gauge', colour: ['white', 'green'] },
  'need.tape': {},
  'need.barrier': { barrier: 'barrier' },
  'need.dust': {},
  'need.supply': { supply: 'supply' },
} as const satisfies FactTable;
export type NeedName = FactOf<typeof NEED_FACTS>;

/** A line of a quote. */
export const QUOTE_FACTS = {
  'quote.amount': { amount: 'ratio', unit: ['g', 'm', 'piece'] },
  'quote.work': {},
  'quote.work-time': { minutes: 'minutes', rate: 'money' },
} as const satisfies FactTable;
export type QuoteFact = FactOf<typeof QUOTE_FACTS>;

/** What a ball of paste is for. */
export const PASTE_FACTS = {
  'paste.colour': { colour: 'colour' },
  'paste.green': {},
  'paste.second': { species: 'species' },
  'paste.berries': { species: 'species' },
  'paste.plaque': {},
  'paste.for-species': { species: 'species' },
} as const satisfies FactTable;
export type PasteFact = FactOf<typeof PASTE_FACTS>;
