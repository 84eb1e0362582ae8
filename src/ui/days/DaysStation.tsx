'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { useMemo } from 'react';
import { wallFromText, wallToText } from '@/core/days/clock';
import { speciesById } from '@/core/botany/catalogue';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { calendarFile } from '@/core/formats/calendarFile';
import { Choice, NumberField } from '../shared/fields';
import { download, ReadIn, WriteOut } from '../shared/files';
import { durationWords, leavesWords, plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { dayRows } from './dayRows';
import { Strands } from './Strands';

/** When each step is done: strands hang from a drying rail, dark is work, light is drying; all run to the cake. */
export function DaysStation() {
  const plan = useStudio((s) => s.plan);
  const leavesAt = useStudio((s) => s.project!.brief.leavesAt);
  const rows = useMemo(() => (plan ? dayRows(plan, leavesAt) : []), [plan, leavesAt]);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  if (plan.tasks.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>No work yet</h1>
        <p className="say mt-2">Days are counted back from the hour it leaves, once there is something to make.</p>
        <Link href="/compose" className="next mt-4">
          Compose
        </Link>
      </div>
    );
  }
  const minutes = plan.tasks.reduce((a, t) => a + t.minutes, 0);
  const first = plan.schedule[0];
  const strands = [...new Set(plan.tasks.filter((t) => t.strand !== 'all').map((t) => t.strand))].map((id) => speciesById(id));
  return (
    <div className="px-6 pb-6">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="grow">
          <h1>
            {durationWords(minutes)} of work
            {first ? `, beginning ${format(new Date(`${wallToText(first.start)}:00`), 'EEEE d MMMM')}` : ''}
          </h1>
          <p className="sub">
            Dark is work, light is drying. Minutes are starting values; windows are filled to three quarters, drying counted half
            again.
          </p>
        </div>
        <Room />
      </div>
      {plan.warnings
        .filter((w) => w.station === 'Days')
        .map((w) => (
          <p
            key={w.what}
            role="alert"
            className={`mt-2 rounded-xl px-3 py-2 ${w.level === 'stop' ? 'bg-[var(--stopwash)]' : 'bg-[var(--nextwash)]'}`}
          >
            <b>{w.what}.</b> {w.why} {w.remedy}
          </p>
        ))}
      <Calendars plan={plan} />
      <Strands rows={rows} strands={strands} leaves={leavesWords(leavesAt)} />
    </div>
  );
}

/** So many weeks before the day it leaves a calendar is read. */
const WEEKS_BEFORE = 8;

/** The days into a calendar; and times out of any calendar file in which nobody works here: what would change is said first. */
function Calendars({ plan }: { plan: DerivedPlan }) {
  const name = useStudio((s) => s.project!.name);
  const busy = useStudio((s) => s.project!.brief.busy);
  const leavesAt = useStudio((s) => s.project!.brief.leavesAt);
  const { edit } = getStudio();
  const to = wallFromText(leavesAt);
  const key = (b: { from: string; to: string }) => `${b.from}|${b.to}`;
  return (
    <div className="flex flex-wrap items-center gap-3 pt-2">
      <WriteOut
        label="To a calendar"
        onPress={() =>
          download('days.ics', calendarFile(plan, { name, leavesAt }, format(new Date(), "yyyy-MM-dd'T'HH:mm")), 'text/calendar')
        }
      />
      <ReadIn
        label="Busy times from a calendar"
        accept=".ics,text/calendar"
        what="busy time"
        read={async (text) => {
          const { busyFromCalendar } = await import('@/core/formats/calendarIn');
          // the browser's own zone is taken for the kitchen's
          const wallOfUtc = (unix: number) => wallFromText(format(new Date(unix * 1000), "yyyy-MM-dd'T'HH:mm"));
          return busyFromCalendar(text, { from: to - WEEKS_BEFORE * 7 * 1440, to }, wallOfUtc);
        }}
        changes={(next) => ({
          added: next.filter((b) => !busy.some((x) => key(x) === key(b))).length,
          changed: 0,
          gone: busy.filter((b) => !next.some((x) => key(x) === key(b))).length,
        })}
        onTake={(next) => edit('busy times from a calendar', (d) => void (d.brief.busy = [...next]))}
      />
      {busy.length > 0 && (
        <>
          <span className="small">
            {plural(busy.length, 'busy time')} kept free of work, the first{' '}
            {format(new Date(`${busy[0]!.from}:00`), 'EEEE d MMMM, HH:mm')}
            {busy[0]!.name ? `, ${busy[0]!.name}` : ''}.
          </span>
          <button className="key" onClick={() => edit('busy times forgotten', (d) => void (d.brief.busy = []))}>
            Forget them
          </button>
        </>
      )}
    </div>
  );
}

/** Working evenings and the air of the room, which decides how long paste dries. */
function Room() {
  const { room, hours } = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const evening = hours.find((h) => h !== null && h.fromMinute >= 12 * 60) ?? null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberField
        label="Room"
        value={room.celsius}
        unit="°C"
        width={92}
        least={-5}
        most={45}
        onChange={(v) => edit('temperature of the room', (d) => void (d.brief.room.celsius = v))}
      />
      <NumberField
        label="Humidity"
        value={Math.round(room.humidityShare * 100)}
        unit="%"
        width={92}
        least={0}
        most={100}
        onChange={(v) => edit('humidity of the room', (d) => void (d.brief.room.humidityShare = v / 100))}
      />
      <Choice
        label="Evening hours"
        value={evening ? `${(evening.toMinute - evening.fromMinute) / 60}` : '3'}
        options={['2', '3', '4'].map((value) => ({ value, name: `${value} h evenings` }))}
        onChange={(v) =>
          edit('length of evenings', (d) => {
            d.brief.hours = d.brief.hours.map((h) =>
              h && h.fromMinute >= 12 * 60 ? { fromMinute: h.fromMinute, toMinute: h.fromMinute + Number(v) * 60 } : h,
            );
          })
        }
      />
    </div>
  );
}
