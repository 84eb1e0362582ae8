import { cutLongestFirst, type CutBar, type CutDemand, type CutPlan } from './cutList';

/** Solves an integer programme written in the LP format; gives each column's value, or null when none was found in time. */
export type IntegerSolver = (lp: string) => { columns: Record<string, number>; optimal: boolean } | null;

/** All ways to cut one bar that leave too little for any further piece; null when there are more than `most`. */
function fullPatterns(lengthsMm: readonly number[], counts: readonly number[], stockMm: number, most: number): number[][] | null {
  const found: number[][] = [];
  const shortest = Math.min(...lengthsMm);
  const walk = (k: number, left: number, pattern: number[]): boolean => {
    if (k === lengthsMm.length) {
      if (left < shortest - 1e-9 || pattern.every((n, i) => n >= counts[i]! || lengthsMm[i]! > left + 1e-9)) found.push(pattern);
      return found.length <= most;
    }
    for (let n = Math.min(counts[k]!, Math.floor(left / lengthsMm[k]! + 1e-9)); n >= 0; n--) {
      if (!walk(k + 1, left - n * lengthsMm[k]!, [...pattern, n])) return false;
    }
    return true;
  };
  return walk(0, stockMm, []) ? found : null;
}

/**
 * The fewest bars, proven: every full pattern is a column of an integer programme (Gilmore and Gomory 1961), solved by an
 * existing solver. When there are too many patterns, or the solver gives up, the quick plan is returned with what its bound
 * proves.
 */
export function cutOptimally(demands: readonly CutDemand[], stockMm: number, solve: IntegerSolver, mostPatterns = 6000): CutPlan {
  const quick = cutLongestFirst(demands, stockMm);
  const merged = new Map<number, number>();
  for (const d of demands)
    if (d.count > 0 && d.lengthMm > 0 && d.lengthMm <= stockMm) merged.set(d.lengthMm, (merged.get(d.lengthMm) ?? 0) + d.count);
  if (quick.proven || merged.size === 0) return quick;
  const lengths = [...merged.keys()].sort((a, b) => b - a);
  const counts = lengths.map((l) => merged.get(l)!);
  const patterns = fullPatterns(lengths, counts, stockMm, mostPatterns);
  if (!patterns) return quick;
  const rows = lengths.map(
    (_, i) =>
      `r${i}: ${patterns
        .map((p, j) => (p[i] ? `+ ${p[i]} x${j}` : ''))
        .filter(Boolean)
        .join(' ')} >= ${counts[i]}`,
  );
  const names = patterns.map((_, j) => `x${j}`);
  const answer = solve(
    `Minimize\n bars: ${names.map((n) => `+ ${n}`).join(' ')}\nSubject To\n ${rows.join('\n ')}\nGeneral\n ${names.join(' ')}\nEnd\n`,
  );
  if (!answer) return quick;
  const bars = barsFromPatterns(
    patterns,
    names.map((n) => Math.round(answer.columns[n] ?? 0)),
    lengths,
    counts,
    stockMm,
  );
  if (bars.length > quick.bars.length) return quick;
  return {
    bars,
    boundBars: answer.optimal ? bars.length : quick.boundBars,
    proven: answer.optimal,
    wasteMm: bars.reduce((a, b) => a + b.leftMm, 0),
    tooLong: quick.tooLong,
  };
}

function barsFromPatterns(
  patterns: readonly number[][],
  times: readonly number[],
  lengths: readonly number[],
  counts: readonly number[],
  stockMm: number,
): CutBar[] {
  const left = [...counts];
  const bars: CutBar[] = [];
  patterns.forEach((pattern, j) => {
    for (let t = 0; t < times[j]!; t++) {
      const cutsMm: number[] = [];
      pattern.forEach((n, i) => {
        for (let k = 0; k < n && left[i]! > 0; k++) {
          cutsMm.push(lengths[i]!);
          left[i]! -= 1;
        }
      });
      if (cutsMm.length) bars.push({ cutsMm, leftMm: stockMm - cutsMm.reduce((a, b) => a + b, 0) });
    }
  });
  return bars;
}
