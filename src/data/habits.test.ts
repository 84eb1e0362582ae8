import { habitsFrom, PLAIN_HABITS } from './habits';

test('habits that were kept are read with care', () => {
  expect(habitsFrom(null)).toEqual(PLAIN_HABITS);
  expect(habitsFrom({ language: 'es' })).toEqual({ ...PLAIN_HABITS, language: 'es' });
  const oval = { id: 'a', kind: 'cutter', name: 'Oval', outline: 'ovate', longMm: 30, wideMm: 18 };
  expect(habitsFrom({ tools: [oval] }).tools).toEqual([oval]);
  expect(habitsFrom({ tools: [{ ...oval, longMm: -1 }] })).toEqual(PLAIN_HABITS);
  expect(habitsFrom({ language: 'xx', clock: 12 })).toEqual(PLAIN_HABITS);
});
