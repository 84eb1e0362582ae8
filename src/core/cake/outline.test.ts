import { seededRandom } from '../geometry/random';
import { newTier } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import { cakeFaults, stackTiers, TIER_SHAPES, type Cake, type Tier } from './cake';
import { outlineOf } from './outline';
import { cakeSkin } from './skin';
import { cakeSolid } from './solid';

const tierOf = (over: Partial<Tier>): Tier => ({
  ...newTier({ id: 't', diameterMm: 200, heightMm: 100, colour: '#ffffff', name: 'white' }),
  ...over,
});

const TIERS: readonly Tier[] = TIER_SHAPES.flatMap((shape) => [
  tierOf({ shape, depthMm: 140 }),
  tierOf({ shape, depthMm: 260, cornerMm: 30, turnRad: 0.7, offset: { xMm: 24, yMm: -15 } }),
]);

/** Distance to the outline as a polygon: the least over its straight pieces. */
function nearestMm(tier: Tier, x: number, y: number): number {
  const ring = outlineOf(tier, 6).round(0);
  return Math.min(
    ...ring.map((p, i) => {
      const q = ring[(i + 1) % ring.length]!;
      const [dx, dy] = [q.x - p.x, q.y - p.y];
      const t = Math.max(0, Math.min(1, ((x - p.x) * dx + (y - p.y) * dy) / (dx * dx + dy * dy || 1)));
      return Math.hypot(p.x + t * dx - x, p.y + t * dy - y);
    }),
  );
}

describe.each(TIERS.map((t) => [`${t.shape}${t.turnRad ? ', turned and off the middle' : ''}`, t] as const))(
  '%s',
  (_name, tier) => {
    const outline = outlineOf(tier, 6);
    const random = seededRandom(5);

    test('its distance is the distance to the nearest point of its outline', () => {
      for (let i = 0; i < 60; i++) {
        const x = (random() - 0.5) * 420;
        const y = (random() - 0.5) * 420;
        const near = nearestMm(tier, x, y);
        expect(Math.abs(Math.abs(outline.signedMm(x, y)) - near)).toBeLessThan(0.15);
      }
    });

    test('points of the ring lie on it, drawn in by as much as is asked', () => {
      for (const p of outline.round(5)) expect(outline.signedMm(p.x, p.y)).toBeCloseTo(-5, 6);
      for (const p of outline.round(0)) {
        const [nx, ny] = outline.outwardAt(p.x + p.nx, p.y + p.ny);
        expect(nx * p.nx + ny * p.ny).toBeGreaterThan(0.999);
      }
    });

    test('its reach along a direction ends on it', () => {
      for (let a = 0; a < 6.28; a += 0.37) {
        const [x, y] = [tier.offset.xMm + 8, tier.offset.yMm - 5];
        const r = outline.reachMm(x, y, a, 3);
        expect(outline.signedMm(x + Math.cos(a) * r, y + Math.sin(a) * r)).toBeCloseTo(-3, 3);
      }
    });

    test('every place of its skin lies on its solid, and a ray in from there leaves through a face', () => {
      const cake: Cake = { ...cakeOf(), tiers: [tier], board: { diameterMm: 500, thicknessMm: 12 } };
      const skin = cakeSkin(cake);
      const solid = cakeSolid(cake);
      for (let i = 0; i < 60; i++) {
        const p = skin.at(random() * 6.28, random() * skin.lengthMm);
        expect(Math.abs(solid.signedDistanceMm(p.pointMm))).toBeLessThan(0.05);
        const into = [-p.normal[0], -p.normal[1], -p.normal[2]] as const;
        const ray = solid.rayInto(p.pointMm, into)!;
        // brute force: step on until the solid is left
        let t = 0.5;
        const at = (far: number) =>
          solid.signedDistanceMm([ray.entry[0] + into[0] * far, ray.entry[1] + into[1] * far, ray.entry[2] + into[2] * far]);
        while (t < 400 && at(t) <= 0) t += 0.25;
        expect(Math.abs(ray.insideMm - t)).toBeLessThan(1.2);
      }
    });
  },
);

test('areas: a square with sharp corners is a², a hexagon across flats √3/2 · a² (plane geometry)', () => {
  const area = (tier: Tier) => {
    const ring = outlineOf(tier, 0).round(0);
    return ring.reduce((a, p, i) => a + (p.x * ring[(i + 1) % ring.length]!.y - ring[(i + 1) % ring.length]!.x * p.y) / 2, 0);
  };
  expect(area(tierOf({ shape: 'square', cornerMm: 0 })) / 200 ** 2).toBeCloseTo(1, 3);
  expect(area(tierOf({ shape: 'hexagon', cornerMm: 0 })) / ((Math.sqrt(3) / 2) * 200 ** 2)).toBeCloseTo(1, 3);
});

describe('what cannot be stacked', () => {
  const two = cakeOf([200, 100], [150, 100]);

  test('a tier pushed over the edge of the one below is said, with by how much', () => {
    const cake = { ...two, tiers: two.tiers.map((t, i) => (i ? { ...t, offset: { xMm: 40, yMm: 0 } } : t)) };
    expect(cakeFaults(cake)).toEqual([
      { code: 'cake.tier-overhangs', values: { tier: { index: 1, of: 2 }, overMm: 15 }, path: 'cake.tiers.1.offset' },
    ]);
    expect(cakeFaults({ ...two, tiers: two.tiers.map((t, i) => (i ? { ...t, offset: { xMm: 25, yMm: 0 } } : t)) })).toEqual([]);
  });

  test('a square whose corners stick out over a round is said, though it is narrower', () => {
    const cake = { ...two, tiers: two.tiers.map((t, i) => (i ? { ...t, shape: 'square' as const } : t)) };
    // half diagonal of a 150 square with corners of 12: 63·√2 + 12 = 101.1 over a radius of 100
    expect(cakeFaults(cake)[0]).toMatchObject({ code: 'cake.tier-overhangs', values: { overMm: 2 } });
  });

  test('a board must hold the bottom tier’s corners', () => {
    const square = {
      ...two,
      tiers: [{ ...two.tiers[0]!, shape: 'square' as const }],
      board: { diameterMm: 220, thicknessMm: 10 },
    };
    expect(cakeFaults(square)[0]).toMatchObject({ code: 'cake.board-small', values: { boardMm: 220 } });
  });

  test('heights of the stack do not change with shape', () => {
    expect(stackTiers(two).map((t) => t.topMm)).toEqual([100, 200]);
  });
});
