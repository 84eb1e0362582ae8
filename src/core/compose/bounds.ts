import { MOST_TILT_RAD } from '../botany/catalogue';
import type { Role } from '../botany/species';
import { clamp } from '../geometry/numbers';
import type { Piece } from './arrangement';
import type { Line } from './line';

/** How far off its line a hand may set a piece, in half-widths. Assumed. */
export const MOST_SIDE = 1.4;
/** How far above the skin, in rises of the line. Assumed. */
export const MOST_LIFT = 1.2;

/** A place along a line: round a closed one it goes on, on an open one it ends at the tips. */
export const alongLine = (line: Pick<Line, 'closed'>, s: number): number => (line.closed ? s - Math.floor(s) : clamp(s));
export const offLine = (side: number): number => clamp(side, -MOST_SIDE, MOST_SIDE);
export const liftOf = (lift: number): number => clamp(lift, 0, MOST_LIFT);
/** How far from upright a head or sprig of a role may lean, radians. */
export const leanWithin = (tiltRad: number, role: Role): number => clamp(tiltRad, 0, MOST_TILT_RAD[role]);

type Place = Pick<Piece, 's' | 'side'>;

/** A piece moved so many millimetres along its line and across it, as far as it may go. */
export function movedBy(place: Place, line: Line, { alongMm = 0, acrossMm = 0 }): Place {
  const s = alongLine(line, place.s + alongMm / line.lengthMm);
  return { s, side: offLine(place.side + acrossMm / line.halfWidthMm(place.s)) };
}

/** Where a copy of a piece stands: a little further on and to one side, so that both are seen. */
export const besideIt = (place: Place): Place => ({ s: clamp(place.s + 0.06), side: clamp(place.side + 0.25, -1.2, 1.2) });
