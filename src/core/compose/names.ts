import type { PieceRef } from '../facts/fact';
import type { PlacedPiece } from './placement';

/** A placed piece as facts carry it. */
export const pieceRef = (p: PlacedPiece): PieceRef => ({ species: p.body.species.id, stage: p.piece.stage });
