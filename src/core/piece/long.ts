import { must } from '../geometry/must';
import { expand, spanMm, type Instance } from './expand';
import { isCarrier, type Part } from './part';

/** Bare stem below the lowest part that still belongs to the piece. Assumed. */
export const BARE_FOOT_MM = 8;

/** From a part's joint to its farthest end, mm: its free stalk, what it carries beyond its own tip, and itself. */
function reachMm(at: Instance): number {
  const { part, within, carries, sizeMm } = at;
  const stalkMm = within && part.on.by === 'wire' ? part.on.stalkMm : 0;
  if (!isCarrier(part)) return stalkMm + sizeMm;
  return stalkMm + spanMm(at) + beyondTipMm(carries);
}

/** How far the parts of a carrier reach beyond its tip. */
const beyondTipMm = (carries: readonly Instance[]): number => Math.max(0, ...carries.map((c) => reachMm(c) - c.atMm));

/** Length of a whole piece from its foot to its end, mm; of one that no carrier carries its size. */
export function longMm(root: Instance): number {
  return isCarrier(root.part) ? reachMm(root) + BARE_FOOT_MM : root.sizeMm;
}

interface OfLength {
  sizeMm: number;
  /** counts to choose among, and the usual one */
  counts: readonly number[];
  usual: number;
}

/** How often sizes are drawn nearer: stalks keep theirs, so that a scale is not exact at once. */
const ROUNDS = 5;

/**
 * A piece of a length. A shorter one has fewer parts, a little smaller: half of what is missing comes off their sizes and gaps, the rest off
 * their number, and what is still missing off the sizes again. `build` gives the tree of so many parts at a scale.
 */
export function ofLength(build: (count: number, scale: number) => Part, { sizeMm, counts, usual }: OfLength): Part {
  const lengthOf = (part: Part): number => longMm(rootOf(part));
  let scale = Math.sqrt(sizeMm / lengthOf(build(usual, 1)));
  const off = counts.map((count) => Math.abs(lengthOf(build(count, scale)) - sizeMm));
  const count = must(counts[off.indexOf(Math.min(...off))]);
  for (let i = 0; i < ROUNDS; i++) scale *= sizeMm / lengthOf(build(count, scale));
  return build(count, scale);
}

const rootOf = (part: Part): Instance => {
  const [root] = expand(part);
  if (!root) throw new RangeError(`nothing of ${part.id}`);
  return root;
};
