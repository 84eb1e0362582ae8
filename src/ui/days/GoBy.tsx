'use client';

import { wallFromText, wallToText } from '@/core/days/clock';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { movesFrom } from '@/core/plan/moves';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const MOST_SHOWN = 6;

/** The plan that a person goes by: later changes move as little as they can, and what they move is said. */
export function GoBy({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const kept = useStudio((s) => s.project!.days.kept);
  const pins = useStudio((s) => s.project!.days.pins.length);
  const moves = movesFrom(kept, plan);
  const { edit } = getStudio();
  const dayWords = (day: string | null) =>
    day ? words.units.shortDay(wallFromText(`${day}T00:00`)) : words.label('days.nowhere');
  const keep = () =>
    edit(asLabel('days.do-go-by-this-plan'), (d) => {
      d.days.kept = plan.schedule.map((p) => ({ task: p.id, maker: p.maker, from: wallToText(p.from) }));
    });
  return (
    <section aria-label={words.label('days.the-plan-you-go-by')} className="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-2">
      {kept.length === 0 ? (
        <>
          <button className="key" title={words.label('days.later-changes-then-move-as')} onClick={keep}>
            {words.label('days.go-by-this-plan')}
          </button>
        </>
      ) : moves.length === 0 ? (
        <>
          <span className="small">{words.label('days.you-go-by-this-plan')}</span>
          <button className="key" onClick={() => edit(asLabel('days.do-plan-from-scratch'), (d) => void (d.days.kept = []))}>
            {words.label('days.plan-from-scratch')}
          </button>
        </>
      ) : (
        <>
          <p className="text-[15px]">
            <b>{words.label('days.tasks-moved', { moves: moves.length })} </b>
            {moves
              .slice(0, MOST_SHOWN)
              .map((m) =>
                words.label('days.moved-to', {
                  what: m.name ? words.say(m.name) : words.label('days.a-task'),
                  how: m.to ? (m.from ? 'moved' : 'added') : 'gone',
                  from: dayWords(m.from),
                  to: dayWords(m.to),
                }),
              )
              .join('; ')}
            {moves.length > MOST_SHOWN ? words.label('days.and-more', { moves: moves.length - MOST_SHOWN }) : ''}.
          </p>
          <button className="key" onClick={keep}>
            {words.label('days.go-by-this')}
          </button>
          <button className="key" onClick={() => edit(asLabel('days.do-plan-from-scratch'), (d) => void (d.days.kept = []))}>
            {words.label('days.plan-from-scratch')}
          </button>
        </>
      )}
      {pins > 0 && (
        <button className="key" onClick={() => edit(asLabel('days.do-all-work-where-fits-best'), (d) => void (d.days.pins = []))}>
          {words.label('days.let-go-tasks-set-by', { pins })}
        </button>
      )}
    </section>
  );
}
