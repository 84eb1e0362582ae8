import type { Highs } from 'highs';
import { COST, type Shop, type Work } from '../days/schedule';
import { must } from '../geometry/must';

/**
 * The proven cheapest plan on a grid, as a time-indexed integer programme (A. Pritsker, L. Watters, P. Wolfe, "Multiproject scheduling
 * with limited resources", Management Science 1969; the tighter precedence rows of N. Christofides et al., 1987; from memory),
 * among sittings of the last `days` days. Durations and windows must lie on the grid. Null where it is not proven in time.
 */
export function exactCost(
  highs: Highs,
  works: readonly Work[],
  shop: Shop,
  { grid, days, seconds }: { grid: number; days: number; seconds: number },
): number | null {
  const windows = shop.windows.map((w, i) => ({ ...w, i })).filter((w) => w.from >= shop.end - days * 1440);
  const candidates = works.map((t) =>
    windows.flatMap((w) => {
      if (!must(shop.makers[w.maker]).can.includes(t.skill)) return [];
      const starts: { from: number; w: number }[] = [];
      for (let from = w.from; from + t.duration <= Math.min(w.to, shop.end); from += grid) starts.push({ from, w: w.i });
      return starts;
    }),
  );
  const x = (t: number, from: number, w: number) => `x_${t}_${w}_${from - must(windows[0]).from}`;
  const likes = [...new Set(works.map((w) => w.likeness))];
  const z = (w: number, t: number) => `z_${w}_${likes.indexOf(must(works[t]).likeness)}`;
  const objective: string[] = [`${COST.heaviestDay} h`];
  const rows: string[] = [];
  const binaries = new Set<string>();
  const sum = (names: readonly string[]) => names.join(' + ');
  works.forEach((t, i) => {
    for (const c of must(candidates[i])) {
      objective.push(`${(COST.taskDay * (shop.end - c.from - t.duration)) / 1440} ${x(i, c.from, c.w)}`);
      binaries.add(x(i, c.from, c.w));
    }
    rows.push(`${sum(must(candidates[i]).map((c) => x(i, c.from, c.w)))} = 1`);
    for (const w of windows) {
      const own = must(candidates[i]).filter((c) => c.w === w.i);
      if (own.length) rows.push(`${sum(own.map((c) => x(i, c.from, c.w)))} - ${z(w.i, i)} <= 0`);
    }
  });
  const at = new Map(works.map((w, i) => [w.id, i]));
  works.forEach((t, b) => {
    for (const link of t.after) {
      const a = must(at.get(link.id));
      for (const tau of new Set(must(candidates[b]).map((c) => c.from))) {
        const late = must(candidates[a]).filter((c) => c.from + must(works[a]).duration + link.wait > tau);
        const early = must(candidates[b]).filter((c) => c.from <= tau);
        if (late.length)
          rows.push(`${sum([...late.map((c) => x(a, c.from, c.w)), ...early.map((c) => x(b, c.from, c.w))])} <= 1`);
      }
    }
  });
  const byDay = new Map<string, string[]>();
  for (const w of windows) {
    objective.push(`${COST.sitting} y_${w.i}`);
    binaries.add(`y_${w.i}`);
    likes.forEach((_, l) => {
      objective.push(`${COST.likeness} z_${w.i}_${l}`);
      binaries.add(`z_${w.i}_${l}`);
      rows.push(`z_${w.i}_${l} - y_${w.i} <= 0`);
    });
    for (let slot = w.from; slot < w.to; slot += grid) {
      const over = works.flatMap((t, i) =>
        must(candidates[i])
          .filter((c) => c.w === w.i && c.from <= slot && slot < c.from + t.duration)
          .map((c) => x(i, c.from, c.w)),
      );
      if (over.length > 1) rows.push(`${sum(over)} <= 1`);
    }
    const day = `${w.maker}|${w.day}`;
    const own = works.flatMap((t, i) =>
      must(candidates[i])
        .filter((c) => c.w === w.i)
        .map((c) => `${t.duration} ${x(i, c.from, c.w)}`),
    );
    byDay.set(day, [...(byDay.get(day) ?? []), ...own]);
  }
  for (const terms of byDay.values()) if (terms.length) rows.push(`${sum(terms)} - h <= 0`);
  const lp = [
    'Minimize',
    ` cost: ${objective.join(' + ')}`,
    'Subject To',
    ...rows.map((r, i) => ` r${i}: ${r}`),
    'Binary',
    ...[...binaries].map((b) => ` ${b}`),
    'End',
  ].join('\n');
  const answer = highs.solve(lp, { time_limit: seconds, mip_rel_gap: 0.0005 });
  return answer.Status === 'Optimal' ? answer.ObjectiveValue : null;
}
