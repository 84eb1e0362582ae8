import * as v from 'valibot';
import { defaultCake, defaultLine, newArrangement } from '@/core/plan/newProject';
import { composeRequestSchema } from './messages';

const cake = defaultCake();
const request = {
  cake,
  arrangement: newArrangement('a1', defaultLine('crescent', cake)),
  choices: [{ species: 'rose', colourway: 'blush' }],
  style: 'focal-led',
  catalogue: { species: [], methods: [], cutters: [] },
  counts: null,
  seed: 1,
  proposals: 3,
  effort: 1,
};

test('a whole request passes as it is', () => {
  expect(v.parse(composeRequestSchema, request)).toEqual(request);
});

test.each([
  ['a species without a name', { choices: [{ species: '', colourway: 'x' }] }],
  ['a mood that is none', { style: 'grumpy' }],
  ['half a seed', { seed: 0.5 }],
  ['no proposal', { proposals: 0 }],
  ['more proposals than there are ways', { proposals: 7 }],
  ['endless effort', { effort: 1e6 }],
  ['a task that is none', { task: 'tidy' }],
  ['half a flower at the least', { choices: [{ species: 'rose', colourway: 'blush', least: 1.5 }] }],
  ['a negative count', { counts: [{ species: 'rose', stage: 'open', sizeMm: 58, colourway: 'x', role: 'focal', count: -1 }] }],
  ['a line of an unknown form', { arrangement: { ...request.arrangement, line: { form: 'zigzag' } } }],
])('%s does not reach the composer', (_name, over) => {
  expect(v.safeParse(composeRequestSchema, { ...request, ...over }).success).toBe(false);
});
