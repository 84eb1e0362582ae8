/** Wires of one length wanted from stock of one length. Lengths in mm. */
export interface CutDemand {
  lengthMm: number;
  count: number;
}

/** So many more of a length. */
export function addTo(demands: CutDemand[], lengthMm: number, count: number): void {
  const known = demands.find((d) => d.lengthMm === lengthMm);
  if (known) known.count += count;
  else demands.push({ lengthMm, count });
}

/** One stock length and what is cut from it, longest first. */
export interface CutBar {
  cutsMm: number[];
  leftMm: number;
}

export interface CutPlan {
  bars: CutBar[];
  /** no plan can use fewer bars than this */
  boundBars: number;
  proven: boolean;
  wasteMm: number;
  /** demands longer than the stock: they cannot be cut at all */
  tooLong: CutDemand[];
}

/** An offcut at least this long goes to the tin: a sixth of a length still wires a small filler flower (docs/trade.md W3). */
export const KEEP_OFFCUT_MM = 60;

const unroll = (demands: readonly CutDemand[]): number[] =>
  demands.flatMap((d) => Array.from({ length: Math.max(0, d.count) }, () => d.lengthMm)).sort((a, b) => b - a);

/** Lower bound by Martello and Toth 1990 (L2): for every threshold, long pieces alone and what does not fit beside them. */
export function lowerBoundBars(lengthsMm: readonly number[], stockMm: number): number {
  const total = lengthsMm.reduce((a, b) => a + b, 0);
  let bound = Math.ceil(total / stockMm - 1e-9);
  for (const k of new Set(lengthsMm.filter((l) => l <= stockMm / 2).concat(0))) {
    const alone = lengthsMm.filter((l) => l > stockMm - k);
    const half = lengthsMm.filter((l) => l > stockMm / 2 && l <= stockMm - k);
    const small = lengthsMm.filter((l) => l >= k && l <= stockMm / 2);
    const room = half.length * stockMm - half.reduce((a, b) => a + b, 0);
    const rest = small.reduce((a, b) => a + b, 0);
    bound = Math.max(bound, alone.length + half.length + Math.max(0, Math.ceil((rest - room) / stockMm - 1e-9)));
  }
  return bound;
}

/** Best fit, longest first: a quick plan, often as good as any; `proven` says when the bound shows that it is. */
export function cutLongestFirst(demands: readonly CutDemand[], stockMm: number): CutPlan {
  const tooLong = demands.filter((d) => d.lengthMm > stockMm && d.count > 0);
  const lengths = unroll(demands.filter((d) => d.lengthMm <= stockMm && d.lengthMm > 0));
  const shortestMm = lengths.at(-1) ?? 0;
  const bars: CutBar[] = [];
  // what nothing can be cut from any more is not looked at again
  let open: CutBar[] = [];
  for (const mm of lengths) {
    let best: CutBar | null = null;
    for (const bar of open) if (bar.leftMm >= mm - 1e-9 && (!best || bar.leftMm < best.leftMm)) best = bar;
    if (!best) {
      bars.push((best = { cutsMm: [], leftMm: stockMm }));
      open.push(best);
    }
    best.cutsMm.push(mm);
    best.leftMm -= mm;
    const full = best;
    if (full.leftMm < shortestMm - 1e-9) open = open.filter((bar) => bar !== full);
  }
  const boundBars = lowerBoundBars(lengths, stockMm);
  return { bars, boundBars, proven: bars.length === boundBars, wasteMm: bars.reduce((a, b) => a + b.leftMm, 0), tooLong };
}
