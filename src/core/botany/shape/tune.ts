import { PLAIN_PETAL, type PetalShape } from './petal';
import type { Whorl } from './whorl';
import { must } from '../../geometry/must';

/** What a person changes about the petals of a flower. Shares are of the flower it is based on; angles are added, degrees. */
export interface PetalTune {
  /** all petals together; null leaves the number as it is */
  petals: number | null;
  lengthShare: number;
  widthShare: number;
  /** positive cups the petal inward across it, negative lets its sides fall */
  cupDeg: number;
  /** positive curls the petal outward along it */
  curlDeg: number;
}

export const PLAIN_TUNE: PetalTune = { petals: null, lengthShare: 1, widthShare: 1, cupDeg: 0, curlDeg: 0 };

export const petalsOf = (whorls: readonly Whorl[]): number => whorls.reduce((a, w) => a + w.count, 0);

/** `wanted` petals shared out over the rings as they were, the largest remainders first. A ring that is owed less than half a petal may get none. */
export function shareOverRings(counts: readonly number[], wanted: number): number[] {
  const total = counts.reduce((a, b) => a + b, 0);
  if (total === 0) return counts.map(() => 0);
  const exact = counts.map((c) => (c * wanted) / total);
  const shared = exact.map((x) => Math.floor(x));
  const order = exact.map((x, i) => ({ i, rest: x - Math.floor(x) })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  const left = wanted - shared.reduce((a, b) => a + b, 0);
  for (const { i } of order.slice(0, left)) shared[i] = must(shared[i]) + 1;
  return shared;
}

const tunePart = (part: Partial<PetalShape> | undefined, tune: PetalTune, widen: number): Partial<PetalShape> | undefined =>
  part && {
    ...part,
    ...(part.length !== undefined && { length: part.length * tune.lengthShare }),
    ...(part.halfWidth !== undefined && { halfWidth: part.halfWidth * tune.widthShare * widen }),
    ...(part.cup !== undefined && { cup: part.cup + tune.cupDeg }),
    ...(part.cupTip !== undefined && { cupTip: part.cupTip + tune.cupDeg }),
    ...(part.curl !== undefined && { curl: part.curl + tune.curlDeg }),
  };

/** The rings of a flower with their petals changed. Fewer petals in a ring are cut wider and more are cut narrower, so that the ring closes. */
export function tuneWhorls(whorls: readonly Whorl[], tune: PetalTune): Whorl[] {
  const counts = whorls.map((w) => w.count);
  const shared = tune.petals === null ? counts : shareOverRings(counts, tune.petals);
  return whorls.map((w, i) => {
    const count = must(shared[i]);
    const widen = count > 0 ? Math.min(1.5, Math.max(0.6, w.count / count)) : 1;
    const part = (p: Partial<PetalShape> | undefined) => tunePart(p, tune, widen);
    return {
      ...w,
      count,
      inner: { cup: PLAIN_PETAL.cup + tune.cupDeg, curl: PLAIN_PETAL.curl + tune.curlDeg, ...part(w.inner) },
      outer: part(w.outer),
      // closed petals keep their wrap: only their outline follows
      bud: tunePart(w.bud, { ...tune, cupDeg: 0, curlDeg: 0 }, widen),
      budOuter: tunePart(w.budOuter, { ...tune, cupDeg: 0, curlDeg: 0 }, widen),
      // places fixed for the old number no longer hold
      azimuths: count === w.count ? w.azimuths : undefined,
      farCount: w.farCount === undefined ? undefined : Math.max(1, Math.round((w.farCount * count) / Math.max(1, w.count))),
    };
  });
}
