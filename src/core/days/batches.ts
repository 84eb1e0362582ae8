import type { Skill } from './windows';

/** What bounds a task: the longest sitting of those who can do it, and places to dry on. */
export interface Cutting {
  dryingMargin: number;
  most(skill: Skill): number;
  places: number;
}

/** Pieces `from` up to `to`; one piece that takes longer than a sitting is done in parts. */
export interface Batch {
  from: number;
  to: number;
  part: number;
  parts: number;
}

/** More pieces at once than this dry before the last is done (docs/trade.md P6; the project's own study for dusting). */
const MOST_PIECES = 40;

interface CutOptions {
  pieces: number;
  batch: number;
  minutesOf: (pieces: number) => number;
  mostMinutes: number;
  places: number;
}

/**
 * So many pieces in batches that fit into a sitting and onto the rack: whole working batches of the method where one fits, else
 * as many pieces as do, as even as can be. One piece that does not fit is cut into equal parts.
 */
export function cut({ pieces, batch, minutesOf, mostMinutes, places }: CutOptions): Batch[] {
  const most = Math.max(1, Math.min(MOST_PIECES, places, pieces));
  let size = most;
  while (size > 1 && minutesOf(size) > mostMinutes) size--;
  if (size > batch) size -= size % batch;
  const parts = size === 1 ? Math.max(1, Math.ceil(minutesOf(1) / Math.max(5, mostMinutes) - 1e-9)) : 1;
  const count = Math.ceil(pieces / size);
  const even = size % batch === 0 ? size : Math.ceil(pieces / count);
  const batches: Batch[] = [];
  for (let from = 0; from < pieces; from += even)
    for (let part = 1; part <= parts; part++) batches.push({ from, to: Math.min(pieces, from + even), part, parts });
  return batches;
}
