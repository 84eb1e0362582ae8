import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import { cakeOf, FORMS } from '../testing/samples';
import type { LineSpec } from './arrangement';
import { lineLimits } from './lineLimits';

const ONE = cakeOf([200, 110]);
const TWO = cakeOf([240, 100], [160, 100]);

test.each(FORMS)('a %s in proportion to its cake has nothing to say', (form) => {
  for (const cake of [ONE, TWO]) expect(lineLimits(defaultLine(form, cake), cake)).toEqual([]);
});

test.each<[string, Partial<LineSpec> & { form: LineSpec['form'] }, typeof ONE, RegExp]>([
  [
    'a trail longer than the tier is high',
    { form: 'crescent', trailMm: 300 },
    ONE,
    /trail of 300 mm is longer than this tier is high/,
  ],
  ['a cascade longer than the cake', { form: 'cascade', lengthDownMm: 1900 }, TWO, /cascade of 1900 mm is longer/],
  [
    'a ring under the tier above',
    { form: 'ring', tier: 0, where: 'top', radiusShare: 0.3 } as never,
    TWO,
    /lies under the tier above/,
  ],
  ['a posy wider than its tier', { form: 'posy', widthMm: 130 }, ONE, /wider than its tier/],
  ['a posy where the next tier stands', { form: 'posy', tier: 0 } as never, TWO, /where the next tier stands/],
  ['a line wider than the tier', { form: 'crescent', widthMm: 150 }, ONE, /more than the tier’s radius/],
])('%s is said, with what to do, and the plan carries it to Compose', (_name, over, cake, sentence) => {
  const line = { ...defaultLine(over.form, cake), ...over } as LineSpec;
  const [limit] = lineLimits(line, cake);
  expect(limit!.what).toMatch(sentence);
  expect(limit!.remedy.length).toBeGreaterThan(10);
  const project = { ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [newArrangement('a1', line)] };
  expect(derivePlan(project).warnings).toContainEqual(
    expect.objectContaining({ level: 'look again', station: 'Compose', what: limit!.what }),
  );
});

test('a cake without tiers says nothing of its lines', () => {
  expect(lineLimits(defaultLine('ring', ONE), { ...ONE, tiers: [] })).toEqual([]);
});
