'use client';

import { format } from 'date-fns';
import { useState } from 'react';
import { wallToText } from '@/core/days/clock';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { boundsOf, repaired, shortMinutes, type CheckedRepair } from '@/core/plan/whatFits';
import { planBench } from '@/workers/clients';
import { durationWords, plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { wallNow } from './wallNow';
import { useWords } from '../speech/useWords';

/** Where the work should have begun already: by how much, and what would make it fit; each tried before it is offered. */
export function WhatFits({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const project = useStudio((s) => s.project!);
  const tin = useStudio((s) => s.tin);
  const others = useStudio((s) => s.others);
  const [found, setFound] = useState<{ of: typeof project; ways: CheckedRepair[] } | null>(null);
  const [busy, setBusy] = useState(false);
  const now = wallNow();
  const short = shortMinutes(plan, now);
  if (short === 0) return null;
  const bounds = boundsOf(plan, now);
  const ways = found?.of === project ? found.ways : null;
  const first = plan.schedule.find((p) => !p.done);
  const days = Math.ceil(short / 1440);
  const look = () => {
    setBusy(true);
    planBench
      .whatFits(project, now, tin, others)
      .then((w) => setFound({ of: project, ways: w }))
      .catch((cause: unknown) =>
        getStudio().set({
          message: { text: cause instanceof Error ? cause.message : 'That could not be looked for.', kind: 'fault' },
        }),
      )
      .finally(() => setBusy(false));
  };
  const take = (way: CheckedRepair) =>
    getStudio().edit(way.repairs.map((r) => words.say(r.does).toLowerCase()).join(', '), (d) => {
      Object.assign(
        d,
        way.repairs.reduce((p, r) => repaired(p, r.id, tin), project),
      );
    });
  return (
    <section aria-label="What would make it fit" className="mt-2 rounded-xl bg-[var(--stopwash)] px-4 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="grow">
          <b>
            {Number.isFinite(short)
              ? `${days === 1 ? 'Not enough time by less than a day' : `${plural(days, 'day')} too few`}.`
              : 'Something finds no place in these days.'}
          </b>{' '}
          {first &&
            `The next of it should have begun on ${format(new Date(`${wallToText(first.from)}:00`), 'EEEE d MMMM, HH:mm')}.`}
        </p>
        <button className="next" disabled={busy} onClick={look}>
          {busy ? 'Trying…' : 'What would make it fit'}
        </button>
      </div>
      {bounds && bounds.chainMinutes > bounds.leftMinutes && (
        <p className="pt-2">
          From “{words.say(bounds.first)}” to “{words.say(bounds.last)}” it takes {durationWords(bounds.chainMinutes)} with
          drying, whoever works; {bounds.leftMinutes > 0 ? durationWords(bounds.leftMinutes) : 'nothing'} is left. Only faster
          drying, quicker flowers or what is in the tin can help.
        </p>
      )}
      {ways?.length === 0 && <p className="pt-2">Nothing that was tried makes it fit. Let it leave later, or compose smaller.</p>}
      {ways && ways.length > 0 && (
        <ul className="flex flex-wrap gap-2 pt-3">
          {ways.map((w) => (
            <li key={w.repairs.map((r) => r.id).join()}>
              <button className="key text-left" onClick={() => take(w)}>
                {words.list(w.repairs.map((r) => words.say(r.does)))}
                <span className="small block">tried: begins {format(new Date(`${w.begins}T00:00:00`), 'EEEE d MMMM')}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
