'use client';

import { useMemo, useState } from 'react';
import { SKILLS, type Skill } from '@/core/days/windows';
import { SAFETY, type Safety } from '@/core/days/settings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { WEEKDAYS } from '@/core/days/clock';
import { usesFormers } from '@/core/plan/daysOf';
import { Choice, NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';

type Hours = ({ fromMinute: number; toMinute: number } | null)[];

/** The air of the room, and how long evenings are. */
export function RoomAndHours() {
  const { room, hours } = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const evening = hours.find((h) => h !== null && h.fromMinute >= 12 * 60) ?? null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberField
        label="Room"
        value={Math.round(room.celsius * 10) / 10}
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

/** Who works when and does what, where things dry, and how the work is laid over the days. */
export function DaySettings({ plan }: { plan: DerivedPlan }) {
  const catalogue = useCatalogue();
  const days = useStudio((s) => s.project!.days);
  const hours = useStudio((s) => s.project!.brief.hours);
  const { edit } = getStudio();
  const set = (label: string, patch: Partial<typeof days>) => edit(label, (d) => void Object.assign(d.days, patch));
  return (
    <details className="mt-4 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">Who works when, and where it dries</summary>
      <div className="flex flex-wrap items-end gap-3 pb-3">
        <Choice
          label="Early or late"
          value={days.direction}
          options={[
            { value: 'late', name: 'As late as is safe' },
            { value: 'early', name: 'As early as possible' },
          ]}
          onChange={(v) =>
            set(v === 'late' ? 'as late as is safe' : 'as early as possible', {
              direction: v,
              ...(v === 'early' && days.beginAt === null ? { beginAt: `${new Date().toISOString().slice(0, 10)}T00:00` } : {}),
            })
          }
        />
        {days.direction === 'early' && (
          <When label="Begin no sooner than" value={days.beginAt} onChange={(v) => set('begin no sooner', { beginAt: v })} />
        )}
        <Choice<Safety>
          label="Margin"
          value={days.safety}
          options={[
            { value: 'careful', name: 'Careful' },
            { value: 'practised', name: 'Practised' },
            { value: 'to the minute', name: 'To the minute' },
          ]}
          onChange={(v) => set(`${v} days`, { safety: v })}
        />
        <span className="small max-w-72">
          Sittings filled to {Math.round(SAFETY[days.safety].fillShare * 100)} %, drying counted{' '}
          {SAFETY[days.safety].dryingMargin} times, done {SAFETY[days.safety].bufferMinutes} min before. Assumed.
        </span>
      </div>
      <h2>You</h2>
      <HoursRow who="You" hours={hours} onChange={(h) => edit('working hours', (d) => void (d.brief.hours = h))} />
      <Skills who="You" can={days.can} onChange={(can) => set('what you do', { can })} />
      {days.makers.map((m, i) => (
        <div key={m.id} className="mt-2 border-t border-[var(--line)] pt-2">
          <div className="flex flex-wrap items-center gap-3">
            <label className="text-[15px] font-semibold">
              Helper’s name
              <input
                className="fld ml-2 font-normal"
                value={m.name}
                maxLength={40}
                onChange={(e) =>
                  e.target.value.trim() && edit('name of a helper', (d) => void (d.days.makers[i]!.name = e.target.value))
                }
              />
            </label>
            <button className="key" onClick={() => edit(`${m.name} away`, (d) => void d.days.makers.splice(i, 1))}>
              Take {m.name} away
            </button>
          </div>
          <HoursRow
            who={m.name}
            hours={m.hours}
            onChange={(h) => edit(`hours of ${m.name}`, (d) => void (d.days.makers[i]!.hours = h))}
          />
          <Skills
            who={m.name}
            can={m.can}
            onChange={(can) => can.length > 0 && edit(`what ${m.name} does`, (d) => void (d.days.makers[i]!.can = can))}
          />
        </div>
      ))}
      <div className="flex flex-wrap items-end gap-3 pt-3">
        <button
          className="key"
          disabled={days.makers.length >= 8}
          onClick={() =>
            edit('a helper', (d) => {
              const n = d.days.makers.length + 1;
              d.days.makers.push({
                id: crypto.randomUUID(),
                name: n === 1 ? 'Helper' : `Helper ${n}`,
                hours: d.brief.hours.map((h) => h && { ...h }),
                can: ['making', 'dusting'],
              });
            })
          }
        >
          Add a helper
        </button>
        <DaysOff />
      </div>
      <div className="flex flex-wrap items-end gap-3 pt-3">
        <Places
          label="Places on the rack"
          value={days.rackPlaces}
          onChange={(v) => set('places on the rack', { rackPlaces: v })}
        />
        {usesFormers(plan.tray, catalogue) && (
          <Places label="Formers and cups" value={days.formers} onChange={(v) => set('formers and cups', { formers: v })} />
        )}
        <When
          label="Cake baked, covered and firm"
          value={days.cakeFirmAt}
          onChange={(v) => set('cake firm', { cakeFirmAt: v })}
        />
        <When
          label="Out of the cold for the last time"
          value={days.lastChillingTo}
          onChange={(v) => set('last chilling', { lastChillingTo: v })}
        />
        <Zone />
        <label className="flex items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="size-5"
            checked={days.withOthers}
            onChange={(e) => set('days shared with other jobs', { withOthers: e.target.checked })}
          />
          Jobs that leave before it keep their hours
        </label>
      </div>
    </details>
  );
}

function HoursRow({ who, hours, onChange }: { who: string; hours: Hours; onChange(hours: Hours): void }) {
  const usual = hours.find((h) => h !== null) ?? { fromMinute: 18 * 60, toMinute: 21 * 60 };
  const put = (day: number, next: Hours[number]) => onChange(hours.map((h, i) => (i === day ? next : h)));
  const first = useStudio((s) => s.habits.weekBegins);
  const order = Array.from({ length: 7 }, (_, i) => (first + i) % 7);
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-2 py-1" aria-label={`Hours of ${who}`}>
      {order.map((day) => {
        const h = hours[day] ?? null;
        const name = WEEKDAYS[day]!;
        const time = (end: 'fromMinute' | 'toMinute', words: string) => (
          <input
            type="time"
            className="fld"
            aria-label={`${who}, ${name}, ${words}`}
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
              {name.slice(0, 3)}
            </label>
            {h ? (
              <span className="flex flex-col gap-1">
                {time('fromMinute', 'from')}
                {time('toMinute', 'to')}
                {backward && (
                  <span role="alert" className="max-w-24 text-[13px] text-[var(--stop)]">
                    Ends before it begins: no work then.
                  </span>
                )}
              </span>
            ) : (
              <span className="small">off</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

const SKILL_WORDS: Record<Skill, string> = {
  mixing: 'Mixing paste',
  making: 'Making pieces',
  dusting: 'Dusting, steaming',
  taping: 'Taping, barriers',
  placing: 'Boxing, placing',
};

function Skills({ who, can, onChange }: { who: string; can: readonly Skill[]; onChange(can: Skill[]): void }) {
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1 py-1" role="group" aria-label={`What ${who} can do`}>
      {SKILLS.map((s) => (
        <label key={s} className="flex min-h-[32px] items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="size-5"
            checked={can.includes(s)}
            onChange={(e) => onChange(SKILLS.filter((x) => (x === s ? e.target.checked : can.includes(x))))}
          />
          {SKILL_WORDS[s]}
        </label>
      ))}
    </div>
  );
}

function DaysOff() {
  const off = useStudio((s) => s.project!.days.daysOff);
  const { edit } = getStudio();
  const [next, setNext] = useState('');
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label className="text-[15px] font-semibold">
        A day off
        <input type="date" className="fld mt-1 block font-normal" value={next} onChange={(e) => setNext(e.target.value)} />
      </label>
      <button
        className="key"
        disabled={!next || off.includes(next)}
        onClick={() => {
          edit(`${next} off`, (d) => void (d.days.daysOff = [...d.days.daysOff, next].sort()));
          setNext('');
        }}
      >
        Nobody works then
      </button>
      {off.map((day) => (
        <button
          key={day}
          className="key"
          onClick={() => edit(`${day} worked`, (d) => void (d.days.daysOff = off.filter((x) => x !== day)))}
        >
          {day} ✕<span className="sr-only"> is a day off: work then after all</span>
        </button>
      ))}
    </div>
  );
}

function Places({ label, value, onChange }: { label: string; value: number | null; onChange(v: number | null): void }) {
  return value === null ? (
    <button className="key" onClick={() => onChange(24)}>
      {label}: not counted
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
      <button className="key" aria-label={`${label}: do not count them`} onClick={() => onChange(null)}>
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
  const zone = useStudio((s) => s.project!.days.zone);
  const zones = useMemo(() => (typeof Intl.supportedValuesOf === 'function' ? Intl.supportedValuesOf('timeZone') : []), []);
  return (
    <label className="text-[15px] font-semibold">
      Time zone of the kitchen
      <select
        className="fld mt-1 block font-normal"
        value={zone ?? ''}
        onChange={(e) => getStudio().edit('time zone', (d) => void (d.days.zone = e.target.value || null))}
      >
        <option value="">its clock is never changed</option>
        {zones.map((z) => (
          <option key={z}>{z}</option>
        ))}
      </select>
    </label>
  );
}
