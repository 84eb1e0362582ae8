'use client';

import { dayStart, dayText, wallFromText, weekdayOf } from '@/core/days/clock';
import type { DayRow } from '@/core/plan/dayList';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { whyNotOn } from '@/core/plan/moves';
import { Pick } from '../fields/Pick';
import { useStudio } from '../useStudio';
import { moveTo, setDone, setFree } from './moveTo';
import { useWords } from '../speech/useWords';

/** One sitting opened: each task with the room it has, what holds it where it is, and another day for it. */
export function TaskCard({
  id,
  plan,
  rows,
  onClose,
}: {
  id: string;
  plan: DerivedPlan;
  rows: readonly DayRow[];
  onClose(): void;
}) {
  const words = useWords();
  const { hours } = useStudio((s) => s.project!.brief);
  const { pins, makers, done } = useStudio((s) => s.project!.days);
  const sitting = rows.flatMap((r) => r.sittings).find((s) => s.items.some((x) => x.planned.id === id));
  if (!sitting) return null;
  const doneIds = new Set(done.map((d) => d.task));
  const allDone = sitting.items.every((x) => doneIds.has(x.task.id));
  const names = new Map(plan.tasks.map((t) => [t.id, words.say(t.name)]));
  const worksOn = (day: number) => hours[weekdayOf(day)] !== null || makers.some((m) => m.hours[weekdayOf(day)] !== null);
  return (
    <section aria-label={words.label('days.one-sitting')} className="well mt-3 px-4 py-3">
      <div className="flex items-center gap-3">
        <h2 className="grow">
          {words.units.longMoment(sitting.from)}
          {sitting.maker > 0 ? `, ${makers[sitting.maker - 1]?.name}` : ''}: {words.units.duration(sitting.minutes)}
        </h2>
        <button
          className="next"
          onClick={() =>
            setDone(
              sitting.items.map((x) => x.planned),
              !allDone,
              plan.schedule,
            )
          }
        >
          {allDone ? words.label('days.not-done-after-all') : words.label('days.all-done')}
        </button>
        <button className="key" onClick={onClose}>
          {words.label('shared.close')}
        </button>
      </div>
      <ul>
        {sitting.items.map(({ task, planned }) => {
          const room = plan.leeway.find((l) => l.id === task.id);
          const pin = pins.find((p) => p.task === task.id);
          const why = pin && whyNotOn({ day: pin.day, id: task.id, plan, works: worksOn });
          const held = room?.heldBy;
          const free = room && room.latest - room.earliest >= 60;
          return (
            <li
              key={task.id}
              className="grid grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)_auto] items-center gap-x-4 border-t border-[var(--line)] py-2 text-[15px] max-md:grid-cols-1"
            >
              <span>
                <label className="flex min-h-[44px] items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-5"
                    checked={doneIds.has(task.id)}
                    onChange={(e) => setDone([planned], e.target.checked, plan.schedule)}
                  />
                  <b>{words.say(task.name)}</b>
                </label>
                <span className="small block">
                  {words.units.duration(planned.to - planned.from)}
                  {task.pieces ? words.label('days.pieces', { pieces: task.pieces }) : ''}
                  {task.detail ? `, ${words.say(task.detail)}` : ''}
                </span>
              </span>
              <span className="small">
                {plan.critical.includes(task.id) ? <b>{words.label('days.decides-when-work-begins-3')} </b> : ''}
                {room &&
                  (free
                    ? `${words.label('days.may-begin-to', { when: words.units.shortMoment(room.earliest), when2: words.units.shortMoment(room.latest) })} `
                    : `${words.label('days.no-room-can-only-then')} `)}
                {held?.why === 'waited for' && words.label('days.waits-for-it', { id: names.get(held.id) ?? '' })}
                {held?.why === 'hands' && words.label('days.later-hands-at', { id: names.get(held.id) ?? '' })}
                {held?.why === 'rack' && words.label('days.later-there-no-place-dry')}
                {why && (
                  <b className="block text-[var(--stop)]">
                    {words.label('days.not-on', {
                      day: words.units.longDay(wallFromText(`${pin.day}T00:00`)),
                      why: words.say(why),
                    })}
                  </b>
                )}
              </span>
              <span className="flex items-center gap-2">
                <Pick
                  label={words.label('days.day-for', { task: words.say(task.name) })}
                  hideLabel
                  value={pin?.day ?? null}
                  options={[
                    { value: null, name: words.label('days.where-it-fits-best') },
                    ...daysRound(rows, planned.from).map((day) => ({ value: dayText(day), name: words.units.longDay(day) })),
                  ]}
                  onChange={(day) =>
                    day === null ? setFree([task.id]) : moveTo([task.id], Date.parse(`${day}T00:00Z`) / 60_000)
                  }
                />
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The days of the plan and a week before them. */
function daysRound(rows: readonly DayRow[], from: number): number[] {
  const first = Math.min(rows[0]?.day ?? dayStart(from), dayStart(from)) - 7 * 1440;
  const last = rows.at(-1)?.day ?? dayStart(from);
  return Array.from({ length: (last - first) / 1440 + 1 }, (_, i) => first + i * 1440);
}
