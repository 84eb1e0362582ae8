import { clamp, correlation } from '../../geometry/numbers';
import type { Piece } from '../arrangement';
import type { Line } from '../line';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';

/** How far out a piece lies: along its arm from the focal point, or from the middle of a disc; 0…1. */
export const outwardShare = (line: Line, piece: Pick<Piece, 's' | 'side'>): number =>
  line.shape === 'disc' ? Math.hypot(piece.s * 2 - 1, piece.side * 0.7) : line.armShare(piece.s);

/** The largest head that sits well at a share x of the arm: full at the focal point, small at the tip. */
export const sizeCeilingMm = (largestMm: number, x: number): number => largestMm * (1 - 0.62 * x) + 4;

/** The head that is too large for its place changes places with one nearer the focal point that would sit well there. */
function changePlaces(
  flowers: readonly PlacedPiece[],
  x: readonly number[],
  worst: PlacedPiece,
  largestMm: number,
): Remedy | null {
  const at = x[flowers.indexOf(worst)]!;
  const room = sizeCeilingMm(largestMm, at);
  const other = flowers
    .map((q, i) => ({ q, x: x[i]! }))
    .filter(({ q, x: nearer }) => nearer < at && q.body.radialMm * 2 <= room && !q.piece.pinned)
    .sort((a, b) => a.x - b.x)[0]?.q;
  if (!other || worst.piece.pinned) return null;
  const place = (p: PlacedPiece) => ({ s: p.piece.s, side: p.piece.side });
  return {
    label: 'Change 2 places',
    change: [
      { id: worst.piece.id, to: place(other) },
      { id: other.piece.id, to: place(worst) },
    ],
    add: [],
    remove: [],
  };
}

/** Sizes fall from the focal point to the tips; no large head near a tip. Rings are not graded. */
export const grading: ReadingMaker = (scene) => {
  const { line, heads } = scene;
  const flowers = heads.filter((p) => !p.spine.length);
  const x = flowers.map((p) => outwardShare(line, p.piece));
  const d = flowers.map((p) => Math.log(p.body.radialMm * 2));
  const rank = correlation(x, d);
  const largest = Math.max(0, ...flowers.map((p) => p.body.radialMm * 2));
  const over = flowers.map((p, i) => ({ p, mm: p.body.radialMm * 2 - sizeCeilingMm(largest, x[i]!) })).filter((o) => o.mm > 0);
  const fall = line.closed || flowers.length < 4 ? 1 : clamp((0.05 - rank) / 0.65);
  const ceiling = line.closed ? 1 : Math.exp(-over.reduce((t, o) => t + o.mm, 0) / (6 * Math.max(4, flowers.length)));
  const worst = over.sort((a, b) => b.mm - a.mm)[0];
  return {
    id: 'grading',
    score: 100 * (0.62 * fall + 0.38 * ceiling),
    lean: clamp(rank, -1, 1),
    leanWords: ['large inside', 'large at the tips'],
    numbers: { correlation: rank, tooLarge: over.length },
    why:
      worst && fall * ceiling < 0.8
        ? `${worst.p.body.species.name} of ${Math.round(worst.p.body.radialMm * 2)} mm sits too near a tip.`
        : 'Sizes fall from the focal point to the tips.',
    remedy: worst && fall * 0.62 + ceiling * 0.38 < 0.9 ? () => changePlaces(flowers, x, worst.p, largest) : null,
    place: worst ? { pointMm: worst.p.centre, acrossMm: worst.p.body.radialMm * 2 } : null,
  };
};
