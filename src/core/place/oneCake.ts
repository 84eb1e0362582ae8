import type { Cake } from '../cake/cake';
import type { CakeSolid } from '../cake/solid';
import { countPieces, pieceRef } from '../compose/names';
import { overlapMm, reachMm, type PlacedPiece } from '../compose/placement';
import { PETAL_GIVE_MM, type Scene } from '../compose/scene';
import { distance, dot, mix, sub, type Vec3 } from '../geometry/vec3';
import { must } from '../geometry/must';
import { whereAt } from './contact';
import type { PlaceWarning } from './facts';

/** What stands on a cake of one arrangement: its pieces, and their stems from the head on. */
export interface Standing {
  heads: readonly PlacedPiece[];
  stems: readonly { pieceId: string; curve: readonly Vec3[] }[];
}

interface On {
  cake: Cake;
  solid: CakeSolid;
}

/** Petals give so far where two pieces touch; past the second there is no room for both. mm; assumed, no source. */
const PRESS_LOOK_MM = 3;
const PRESS_STOP_MM = 8;

/** A wire is bent aside by the first without a word; by more than the second it has no way past. mm; common practice, no source. */
const BEND_LOOK_MM = 4;
const BEND_STOP_MM = 10;

/** Two pieces that press so far into each other, told of the lighter. */
function noRoom(p: PlacedPiece, q: PlacedPiece, pressMm: number, on: On): PlaceWarning {
  const [light, heavy] = p.body.massGrams <= q.body.massGrams ? [p, q] : [q, p];
  return {
    code: 'place.no-room-for-both',
    values: { pieces: countPieces([light, heavy]), pressMm },
    level: pressMm > PRESS_STOP_MM ? 'stop' : 'look again',
    station: 'compose',
    ...whereAt(on, light.centre),
    pieceId: light.piece.id,
  };
}

/** Pieces of one arrangement that have no room for each other; what presses less is told by its readings. */
export const pressedWithin = ({ heads, clashes }: Pick<Scene, 'heads' | 'clashes'>, on: On): PlaceWarning[] =>
  clashes
    .filter((c) => c.mm + PETAL_GIVE_MM > PRESS_STOP_MM)
    .map((c) => noRoom(must(heads[c.a]), must(heads[c.b]), c.mm + PETAL_GIVE_MM, on));

/** Pieces of two arrangements that press into each other. */
export const pressedBetween = (heads: readonly PlacedPiece[], others: readonly PlacedPiece[], on: On): PlaceWarning[] =>
  heads.flatMap((p) =>
    others.flatMap((q) => {
      if (distance(p.centre, q.centre) > reachMm(p) + reachMm(q)) return [];
      const pressMm = overlapMm(p, q);
      return pressMm > PRESS_LOOK_MM ? [noRoom(p, q, pressMm, on)] : [];
    }),
  );

/** How deep a point lies in the body of a head, mm; 0 or less outside. Sprigs let a wire through. */
function inHeadMm({ centre, axis, body }: PlacedPiece, at: Vec3): number {
  const d = sub(at, centre);
  const along = dot(d, axis);
  const off = Math.sqrt(Math.max(0, dot(d, d) - along * along));
  return (1 - Math.hypot(off / body.radialMm, along / body.axialMm)) * Math.min(body.radialMm, body.axialMm);
}

/** Points of a stem are looked at this close to each other, mm. */
const WALK_MM = 3;

function deepestIn(head: PlacedPiece, curve: readonly Vec3[]): number {
  let deep = 0;
  for (let i = 1; i < curve.length; i++) {
    const [from, to] = [must(curve[i - 1]), must(curve[i])];
    const steps = Math.max(1, Math.ceil(distance(from, to) / WALK_MM));
    for (let k = 1; k <= steps; k++) deep = Math.max(deep, inHeadMm(head, mix(from, to, k / steps)));
  }
  return deep;
}

/** A ball round a stem: most heads are told from it at once. */
function ballOf(curve: readonly Vec3[]): { at: Vec3; mm: number } {
  const at = must(curve[curve.length >> 1]);
  return { at, mm: Math.max(0, ...curve.map((p) => distance(p, at))) };
}

/** Stems that run through the head of another piece: bent past it by the hand, or with no way past. One message a stem, the worst. */
export function stemsThroughHeads(
  stems: Standing['stems'],
  own: readonly PlacedPiece[],
  heads: readonly PlacedPiece[],
  on: On,
): PlaceWarning[] {
  const pieces = new Map(own.map((p) => [p.piece.id, p]));
  return stems.flatMap(({ pieceId, curve }): PlaceWarning[] => {
    const piece = pieces.get(pieceId);
    if (!piece || curve.length < 2) return [];
    const ball = ballOf(curve);
    let through: PlacedPiece | null = null;
    let deepMm = BEND_LOOK_MM;
    for (const head of heads) {
      if (head === piece || head.spine.length > 0 || distance(head.centre, ball.at) > ball.mm + reachMm(head)) continue;
      const mm = deepestIn(head, curve);
      if (mm > deepMm) [through, deepMm] = [head, mm];
    }
    if (!through) return [];
    return [
      {
        code: 'place.stem-through-head',
        values: { piece: pieceRef(piece), head: pieceRef(through), deepMm },
        level: deepMm > BEND_STOP_MM ? 'stop' : 'look again',
        station: 'compose',
        ...whereAt(on, through.centre),
        pieceId,
      },
    ];
  });
}

/** What two arrangements on one cake do to each other. */
export const betweenTwo = (a: Standing, b: Standing, on: On): PlaceWarning[] => [
  ...pressedBetween(a.heads, b.heads, on),
  ...stemsThroughHeads(a.stems, a.heads, b.heads, on),
  ...stemsThroughHeads(b.stems, b.heads, a.heads, on),
];
