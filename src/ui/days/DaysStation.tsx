'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { speciesById } from '@/core/botany/catalogue';
import { dayStart } from '@/core/days/clock';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { dayList } from '@/core/plan/dayList';
import { Choice } from '../fields/Choice';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { Calendars } from './Calendars';
import { DayRows } from './DayRows';
import { DaySettings, RoomAndHours } from './DaySettings';
import { GoBy } from './GoBy';
import { Packets } from './Packets';
import { Strands } from './Strands';
import { TaskCard } from './TaskCard';
import { wallNow } from './wallNow';
import { currentWords, useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';

const WhatFits = dynamic(() => import('./WhatFits').then((m) => m.WhatFits), { ssr: false });
const DaysChart = dynamic(() => import('./DaysChart').then((m) => m.DaysChart), { ssr: false });

/** Whose minutes these are, and whose drying. */
function paceWords(plan: DerivedPlan): string {
  const own = plan.tray.filter((k) => k.pace.from === 'this kind').length;
  const minutes =
    own === 0
      ? currentWords().label('days.minutes-are-starting-values')
      : currentWords().label('days.minutes-yours-kinds', { own, tray: plan.tray.length });
  const drying =
    plan.ownDry.entries > 0
      ? currentWords().label('days.drying-yours', { sure: currentWords().label(`sure.${plan.ownDry.sure}`) })
      : currentWords().label('days.drying-a-starting-value');
  return ` ${minutes}, ${drying}.`;
}

/** When each step is done: strands hang from a drying rail, dark is work, light is drying; all run to the cake. */
export function DaysStation() {
  const words = useWords();
  const catalogue = useCatalogue();
  const plan = useStudio((s) => s.plan);
  const leavesAt = useStudio((s) => s.project!.brief.leavesAt);
  const withOthers = useStudio((s) => s.project!.days.withOthers);
  const jobId = useStudio((s) => s.project!.id);
  const others = useStudio((s) => s.others);
  const [task, setTask] = useState<string | null>(null);
  const [view, setView] = useState<'strands' | 'chart'>('strands');
  const rows = useMemo(() => (plan ? dayList(plan, leavesAt) : []), [plan, leavesAt]);
  useEffect(() => void getStudio().shareDays(), [jobId, leavesAt, withOthers]);
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  if (plan.tasks.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('days.no-work-yet')}</h1>
        <p className="say mt-2">{words.label('days.days-counted-back-from-hour')}</p>
        <Link href="/compose" className="next mt-4">
          {words.label('shared.compose')}
        </Link>
      </div>
    );
  }
  const minutes = plan.tasks.reduce((a, t) => a + t.minutes, 0);
  const first = plan.schedule[0];
  const strands = [...new Set(plan.tasks.filter((t) => t.strand !== 'all').map((t) => t.strand))].map((id) =>
    speciesById(id, catalogue),
  );
  const today = dayStart(wallNow());
  return (
    <div className="px-6 pb-6">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="min-w-[min(300px,100%)] flex-1">
          <h1>
            {first
              ? words.label('days.of-work-beginning', {
                  work: words.units.duration(minutes),
                  day: words.units.longDay(first.from),
                })
              : words.label('days.of-work', { work: words.units.duration(minutes) })}
          </h1>
          <p className="sub">
            {words.label('days.dark-work-light-drying-dot', { paceWords: paceWords(plan) })}
            {others.length > 0 &&
              ` ${words.label('days.others-keep', { jobs: others.length, names: words.list(others.map((o) => o.job)) })}`}
          </p>
        </div>
        <RoomAndHours />
      </div>
      {plan.warnings
        .filter((w) => w.station === 'days')
        .map((w) => (
          <p
            key={w.code}
            role="alert"
            className={`mt-2 rounded-xl px-3 py-2 ${w.level === 'stop' ? 'bg-[var(--stopwash)]' : 'bg-[var(--nextwash)]'}`}
          >
            <Told warning={w} />
          </p>
        ))}
      <WhatFits plan={plan} />
      <div className="flex flex-wrap items-center justify-between gap-3 pt-2">
        <Choice<'strands' | 'chart'>
          label={words.label('days.how-days-shown')}
          value={view}
          options={[
            { value: 'strands', name: words.label('days.by-flower') },
            { value: 'chart', name: words.label('days.by-hour') },
          ]}
          onChange={setView}
        />
        <GoBy plan={plan} />
        <Calendars plan={plan} rows={rows} />
      </div>
      {task && <TaskCard id={task} plan={plan} rows={rows} onClose={() => setTask(null)} />}
      {view === 'strands' ? (
        <div className="mt-3 grid grid-cols-[minmax(270px,1fr)_minmax(0,1.5fr)] gap-x-4 max-md:grid-cols-1">
          <div className="max-md:hidden" />
          <Strands.Heads strands={strands} />
          <DayRows rows={rows} today={today} leaves={leavesWords(leavesAt, words)} chosen={task} onTask={setTask} />
          <Strands.Rail rows={rows} strands={strands} plan={plan} chosen={task} onTask={setTask} />
        </div>
      ) : (
        <DaysChart plan={plan} chosen={task} onTask={setTask} />
      )}
      <DaySettings plan={plan} />
      <Packets plan={plan} />
    </div>
  );
}

/** A warning in a line: what, why, and what to do. */
function Told({ warning }: { warning: DerivedPlan['warnings'][number] }) {
  const { what, why, remedy } = useWords().warning(warning);
  return (
    <>
      <b>{what}.</b> {why} {remedy}
    </>
  );
}
