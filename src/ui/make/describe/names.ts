import { capital } from '@/core/words/capital';
import type { Typing } from '@/core/words/typed/typing';
import { spokenOf } from '@/core/piece/mention';
import type { Part } from '@/core/piece/part';
import { countIn } from '@/core/piece/treeLines';
import type { Words } from '@/core/words/words';

/** What a line is called within a sentence; the piece itself by its own stem. */
export function lineNameWithin(words: Words, typing: Typing, part: Part): string {
  const spoken = spokenOf(part);
  return spoken ? typing.names[spoken][countIn(part) === 1 ? 0 : 1] : words.label('describe.own-wire');
}

/** The same at the head of a row. */
export const lineName = (words: Words, typing: Typing, part: Part): string => capital(lineNameWithin(words, typing, part));
