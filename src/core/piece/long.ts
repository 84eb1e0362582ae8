import { must } from '../geometry/must';
import { spanMm, type Instance } from './expand';
import { placesOf } from './habit';
import { countOf, groupsOf, sizesOf } from './many';
import { isCarrier, type Part } from './part';

/** Bare stem below the lowest part that still belongs to the piece. Assumed. */
export const BARE_FOOT_MM = 8;

/** A ball pressed flat is so many times as long as it was wide. Assumed. */
const PRESSED = 2;
const ownLongMm = ({ kind, form }: Part, sizeMm: number): number =>
  kind === 'leaf' && form?.as === 'ball' ? PRESSED * sizeMm : sizeMm;

/** From a part's joint to its farthest end, mm: its free stalk, what it carries beyond its own tip, and itself. */
function reachMm(at: Instance): number {
  const { part, within, carries, sizeMm } = at;
  const stalkMm = within && part.on.by === 'wire' ? part.on.stalkMm : 0;
  if (!isCarrier(part)) return stalkMm + ownLongMm(part, sizeMm);
  return stalkMm + spanMm(at) + beyondTipMm(carries);
}

/** How far the parts of a carrier reach beyond its tip. */
const beyondTipMm = (carries: readonly Instance[]): number => Math.max(0, ...carries.map((c) => reachMm(c) - c.atMm));

/** Length of a whole piece from its foot to its end, mm; of one that no carrier carries its size. */
export function longMm(root: Instance): number {
  return isCarrier(root.part) ? reachMm(root) + BARE_FOOT_MM : ownLongMm(root.part, root.sizeMm);
}

interface Reach {
  spanMm: number;
  /** how far what it carries reaches beyond its own tip */
  beyondMm: number;
}

/** Span and reach of a carrier's lines; carriers of one line are alike, so one of each is looked at. */
function reachOfLines(part: Part): Reach {
  const reach: Reach = { spanMm: 0, beyondMm: 0 };
  for (const own of part.parts) {
    const count = own.many.by === 'share' ? 1 : countOf(own.many);
    const places = placesOf(own.habit, groupsOf(own.many, count));
    const sizes = sizesOf(own.many, places.map((p) => p.node)); // prettier-ignore
    const stalkMm = own.on.by === 'wire' ? own.on.stalkMm : 0;
    const carried = isCarrier(own) ? reachOfLines(own) : null;
    places.forEach(({ atMm }, i) => {
      const stalk = part.firstCarries && own === part.parts[0] && i === 0 ? 0 : stalkMm;
      const longMm = carried ? carried.spanMm + carried.beyondMm : ownLongMm(own, must(sizes[i]).sizeMm);
      reach.spanMm = Math.max(reach.spanMm, atMm);
      reach.beyondMm = Math.max(reach.beyondMm, stalk + longMm - atMm);
    });
  }
  return reach;
}

/** The same as `longMm`, from the tree alone: for trying many of them. */
export function longOf(root: Part): number {
  if (!isCarrier(root)) return root.many.by === 'sizes' ? ownLongMm(root, must(root.many.of[0]).sizeMm) : 0;
  const { spanMm, beyondMm } = reachOfLines(root);
  return spanMm + beyondMm + BARE_FOOT_MM;
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
  let scale = Math.sqrt(sizeMm / longOf(build(usual, 1)));
  const off = counts.map((count) => Math.abs(longOf(build(count, scale)) - sizeMm));
  const count = must(counts[off.indexOf(Math.min(...off))]);
  for (let i = 0; i < ROUNDS; i++) scale *= sizeMm / longOf(build(count, scale));
  return build(count, scale);
}
