'use client';

import { careOf } from '@/core/days/tasks';
import { lookBack, realMinutes } from '@/core/plan/lookBack';
import { quoteOf } from '@/core/make/price';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useQuote } from '../make/useQuote';
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
    <section aria-label={words.label('log.looking-back')} className="min-w-0 lg:col-span-full">
      <h1>{words.label('log.looking-back')}</h1>
      <table className="w-full max-w-[900px] text-[15px]">
        <thead>
          <tr className="text-left text-[var(--ink2)]">
            <th className="py-1 font-normal">{words.label('log.kind')}</th>
            <th className="text-right font-normal">{words.label('shared.made')}</th>
            <th className="text-right font-normal">{words.label('log.broken-2')}</th>
            <th className="text-right font-normal">{words.label('log.by-the-starting-value')}</th>
            <th className="text-right font-normal">{words.label('log.really')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.key} className="border-t border-[var(--line)]">
              <td className="py-1.5 font-semibold">{words.pieceTitle(kindOf(r.key))}</td>
              <td className="text-right">{words.label('log.made-of-wanted', { made: r.made, wanted: r.wanted })}</td>
              <td className="text-right">{r.broken}</td>
              <td className="text-right">{words.units.duration(r.plannedMinutes)}</td>
              <td className="text-right">
                {r.realMinutes === null ? words.label('log.not-timed') : words.units.duration(r.realMinutes)}
                {r.realMinutes !== null && r.timed < r.made + r.broken && (
                  <span className="small"> {words.label('log.from-timed', { timed: r.timed })}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="say pt-2">
        {Math.abs(starting) < 5
          ? words.label('log.it-went-as-starting-values')
          : words.label('log.it-took-more-than-starting', {
              more: starting > 0 ? 'yes' : 'no',
              share: words.units.duration(Math.abs(starting)),
            })}
        {priced &&
          ` ${words.label('log.next-time-charge-at-pace', { charge: words.money(quoteOf(needs, real, prices).total), now: words.money(quote.total) })}`}
      </p>
    </section>
  );
}
