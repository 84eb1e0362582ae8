import * as v from 'valibot';
import { refusalOf } from './refusal';

const said = (schema: v.GenericSchema, value: unknown): string => {
  const result = v.safeParse(schema, value);
  return result.success ? '' : refusalOf(result.issues[0]);
};

test.each([
  [v.object({ guests: v.number() }), {}, '“guests” is missing'],
  [v.object({ guests: v.number() }), { guests: 'many' }, '“many” is not a number'],
  [v.pipe(v.number(), v.integer()), 2.5, '“2.5” is not a whole number'],
  [v.pipe(v.number(), v.minValue(3)), 1, 'at least 3 is meant, not “1”'],
  [v.pipe(v.number(), v.maxValue(3)), 9, 'at most 3 is meant, not “9”'],
  [v.picklist(['north', 'south']), 'west', '“west” is none of north, south'],
  [v.literal('posy'), 'fan', '“fan” is none of posy'],
  [v.boolean(), 'yes', '“yes” is neither true nor false'],
  [v.string(), 4, '“4” is no text'],
  [v.array(v.string()), {}, '“{}” is no list'],
  [v.pipe(v.string(), v.maxLength(4)), 'longer', 'it is longer than 4'],
  [v.pipe(v.string(), v.regex(/^a/)), 'b', '“b” is not written as it should be'],
  [v.pipe(v.number(), v.minValue(100, 'a length of wire is at least 100 mm')), 1, 'a length of wire is at least 100 mm'],
])('%#: in plain words', (schema, value, words) => expect(said(schema, value)).toBe(words));

test('what was met is shown short', () => {
  expect(said(v.number(), 'x'.repeat(500))).toBe(`“${'x'.repeat(40)}…” is not a number`);
});
