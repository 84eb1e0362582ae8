'use client';

import { SKILLS, type Skill } from '@/core/days/windows';
import type { Project } from '@/core/plan/project';
import { asLabel } from '@/core/words/asLabel';
import type { LabelKey } from '@/core/words/words';
import { HourField } from '../fields/dates';
import { useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';
import { newId } from '../shared/newId';

type Days = Project['days'];
type Hours = ({ fromMinute: number; toMinute: number } | null)[];

/** So many helpers at the most. */
const MOST_HELPERS = 8;

const toText = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
const toMinute = (text: string): number | null => {
  const m = /^(\d{2}):(\d{2})$/.exec(text);
  return m ? Number(m[1]) * 60 + Number(m[2]) : null;
};

/** One helper: name, hours, what she can do. */
export function Helper({ maker, at }: { maker: Days['makers'][number]; at: number }) {
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

/** Adds a helper who works your hours, until there are as many as can be. */
export function AddHelper() {
  const words = useWords();
  const full = useStudio((s) => s.project!.days.makers.length >= MOST_HELPERS);
  const add = () =>
    getStudio().edit(asLabel('days.do-a-helper'), (d) => {
      const n = d.days.makers.length + 1;
      d.days.makers.push({
        id: newId(),
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

export function HoursRow({ who, hours, onChange }: { who: string; hours: Hours; onChange(hours: Hours): void }) {
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
          <HourField
            label={`${who}, ${name}, ${which}`}
            hideLabel
            value={toText(h![end])}
            onChange={(hour) => {
              const minute = toMinute(hour);
              if (minute !== null && h) put(day, { ...h, [end]: minute });
            }}
          />
        );
        const backward = h !== null && h.toMinute <= h.fromMinute;
        return (
          <li key={day} className="flex flex-col gap-1 text-[15px]">
            <label className="flex min-h-[44px] items-center gap-2 font-semibold">
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

export function Skills({ who, can, onChange }: { who: string; can: readonly Skill[]; onChange(can: Skill[]): void }) {
  const words = useWords();
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1 py-1" role="group" aria-label={words.label('days.what-can-do', { who })}>
      {SKILLS.map((s) => (
        <label key={s} className="flex min-h-[44px] items-center gap-2 text-[15px]">
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
