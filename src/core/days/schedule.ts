import { dayStart, type Clock, type WallMinutes } from './clock';
import type { NetworkTask } from './network';
import type { Maker, Skill, Window } from './windows';
import { must } from '../geometry/must';

/** Where pieces dry: hanging or standing on the rack, or in formers and cups. */
export const POOLS = ['rack', 'former'] as const;
export type Pool = (typeof POOLS)[number];

/** A task with what its place in the days depends on. Minutes. */
export interface Work extends NetworkTask {
  skill: Skill;
  /** like steps in one sitting go on without laying out anew */
  likeness: string;
  /** what it needs to dry on, and how long after its end; its places are taken until somebody works there after that */
  dries: { pool: Pool; places: number; minutes: number } | null;
  notBefore?: WallMinutes;
  /** a person wants it on this day (its midnight) */
  pinned?: WallMinutes;
  /** where it was in the plan that is gone by */
  was?: { maker: number; from: WallMinutes };
}

export interface Shop {
  makers: readonly Maker[];
  /** by their beginning; must hold a window that is long enough for every task and skill */
  windows: readonly Window[];
  /** places to dry on; not limited where it is not said */
  places: Readonly<Record<Pool, number>>;
  /** places that other jobs take */
  taken: readonly { pool: Pool; places: number; from: WallMinutes; to: WallMinutes }[];
  /** everything is done by then */
  end: WallMinutes;
  /** nothing can be done before; null where nobody says */
  begin: WallMinutes | null;
  clock: Clock;
  /** as late as is safe, or as early as possible */
  direction: 'late' | 'early';
}

export interface PlacedTask {
  id: string;
  maker: number;
  window: number;
  from: WallMinutes;
  to: WallMinutes;
}

/** What a plan costs, in minutes that one would give to be rid of it: the project's own study; `moved`, off the day gone by, made up. */
export const COST = { sitting: 20, likeness: 6, taskDay: 2, heaviestDay: 0.25, moved: 15, hourOutside: 1000 } as const;

/** What a search may turn: the order in which tasks are placed, who does one (−1: anybody), windows skipped for it, and sittings that are closed. */
export interface Turns {
  key: Float64Array;
  skip: Int8Array;
  by: Int8Array;
  closed: ReadonlySet<number>;
}

/** The parts of a shop that every placing asks for again, worked out once. */
export class Bench {
  readonly successors: { at: number; wait: number }[][];
  readonly predecessors: { at: number; wait: number }[][];
  readonly byMaker: number[][];
  /** windows by their day and maker, as one number */
  readonly dayOf: Int32Array;
  readonly days: number;
  readonly starts: readonly WallMinutes[];
  /** each task's likeness as a number, and how many there are */
  readonly likeness: Int32Array;
  readonly likenesses: number;
  /** which maker can do which task */
  readonly can: readonly Uint8Array[];
  private readonly origin: WallMinutes;
  private readonly hours: number;

  constructor(
    readonly works: readonly Work[],
    readonly shop: Shop,
  ) {
    const at = new Map(works.map((w, i) => [w.id, i]));
    this.successors = works.map(() => []);
    this.predecessors = works.map(() => []);
    works.forEach((w, i) => {
      for (const link of w.after) {
        const before = must(at.get(link.id));
        must(this.successors[before]).push({ at: i, wait: link.wait });
        must(this.predecessors[i]).push({ at: before, wait: link.wait });
      }
    });
    this.byMaker = shop.makers.map((_, m) => shop.windows.flatMap((w, i) => (w.maker === m ? [i] : [])));
    const days = new Map<string, number>();
    this.dayOf = Int32Array.from(shop.windows, (w) => {
      const key = `${w.maker}|${w.day}`;
      if (!days.has(key)) days.set(key, days.size);
      return must(days.get(key));
    });
    this.days = days.size;
    const likes = new Map<string, number>();
    for (const w of works) if (!likes.has(w.likeness)) likes.set(w.likeness, likes.size);
    this.likeness = Int32Array.from(works, (w) => must(likes.get(w.likeness)));
    this.likenesses = likes.size;
    this.can = shop.makers.map((m) => Uint8Array.from(works, (w) => (m.can.includes(w.skill) ? 1 : 0)));
    this.starts = shop.windows.map((w) => w.from);
    this.origin = Math.floor((this.starts[0] ?? shop.end) / 60) * 60;
    this.hours = Math.max(1, Math.ceil((shop.end - this.origin) / 60) + 24 * 14);
  }

