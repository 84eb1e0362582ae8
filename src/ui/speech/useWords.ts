'use client';

import { useEffect, useMemo, useState } from 'react';
import { MESSAGES } from '@/core/words/en';
import { LANGUAGES, type Language } from '@/core/words/languages';
import type { Messages } from '@/core/words/messages';
import { namingOf } from '@/core/words/naming';
import { NO_NAMING, Words } from '@/core/words/words';
import type { Habits } from '@/data/habits';
import type { Studio } from '@/data/studio';
import { getStudio, useStudio } from '../useStudio';

let messages: Messages = MESSAGES;

/** The messages of the language that is spoken from now on. */
export const speakIn = (spoken: Messages): void => void (messages = spoken);

interface Asked {
  messages: Messages;
  habits: Habits;
  project: Studio['project'];
  entries: readonly { id: string; number: number }[] | undefined;
}

let last: (Asked & { words: Words }) | null = null;

/** One words object for as long as language, habits, and what the job calls its own are the same. */
function wordsFor(asked: Asked): Words {
  const own = asked.project;
  const was = last?.project;
  const same =
    last?.messages === asked.messages &&
    last.habits === asked.habits &&
    last.entries === asked.entries &&
    was?.catalogue === own?.catalogue &&
    was?.barriers === own?.barriers &&
    was?.prices === own?.prices;
  if (last && same) return last.words;
  const { lengths, clock } = asked.habits;
  const words = new Words(asked.messages, { lengths, clock }, own ? namingOf(own, asked.entries) : NO_NAMING);
  last = { ...asked, words };
  return words;
}

/** Words in this person's language and units, for the job that is open. */
export function useWords(): Words {
  const habits = useStudio((s) => s.habits);
  const project = useStudio((s) => s.project);
  const entries = useStudio((s) => s.plan?.entries);
  return wordsFor({ messages, habits, project, entries });
}

/** The same outside of a component, for what is done at a press. */
export function currentWords(): Words {
  const { habits, project, plan } = getStudio();
  return wordsFor({ messages, habits, project, entries: plan?.entries });
}

/** Words of another language than the person's own, for a sheet; English until it has been fetched. */
export function useSheetWords(language: Language): Words {
  const { lengths, clock } = useStudio((s) => s.habits);
  const project = useStudio((s) => s.project);
  const entries = useStudio((s) => s.plan?.entries);
  const [fetched, setFetched] = useState<Messages>(language === 'en' ? MESSAGES : messages);
  useEffect(() => {
    let late = false;
    void LANGUAGES[language].load().then((m) => !late && setFetched(m));
    return () => {
      late = true;
    };
  }, [language]);
  return useMemo(
    () => new Words(fetched, { lengths, clock }, project ? namingOf(project, entries) : NO_NAMING),
    [fetched, lengths, clock, project, entries],
  );
}
