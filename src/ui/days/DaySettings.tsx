'use client';

import { useMemo, useState } from 'react';
import { SAFETY, type Safety } from '@/core/days/settings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { wallFromText } from '@/core/days/clock';
import { usesFormers } from '@/core/make/kindWork';
import type { Project } from '@/core/plan/project';
import { Pick } from '../fields/Pick';
import { Choice } from '../fields/Choice';
import { DayField, MomentField } from '../fields/dates';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';
import { AddHelper, Helper, HoursRow, Skills } from './Makers';

/** The air of the room, and how long evenings are. */
export function RoomAndHours() {
  const words = useWords();
  const { room, hours } = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const evening = hours.find((h) => h !== null && h.fromMinute >= 12 * 60) ?? null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberField
        label={words.label('days.room')}
        value={Math.round(room.celsius * 10) / 10}
        unit="°C"
        width={92}
        least={-5}
        most={45}
        onChange={(v) => edit(asLabel('days.do-temperature-of-the-room'), (d) => void (d.brief.room.celsius = v))}
      />
      <NumberField
        label={words.label('days.humidity')}
        value={Math.round(room.humidityShare * 100)}
        unit="%"
        width={92}
        least={0}
        most={100}
        onChange={(v) => edit(asLabel('days.do-humidity-of-the-room'), (d) => void (d.brief.room.humidityShare = v / 100))}
      />
      <Choice
        label={words.label('days.evening-hours')}
        value={evening ? `${(evening.toMinute - evening.fromMinute) / 60}` : '3'}
        options={['2', '3', '4'].map((value) => ({ value, name: words.label('days.h-evenings', { value }) }))}
        onChange={(v) =>
          edit(asLabel('days.do-length-of-evenings'), (d) => {
            d.brief.hours = d.brief.hours.map((h) =>
              h && h.fromMinute >= 12 * 60
                ? { fromMinute: h.fromMinute, toMinute: Math.min(1440, h.fromMinute + Number(v) * 60) }
                : h,
            );
          })
        }
      />
    </div>
  );
}

type Days = Project['days'];
type Set = (label: Label, patch: Partial<Days>) => void;

