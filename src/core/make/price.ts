import * as v from 'valibot';
import { between } from '../boundary/parts';
import type { NeedName, QuoteFact } from './facts';

/** Something that a job uses up. Its id is the one that the price list and the shopping list know it by. */
export interface Need {
  id: string;
  name: NeedName;
  unit: 'g' | 'm' | 'piece';
  amount: number;
}

/** One thing that is bought: how much a pack holds, what it costs, and how much of it is there. */
export const materialSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  unit: v.picklist(['g', 'm', 'piece']),
  pack: v.pipe(v.number(), v.minValue(0.001), v.maxValue(1e6)),
  packPrice: between(0, 1e6),
  shop: v.pipe(v.string(), v.maxLength(60)),
  onHand: v.pipe(v.number(), v.minValue(0), v.maxValue(1e7)),
});
export type Material = v.InferOutput<typeof materialSchema>;

export const pricesSchema = v.strictObject({
  currency: v.pipe(v.string(), v.minLength(1), v.maxLength(4)),
  hourlyRate: between(0, 1e6),
  /** of wages and materials together: rent, power, tools */
  overheadShare: between(0, 3),
  /** of the price before tax */
  marginShare: between(0, 0.9),
  taxShare: between(0, 1),
  /** the price is rounded up to whole steps of this */
  roundTo: v.pipe(v.number(), v.minValue(0.01), v.maxValue(100)),
  materials: v.pipe(v.array(materialSchema), v.maxLength(300)),
});
export type Prices = v.InferOutput<typeof pricesSchema>;

/** Before anyone has entered a price. */
export const NO_PRICES: Prices = {
  currency: '€',
  hourlyRate: 0,
  overheadShare: 0.1,
  marginShare: 0.2,
  taxShare: 0,
  roundTo: 1,
  materials: [],
};

/** One line of a quote; amounts are rounded to the hundredth, so that lines add up to what is written under them. */
interface QuoteLine {
  name: NeedName | QuoteFact;
  detail: QuoteFact;
  amount: number;
}

export interface Quote {
  materials: QuoteLine[];
  /** what is needed and has no price yet: the quote is too low by that */
  unpriced: NeedName[];
  labour: QuoteLine;
  overhead: number;
  margin: number;
  /** what rounding up added */
  rounding: number;
  beforeTax: number;
  tax: number;
  total: number;
}

export const cents = (amount: number): number => Math.round(amount * 100 + 1e-9) / 100;

/**
 * What a job costs and is sold for: materials as far as they are used up, minutes at the hourly rate, overhead on both, the
 * margin as a share of the price, rounded up, tax on top. Spares, and so breakage, are in the amounts and minutes already.
 */
export function quoteOf(needs: readonly Need[], minutes: number, prices: Prices): Quote {
  const materials: QuoteLine[] = [];
  const unpriced: NeedName[] = [];
  for (const need of needs) {
    const own = prices.materials.find((m) => m.id === need.id);
    if (!own) unpriced.push(need.name);
    else
      materials.push({
        name: need.name,
        detail: { code: 'quote.amount', values: { amount: need.amount, unit: need.unit } },
        amount: cents((need.amount * own.packPrice) / own.pack),
      });
  }
  const labour: QuoteLine = {
    name: { code: 'quote.work', values: {} },
    detail: { code: 'quote.work-time', values: { minutes, rate: prices.hourlyRate } },
    amount: cents((minutes / 60) * prices.hourlyRate),
  };
  const cost = cents(materials.reduce((a, m) => a + m.amount, 0) + labour.amount);
  const overhead = cents(cost * prices.overheadShare);
  const margin = cents(((cost + overhead) * prices.marginShare) / (1 - prices.marginShare));
  const exact = cents(cost + overhead + margin);
  const beforeTax = cents(Math.ceil(exact / prices.roundTo - 1e-9) * prices.roundTo);
  const tax = cents(beforeTax * prices.taxShare);
  return {
    materials,
    unpriced,
    labour,
    overhead,
    margin,
    rounding: cents(beforeTax - exact),
    beforeTax,
    tax,
    total: cents(beforeTax + tax),
  };
}
