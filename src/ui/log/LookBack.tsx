'use client';

import { useMemo } from 'react';
import { careOf } from '@/core/days/settings';
import { lookBack, realMinutes, type LookBackRow } from '@/core/plan/lookBack';
import { quoteOf } from '@/core/make/price';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Words } from '@/core/words/words';
import { SortedTable, type Column } from '../shared/SortedTable';
import { useQuote } from '../make/useQuote';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** Planned against real, kind by kind, and what to charge next time. */
export function LookBack({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  const { needs, minutes, prices, quote } = useQuote(plan);
  const rows = lookBack(plan.tray, log, care);
  const columns = useMemo(() => columnsOf(words, plan.tray), [words, plan.tray]);
  if (rows.length === 0) return null;
  const real = realMinutes(rows, plan.tray, minutes, care);
  const starting = rows.reduce((a, r) => a - r.plannedMinutes + (r.realMinutes ?? r.plannedMinutes), 0);
  const priced = prices.hourlyRate > 0 || quote.materials.length > 0;
  return (
    <section aria-label={words.label('log.looking-back')} className="min-w-0 lg:col-span-full">
      <h1>{words.label('log.looking-back')}</h1>
      <SortedTable rows={rows} columns={columns} keyOf={(r) => r.key} className="max-w-[900px]" />
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

const columnsOf = (words: Words, tray: DerivedPlan['tray']): Column<LookBackRow>[] => {
  const called = (r: LookBackRow) => words.pieceTitle(tray.find((k) => k.key === r.key)!);
  return [
    { id: 'kind', name: words.label('log.kind'), by: called, cell: (r) => <b>{called(r)}</b> },
    {
      id: 'made',
      name: words.label('shared.made'),
      by: (r) => r.made,
      cell: (r) => words.label('log.made-of-wanted', { made: r.made, wanted: r.wanted }),
      figures: true,
    },
    { id: 'broken', name: words.label('log.broken-2'), by: (r) => r.broken, cell: (r) => r.broken, figures: true },
    {
      id: 'planned',
      name: words.label('log.by-the-starting-value'),
      by: (r) => r.plannedMinutes,
      cell: (r) => words.units.duration(r.plannedMinutes),
      figures: true,
    },
    {
      id: 'really',
      name: words.label('log.really'),
      by: (r) => r.realMinutes,
      cell: (r) => (
        <>
          {r.realMinutes === null ? words.label('log.not-timed') : words.units.duration(r.realMinutes)}
          {r.realMinutes !== null && r.timed < r.made + r.broken && (
            <span className="small"> {words.label('log.from-timed', { timed: r.timed })}</span>
          )}
        </>
      ),
      figures: true,
    },
  ];
};
