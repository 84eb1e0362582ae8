'use client';

import { useMemo, useState } from 'react';
import { SKILLS, type Skill } from '@/core/days/windows';
import { SAFETY, type Safety } from '@/core/days/settings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { wallFromText } from '@/core/days/clock';
import { usesFormers } from '@/core/plan/daysOf';
import type { Project } from '@/core/plan/project';
import { Choice, NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import type { LabelKey } from '@/core/words/words';
import { asLabel, type Label } from '@/core/words/asLabel';

type Hours = ({ fromMinute: number; toMinute: number } | null)[];

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

const toText = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
const toMinute = (text: string): number | null => {
  const m = /^(\d{2}):(\d{2})$/.exec(text);
  return m ? Number(m[1]) * 60 + Number(m[2]) : null;
};

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
        <AddHelper full={days.makers.length >= MOST_HELPERS} />
        <DaysOff />
      </div>
      <Drying days={days} set={set} plan={plan} />
    </details>
  );
}

const MOST_HELPERS = 8;

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
        <When
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

/** One helper: name, hours, what she can do. */
function Helper({ maker, at }: { maker: Days['makers'][number]; at: number }) {
  const words = useWords();
  const { edit } = getStudio();
  const m = maker.name;
  return (
    <div className="mt-2 border-t border-[var(--line)] pt-2">
      <div className="flex flex-wrap items-center gap-3">
        <label className="text-[15px] font-semibold">
          {words.label('days.helpers-name')}
          <input
            className="fld ml-2 font-normal"
            value={m}
            maxLength={40}
            onChange={(e) =>
              e.target.value.trim() &&
              edit(asLabel('days.do-name-of-a-helper'), (d) => void (d.days.makers[at]!.name = e.target.value))
            }
          />
        </label>
        <button className="key" onClick={() => edit(asLabel('days.do-away', { m }), (d) => void d.days.makers.splice(at, 1))}>
          {words.label('days.take-away', { m })}
        </button>
      </div>
      <HoursRow
        who={m}
        hours={maker.hours}
        onChange={(h) => edit(asLabel('days.do-hours-of', { m }), (d) => void (d.days.makers[at]!.hours = h))}
      />
      <Skills
        who={m}
        can={maker.can}
        onChange={(can) =>
          can.length > 0 && edit(asLabel('days.do-what-does', { m }), (d) => void (d.days.makers[at]!.can = can))
        }
      />
    </div>
  );
}

function AddHelper({ full }: { full: boolean }) {
  const words = useWords();
  const add = () =>
    getStudio().edit(asLabel('days.do-a-helper'), (d) => {
      const n = d.days.makers.length + 1;
      d.days.makers.push({
        id: crypto.randomUUID(),
        name: n === 1 ? words.label('days.helper') : words.label('days.helper-2', { n }),
        hours: d.brief.hours.map((h) => h && { ...h }),
        can: ['making', 'dusting'],
      });
    });
  return (
    <button className="key" disabled={full} onClick={add}>
      {words.label('days.add-a-helper')}
    </button>
  );
}

