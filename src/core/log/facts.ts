import type { FactOf, FactTable } from '../facts/fact';

/** What no id can tell of a log. */
export const PACKET_DOUBTS = {
  'packet.twice': { made: 'count', piece: 'piece', wanted: 'count' },
  'packet.together': { piece: 'piece' },
} as const satisfies FactTable;
export type PacketDoubt = FactOf<typeof PACKET_DOUBTS>;
