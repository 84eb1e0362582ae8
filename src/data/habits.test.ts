import { habitsFrom, PLAIN_HABITS } from './habits';

test('habits that were kept are read with care', () => {
  expect(habitsFrom(null)).toEqual(PLAIN_HABITS);
  expect(habitsFrom({ language: 'es' })).toEqual({ ...PLAIN_HABITS, language: 'es' });
  expect(habitsFrom({ language: 'xx', clock: 12 })).toEqual(PLAIN_HABITS);
});
