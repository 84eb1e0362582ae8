import { kindMesh, SHIPPED } from '../botany/catalogue';
import { modelOf, pieceMap } from '../compose/modelled';
import { buildScene } from '../compose/scene';
import { faultsOf, insideOf, type CheckedJob, type CheckedPlan, type DrawnPiece } from '../testing/checker';
import { cakeOf, FORMS, proposalFor, randomProject } from '../testing/samples';
import { derivePlan, type DerivedPlan } from './derivePlan';
import { must } from '../geometry/must';
import { newProject } from './newProject';
import type { Project } from './project';

/** How many random jobs; `npm run proof` looks at more. */
const RANDOM = Number(process.env.PROOF ?? 40);

const jobOf = ({ cake, brief }: Project): CheckedJob => ({
  tiers: cake.tiers.map((t) => ({
    radiusMm: t.diameterMm / 2,
    heightMm: t.heightMm,
    edgeMm: t.edgeRadiusMm,
    eaten: t.covering.eaten,
    foam: t.kind === 'dummy',
  })),
  dustEdible: brief.dust === 'edible',
});
const planOf = (plan: DerivedPlan): CheckedPlan => ({
  verdict: plan.verdict,
  entries: plan.entries,
  stems: plan.stems,
  comesOut: plan.handOver.comesOut,
});
/** What is drawn of a job, every petal of it. */
const drawn = ({ cake, arrangements }: Project): DrawnPiece[] =>
  arrangements.flatMap((a) =>
    (buildScene(cake, a, SHIPPED)?.heads ?? []).map((p) => ({
      id: `${p.piece.species} ${p.piece.id}`,
      corners: kindMesh(modelOf(p), 'near', SHIPPED).positions,
      put: pieceMap(p),
      footMm: p.base,
      faces: p.spine.length ? null : p.axis,
      mayTouch: p.piece.underlaid === true,
    })),
  );
/** Whether a plan says go, and what the second look finds then. */
function looked(project: Project): { goes: boolean; found: string[] } {
  const plan = derivePlan(project);
  if (plan.verdict !== 'go') return { goes: false, found: [] };
  const found = faultsOf(jobOf(project), planOf(plan), drawn(project));
  return { goes: true, found: found.map((f) => `${project.id}: ${f.rule} ${f.what}`) };
}

/** The same job on foam that nobody eats, its pieces pushed in bare. */
const onFoam = (project: Project): Project => ({
  ...project,
  cake: {
    ...project.cake,
    tiers: project.cake.tiers.map((t) => ({ ...t, kind: 'dummy', covering: { ...t.covering, eaten: false } })),
  },
  arrangements: project.arrangements.map((a) => ({ ...a, method: 'dummy' })),
});
/** The same job with every other tier of foam that nobody eats, from the one that is named. */
const mixed = (project: Project, from: number): Project => ({
  ...project,
  cake: {
    ...project.cake,
    tiers: project.cake.tiers.map((t, i) =>
      i % 2 === from ? { ...t, kind: 'dummy', covering: { ...t.covering, eaten: false } } : t,
    ),
  },
});
const composed = (seed: number): Project => {
  const cake = cakeOf([220, 100], [150, 90]);
  const { arrangement } = proposalFor({ form: FORMS[seed % FORMS.length]!, cake, seed, effort: 0.2 });
  const job = newProject(`composed-${seed}`, 'Composed', '2027-06-12T09:30');
  return { ...job, cake, arrangements: [arrangement], brief: { ...job.brief, dust: 'not edible' } };
};

const SEEDS = Array.from({ length: RANDOM }, (_, i) => 9000 + i);
const COMPOSED = Array.from({ length: Math.max(4, Math.round(RANDOM / 8)) }, (_, i) => i);

test('no random plan says go where a second look finds what must not be; nor on foam, nor with foam between', () => {
  let go = 0;
  for (const seed of SEEDS)
    for (const project of [randomProject(seed), onFoam(randomProject(seed, 6)), mixed(randomProject(seed, 6), seed % 2)]) {
      const { goes, found } = looked(project);
      expect(found).toEqual([]);
      if (goes) go++;
    }
  // enough of them say go for that to mean something
  expect(go).toBeGreaterThan(RANDOM / 10);
});

test('no composed plan does', () => {
  let go = 0;
  for (const seed of COMPOSED)
    for (const project of [composed(seed), mixed(composed(seed), 0)]) {
      const { goes, found } = looked(project);
      expect(found).toEqual([]);
      if (goes) go++;
    }
  expect(go).toBeGreaterThan(0);
});

describe('the second look itself', () => {
  const going = must(COMPOSED.map(composed).find((p) => derivePlan(p).verdict === 'go'));
  const plan = planOf(derivePlan(going));
  const spoiled = (change: Partial<CheckedPlan>, pieces = drawn(going)) =>
    faultsOf(jobOf(going), { ...plan, ...change }, pieces).map((f) => f.rule);
  const first = plan.entries[0]!;
  const others = plan.entries.slice(1);
  const down = (p: DrawnPiece): DrawnPiece => ({
    ...p,
    put: [...p.put.slice(0, 9), p.put[9], p.put[10], p.put[11]! - 15] as unknown as DrawnPiece['put'],
  });

  test.each<[string, string, () => string[]]>([
    ['a head pushed into icing', 'contact', () => spoiled({}, drawn(going).map(down))],
    ['a stem that lies in icing', 'stem', () => spoiled({ stems: [{ pieceId: 'x', curve: [[0, 0, 50], [20, 0, 50]] }] })], // prettier-ignore
    ['bare wire in cake', 'barrier', () => spoiled({ entries: [{ ...first, barrier: null, boreMm: null }, ...others] })],
    ['a stem thicker than its bore', 'bore', () => spoiled({ entries: [{ ...first, boreMm: first.bundleMm }, ...others] })],
    ['a barrier longer than the cake is high', 'through', () => spoiled({ entries: [{ ...first, insideMm: 400 }, ...others] })],
    ['one that is not counted out', 'count', () => spoiled({ comesOut: plan.comesOut - 1 })],
  ])('notices %s', (_, rule, found) => expect(found()).toContain(rule));

  test('knows how deep a point is under the nearest face that is open', () => {
    const tiers = [
      { radiusMm: 100, heightMm: 100, edgeMm: 0, eaten: true, foam: false },
      { radiusMm: 50, heightMm: 80, edgeMm: 0, eaten: true, foam: false },
    ];
    expect(insideOf(tiers, [80, 0, 97])).toEqual({ tier: 0, deepMm: 3 });
    expect(insideOf(tiers, [96, 0, 50])).toEqual({ tier: 0, deepMm: 4 });
    expect(insideOf(tiers, [0, 0, 97])!.deepMm).toBeCloseTo(Math.hypot(50, 3), 9);
    expect(insideOf(tiers, [60, 0, 120])).toBeNull();
  });
});
