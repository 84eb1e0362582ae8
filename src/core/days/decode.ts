import { dayStart } from './clock';
import { COST, outsideCost, type Bench, type PlacedTask, type Shop, type Turns, type Work } from './schedule';
import { must } from '../geometry/must';

/** So many windows of each maker are tried for a task. */
const FITS_A_MAKER = 5;

export interface Decoded {
  placed: PlacedTask[];
  cost: number;
  /** wanted on a day on which they cannot be */
  unpinned: string[];
  /** found no place anywhere: no maker can, no window is long enough */
  homeless: string[];
}

/** A window and when in it a task begins. */
interface Spot {
  w: number;
  from: number;
}

/**
 * Places every task, one after another in the order of `turns.key` among those whose neighbours are placed, at the cheapest of
 * up to five fitting windows of each maker: from the end backward as late as goes, or from the beginning forward as early as goes.
 */
export function decode(bench: Bench, turns: Turns): Decoded {
  const decoding = new Decoding(bench, turns);
  const ready = decoding.beginnings();
  while (ready.length) {
    const t = decoding.takeNext(ready);
    decoding.place(t);
    ready.push(...decoding.freedBy(t));
  }
  return decoding.result();
}

/** A plan while it is filled, task by task. Tasks, windows and makers are numbers: places in the lists of the bench. */
class Decoding {
  private readonly works: readonly Work[];
  private readonly shop: Shop;
  private readonly late: boolean;
  private readonly toCome: Bench['successors'];
  private readonly gone: Bench['successors'];
  private readonly open: number[];
  private readonly placedAt: (PlacedTask | null)[];
  /** filled as windows are used: most never are */
  private readonly inWindow: ({ from: number; to: number }[] | undefined)[];
  private readonly likeIn = new Set<number>();
  private readonly dayMinutes: Float64Array;
  private readonly racks: ReturnType<Bench['emptyRacks']>;
  private readonly unpinned: string[] = [];
  private readonly homeless: string[] = [];
  private heaviest = 0;
  private sum = 0;
  private first = Infinity;
  private last = -Infinity;
  private tooSoon = 0;

  constructor(
    private readonly bench: Bench,
    private readonly turns: Turns,
  ) {
    this.works = bench.works;
    this.shop = bench.shop;
    this.late = bench.shop.direction === 'late';
    this.toCome = this.late ? bench.predecessors : bench.successors;
    this.gone = this.late ? bench.successors : bench.predecessors;
    this.open = this.gone.map((list) => list.length);
    this.placedAt = this.works.map(() => null);
    this.inWindow = new Array(this.shop.windows.length).fill(undefined);
    this.dayMinutes = new Float64Array(bench.days);
    this.racks = bench.emptyRacks();
  }

  /** What waits for nothing. */
  beginnings(): number[] {
    return this.open.flatMap((n, t) => (n === 0 ? [t] : []));
  }

  /** The first of those that are ready, taken out of their list: what had its place keeps it before anything new takes it. */
  takeNext(ready: number[]): number {
    const { works, turns } = this;
    let pick = 0;
    for (let i = 1; i < ready.length; i++) {
      const [a, b] = [must(ready[i]), must(ready[pick])];
      const [keptA, keptB] = [must(works[a]).was !== undefined, must(works[b]).was !== undefined];
      if (keptA !== keptB) {
        if (keptA) pick = i;
      } else if (must(turns.key[a]) > must(turns.key[b]) || (turns.key[a] === turns.key[b] && a > b)) pick = i;
    }
    const t = must(ready[pick]);
    ready[pick] = must(ready[ready.length - 1]);
    ready.pop();
    return t;
  }

  /** Places a task where it costs least; one that finds no place is homeless. */
  place(t: number): void {
    const work = must(this.works[t]);
    const limit = this.limitOf(t);
    let found = work.pinned === undefined ? this.kept(t, limit) : this.search(t, limit, work.pinned);
    if (!found && work.pinned !== undefined) this.unpinned.push(work.id);
    found ??= this.search(t, limit, null);
    if (found) this.put(t, found);
    else this.homeless.push(work.id);
  }

  /** Those that waited for this one alone. */
  freedBy(t: number): number[] {
    return must(this.toCome[t]).flatMap((link) => {
      const left = must(this.open[link.at]) - 1;
      this.open[link.at] = left;
      return left === 0 ? [link.at] : [];
    });
  }

  result(): Decoded {
    const placed = this.placedAt.filter((p) => p !== null);
    placed.sort((a, b) => a.from - b.from || (a.id < b.id ? -1 : 1));
    const cost =
      this.sum +
      COST.heaviestDay * this.heaviest +
      outsideCost(this.first, this.last, this.tooSoon, this.shop) +
      COST.hourOutside * 24 * this.homeless.length;
    return { placed, cost, unpinned: this.unpinned, homeless: this.homeless };
  }

  private likeKey(w: number, t: number): number {
    return w * this.bench.likenesses + must(this.bench.likeness[t]);
  }

  /** What a task costs in a window by itself: a new sitting, laying out anew, days from where it should be. */
  private ownCost(t: number, { w, from }: Spot): number {
    const early = this.late ? this.shop.end - from - must(this.works[t]).duration : from - (this.shop.begin ?? from);
    return (
      (this.inWindow[w] ? 0 : COST.sitting) +
      (this.likeIn.has(this.likeKey(w, t)) ? 0 : COST.likeness) +
      (COST.taskDay * Math.max(0, early)) / 1440
    );
  }

