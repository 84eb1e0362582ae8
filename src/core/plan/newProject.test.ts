import { drawLine } from '../compose/line';
import { demoBriefs } from '../demo/briefs';
import { findSpecies, SHIPPED } from '../botany/catalogue';
import { cakeOf, FORMS } from '../testing/samples';
import { composeRequestOf } from './composeRequest';
import {
  defaultCake,
  defaultLine,
  LINE_SIZES,
  newArrangement,
  newProject,
  newTier,
  sizedLine,
  sizeOfLine,
  type LineSize,
} from './newProject';
import { checkProject } from './project';

test('a new job passes its own schema and has nothing in it yet', () => {
  const project = newProject('id', 'New job', '2027-06-12T10:00');
  expect(checkProject(project)).toEqual({ project });
  expect(project.arrangements[0]!.pieces).toEqual([]);
  expect(project.brief.dust).toBe('unknown');
});

describe.each([
  ['one tier', cakeOf([200, 110])],
  ['a low, wide one', cakeOf([300, 60])],
  ['three tiers', cakeOf([254, 115], [178, 115], [114, 110])],
  ['a tiny cake', cakeOf([90, 75])],
] as const)('on %s', (_name, cake) => {
  test.each(FORMS)('a first %s is drawn and passes the schema', (form) => {
    const line = defaultLine(form, cake);
    expect(drawLine(line, cake)).not.toBeNull();
    const project = { ...newProject('id', 'Job', '2027-06-12T10:00'), cake, arrangements: [newArrangement('a1', line)] };
    expect(checkProject(project)).toEqual({ project });
  });
});

test('without a tier a first line is still a line, to be drawn once there is one', () => {
  const bare = { ...defaultCake(), tiers: [] };
  for (const form of FORMS) {
    expect(defaultLine(form, bare).form).toBe(form);
    expect(drawLine(defaultLine(form, bare), bare)).toBeNull();
  }
});

test('a new tier is eaten, with its covering, until somebody says otherwise', () => {
  expect(newTier({ id: 't', diameterMm: 120, heightMm: 90, colour: '#ffffff', name: 'white' })).toMatchObject({
    kind: 'edible',
    covering: { eaten: true },
  });
});

describe('the demo briefs', () => {
  test.each(demoBriefs().map((b) => [b.name, b] as const))(
    '%s passes the schema, names flowers that exist, and can be composed',
    (_name, brief) => {
      expect(checkProject(brief)).toEqual({ project: brief });
      for (const c of brief.brief.choices) {
        const species = findSpecies(c.species, SHIPPED);
        expect(species?.colourways.some((w) => w.id === c.colourway)).toBe(true);
      }
      expect(composeRequestOf({ project: brief, index: 0, seed: 1, proposals: 1 })).toMatchObject({
        seed: 1,
        proposals: 1,
        cake: brief.cake,
      });
      expect(composeRequestOf({ project: brief, index: 9, seed: 1, proposals: 1 })).toBeNull();
    },
  );
});

test.each(FORMS)('a %s is small, fitting or grand against its cake, and says which', (form) => {
  const cake = cakeOf([240, 110]);
  const line = defaultLine(form, cake);
  expect(sizeOfLine(line, cake)).toBe('fitting');
  const widths = (Object.keys(LINE_SIZES) as LineSize[]).map((size) => {
    const sized = sizedLine(line, cake, size);
    expect(sizeOfLine(sized, cake)).toBe(size);
    expect(drawLine(sized, cake)).not.toBeNull();
    return sized.widthMm;
  });
  expect(widths[0]!).toBeLessThan(widths[1]!);
  expect(widths[1]!).toBeLessThan(widths[2]!);
});
