import library from '../demo/demo-harbour-library.ofrenda.json';
import { speciesById, SHIPPED, bodyOf } from '../botany/catalogue';
import { derivePlan } from './derivePlan';
import { fitsCylinder, handOverOf } from './handOver';
import { newProject } from './newProject';
import { checkProject, type Project } from './project';

const checked = checkProject(library);
if ('issues' in checked) throw new Error(checked.issues[0]!.path);
const JOB: Project = checked.project;
const PLAN = derivePlan(JOB);
const told = (over: Partial<Project['brief']> = {}, entries = PLAN.entries, tray = PLAN.tray) =>
  handOverOf({ ...JOB, brief: { ...JOB.brief, ...over } }, entries, tray, true);

describe('the cylinder for small parts, 1.25 in across and 1 to 2.25 in deep (16 CFR 1501.4; from memory)', () => {
  const INCH = 25.4;
  test.each([
    ['a ball of an inch', [INCH, INCH, INCH], true],
    ['a ball of 1.25 in less a hair', [31.7, 31.7, 31.7], true],
    ['a ball of 32 mm', [32, 32, 32], false],
    ['a stick of 57 mm, thin', [3, 3, 57], true],
    ['a stick of 58 mm, thin', [3, 3, 58], false],
    ['a disc of 40 mm, thin: it goes in on edge only as wide as it is', [40, 40, 2], false],
    ['a leaf of 30 by 50 mm', [50, 30, 2], true],
  ] as const)('%s', (_name, measures, goesIn) => {
    // whichever way the measures are told
    const [a, b, c] = measures;
    for (const m of [[a, b, c], [b, c, a], [c, a, b], [c, b, a]] as const) expect(fitsCylinder(m)).toBe(goesIn); // prettier-ignore
  });
});

describe('allergens', () => {
  test('egg from the glue, beside the cake’s own; none where nothing is glued', () => {
    const of = (over: Partial<Project['brief']>, tray = PLAN.tray) =>
      told(over, [], tray).allergens.found.find((a) => a.allergen === 'egg')?.from;
    expect(of({ allergensInCake: [], glue: 'egg white' })).toEqual(['glue']);
    expect(of({ allergensInCake: ['egg'], glue: 'egg white' })).toEqual(['cake', 'glue']);
    expect(of({ allergensInCake: [], glue: 'CMC glue' })).toBeUndefined();
    expect(of({ allergensInCake: [], glue: 'egg white' }, [])).toBeUndefined();
  });

  test('wafer paper is joined with egg white whatever the job’s glue is (docs/trade.md P11, M8; common practice, no source)', () => {
    const paper = [{ ...PLAN.tray[0]!, species: 'rose' }];
    const job = { ...JOB, brief: { ...JOB.brief, allergensInCake: [], glue: 'CMC glue' as const } };
    const glued = (method: string) =>
      handOverOf({ ...job, madeBy: [{ species: 'rose', method }] }, [], paper, true).allergens.found;
    expect(glued('paper leaf')).toEqual([{ allergen: 'egg', from: ['glue'] }]);
    expect(glued('layered')).toEqual([]);
  });

  test('nothing is assumed: a new job states nothing, and flowers are asked about where there are any', () => {
    const fresh = newProject('n', 'n', '2027-06-12T09:30');
    expect(handOverOf(fresh, [], [], false).allergens).toEqual({ found: [], otherWords: [], without: [], notStated: ['cake'] });
    expect(handOverOf(fresh, [], PLAN.tray, true).allergens.notStated).toEqual(['cake', 'flowers']);
  });
});