  /** The same, with what it adds to the heaviest day. */
  private localCost(t: number, spot: Spot): number {
    const grown = must(this.dayMinutes[must(this.bench.dayOf[spot.w])]) + must(this.works[t]).duration - this.heaviest;
    return this.ownCost(t, spot) + COST.heaviestDay * Math.max(0, grown);
  }

  /** The latest (earliest) beginning in a window that ends by (begins at) the limit; NaN where there is none. */
  private gapIn(w: number, duration: number, limit: number): number {
    const { from, to } = must(this.shop.windows[w]);
    const own = this.inWindow[w];
    if (this.late) {
      let right = Math.min(to, limit);
      if (own)
        for (let i = own.length - 1; i >= 0 && must(own[i]).to > right - duration; i--)
          if (must(own[i]).from < right) right = must(own[i]).from;
      return right - duration >= from ? right - duration : NaN;
    }
    let left = Math.max(from, limit);
    for (const s of own ?? []) {
      if (s.from >= left + duration) break;
      if (s.to > left) left = s.to;
    }
    return left + duration <= to ? left : NaN;
  }

  /** By when a task has to end, or before when it cannot begin. */
  private limitOf(t: number): number {
    const { late, shop, works, placedAt } = this;
    let limit = late ? shop.end : Math.max(shop.begin ?? -Infinity, must(works[t]).notBefore ?? -Infinity);
    for (const link of must(this.gone[t])) {
      const other = placedAt[link.at];
      if (!other) continue;
      limit = late
        ? Math.min(limit, shop.clock.before(other.from, link.wait))
        : Math.max(limit, shop.clock.after(other.to, link.wait));
    }
    return limit;
  }

  /** The cheapest spot among the makers who can; on one day alone where a person wants it so. */
  private search(t: number, limit: number, pinned: number | null): Spot | null {
    const { turns, bench } = this;
    let best: Spot | null = null;
    let bestCost = Infinity;
    for (let m = 0; m < this.shop.makers.length; m++) {
      if (!must(bench.can[m])[t] || (pinned === null && must(turns.by[t]) >= 0 && turns.by[t] !== m)) continue;
      for (const spot of this.spotsOf({ t, m, limit, pinned })) {
        const c = this.localCost(t, spot);
        if (c >= bestCost - 1e-9) continue;
        bestCost = c;
        best = spot;
      }
    }
    return best;
  }

  /** Up to five spots with one maker, the nearest to the limit first. */
  private spotsOf({ t, m, limit, pinned }: { t: number; m: number; limit: number; pinned: number | null }): Spot[] {
    const { late, bench, turns } = this;
    const work = must(this.works[t]);
    const own = must(bench.byMaker[m]);
    const spots: Spot[] = [];
    let skip = pinned === null ? must(turns.skip[t]) : 0;
    for (let i = late ? bench.lastFrom(own, limit - work.duration) : 0; late ? i >= 0 : i < own.length; i += late ? -1 : 1) {
      const w = must(own[i]);
      if (!this.mayUse(w, pinned)) continue;
      const from = this.gapIn(w, work.duration, limit);
      if (!(from >= 0) || !bench.hasPlaces(this.racks, work, from)) continue;
      if (skip > 0) {
        skip--;
        continue;
      }
      spots.push({ w, from });
      if (spots.length >= FITS_A_MAKER) break;
    }
    return spots;
  }

  private mayUse(w: number, pinned: number | null): boolean {
    return pinned === null ? !this.turns.closed.has(w) : must(this.shop.windows[w]).day === pinned;
  }

  /** Where a task was in the plan that is gone by, or as near in that window as goes. */
  private kept(t: number, limit: number): Spot | null {
    const work = must(this.works[t]);
    const { was, duration } = work;
    if (!was) return null;
    const { windows } = this.shop;
    const w = this.bench.byMaker[was.maker]?.find((i) => must(windows[i]).from <= was.from && was.from < must(windows[i]).to);
    if (w === undefined) return null;
    const { from, to } = must(windows[w]);
    const inTime = this.late ? was.from + duration <= limit : was.from >= limit;
    const isClear = (at: number) => (this.inWindow[w] ?? []).every((s) => s.to <= at || s.from >= at + duration);
    const asItWas = inTime && was.from + duration <= to && isClear(was.from);
    const at = asItWas ? was.from : this.gapIn(w, duration, limit);
    return at >= from && this.bench.hasPlaces(this.racks, work, at) ? { w, from: at } : null;
  }

  private put(t: number, spot: Spot): void {
    const { bench } = this;
    const { w, from } = spot;
    const work = must(this.works[t]);
    const window = must(this.shop.windows[w]);
    const to = from + work.duration;
    this.sum += this.ownCost(t, spot);
    if (work.was && dayStart(work.was.from) !== window.day) this.sum += COST.moved;
    this.first = Math.min(this.first, from);
    this.last = Math.max(this.last, to);
    if (work.notBefore !== undefined) this.tooSoon += Math.max(0, work.notBefore - from);
    const own = (this.inWindow[w] ??= []);
    let place = own.length;
    while (place > 0 && must(own[place - 1]).from > from) place--;
    own.splice(place, 0, { from, to });
    this.likeIn.add(this.likeKey(w, t));
    const day = must(bench.dayOf[w]);
    const minutes = must(this.dayMinutes[day]) + work.duration;
    this.dayMinutes[day] = minutes;
    this.heaviest = Math.max(this.heaviest, minutes);
    if (this.racks && work.dries) bench.load(this.racks[work.dries.pool], from, bench.freeAgain(work, from), work.dries.places);
    this.placedAt[t] = { id: work.id, maker: window.maker, window: w, from, to };
  }
}
