import { addScaled, cross, type Vec3 } from '../geometry/vec3';
import { coversSight, outlineShareOf, type PlacedPiece } from './placement';

/** Whoever looks into a face stands nearer than this to it: what is farther ahead does not hide it. */
export const MOST_AHEAD_MM = 120;

export interface Hiders {
  /** of the places looked at on the face, the share that is hidden */
  share: number;
  pieces: readonly PlacedPiece[];
}

/** Looked at on a face: its middle and six places round it, in its radii. */
const FACE_POINTS: readonly (readonly [number, number])[] = [
  [0, 0],
  ...Array.from({ length: 6 }, (_, k) => [0.6 * Math.cos((k * Math.PI) / 3), 0.6 * Math.sin((k * Math.PI) / 3)] as const),
];

/** How far before a face its places are looked at, in its half-depths: where the petals lie. */
const FRONT_SHARE = 0.6;

/** Whether a piece may hide part of a face. In plain numbers: asked of every pair with a leading flower while the hand moves. */
export function mayHide(q: PlacedPiece, { centre, axis, body }: PlacedPiece): boolean {
  const [x, y, z] = [q.centre[0] - centre[0], q.centre[1] - centre[1], q.centre[2] - centre[2]];
  const out = x * axis[0] + y * axis[1] + z * axis[2];
  const ahead = out - body.axialMm * FRONT_SHARE;
  const reach = body.radialMm + q.body.radialMm + q.body.axialMm;
  return ahead > 0 && ahead < MOST_AHEAD_MM && x * x + y * y + z * z - out * out < reach * reach;
}

/** What stands before a face as one looks into it: the share of its places hidden, and by which pieces. */
export function hidersOf(face: PlacedPiece, heads: readonly PlacedPiece[]): Hiders {
  const { axis, across, body } = face;
  const before = heads.filter((q) => q !== face && mayHide(q, face));
  if (before.length === 0) return { share: 0, pieces: [] };
  const up = cross(axis, across);
  const front = addScaled(face.centre, axis, body.axialMm * FRONT_SHARE);
  const pieces = new Set<PlacedPiece>();
  let hidden = 0;
  for (const [a, b] of FACE_POINTS) {
    const point: Vec3 = addScaled(addScaled(front, across, a * body.radialMm), up, b * body.radialMm);
    const by = before.find((q) => coversSight(q, point, axis, outlineShareOf(q)));
    if (by) pieces.add(by);
    if (by) hidden++;
  }
  return { share: hidden / FACE_POINTS.length, pieces: [...pieces] };
}
