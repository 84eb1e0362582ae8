'use client';

import { Fragment, Suspense, useEffect, useState, type ReactNode } from 'react';
import { PLAIN_HABITS, type Habits } from '@/data/habits';
import { useStudio } from '../useStudio';
import { setHabits } from './habits';
import { LANGUAGES } from '@/core/words/languages';
import { speakFrom } from './say';
import { speakIn } from './useWords';

/** Fetches the book of a language when it is first spoken. */
async function learn({ language }: Habits): Promise<void> {
  speakIn(await LANGUAGES[language].load());
  if (language === 'en') return speakFrom(null);
  const [{ Phrases }, { SPANISH, ARTICLES }] = await Promise.all([import('./phrases'), import('./spanish')]);
  speakFrom(new Phrases(SPANISH, ARTICLES));
}

/** Everything inside is said by the person's habits, and said anew when they change. */
export function Spoken({ children }: { children: ReactNode }) {
  const wanted = useStudio((s) => s.habits);
  const [spoken, setSpoken] = useState<Habits | null>(null);
  useEffect(() => {
    let late = false;
    void learn(wanted).then(() => {
      if (late) return;
      setHabits(wanted);
      document.documentElement.lang = wanted.language;
      setSpoken(wanted);
    });
    return () => {
      late = true;
    };
  }, [wanted]);
  return (
    <Fragment key={JSON.stringify(spoken ?? PLAIN_HABITS)}>
      <Suspense>{children}</Suspense>
    </Fragment>
  );
}
