import type { CakeSolid } from '../cake/solid';
import { clamp } from '../geometry/numbers';
import { addScaled, distance, dot, normalize, scale, sub, type Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import type { Line } from './line';
import { intoCakeMm, overlapMm, placePiece, reachMm, type PlacedPiece } from './placement';
import { PETAL_GIVE_MM } from './scene';
import type { Catalogue } from '../botany/catalogue';
import { must } from '../geometry/must';

const ROUNDS = 160;
/** A piece may be held no higher than this, as a share of the line's rise. */
const HIGHEST = 1.6;

/** The same piece pushed by so many mm, as far as the line lets it. */
export function pushed(p: PlacedPiece, line: Line, byMm: Vec3): Piece {
  const { piece, frame } = p;
  const s = piece.s + dot(byMm, frame.along) / line.lengthMm;
  const side = piece.side + dot(byMm, frame.toSide) / line.halfWidthMm(piece.s);
  const lift = piece.lift + dot(byMm, frame.normal) / line.riseMm(piece.s);
  return {
    ...piece,
    s: line.closed ? s - Math.floor(s) : clamp(s),
    side: clamp(side, -1.15, 1.15),
    lift: clamp(lift, 0, HIGHEST),
  };
}

/**
 * Lets all that press give way to each other together: of two the lighter goes the farther, and out of the cake each goes
 * the shortest way. Where a line is overfull, heads end up heaped a little higher instead of one in another. Pinned pieces
 * stay. Gives back the same pieces when nothing presses by more than `mostMm`.
 */
export function givenWay(
  pieces: readonly Piece[],
  { line, solid, catalogue }: { line: Line; solid: CakeSolid; catalogue: Catalogue },
  mostMm: number,
): Piece[] {
  const placed = pieces.map((piece) => placePiece(piece, line, catalogue));
  for (let round = 0; round < ROUNDS; round++) {
    const pushes = pushesOf(placed, solid, mostMm);
    if (pushes.every((push) => push === null)) break;
    pushes.forEach((push, i) => {
      const p = must(placed[i]);
      if (push && !p.piece.pinned) placed[i] = placePiece(pushed(p, line, push), line, catalogue);
    });
  }
  return placed.map((p) => p.piece);
}

/** Of off the skin, to either side and between: where a head that stands so deep in the cake stands least deep after as many mm. */
function wayOut(p: PlacedPiece, solid: CakeSolid, mm: number): Vec3 {
  const { normal, toSide } = p.frame;
  let best: { way: Vec3; mm: number } = { way: normal, mm: Infinity };
  for (const aside of [0, 1, -1, 4, -4]) {
    const way = normalize(addScaled(normal, toSide, aside), normal);
    const left = intoCakeMm({ ...p, centre: addScaled(p.centre, way, mm) }, solid);
    if (left < best.mm - 1e-6) best = { way, mm: left };
  }
  return best.way;
}

/** What pushes each piece, in mm; null where nothing does. */
function pushesOf(placed: readonly PlacedPiece[], solid: CakeSolid, mostMm: number): (Vec3 | null)[] {
  const pushes = placed.map((p): Vec3 | null => {
    const mm = p.spine.length ? 0 : intoCakeMm(p, solid);
    return mm > mostMm ? scale(wayOut(p, solid, mm), mm) : null;
  });
  const push = (i: number, direction: Vec3, mm: number) => (pushes[i] = addScaled(pushes[i] ?? [0, 0, 0], direction, mm));
  for (let i = 0; i < placed.length; i++)
    for (let j = i + 1; j < placed.length; j++) {
      const [p, q] = [must(placed[i]), must(placed[j])];
      if (distance(p.centre, q.centre) > reachMm(p) + reachMm(q) + p.body.axialMm + q.body.axialMm) continue;
      const mm = overlapMm(p, q) - PETAL_GIVE_MM;
      if (mm <= mostMm) continue;
      const apart = normalize(sub(p.centre, q.centre), p.frame.along);
      const share = p.piece.pinned ? 0 : q.piece.pinned ? 1 : q.body.massGrams / (p.body.massGrams + q.body.massGrams);
      push(i, apart, mm * share);
      push(j, apart, -mm * (1 - share));
    }
  return pushes;
}
