import { SHIPPED } from '../botany/catalogue';
import { buildScene, type Scene } from '../compose/scene';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import { derivePlan } from '../plan/derivePlan';
import { cakeOf, CHOICES } from '../testing/samples';
import { composeAll } from '../compose/composer';
import type { LineSpec } from '../compose/arrangement';
import { branchTrees } from './tree';

const CAKE = cakeOf([200, 120]);

function clusterOn(standMm: number, spread: 'fan' | 'dome'): Scene {
  const line = { ...defaultLine('cluster', CAKE), standMm, spread } as LineSpec;
  const [p] = composeAll({
    catalogue: SHIPPED,
    cake: CAKE,
    arrangement: newArrangement('a1', line),
    choices: CHOICES,
    style: 'focal-led',
    counts: null,
    seed: 2,
    proposals: 1,
    effort: 0.1,
  });
  return buildScene(CAKE, p!.arrangement, SHIPPED)!;
}

describe.each(['fan', 'dome'] as const)('a standing %s', (spread) => {
  const scene = clusterOn(40, spread);
  const [spray, ...more] = branchTrees({ heads: scene.heads, line: scene.line, arrangementId: 'a1' });

  test('is one spray on one stem, every piece in it once, entered at the stem’s foot', () => {
    expect(more).toEqual([]);
    expect(spray!.joints.map((j) => j.pieceId).sort()).toEqual(scene.heads.map((p) => p.piece.id).sort());
    expect(spray!.pickAt).toEqual(scene.line.stand!.footMm);
    expect(spray!.pickNormal).toEqual([0, 0, 1]);
  });

  test('is taped from the middle outward, each joint on the stem and no higher than the one before (common practice, no source)', () => {
    const { topMm, footMm } = scene.line.stand!;
    const off = (id: string) => {
      const p = scene.heads.find((h) => h.piece.id === id)!;
      return Math.hypot(p.centre[0] - topMm[0], p.centre[1] - topMm[1]);
    };
    spray!.joints.forEach((j, i) => {
      expect(j.order).toBe(i + 1);
      expect([j.at[0], j.at[1]]).toEqual([topMm[0], topMm[1]]);
      expect(j.at[2]).toBeLessThanOrEqual(topMm[2]);
      expect(j.at[2]).toBeGreaterThanOrEqual(footMm[2]);
      const before = spray!.joints[i - 1];
      if (!before) return;
      expect(j.at[2]).toBeLessThanOrEqual(before.at[2]);
      expect(off(j.pieceId)).toBeGreaterThanOrEqual(off(before.pieceId) - 1e-9);
    });
  });

  test('its stem grows thicker downward as wires join it', () => {
    const project = { ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [scene.arrangement] };
    const [own] = derivePlan(project).arrangements[0]!.sprays;
    const thick = own!.joints.map((j) => j.thicknessMm);
    thick.slice(1).forEach((mm, i) => expect(mm).toBeGreaterThanOrEqual(thick[i]! - 1e-9));
    expect(own!.joints[own!.joints.length - 1]!.wires).toBeGreaterThanOrEqual(own!.joints.length);
  });
});

test('a higher stand needs to go in deeper or thicker, never less', () => {
  const inside = (standMm: number) => {
    const scene = clusterOn(standMm, 'dome');
    const plan = derivePlan({ ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [scene.arrangement] });
    return plan.entries[0]?.holdMm ?? Infinity;
  };
  expect(inside(120)).toBeGreaterThanOrEqual(inside(10));
});

test('on a separator nothing is set: a stop that says so', () => {
  const cake = cakeOf([220, 110], [160, 160], [120, 100]);
  cake.tiers[1]!.kind = 'separator';
  const line = { ...defaultLine('side spray', cake), tier: 1, heightMm: 80 } as LineSpec;
  const one = clusterOn(20, 'fan').arrangement.pieces.slice(0, 3);
  const project = {
    ...newProject('p', 'P', '2027-06-12T09:30'),
    cake,
    arrangements: [{ ...newArrangement('a1', line), pieces: one }],
  };
  const stops = derivePlan(project).warnings.filter((w) => w.level === 'stop' && w.station === 'place');
  expect(stops.some((w) => w.code === 'place.separator')).toBe(true);
  expect(derivePlan(project).verdict).toBe('stop');
});
