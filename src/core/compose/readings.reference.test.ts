import { SHIPPED } from '../botany/catalogue';
import { ciede2000 } from '../testing/ciede2000';
import { colourwayOf } from '../botany/species';
import { COMPOSED_FORMS, cakeOf, proposalFor, randomProject } from '../testing/samples';
import type { Arrangement } from './arrangement';
import type { PlacedPiece } from './placement';
import { readBalance } from './readBalance';
import { type Reading, type ReadingId } from './reading';
import { Measures } from './measures';
import { buildScene, FRONT_RAD, PETAL_GIVE_MM, viewsFrom, type Scene } from './scene';

/**
 * The figures behind the readings once more, slowly and plainly: straight from the definitions, with marching instead of
 * solved equations and no shortcut of any kind.
 */
const CAKE = cakeOf([230, 110], [150, 90]);
const CLEAN = { stops: 0, looks: 0, first: null };

const scenes: readonly (readonly [string, Scene])[] = [
  ...COMPOSED_FORMS.map((form, i): [string, Scene] => [
    form,
    buildScene(CAKE, proposalFor({ form, cake: CAKE, seed: 20 + i, effort: 0.08 }).arrangement, SHIPPED)!,
  ]),
  ...[3, 8, 14].map((seed): [string, Scene] => {
    const project = randomProject(seed);
    return [`random ${seed}`, buildScene(project.cake, project.arrangements[0]!, SHIPPED)!];
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

/** Distance from the middle to the surface along a direction, walked; and how far the body reaches that way, sampled. */
function contact(p: PlacedPiece, way: readonly number[]): number {
  let surface = 0;
  while (inside(p, p.centre[0] + way[0]! * surface, p.centre[1] + way[1]! * surface, p.centre[2] + way[2]! * surface, 1))
    surface += 0.02;
  const along = way[0]! * p.axis[0] + way[1]! * p.axis[1] + way[2]! * p.axis[2];
  const across = Math.sqrt(Math.max(0, 1 - along * along));
  let support = 0;
  for (let a = 0; a < Math.PI * 2; a += 0.002)
    support = Math.max(support, Math.cos(a) * p.body.axialMm * along + Math.sin(a) * p.body.radialMm * across);
  return Math.sqrt(surface * support) * p.body.solidity;
}

/** Walks along the sight both ways in small steps and asks at each whether it stands in one of these bodies. */
function meets(bodies: readonly PlacedPiece[], at: readonly number[], to: readonly number[]): boolean {
  for (let t = -260; t <= 260; t += 0.4) {
    const [x, y, z] = [at[0]! + to[0]! * t, at[1]! + to[1]! * t, at[2]! + to[2]! * t];
    if (bodies.some((p) => inside(p, x, y, z, fills(p)))) return true;
  }
  return false;
}

const reach = (p: PlacedPiece): number => Math.max(p.body.radialMm, p.body.axialMm);
const toward = (from: readonly number[], p: PlacedPiece, to: readonly number[]): number =>
  p.centre.reduce((a, v, k) => a + (v - from[k]!) * to[k]!, 0);

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

  test('crowding: every pair of heads, contact radii from marched surface and sampled support', () => {
    const own = scene.heads.map((p, i) => ({ p, i })).filter(({ p }) => p.body.species.habit === 'head');
    const said = new Map(scene.clashes.map((c) => [`${c.a}/${c.b}`, c.mm]));
    for (const { p, i } of own)
      for (const { p: q, i: j } of own) {
        if (j <= i) continue;
        const far = away(p, q);
        const way = q.centre.map((v, k) => (v - p.centre[k]!) / far);
        const mm =
          contact(p, way) +
          contact(
            q,
            way.map((v) => -v),
          ) -
          far -
          PETAL_GIVE_MM;
        if (Math.abs(mm) > 0.25) expect(said.has(`${i}/${j}`)).toBe(mm > 0);
        if (mm > 0.25) expect(Math.abs(said.get(`${i}/${j}`)! - mm)).toBeLessThan(0.2);
      }
    expect(figure(scene, 'crowding').overlapMm).toBeCloseTo(
      [...said.values()].reduce((a, b) => a + b, 0),
      9,
    );
  });

  test('counts: even kinds, counted on the fingers', () => {
    const tally: Record<string, number> = {};
    for (const p of scene.heads)
      if (p.body.role !== 'foliage')
        tally[`${p.piece.species} ${p.body.role}`] = (tally[`${p.piece.species} ${p.body.role}`] ?? 0) + 1;
    // on a plaque four are as usual as five
    const even = Object.values(tally).filter((n) => n <= 11 && n % 2 === 0).length;
    expect(figure(scene, 'counts').evenKinds).toBe(scene.line.plate ? 0 : even);
  });

  test('cover, cell by cell, along the normal and from the five views: sights walked in steps of 0.4 mm', () => {
    const { looks, hits } = new Measures(scene);
    const highest = Math.max(...scene.grid.cells.map((c) => scene.line.riseMm(c.s)));
    const views = viewsFrom(scene.frontRad);
    let other = 0;
    let asked = 0;
    scene.grid.cells.forEach((cell, i) => {
      if (i % 61 !== 0) return;
      const n = cell.frame.normal;
      const rise = scene.line.riseMm(cell.s);
      const at = cell.frame.pointMm.map((v, k) => v + n[k]! * rise * 0.3);
      looks.forEach((look, k) => {
        const to = k === 0 ? n : views[k - 1]!.toEye;
        const faces = n[0] * to[0] + n[1] * to[1] + n[2] * to[2] >= 0.2;
        expect(look.facing[i]).toBe(faces ? 1 : 0);
        if (!faces) return;
        const there = scene.heads.filter((p) =>
          k === 0
            ? Math.hypot(...p.centre.map((v, d) => v - at[d]!)) <= 2 * reach(p) + highest
            : toward(at, p, to) >= -reach(p) - rise,
        );
        asked++;
        if (meets(there, at, to) !== hits[k]![i]! > 0) other++;
      });
    });
    // only a sight that grazes a body between two steps may differ
    expect(other / asked).toBeLessThanOrEqual(0.02);
  });

  test('wire hidden: from each root to each eye, walked until a body or the cake stands in the way', () => {
    const said = new Measures(scene).rootsSeen();
    let other = 0;
    scene.heads.forEach((p, i) => {
      const back = p.spine.length
        ? p.base.map((v, k) => v - 4 * p.axis[k]!)
        : p.centre.map((v, k) => v - 0.95 * p.body.axialMm * p.axis[k]!);
      let [open, seen] = [0, 0];
      for (const { toEye } of viewsFrom(scene.frontRad)) {
        const leans = p.frame.normal[0] * toEye[0] + p.frame.normal[1] * toEye[1] + p.frame.normal[2] * toEye[2];
        if (leans < 0.2) continue;
        let cake = false;
        for (let t = 6; t <= 90 && !cake; t += 1)
          cake = scene.solid.signedDistanceMm([back[0]! + toEye[0] * t, back[1]! + toEye[1] * t, back[2]! + toEye[2] * t]) < -1;
        if (cake) continue;
        open++;
        const looksBack = !p.spine.length && p.axis[0] * toEye[0] + p.axis[1] * toEye[1] + p.axis[2] * toEye[2] > 0.05;
        const before = scene.heads.filter((q) => q !== p && toward(back, q, toEye) > 0);
        if (!looksBack && !meets(before, back, toEye)) seen++;
      }
      if (Math.abs((open ? seen / open : 0) - said[i]!) > 1e-9) other++;
    });
    // the cake is asked at five places along each sight there and at eighty-five here
    expect(other / Math.max(1, scene.heads.length)).toBeLessThanOrEqual(0.08);
  });

  test('focal: what lies within the zone, summed by hand', () => {
    if (scene.line.shape !== 'open') return;
    const zone = Math.max(0.16 * scene.line.lengthMm, 55);
    let [within, total] = [0, 0];
    scene.heads.forEach((p, i) => {
      const along = (p.piece.s - scene.line.focal) * scene.line.lengthMm;
      total += scene.weights[i]!;
      if (Math.sqrt(along ** 2 + (0.4 * p.sideMm) ** 2) < zone) within += scene.weights[i]!;
    });
    expect(figure(scene, 'focal').zoneMm).toBeCloseTo(zone, 9);
    expect(figure(scene, 'focal').weightInZoneShare).toBeCloseTo(total ? within / total : 0, 9);
  });

  test('focal: how much of the leading faces stands behind others, walked', () => {
    const roles = ['focal', 'secondary', 'spray', 'filler'] as const;
    const leading = roles.find((role, i) => i === roles.length - 1 || scene.heads.some((p) => p.body.role === role));
    const shares = scene.heads
      .filter((p) => p.body.role === leading)
      .map((p) => {
        const up = [
          p.axis[1] * p.across[2] - p.axis[2] * p.across[1],
          p.axis[2] * p.across[0] - p.axis[0] * p.across[2],
          p.axis[0] * p.across[1] - p.axis[1] * p.across[0],
        ] as const;
        const front = [0, 1, 2].map((k) => p.centre[k]! + p.axis[k]! * 0.6 * p.body.axialMm);
        const ahead = scene.heads.filter(
          (q) => q !== p && [0, 1, 2].reduce((a, k) => a + (q.centre[k]! - front[k]!) * p.axis[k]!, 0) > 0,
        );
        let hidden = 0;
        for (let k = -1; k < 6; k++) {
          const [a, b] = k < 0 ? [0, 0] : [0.6 * Math.cos((k * Math.PI) / 3), 0.6 * Math.sin((k * Math.PI) / 3)];
          const at = [0, 1, 2].map((m) => front[m]! + p.body.radialMm * (a * p.across[m]! + b * up[m]!));
          if (meets(ahead, at, p.axis)) hidden++;
        }
        return hidden / 7;
      });
    const said = figure(scene, 'focal').hiddenShare!;
    // steps of 0.4 mm may miss what a sight only grazes
    expect(Math.abs(said - (shares.length ? shares.reduce((a, b) => a + b, 0) / shares.length : 0))).toBeLessThan(0.04);
  });

  test('focal: the heaviest stretch elsewhere, and grading: area beside the taper, counted by hand', () => {
    const { line, heads, weights } = scene;
    if (line.shape !== 'open') return;
    const zone = Math.max(0.16 * line.lengthMm, 55);
    const stretches = Array.from({ length: 24 }, (_, k) => ({
      far: Math.abs((k + 0.5) / 24 - line.focal) * line.lengthMm >= zone,
      weight: heads.reduce((a, p, i) => a + (p.piece.s >= k / 24 && (p.piece.s < (k + 1) / 24 || k === 23) ? weights[i]! : 0), 0),
    }));
    const most = (far: boolean) => Math.max(0, ...stretches.filter((x) => x.far === far).map((x) => x.weight));
    const rival = most(false) > 0 ? most(true) / most(false) : most(true) > 0 ? 1 : 0;
    expect(figure(scene, 'focal').rivalShare).toBeCloseTo(Math.min(1, Math.max(0.6, rival)), 9);

    const own = faces(scene).map((p) => {
      const arm = p.piece.s < line.focal ? line.focal : 1 - line.focal;
      return { out: arm > 0 ? Math.abs(p.piece.s - line.focal) / arm : 0, area: p.body.radialMm ** 2 };
    });
    const total = own.reduce((a, f) => a + f.area, 0);
    const width = (k: number) =>
      line.halfWidthMm(line.focal + ((k + 0.5) / 40) * (1 - line.focal)) ** 1.5 +
      line.halfWidthMm(line.focal - ((k + 0.5) / 40) * line.focal) ** 1.5;
    const steps = Array.from({ length: 40 }, (_, k) => k);
    const whole = steps.reduce((a, k) => a + width(k), 0);
    const gaps = steps.map((k) => {
      const carried = steps.filter((j) => j <= k).reduce((a, j) => a + width(j), 0) / whole;
      const held = own.filter((f) => Math.min(39, Math.floor(f.out * 40)) <= k).reduce((a, f) => a + f.area, 0) / total;
      return Math.abs(held - carried);
    });
    if (total > 0) expect(figure(scene, 'grading').taperGapShare).toBeCloseTo(gaps.reduce((a, b) => a + b, 0) / 40, 6);
  });

  test('weight: where it lies along and across, summed by hand', () => {
    const { heads, weights, grid } = scene;
    const total = weights.reduce((a, b) => a + b, 0);
    if (total === 0) return expect(figure(scene, 'weight')).toEqual({});
    let [side, s, area, idealS] = [0, 0, 0, 0];
    heads.forEach((p, i) => {
      side += (p.piece.side * weights[i]!) / total;
      s += (p.piece.s * weights[i]!) / total;
    });
    for (const c of grid.cells) {
      area += c.areaMm2;
      idealS += c.s * c.areaMm2;
    }
    expect(figure(scene, 'weight').acrossShare).toBeCloseTo(side, 9);
    expect(figure(scene, 'weight').alongShare).toBeCloseTo(s - idealS / area, 9);
  });

  test('facing: length of the mean axis, and heads that look within 12° of one of their two nearest', () => {
    const own = faces(scene);
    const mean = [0, 1, 2].map((k) => own.reduce((a, p) => a + p.axis[k]!, 0) / Math.max(1, own.length));
    const said = figure(scene, 'facing');
    expect(said.togetherShare).toBeCloseTo(own.length ? Math.sqrt(mean.reduce((a, v) => a + v * v, 0)) : 1, 9);
    const same = own.filter((p) => {
      const near = own
        .filter((q) => q !== p)
        .sort((a, b) => away(p, a) - away(p, b))
        .slice(0, 2);
      return near.some((q) => {
        const cosine = Math.min(1, p.axis[0] * q.axis[0] + p.axis[1] * q.axis[1] + p.axis[2] * q.axis[2]);
        return Math.acos(cosine) < 0.21;
      });
    });
    expect(said.sameWay).toBe(same.length);
  });

  test('scale: the largest head over the others of its role', () => {
    const own = [...faces(scene)].sort((a, b) => b.body.radialMm - a.body.radialMm || a.piece.id.localeCompare(b.piece.id));
    if (!own[0]) return expect(figure(scene, 'scale').largestMm).toBe(0);
    const peers = own.slice(1).filter((p) => p.body.role === own[0]!.body.role);
    const others = peers.reduce((a, p) => a + p.body.radialMm, 0) / Math.max(1, peers.length);
    expect(figure(scene, 'scale').largestMm).toBeCloseTo(own[0].body.radialMm * 2, 9);
    expect(figure(scene, 'scale').overOthers).toBeCloseTo(peers.length ? own[0].body.radialMm / others : 1, 9);
  });

  test('flow: leaves counted, and what strays past the line by more than a third of its radius', () => {
    const said = figure(scene, 'flow');
    expect(said.leaves).toBe(scene.heads.filter((p) => p.body.role === 'foliage').length);
    let stray = 0;
    for (const p of scene.heads) {
      const past = Math.abs(p.sideMm) - scene.line.halfWidthMm(p.piece.s) - 0.3 * p.body.radialMm;
      if (past > 0) stray += past;
    }
    expect(said.strayMm).toBeCloseTo(stray, 9);
    if (scene.line.shape !== 'open') return;
    // a leaf goes with the line when it points to the tip of its own arm
    const leaves = scene.heads.filter((p) => p.body.role === 'foliage');
    const ways = leaves.map((p) => {
      const along = p.axis[0] * p.frame.along[0] + p.axis[1] * p.frame.along[1] + p.axis[2] * p.frame.along[2];
      return p.piece.s < scene.line.focal ? -along : along;
    });
    expect(said.withTheLineShare).toBeCloseTo(ways.reduce((a, b) => a + b, 0) / Math.max(1, ways.length), 9);
    expect(said.againstTheLine).toBe(ways.filter((w) => w < 0.1).length);
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
  for (const r of readBalance(buildScene(CAKE, bare, SHIPPED)!, CLEAN))
    for (const value of Object.values(r.numbers)) expect(Number.isFinite(value)).toBe(true);
});
