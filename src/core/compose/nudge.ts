import { clamp } from '../geometry/numbers';
import type { Random } from '../geometry/random';
import type { Piece } from './arrangement';
import { alongLine } from './bounds';
import type { Line } from './line';
import type { PlacedPiece } from './placement';
import { leanOf } from './startLayout';

export type NudgeKind = 'turn' | 'lift' | 'slide';

interface NudgedOptions {
  p: PlacedPiece;
  line: Line;
  kind: NudgeKind;
  size: number;
  random: Random;
}

/** A piece turned, lifted or slid a little; `size` 1 as far as one reaches at once, less for finer work. */
export function nudged({ p, line, kind, size, random }: NudgedOptions): Piece {
  const { piece } = p;
  const r = () => (random() - 0.5) * 2 * size;
  if (kind === 'turn') {
    const [least, most] = leanOf(p.body.role, p.spine.length > 0, line.plate !== null);
    return { ...piece, tiltRad: clamp(piece.tiltRad + r() * 0.35, least, most), headingRad: piece.headingRad + r() * 0.9 };
  }
  if (kind === 'lift') return { ...piece, lift: clamp(piece.lift + r() * 0.25, 0, p.body.role === 'focal' ? 0.25 : 0.9) };
  const s = piece.s + (r() * 26) / line.lengthMm;
  return { ...piece, s: alongLine(line, s), side: clamp(piece.side + r() * 0.4, -1.15, 1.15) };
}

/** Two pieces in each other's places, each running the way it ran. */
export const exchanged = (a: Piece, b: Piece): [Piece, Piece] => [
  { ...a, s: b.s, side: b.side, headingRad: b.headingRad },
  { ...b, s: a.s, side: a.side, headingRad: a.headingRad },
];
