import * as v from 'valibot';
import { isDay, refusedBy } from '../boundary/parts';
import type { Kind } from '../botany/catalogue';

export const TIN_STATES = ['good', 'chipped', 'to dust'] as const;

/** Pieces of one kind that were made before and are kept. */
export const tinPieceSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  species: v.pipe(v.string(), v.minLength(1)),
  stage: v.string(),
  sizeMm: v.pipe(v.number(), v.minValue(3), v.maxValue(250)),
  colourway: v.string(),
  count: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2000)),
  where: v.pipe(v.string(), v.maxLength(80)),
  /** the day it was made; empty when no one knows */
  madeOn: v.pipe(
    v.string(),
    v.check((text) => text === '' || isDay(text), refusedBy('refusal.day')),
  ),
  state: v.picklist(TIN_STATES),
});
export type TinPiece = v.InferOutput<typeof tinPieceSchema>;

export const tinSchema = v.pipe(v.array(tinPieceSchema), v.maxLength(2000));

/** Whether two are the same made thing but for their size. */
export const sameMake = (
  a: Pick<Kind, 'species' | 'stage' | 'colourway'>,
  b: Pick<Kind, 'species' | 'stage' | 'colourway'>,
): boolean => a.species === b.species && a.stage === b.stage && a.colourway === b.colourway;

/** What of the tin is free for a job: not chipped, and not set aside for another job. `promised` are the other jobs' takings. */
export function freeInTin(tin: readonly TinPiece[], promised: readonly TinPiece[]): TinPiece[] {
  return tin
    .filter((t) => t.state !== 'chipped')
    .map((t) => ({ ...t, count: t.count - promised.filter((p) => p.id === t.id).reduce((a, p) => a + p.count, 0) }))
    .filter((t) => t.count > 0);
}

/** Counts of kinds with the tin used first: what it has of a species, stage and colour comes in the sizes that it has. */
export function tinFirst<K extends Kind & { count: number }>(kinds: readonly K[], tin: readonly TinPiece[]): K[] {
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
