import type { TinPiece } from '../compose/tin';
import type { Offcut } from '../wire/offcuts';

/** What is kept for all jobs together: made pieces, and ends of wire. */
export interface Stock {
  tin: readonly TinPiece[];
  offcuts: readonly Offcut[];
}

/** The stock when what led from `before` to `after` is taken back now: whatever else has changed since stays changed. */
export const takenBack = (now: Stock, before: Stock, after: Stock): Stock => ({
  tin: rowsTakenBack({ keyOf: (t) => t.id, now: now.tin, before: before.tin, after: after.tin }),
  offcuts: rowsTakenBack({
    keyOf: (o) => `${o.gauge}|${o.colour}|${o.lengthMm}`,
    now: now.offcuts,
    before: before.offcuts,
    after: after.offcuts,
  }),
});

function rowsTakenBack<T extends { count: number }>({
  keyOf,
  now,
  before,
  after,
}: {
  keyOf: (row: T) => string;
  now: readonly T[];
  before: readonly T[];
  after: readonly T[];
}): T[] {
  const counts = (rows: readonly T[]) => new Map(rows.map((r) => [keyOf(r), r.count]));
  const [was, became, is] = [counts(before), counts(after), counts(now)];
  const rows = [...now, ...before.filter((r) => !is.has(keyOf(r)))];
  return rows
    .map((r) => {
      const key = keyOf(r);
      return { ...r, count: Math.max(0, (is.get(key) ?? 0) + (was.get(key) ?? 0) - (became.get(key) ?? 0)) };
    })
    .filter((r) => r.count > 0);
}
