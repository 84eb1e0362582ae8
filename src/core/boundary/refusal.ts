import * as v from 'valibot';
import type { Fact } from '../facts/fact';
import { VALUE_REFUSALS, type ValueRefusal } from './refusals';

/** A fault in data from outside: where, what was wanted, what was there, and why it is refused. */
export interface Issue {
  path: string;
  expected: string;
  received: string;
  why: Fact;
}

const MOST_SHOWN = 40;

/** What was met, short enough to be read. */
function met(input: unknown): string {
  const text = typeof input === 'string' || typeof input === 'number' ? String(input) : (JSON.stringify(input) ?? '');
  return text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text;
}

/** `("a" | "b")`, as the schema writes it, as a list. */
const choices = (expected: string | null): string => (expected ?? '').replace(/["()]/g, '').split(' | ').join(', ');

/** What a schema may refuse a value by in its own right: the codes that carry no more than what was met. */
export type OwnRefusal = Extract<ValueRefusal, { values: { met: string } }>['code'] | 'refusal.base64' | 'refusal.empty';

/** Types of issues of valibot, and what each is told as. */
const TOLD = {
  number: 'refusal.no-number',
  finite: 'refusal.no-number',
  integer: 'refusal.no-whole-number',
  boolean: 'refusal.no-boolean',
  string: 'refusal.no-text',
  array: 'refusal.no-list',
  regex: 'refusal.form',
} as const satisfies Readonly<Record<string, OwnRefusal>>;

const isCode = (code: string): code is OwnRefusal => Object.hasOwn(VALUE_REFUSALS, code);

/** Why a value is refused: by the schema's own code where it has one, else by what it asks. */
export function refusalOf(issue: v.BaseIssue<unknown>): ValueRefusal {
  const { type, expected, received, input, message } = issue;
  const values = { met: met(input) };
  if (isCode(message)) return { code: message, values } as ValueRefusal;
  if (expected === 'never')
    return { code: 'refusal.unknown-field', values: { field: String(issue.path?.at(-1)?.key ?? received) } };
  if (received === 'undefined') return { code: 'refusal.missing', values: {} };
  const limit = 'requirement' in issue ? issue.requirement : undefined;
  if (type === 'picklist' || type === 'union' || type === 'literal' || type === 'variant')
    return { code: 'refusal.none-of', values: { ...values, choices: choices(expected) } };
  if (type === 'min_value') return { code: 'refusal.less', values: { ...values, limit: String(limit) } };
  if (type === 'max_value') return { code: 'refusal.more', values: { ...values, limit: String(limit) } };
  if (type === 'min_length' || type === 'max_length' || type === 'length') return ofLength(type, input, Number(limit));
  return { code: Object.hasOwn(TOLD, type) ? TOLD[type as keyof typeof TOLD] : 'refusal.other', values };
}

function ofLength(type: 'min_length' | 'max_length' | 'length', input: unknown, limit: number): ValueRefusal {
  const long = Array.isArray(input) ? input.length : String(input).length;
  if (Array.isArray(input)) return { code: long < limit ? 'refusal.too-few' : 'refusal.too-many', values: { limit } };
  return type === 'max_length' ? { code: 'refusal.too-long', values: { limit } } : { code: 'refusal.empty', values: {} };
}

/** An issue of a schema with its place. */
export const issueOf = (issue: v.BaseIssue<unknown>): Issue => ({
  path: v.getDotPath(issue) ?? '',
  expected: issue.expected ?? '',
  received: issue.received,
  why: refusalOf(issue),
});
