'use client';

import type { Habits } from '@/data/habits';
import { Pick } from '../fields/Pick';
import { Choice } from '../fields/Choice';
import { getStudio, useStudio } from '../useStudio';
import { Dialog } from './Dialog';
import { capital } from '@/core/words/capital';
import { LANGUAGE_IDS, LANGUAGES } from '@/core/words/languages';
import { useWords } from '../speech/useWords';

/** Language, lengths, clock and week: of this browser, for all jobs. Files and sheets keep their own. */
export function HabitsCard({ onClose }: { onClose(): void }) {
  const words = useWords();
  const habits = useStudio((s) => s.habits);
  const set = (change: Partial<Habits>) => getStudio().setHabits({ ...habits, ...change });
  return (
    <Dialog title={words.label('shell.language-and-units')} wide={560} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-6 gap-y-3">
        <dt className="font-semibold">{words.label('shell.language')}</dt>
        <dd translate="no">
          <Pick<Habits['language']>
            label={words.label('shell.language')}
            hideLabel
            value={habits.language}
            options={LANGUAGE_IDS.map((value) => ({ value, name: LANGUAGES[value].name }))}
            onChange={(language) => set({ language })}
          />
        </dd>
        <dt className="font-semibold">{words.label('shell.lengths')}</dt>
        <dd>
          <Choice
            label={words.label('shell.lengths')}
            value={habits.lengths}
            options={[
              { value: 'mm', name: words.label('shell.millimetres') },
              { value: 'in', name: words.label('shell.inches') },
            ]}
            onChange={(lengths) => set({ lengths })}
          />
        </dd>
        <dt className="font-semibold">{words.label('shell.clock')}</dt>
        <dd>
          <Choice
            label={words.label('shell.clock')}
            value={`${habits.clock}`}
            options={[
              { value: '24', name: words.label('shell.24-hours') },
              { value: '12', name: words.label('shell.12-hours') },
            ]}
            onChange={(clock) => set({ clock: clock === '12' ? 12 : 24 })}
          />
        </dd>
        <dt className="font-semibold">{words.label('shell.a-week-begins-on')}</dt>
        <dd>
          <Choice
            label={words.label('shell.a-week-begins-on')}
            value={`${habits.weekBegins}`}
            options={[
              { value: '1', name: capital(words.units.weekday(1)) },
              { value: '0', name: capital(words.units.weekday(0)) },
              { value: '6', name: capital(words.units.weekday(6)) },
            ]}
            onChange={(day) => set({ weekBegins: day === '0' ? 0 : day === '6' ? 6 : 1 })}
          />
        </dd>
      </dl>
      <p className="small pt-4">{words.label('shell.of-this-browser-all-jobs')}</p>
    </Dialog>
  );
}
