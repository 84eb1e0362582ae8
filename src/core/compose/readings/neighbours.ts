import { distance } from '../../geometry/vec3';
import type { PlacedPiece } from '../placement';

/** For each head its nearest others, nearest first, with the distance between their middles, mm. */
export function nearestOf(heads: readonly PlacedPiece[], count: number): { j: number; mm: number }[][] {
  return heads.map((p, i) =>
    heads
      .map((q, j) => ({ j, mm: distance(p.centre, q.centre) }))
      .filter(({ j }) => j !== i)
      .sort((a, b) => a.mm - b.mm || a.j - b.j)
      .slice(0, count),
  );
}

/** What shows a face: everything but sprigs. */
export const facesOf = (heads: readonly PlacedPiece[]): PlacedPiece[] => heads.filter((p) => !p.spine.length);
