import type { WallMinutes } from './clock';
import { schedule } from './improve';
import type { PlacedTask, Shop, Work } from './schedule';
import { must } from '../geometry/must';

/** When a task may begin: from … to, and what keeps it from moving later. */
export interface Leeway {
  id: string;
  earliest: WallMinutes;
  latest: WallMinutes;
  heldBy: Held;
}

type Held =
  /** somebody waits for it, to dry or to be there */
  | { why: 'waited for'; id: string }
  /** the same hands do that afterwards */
  | { why: 'hands'; id: string }
  /** its pieces find no place to dry on later */
  | { why: 'rack' }
  /** nobody works there any more before it leaves */
  | { why: 'end' };

/**
 * For every task of a plan when it may begin without moving the end or beginning the whole sooner: forward from the plan's first
 * hour and backward from its end by the first rule each. And what holds it where it is.
 */
export function leewayOf(placed: readonly PlacedTask[], works: readonly Work[], shop: Shop): Leeway[] {
  const [first] = placed;
  if (!first) return [];
  const free = works.map(({ pinned: _pinned, was: _was, ...w }) => w);
  const begin = shop.begin === null ? first.from : Math.min(shop.begin, first.from);
  const early = new Map(schedule(free, { ...shop, begin, direction: 'early' }, 0).placed.map((p) => [p.id, p.from]));
  const late = new Map(schedule(free, { ...shop, begin: null, direction: 'late' }, 0).placed.map((p) => [p.id, p.from]));
  const at = new Map(placed.map((p) => [p.id, p]));
  const after = new Map<string, { id: string; wait: number }[]>();
  for (const w of works) for (const l of w.after) after.set(l.id, [...(after.get(l.id) ?? []), { id: w.id, wait: l.wait }]);
  const byId = new Map(works.map((w) => [w.id, w]));
  return placed.map((p) => ({
    id: p.id,
    earliest: Math.min(p.from, early.get(p.id) ?? p.from),
    latest: Math.max(p.from, late.get(p.id) ?? p.from),
    heldBy: heldBy({ own: p, work: must(byId.get(p.id)), after: after.get(p.id) ?? [], at, placed, shop }),
  }));
}

interface HeldByOptions {
  own: PlacedTask;
  work: Work;
  after: readonly { id: string; wait: number }[];
  at: ReadonlyMap<string, PlacedTask>;
  placed: readonly PlacedTask[];
  shop: Shop;
}

function heldBy({ own, work, after, at, placed, shop }: HeldByOptions): Held {
  let limit = shop.end;
  let waits: string | null = null;
  for (const link of after) {
    const next = at.get(link.id);
    const by = next ? shop.clock.before(next.from, link.wait) : Infinity;
    if (by < limit) [limit, waits] = [by, link.id];
  }
  /** windows in which it could still be, later than it is */
  const later = shop.windows.filter(
    (w) =>
      w.to > own.to &&
      Math.max(w.from, own.from + 1) + work.duration <= Math.min(w.to, limit) &&
      must(shop.makers[w.maker]).can.includes(work.skill),
  );
  if (later.length === 0) return waits === null ? { why: 'end' } : { why: 'waited for', id: waits };
  const hands = placed.find(
    (q) => q.id !== own.id && later.some((w) => w.maker === q.maker && q.from >= own.from && q.from < w.to && q.to > w.from),
  );
  if (hands) return { why: 'hands', id: hands.id };
  return work.dries ? { why: 'rack' } : waits === null ? { why: 'end' } : { why: 'waited for', id: waits };
}

/** From the first task on, what holds each: the chain that decides when the work must begin. */
export function chainOf(leeway: readonly Leeway[]): string[] {
  const by = new Map(leeway.map((l) => [l.id, l]));
  const chain: string[] = [];
  for (let next = leeway[0]; next && !chain.includes(next.id);) {
    chain.push(next.id);
    next = next.heldBy.why === 'waited for' || next.heldBy.why === 'hands' ? by.get(next.heldBy.id) : undefined;
  }
  return chain;
}
