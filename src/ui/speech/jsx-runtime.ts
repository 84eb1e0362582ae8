import { Fragment, jsx as reactJsx, jsxs as reactJsxs, type JSX } from 'react/jsx-runtime';
import { isPlain } from './habits';
import { say } from './say';

/**
 * Every element of the interface is made here, so that what it says is said in one place: text and the attributes that are read
 * out pass through `say` on their way to the page. Nothing of a component changes, and English in millimetres passes untouched.
 * What a person has written (names of jobs, notes) carries `translate="no"`, as HTML has it, and is left alone.
 */
export { Fragment };
export type { JSX };

type Props = Record<string, unknown>;

const SPOKEN = [
  'aria-label',
  'aria-description',
  'aria-roledescription',
  'aria-valuetext',
  'title',
  'placeholder',
  'alt',
  'label',
];
const SILENT = new Set(['script', 'style', 'textarea']);

const isText = (child: unknown): child is string | number => typeof child === 'string' || typeof child === 'number';
const isNothing = (child: unknown): boolean => child === null || child === undefined || typeof child === 'boolean';

/** Neighbouring pieces of text are one sentence; it takes the place of the first, so that all others keep theirs. */
function sayAll(children: readonly unknown[]): unknown[] {
  const out: unknown[] = [...children];
  for (let i = 0; i < out.length; i++) {
    if (!isText(out[i])) continue;
    let text = '';
    let j = i;
    for (; j < out.length && (isText(out[j]) || isNothing(out[j])); j++) {
      if (isText(out[j])) text += String(out[j]);
      if (j > i) out[j] = null;
    }
    out[i] = say(text);
    i = j - 1;
  }
  return out;
}

function spoken(type: unknown, props: Props): Props {
  if (SILENT.has(type as string) || props.translate === 'no') return props;
  let out = props;
  // what a component is given as its content may be drawn by others than us (links): it is said here, its other props are its own
  for (const name of typeof type === 'string' ? SPOKEN : []) {
    const value = props[name];
    if (typeof value === 'string')
      out = out === props ? { ...props, [name]: say(value) } : Object.assign(out, { [name]: say(value) });
  }
  // what a stopwatch shows is no time of day
  if (props.role === 'timer') return out;
  const { children } = props;
  if (isText(children)) out = { ...out, children: say(String(children)) };
  else if (Array.isArray(children) && children.some(isText)) out = { ...out, children: sayAll(children) };
  return out;
}

type Make = typeof reactJsx;
const speaking =
  (make: Make): Make =>
  (type, props, key) =>
    make(type, isPlain() ? props : (spoken(type, props as Props) as typeof props), key);

export const jsx = speaking(reactJsx);
export const jsxs = speaking(reactJsxs);