  /** The place in a maker's list of the last window that begins by a time; −1 where none does. */
  lastFrom(own: readonly number[], by: WallMinutes): number {
    let [low, high] = [0, own.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (must(this.starts[must(own[middle])]) <= by) low = middle + 1;
      else high = middle;
    }
    return low - 1;
  }

  /** When somebody works there at or after a time: then its place is free again. */
  unloaded(dry: WallMinutes): WallMinutes {
    const { windows } = this.shop;
    let [low, high] = [0, windows.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (must(this.starts[middle]) <= dry) low = middle + 1;
      else high = middle;
    }
    for (let i = low - 1; i >= Math.max(0, low - 4); i--) if (must(windows[i]).to >= dry) return dry;
    return this.starts[low] ?? dry;
  }

  /** Places taken by the hour, in each pool; other jobs' at first. */
  emptyRacks(): Record<Pool, Int32Array> | null {
    if (!Number.isFinite(this.shop.places.rack) && !Number.isFinite(this.shop.places.former)) return null;
    const racks = { rack: new Int32Array(this.hours), former: new Int32Array(this.hours) };
    for (const t of this.shop.taken) this.load(racks[t.pool], t.from, t.to, t.places);
    return racks;
  }

  private range(from: WallMinutes, to: WallMinutes): [number, number] {
    return [
      Math.max(0, Math.floor((from - this.origin) / 60)),
      Math.min(this.hours - 1, Math.max(0, Math.ceil((to - this.origin) / 60) - 1)),
    ];
  }

  load(rack: Int32Array, from: WallMinutes, to: WallMinutes, places: number): void {
    const [a, b] = this.range(from, to);
    for (let h = a; h <= b; h++) rack[h] = must(rack[h]) + places;
  }

  /** Whether the places a task needs are free when it begins at a time. */
  hasPlaces(racks: Record<Pool, Int32Array> | null, work: Work, from: WallMinutes): boolean {
    if (!racks || !work.dries) return true;
    const most = this.shop.places[work.dries.pool];
    if (!Number.isFinite(most)) return true;
    const [a, b] = this.range(from, this.freeAgain(work, from));
    const rack = racks[work.dries.pool];
    for (let h = a; h <= b; h++) if (must(rack[h]) + work.dries.places > most) return false;
    return true;
  }

  freeAgain(work: Work, from: WallMinutes): WallMinutes {
    return this.unloaded(this.shop.clock.after(from + work.duration, work.dries?.minutes ?? 0));
  }
}

/** What a plan costs as a whole. */
export function costOf(placed: readonly PlacedTask[], works: readonly Work[], shop: Shop): number {
  const work = new Map(works.map((w) => [w.id, w]));
  const sittings = new Set<number>();
  const likes = new Set<string>();
  const days = new Map<string, number>();
  let taskDays = 0;
  let moved = 0;
  let [first, last, tooSoon] = [Infinity, -Infinity, 0];
  for (const p of placed) {
    sittings.add(p.window);
    likes.add(`${p.window}|${must(work.get(p.id)).likeness}`);
    const day = `${p.maker}|${must(shop.windows[p.window]).day}`;
    days.set(day, (days.get(day) ?? 0) + p.to - p.from);
    taskDays += Math.max(0, shop.direction === 'late' ? shop.end - p.to : p.from - (shop.begin ?? p.from)) / 1440;
    const { was } = must(work.get(p.id));
    if (was && dayStart(was.from) !== must(shop.windows[p.window]).day) moved++;
    [first, last] = [Math.min(first, p.from), Math.max(last, p.to)];
    tooSoon += Math.max(0, (must(work.get(p.id)).notBefore ?? -Infinity) - p.from);
  }
  const heaviest = days.size ? Math.max(...days.values()) : 0;
  return (
    COST.sitting * sittings.size +
    COST.likeness * likes.size +
    COST.taskDay * taskDays +
    COST.heaviestDay * heaviest +
    COST.moved * moved +
    outsideCost(first, last, tooSoon, shop)
  );
}

/** A thousand for every hour that a plan begins too soon, ends too late, or does a thing before it may be done. */
export function outsideCost(first: number, last: number, tooSoonMinutes: number, { begin, end }: Shop): number {
  const early = begin === null ? 0 : Math.max(0, begin - first);
  return (COST.hourOutside * (Math.max(0, early) + Math.max(0, last - end) + tooSoonMinutes)) / 60;
}