describe('what goes in comes out', () => {
  test('every entry is counted, with its number, barrier and tier', () => {
    const { goesIn, comesOut, out } = told();
    expect(goesIn).toBe(PLAN.entries.length);
    expect(comesOut).toBe(out.length);
    expect(out.map((o) => o.number)).toEqual(PLAN.entries.map((e) => e.number));
    out.forEach((o, i) => {
      const entry = PLAN.entries[i]!;
      expect([o.entryId, o.barrier, o.tier.index]).toEqual([entry.id, entry.barrier, entry.tierIndex]);
      expect(o.tier.of).toBe(JOB.cake.tiers.length);
    });
  });

  test('what need not come out is not counted out, but goes in', () => {
    const entries = PLAN.entries.map((e, i) => ({ ...e, countsOut: i !== 0 }));
    const { goesIn, comesOut, out } = told({}, entries);
    expect(goesIn - comesOut).toBe(1);
    expect(out.some((o) => o.entryId === entries[0]!.id)).toBe(false);
  });

  test('tiers from the bottom up, with what stands inside and whether their icing is eaten', () => {
    expect(told().tiers.map((t) => [t.place.index, t.kind, t.coveringEaten])).toEqual(
      JOB.cake.tiers.map((t, i) => [i, t.kind, t.covering.eaten]),
    );
  });
});

test('wired pieces and toppers are two things; with nothing made it is neither', () => {
  const of = (wired: boolean, tray = PLAN.tray) => {
    const sheet = handOverOf(JOB, PLAN.entries, tray, wired);
    return [sheet.wired, sheet.toppers];
  };
  expect(of(true)).toEqual([true, false]);
  expect(of(false)).toEqual([false, true]);
  expect(of(true, [])).toEqual([false, false]);
});

test('what the brief says is handed on as it is', () => {
  for (const yes of [true, false]) {
    const sheet = told({ keepsake: yes, smallChildren: yes, realPlants: yes, mustChill: yes });
    expect([sheet.keepsake, sheet.smallChildren, sheet.realPlants, sheet.mustChill]).toEqual([yes, yes, yes, yes]);
  }
});

test('the worst of what is on the pieces counts: one dust that is not edible, and none is', () => {
  const paint = (food: 'edible' | 'not edible' | 'unknown') => ({
    id: food,
    name: food,
    use: 'dust' as const,
    hue: '#aa8866',
    food,
  });
  const dust = (foods: readonly ('edible' | 'not edible' | 'unknown')[]) =>
    handOverOf({ ...JOB, brief: { ...JOB.brief, dust: 'edible' }, paints: foods.map(paint) }, [], [], true).dust;
  expect(dust([])).toBe('edible');
  expect(dust(['edible'])).toBe('edible');
  expect(dust(['edible', 'unknown'])).toBe('unknown');
  expect(dust(['edible', 'unknown', 'not edible'])).toBe('not edible');
});

describe('small parts', () => {
  const kind = PLAN.tray[0]!;
  const only = (species: string, stage: string, sizeMm: number) => {
    const colourway = speciesById(species, SHIPPED).colourways[0]!.id;
    const tray = [{ ...kind, species, stage, colourway, sizeMm, sizes: [{ sizeMm, count: 1 }] }];
    return told({}, [], tray).smallParts;
  };

  test('a head that goes in whole is one; a large rose is none', () => {
    const small = bodyOf({ species: 'blossom', stage: 'open', sizeMm: 15, colourway: '' }, SHIPPED);
    expect(2 * small.radialMm).toBeLessThan(31.7);
    expect(only('blossom', 'open', 15)).toMatchObject([{ species: 'blossom', whole: true }]);
    expect(only('rose', 'open', 90)).toEqual([]);
  });

  test('the smallest size decides where a kind has several', () => {
    const colourway = speciesById('blossom', SHIPPED).colourways[0]!.id;
    const sizes = [
      { sizeMm: 120, count: 3 },
      { sizeMm: 15, count: 1 },
    ];
    const tray = [{ ...kind, species: 'blossom', stage: 'open', colourway, sizeMm: 120, sizes }];
    expect(told({}, [], tray).smallParts).toHaveLength(1);
  });

  test('each species and role is told once', () => {
    const twice = told({}, [], [...PLAN.tray, ...PLAN.tray]).smallParts;
    expect(twice).toEqual(told().smallParts);
    const keys = twice.map((p) => `${p.species} ${p.role}`);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
