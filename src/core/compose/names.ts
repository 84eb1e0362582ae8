import type { PieceRef } from '../facts/fact';
import type { PlacedPiece } from './placement';

/** A placed piece as facts carry it. */
export const pieceRef = (p: PlacedPiece): PieceRef => ({ species: p.body.species.id, stage: p.piece.stage });

/** Pieces, each kind with how many. */
export function countPieces(members: readonly PlacedPiece[]): (PieceRef & { count: number })[] {
  const counts = new Map<string, PieceRef & { count: number }>();
  for (const p of members) {
    const ref = pieceRef(p);
    const key = `${ref.species}|${ref.stage}`;
    const known = counts.get(key);
    if (known) known.count++;
    else counts.set(key, { ...ref, count: 1 });
  }
  return [...counts.values()];
}
