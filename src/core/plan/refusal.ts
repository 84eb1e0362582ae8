import type * as v from 'valibot';

const MOST_SHOWN = 40;

/** What was met, short enough to be read. */
function met(input: unknown): string {
  const text = typeof input === 'string' ? input : (JSON.stringify(input) ?? 'nothing');
  return `“${text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text}”`;
}

/** `("a" | "b")`, as the schema writes it, as a list. */
const choices = (expected: string | null): string => (expected ?? '').replace(/["()]/g, '').split(' | ').join(', ');

/**
 * What is wrong with a value, in words without a full stop: the schema's own sentence where it has one, else one for what it
 * asks. Nothing that only a programmer understands.
 */
export function refusalOf(issue: v.BaseIssue<unknown>): string {
  if (!issue.message.startsWith('Invalid ')) return issue.message;
  const { type, expected, received, input } = issue;
  const limit = 'requirement' in issue ? String(issue.requirement) : '';
  if (received === 'undefined') return expected?.startsWith('"') ? `“${choices(expected)}” is missing` : 'it is missing';
  switch (type) {
    case 'picklist':
    case 'union':
    case 'literal':
      return `${met(input)} is none of ${choices(expected)}`;
    case 'number':
    case 'finite':
      return `${met(input)} is not a number`;
    case 'integer':
      return `${met(input)} is not a whole number`;
    case 'boolean':
      return `${met(input)} is neither true nor false`;
    case 'string':
      return `${met(input)} is no text`;
    case 'array':
      return `${met(input)} is no list`;
    case 'min_value':
      return `at least ${limit} is meant, not ${met(input)}`;
    case 'max_value':
      return `at most ${limit} is meant, not ${met(input)}`;
    case 'min_length':
      return `it is shorter than ${limit}`;
    case 'max_length':
      return `it is longer than ${limit}`;
    case 'regex':
      return `${met(input)} is not written as it should be`;
    default:
      return `${met(input)} is not what belongs here`;
  }
}
