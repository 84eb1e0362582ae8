import { ciede2000 } from '../testing/ciede2000';
import { colourwayOf } from '../botany/species';
import { FORMS, cakeOf, proposalFor, randomProject } from '../testing/samples';
import type { Arrangement } from './arrangement';
import type { PlacedPiece } from './placement';
import { readBalance, type Reading, type ReadingId } from './reading';
import { buildScene, FRONT_RAD, viewsFrom, type Scene } from './scene';

/**
 * The figures behind the readings once more, slowly and plainly: straight from the definitions, with marching instead of
 * solved equations and no shortcut of any kind.
 */
const CAKE = cakeOf([230, 110], [150, 90]);
const CLEAN = { stops: 0, looks: 0, first: null };

const scenes: readonly (readonly [string, Scene])[] = [
  ...FORMS.map((form, i): [string, Scene] => [form, buildScene(CAKE, proposalFor(form, CAKE, 20 + i, 0.08).arrangement)!]),
  ...[3, 8, 14].map((seed): [string, Scene] => {
    const project = randomProject(seed);
    return [`random ${seed}`, buildScene(project.cake, project.arrangements[0]!)!];
  }),
];

const figure = (scene: Scene, id: ReadingId): Reading['numbers'] => readBalance(scene, CLEAN).find((r) => r.id === id)!.numbers;
const faces = (scene: Scene): PlacedPiece[] => scene.heads.filter((p) => p.body.species.habit === 'head');
const away = (a: PlacedPiece, b: PlacedPiece): number =>
  Math.sqrt((a.centre[0] - b.centre[0]) ** 2 + (a.centre[1] - b.centre[1]) ** 2 + (a.centre[2] - b.centre[2]) ** 2);

/** Whether a point lies inside a body whose radii are taken at a share. */
function inside(p: PlacedPiece, x: number, y: number, z: number, share: number): boolean {
  const d = [x - p.centre[0], y - p.centre[1], z - p.centre[2]] as const;
  const along = d[0] * p.axis[0] + d[1] * p.axis[1] + d[2] * p.axis[2];
  const across2 = Math.max(0, d[0] ** 2 + d[1] ** 2 + d[2] ** 2 - along ** 2);
  return across2 / (p.body.radialMm * share) ** 2 + along ** 2 / (p.body.axialMm * share) ** 2 <= 1;
}

const fills = (p: PlacedPiece): number =>
  p.body.role === 'foliage' ? 0.66 : p.body.role === 'filler' ? 0.78 : p.body.role === 'berry' ? 0.85 : 0.97;

/** Walks along the sight both ways in small steps and asks at each whether it stands in a body. */
function covered(scene: Scene, at: readonly number[], to: readonly number[]): boolean {
  for (let t = -260; t <= 260; t += 0.4) {
    const [x, y, z] = [at[0]! + to[0]! * t, at[1]! + to[1]! * t, at[2]! + to[2]! * t];
    if (scene.heads.some((p) => inside(p, x, y, z, fills(p)))) return true;
  }
  return false;
}

