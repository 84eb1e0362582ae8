import { must } from '../geometry/must';
import type { Many } from './part';

export interface Sized {
  sizeMm: number;
  stage: string | null;
}

/** Sizes along a branch grow fast behind the tip and slowly toward the foot. Own study. */
const GROWS = 0.85;

/** How many of a line the `index`-th of `parents` equal parents carries. */
export function countOf(many: Many, index = 0, parents = 1): number {
  if (many.by === 'run') return many.count;
  if (many.by === 'sizes') return many.of.reduce((a, s) => a + s.count, 0);
  return Math.floor(((index + 1) * many.inAll) / parents) - Math.floor((index * many.inAll) / parents);
}

/** The parts that are made alike one size after another: rings, wells of sizes; one group where the line has one rule. */
export const groupsOf = (many: Many, count: number): number[] => (many.by === 'sizes' ? many.of.map((s) => s.count) : [count]);

/**
 * Size and stage of each part from the tip down. `node` says at which node of its parent each is: what shares a node in a run is of one
 * size.
 */
export function sizesOf(many: Many, node: readonly number[]): Sized[] {
  if (many.by === 'sizes')
    return many.of.flatMap(({ count, sizeMm, stage = null }) => Array.from({ length: count }, () => ({ sizeMm, stage })));
  if (many.by === 'share') return node.map(() => ({ sizeMm: many.sizeMm, stage: null }));
  const last = must(node[node.length - 1] ?? 0);
  return node.map((n) => {
    const share = last > 0 ? (n / last) ** GROWS : 1;
    return { sizeMm: many.fromMm + (many.toMm - many.fromMm) * share, stage: null };
  });
}
