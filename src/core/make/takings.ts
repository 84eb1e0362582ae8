import type { Arrangement, Piece } from '../compose/arrangement';
import { sameMake, type TinPiece } from '../compose/tin';

/** Pieces set aside from the tin for a job: whole rows of the tin, with how many of them are taken. */
export type Taken = TinPiece;

/** A piece out of the tin may stand in for one of a size within this. */
export const SAME_SIZE_MM = 1.5;

/**
 * What a job's pieces take out of the tin: rows with how many of each. Pieces and rows are matched size by size, nearest first;
 * a row gives no more than it has. Arrangements made many times take as often.
 */
export function takingsFor(arrangements: readonly Arrangement[], tin: readonly TinPiece[]): Taken[] {
  const wanted = new Map<string, Pick<Piece, 'species' | 'stage' | 'colourway' | 'sizeMm'> & { count: number }>();
  for (const a of arrangements)
    for (const p of a.pieces) {
      const key = JSON.stringify([p.species, p.stage, p.colourway, p.sizeMm]);
      const known = wanted.get(key);
      if (known) known.count += a.quantity;
      else wanted.set(key, { ...p, count: a.quantity });
    }
  const taken = new Map<string, Taken>();
  const pairs = [...wanted.values()]
    .flatMap((w) => tin.filter((t) => sameMake(t, w)).map((t) => ({ w, t, mm: Math.abs(t.sizeMm - w.sizeMm) })))
    .filter((p) => p.mm <= SAME_SIZE_MM)
    .sort((a, b) => a.mm - b.mm);
  for (const { w, t } of pairs) {
    const row = taken.get(t.id) ?? { ...t, count: 0 };
    const used = Math.min(w.count, t.count - row.count);
    if (used <= 0) continue;
    w.count -= used;
    taken.set(t.id, { ...row, count: row.count + used });
  }
  return [...taken.values()];
}

/** How many of a size are there among what was taken; each taken piece is counted for one size only, the nearest first. */
export function inHand(sizes: readonly { sizeMm: number; count: number }[], taken: readonly Taken[]): number {
  const left = taken.map((t) => ({ ...t }));
  return sizes.reduce((have, size) => {
    let wanted = size.count;
    for (const t of left.sort((a, b) => Math.abs(a.sizeMm - size.sizeMm) - Math.abs(b.sizeMm - size.sizeMm))) {
      if (Math.abs(t.sizeMm - size.sizeMm) > SAME_SIZE_MM) break;
      const used = Math.min(wanted, t.count);
      t.count -= used;
      wanted -= used;
    }
    return have + size.count - wanted;
  }, 0);
}

/** The tin when a job is finished: what it took is gone, what is left over is put in, to rows of the same kind where there are any. */
export function tinAfter(tin: readonly TinPiece[], taken: readonly Taken[], leftOver: readonly TinPiece[]): TinPiece[] {
  const after = tin.map((t) => ({
    ...t,
    count: Math.max(0, t.count - taken.filter((x) => x.id === t.id).reduce((a, x) => a + x.count, 0)),
  }));
  for (const piece of leftOver) {
    const same = after.find(
      (t) =>
        sameMake(t, piece) &&
        Math.abs(t.sizeMm - piece.sizeMm) < 0.05 &&
        t.where === piece.where &&
        t.madeOn === piece.madeOn &&
        t.state === piece.state,
    );
    if (same) same.count += piece.count;
    else if (piece.count > 0) after.push({ ...piece });
  }
  return after.filter((t) => t.count > 0);
}
