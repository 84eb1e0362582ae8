import { HAND_OVER } from './handOver';
import { PAPER } from './paper';
import { SCREEN } from './screen';

/** Labels and sentences of paper and screen, by key. English says which keys there are; other languages have the same. */
export const LABELS = { ...HAND_OVER, ...PAPER, ...SCREEN } as const;
