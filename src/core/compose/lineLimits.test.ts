import { SHIPPED } from '../botany/catalogue';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import { cakeOf, FORMS, proposalFor, pieceOf } from '../testing/samples';
import type { LineSpec, Piece } from './arrangement';
import { drawLine } from './line';
import { lineLimits, pieceLimits } from './lineLimits';
import { ENGLISH } from '../words/english';

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
  expect(ENGLISH.warning(limit!).what).toMatch(sentence);
  const project = { ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [newArrangement('a1', line)] };
  expect(derivePlan(project).warnings).toContainEqual(
    expect.objectContaining({ level: 'look again', station: 'compose', ...limit! }),
  );
});

test('a cake without tiers says nothing of its lines', () => {
  expect(lineLimits(defaultLine('ring', ONE), { ...ONE, tiers: [] })).toEqual([]);
});

describe('what the pieces ask for', () => {
  const arrangement = newArrangement('a1', defaultLine('posy', ONE));
  const rose = (id: number, sizeMm: number): Piece => pieceOf({ id: `p${id}`, sizeMm });
  const said = (pieces: Piece[], cake = ONE) =>
    pieceLimits({ ...arrangement, pieces }, cake, drawLine(arrangement.line, cake)!, SHIPPED).map((l) => ENGLISH.warning(l).what);

  test('a focal flower wider than its tier', () => {
    const small = cakeOf([60, 60]);
    expect(said([rose(1, 68)], small)[0]).toMatch(/Garden rose of 68 mm is wider than its tier of 60/);
    expect(said([rose(1, 48)], small).join()).not.toMatch(/wider/);
  });

  test('more than the line can hold is said with how much; what the composer proposes never is', () => {
    expect(said(Array.from({ length: 40 }, (_, i) => rose(i, 68)))[0]).toMatch(/times what this line holds/);
    for (const form of FORMS) {
      const proposed = proposalFor({ form, cake: ONE, seed: 2, effort: 0.05 }).arrangement;
      expect(pieceLimits(proposed, ONE, drawLine(proposed.line, ONE)!, SHIPPED)).toEqual([]);
    }
  });
});
