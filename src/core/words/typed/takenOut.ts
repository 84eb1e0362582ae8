import { readTyped } from './read';
import type { Typing } from './typing';

const clausesOf = (text: string): string[] =>
  text
    .split(';')
    .map((c) => c.trim())
    .filter(Boolean);

/** None of what a clause counts; one that counts nothing stays as it is. */
function noneOf(clause: string, typing: Typing): string {
  const counted = readTyped(clause, typing).mentions.find(({ mention }) => mention.say === 'count')?.mention;
  return counted?.say === 'count' ? `0 ${typing.names[counted.name][1]}` : clause;
}

/** A line from which nothing was changed but whole clauses taken out says none of them; any other is as it was typed. */
export function takenOut(text: string, written: string, typing: Typing): string {
  const [now, before] = [clausesOf(text), clausesOf(written)];
  if (now.length === 0 || now.length >= before.length) return text;
  let next = 0;
  const said = before.map((clause) => {
    if (now[next] !== clause) return noneOf(clause, typing);
    next += 1;
    return clause;
  });
  return next === now.length ? said.join('; ') : text;
}
