import type { PlacedPiece } from '../compose/placement';
import { overlapMm, reachMm } from '../compose/placement';
import { addScaled, distance, dot, scale, sub, type Vec3 } from '../geometry/vec3';
import type { Entry } from './entry';

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

interface Ordered {
  entry: Entry;
  heads: readonly PlacedPiece[];
  /** lower goes in sooner when nothing blocks */
  rank: number;
  fromFocalMm: number;
}

/**
 * Focal first, then by role and outward from the focal point, foliage last (trade.md C1; common practice, no source), but never
 * against what blocks: an entry whose head would run into another on its way in goes in before it. Sprays go in `whole`.
 */
export function insertionOrder(
  entries: readonly Entry[],
  heads: ReadonlyMap<string, PlacedPiece>,
  rankOf: (entry: Entry) => number,
  focal: Vec3,
  whole = false,
): InsertionOrder {
  const all = entries.map((entry): Ordered => ({
    entry,
    heads: entry.pieceIds.flatMap((id) => heads.get(id) ?? []),
    rank: rankOf(entry),
    fromFocalMm: distance(entry.pointMm, focal),
  }));
  /** ids that must be in before an entry */
  const before = new Map(all.map((o) => [o.entry.id, new Set<string>()]));
  for (const a of all) for (const b of all) if (a !== b && runsInto(a, b, whole)) before.get(b.entry.id)!.add(a.entry.id);
  /** in the order in which they are put in */
  const done = new Set<string>();
  const together: string[][] = [];
  const left = new Set(all);
  const sooner = (a: Ordered, b: Ordered) =>
    a.rank - b.rank || a.fromFocalMm - b.fromFocalMm || a.entry.id.localeCompare(b.entry.id);
  while (left.size) {
    const free = [...left].filter((o) => [...before.get(o.entry.id)!].every((id) => done.has(id)));
    const [next] = (free.length ? free : [...left]).sort(sooner);
    if (!free.length) {
      const blockers = [...before.get(next!.entry.id)!].filter((id) => !done.has(id));
      together.push([next!.entry.id, ...blockers]);
    }
    done.add(next!.entry.id);
    left.delete(next!);
  }
  return { ids: [...done], together };
}

/** Large heads and whole sprays go in along their barrier; small heads are bent and slid in along their own axis. */
const wayOut = (p: PlacedPiece, entry: Entry, whole: boolean): Vec3 =>
  whole || p.body.role === 'focal' || p.body.role === 'secondary' ? scale(entry.direction, -1) : p.axis;

/** Whether a head on its way in would run into a head of the other, if that one stood there already. */
function runsInto(a: Ordered, b: Ordered, whole: boolean): boolean {
  return a.heads.some((p) => {
    const out = wayOut(p, a.entry, whole);
    return b.heads.some((q) => {
      if (p.spine.length && q.spine.length) return false;
      if (!nearWay(p, out, q)) return false;
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
    });
  });
}

/** Whether the other head comes near the way at all. */
function nearWay(p: PlacedPiece, out: Vec3, q: PlacedPiece): boolean {
  const to = sub(q.centre, p.centre);
  const along = Math.max(0, Math.min(OUT_MM, dot(to, out)));
  return distance(q.centre, addScaled(p.centre, out, along)) < reachMm(p) + reachMm(q);
}
