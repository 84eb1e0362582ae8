'use client';

import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useQuote } from './useQuote';
import { useWords } from '../speech/useWords';

/** The price at a glance: work, materials and the rest as lengths of one bar. */
export function PriceBar({ plan, onOpen }: { plan: DerivedPlan; onOpen(): void }) {
  const words = useWords();
  const { quote, minutes } = useQuote(plan);
  const money = (x: number) => words.money(x);
  const materials = quote.materials.reduce((a, m) => a + m.amount, 0);
  const parts = [
    {
      name: words.label('make.for', { minutes: words.units.duration(minutes) }),
      amount: quote.labour.amount,
      fill: 'var(--ink)',
    },
    { name: words.label('make.paste-wire'), amount: materials, fill: 'var(--ink2)' },
    { name: words.label('make.the-rest'), amount: quote.total - quote.labour.amount - materials, fill: 'var(--well)' },
  ];
  if (quote.total <= 0)
    return (
      <button className="key" onClick={onOpen}>
        {words.label('make.set-prices')}
      </button>
    );
  return (
    <button
      className="no-print flex min-w-[min(300px,100%)] max-w-[480px] grow min-h-[44px] items-center gap-4 rounded-xl text-left"
      onClick={onOpen}
      aria-label={words.label('make.price-2', { money: money(quote.total) })}
    >
      <b className="fig whitespace-nowrap text-[1.9rem] leading-none">{money(quote.total)}</b>
      <span className="grow">
        <span className="flex h-4 gap-0.5">
          {parts.map((p) => (
            <span
              key={p.name}
              className="rounded border border-[var(--edge)]"
              style={{ width: `${(100 * p.amount) / quote.total}%`, background: p.fill }}
            />
          ))}
        </span>
        <span className="small flex flex-wrap justify-between gap-x-3">
          {parts.map((p) => (
            <span key={p.name}>
              {Math.round(p.amount)} {p.name}
            </span>
          ))}
        </span>
        {quote.unpriced.length > 0 && (
          <span className="small block">
            {words.label('make.without-no-price-yet', {
              unpriced: words.list(quote.unpriced.map((n) => words.say(n))).toLowerCase(),
            })}
          </span>
        )}
      </span>
    </button>
  );
}
