import { capital } from '@/core/words/capital';
import type { Typing } from '@/core/words/typed/typing';
import { spokenOf } from '@/core/piece/mention';
import type { Part } from '@/core/piece/part';
import { countIn, linesIn } from '@/core/piece/treeLines';
import type { Words } from '@/core/words/words';

/** Which of the lines of its name a line is, from 1; 0 where there is only one. */
function placeOf(tree: Part, part: Part): number {
  const alike = linesIn(tree).filter((p) => p !== tree && spokenOf(p) === spokenOf(part));
  return alike.length > 1 ? alike.indexOf(part) + 1 : 0;
}

/** What a line of a tree is called within a sentence; the piece itself by its own stem. */
export function lineNameWithin(words: Words, typing: Typing, { tree, part }: { tree: Part; part: Part }): string {
  const spoken = spokenOf(part);
  if (!spoken || part === tree) return words.label('describe.own-wire');
  const place = placeOf(tree, part);
  const name = typing.names[spoken][countIn(part) === 1 ? 0 : 1];
  return place ? `${name} ${words.units.number(place)}` : name;
}

/** The same at the head of a row. */
export const lineName = (words: Words, typing: Typing, at: { tree: Part; part: Part }): string =>
  capital(lineNameWithin(words, typing, at));
