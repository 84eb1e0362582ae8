import { leanWithin, liftOf } from './bounds';
import { clamp, wrapRad } from '../geometry/numbers';
import { add, addScaled, angleBetween, cross, dot, length, normalize, rotateAbout, sub, type Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import type { Line } from './line';
import { reachMm, type PlacedPiece } from './placement';

/** A grip on a chosen piece: where it looks (lean and turn), how far it is spun about itself, how high it stands. */
export interface PieceHandle {
  id: 'look' | 'spin' | 'lift';
  name: 'lean' | 'spin' | 'lift';
  at: Vec3;
  /** where on the piece it is held */
  from: Vec3;
  /** its figures */
  shown: { leanRad: number; turnRad: number } | { spinRad: number } | { liftMm: number };
}

/** Grips stand this far off the piece, so that a finger takes the grip and not the petals. mm */
const OFF_MM = 14;

/** What the look grip turns about: the middle of a head, the foot of a sprig. */
const pivotOf = (p: PlacedPiece): Vec3 => (p.spine.length ? p.base : p.centre);
const rimMm = (p: PlacedPiece): number => (p.spine.length ? p.body.radialMm : reachMm(p)) + OFF_MM;
const lookMm = (p: PlacedPiece): number => (p.spine.length ? 2 * p.body.axialMm + OFF_MM : 1.2 * rimMm(p));
/** From the pivot to the look grip: the tip of a sprig; of a head half-way to its rim, or it would lie on the face one takes to slide it. */
const lookWay = (p: PlacedPiece): Vec3 => (p.spine.length ? p.axis : normalize(add(p.axis, cross(p.axis, p.across))));

export function pieceHandles(p: PlacedPiece, line: Line): PieceHandle[] {
  const { piece } = p;
  const liftMm = piece.lift * line.riseMm(piece.s);
  return [
    {
      id: 'look',
      name: 'lean',
      at: addScaled(pivotOf(p), lookWay(p), lookMm(p)),
      from: pivotOf(p),
      shown: { leanRad: piece.tiltRad, turnRad: wrapRad(piece.headingRad) },
    },
    {
      id: 'spin',
      name: 'spin',
      at: addScaled(p.centre, p.across, rimMm(p)),
      from: p.centre,
      shown: { spinRad: wrapRad(piece.rollRad) },
    },
    { id: 'lift', name: 'lift', at: addScaled(p.centre, p.across, -rimMm(p)), from: p.centre, shown: { liftMm } },
  ];
}

interface DragPieceHandleOptions {
  p: PlacedPiece;
  line: Line;
  handle: PieceHandle;
  origin: Vec3;
  direction: Vec3;
}

/**
 * What a grip does to its piece when it is drawn to where a sight (origin, unit direction) passes; null where that says
 * nothing. The piece is taken as it stood when it was gripped; the lean stays within what its role may show.
 */
export function dragPieceHandle({ p, line, handle, origin, direction }: DragPieceHandleOptions): Partial<Piece> | null {
  if (handle.id === 'look') return look(p, origin, direction);
  if (handle.id === 'spin') return spin(p, origin, direction);
  return lift({ p, line, grip: handle.at, origin, direction });
}

/** A hand cannot turn a piece by less. */
const NO_TURN_RAD = 1e-4;

/** The sight meets the ball that the grip runs on, or passes it by: then where it comes nearest. The piece turns along. */
function look(p: PlacedPiece, origin: Vec3, direction: Vec3): Partial<Piece> {
  const pivot = pivotOf(p);
  const r = sub(origin, pivot);
  const nearest = addScaled(r, direction, -dot(r, direction));
  const aside = length(nearest);
  const deep = lookMm(p);
  const from = lookWay(p);
  const into = Math.sqrt(Math.max(0, deep * deep - aside * aside));
  // of the two places where the sight meets the ball, the one on the grip's own side
  const side = dot(from, direction) > 0 ? 1 : -1;
  const drawn = normalize(addScaled(nearest, direction, side * into), from);
  const about = cross(from, drawn);
  const turnRad = angleBetween(from, drawn);
  // let go where it stands: of a piece that stands upright the axis alone does not tell where it is turned to
  if (turnRad < NO_TURN_RAD) return { tiltRad: p.piece.tiltRad, headingRad: p.piece.headingRad };
  const to = rotateAbout(p.axis, normalize(about), turnRad);
  const { along: e, toSide, normal } = p.frame;
  const tiltRad = leanWithin(Math.acos(clamp(dot(to, normal), -1, 1)), p.body.role);
  return { tiltRad, headingRad: Math.atan2(dot(to, toSide), dot(to, e)) };
}

/** The angle about the axis from where the grip stood to where the sight meets its plane. */
function spin(p: PlacedPiece, origin: Vec3, direction: Vec3): Partial<Piece> | null {
  const facing = dot(direction, p.axis);
  if (Math.abs(facing) < 0.05) return null;
  const r = sub(origin, p.centre);
  const at = addScaled(r, direction, -dot(r, p.axis) / facing);
  const turned = Math.atan2(dot(at, cross(p.axis, p.across)), dot(at, p.across));
  return { rollRad: wrapRad(p.piece.rollRad + turned) };
}

interface LiftOptions {
  p: PlacedPiece;
  line: Line;
  grip: Vec3;
  origin: Vec3;
  direction: Vec3;
}

/** Up and down the skin's normal through the grip. */
function lift({ p, line, grip, origin, direction }: LiftOptions): Partial<Piece> | null {
  const at = nearestOnWay(grip, p.frame.normal, origin, direction);
  if (!at) return null;
  const mm = dot(sub(at, grip), p.frame.normal);
  return { lift: liftOf(p.piece.lift + mm / line.riseMm(p.piece.s)) };
}

/** The place of a straight way that a sight passes nearest; null when they run side by side. */
export function nearestOnWay(at: Vec3, way: Vec3, origin: Vec3, direction: Vec3): Vec3 | null {
  const r = sub(origin, at);
  const dn = dot(direction, way);
  const denominator = 1 - dn * dn;
  return denominator < 0.02 ? null : addScaled(at, way, (dot(r, way) - dot(r, direction) * dn) / denominator);
}
