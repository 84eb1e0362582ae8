import type { FactOf, FactTable } from '../facts/fact';

/** What of a branch tree cannot be taped as it stands, or was not built as it was asked for. */
export const TAPE_WARNINGS = {
  'tape.joint-in-head': { joint: 'count', head: 'piece' },
  'tape.stalk-short': { joint: 'count', piece: 'piece', stalkMm: 'mm' },
  'tape.joints-close': { before: 'count', joint: 'count', apartMm: 'mm', leastMm: 'mm', piece: 'piece' },
  'tape.piece-gone': {},
  'tape.no-room-on-stem': { piece: 'piece', leastMm: 'mm' },
  'tape.not-joined': { piece: 'piece', lead: 'piece' },
  'tape.lead-gone': { piece: 'piece' },
} as const satisfies FactTable;

export type TapeFact = FactOf<typeof TAPE_WARNINGS> & { pieceId: string };