/** Where pieces dry, when the cake is ready, and what else is on these days. */
function Drying({ days, set, plan }: { days: Days; set: Set; plan: DerivedPlan }) {
  const words = useWords();
  const catalogue = useCatalogue();
  return (
    <div className="flex flex-wrap items-end gap-3 pt-3">
      <Places
        label={words.label('days.places-on-the-rack')}
        value={days.rackPlaces}
        onChange={(v) => set(asLabel('days.do-places-on-the-rack'), { rackPlaces: v })}
      />
      {usesFormers(plan.tray, catalogue) && (
        <Places
          label={words.label('days.formers-and-cups')}
          value={days.formers}
          onChange={(v) => set(asLabel('days.do-formers-and-cups'), { formers: v })}
        />
      )}
      <When
        label={words.label('days.cake-baked-covered-firm')}
        value={days.cakeFirmAt}
        onChange={(v) => set(asLabel('days.do-cake-firm'), { cakeFirmAt: v })}
      />
      <When
        label={words.label('days.out-cold-last-time')}
        value={days.lastChillingTo}
        onChange={(v) => set(asLabel('days.do-last-chilling'), { lastChillingTo: v })}
      />
      <Zone />
      <label className="flex items-center gap-2 text-[15px]">
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

function HoursRow({ who, hours, onChange }: { who: string; hours: Hours; onChange(hours: Hours): void }) {
  const words = useWords();
  const usual = hours.find((h) => h !== null) ?? { fromMinute: 18 * 60, toMinute: 21 * 60 };
  const put = (day: number, next: Hours[number]) => onChange(hours.map((h, i) => (i === day ? next : h)));
  const first = useStudio((s) => s.habits.weekBegins);
  const order = Array.from({ length: 7 }, (_, i) => (first + i) % 7);
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-2 py-1" aria-label={words.label('days.hours-of', { who })}>
      {order.map((day) => {
        const h = hours[day] ?? null;
        const name = words.units.weekday(day);
        const time = (end: 'fromMinute' | 'toMinute', which: string) => (
          <input
            type="time"
            className="fld"
            aria-label={`${who}, ${name}, ${which}`}
            value={toText(h![end])}
            step={900}
            onChange={(e) => {
              const minute = toMinute(e.target.value);
              if (minute !== null && h) put(day, { ...h, [end]: minute });
            }}
          />
        );
        const backward = h !== null && h.toMinute <= h.fromMinute;
        return (
          <li key={day} className="flex flex-col gap-1 text-[15px]">
            <label className="flex min-h-[32px] items-center gap-2 font-semibold">
              <input
                type="checkbox"
                className="size-5"
                aria-label={`${who}, ${name}`}
                checked={h !== null}
                onChange={(e) => put(day, e.target.checked ? { ...usual } : null)}
              />
              {words.units.weekday(day, 'short')}
            </label>
            {h ? (
              <span className="flex flex-col gap-1">
                {time('fromMinute', words.label('days.from'))}
                {time('toMinute', words.label('days.until'))}
                {backward && (
                  <span role="alert" className="max-w-24 text-[13px] text-[var(--stop)]">
                    {words.label('days.ends-before-begins-no-work')}
                  </span>
                )}
              </span>
            ) : (
              <span className="small">{words.label('days.off')}</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

const SKILL_WORDS = {
  mixing: 'days.mixing-paste',
  making: 'days.making-pieces',
  dusting: 'days.dusting-steaming',
  taping: 'days.taping-barriers',
  placing: 'days.boxing-placing',
} as const satisfies Record<Skill, LabelKey>;

function Skills({ who, can, onChange }: { who: string; can: readonly Skill[]; onChange(can: Skill[]): void }) {
  const words = useWords();
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1 py-1" role="group" aria-label={words.label('days.what-can-do', { who })}>
      {SKILLS.map((s) => (
        <label key={s} className="flex min-h-[32px] items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="size-5"
            checked={can.includes(s)}
            onChange={(e) => onChange(SKILLS.filter((x) => (x === s ? e.target.checked : can.includes(x))))}
          />
          {words.label(SKILL_WORDS[s])}
        </label>
      ))}
    </div>
  );
}

function DaysOff() {
  const words = useWords();
  const off = useStudio((s) => s.project!.days.daysOff);
  const { edit } = getStudio();
  const [next, setNext] = useState('');
  const dayOff = (day: string) => words.units.longDay(wallFromText(`${day}T00:00`));
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label className="text-[15px] font-semibold">
        {words.label('days.a-day-off')}
        <input type="date" className="fld mt-1 block font-normal" value={next} onChange={(e) => setNext(e.target.value)} />
      </label>
      <button
        className="key"
        disabled={!next || off.includes(next)}
        onClick={() => {
          edit(asLabel('days.do-off', { next: dayOff(next) }), (d) => void (d.days.daysOff = [...d.days.daysOff, next].sort()));
          setNext('');
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

function When({ label, value, onChange }: { label: string; value: string | null; onChange(v: string | null): void }) {
  return (
    <label className="text-[15px] font-semibold">
      {label}
      <input
        type="datetime-local"
        className="fld mt-1 block font-normal"
        value={value ?? ''}
        onChange={(e) => onChange(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(e.target.value) ? e.target.value : null)}
      />
    </label>
  );
}

function Zone() {
  const words = useWords();
  const zone = useStudio((s) => s.project!.days.zone);
  const zones = useMemo(() => (typeof Intl.supportedValuesOf === 'function' ? Intl.supportedValuesOf('timeZone') : []), []);
  return (
    <label className="text-[15px] font-semibold">
      {words.label('days.time-zone-kitchen')}
      <select
        className="fld mt-1 block font-normal"
        value={zone ?? ''}
        onChange={(e) => getStudio().edit(asLabel('days.do-time-zone'), (d) => void (d.days.zone = e.target.value || null))}
      >
        <option value="">{words.label('days.its-clock-never-changed')}</option>
        {zones.map((z) => (
          <option key={z}>{z}</option>
        ))}
      </select>
    </label>
  );
}
