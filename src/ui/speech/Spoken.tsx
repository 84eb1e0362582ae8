'use client';

import { Suspense, useEffect, type ReactNode } from 'react';
import { I18nProvider } from 'react-aria-components/I18nProvider';
import { messagesOf } from '@/core/words/languages';
import { useStudio } from '../useStudio';
import { useWords } from './useWords';
import { speakIn, useArrival } from './spoken';

/** Fetches the messages of the person’s language; what was said till then is said anew where it stands, and nothing is lost. */
export function Spoken({ children }: { children: ReactNode }) {
  const language = useStudio((s) => s.habits.language);
  useEffect(() => {
    let late = false;
    void messagesOf(language).then((messages) => {
      if (late) return;
      document.documentElement.lang = language;
      speakIn(messages);
    });
    return () => {
      late = true;
    };
  }, [language]);
  return (
    <Suspense>
      <Arrived>{children}</Arrived>
    </Suspense>
  );
}

/** Fields read and write figures and dates as the person’s language does. */
const InTheirLocale = ({ children }: { children: ReactNode }) => (
  <I18nProvider locale={useWords().messages.locale}>{children}</I18nProvider>
);

function Arrived({ children }: { children: ReactNode }) {
  useArrival();
  return <InTheirLocale>{children}</InTheirLocale>;
}
