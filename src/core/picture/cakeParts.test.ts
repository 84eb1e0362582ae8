import { meshArea, meshVolume } from '../botany/shape/mesh';
import { stackTiers, TIER_SHAPES, type Tier } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import { drawLine } from '../compose/line';
import type { LineSpec } from '../compose/arrangement';
import { defaultLine, newTier } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import { holderMesh, tierMesh } from './cakeParts';

const tierOf = (over: Partial<Tier>): Tier => ({
  ...newTier({ id: 't', diameterMm: 200, heightMm: 100, colour: '#ffffff', name: 'white' }),
  edgeRadiusMm: 0,
  cornerMm: 0,
  ...over,
});
const cakeWith = (tier: Tier) => ({ ...cakeOf(), tiers: [tier], board: { diameterMm: 400, thicknessMm: 12 } });

/** Volumes by plane and solid geometry: base area times height. */
test.each([
  ['round', {}, Math.PI * 100 ** 2 * 100],
  ['square', {}, 200 ** 2 * 100],
  ['rectangle', { depthMm: 140 }, 200 * 140 * 100],
  ['hexagon', {}, (Math.sqrt(3) / 2) * 200 ** 2 * 100],
] as const)('a %s tier encloses its volume, foot open to what it stands on', (shape, over, mm3) => {
  const mesh = tierMesh(stackTiers(cakeWith(tierOf({ shape, ...over })))[0]!);
  // the foot lies at z = 0 and adds nothing to the integral
  expect(Math.abs(meshVolume(mesh) / mm3 - 1)).toBeLessThan(0.01);
});

test.each(TIER_SHAPES)('every vertex of a %s tier lies on its solid, normals look out', (shape) => {
  const cake = cakeWith(
    tierOf({ shape, edgeRadiusMm: 8, cornerMm: 14, turnRad: 0.4, depthMm: 150, offset: { xMm: 12, yMm: -9 } }),
  );
  const solid = cakeSolid(cake);
  const { positions: p, normals: n } = tierMesh(stackTiers(cake)[0]!);
  for (let i = 0; i < p.length; i += 3) {
    const at = [p[i]!, p[i + 1]!, p[i + 2]!] as const;
    const inner = Math.hypot(at[0] - 12, at[1] + 9) < 1;
    if (!inner) expect(Math.abs(solid.signedDistanceMm(at))).toBeLessThan(0.05);
    const out = [at[0] + n[i]! * 2, at[1] + n[i + 1]! * 2, at[2] + n[i + 2]! * 2] as const;
    expect(solid.signedDistanceMm(out)).toBeGreaterThan(1.2);
  }
});

describe('what holds a topper up', () => {
  const cake = cakeOf([160, 90]);
  const holder = (spec: LineSpec) => {
    const line = drawLine(spec, cake)!;
    return holderMesh(line.stand, line.plate);
  };
  const span = (mesh: NonNullable<ReturnType<typeof holderMesh>>, axis: 0 | 1 | 2) => {
    const values = [...mesh.positions].filter((_, i) => i % 3 === axis);
    return [Math.min(...values), Math.max(...values)] as const;
  };

  test('a plaque is as wide and high as it is told, its skewers reach into the cake', () => {
    const spec = {
      ...defaultLine('plaque', cake),
      outline: 'oval',
      plateWidthMm: 90,
      plateHeightMm: 60,
      standMm: 20,
    } as LineSpec;
    const mesh = holder(spec)!;
    const [left, right] = span(mesh, 0);
    expect(right - left).toBeCloseTo(90, 0);
    const [low, high] = span(mesh, 2);
    expect(high).toBeCloseTo(90 + 20 + 60, 0);
    expect(low).toBeLessThan(90);
    expect(meshArea(mesh)).toBeGreaterThan(2 * Math.PI * 45 * 30 * 0.95);
  });

  test('a flat plaque has none, a line on the skin nothing at all', () => {
    const flat = holder({ ...defaultLine('plaque', cake), upright: false } as LineSpec)!;
    expect(span(flat, 2)[0]).toBeGreaterThanOrEqual(90 - 0.01);
    expect(holder(defaultLine('crescent', cake))).toBeNull();
    expect(holder({ ...defaultLine('cluster', cake), standMm: 0 } as LineSpec)).toBeNull();
    expect(holder(defaultLine('cluster', cake))).not.toBeNull();
  });
});
