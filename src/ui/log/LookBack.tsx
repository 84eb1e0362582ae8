'use client';

import { careOf } from '@/core/days/tasks';
import { lookBack, realMinutes } from '@/core/plan/lookBack';
import { quoteOf } from '@/core/make/price';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { moneyWords, useQuote } from '../make/useQuote';
import { durationWords } from '../shared/words';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';

/** Planned against real, kind by kind, and what to charge next time. */
export function LookBack({ plan }: { plan: DerivedPlan }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  const { needs, minutes, prices, quote } = useQuote(plan);
  const rows = lookBack(plan.tray, log, care, catalogue);
  if (rows.length === 0) return null;
  const kindOf = (key: string) => plan.tray.find((k) => k.key === key)!;
  const real = realMinutes(rows, plan.tray, minutes, { care, catalogue });
  const starting = rows.reduce((a, r) => a - r.plannedMinutes + (r.realMinutes ?? r.plannedMinutes), 0);
  const priced = prices.hourlyRate > 0 || quote.materials.length > 0;
  return (
    <section aria-label="Looking back" className="min-w-0 lg:col-span-full">
      <h1>Looking back</h1>
      <table className="w-full max-w-[900px] text-[15px]">
        <thead>
          <tr className="text-left text-[var(--ink2)]">
            <th className="py-1 font-normal">Kind</th>
            <th className="text-right font-normal">Made</th>
            <th className="text-right font-normal">Broken</th>
            <th className="text-right font-normal">By the starting value</th>
            <th className="text-right font-normal">Really</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.key} className="border-t border-[var(--line)]">
              <td className="py-1.5 font-semibold">{words.pieceTitle(kindOf(r.key))}</td>
              <td className="text-right">
                {r.made} of {r.wanted}
              </td>
              <td className="text-right">{r.broken}</td>
              <td className="text-right">{durationWords(r.plannedMinutes)}</td>
              <td className="text-right">
                {r.realMinutes === null ? 'not timed' : durationWords(r.realMinutes)}
                {r.realMinutes !== null && r.timed < r.made + r.broken && <span className="small"> from {r.timed} timed</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="say pt-2">
        {Math.abs(starting) < 5
          ? 'It went as the starting values say.'
          : `It took ${durationWords(Math.abs(starting))} ${starting > 0 ? 'more' : 'less'} than the starting values say.`}
        {priced &&
          ` Next time charge ${moneyWords(quoteOf(needs, real, prices).total, prices.currency)}; at the pace reckoned now it is ${moneyWords(quote.total, prices.currency)}.`}
      </p>
    </section>
  );
}
