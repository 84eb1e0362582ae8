import * as v from 'valibot';
import { angleRad, between, hue, id, isDay, isNewer, isWallTime, named, overBoardMm, wholeBetween } from './parts';

const takes = (schema: v.GenericSchema, value: unknown): boolean => v.safeParse(schema, value).success;

describe('numbers', () => {
  test.each([
    ['at the least', 2, true],
    ['at the most', 5, true],
    ['between', 3.7, true],
    ['below', 1.999, false],
    ['above', 5.001, false],
    ['no number', NaN, false],
    ['without end', Infinity, false],
    ['a text', '3', false],
    ['nothing', null, false],
  ])('between 2 and 5: %s', (_name, value, taken) => expect(takes(between(2, 5), value)).toBe(taken));

  test.each([
    [3, true],
    [3.5, false],
    [-0, true],
    [1e308, false],
    [2 ** 53, false],
  ])('whole ones up to 10: %d', (value, taken) => expect(takes(wholeBetween(0, 10), value)).toBe(taken));

  test('an angle may have turned many times, not without end', () => {
    for (const rad of [0, -Math.PI, 6 * Math.PI, 999, -999]) expect(takes(angleRad, rad)).toBe(true);
    for (const rad of [1001, -1e4, 1e308, NaN, -Infinity]) expect(takes(angleRad, rad)).toBe(false);
  });

  test('a place over the board lies within reach of the widest', () => {
    for (const mm of [0, 599, -600]) expect(takes(overBoardMm, mm)).toBe(true);
    for (const mm of [601, -1e3, 1e308]) expect(takes(overBoardMm, mm)).toBe(false);
  });
});

describe('texts', () => {
  test('an id is not empty and has an end', () => {
    for (const text of ['a', 'p1', 'rose|open|blush', '__proto__', 'x'.repeat(200)]) expect(takes(id, text)).toBe(true);
    for (const text of ['', 'x'.repeat(201), 4, null]) expect(takes(id, text)).toBe(false);
  });

  test('a name of one’s own is trimmed and not empty', () => {
    expect(v.parse(named(10), '  Rose  ')).toBe('Rose');
    for (const text of ['', '   ', 'x'.repeat(11)]) expect(takes(named(10), text)).toBe(false);
  });

  test.each([
    ['#a1b2c3', true],
    ['#A1B2C3', true],
    ['a1b2c3', false],
    ['#a1b2c', false],
    ['#a1b2c3d4', false],
    ['red', false],
  ])('the colour %s: %s', (text, taken) => expect(takes(hue, text)).toBe(taken));
});

describe('days', () => {
  // against the calendar of the platform, day by day over 111 years: every day once, and the day after the last of a month is none
  test('every day from 1990 to 2100 is one, and no other of its month', () => {
    let days = 0;
    for (let year = 1990; year <= 2100; year++)
      for (let month = 1; month <= 12; month++) {
        const last = new Date(Date.UTC(year, month, 0)).getUTCDate();
        for (let day = 0; day <= 32; day++) {
          const text = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
          const is = day >= 1 && day <= last;
          if (isDay(text) !== is) throw new Error(text);
          if (is) days++;
        }
      }
    expect(days).toBe((Date.UTC(2101, 0, 1) - Date.UTC(1990, 0, 1)) / 86_400_000);
  });

  test('a year of no sense is none', () => {
    for (const text of ['1989-12-31', '2101-01-01', '0000-01-01', '9999-12-31', '20270-01-01']) expect(isDay(text)).toBe(false);
  });

  test('every minute of a day is a time, and no other', () => {
    let times = 0;
    for (let hour = 0; hour < 30; hour++)
      for (let minute = 0; minute < 70; minute++)
        if (isWallTime(`2027-06-12T${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`)) times++;
    expect(times).toBe(24 * 60);
  });
});

describe('a newer version', () => {
  test.each([
    [2, true],
    [1, false],
    [0, false],
    [-5, false],
    [1.5, false],
    [Infinity, false],
    [NaN, false],
    [2 ** 53, false],
    ['2', false],
    [null, false],
    [undefined, false],
    [[2], false],
  ])('%p than 1: %p', (version, newer) => expect(isNewer(version, 1)).toBe(newer));
});
