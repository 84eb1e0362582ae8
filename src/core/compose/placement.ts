import { bodyOf, type Body, type Catalogue } from '../botany/catalogue';
import type { Role } from '../botany/species';
import type { CakeSolid } from '../cake/solid';
import { addScaled, anyPerpendicular, cross, dot, normalize, rotateAbout, sub, length, type Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import { directionAt, type Line, type LineFrame, type Plate } from './line';

/** A piece in the world. A head is a spheroid about its axis; a sprig runs from its base along the axis. mm. */
export interface PlacedPiece {
  piece: Piece;
  body: Body;
  frame: LineFrame;
  sideMm: number;
  /** middle of the body */
  centre: Vec3;
  /** where the stem begins: the back of a head, the foot of a sprig */
  base: Vec3;
  axis: Vec3;
  /** unit vector square to the axis that fixes the roll; a sprig's face */
  across: Vec3;
  /** sprigs: balls along the spine for contacts */
  spine: readonly { at: Vec3; radiusMm: number }[];
}

/**
 * Room left under a piece for the stems that pass there: 1.5 mm, half the thickest stem, and the turn from axis to main
 * stem. Common practice, no source; figures from the project's own study (focal about 6 mm, others 2–4).
 */
export const STEM_ROOM_MM: Record<Role, number> = {
  focal: 6.5,
  secondary: 5.5,
  spray: 4.5,
  filler: 3,
  bud: 4,
  berry: 3,
  foliage: 2.5,
};

/** Room under a piece that is glued to a plaque: no stem passes, it beds in a little wet paste. */
export const GLUED_ROOM_MM = 0.5;

/** Support of a spheroid: how far it reaches along a unit direction. */
export function supportMm(body: Body, axis: Vec3, direction: Vec3): number {
  const c = dot(axis, direction);
  return Math.sqrt(body.radialMm ** 2 * Math.max(0, 1 - c * c) + body.axialMm ** 2 * c * c);
}

/** Distance from the middle of a spheroid to its surface along a unit direction. */
function surfaceMm(body: Body, cosine: number): number {
  const s2 = Math.max(0, 1 - cosine * cosine);
  return 1 / Math.sqrt(s2 / body.radialMm ** 2 + (cosine * cosine) / body.axialMm ** 2);
}

/** Where one piece is. Same input, same place; nothing else is looked at. */
export function placePiece(piece: Piece, line: Line, catalogue: Catalogue): PlacedPiece {
  const body = bodyOf(piece, catalogue);
  const sideMm = piece.side * line.halfWidthMm(piece.s);
  const frame = line.at(piece.s, sideMm);
  const axis = directionAt(frame, piece.tiltRad, piece.headingRad);
  // what has no wire lies where it is glued, whatever rises round it
  const laid = body.built.root.part.on.by === 'nothing';
  const room = line.plate || laid ? GLUED_ROOM_MM : STEM_ROOM_MM[body.role];
  const gap = room + (laid && !line.plate ? 0 : piece.lift * line.riseMm(piece.s));
  if (body.species.habit === 'sprig') {
    const base = addScaled(frame.pointMm, frame.normal, gap);
    const face = normalize(
      sub(frame.normal, [
        axis[0] * dot(frame.normal, axis),
        axis[1] * dot(frame.normal, axis),
        axis[2] * dot(frame.normal, axis),
      ]),
      anyPerpendicular(axis),
    );
    const across = rotateAbout(face, axis, piece.rollRad);
    const long = body.axialMm * 2;
    const spine = [0.25, 0.55, 0.85].map((t) => ({
      at: addScaled(base, axis, long * t),
      radiusMm: body.radialMm * (1 - 0.5 * Math.abs(t - 0.45)) * body.solidity,
    }));
    return { piece, body, frame, sideMm, centre: addScaled(base, axis, body.axialMm), base, axis, across, spine };
  }
  const centre = addScaled(frame.pointMm, frame.normal, gap + supportMm(body, axis, frame.normal));
  const upright: Vec3 = Math.abs(axis[2]) > 0.92 ? frame.along : [0, 0, 1];
  const level = normalize(cross(axis, normalize(cross(upright, axis))), anyPerpendicular(axis));
  return {
    piece,
    body,
    frame,
    sideMm,
    centre,
    base: addScaled(centre, axis, -body.axialMm),
    axis,
    across: rotateAbout(level, axis, piece.rollRad),
    spine: [],
  };
}

export const placeAll = (pieces: readonly Piece[], line: Line, catalogue: Catalogue): PlacedPiece[] =>
  pieces.map((piece) => placePiece(piece, line, catalogue));

/** No part of a piece is farther from its middle than this: the larger radius. */
export const reachMm = (p: PlacedPiece): number => Math.max(p.body.radialMm, p.body.axialMm);

/** Contact radius of a head toward a unit direction: root of surface × support, times its solidity. */
function contactMm(p: PlacedPiece, direction: Vec3): number {
  const c = dot(p.axis, direction);
  return Math.sqrt(surfaceMm(p.body, c) * supportMm(p.body, p.axis, direction)) * p.body.solidity;
}

/** A leaf gives way under a head to this share of the head's radius. */
const LEAF_YIELD = 0.72;

/** How far two pieces run into each other, mm; 0 or less when they are clear. Leaves may lie over leaves. */
export function overlapMm(a: PlacedPiece, b: PlacedPiece): number {
  if (a.spine.length && b.spine.length) return spineOverlap(a, b);
  if (a.spine.length) return overlapMm(b, a);
  if (b.spine.length) {
    let worst = -Infinity;
    for (const ball of b.spine) {
      const d = sub(ball.at, a.centre);
      const far = length(d);
      worst = Math.max(
        worst,
        LEAF_YIELD * contactMm(a, far > 1e-6 ? [d[0] / far, d[1] / far, d[2] / far] : a.axis) + ball.radiusMm * 0.5 - far,
      );
    }
    return worst;
  }
  const d = sub(b.centre, a.centre);
  const far = length(d);
  if (far > a.body.radialMm + a.body.axialMm + b.body.radialMm + b.body.axialMm) return -far;
  const u: Vec3 = far > 1e-6 ? [d[0] / far, d[1] / far, d[2] / far] : a.frame.along;
  return contactMm(a, u) + contactMm(b, u) - far;
}

/** Sprigs may cross; only solid middles of fillers and berries count, at a third. */
function spineOverlap(a: PlacedPiece, b: PlacedPiece): number {
  if (a.body.role === 'foliage' || b.body.role === 'foliage') return -1;
  let worst = -Infinity;
  for (const p of a.spine)
    for (const q of b.spine) worst = Math.max(worst, (p.radiusMm + q.radiusMm) * 0.6 - length(sub(p.at, q.at)));
  return worst;
}

/** Petals at a head's very edge give way: its reach toward the cake counts at this share. */
const EDGE_GIVE = 0.94;

/**
 * How far a head reaches into one tier: the least it would have to move to be clear, straight out from the side, straight up
 * from the top, or between the two over the edge (separating directions of two convex bodies). Negative when it is clear.
 */
function intoTierMm(p: PlacedPiece, tier: CakeSolid['tiers'][number]): number {
  const [x, y, z] = p.centre;
  const reach = p.body.radialMm + p.body.axialMm;
  const out = tier.outline.signedMm(x, y);
  const up = z - tier.topMm;
  if (out > reach || up > reach || z < tier.footMm - reach) return -1;
  const d = Math.SQRT1_2;
  const [ux, uy] = tier.outline.outwardAt(x, y);
  const aside = supportMm(p.body, p.axis, [ux, uy, 0]) * EDGE_GIVE - out;
  const above = supportMm(p.body, p.axis, [0, 0, 1]) * EDGE_GIVE - up;
  const over = supportMm(p.body, p.axis, [ux * d, uy * d, d]) * EDGE_GIVE - ((out + up) * d + tier.edgeMm * (Math.SQRT2 - 1));
  return Math.min(aside, above, over);
}

/** How far a piece reaches into the cake, mm; 0 when it does not. Leaves may bend along the skin. The board is a floor too. */
export function intoCakeMm(p: PlacedPiece, solid: CakeSolid): number {
  let worst = 0;
  if (p.spine.length) {
    for (const ball of p.spine) worst = Math.max(worst, 1.5 - solid.signedDistanceMm(ball.at));
    return worst;
  }
  for (const tier of solid.tiers) worst = Math.max(worst, intoTierMm(p, tier));
  return Math.max(worst, supportMm(p.body, p.axis, [0, 0, 1]) * EDGE_GIVE - p.centre[2]);
}

/** A plaque that lies flat is read from in front and above: what stands before its lettering hides this share of its own height of it. */
const HIDES_BEHIND_SHARE = 0.7;

/** How far a piece hides the part of a plaque that is kept for its lettering, mm; 0 when it is clear or nothing is lettered. */
export function intoLetteringMm(p: PlacedPiece, plate: Plate | null): number {
  if (!plate || plate.letteringHalfMm[0] === 0) return 0;
  const into = (at: Vec3, across: number, up: number): number => {
    const d = sub(at, plate.letteringMm);
    const inX = plate.letteringHalfMm[0] + across - Math.abs(dot(d, plate.across));
    const before = dot(d, plate.up) < 0 && !plate.upright;
    const behind = before ? HIDES_BEHIND_SHARE * Math.max(0, dot(d, plate.normal) + up) : 0;
    const inY = plate.letteringHalfMm[1] + up + behind - Math.abs(dot(d, plate.up));
    return Math.min(inX, inY);
  };
  const tips = p.spine.length ? p.spine : [];
  const head = p.spine.length ? 0 : into(p.centre, supportMm(p.body, p.axis, plate.across), supportMm(p.body, p.axis, plate.up));
  return Math.max(0, head, ...tips.map((ball) => into(ball.at, ball.radiusMm, ball.radiusMm)));
}

/** A straight line against a spheroid: a t² + 2 b t + c = 0 for the lengths t at which it meets the surface. */
export interface SightQuadratic {
  a: number;
  b: number;
  c: number;
}

/** The quadratic of the line from `point` along the unit `direction`, the body's radii taken at shares of full. */
export function sightQuadratic(
  p: PlacedPiece,
  point: Vec3,
  direction: Vec3,
  radialShare: number,
  axialShare: number,
): SightQuadratic {
  const a2 = (p.body.radialMm * radialShare) ** 2;
  const k = 1 / (p.body.axialMm * axialShare) ** 2 - 1 / a2;
  const r = sub(point, p.centre);
  const rk = dot(r, p.axis);
  const dk = dot(direction, p.axis);
  return { a: 1 / a2 + k * dk * dk, b: dot(r, direction) / a2 + k * rk * dk, c: dot(r, r) / a2 + k * rk * rk - 1 };
}

/** Whether the straight sight through `point` along `direction` meets the piece's body, its outline taken at `share` of full. */
export function coversSight(p: PlacedPiece, point: Vec3, direction: Vec3, share: number): boolean {
  const { a, b, c } = sightQuadratic(p, point, direction, share, share);
  return b * b - a * c >= 0;
}

/** How much of its outline a piece really fills: a sprig is mostly air. */
export const outlineShareOf = (p: PlacedPiece): number =>
  p.body.role === 'foliage' ? 0.66 : p.body.role === 'filler' ? 0.78 : p.body.role === 'berry' ? 0.85 : 0.97;
