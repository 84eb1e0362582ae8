import { seededRandom } from '../geometry/random';
import { distance, addScaled, normalize, type Vec3 } from '../geometry/vec3';
import { wallBetweenMm, Walls, wantedWallMm, type Standing } from './walls';

const random = seededRandom(21);
const standing = (): Standing => ({
  point: [random() * 160, random() * 160, 80 + random() * 30],
  direction: normalize([random() - 0.5, random() - 0.5, -random()]),
  insideMm: 20 + random() * 60,
  od: 3 + random() * 6,
});
const all = Array.from({ length: 60 }, standing);
const others = (i: number) => all.filter((_, j) => j !== i);

describe('the walls of cake between barriers', () => {
  it('between two upright ones is the distance of their middles less both halves', () => {
    const upright = (x: number, od: number): Standing => ({ point: [x, 0, 100], direction: [0, 0, -1], insideMm: 40, od });
    expect(wallBetweenMm(upright(0, 6), upright(20, 4))).toBeCloseTo(15, 9);
    expect(wallBetweenMm(upright(0, 6), upright(3, 4))).toBeCloseTo(-2, 9);
  });

  it('is the least distance found by walking both in small steps', () => {
    for (let i = 0; i < 20; i++) {
      const [a, b] = [standing(), standing()];
      const along = (s: Standing, k: number): Vec3 => addScaled(s.point, s.direction, (s.insideMm * k) / 200);
      let least = Infinity;
      for (let k = 0; k <= 200; k++) for (let m = 0; m <= 200; m++) least = Math.min(least, distance(along(a, k), along(b, m)));
      const wall = wallBetweenMm(a, b) + (a.od + b.od) / 2;
      expect(wall).toBeLessThanOrEqual(least + 1e-9);
      expect(wall).toBeGreaterThan(least - 0.5);
    }
  });

  it('are the same as by asking every pair', () => {
    const walls = new Walls(all);
    all.forEach((own, i) => {
      expect(walls.thinnestMm(i)).toBe(Math.min(...others(i).map((q) => wallBetweenMm(own, q))));
      const missing = others(i).reduce((a, q) => a + Math.max(0, wantedWallMm(own, q) - wallBetweenMm(own, q)), 0);
      expect(walls.missingMm(i)).toBeCloseTo(missing, 9);
      for (const [j, q] of all.entries())
        if (j !== i && wallBetweenMm(own, q) < wantedWallMm(own, q)) expect(walls.near(i)).toContain(j);
    });
  });

  it('follow a barrier that is seated elsewhere, and one alone has no wall', () => {
    const walls = new Walls([all[0]!, all[1]!]);
    const moved = { ...all[1]!, point: addScaled(all[0]!.point, [1, 0, 0], 500) };
    walls.set(1, moved);
    expect(walls.thinnestMm(0)).toBe(wallBetweenMm(all[0]!, moved));
    expect(walls.missingMm(0)).toBe(0);
    expect(new Walls([all[0]!]).thinnestMm(0)).toBe(Infinity);
  });
});
