import { kindMesh, SHIPPED } from '../botany/catalogue';
import { modelOf, pieceMap } from '../compose/modelled';
import { buildScene } from '../compose/scene';
import { faultsOf, insideOf, type CheckedJob, type CheckedPlan, type DrawnPiece } from '../testing/checker';
import { cakeOf, FORMS, proposalFor, randomProject } from '../testing/samples';
import { derivePlan, type DerivedPlan } from './derivePlan';
import { must } from '../geometry/must';
import { handOverSheets } from '../formats/handOverSheets';
import { addScaled } from '../geometry/vec3';
import { MESSAGES as EN } from '../words/en';
import { MESSAGES as ES } from '../words/es';
import { MESSAGES as FR } from '../words/fr';
import { Words } from '../words/words';
import { defaultLine, newProject } from './newProject';
import type { Project } from './project';

/** How many random jobs; `npm run proof` looks at more. */
const RANDOM = Number(process.env.PROOF ?? 40);
jest.setTimeout(60_000 + RANDOM * 3_000);

const jobOf = ({ cake, brief }: Project): CheckedJob => ({
  tiers: cake.tiers.map((t) => ({
    ...{ shape: t.shape, acrossMm: t.diameterMm, backMm: t.depthMm, cornerMm: t.cornerMm, turnRad: t.turnRad, ...t.offset },
    heightMm: t.heightMm,
    edgeMm: t.edgeRadiusMm,
    eaten: t.covering.eaten,
    foam: t.kind === 'dummy',
  })),
  dustEdible: brief.dust === 'edible',
  dowels: cake.dowels.map((d) => ({ ...d, radiusMm: d.diameterMm / 2 })),
  // as they are sold: values from memory
  soldMm: { 'stirring-straw': 130, 'cocktail-straw': 150, 'drinking-straw': 200, 'wide-straw': 220, skewer: 200, toothpick: 65 },
});
/** English first. */
const WORDS = [new Words(EN), new Words(ES), new Words(FR)];
const sheetsIn = (plan: DerivedPlan, words: Words) =>
  handOverSheets(plan.handOver, { name: 'Job', when: 'then', copies: 1, stops: [] }, words);
