import { generateColumns, masterProgramme, type Columns } from './columnGeneration';
import { cutLongestFirst, type CutBar, type CutDemand, type CutPlan } from './cutList';
import { must } from '../geometry/must';

/**
 * Solves a linear or integer programme written in the LP format; gives each column's value and, of a linear one, each row's
 * dual price; null when none was found within its limits.
 */
export type IntegerSolver = (
  lp: string,
) => { columns: Record<string, number>; duals?: Record<string, number>; optimal: boolean } | null;

interface FullPatternsOptions {
  lengthsMm: readonly number[];
  counts: readonly number[];
  stockMm: number;
  most: number;
}

/** All ways to cut one bar that leave too little for any further piece; null when there are more than `most`. */
function fullPatterns({ lengthsMm, counts, stockMm, most }: FullPatternsOptions): number[][] | null {
  const found: number[][] = [];
  const shortest = Math.min(...lengthsMm);
  const walk = (k: number, left: number, pattern: number[]): boolean => {
    if (k === lengthsMm.length) {
      if (left < shortest - 1e-9 || pattern.every((n, i) => n >= must(counts[i]) || must(lengthsMm[i]) > left + 1e-9))
        found.push(pattern);
      return found.length <= most;
    }
    for (let n = Math.min(must(counts[k]), Math.floor(left / must(lengthsMm[k]) + 1e-9)); n >= 0; n--) {
      if (!walk(k + 1, left - n * must(lengthsMm[k]), [...pattern, n])) return false;
    }
    return true;
  };
  return walk(0, stockMm, []) ? found : null;
}

/** More columns than this are quicker generated as the prices ask for them. */
const MOST_PATTERNS = 300;

/**
 * The fewest bars, proven: every full pattern is a column of an integer programme (Gilmore and Gomory 1961), solved by an
 * existing solver. When there are too many patterns they are generated as the prices ask for them, and the relaxed optimum
 * bounds what any plan can do. When the solver gives up, the quick plan is returned with what its bound proves.
 */
export function cutOptimally(
  demands: readonly CutDemand[],
  stockMm: number,
  solve: IntegerSolver,
  mostPatterns = MOST_PATTERNS,
): CutPlan {
  const quick = cutLongestFirst(demands, stockMm);
  const merged = new Map<number, number>();
  for (const d of demands)
    if (d.count > 0 && d.lengthMm > 0 && d.lengthMm <= stockMm) merged.set(d.lengthMm, (merged.get(d.lengthMm) ?? 0) + d.count);
  if (quick.proven || merged.size === 0) return quick;
  const lengths = [...merged.keys()].sort((a, b) => b - a);
  const counts = lengths.map((l) => must(merged.get(l)));
  const all = fullPatterns({ lengthsMm: lengths, counts, stockMm, most: mostPatterns });
  if (all) {
    const answer = solve(masterProgramme(all, counts, quick.boundBars));
    if (!answer) return quick;
    const bars = barsFromPatterns({ patterns: all, times: timesOf(answer.columns, all.length), lengths, counts, stockMm });
    return planOf(bars, answer.optimal ? bars.length : quick.boundBars, quick);
  }
  const own = generateColumns({ lengthsMm: lengths, counts, stockMm, first: patternsOf(quick.bars, lengths), solve });
  if (!own) return quick;
  const rounded = roundings({ own, lengths, counts, stockMm });
  if (rounded.length <= own.boundBars || quick.bars.length <= own.boundBars) return planOf(rounded, own.boundBars, quick);
  const dived = dive({ own, lengths, counts, stockMm, solve });
  if (dived && dived.length <= own.boundBars) return planOf(dived, own.boundBars, quick);
  const answer = solve(masterProgramme(own.patterns, counts, own.boundBars));
  const times = answer && timesOf(answer.columns, own.patterns.length);
  const bars = times ? barsFromPatterns({ patterns: own.patterns, times, lengths, counts, stockMm }) : rounded;
  return planOf(bars.length < rounded.length ? bars : rounded, own.boundBars, quick);
}

const timesOf = (columns: Record<string, number>, count: number): number[] =>
  Array.from({ length: count }, (_, j) => Math.round(columns[`x${j}`] ?? 0));

