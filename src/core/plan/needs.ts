import type { Need } from '../make/price';
import type { SupplyId } from '../make/recipes';
import { MATERIAL } from '../piece/materials';
import type { DerivedPlan } from './derivePlan';
import { offTheRollMm } from './usedUp';

/** What a millilitre of each weighs: glue and glaze like water, starch loosely filled, fat; from memory. */
const GRAMS_PER_ML: Readonly<Record<SupplyId, number>> = { glue: 1, 'egg glue': 1.03, glaze: 1, starch: 0.6, fat: 0.92 };

/** Pastes as they are bought: fondant is the same whether it is left to dry or not. */
const PASTES = ['paste', 'sugar-paste', 'fondant', 'air-dry-paste'] as const;
const gramsBoughtAs = (id: (typeof PASTES)[number], paste: DerivedPlan['paste']): number =>
  paste.reduce((a, b) => a + (MATERIAL[b.material].need === id ? b.grams : 0), 0);

/** Everything a plan uses up: pastes, paper in whole sheets, wire by gauge and colour in whole lengths, tape, barriers, dust, glue, glaze, starch and fat. */
export function needsOf(
  plan: Pick<DerivedPlan, 'paste' | 'paperSheets' | 'cuts' | 'tape' | 'barriers' | 'dustGrams' | 'supplies'>,
): Need[] {
  const needs: Need[] = [
    ...PASTES.map((id): Need => ({
      id,
      name: { code: `need.${id}`, values: {} },
      unit: 'g',
      amount: gramsBoughtAs(id, plan.paste),
    })),
    { id: 'paper', name: { code: 'need.paper', values: {} }, unit: 'piece', amount: plan.paperSheets },
    ...plan.cuts.map((c): Need => ({
      id: `wire-${c.gauge}-${c.colour}`,
      name: { code: 'need.wire', values: { gauge: c.gauge, colour: c.colour } },
      unit: 'piece',
      amount: c.least.bars.length,
    })),
    { id: 'tape', name: { code: 'need.tape', values: {} }, unit: 'm', amount: offTheRollMm(plan.tape) / 1000 },
    ...plan.barriers.map(({ id, count }): Need => ({
      id,
      name: { code: 'need.barrier', values: { barrier: id } },
      unit: 'piece',
      amount: count,
    })),
    { id: 'dust', name: { code: 'need.dust', values: {} }, unit: 'g', amount: plan.dustGrams },
    ...plan.supplies.map(({ id, ml }): Need => ({
      id,
      name: { code: 'need.supply', values: { supply: id } },
      unit: 'g',
      amount: ml * GRAMS_PER_ML[id],
    })),
  ];
  return needs.filter((n) => n.amount > 0);
}