/** Who works when and does what, where things dry, and how the work is laid over the days. */
export function DaySettings({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const days = useStudio((s) => s.project!.days);
  const hours = useStudio((s) => s.project!.brief.hours);
  const { edit } = getStudio();
  const set: Set = (label, patch) => edit(label, (d) => void Object.assign(d.days, patch));
  return (
    <details className="mt-4 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('days.who-works-when-where-dries')}
      </summary>
      <HowLaid days={days} set={set} />
      <h2>{words.label('days.you')}</h2>
      <HoursRow
        who={words.label('days.you')}
        hours={hours}
        onChange={(h) => edit(asLabel('days.do-working-hours'), (d) => void (d.brief.hours = h))}
      />
      <Skills who={words.label('days.you')} can={days.can} onChange={(can) => set(asLabel('days.do-what-you-do'), { can })} />
      {days.makers.map((m, i) => (
        <Helper key={m.id} maker={m} at={i} />
      ))}
      <div className="flex flex-wrap items-end gap-3 pt-3">
        <AddHelper />
        <DaysOff />
      </div>
      <Drying days={days} set={set} plan={plan} />
    </details>
  );
}

/** Early or late, and with how much margin. */
function HowLaid({ days, set }: { days: Days; set: Set }) {
  const words = useWords();
  const safety = SAFETY[days.safety];
  const lay = (direction: Days['direction']) => {
    const today = `${new Date().toISOString().slice(0, 10)}T00:00`;
    const beginAt = direction === 'early' ? (days.beginAt ?? today) : days.beginAt;
    set(asLabel(direction === 'late' ? 'days.do-as-late-as-safe' : 'days.do-as-early-as-possible'), { direction, beginAt });
  };
  return (
    <div className="flex flex-wrap items-end gap-3 pb-3">
      <Choice
        label={words.label('days.early-or-late')}
        value={days.direction}
        options={[
          { value: 'late', name: words.label('days.as-late-as-safe') },
          { value: 'early', name: words.label('days.as-early-as-possible') },
        ]}
        onChange={lay}
      />
      {days.direction === 'early' && (
        <MomentField
          label={words.label('days.begin-no-sooner-than')}
          value={days.beginAt}
          onChange={(v) => set(asLabel('days.do-begin-no-sooner'), { beginAt: v })}
        />
      )}
      <Choice<Safety>
        label={words.label('shared.margin')}
        value={days.safety}
        options={[
          { value: 'careful', name: words.label('days.careful') },
          { value: 'practised', name: words.label('days.practised') },
          { value: 'to the minute', name: words.label('days.to-the-minute') },
        ]}
        onChange={(v) => set(asLabel('days.do-margin'), { safety: v })}
      />
      <span className="small max-w-72">
        {words.label('days.sittings-filled-drying-counted-times', {
          fill: words.units.percent(safety.fillShare),
          drying: safety.dryingMargin,
          buffer: safety.bufferMinutes,
        })}
      </span>
    </div>
  );
}

/** Where pieces dry, when the cake is ready, and what else is on these days. */
function Drying({ days, set, plan }: { days: Days; set: Set; plan: DerivedPlan }) {
  const words = useWords();
  return (
    <div className="flex flex-wrap items-end gap-3 pt-3">
      <Places
        label={words.label('days.places-on-the-rack')}
        value={days.rackPlaces}
        onChange={(v) => set(asLabel('days.do-places-on-the-rack'), { rackPlaces: v })}
      />
      {usesFormers(plan.tray) && (
        <Places
          label={words.label('days.formers-and-cups')}
          value={days.formers}
          onChange={(v) => set(asLabel('days.do-formers-and-cups'), { formers: v })}
        />
      )}
      <MomentField
        label={words.label('days.cake-baked-covered-firm')}
        value={days.cakeFirmAt}
        onChange={(v) => set(asLabel('days.do-cake-firm'), { cakeFirmAt: v })}
      />
      <MomentField
        label={words.label('days.out-cold-last-time')}
        value={days.lastChillingTo}
        onChange={(v) => set(asLabel('days.do-last-chilling'), { lastChillingTo: v })}
      />
      <Zone />
      <label className="flex min-h-[44px] items-center gap-2 text-[15px]">
        <input
          type="checkbox"
          className="size-5"
          checked={days.withOthers}
          onChange={(e) => set(asLabel('days.do-days-shared-with-other-jobs'), { withOthers: e.target.checked })}
        />
        {words.label('days.jobs-leave-before-keep-their')}
      </label>
    </div>
  );
}

function DaysOff() {
  const words = useWords();
  const off = useStudio((s) => s.project!.days.daysOff);
  const { edit } = getStudio();
  const [next, setNext] = useState<string | null>(null);
  const dayOff = (day: string) => words.units.longDay(wallFromText(`${day}T00:00`));
  return (
    <div className="flex flex-wrap items-end gap-2">
      <DayField label={words.label('days.a-day-off')} value={next} onChange={setNext} />
      <button
        className="key"
        disabled={next === null || off.includes(next)}
        onClick={() => {
          if (next === null) return;
          edit(asLabel('days.do-off', { next: dayOff(next) }), (d) => void (d.days.daysOff = [...d.days.daysOff, next].sort()));
          setNext(null);
        }}
      >
        {words.label('days.nobody-works-then')}
      </button>
      {off.map((day) => (
        <button
          key={day}
          className="key"
          onClick={() =>
            edit(asLabel('days.do-worked', { day: dayOff(day) }), (d) => void (d.days.daysOff = off.filter((x) => x !== day)))
          }
        >
          {dayOff(day)} ✕<span className="sr-only"> {words.label('days.is-day-off-work-then')}</span>
        </button>
      ))}
    </div>
  );
}

function Places({ label, value, onChange }: { label: string; value: number | null; onChange(v: number | null): void }) {
  const words = useWords();
  return value === null ? (
    <button className="key" onClick={() => onChange(24)}>
      {words.label('days.not-counted', { label })}
    </button>
  ) : (
    <span className="flex items-end gap-1">
      <NumberField
        label={label}
        value={value}
        unit=""
        width={100}
        least={1}
        most={5000}
        onChange={(v) => onChange(Math.round(v))}
      />
      <button className="key" aria-label={words.label('days.do-not-count-them', { label })} onClick={() => onChange(null)}>
        ✕
      </button>
    </span>
  );
}

function Zone() {
  const words = useWords();
  const zone = useStudio((s) => s.project!.days.zone);
  const zones = useMemo(() => (typeof Intl.supportedValuesOf === 'function' ? Intl.supportedValuesOf('timeZone') : []), []);
  return (
    <Pick
      label={words.label('days.time-zone-kitchen')}
      value={zone}
      options={[{ value: null, name: words.label('days.its-clock-never-changed') }, ...zones.map((z) => ({ value: z, name: z }))]}
      onChange={(z) => getStudio().edit(asLabel('days.do-time-zone'), (d) => void (d.days.zone = z))}
    />
  );
}
