import { clamp } from '../../geometry/numbers';
import { angleBetween, dot } from '../../geometry/vec3';
import type { Piece } from '../arrangement';
import type { Line } from '../line';
import type { PlacedPiece } from '../placement';

/** What the readings ask of one piece by itself where it stands: worked out when it is put there, not at every reading. */
export interface Standing {
  acrossMm: number;
  /** from the focal point, along the line, and across it at a lesser share */
  fromFocalMm: number;
  /** how far out on its arm, or from the middle of a disc, 0…1 */
  outward: number;
  /** how far its axis runs with the line, −1…1 */
  withLine: number;
  /** past the line's edge, more than a head may stand over it */
  strayMm: number;
  /** how much of a face is turned outward, 0…1 */
  shown: number;
}

export const standingOf = (line: Line, p: PlacedPiece): Standing => ({
  acrossMm: p.body.radialMm * 2,
  fromFocalMm: Math.hypot(
    line.armShare(p.piece.s) * armLength({ focalAt: line.focal, s: p.piece.s, lengthMm: line.lengthMm, closed: line.closed }),
    p.sideMm * ACROSS_SHARE,
  ),
  outward: outwardShare(line, p.piece),
  withLine: withLine(line, p),
  strayMm: Math.max(0, Math.abs(p.sideMm) - line.halfWidthMm(p.piece.s) - p.body.radialMm * OVER_EDGE_SHARE),
  shown: clamp((1.35 - angleBetween(p.axis, p.frame.normal)) / 0.35),
});

const ACROSS_SHARE = 0.4;
/** So much of its radius a head may stand over the edge. */
const OVER_EDGE_SHARE = 0.3;

interface ArmLengthOptions {
  focalAt: number;
  s: number;
  lengthMm: number;
  closed: boolean;
}

const armLength = ({ focalAt, s, lengthMm, closed }: ArmLengthOptions): number =>
  closed ? lengthMm / 2 : (s < focalAt ? focalAt : 1 - focalAt) * lengthMm;

/** How far out a piece lies: along its arm from the focal point, or from the middle of a disc; 0…1. */
export const outwardShare = (line: Line, piece: Pick<Piece, 's' | 'side'>): number =>
  line.shape === 'disc' ? Math.hypot(piece.s * 2 - 1, piece.side * 0.7) : line.armShare(piece.s);

/** The way leaves point here: outward to the nearer tip, round a ring with the rest, out from the middle of a disc. */
function withLine(line: Line, p: PlacedPiece): number {
  const along = dot(p.axis, p.frame.along);
  if (line.shape === 'disc') {
    const x = p.piece.s * 2 - 1;
    const y = p.piece.side;
    const size = Math.hypot(x, y) || 1;
    return (along * x + dot(p.axis, p.frame.toSide) * y) / size;
  }
  if (line.closed) return along;
  return p.piece.s >= line.focal ? along : -along;
}
