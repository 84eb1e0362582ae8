import { seededRandom } from '../geometry/random';
import { mix, addScaled, distance, dot, normalize, type Vec3 } from '../geometry/vec3';
import { cakeOf } from '../testing/samples';
import { cakeFaults, cakeHeightMm, stackTiers, tierRef } from './cake';
import { cakeSolid, keepStemClear } from './solid';
import { ENGLISH } from '../words/english';

const THREE = cakeOf([254, 115], [178, 115], [114, 110]);

describe('the stack', () => {
  test('tiers stand on each other and are named as a decorator names them', () => {
    const tiers = stackTiers(THREE);
    expect(tiers.map((t) => [t.footMm, t.topMm])).toEqual([
      [0, 115],
      [115, 230],
      [230, 340],
    ]);
    expect(cakeHeightMm(THREE)).toBe(340);
    expect([0, 1, 2].map((i) => ENGLISH.tier(tierRef(THREE, i))[0])).toEqual(['bottom tier', 'middle tier', 'top tier']);
    expect(ENGLISH.tier(tierRef(cakeOf([200, 100]), 0))[0]).toBe('tier');
  });

  test('an edge is never softened past the tier’s own size', () => {
    const cake = cakeOf([60, 12]);
    cake.tiers[0]!.edgeRadiusMm = 40;
    expect(stackTiers(cake)[0]!.edgeMm).toBe(6);
  });

  test('faults are said, with their path', () => {
    expect(cakeFaults({ ...THREE, tiers: [] })[0]!.code).toBe('cake.no-tier');
    const upside = cakeOf([100, 80], [160, 80]);
    expect(cakeFaults(upside).map((f) => f.path)).toEqual(['cake.tiers.1.diameterMm']);
    expect(cakeFaults({ ...THREE, board: { diameterMm: 200, thicknessMm: 12 } })[0]!.path).toBe('cake.board.diameterMm');
    expect(cakeFaults(THREE)).toEqual([]);
  });
});

/** Points of the exposed skin, densely: tops beyond the next tier, rounded edges, sides. */
function skinSamples(): Vec3[] {
  const points: Vec3[] = [];
  const tiers = stackTiers(THREE);
  tiers.forEach((t, i) => {
    const inner = tiers[i + 1]?.radiusMm ?? 0;
    for (let a = 0; a < 360; a += 2) {
      const c = Math.cos((a * Math.PI) / 180);
      const s = Math.sin((a * Math.PI) / 180);
      for (let z = t.footMm; z <= t.topMm - t.edgeMm; z += 2) points.push([c * t.radiusMm, s * t.radiusMm, z]);
      for (let k = 0; k <= 6; k++) {
        const b = (k / 6) * (Math.PI / 2);
        const r = t.radiusMm - t.edgeMm + t.edgeMm * Math.cos(b);
        points.push([c * r, s * r, t.topMm - t.edgeMm + t.edgeMm * Math.sin(b)]);
      }
      for (let r = inner; r <= t.radiusMm - t.edgeMm; r += 2) points.push([c * r, s * r, t.topMm]);
    }
  });
  return points;
}

describe('signed distance', () => {
  const solid = cakeSolid(THREE);
  const skin = skinSamples();
  const random = seededRandom(11);
  const places = Array.from({ length: 60 }, (): Vec3 => [random() * 320 - 160, random() * 320 - 160, random() * 380]);

  test.each(places.map((p, i) => [i, p] as const))('place %i agrees with the nearest of many skin points', (_i, p) => {
    const slow = skin.reduce((least, q) => Math.min(least, distance(p, q)), Infinity);
    const fast = solid.signedDistanceMm(p);
    // outside the solid the union's foot plane may be nearer than any exposed skin
    if (fast > 0 && p[2] < 0) return;
    expect(Math.abs(Math.abs(fast) - slow)).toBeLessThan(2.3);
    expect(Math.sign(fast)).toBe(solid.tierAt(p) ? -1 : 1);
  });

  test.each([
    ['above the middle of the top', [0, 0, 350], 10],
    ['beside the bottom tier', [147, 0, 50], 20],
    ['just under the top', [0, 0, 335], -5],
    ['inside the ledge of the bottom tier', [110, 0, 105], -10],
    ['under the middle tier: only the ledge and the side are exposed', [60, 0, 100], -Math.hypot(29, 15)],
  ] as const)('%s', (_name, p, want) => {
    expect(solid.signedDistanceMm(p as unknown as Vec3)).toBeCloseTo(want, 6);
  });

  test('normals point outward: up on a top, out on a side, between on an edge', () => {
    expect(solid.normalAt([10, 5, 345])[2]).toBeCloseTo(1, 6);
    expect(dot(solid.normalAt([0, -130, 40]), [0, -1, 0])).toBeCloseTo(1, 6);
    const edge = solid.normalAt([0, -128, 116]);
    expect(edge[2]).toBeGreaterThan(0.3);
    expect(edge[1]).toBeLessThan(-0.3);
  });

  test('a cake without tiers is far away everywhere and takes no ray', () => {
    const none = cakeSolid({ ...THREE, tiers: [] });
    expect(none.signedDistanceMm([0, 0, 0])).toBe(Infinity);
    expect(none.rayInto([0, 0, 10], [0, 0, -1])).toBeNull();
  });
});

