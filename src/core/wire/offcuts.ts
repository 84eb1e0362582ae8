import * as v from 'valibot';
import { KEEP_OFFCUT_MM, type CutBar, type CutDemand } from './cutList';
import { must } from '../geometry/must';

/** Ends of wire that were kept: all of one gauge, colour and length. */
export const offcutSchema = v.strictObject({
  /** or, below 10, its thickness in mm */
  gauge: v.pipe(v.number(), v.minValue(0.2), v.maxValue(40)),
  colour: v.picklist(['white', 'green']),
  lengthMm: v.pipe(v.number(), v.minValue(10), v.maxValue(2000)),
  count: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2000)),
});
export type Offcut = v.InferOutput<typeof offcutSchema>;
export const offcutsSchema = v.pipe(v.array(offcutSchema), v.maxLength(500));

/** An offcut and what is cut from it. */
export interface OffcutBar extends CutBar {
  lengthMm: number;
}

/**
 * Cuts as much as can be from ends that are there, the shortest end first, each as full as it gets (a bounded knapsack in whole
 * millimetres: no other choice of the wires still wanted fills that end better). What is left of the demands is for full lengths.
 * An end from which nothing can be cut is not used.
 */
export function cutFromOffcuts(
  demands: readonly CutDemand[],
  offcuts: readonly Pick<Offcut, 'lengthMm' | 'count'>[],
): { bars: OffcutBar[]; rest: CutDemand[] } {
  const rest = demands.map((d) => ({ ...d }));
  const bars: OffcutBar[] = [];
  for (const { lengthMm, count } of [...offcuts].sort((a, b) => a.lengthMm - b.lengthMm))
    for (let k = 0; k < count; k++) {
      const cutsMm = fullest(rest, lengthMm);
      if (cutsMm.length === 0) break;
      for (const mm of cutsMm) must(rest.find((d) => d.lengthMm === mm && d.count > 0)).count -= 1;
      bars.push({ lengthMm, cutsMm, leftMm: lengthMm - cutsMm.reduce((a, b) => a + b, 0) });
    }
  return { bars, rest: rest.filter((d) => d.count > 0) };
}

/** Of the wires wanted those that fill a length best, longest first. */
function fullest(demands: readonly CutDemand[], lengthMm: number): number[] {
  const room = Math.floor(lengthMm + 1e-9);
  // reached[mm]: which wire was added last to come to that sum; −1 not reached
  const reached = new Int32Array(room + 1).fill(-1);
  reached[0] = demands.length;
  demands.forEach(({ lengthMm: own, count }, d) => {
    const step = Math.ceil(own - 1e-9);
    if (step <= 0 || step > room) return;
    const used = new Int32Array(room + 1);
    for (let mm = step; mm <= room; mm++) {
      const before = mm - step;
      if (reached[mm] !== -1 || reached[before] === -1 || must(used[before]) >= count) continue;
      reached[mm] = d;
      used[mm] = must(used[before]) + 1;
    }
  });
  let at = room;
  while (at > 0 && reached[at] === -1) at--;
  const cutsMm: number[] = [];
  while (at > 0) {
    const own = must(demands[must(reached[at])]).lengthMm;
    cutsMm.push(own);
    at -= Math.ceil(own - 1e-9);
  }
  return cutsMm.sort((a, b) => b - a);
}

/** The ends of bars that are worth keeping, in whole millimetres. */
export function offcutsOf(bars: readonly CutBar[], { gauge, colour }: Pick<Offcut, 'gauge' | 'colour'>): Offcut[] {
  const worth = bars.map((b) => Math.floor(b.leftMm + 1e-9)).filter((mm) => mm >= KEEP_OFFCUT_MM);
  return [...new Set(worth)].map((lengthMm) => ({
    gauge,
    colour,
    lengthMm,
    count: worth.filter((mm) => mm === lengthMm).length,
  }));
}

export const sameOffcut = (a: Offcut, b: Offcut): boolean =>
  a.gauge === b.gauge && a.colour === b.colour && a.lengthMm === b.lengthMm;

/** Rows with others put to them (`sign` 1) or taken out (−1); never below none. Thickest first, longest first. */
export function offcutsWith(rows: readonly Offcut[], others: readonly Offcut[], sign: 1 | -1): Offcut[] {
  const after = rows.map((r) => ({ ...r }));
  for (const other of others) {
    const own = after.find((r) => sameOffcut(r, other));
    if (own) own.count = Math.max(0, own.count + sign * other.count);
    else if (sign > 0) after.push({ ...other });
  }
  return after
    .filter((r) => r.count > 0)
    .sort((a, b) => a.gauge - b.gauge || a.colour.localeCompare(b.colour) || b.lengthMm - a.lengthMm);
}
