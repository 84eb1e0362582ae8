'use client';

import { useEffect, useMemo, useState } from 'react';
import { LANGUAGES, type Language } from '@/core/words/languages';
import type { Messages } from '@/core/words/messages';
import type { Project } from '@/core/plan/project';
import type { Words } from '@/core/words/words';
import type { Habits } from '@/data/habits';
import { getStudio, useStudio } from '../useStudio';
import { currentRoom, useRoom, type Room } from './spoken';

/** What of a job decides how things are called in it; all of it stays the same while pieces are moved. */
interface Asked {
  messages: Messages;
  habits: Habits;
  catalogue: Project['catalogue'] | undefined;
  barriers: Project['barriers'] | undefined;
  prices: Project['prices'] | undefined;
}

/** Numbers of entries are looked up when they are told: they change with every move. */
const numberOf = (id: string): number | null => getStudio().plan?.entries.find((e) => e.id === id)?.number ?? null;

function makeWords({ Words: Spoken, namingOf, NO_NAMING }: Room, asked: Asked): Words {
  const { messages, habits, catalogue, barriers, prices } = asked;
  const { lengths, clock } = habits;
  const naming = catalogue && barriers && prices ? namingOf({ catalogue, barriers, prices }) : NO_NAMING;
  return new Spoken(messages, { lengths, clock, space: '\u00a0' }, { ...naming, entry: numberOf });
}

let last: (Asked & { words: Words }) | null = null;

/** One words object for as long as language, habits, and what the job calls its own are the same. */
function wordsFor(here: Room, asked: Asked): Words {
  const keys = ['messages', 'habits', 'catalogue', 'barriers', 'prices'] as const;
  if (last && keys.every((k) => last?.[k] === asked[k])) return last.words;
  last = { ...asked, words: makeWords(here, asked) };
  return last.words;
}

function useAsked(): Omit<Asked, 'messages'> {
  const habits = useStudio((s) => s.habits);
  const catalogue = useStudio((s) => s.project?.catalogue);
  const barriers = useStudio((s) => s.project?.barriers);
  const prices = useStudio((s) => s.project?.prices);
  return { habits, catalogue, barriers, prices };
}

/** Words in this person's language and units, for the job that is open. */
export function useWords(): Words {
  const asked = useAsked();
  const { here, messages } = useRoom();
  return wordsFor(here, { messages, ...asked });
}

/** The same outside of a component, for what is done at a press. */
export function currentWords(): Words {
  const { here, messages } = currentRoom();
  const { habits, project } = getStudio();
  const { catalogue, barriers, prices } = project ?? {};
  return wordsFor(here, { messages, habits, catalogue, barriers, prices });
}

/** Words of another language than the person's own, for a sheet; the person's own until it has been fetched. */
export function useSheetWords(language: Language): Words {
  const asked = useAsked();
  const { here, messages } = useRoom();
  const [fetched, setFetched] = useState<Messages>(language === 'en' ? here.MESSAGES : messages);
  useEffect(() => {
    let late = false;
    void LANGUAGES[language].load().then((m) => !late && setFetched(m));
    return () => {
      late = true;
    };
  }, [language]);
  const { habits, catalogue, barriers, prices } = asked;
  return useMemo(
    () => makeWords(here, { messages: fetched, habits, catalogue, barriers, prices }),
    [here, fetched, habits, catalogue, barriers, prices],
  );
}
