import { cakeSolid } from '../cake/solid';
import { cakeOf } from '../testing/samples';
import { reachOf, type Wish } from './reach';

/** Two round stages: 240 across and 120 high, on it 150 across and 100 high; stated again here, not read from the solid. */
const CAKE = cakeOf([240, 120], [150, 100]);
const SOLID = cakeSolid(CAKE);
const FOOT_RADIUS = 120;
const UPPER_RADIUS = 75;

const onStep = (x: number, lean: number): Wish => ({ base: [x, 0, 120], axis: [lean, 0, 1], normal: [0, 0, 1], leafy: false });
const onSide = (z: number, lean: number): Wish => ({ base: [120, 0, z], axis: [1, 0, lean], normal: [1, 0, 0], leafy: false });
/** From one edge of its face to the other, upright and leaning far. */
const wishes = (of: (at: number, lean: number) => Wish, from: number, to: number): Wish[] =>
  Array.from({ length: (to - from) / 3 + 1 }, (_, i) => [-8, 0, 8].map((lean) => of(from + 3 * i, lean))).flat();

const downDeg = ([x, y, z]: readonly [number, number, number]) => (Math.atan2(-z, Math.hypot(x, y)) * 180) / Math.PI;

describe('where a stem could go in', () => {
  it('on a step is between the rim and the foot of the stage above, and 45 to 90 degrees down', () => {
    const onTop = wishes(onStep, UPPER_RADIUS, FOOT_RADIUS)
      .flatMap((wish) => reachOf(wish, SOLID).at)
      .filter(({ ray }) => ray.entry[2] > 119.9);
    expect(onTop.length).toBeGreaterThan(5);
    for (const { ray, direction } of onTop) {
      const radius = Math.hypot(ray.entry[0], ray.entry[1]);
      expect(radius).toBeLessThan(FOOT_RADIUS - 11 + 0.01);
      expect(radius).toBeGreaterThan(UPPER_RADIUS + 5 - 0.01);
      expect(downDeg(direction)).toBeGreaterThan(45 - 1e-6);
      expect(Math.hypot(...direction)).toBeCloseTo(1, 9);
    }
  });

  it('on a side goes inward and down, and clear of the rim and the board', () => {
    const onWall = wishes(onSide, 1, 119)
      .flatMap((wish) => reachOf(wish, SOLID).at)
      .filter(({ ray }) => ray.tier.index === 0 && ray.entry[2] < 119.9);
    expect(onWall.length).toBeGreaterThan(5);
    for (const { ray, direction } of onWall) {
      expect(ray.entry[0] * direction[0] + ray.entry[1] * direction[1]).toBeLessThan(0);
      expect(downDeg(direction)).toBeGreaterThan(7.9);
      expect(downDeg(direction)).toBeLessThan(45);
      expect(ray.entry[2]).toBeGreaterThan(9 - 0.01);
      expect(ray.entry[2]).toBeLessThan(120 - 11 + 0.01);
    }
  });

  it('is nowhere where the cake is too narrow for it', () => {
    const narrow = cakeSolid(cakeOf([240, 120], [222, 100]));
    const tooNarrow: Wish = onStep(115, 0);
    for (const { ray } of reachOf(tooNarrow, narrow).at) expect(ray.tier.index).not.toBe(0);
    expect(reachOf({ ...tooNarrow, base: [900, 900, 120] }, narrow)).toEqual({ at: [], farthestMm: 0 });
  });

  it('reaches as far as its farthest place from its first', () => {
    const { at, farthestMm } = reachOf(onStep(100, 0.3), SOLID);
    const [x, y, z] = at[0]!.ray.entry;
    for (const { ray } of at)
      expect(Math.hypot(ray.entry[0] - x, ray.entry[1] - y, ray.entry[2] - z)).toBeLessThan(farthestMm + 1e-9);
    expect(farthestMm).toBeGreaterThan(18);
  });
});
