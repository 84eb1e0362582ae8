'use client';

import { format } from 'date-fns';
import { wallToText } from '@/core/days/clock';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { movesFrom } from '@/core/plan/moves';
import { plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';

const dayWords = (day: string | null) => (day ? format(new Date(`${day}T00:00:00`), 'EEE d') : 'nowhere');
const MOST_SHOWN = 6;

/** The plan that a person goes by: later changes move as little as they can, and what they move is said. */
export function GoBy({ plan }: { plan: DerivedPlan }) {
  const kept = useStudio((s) => s.project!.days.kept);
  const pins = useStudio((s) => s.project!.days.pins.length);
  const moves = movesFrom(kept, plan);
  const { edit } = getStudio();
  const keep = () =>
    edit('go by this plan', (d) => {
      d.days.kept = plan.schedule.map((p) => ({ task: p.id, maker: p.maker, from: wallToText(p.from) }));
    });
  return (
    <section aria-label="The plan you go by" className="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-2">
      {kept.length === 0 ? (
        <>
          <button className="key" title="Later changes then move as little as they can, and say what." onClick={keep}>
            Go by this plan
          </button>
        </>
      ) : moves.length === 0 ? (
        <>
          <span className="small">You go by this plan: nothing has moved.</span>
          <button className="key" onClick={() => edit('plan from scratch', (d) => void (d.days.kept = []))}>
            Plan from scratch
          </button>
        </>
      ) : (
        <>
          <p className="text-[15px]">
            <b>{plural(moves.length, 'task')} moved: </b>
            {moves
              .slice(0, MOST_SHOWN)
              .map(
                (m) =>
                  `${m.name}, ${m.to ? (m.from ? `${dayWords(m.from)} to ${dayWords(m.to)}` : `new on ${dayWords(m.to)}`) : 'gone'}`,
              )
              .join('; ')}
            {moves.length > MOST_SHOWN ? `; and ${moves.length - MOST_SHOWN} more` : ''}.
          </p>
          <button className="key" onClick={keep}>
            Go by this
          </button>
          <button className="key" onClick={() => edit('plan from scratch', (d) => void (d.days.kept = []))}>
            Plan from scratch
          </button>
        </>
      )}
      {pins > 0 && (
        <button className="key" onClick={() => edit('all work where it fits best', (d) => void (d.days.pins = []))}>
          Let go of {plural(pins, 'task')} set by hand
        </button>
      )}
    </section>
  );
}
