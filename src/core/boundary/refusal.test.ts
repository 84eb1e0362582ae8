import * as v from 'valibot';
import { ENGLISH } from '../words/english';
import { day, hue, isDay, isWallTime, wallTime } from './parts';
import { refusalOf } from './refusal';

const said = (schema: v.GenericSchema, value: unknown): string => {
  const result = v.safeParse(schema, value);
  return result.success ? '' : ENGLISH.say(refusalOf(result.issues[0]));
};

test.each([
  [v.object({ guests: v.number() }), {}, 'it is missing'],
  [v.object({ guests: v.number() }), { guests: 'many' }, '“many” is not a number'],
  [v.pipe(v.number(), v.integer()), 2.5, '“2.5” is not a whole number'],
  [v.pipe(v.number(), v.minValue(3)), 1, '“1” is less than 3'],
  [v.pipe(v.number(), v.maxValue(3)), 9, '“9” is more than 3'],
  [v.picklist(['north', 'south']), 'west', '“west” is none of north, south'],
  [v.literal('posy'), 'fan', '“fan” is none of posy'],
  [v.boolean(), 'yes', '“yes” is neither true nor false'],
  [v.string(), 4, '“4” is no text'],
  [v.array(v.string()), {}, '“{}” is no list'],
  [v.pipe(v.string(), v.maxLength(4)), 'longer', 'it has more than 4 letters'],
  [v.pipe(v.string(), v.regex(/^a/)), 'b', '“b” is not written as it should be'],
  [v.pipe(v.array(v.string()), v.minLength(1)), [], 'there are fewer than 1'],
  [v.pipe(v.array(v.number()), v.maxLength(1)), [1, 2], 'there are more than 1'],
  [v.pipe(v.string(), v.minLength(1)), '', 'it is empty'],
  [v.strictObject({ guests: v.number() }), { guests: 2, gests: 3 }, '“gests” is no field of it'],
  [wallTime, '2027-13-45T09:30', '“2027-13-45T09:30” is no time; one is written 2027-06-12T09:30'],
  [wallTime, '2027-06-12T24:10', '“2027-06-12T24:10” is no time; one is written 2027-06-12T09:30'],
  [day, '2027-02-29', '“2027-02-29” is no day; one is written 2027-06-12'],
  [hue, 'red', '“red” is no colour; one is written #rrggbb'],
])('%#: in plain words', (schema, value, words) => expect(said(schema, value)).toBe(words));

test('what was met is shown short', () => {
  expect(said(v.number(), 'x'.repeat(500))).toBe(`“${'x'.repeat(40)}…” is not a number`);
});

// ISO 8601: the Gregorian calendar, its leap years by the rule of 400
test.each([
  ['2028-02-29', true],
  ['2027-02-29', false],
  ['2000-02-29', true],
  ['1900-02-29', false],
  ['2027-04-31', false],
  ['2027-12-31', true],
  ['2027-6-12', false],
  ['', false],
])('%s is a day: %s', (text, is) => expect(isDay(text)).toBe(is));

test.each([
  ['2027-06-12T00:00', true],
  ['2027-06-12T23:59', true],
  ['2027-06-12T24:00', false],
  ['2027-06-12 09:30', false],
  ['2027-06-12T9:30', false],
])('%s is a wall time: %s', (text, is) => expect(isWallTime(text)).toBe(is));
