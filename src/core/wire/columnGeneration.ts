import type { IntegerSolver } from './cutOptimum';
import { must } from '../geometry/must';

/** Lengths are whole millimetres, or whole tenths; of anything finer nothing is claimed. */
const FINENESS = [1, 10] as const;
const MOST_ROUNDS = 400;
const EPSILON = 1e-7;

/** Patterns worth cutting, and a number of bars below which no plan can go; null when the solver gave up or no bound holds. */
export interface Columns {
  patterns: number[][];
  boundBars: number;
  /** how often each pattern is cut when bars may be cut in parts */
  relaxed: number[];
}

interface GenerateColumnsOptions {
  lengthsMm: readonly number[];
  counts: readonly number[];
  stockMm: number;
  first: readonly number[][];
  solve: IntegerSolver;
}

/**
 * Column generation for the cutting-stock problem (P. C. Gilmore and R. E. Gomory, "A linear programming approach to the
 * cutting-stock problem", 1961): the relaxed programme over the patterns known so far prices each length, and a knapsack over
 * those prices finds the patterns that are missing. When none is missing the relaxed optimum, rounded up, bounds every plan.
 */
export function generateColumns({ lengthsMm, counts, stockMm, first, solve }: GenerateColumnsOptions): Columns | null {
  const perMm = FINENESS.find((f) => lengthsMm.every((l) => Math.abs(l * f - Math.round(l * f)) < 1e-6));
  if (!perMm) return null;
  const sizes = lengthsMm.map((l) => Math.round(l * perMm));
  const room = Math.floor(stockMm * perMm + 1e-6);
  const patterns: number[][] = [];
  const known = new Set<string>();
  const add = (pattern: number[]): boolean => {
    const key = pattern.join();
    if (known.has(key)) return false;
    known.add(key);
    patterns.push(pattern);
    return true;
  };
  first.forEach((p) => add([...p]));
  // as many of one length as a bar holds, so that the first programme has an answer
  sizes.forEach((size, i) => add(sizes.map((_, k) => (k === i ? Math.min(must(counts[i]), Math.floor(room / size)) : 0))));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const answer = solve(masterProgramme(patterns, counts));
    if (!answer?.optimal || !answer.duals) return null;
    const prices = counts.map((_, i) => Math.max(0, must(answer.duals)[`r${i}`] ?? 0));
    const missing = dearestPatterns({ sizes, counts, prices, room });
    const relaxed = patterns.map((_, j) => answer.columns[`x${j}`] ?? 0);
    const bars = relaxed.reduce((a, x) => a + x, 0);
    const worth = Math.max(0, ...missing.map((m) => m.worth));
    if (worth <= 1 + EPSILON) return { patterns, relaxed, boundBars: Math.ceil(bars - 1e-6) };
    if (!missing.reduce((any, m) => add(m.pattern) || any, false))
      return { patterns, relaxed, boundBars: Math.ceil(bars / worth - 1e-6) };
  }
  return null;
}

/**
 * Fewest bars over some patterns that cut at least every count, in the LP format: relaxed, or in whole bars when a number is
 * given below which no plan can go. Said as a row, it lets the solver stop at the first plan that reaches it.
 */
export function masterProgramme(patterns: readonly number[][], counts: readonly number[], wholeFrom?: number): string {
  const names = patterns.map((_, j) => `x${j}`);
  const rows = counts.map((count, i) => {
    const terms = patterns.map((p, j) => (p[i] ? `+ ${p[i]} x${j}` : '')).filter(Boolean);
    return `r${i}: ${terms.join(' ')} >= ${count}`;
  });
  const whole = wholeFrom !== undefined;
  if (whole) rows.push(`least: ${names.map((n) => `+ ${n}`).join(' ')} >= ${wholeFrom}`);
  const general = whole ? `General\n ${names.join(' ')}\n` : '';
  return `Minimize\n bars: ${names.map((n) => `+ ${n}`).join(' ')}\nSubject To\n ${rows.join('\n ')}\n${general}End\n`;
}

/** How many fillings of a bar are handed back at once: the dearest, and the dearest that leave a little more over. */
const AT_ONCE = 6;

interface DearestPatternsOptions {
  sizes: readonly number[];
  counts: readonly number[];
  prices: readonly number[];
  room: number;
}

/** The dearest ways to fill a bar, by bounded knapsack over whole sizes; each count taken apart into powers of two. */
export function dearestPatterns({ sizes, counts, prices, room }: DearestPatternsOptions): { pattern: number[]; worth: number }[] {
  const lots: { i: number; n: number; size: number; price: number }[] = [];
  sizes.forEach((size, i) => {
    if (must(prices[i]) <= 0) return;
    let left = Math.min(must(counts[i]), Math.floor(room / size));
    for (let n = 1; left > 0; n *= 2) {
      const take = Math.min(n, left);
      left -= take;
      lots.push({ i, n: take, size: size * take, price: must(prices[i]) * take });
    }
  });
  const best = new Float64Array(room + 1);
  const taken = lots.map(({ size, price }) => {
    const chosen = new Uint8Array(room + 1);
    for (let at = room; at >= size; at--) {
      const worth = must(best[at - size]) + price;
      if (worth > must(best[at]) + 1e-12) {
        best[at] = worth;
        chosen[at] = 1;
      }
    }
    return chosen;
  });
  const found: { pattern: number[]; worth: number }[] = [];
  let below = Infinity;
  for (let from = room; from > 0 && found.length < AT_ONCE; from--) {
    if (must(best[from]) >= below - 1e-9) continue;
    below = must(best[from]);
    if (below <= 1 + EPSILON && found.length > 0) break;
    const pattern = sizes.map(() => 0);
    for (let k = lots.length - 1, at = from; k >= 0; k--) {
      if (!must(taken[k])[at]) continue;
      const lot = must(lots[k]);
      pattern[lot.i] = must(pattern[lot.i]) + lot.n;
      at -= lot.size;
    }
    found.push({ pattern, worth: below });
  }
  return found;
}
