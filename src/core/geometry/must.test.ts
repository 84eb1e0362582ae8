import { must } from './must';

test('what is there is handed on, also where it counts as false', () => {
  expect(must(0)).toBe(0);
  expect(must('')).toBe('');
  expect(must(false)).toBe(false);
  expect(must(NaN)).toBeNaN();
  const list = [1, 2];
  expect(must(list)).toBe(list);
});

test('what is not there stops at the place of the fault', () => {
  expect(() => must([1, 2][2])).toThrow(RangeError);
  expect(() => must(new Map<string, number>().get('rose'))).toThrow(RangeError);
  expect(() => must(null)).toThrow(RangeError);
});
