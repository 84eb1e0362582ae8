import type { WallMinutes } from './clock';
import type { PlacedTask, Shop, Work } from './schedule';
import type { Lots } from './tasks';
import { must } from '../geometry/must';

/** Mixed flower paste keeps its working so long when wrapped. Common practice, no source. */
export const PASTE_KEEPS_DAYS = 10;
/** Where paste would wait longer it is mixed in lots, each for what is rolled within so many days: as usual, and where days are full. */
const LOT_DAYS = 5;
export const OTHER_LOT_DAYS = [8, 4, 3] as const;

type Placed = Pick<PlacedTask, 'id' | 'from' | 'to'>;
type Asked = Pick<Work, 'id' | 'after' | 'skill'>;

const byBeginning = (a: { from: number }, b: { from: number }): number => a.from - b.from;

/** What rolls paste, in the order of the days. */
function rolling(works: readonly Asked[], placed: readonly Placed[]): Placed[] {
  const making = new Set(works.filter((w) => w.skill === 'making').map((w) => w.id));
  return placed.filter((p) => making.has(p.id)).sort(byBeginning);
}

/** What is rolled within so many days is mixed together. */
export function lotsOf(works: readonly Asked[], placed: readonly Placed[], lotDays: number = LOT_DAYS): Lots {
  const lots = new Map<string, number>();
  let lot = 0;
  let first: WallMinutes | null = null;
  for (const { id, from } of rolling(works, placed)) {
    first ??= from;
    if (from - first > lotDays * 1440) {
      lot++;
      first = from;
    }
    lots.set(id, lot);
  }
  return lots;
}

/** The mixing whose paste waits longest until the last of it is rolled, where that is longer than it keeps; null where none does. */
export function pasteWaits(works: readonly Asked[], placed: readonly Placed[]): { from: WallMinutes; minutes: number } | null {
  const at = new Map(placed.map((p) => [p.id, p]));
  const byId = new Map(works.map((w) => [w.id, w]));
  const known = new Map<string, Placed | null>();
  // the last mixing that a task waits for, by itself or through the steps before it
  const mixedFor = (id: string): Placed | null => {
    const found = known.get(id);
    if (found !== undefined) return found;
    known.set(id, null);
    const work = byId.get(id);
    const before = (work?.after ?? []).map((l) => mixedFor(l.id));
    const last = before.reduce((a, b) => (b && (!a || b.to > a.to) ? b : a), null);
    const own = work?.skill === 'mixing' ? (at.get(id) ?? null) : last;
    known.set(id, own);
    return own;
  };
  let longest: { from: WallMinutes; minutes: number } | null = null;
  for (const { id, from } of rolling(works, placed)) {
    const mixed = mixedFor(id);
    if (mixed && from - mixed.to > (longest?.minutes ?? PASTE_KEEPS_DAYS * 1440))
      longest = { from: mixed.from, minutes: from - mixed.to };
  }
  return longest;
}

/**
 * The same days with the mixing of every lot put into time that is free before the first of it is rolled; all else stays where it
 * is. `works` are those with the lots in them. Null where a lot finds no time of its own, or a person has set the day of the mixing.
 */
export function mixedInLots(placed: readonly PlacedTask[], works: readonly Work[], shop: Shop): PlacedTask[] | null {
  const mixing = works.filter((w) => w.skill === 'mixing');
  // a person who wants it on a day has it there
  if (mixing.length === 0 || mixing.some((w) => w.pinned !== undefined)) return null;
  const kept = placed.filter((p) => works.some((w) => w.id === p.id && w.skill !== 'mixing'));
  const days = [...kept];
  for (const work of mixing) {
    const waiting = new Set(works.filter((w) => w.after.some((l) => l.id === work.id)).map((w) => w.id));
    const uses = kept.filter((p) => waiting.has(p.id)).map((p) => p.from);
    const within = { notBefore: Math.max(...uses) - PASTE_KEEPS_DAYS * 1440, before: Math.min(...uses) };
    const free = uses.length ? lastFree(work, within, days, shop) : null;
    if (!free) return null;
    days.push(free);
  }
  return days.sort(byBeginning);
}

/** The last time before an hour in which somebody who can has a task's minutes free. */
function lastFree(
  work: Work,
  { notBefore, before }: { notBefore: WallMinutes; before: WallMinutes },
  placed: readonly PlacedTask[],
  shop: Shop,
): PlacedTask | null {
  let best: PlacedTask | null = null;
  shop.windows.forEach(({ maker, from, to }, window) => {
    if (from >= before || from < notBefore || !must(shop.makers[maker]).can.includes(work.skill)) return;
    const taken = placed.filter((p) => p.maker === maker && p.from < to && p.to > from).sort(byBeginning);
    let end = Math.min(to, before);
    for (const other of [...taken].reverse()) {
      if (other.from >= end) continue;
      if (end - Math.max(from, other.to) >= work.duration) break;
      end = Math.min(end, other.from);
    }
    const begin = end - work.duration;
    const clear = begin >= from && taken.every((p) => p.to <= begin || p.from >= end);
    if (clear && (!best || begin > best.from)) best = { id: work.id, maker, window, from: begin, to: end };
  });
  return best;
}