describe('a ray into the cake', () => {
  const solid = cakeSolid(THREE);

  test('straight down the top tier: its whole height, then the tier below', () => {
    const ray = solid.rayInto([0, 0, 360], [0, 0, -1])!;
    expect(ray.toSkinMm).toBeCloseTo(20, 1);
    expect(ray.insideMm).toBeCloseTo(110, 1);
    expect(ray.meets).toBe('tier below');
    expect(ray.tier.index).toBe(2);
  });

  test('down the ledge of the bottom tier: to the board', () => {
    expect(solid.rayInto([110, 0, 130], [0, 0, -1])).toMatchObject({ meets: 'board' });
  });

  test('level into the middle tier: its diameter, then the far side', () => {
    const ray = solid.rayInto([0, -120, 170], [0, 1, 0])!;
    expect(ray.insideMm).toBeCloseTo(178, 1);
    expect(ray.meets).toBe('far side');
  });

  test('a dowel ends it', () => {
    const cake = { ...THREE, dowels: [{ xMm: 0, yMm: -40, diameterMm: 10, fromMm: 115, toMm: 230 }] };
    const ray = cakeSolid(cake).rayInto([0, -120, 170], [0, 1, 0])!;
    expect(ray.meets).toBe('dowel');
    expect(ray.insideMm).toBeCloseTo(89 - 45, 1);
  });

  test('misses are null', () => {
    expect(solid.rayInto([0, 0, 400], [0, 0, 1])).toBeNull();
    expect(solid.rayInto([300, 0, 50], [0, 1, 0])).toBeNull();
  });

  test.each(Array.from({ length: 20 }, (_, i) => i + 1))('length inside agrees with half-millimetre steps, seed %i', (seed) => {
    const random = seededRandom(seed);
    const a = random() * Math.PI * 2;
    const origin: Vec3 = [Math.cos(a) * 160, Math.sin(a) * 160, 20 + random() * 300];
    const direction = normalize([-Math.cos(a) + random() * 0.6 - 0.3, -Math.sin(a) + random() * 0.6 - 0.3, -random() * 0.7]);
    const ray = solid.rayInto(origin, direction);
    if (!ray) return;
    let steps = 0;
    for (let t = ray.toSkinMm; t < ray.toSkinMm + 400; t += 0.5) {
      const p = addScaled(origin, direction, t + 0.25);
      const inTier = Math.hypot(p[0], p[1]) < ray.tier.radiusMm && p[2] > ray.tier.footMm && p[2] < ray.tier.topMm;
      if (!inTier) break;
      steps++;
    }
    expect(Math.abs(steps * 0.5 - ray.insideMm)).toBeLessThan(7);
  });
});

test('a stem is bent clear of the skin, all but its end', () => {
  const solid = cakeSolid(cakeOf([200, 100]));
  const curve: Vec3[] = [
    [0, 0, 120],
    [10, 0, 101],
    [20, 0, 100.2],
    [30, 0, 100.1],
    [34, 0, 101],
    [34, 0, 98],
  ];
  const clear = keepStemClear({ curve, solid, clearMm: 2, leaveMm: 3 });
  expect(clear[0]).toEqual(curve[0]);
  expect(clear.at(-1)).toEqual(curve[5]);
  for (const p of clear.slice(0, -1).filter((q) => Math.hypot(q[0] - 34, q[2] - 98) > 3.6))
    expect(solid.signedDistanceMm(p)).toBeGreaterThan(1.99);
  expect(keepStemClear({ curve: [], solid, clearMm: 2, leaveMm: 3 })).toEqual([]);
});

test('between two points on either side of an edge a stem goes round it, not through it', () => {
  const solid = cakeSolid(cakeOf([200, 100]));
  const clear = keepStemClear({
    curve: [
      [60, 0, 104],
      [90, 0, 103],
      [103, 0, 80],
      [112, 0, 60],
    ],
    solid,
    clearMm: 1.6,
    leaveMm: 0,
  });
  let worst = Infinity;
  for (let i = 1; i < clear.length; i++)
    for (let t = 0; t <= 1; t += 0.05) worst = Math.min(worst, solid.signedDistanceMm(mix(clear[i - 1]!, clear[i]!, t)));
  expect(worst).toBeGreaterThan(0.8);
});
