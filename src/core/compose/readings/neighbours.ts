import { distance } from '../../geometry/vec3';
import type { PlacedPiece } from '../placement';
import { must } from '../../geometry/must';

export interface Neighbour {
  j: number;
  /** between the middles */
  mm: number;
}

/** The `count` others that are nearest to head `i`, nearest first; of two as near the one that comes first. */
export function nearestTo(heads: readonly PlacedPiece[], i: number, count: number): Neighbour[] {
  const near: Neighbour[] = [];
  const at = must(heads[i]).centre;
  for (let j = 0; j < heads.length; j++) {
    if (j === i) continue;
    const mm = distance(at, must(heads[j]).centre);
    if (near.length === count && mm >= must(near[count - 1]).mm) continue;
    if (near.length === count) near.pop();
    let k = near.length;
    while (k > 0 && must(near[k - 1]).mm > mm) k--;
    near.splice(k, 0, { j, mm });
  }
  return near;
}

/** What shows a face: everything but sprigs. */
export const facesOf = (heads: readonly PlacedPiece[]): PlacedPiece[] => heads.filter((p) => !p.spine.length);
