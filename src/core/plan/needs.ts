import { barrierById } from '../place/barrier';
import type { Need } from '../make/price';
import type { DerivedPlan } from './derivePlan';

/** Dust on one piece, and glue or glaze for it: assumed, no source. */
const DUST_GRAMS_EACH = 0.05;
const GLUE_GRAMS_EACH = 0.2;

/** Everything a plan uses up: paste, wire by gauge and colour in whole lengths, tape, barriers, dust and glue. */
export function needsOf(plan: Pick<DerivedPlan, 'paste' | 'cuts' | 'tapeMm' | 'entries' | 'tray'>): Need[] {
  const pieces = plan.tray.reduce((a, k) => a + k.toMake, 0);
  const barriers = new Map<string, number>();
  for (const entry of plan.entries) if (entry.barrier) barriers.set(entry.barrier, (barriers.get(entry.barrier) ?? 0) + 1);
  const needs: Need[] = [
    { id: 'paste', name: 'Flower paste', unit: 'g', amount: plan.paste.reduce((a, b) => a + b.grams, 0) },
    ...plan.cuts.map((c): Need => ({
      id: `wire-${c.gauge}-${c.colour}`,
      name: `Wire ${c.gauge} SWG, ${c.colour}`,
      unit: 'piece',
      amount: c.least.bars.length,
    })),
    { id: 'tape', name: 'Floral tape', unit: 'm', amount: plan.tapeMm / 1000 },
    ...[...barriers].map(([id, amount]): Need => ({ id, name: barrierById(id)?.name ?? id, unit: 'piece', amount })),
    { id: 'dust', name: 'Dust', unit: 'g', amount: pieces * DUST_GRAMS_EACH },
    { id: 'glue', name: 'Glue and glaze', unit: 'g', amount: pieces * GLUE_GRAMS_EACH },
  ];
  return needs.filter((n) => n.amount > 0);
}
