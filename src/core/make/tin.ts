import * as v from 'valibot';
import type { Kind } from '../botany/catalogue';
import type { Arrangement, Piece } from '../compose/arrangement';

export const TIN_STATES = ['good', 'chipped', 'to dust'] as const;

const words = (what: string, most: number) => v.pipe(v.string(), v.maxLength(most, `${what} has at most ${most} letters`));

/** Pieces of one kind that were made before and are kept. */
export const tinPieceSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  species: v.pipe(v.string(), v.minLength(1, 'the species is missing')),
  stage: v.string(),
  sizeMm: v.pipe(
    v.number('a size is a number'),
    v.minValue(3, 'a size is at least 3 mm'),
    v.maxValue(250, 'a size is at most 250 mm'),
  ),
  colourway: v.string(),
  count: v.pipe(
    v.number('a count is a number'),
    v.integer('a count is a whole number'),
    v.minValue(0, 'a count is not below 0'),
    v.maxValue(2000, 'a count is at most 2000'),
  ),
  where: words('the place', 80),
  /** the day it was made; empty when no one knows */
  madeOn: v.pipe(v.string(), v.regex(/^(\d{4}-\d{2}-\d{2})?$/, 'a day is written 2027-06-12')),
  state: v.picklist(TIN_STATES, 'the state is good, chipped or to dust'),
});
export type TinPiece = v.InferOutput<typeof tinPieceSchema>;

export const tinSchema = v.pipe(v.array(tinPieceSchema), v.maxLength(2000, 'a tin has at most 2000 rows'));

/** Pieces set aside from the tin for a job: whole rows of the tin, with how many of them are taken. */
export type Taken = TinPiece;

/** A piece out of the tin may stand in for one of a size within this. */
export const SAME_SIZE_MM = 1.5;

const sameMake = (a: Pick<Kind, 'species' | 'stage' | 'colourway'>, b: Pick<Kind, 'species' | 'stage' | 'colourway'>): boolean =>
  a.species === b.species && a.stage === b.stage && a.colourway === b.colourway;

/** What of the tin is free for a job: not chipped, and not set aside for another job. `promised` are the other jobs' takings. */
export function freeInTin(tin: readonly TinPiece[], promised: readonly Taken[]): TinPiece[] {
  return tin
    .filter((t) => t.state !== 'chipped')
    .map((t) => ({ ...t, count: t.count - promised.filter((p) => p.id === t.id).reduce((a, p) => a + p.count, 0) }))
    .filter((t) => t.count > 0);
}

/** Counts of kinds with the tin used first: what it has of a species, stage and colour comes in the sizes that it has. */
export function useTinFirst<K extends Kind & { count: number }>(kinds: readonly K[], tin: readonly TinPiece[]): K[] {
  const left = tin.map((t) => ({ ...t }));
  const result: K[] = [];
  const put = (kind: K, count: number) => {
    const known = result.find((k) => sameMake(k, kind) && k.sizeMm === kind.sizeMm);
    if (known) known.count += count;
    else if (count > 0) result.push({ ...kind, count });
  };
  for (const kind of kinds) {
    let wanted = kind.count;
    const own = left.filter(
      (t) => sameMake(t, kind) && t.count > 0 && Math.abs(Math.log(t.sizeMm / kind.sizeMm)) < OTHER_SIZE_LN,
    );
    own.sort((a, b) => Math.abs(a.sizeMm - kind.sizeMm) - Math.abs(b.sizeMm - kind.sizeMm));
    for (const t of own) {
      const used = Math.min(wanted, t.count);
      t.count -= used;
      wanted -= used;
      put({ ...kind, sizeMm: t.sizeMm }, used);
    }
    put(kind, wanted);
  }
  return result;
}

/** A made piece is taken for another of its kind up to this much larger or smaller: ln 1.3. */
const OTHER_SIZE_LN = Math.log(1.3);

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
