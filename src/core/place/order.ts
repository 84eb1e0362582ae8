import type { PlacedPiece } from '../compose/placement';
import { overlapMm, reachMm } from '../compose/placement';
import { addScaled, distance, equal, scale, type Vec3 } from '../geometry/vec3';
import type { Entry } from './entry';
import { must } from '../geometry/must';

/** What goes in after what, and what can only go in together. */
export interface InsertionOrder {
  ids: string[];
  /** entries that block each other both ways: put in together */
  together: string[][];
}

/** Heads are moved out by steps of this along their way in, so far. */
const STEP_MM = 6;
const OUT_MM = 60;
/** Petals that brush by less than this do not block. */
const BRUSH_MM = 2.5;

interface Ball {
  x: number;
  y: number;
  z: number;
  radius: number;
}

interface Leaving {
  p: PlacedPiece;
  /** the way out, a unit vector */
  out: Vec3;
  reachMm: number;
}

interface Ordered {
  entry: Entry;
  heads: readonly Leaving[];
  /** a ball round all its heads, and round all of their ways */
  ball: Ball;
  wayBall: Ball;
  /** lower goes in sooner when nothing blocks */
  rank: number;
  fromFocalMm: number;
}

interface InsertionOrderOptions {
  entries: readonly Entry[];
  heads: ReadonlyMap<string, PlacedPiece>;
  rankOf: (entry: Entry) => number;
  focal: Vec3;
  whole?: boolean;
}

/**
 * Focal first, then by role and outward from the focal point, foliage last (docs/trade.md C1; common practice, no source), but never
 * against what blocks: an entry whose head would run into another on its way in goes in before it. Sprays go in `whole`.
 */
export function insertionOrder({ entries, heads, rankOf, focal, whole = false }: InsertionOrderOptions): InsertionOrder {
  const all = entries.map((entry): Ordered => {
    const own = entry.pieceIds.flatMap((id): Leaving[] => {
      const p = heads.get(id);
      return p ? [{ p, out: wayOut(p, entry, whole), reachMm: reachMm(p) }] : [];
    });
    return {
      entry,
      heads: own,
      ball: ballRound(own, 0),
      wayBall: ballRound(own, OUT_MM),
      rank: rankOf(entry),
      fromFocalMm: distance(entry.pointMm, focal),
    };
  });
  /** what must be in before an entry, and is not yet; what waits for it */
  const before = new Map(all.map((o) => [o, new Set<Ordered>()]));
  const after = new Map(all.map((o) => [o, [] as Ordered[]]));
  for (const a of all)
    for (const b of all)
      if (a !== b && meet(a.wayBall, b.ball) && runsInto(a, b)) {
        must(before.get(b)).add(a);
        must(after.get(a)).push(b);
      }
  const ids: string[] = [];
  const together: string[][] = [];
  let left = [...all].sort((a, b) => a.rank - b.rank || a.fromFocalMm - b.fromFocalMm || a.entry.id.localeCompare(b.entry.id));
  while (left.length) {
    const free = left.find((o) => must(before.get(o)).size === 0);
    const next = free ?? must(left[0]);
    if (!free) together.push([next.entry.id, ...[...must(before.get(next))].map((o) => o.entry.id)]);
    ids.push(next.entry.id);
    left = left.filter((o) => o !== next);
    for (const o of must(after.get(next))) must(before.get(o)).delete(next);
  }
  return { ids, together };
}

/** A ball that holds all heads on the whole of a way so long. */
function ballRound(heads: readonly Leaving[], wayMm: number): Ball {
  const middles = heads.map(({ p, out }) => addScaled(p.centre, out, wayMm / 2));
  const mean = (k: 0 | 1 | 2) => middles.reduce((a, m) => a + m[k], 0) / Math.max(1, middles.length);
  const [x, y, z] = [mean(0), mean(1), mean(2)];
  const far = heads.map((h, i) => distance(must(middles[i]), [x, y, z]) + h.reachMm + wayMm / 2);
  return { x, y, z, radius: Math.max(0, ...far) };
}

const meet = (a: Ball, b: Ball): boolean => (a.x - b.x) ** 2 + (a.y - b.y) ** 2 + (a.z - b.z) ** 2 < (a.radius + b.radius) ** 2;

/** Large heads and whole sprays go in along their barrier; small heads are bent and slid in along their own axis. */
const wayOut = (p: PlacedPiece, entry: Entry, whole: boolean): Vec3 =>
  whole || p.body.role === 'focal' || p.body.role === 'secondary' ? scale(entry.direction, -1) : p.axis;

/** Whether a head on its way in would run into a head of the other, if that one stood there already. */
const runsInto = (a: Ordered, b: Ordered): boolean => a.heads.some((p) => b.heads.some((q) => nearWay(p, q) && blocked(p, q.p)));

/** What was found last for two heads, for as long as both stand where they stood. */
const found = new WeakMap<PlacedPiece, WeakMap<PlacedPiece, { out: Vec3; blocks: boolean }>>();

function blocked({ p, out }: Leaving, q: PlacedPiece): boolean {
  const own = found.get(p) ?? new WeakMap<PlacedPiece, { out: Vec3; blocks: boolean }>();
  found.set(p, own);
  const last = own.get(q);
  if (last && equal(last.out, out)) return last.blocks;
  const blocks = runsIntoOne(p, out, q);
  own.set(q, { out, blocks });
  return blocks;
}

function runsIntoOne(p: PlacedPiece, out: Vec3, q: PlacedPiece): boolean {
  if (p.spine.length && q.spine.length) return false;
  const there = overlapMm(p, q);
  for (let mm = STEP_MM; mm <= OUT_MM; mm += STEP_MM) {
    const moved = {
      ...p,
      centre: addScaled(p.centre, out, mm),
      spine: p.spine.map((s) => ({ ...s, at: addScaled(s.at, out, mm) })),
    };
    // what presses where it stands presses less as it leaves
    if (overlapMm(moved, q) > Math.max(BRUSH_MM, there)) return true;
  }
  return false;
}

/** Whether the other head comes near the way at all. */
function nearWay({ p, out, reachMm }: Leaving, q: Leaving): boolean {
  const [x, y, z] = [q.p.centre[0] - p.centre[0], q.p.centre[1] - p.centre[1], q.p.centre[2] - p.centre[2]];
  const along = Math.max(0, Math.min(OUT_MM, x * out[0] + y * out[1] + z * out[2]));
  const off2 = (x - out[0] * along) ** 2 + (y - out[1] * along) ** 2 + (z - out[2] * along) ** 2;
  return off2 < (reachMm + q.reachMm) ** 2;
}
