import type { JointEdit } from '../compose/arrangement';

/** What a person wants otherwise, by piece. */
export type Edits = ReadonlyMap<string, JointEdit>;

/** A row that is taped one after another, with those that a person wants earlier (−) or later (+) moved by so many places. */
export function inTurn<T>(row: readonly T[], idOf: (one: T) => string, edits: Edits): T[] {
  const place = (one: T, i: number): number => {
    const later = edits.get(idOf(one))?.later ?? 0;
    // past the one whose place it takes
    return i + later + Math.sign(later) * 0.5;
  };
  return row
    .map((one, i) => ({ one, at: place(one, i), i }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
    .map(({ one }) => one);
}
