import { IntlMessageFormat } from 'intl-messageformat';
import { MESSAGES as ENGLISH } from './en';
import { TYPING as ENGLISH_TYPING } from './en/typing';
import { mostLetters } from './messageParts';
import type { Messages, Noun } from './messages';
import type { Typing } from './typed/typing';
import { must } from '../geometry/must';

/** Letters that stand for those of English: read as them, and seen to come through the words. */
const LETTERS: Readonly<Record<string, string>> = Object.fromEntries(
  [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((letter, i) => [
    letter,
    must([...'áƀçðéƒĝĥíĵķļɱñóþɋŕšťúṽŵẋýžÅƁÇÐÉƑĜĤÎĴĶĻṀÑÓÞɊŔŠŤÛṼŴẊÝŽ'][i]),
  ]),
);
/** So much longer than English a language may be. */
const LONGER = 0.4;

const accented = (text: string): string => [...text].map((c) => LETTERS[c] ?? c).join('');
/** Between brackets, and drawn longer: what is cut off is seen. */
const drawn = (text: string, letters: number): string => `[${text}${'~'.repeat(Math.ceil(letters * LONGER))}]`;

/**
 * A message in ICU syntax with its words accented: in text braces open an argument, in an argument they open text again, so that
 * every other depth is text. What is filled in comes accented from where it is told.
 */
export function pseudo(message: string): string {
  let depth = 0;
  let out = '';
  for (const c of message) {
    if (c === '}') depth--;
    const text = depth % 2 === 0 && c !== '{' && c !== '}';
    out += text ? (LETTERS[c] ?? c) : c;
    if (c === '{') depth++;
  }
  const letters = mostLetters(new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true }).getAst());
  return letters === 0 ? out : drawn(out, letters);
}

/** Every text within, at any depth. */
function deep<T>(value: T): T {
  if (typeof value === 'string') return pseudo(value) as T;
  if (Array.isArray(value)) return value.map((v: unknown) => deep(v)) as T;
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, deep(v)])) as T;
}

/** A gender is no text. */
const nouns = <Key extends string>(table: Readonly<Record<Key, Noun>>): Record<Key, Noun> => {
  const out = {} as Record<Key, Noun>;
  for (const key of Object.keys(table) as Key[]) {
    const [one, many, gender] = table[key];
    out[key] = gender ? [pseudo(one), pseudo(many), gender] : [pseudo(one), pseudo(many)];
  }
  return out;
};

const { locale, grammar, names, ...rest } = ENGLISH;

/** English as a pseudo-locale (Unicode CLDR: en-XA): what is shown without accents did not come through the words. */
export const MESSAGES: Messages = {
  ...deep(rest),
  locale,
  names: {
    ...deep(names),
    species: nouns(names.species),
    parts: nouns(names.parts),
    lines: nouns(names.lines),
    tiers: nouns(names.tiers),
    barriers: nouns(names.barriers),
  },
  grammar: {
    the: (noun, count) => accented(grammar.the(noun, count)),
    a: (noun) => accented(grammar.a(noun)),
    of: (noun) => accented(grammar.of(noun)),
    staged: (noun, stage) => {
      const [one, many, gender] = grammar.staged(noun, stage);
      return gender ? [accented(one), accented(many), gender] : [accented(one), accented(many)];
    },
  },
};

/** Every text within accented and no longer: it is typed and read again. */
function letters<T>(value: T): T {
  if (typeof value === 'string') return accented(value) as T;
  if (Array.isArray(value)) return value.map((v: unknown) => letters(v)) as T;
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, letters(v)])) as T;
}

export const TYPING: Typing = letters(ENGLISH_TYPING);
