'use client';

import type { Habits } from '@/data/habits';
import { Choice } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { Dialog } from './Dialog';

/** Language, lengths, clock and week: of this browser, for all jobs. Files and sheets keep their own. */
export function HabitsCard({ onClose }: { onClose(): void }) {
  const habits = useStudio((s) => s.habits);
  const set = (change: Partial<Habits>) => getStudio().setHabits({ ...habits, ...change });
  return (
    <Dialog title="Language and units" wide={560} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-6 gap-y-3">
        <dt className="font-semibold">Language</dt>
        <dd translate="no">
          <Choice
            label="Language"
            value={habits.language}
            options={[
              { value: 'en', name: 'English' },
              { value: 'es', name: 'Español' },
            ]}
            onChange={(language) => set({ language })}
          />
        </dd>
        <dt className="font-semibold">Lengths</dt>
        <dd>
          <Choice
            label="Lengths"
            value={habits.lengths}
            options={[
              { value: 'mm', name: 'Millimetres' },
              { value: 'in', name: 'Inches' },
            ]}
            onChange={(lengths) => set({ lengths })}
          />
        </dd>
        <dt className="font-semibold">Clock</dt>
        <dd>
          <Choice
            label="Clock"
            value={`${habits.clock}`}
            options={[
              { value: '24', name: '24 hours' },
              { value: '12', name: '12 hours' },
            ]}
            onChange={(clock) => set({ clock: clock === '12' ? 12 : 24 })}
          />
        </dd>
        <dt className="font-semibold">A week begins on</dt>
        <dd>
          <Choice
            label="A week begins on"
            value={`${habits.weekBegins}`}
            options={[
              { value: '1', name: 'Monday' },
              { value: '0', name: 'Sunday' },
              { value: '6', name: 'Saturday' },
            ]}
            onChange={(day) => set({ weekBegins: day === '0' ? 0 : day === '6' ? 6 : 1 })}
          />
        </dd>
      </dl>
      <p className="small pt-4">
        Of this browser, for all jobs. The currency stands with the prices of a job, in Make; the sheets to hand over have a
        language of their own. Files always keep millimetres.
      </p>
    </Dialog>
  );
}
