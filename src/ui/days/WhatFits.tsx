'use client';

import { useState } from 'react';
import { wallFromText } from '@/core/days/clock';
import { asLabel } from '@/core/words/asLabel';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { boundsOf, repaired, shortMinutes, type CheckedRepair } from '@/core/plan/repairs';
import { planBench } from '@/workers/clients';
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
          message: { text: cause instanceof Error ? cause.message : words.label('days.that-could-not-looked'), kind: 'fault' },
        }),
      )
      .finally(() => setBusy(false));
  };
  const take = (way: CheckedRepair) =>
    getStudio().edit(
      asLabel('days.do-repair', { repairs: way.repairs.map((r) => words.say(r.does).toLowerCase()).join(', ') }),
      (d) => {
        Object.assign(
          d,
          way.repairs.reduce((p, r) => repaired(p, r.id, tin), project),
        );
      },
    );
  return (
    <section aria-label={words.label('days.what-would-make-fit')} className="mt-2 rounded-xl bg-[var(--stopwash)] px-4 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="grow">
          <b>
            {Number.isFinite(short)
              ? words.label('days.days-too-few', { days: short < 1440 ? 0 : days })
              : words.label('days.something-finds-no-place-these')}
          </b>{' '}
          {first &&
            words.label('days.the-next-should-have-begun', {
              format: words.units.longMoment(first.from),
            })}
        </p>
        <button className="next" disabled={busy} onClick={look}>
          {busy ? words.label('days.trying') : words.label('days.what-would-make-fit')}
        </button>
      </div>
      {bounds && bounds.chainMinutes > bounds.leftMinutes && (
        <p className="pt-2">
          {words.label('days.from-takes-with-drying-whoever', {
            first: words.say(bounds.first),
            last: words.say(bounds.last),
            chain: words.units.duration(bounds.chainMinutes),
            left: words.units.duration(Math.max(0, bounds.leftMinutes)),
          })}
        </p>
      )}
      {ways?.length === 0 && <p className="pt-2">{words.label('days.nothing-was-tried-makes-fit')}</p>}
      {ways && ways.length > 0 && (
        <ul className="flex flex-wrap gap-2 pt-3">
          {ways.map((w) => (
            <li key={w.repairs.map((r) => r.id).join()}>
              <button className="key text-left" onClick={() => take(w)}>
                {words.list(w.repairs.map((r) => words.say(r.does)))}
                <span className="small block">
                  {words.label('days.tried-begins', { format: words.units.longDay(wallFromText(`${w.begins}T00:00`)) })}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