describe.each(scenes)('%s', (_name, scene) => {
  test('rhythm: nearest distance over both radii, its mean and variation', () => {
    const own = faces(scene);
    const ratios = own.flatMap((p) => {
      let best: PlacedPiece | null = null;
      for (const q of own) if (q !== p && (!best || away(p, q) < away(p, best))) best = q;
      return best ? [away(p, best) / (p.body.radialMm + best.body.radialMm)] : [];
    });
    const mean = ratios.reduce((a, b) => a + b, 0) / Math.max(1, ratios.length);
    const spread = Math.sqrt(ratios.reduce((a, r) => a + (r - mean) ** 2, 0) / Math.max(1, ratios.length));
    const said = figure(scene, 'rhythm');
    expect(said.meanGapShare).toBeCloseTo(mean, 9);
    expect(said.variationShare).toBeCloseTo(mean > 0 ? spread / mean : 0, 9);
  });

  test('grading: correlation of place and ln size, from sums of products', () => {
    const own = faces(scene);
    const x = own.map((p) =>
      scene.line.shape === 'disc' ? Math.hypot(p.piece.s * 2 - 1, p.piece.side * 0.7) : scene.line.armShare(p.piece.s),
    );
    const y = own.map((p) => Math.log(2 * p.body.radialMm));
    const n = own.length;
    const total = (v: readonly number[]) => v.reduce((a, b) => a + b, 0);
    const top = n * total(x.map((v, i) => v * y[i]!)) - total(x) * total(y);
    const bottom = Math.sqrt((n * total(x.map((v) => v * v)) - total(x) ** 2) * (n * total(y.map((v) => v * v)) - total(y) ** 2));
    expect(figure(scene, 'grading').correlation).toBeCloseTo(bottom > 1e-9 ? top / bottom : 0, 6);
  });

  test('colour: neighbours’ mean squared difference over that of all pairs', () => {
    const own = faces(scene);
    const hue = (p: PlacedPiece) => colourwayOf(p.body.species, p.piece.colourway).hue;
    const [near, all] = [
      { d: 0, w: 0 },
      { d: 0, w: 0 },
    ];
    const put = (sum: { d: number; w: number }, p: PlacedPiece, q: PlacedPiece) => {
      const w = Math.min(p.body.radialMm, q.body.radialMm);
      sum.d += w * ciede2000(hue(p), hue(q)) ** 2;
      sum.w += w;
    };
    own.forEach((p, i) => {
      const rest = own
        .map((q, j) => ({ q, j }))
        .filter(({ j }) => j !== i)
        .sort((a, b) => away(p, a.q) - away(p, b.q) || a.j - b.j);
      rest.slice(0, 3).forEach(({ q }) => put(near, p, q));
      own.slice(i + 1).forEach((q) => put(all, p, q));
    });
    const said = figure(scene, 'colour').neighboursDifferShare!;
    expect(said).toBeCloseTo(all.d > 1e-9 ? near.d / near.w / (all.d / all.w) : 1, 3);
  });

  test('crowding: overlaps of every pair, counted twice over and halved', () => {
    const { clashes } = scene;
    const said = figure(scene, 'crowding');
    expect(said.clashes).toBe(new Set(clashes.map((c) => `${Math.min(c.a, c.b)}/${Math.max(c.a, c.b)}`)).size);
    expect(said.overlapMm).toBeCloseTo(clashes.reduce((a, c) => a + 2 * c.mm, 0) / 2, 9);
  });

  test('counts: even kinds, counted on the fingers', () => {
    const tally: Record<string, number> = {};
    for (const p of scene.heads)
      if (p.body.role !== 'foliage')
        tally[`${p.piece.species} ${p.body.role}`] = (tally[`${p.piece.species} ${p.body.role}`] ?? 0) + 1;
    expect(figure(scene, 'counts').evenKinds).toBe(Object.values(tally).filter((n) => n <= 11 && n % 2 === 0).length);
  });

  test('cover along the normal: sights walked in steps of 0.4 mm', () => {
    const cells = scene.grid.cells.filter((_, i) => i % 7 === 0);
    let agree = 0;
    let hit = 0;
    for (const cell of cells) {
      const n = cell.frame.normal;
      const lift = scene.line.riseMm(cell.s) * 0.3;
      const at = cell.frame.pointMm.map((v, k) => v + n[k]! * lift);
      if (covered(scene, at, n)) hit++;
      agree++;
    }
    const every = figure(scene, 'cover').coveredShare!;
    // a seventh of the cells, each counted once: within what so few can say of the whole
    expect(Math.abs(hit / Math.max(1, agree) - every)).toBeLessThan(0.06 + 1.4 / Math.sqrt(Math.max(4, agree)));
  });
});

test('the five views are unit directions a quarter turn apart, the first the front', () => {
  const views = viewsFrom(FRONT_RAD);
  expect(views[0]!.toEye[1]).toBeLessThan(-0.9);
  for (let i = 0; i < 4; i++) {
    const [a, b] = [views[i]!.toEye, views[(i + 1) % 4]!.toEye];
    expect(a[0] * b[0] + a[1] * b[1]).toBeCloseTo(0, 6);
  }
});

test('an arrangement without pieces has figures that are numbers', () => {
  const bare: Arrangement = { ...scenes[0]![1].arrangement, pieces: [] };
  for (const r of readBalance(buildScene(CAKE, bare)!, CLEAN))
    for (const value of Object.values(r.numbers)) expect(Number.isFinite(value)).toBe(true);
});
