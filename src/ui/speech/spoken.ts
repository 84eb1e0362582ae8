'use client';

import { use, useSyncExternalStore } from 'react';
import type { Messages } from '@/core/words/messages';
import type { Words } from '@/core/words/words';
import type * as Here from './room';

export type Room = typeof Here;

let room: Room | null = null;
/** Begun with the page; whoever asks for words before they are there waits (Suspense). */
const coming: Promise<Room> = import('./room').then((here) => (room = here));

let spoken: Messages | null = null;

const hearers = new Set<() => void>();

/** The messages of the language that is spoken from now on. */
export function speakIn(messages: Messages): void {
  spoken = messages;
  for (const hear of hearers) hear();
}

const hearing = (hear: () => void) => {
  hearers.add(hear);
  return () => void hearers.delete(hear);
};
const whatIsSpoken = (): Messages | null => spoken;
const onTheServer = (): null => null;

/** The room of words and the messages that are spoken; a component that asks too early waits. */
export function useRoom(): { here: Room; messages: Messages } {
  const messages = useSyncExternalStore(hearing, whatIsSpoken, onTheServer);
  const here = room ?? use(coming);
  return { here, messages: messages ?? here.MESSAGES };
}

/** The same outside of a component, for what is done at a press: by then they are there. */
export function currentRoom(): { here: Room; messages: Messages } {
  if (!room) throw new Error('Words are asked for before they have come.');
  return { here: room, messages: spoken ?? room.MESSAGES };
}

/** Words that no job has a part in: no own names, no figures. */
export function plainWords(): Words {
  const { here, messages } = currentRoom();
  return new here.Words(messages, { lengths: 'mm', clock: 24 }, here.NO_NAMING);
}
