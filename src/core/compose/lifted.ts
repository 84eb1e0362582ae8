import type { CakeSolid } from '../cake/solid';
import type { Piece } from './arrangement';
import type { Line } from './line';
import { liftOf, MOST_LIFT } from './bounds';
import { intoCakeMm, placePiece } from './placement';
import type { Catalogue } from '../botany/catalogue';
import { intoEaten, pointDeeper } from './intoEaten';
import type { Vec3 } from '../geometry/vec3';

/** A head or leaf that is this deep in the skin lies on it. */
export const HEAD_TOUCH_MM = 1;
/** How far a piece is turned up at the most while it is lifted, as shares of its lean. */
const TURNED_UP = [1, 0.85, 0.7, 0.5, 0.3, 0];
const MOST_LIFT_MM = 30;

/** How a piece lies clear of the cake: lifted by at least so much, and where that alone does not do looking up more. Null where neither helps. */
export function liftedClear(
  piece: Piece,
  { line, solid, catalogue }: { line: Line; solid: CakeSolid; catalogue: Catalogue },
  leastMm: number,
): Pick<Piece, 'lift' | 'tiltRad'> | null {
  // what was in the cake a little lower is asked first
  let inCake: Vec3 | null = null;
  for (const share of TURNED_UP)
    for (let mm = leastMm; mm <= MOST_LIFT_MM; mm++) {
      const lift = liftOf(piece.lift + mm / Math.max(1, line.riseMm(piece.s)));
      const to = { lift, tiltRad: piece.tiltRad * share };
      const placed = placePiece({ ...piece, ...to }, line, catalogue);
      if (intoCakeMm(placed, solid) <= HEAD_TOUCH_MM) {
        inCake = pointDeeper(placed, { solid, catalogue, limitMm: HEAD_TOUCH_MM, first: inCake });
        if (!inCake) return to;
      }
      if (lift === MOST_LIFT) break;
    }
  return null;
}

/** The pieces with those lifted that reach into what is eaten and may be moved, where lifting helps. */
export const allClear = (
  pieces: readonly Piece[],
  { line, solid, catalogue }: { line: Line; solid: CakeSolid; catalogue: Catalogue },
): Piece[] =>
  pieces.map((piece) => {
    if (piece.pinned) return piece;
    const sunk = intoEaten(placePiece(piece, line, catalogue), solid, catalogue);
    if (!sunk || sunk.deepMm <= HEAD_TOUCH_MM) return piece;
    return { ...piece, ...liftedClear(piece, { line, solid, catalogue }, 0.5) };
  });