const planOf = (plan: DerivedPlan): CheckedPlan => ({
  verdict: plan.verdict,
  entries: plan.entries,
  stems: plan.stems,
  wires: plan.wires,
  mains: plan.arrangements.flatMap((a) => a.sprays.flatMap((s) => s.joints)),
  comesOut: plan.handOver.comesOut,
  rows: WORDS.map((words) => sheetsIn(plan, words).cutter.rows.length),
  toppersEaten: JSON.stringify(sheetsIn(plan, must(WORDS[0]))).includes('glued on may be eaten'),
});
const UNWIRED = ['rolled rosette', 'cupped flower', 'hand-wrapped', 'unwired leaf', 'pressed leaf', 'laid flower', 'tiny floret'];
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
      // no method of a random job is without wire but those that are called so
      // what has no wire lies, and needs no barrier
      stands: a.line.form === 'plaque' || UNWIRED.includes(p.body.species.method) ? null : p.piece.id,
      noFood: p.body.species.threaded === true || !UNWIRED.includes(p.body.species.method),
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
/** The same job on foam under icing that is eaten: its pieces may not be pushed in. */
const onIcedFoam = (project: Project): Project => ({
  ...onFoam(project),
  cake: { ...project.cake, tiers: project.cake.tiers.map((t) => ({ ...t, kind: 'dummy' })) },
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
/** The same job on tiers that hardly hold a barrier. */
const thin = (project: Project): Project => ({
  ...project,
  cake: { ...project.cake, tiers: project.cake.tiers.map((t) => ({ ...t, heightMm: t.heightMm * 0.32 })) },
});
const composed = (seed: number): Project => {
  const cake = cakeOf([220, 100], [150, 90]);
  const { arrangement } = proposalFor({ form: FORMS[seed % FORMS.length]!, cake, seed, effort: 0.2 });
  const job = newProject(`composed-${seed}`, 'Composed', '2027-06-12T09:30');
  return { ...job, cake, arrangements: [arrangement], brief: { ...job.brief, dust: 'not edible' } };
};

const SHAPES = ['square', 'rectangle', 'hexagon'] as const;
/** The same job on tiers with corners, turned a little and off the middle. */
const cornered = (project: Project, seed: number): Project => ({
  ...project,
  cake: {
    ...project.cake,
    tiers: project.cake.tiers.map((t, i) => ({
      ...t,
      shape: SHAPES[(seed + i) % 3]!,
      diameterMm: t.diameterMm * 0.9,
      depthMm: t.diameterMm * 0.75,
      cornerMm: 4 + (seed % 5) * 4,
      turnRad: i ? 0.3 * (seed % 4) : 0,
      offset: { xMm: i * ((seed % 7) - 3), yMm: i * ((seed % 5) - 2) },
    })),
  },
});

/** A second arrangement of another job on the same cake. */
const withMore = (project: Project, seed: number): Project => ({
  ...project,
  arrangements: [
    ...project.arrangements,
    ...randomProject(seed + 500, 5).arrangements.map((a) => ({
      ...a,
      id: 'a2',
      line: defaultLine(a.line.form, project.cake),
      pieces: a.pieces.map((p) => ({ ...p, id: `q${p.id}` })),
    })),
  ],
});
/** The same job with dowels right beside what would go in without them. */
const withDowels = (project: Project): Project => {
  const dowels = derivePlan(project)
    .entries.slice(0, 4)
    .map(({ pointMm: [x, y, z], direction: [dx, dy, dz], insideMm }, i) => {
      const at = insideMm * 0.6;
      const aside = [5, -5, 6, -6][i]!;
      return { xMm: x + dx * at + aside, yMm: y + dy * at, diameterMm: 8, fromMm: 0, toMm: z + dz * 2 };
    });
  return { ...project, cake: { ...project.cake, dowels } };
};

/** The same job with every head a small one of wired petals and stamens, each wanted in the narrowest straw. */
const inNarrowStraws = (project: Project): Project => {
  const arrangements = project.arrangements.map((a) => ({
    ...a,
    pieces: a.pieces.map((p) => ({ ...p, species: 'anemone', stage: 'open', sizeMm: 30 })),
  }));
  const wanted = { ...project, arrangements };
  const barrierFor = derivePlan(wanted).entries.map((e) => ({ entryId: e.id, barrier: 'stirring-straw' }));
  return { ...wanted, barrierFor };
};

const SEEDS = Array.from({ length: RANDOM }, (_, i) => 9000 + i);
const COMPOSED = Array.from({ length: Math.max(4, Math.round(RANDOM / 8)) }, (_, i) => i);

test('no random plan says go where a second look finds what must not be; nor on foam, nor with foam between, nor with two arrangements, nor on thin tiers, nor beside dowels', () => {
  let go = 0;
  for (const seed of SEEDS)
    for (const project of [
      randomProject(seed),
      onFoam(seed % 2 ? thin(randomProject(seed, 6)) : randomProject(seed, 6)),
      onIcedFoam(randomProject(seed, 4)),
      mixed(randomProject(seed, 6), seed % 2),
      withMore(randomProject(seed, 6), seed),
      thin(randomProject(seed, 6)),
      withDowels(randomProject(seed, 6)),
      inNarrowStraws(randomProject(seed, 4)),
      cornered(randomProject(seed, 8), seed),
    ]) {
      const { goes, found } = looked(project);
      expect(found).toEqual([]);
      if (goes) go++;
    }
  // enough of them say go for that to mean something
  expect(go).toBeGreaterThan(RANDOM / 10);
});

/** The same arrangement twice on one cake, a hair higher. */
const twice = (project: Project): Project => ({
  ...project,
  arrangements: project.arrangements.flatMap((a) => [a, { ...a, id: 'a2', pieces: a.pieces.map((p) => ({ ...p, id: `q${p.id}`, lift: p.lift + 0.03 })) }]), // prettier-ignore
});
/** The same job with its second piece moved onto its first, or so far above it that only its stem goes through it. */
const stacked = (project: Project, higher = 0): Project => ({
  ...project,
  arrangements: project.arrangements.map((a) => {
    const [first, ...rest] = a.pieces;
    return first ? { ...a, pieces: [first, ...rest.map((p, i) => (i ? p : { ...p, s: first.s, side: first.side, lift: first.lift + higher }))] } : a; // prettier-ignore
  }),
});

test('no composed plan does', () => {
  let go = 0;
  for (const seed of COMPOSED)
    for (const project of [
      composed(seed),
      mixed(composed(seed), 0),
      stacked(composed(seed)),
      stacked(composed(seed), 1),
      twice(composed(seed)),
    ]) {
      const { goes, found } = looked(project);
      expect(found).toEqual([]);
      if (goes) go++;
    }
  expect(go).toBeGreaterThan(0);
});

describe('the second look itself', () => {
  const going = must(COMPOSED.map(composed).find((p) => derivePlan(p).verdict === 'go'));
  const plan = planOf(derivePlan(going));
  const spoiled = (change: Partial<CheckedPlan>, pieces = drawn(going), job: Partial<CheckedJob> = {}) =>
    faultsOf({ ...jobOf(going), ...job }, { ...plan, ...change }, pieces).map((f) => f.rule);
  const first = plan.entries[0]!;
  const others = plan.entries.slice(1);
  const down = (p: DrawnPiece): DrawnPiece => ({
    ...p,
    put: [...p.put.slice(0, 9), p.put[9], p.put[10], p.put[11]! - 15] as unknown as DrawnPiece['put'],
  });

  /** a stem that goes down the axis of a head, from far before it to far behind */
  const alongAxis = ({ footMm, faces }: DrawnPiece) =>
    faces ? [{ pieceId: 'none', curve: [40, -20].map((mm) => addScaled(footMm, faces, mm)) }] : [];

  test.each<[string, string, () => string[]]>([
    ['a head pushed into icing', 'contact', () => spoiled({}, drawn(going).map(down))],
    ['a stem that lies in icing', 'stem', () => spoiled({ stems: [{ pieceId: 'x', curve: [[0, 0, 50], [20, 0, 50]] }] })], // prettier-ignore
    ['a main stem taped so thick that it lies in icing', 'main', () => spoiled({ mains: [{ course: [[20, 0, 103], [30, 0, 103]], thicknessMm: 8 }] })], // prettier-ignore
    ['bare wire in cake', 'barrier', () => spoiled({ entries: [{ ...first, barrier: null, boreMm: null }, ...others] })],
    ['a stem thicker than its bore', 'bore', () => spoiled({ entries: [{ ...first, boreMm: first.bundleMm }, ...others] })],
    ['more petal wires than a bore holds', 'packed', () => spoiled({ wires: plan.wires.map((w) => ({ ...w, count: 40 * w.count })) })], // prettier-ignore
    ['a barrier longer than the cake is high', 'through', () => spoiled({ entries: [{ ...first, insideMm: 400 }, ...others] })],
    ['two barriers in one place', 'wall', () => spoiled({ entries: [first, { ...first, id: 'x' }, ...others] })],
    ['a barrier beside a dowel', 'dowel', () => spoiled({}, undefined, { dowels: [{ xMm: first.pointMm[0], yMm: first.pointMm[1], radiusMm: 4, fromMm: 0, toMm: 400 }] })], // prettier-ignore
    ['a straw cut longer than it is sold', 'sold', () => spoiled({ entries: [{ ...first, barrier: 'drinking-straw', cutMm: 230 }, ...others] })], // prettier-ignore
    ['a stake with nothing to tape to', 'tied', () => spoiled({ entries: [{ ...first, kind: 'stake', cutMm: first.insideMm + 2 }, ...others] })], // prettier-ignore
    [
      'two heads in one place',
      'room',
      () => spoiled({}, [...drawn(going), ...drawn(going).map((p) => ({ ...p, id: `${p.id}x` }))]),
    ],
    ['a stem through the middle of a head', 'pierced', () => spoiled({ stems: drawn(going).flatMap(alongAxis) })],
    ['toppers on wire that are called food', 'food', () => spoiled({ toppersEaten: true })],
    ['a piece that goes in nowhere', 'seated', () => spoiled({ entries: others })],
    ['a sheet that leaves one out', 'count', () => spoiled({ rows: [plan.comesOut - 1] })],
    ['one that is not counted out', 'count', () => spoiled({ comesOut: plan.comesOut - 1 })],
  ])('notices %s', (_, rule, found) => expect(found()).toContain(rule));

  describe('how deep a point is', () => {
    const tier = (acrossMm: number, heightMm: number, other: Partial<CheckedJob['tiers'][number]> = {}) => ({
      ...({ shape: 'round', acrossMm, backMm: acrossMm, cornerMm: 0, xMm: 0, yMm: 0, turnRad: 0 } as const),
      ...{ heightMm, edgeMm: 0, eaten: true, foam: false, ...other },
    });

    test('under the nearest face that is open', () => {
      const tiers = [tier(200, 100), tier(100, 80)];
      expect(insideOf(tiers, [80, 0, 97])).toEqual({ tier: 0, deepMm: 3 });
      expect(insideOf(tiers, [96, 0, 50])).toEqual({ tier: 0, deepMm: 4 });
      expect(insideOf(tiers, [0, 0, 97])!.deepMm).toBeCloseTo(Math.hypot(50, 3), 9);
      expect(insideOf(tiers, [60, 0, 120])).toBeNull();
    });

    test.each([
      ['a square’s side', { shape: 'square' }, [95, 60, 50], 5],
      ['a square’s round corner', { shape: 'square', cornerMm: 20 }, [94, 94, 50], 20 - Math.hypot(14, 14)],
      ['beside a square’s round corner', { shape: 'square', cornerMm: 20 }, [96, 96, 50], null],
      ['a rectangle’s back', { shape: 'rectangle', backMm: 120 }, [0, 57, 50], 3],
      ['a hexagon’s flat', { shape: 'hexagon' }, [0, 97, 50], 3],
      ['a hexagon’s point', { shape: 'hexagon' }, [114, 0, 50], (200 / Math.sqrt(3) - 114) * Math.cos(Math.PI / 6)],
      [
        'a square turned by an eighth',
        { shape: 'square', turnRad: Math.PI / 4 },
        [130, 0, 50],
        (100 * Math.SQRT2 - 130) / Math.SQRT2,
      ],
      ['a round one off the middle', { xMm: 10, yMm: -5 }, [105, -5, 50], 5],
    ] as const)('in %s', (_, other, at, deepMm) => {
      const found = insideOf([tier(200, 100, other)], [...at]);
      if (deepMm === null) expect(found).toBeNull();
      else expect(found!.deepMm).toBeCloseTo(deepMm, 6);
    });
  });
});
