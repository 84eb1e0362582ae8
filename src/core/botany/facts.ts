import type { FactOf, FactTable } from '../facts/fact';
import { SEASONS } from './season';

/** What nature does not do: objections of botanical mode. */
export const BOTANY_WARNINGS = {
  'botany.fruit-with-flower': { fruit: 'species', flower: 'species' },
  'botany.out-of-season': { species: 'species', grows: ['flower', 'fruit', 'leaf'], season: SEASONS },
  'botany.leaf-size': { leaf: 'species', leafMm: 'mm', flower: 'piece', flowerMm: 'mm', large: 'yes' },
  'botany.petal-count': { species: 'species', petals: 'count', cut: 'count' },
} as const satisfies FactTable;

export type BotanyFact = FactOf<typeof BOTANY_WARNINGS>;
