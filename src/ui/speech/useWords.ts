'use client';

import { use, useEffect, useMemo, useState } from 'react';
import { LANGUAGES, type Language } from '@/core/words/languages';
import type { Messages } from '@/core/words/messages';
import type { Words } from '@/core/words/words';
import type { Habits } from '@/data/habits';
import type { Studio } from '@/data/studio';
import { getStudio, useStudio } from '../useStudio';

type Room = typeof import('./room');

let room: Room | null = null;
/** Begun with the page; whoever asks for words before they are there waits (Suspense). */
const coming: Promise<Room> = import('./room').then((here) => (room = here));

let spoken: Messages | null = null;

/** The messages of the language that is spoken from now on. */
export const speakIn = (messages: Messages): void => void (spoken = messages);

interface Asked {
  messages: Messages;
  habits: Habits;
  project: Studio['project'];
  entries: readonly { id: string; number: number }[] | undefined;
}

let last: (Asked & { words: Words }) | null = null;

/** One words object for as long as language, habits, and what the job calls its own are the same. */
function wordsFor({ Words: Spoken, namingOf, NO_NAMING }: Room, asked: Asked): Words {
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
  const words = new Spoken(asked.messages, { lengths, clock }, own ? namingOf(own, asked.entries) : NO_NAMING);
  last = { ...asked, words };
  return words;
}

/** Words in this person's language and units, for the job that is open. */
export function useWords(): Words {
  const habits = useStudio((s) => s.habits);
  const project = useStudio((s) => s.project);
  const entries = useStudio((s) => s.plan?.entries);
  const here = room ?? use(coming);
  return wordsFor(here, { messages: spoken ?? here.MESSAGES, habits, project, entries });
}

/** The same outside of a component, for what is done at a press: by then they are there. */
export function currentWords(): Words {
  if (!room) throw new Error('Words are asked for before they have come.');
  const { habits, project, plan } = getStudio();
  return wordsFor(room, { messages: spoken ?? room.MESSAGES, habits, project, entries: plan?.entries });
}

/** Words of another language than the person's own, for a sheet; the person's own until it has been fetched. */
export function useSheetWords(language: Language): Words {
  const { lengths, clock } = useStudio((s) => s.habits);
  const project = useStudio((s) => s.project);
  const entries = useStudio((s) => s.plan?.entries);
  const here = room ?? use(coming);
  const [fetched, setFetched] = useState<Messages>(language === 'en' ? here.MESSAGES : (spoken ?? here.MESSAGES));
  useEffect(() => {
    let late = false;
    void LANGUAGES[language].load().then((m) => !late && setFetched(m));
    return () => {
      late = true;
    };
  }, [language]);
  return useMemo(
    () => new here.Words(fetched, { lengths, clock }, project ? here.namingOf(project, entries) : here.NO_NAMING),
    [here, fetched, lengths, clock, project, entries],
  );
}
