import { lightFormat } from 'date-fns';
import type { LogEntry, Note } from '@/core/log/entries';
import { getStudio } from '../useStudio';
import type { Label } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

export const textNow = (): string => lightFormat(new Date(), "yyyy-MM-dd'T'HH:mm");

/** Adds to the log; nothing in it is ever changed, a correction names what it takes the place of. */
export function addEntry(
  label: Label,
  entry: Pick<LogEntry, 'kind' | 'made' | 'broken' | 'minutes'> &
    Partial<Pick<LogEntry, 'note' | 'photo' | 'over' | 'at' | 'by'>>,
): void {
  getStudio().edit(label, (d) => void d.log.push({ id: newId(), at: textNow(), ...entry }));
}

type NewNote = Note extends infer N ? (N extends Note ? Omit<N, 'id' | 'at'> & { at?: string } : never) : never;

export function addNotes(label: Label, notes: readonly NewNote[]): void {
  getStudio().edit(label, (d) => {
    for (const note of notes) d.notes.push({ id: newId(), at: textNow(), ...note } as Note);
  });
}
