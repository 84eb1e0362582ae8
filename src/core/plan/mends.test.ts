import type { Mend, WarningPlace } from '../facts/fact';
import { randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import { newProject } from './newProject';
import { applyMend } from './mends';
import type { Project } from './project';
import type { Warning, WarningCode } from './warnings';
import { ENGLISH } from '../words/english';

/** A job whose heads lean far over, with dust that may not be eaten; for foam, pushed into a tier whose icing is served. */
function leaning(seed: number, kind: Mend['do']): Project {
  const project = randomProject(seed, 14);
  const own = project.arrangements[0]!;
  own.method = kind === 'dummy tier' || kind === 'covering not eaten' ? 'dummy' : 'stem by stem';
  project.brief.dust = 'not edible';
  if (kind === 'covering not eaten') for (const tier of project.cake.tiers) tier.kind = 'dummy';
  for (const piece of own.pieces) Object.assign(piece, { tiltRad: 1.45, lift: 0 });
  return project;
}

/** Stops of seeded jobs that offer a mend of a kind, one a job. */
function withMend(kind: Mend['do']): { project: Project; warning: Warning; mend: Mend }[] {
  return Array.from({ length: 60 }, (_, i) => i + 1).flatMap((seed) => {
    const project = leaning(seed, kind);
    const warning = derivePlan(project).warnings.find((w) => w.mends?.some((m) => m.do === kind));
    const mend = warning?.mends?.find((m) => m.do === kind);
    return warning && mend ? [{ project, warning, mend }] : [];
  });
}

const same = (w: Warning, of: Warning) => w.pieceId === of.pieceId && w.code === of.code && w.level === of.level;

test.each(['underlay', 'edible dust', 'dummy tier', 'covering not eaten'] as const)(
  '“%s” takes away what it was pressed for, in every seeded job that asks for it',
  (kind) => {
    const cases = withMend(kind);
    expect(cases.length).toBeGreaterThan(2);
    for (const { project, warning, mend } of cases) {
      const next = structuredClone(project);
      applyMend(next, warning, mend);
      expect(next).not.toEqual(project);
      const left = derivePlan(next).warnings.filter((w) => same(w, warning) && w.mends?.some((m) => m.do === kind));
      expect(left).toEqual([]);
      expect(ENGLISH.mend(mend).length).toBeGreaterThan(5);
    }
  },
);

test.each<[string, WarningCode[]]>([
  ['a head on the icing or in the cake', ['place.head-on-icing', 'place.head-in-cake']],
  ['a stem along the icing', ['place.stem-on-icing']],
])('lifted, %s is clear after at most three presses', (_what, said) => {
  const cases = Array.from({ length: 120 }, (_, i) => leaning(i + 1, 'lift')).flatMap((project) => {
    const warning = derivePlan(project).warnings.find((w) => said.includes(w.code) && w.mends?.some((m) => m.do === 'lift'));
    return warning ? [{ project, warning }] : [];
  });
  expect(cases.length).toBeGreaterThan(1);
  for (const { project, warning } of cases) {
    const next = structuredClone(project);
    const asks = () => derivePlan(next).warnings.find((w) => w.pieceId === warning.pieceId && said.includes(w.code) && w.mends);
    for (let press = 0, now = asks(); press < 3 && now; press++, now = asks())
      applyMend(
        next,
        now,
        now.mends!.find((m) => m.do === 'lift')!,
      );
    expect(asks()).toBeUndefined();
  }
});

test('edible dust is not offered where a recorded label says that one on the shelf is not', () => {
  const { project } = withMend('edible dust')[0]!;
  const shelf = [{ id: 'd1', name: 'gold', use: 'dust' as const, hue: '#c9a227', food: 'not edible' as const }];
  const plan = derivePlan({ ...project, paints: shelf });
  expect(plan.warnings.some((w) => w.mends?.some((m) => m.do === 'underlay'))).toBe(true);
  expect(plan.warnings.some((w) => w.mends?.some((m) => m.do === 'edible dust'))).toBe(false);
});

test('a mend for a piece that is gone changes nothing', () => {
  const project = randomProject(3);
  const next = structuredClone(project);
  const warning: WarningPlace = { level: 'stop', station: 'place', pieceId: 'gone' };
  applyMend(next, { ...warning, arrangementId: 'a1' }, { do: 'lift', mm: 3 });
  applyMend(next, { ...warning, arrangementId: 'nowhere' }, { do: 'underlay' });
  applyMend(next, warning, { do: 'dummy tier', tierIndex: 9 });
  expect(next).toEqual(project);
});

test('a fruit out of season becomes a branch of its leaves in one press, every piece of it, and what was asked for', () => {
  const project = newProject('spring', 'Spring', '2027-05-15T09:00');
  project.brief.botanical = true;
  project.brief.choices = [{ species: 'bramble', colourway: 'black', least: 2, most: null, petalsCut: null }];
  const piece = { id: 'b1', species: 'bramble', stage: 'ripe', sizeMm: 40, colourway: 'black' };
  const own = randomProject(3, 14).arrangements[0]!;
  project.arrangements = [{ ...own, pieces: [1, 2].map((i) => ({ ...own.pieces[0]!, ...piece, id: `b${i}` })) }];
  const warning = derivePlan(project).warnings.find((w) => w.code === 'botany.out-of-season')!;
  const mend = warning.mends![0]!;
  expect(ENGLISH.mend(mend)).toBe('Its leaves alone instead');
  applyMend(project, warning, mend);
  expect(project.arrangements[0]!.pieces.map((p) => [p.species, p.stage, p.sizeMm])).toEqual([
    ['leafgroup', 'grown', 38],
    ['leafgroup', 'grown', 38],
  ]);
  expect(project.brief.choices).toMatchObject([{ species: 'leafgroup', least: 2 }]);
  expect(derivePlan(project).warnings.some((w) => w.code === 'botany.out-of-season')).toBe(false);
});
