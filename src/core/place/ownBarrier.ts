import * as v from 'valibot';
import { between, named, refusedBy } from '../boundary/parts';
import type { Barrier } from './barrier';

/** A straw or a pick that a person has measured. mm, grams, minutes. */
export const ownBarrierSchema = v.pipe(
  v.strictObject({
    id: v.pipe(v.string(), v.regex(/^own-[a-z0-9-]{1,40}$/, refusedBy('refusal.own-id'))),
    name: named(60),
    kind: v.picklist(['straw', 'pick']),
    boreMm: between(1, 30),
    outsideMm: between(1.2, 34),
    /** how long it is sold; a pick is not cut */
    stockMm: between(20, 400),
    mostGrams: between(1, 400),
    minutes: between(0, 60),
  }),
  v.check((b) => b.outsideMm > b.boreMm, refusedBy('refusal.bore')),
);

export type OwnBarrier = v.InferOutput<typeof ownBarrierSchema>;

/** Longer straws buckle on the way in. Assumed, as for those that ship with the product. */
const STRAW_REACH_MM = 60;

/** An own barrier, used as those of its kind are. */
export function barrierOf(own: OwnBarrier): Barrier {
  const straw = own.kind === 'straw';
  return {
    id: own.id,
    ownName: own.name,
    ways: straw ? 'own-straw' : 'own-pick',
    kind: own.kind,
    boreMm: own.boreMm,
    outsideMm: () => own.outsideMm,
    stockMm: own.stockMm,
    reachMm: straw ? STRAW_REACH_MM : own.stockMm,
    mostGrams: own.mostGrams,
    minutes: own.minutes,
    dryMinutes: 0,
    tipMm: straw ? (od) => 10 + od : () => 4,
    allergens: [],
    stepCount: straw ? 3 : 2,
  };
}
