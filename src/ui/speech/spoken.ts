'use client';

import { use, useSyncExternalStore } from 'react';
import type { Messages } from '@/core/words/messages';
import type { Words } from '@/core/words/words';
import type * as Here from './room';

export type Room = typeof Here;

let room: Room | null = null;
/** Begun with the page; what is inside of `Spoken` is shown once it has come. */
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

/** Waits for the room of words (Suspense). */
export const useArrival = (): void => void use(coming);

/** The room of words and the messages that are spoken, for what is done at a press. */
export function currentRoom(): { here: Room; messages: Messages } {
  if (!room) throw new Error('Words are asked for before they have come.');
  return { here: room, messages: spoken ?? room.MESSAGES };
}

/** The same for a component, which is rendered anew when another language is spoken. */
export function useRoom(): { here: Room; messages: Messages } {
  useSyncExternalStore(hearing, whatIsSpoken, onTheServer);
  return currentRoom();
}

/** Words that no job has a part in: no own names, no figures. */
export function plainWords(): Words {
  const { here, messages } = currentRoom();
  return new here.Words(messages, { lengths: 'mm', clock: 24 }, here.NO_NAMING);
}
