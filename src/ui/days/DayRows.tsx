'use client';

import Link from 'next/link';
import { wallToText, weekdayOf } from '@/core/days/clock';
import type { DayRow } from '@/core/plan/dayList';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** Room for a day: every sitting a key that a finger can hit. */
export const rowHeight = (rows: readonly DayRow[]): number => Math.max(78, ...rows.map((r) => r.sittings.length * 46 + 6));

/** A day a row: what each person does, how long; the tasks of a day open from it. */
export function DayRows({
  rows,
  today,
  leaves,
  chosen,
  onTask,
}: {
  rows: readonly DayRow[];
  today: number;
  leaves: string;
  chosen: string | null;
  onTask(id: string): void;
}) {
  const words = useWords();
  const makers = useStudio((s) => s.project!.days.makers);
  const high = rowHeight(rows);
  const longest = Math.max(60, ...rows.map((r) => r.minutes));
  return (
    <ol aria-label={words.label('days.day-by-day')}>
      {rows.map((r, i) => {
        const isToday = r.day === today;
        return (
          <li
            key={r.day}
            className={`flex gap-3 border-b border-[var(--line)] pt-1 max-md:!h-auto max-md:min-h-[72px] ${isToday ? 'rounded-xl bg-[var(--glaze)]' : ''}`}
            style={{ height: high }}
          >
            <span className="w-12 shrink-0 leading-none">
              <span className="sub block">
                {isToday ? words.label('days.today') : words.units.weekday(weekdayOf(r.day), 'short')}
              </span>
              <b className="fig text-[1.7rem]">{Number(wallToText(r.day).slice(8, 10))}</b>
            </span>
            <span className="min-w-0 grow overflow-hidden max-md:overflow-visible max-md:pb-2">
              {r.sittings.length === 0 && <span className="small">{words.label('days.nothing-to-do')}</span>}
              {r.sittings.map((s) => {
                const open = s.items.some((x) => x.planned.id === chosen);
                const done = s.items.every((x) => x.planned.done);
                return (
                  <button
                    key={`${s.maker}|${s.from}`}
                    className={`block min-h-[44px] w-full rounded-md text-left text-[15px] leading-tight ${open ? 'bg-[var(--nextwash)]' : ''}`}
                    title={s.items.map((x) => words.say(x.task.name)).join('; ')}
                    aria-expanded={open}
                    onClick={() => onTask(s.items[0]!.planned.id)}
                  >
                    <span className={r.sittings.length > 1 ? 'line-clamp-2' : 'line-clamp-3'}>
                      <span className="text-[var(--ink2)]">
                        {words.units.time(s.from)}
                        {s.maker > 0 ? `, ${makers[s.maker - 1]?.name ?? words.label('days.unnamed-helper')}` : ''}{' '}
                      </span>
                      {done && <span className="text-[var(--leaf)]">{words.label('days.done')} </span>}
                      {words.say(s.words)}
                    </span>
                  </button>
                );
              })}
              {isToday && r.sittings.length > 0 && (
                <Link href="/log" className="next mt-1 inline-block px-3 py-1">
                  {words.label('days.begin')}
                </Link>
              )}
              {i === rows.length - 1 && <span className="small">{leaves}</span>}
            </span>
            <span className="w-16 shrink-0 text-right">
              {r.minutes > 0 && (
                <>
                  <b className="text-[15px]">{words.units.duration(r.minutes)}</b>
                  <span className="mt-1 block h-1.5 rounded-full bg-[var(--well)]">
                    <span
                      className="block h-full rounded-full bg-[var(--ink)]"
                      style={{ width: `${(r.minutes / longest) * 100}%` }}
                    />
                  </span>
                </>
              )}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
