import type { Fact } from '../facts/fact';
import type { Words } from './words';

const isFact = (value: object): value is Fact =>
  'code' in value && typeof value.code === 'string' && 'values' in value && typeof value.values === 'object';

/**
 * The same value with its words beside every fact in it, as `told`: a sentence, or a warning in its four parts, or a figure and
 * what it is. Codes and values stay as they are: programs read those, people the rest. For JSON; nothing is changed in place.
 */
export function told(value: unknown, words: Words): unknown {
  if (Array.isArray(value)) return value.map((v) => told(v, words));
  if (value === null || typeof value !== 'object' || ArrayBuffer.isView(value)) return value;
  const copy = Object.fromEntries(Object.entries(value).map(([key, v]) => [key, told(v, words)]));
  if (!isFact(value)) return copy;
  const { warnings, figures } = words.messages;
  const said = Object.hasOwn(warnings, value.code)
    ? words.warning(value)
    : Object.hasOwn(figures, value.code)
      ? words.figure(value)
      : words.say(value);
  return { ...copy, told: said };
}