/** The better of a found plan and the quick one, with the better of both bounds. */
function planOf(found: CutBar[], bound: number, quick: CutPlan): CutPlan {
  const bars = found.length > quick.bars.length ? quick.bars : found;
  const boundBars = Math.max(quick.boundBars, bound);
  return {
    bars,
    boundBars,
    proven: bars.length <= boundBars,
    wasteMm: bars.reduce((a, b) => a + b.leftMm, 0),
    tooLong: quick.tooLong,
  };
}

/** Parts of a bar from this on are cut whole, one after another; what is still wanted is cut longest first. */
const ROUND_UP_FROM = [1, 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3] as const;

interface RoundingsOptions {
  own: Columns;
  lengths: readonly number[];
  counts: readonly number[];
  stockMm: number;
}

/** Plans rounded from the relaxed one; the one with the fewest bars. */
function roundings({ own, lengths, counts, stockMm }: RoundingsOptions): CutBar[] {
  const plans = ROUND_UP_FROM.map((from) => {
    const times = own.relaxed.map((x) => Math.floor(x + 1 - from + 1e-9));
    const bars = barsFromPatterns({ patterns: own.patterns, times, lengths, counts, stockMm });
    const left = lengths.map((lengthMm, i) => ({
      lengthMm,
      count: must(counts[i]) - bars.reduce((a, bar) => a + bar.cutsMm.filter((mm) => mm === lengthMm).length, 0),
    }));
    return [...bars, ...cutLongestFirst(left, stockMm).bars];
  });
  return plans.reduce((a, b) => (b.length < a.length ? b : a));
}

/** In a dive bars of which more than this is wanted are cut; when there is none, the one wanted most. */
const DIVE_FROM = 0.7;

interface DiveOptions {
  own: Columns;
  lengths: readonly number[];
  counts: readonly number[];
  stockMm: number;
  solve: IntegerSolver;
}

/**
 * Cuts what the relaxed plan wants nearly whole, generates columns anew for what is left, and so on to the end (the diving of
 * F. Vanderbeck, "Computational study of a column generation algorithm for bin packing and cutting stock problems", 1999).
 * Null when the solver gives up on the way or more bars are cut than the bound leaves room for.
 */
function dive({ own, lengths, counts, stockMm, solve }: DiveOptions): CutBar[] | null {
  const left = [...counts];
  const bars: CutBar[] = [];
  for (let now: Columns | null = own; now;) {
    const { patterns, relaxed } = now;
    const most = relaxed.reduce((best, x, j) => (x > must(relaxed[best]) ? j : best), 0);
    const times = relaxed.map((x, j) => Math.max(Math.floor(x + 1 - DIVE_FROM + 1e-9), j === most ? 1 : 0));
    const cut = barsFromPatterns({ patterns, times, lengths, counts: left, stockMm });
    bars.push(...cut);
    for (const mm of cut.flatMap((bar) => bar.cutsMm)) {
      const k = lengths.indexOf(mm);
      left[k] = must(left[k]) - 1;
    }
    if (left.every((n) => n === 0)) return bars;
    if (bars.length >= own.boundBars || cut.length === 0) return null;
    // what still fits what is left begins the next round
    const fitting = patterns.map((p) => p.map((n, i) => Math.min(n, must(left[i])))).filter((p) => p.some((n) => n > 0));
    now = generateColumns({ lengthsMm: lengths, counts: left, stockMm, first: fitting, solve });
  }
  return null;
}

/** How often each length is cut in each bar. */
const patternsOf = (bars: readonly CutBar[], lengths: readonly number[]): number[][] =>
  bars.map((bar) => lengths.map((l) => bar.cutsMm.filter((mm) => mm === l).length));

interface BarsFromPatternsOptions {
  patterns: readonly number[][];
  times: readonly number[];
  lengths: readonly number[];
  counts: readonly number[];
  stockMm: number;
}

function barsFromPatterns({ patterns, times, lengths, counts, stockMm }: BarsFromPatternsOptions): CutBar[] {
  const left = [...counts];
  const bars: CutBar[] = [];
  patterns.forEach((pattern, j) => {
    for (let t = 0; t < must(times[j]); t++) {
      const cutsMm: number[] = [];
      pattern.forEach((n, i) => {
        for (let k = 0; k < n && must(left[i]) > 0; k++) {
          cutsMm.push(must(lengths[i]));
          left[i] = must(left[i]) - 1;
        }
      });
      if (cutsMm.length) bars.push({ cutsMm, leftMm: stockMm - cutsMm.reduce((a, b) => a + b, 0) });
    }
  });
  return bars;
}
