import { SHIPPED } from '../botany/catalogue';
import { Line3, Vector3 } from 'three';
import { proposalFor, cakeOf } from '../testing/samples';
import { buildScene, viewsFrom } from '../compose/scene';
import { hides, reach2Of, SightGrid } from '../compose/sightGrid';
import type { PlacedPiece } from '../compose/placement';
import { overlapMm } from '../compose/placement';
import { segmentDistance } from '../geometry/curve';
import { seededRandom } from '../geometry/random';
import { addScaled, scale, type Vec3 } from '../geometry/vec3';
import { derivePlan } from '../plan/derivePlan';
import { newProject } from '../plan/newProject';
import type { Entry } from './entry';
import { CRUMB_KPA, holdDepthMm, PUSH_TEST, pushTestKPa } from './holding';
import { insertionOrder } from './order';
import { seenFrom } from './seen';

const CAKE = cakeOf([250, 110]);
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 0.1 });
const scene = buildScene(CAKE, arrangement, SHIPPED)!;
const plan = derivePlan({ ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [arrangement] });
const heads = new Map(scene.heads.map((p) => [p.piece.id, p]));

describe('the order of putting in', () => {
  const rank = (e: Entry) => (heads.get(e.pieceIds[0]!)?.body.role === 'focal' ? 0 : 1);
  const { ids, together } = insertionOrder({ entries: plan.entries, heads, rankOf: rank, focal: scene.heads[0]!.centre });

  test('every entry once; the plan numbers them so', () => {
    expect([...ids].sort()).toEqual(plan.entries.map((e) => e.id).sort());
    expect(plan.entries.map((e) => e.number)).toEqual(plan.entries.map((_, i) => i + 1));
  });

  test('a large head on its way in runs into none that already stands there, except where both are named together', () => {
    const named = new Set(together.flat());
    plan.entries.forEach((entry, i) => {
      const large = entry.pieceIds.map((id) => heads.get(id)!).filter((p) => ['focal', 'secondary'].includes(p.body.role));
      for (const p of large)
        for (const before of plan.entries.slice(0, i)) {
          if (named.has(entry.id) || named.has(before.id)) continue;
          for (const q of before.pieceIds.map((id) => heads.get(id)!)) {
            const there = overlapMm(p, q);
            // by finer steps than the order was made with
            for (let mm = 5; mm <= 60; mm += 5) {
              const out = { ...p, centre: addScaled(p.centre, scale(entry.direction, -1), mm) };
              if (p.spine.length || q.spine.length) continue;
              expect(overlapMm(out, q)).toBeLessThan(Math.max(there, 2.5) + 2.5);
            }
          }
        }
    });
  });

  test('a spray goes in whole: what stands in the way of any of its pieces along its pick goes in after it', () => {
    const small = scene.heads.find((p) => p.body.role === 'filler' || p.body.role === 'spray')!;
    const face = { ...small, spine: [], axis: [1, 0, 0] as Vec3, centre: [0, 0, 130] as Vec3 };
    const above = { ...face, piece: { ...face.piece, id: 'above' }, centre: [0, 0, 165] as Vec3 };
    const both = new Map([
      ['below', { ...face, piece: { ...face.piece, id: 'below' } }],
      ['above', above],
    ]);
    const at = (id: string): Entry => ({ ...plan.entries[0]!, id, pieceIds: [id], pointMm: [0, 0, 110], direction: [0, 0, -1] });
    const aboveFirst = (e: Entry) => (e.id === 'above' ? 0 : 1);
    // bent in along its own axis, sideways, nothing is in its way; along its pick the other is
    expect(
      insertionOrder({ entries: [at('below'), at('above')], heads: both, rankOf: aboveFirst, focal: [0, 0, 110] }).ids,
    ).toEqual(['above', 'below']);
    expect(
      insertionOrder({ entries: [at('below'), at('above')], heads: both, rankOf: aboveFirst, focal: [0, 0, 110], whole: true })
        .ids,
    ).toEqual(['below', 'above']);
  });

  test('nothing blocks: by rank, then outward; a focal entry comes before what only stands beside it', () => {
    const far = plan.entries.map((e, i) => ({ ...e, pieceIds: [], pointMm: [i * 40, 0, 0] as Vec3, id: `e${i}` }));
    const order = insertionOrder({ entries: far, heads, rankOf: (e) => (e.id === 'e3' ? 0 : 1), focal: [0, 0, 0] });
    expect(order.ids).toEqual(['e3', ...far.map((e) => e.id).filter((id) => id !== 'e3')]);
    expect(order.together).toEqual([]);
    expect(insertionOrder({ entries: [], heads, rankOf: () => 0, focal: [0, 0, 0] })).toEqual({ ids: [], together: [] });
  });
});

describe('what is seen of a barrier', () => {
  const front: Entry = plan.entries[0]!;
  const views = viewsFrom(scene.frontRad).map((v) => v.toEye);
  const sightOf = (heads: readonly PlacedPiece[]) => new SightGrid(heads, views);
  const bare = { ...front, pointMm: [0, -125, 60] as Vec3, direction: [0, 0.94, -0.34] as Vec3 };

  test('a bare rim on the front is seen from the front, never from behind; a head before it hides it', () => {
    expect(seenFrom(bare, sightOf([]), scene.solid, scene.frontRad)).toEqual(['front']);
    const [head] = scene.heads.filter((p) => p.body.role === 'focal');
    const before = {
      ...head!,
      centre: addScaled([0, -125, 60], [0, -0.927, 0.375], head!.body.axialMm + 8),
      axis: [0, -1, 0] as Vec3,
    };
    expect(seenFrom(bare, sightOf([before]), scene.solid, scene.frontRad)).toEqual([]);
  });

  test('looking near the line of sight alone misses no head that hides a place: every head asked, one by one', () => {
    const sight = sightOf(scene.heads);
    const random = seededRandom(8);
    let hiding = 0;
    for (let k = 0; k < 300; k++) {
      const near = scene.heads[k % scene.heads.length]!.base;
      const at: Vec3 = [near[0] + random() * 60 - 30, near[1] + random() * 60 - 30, near[2] + random() * 60 - 30];
      views.forEach((toEye, v) => {
        const all = scene.heads.filter((q, i) => i !== k % 7 && hides(q, reach2Of(q), at, toEye)).length;
        expect(sight.hiding(at, v, k % 7)).toBe(all);
        hiding += all;
      });
    }
    expect(hiding).toBeGreaterThan(100);
  });

  test('on the top it is seen from above', () => {
    const top = { ...front, pointMm: [40, 0, 110] as Vec3, direction: [0, 0, -1] as Vec3 };
    expect(seenFrom(top, sightOf([]), scene.solid, scene.frontRad)).toContain('above');
  });
});

test.each([1, 2, 3])(
  'distances between segments: as a geometry library has them, and never more than by a plain walk, seed %i',
  (seed) => {
    const random = seededRandom(seed);
    const point = (): Vec3 => [random() * 100, random() * 100, random() * 100];
    for (let i = 0; i < 60; i++) {
      const [a, b, c] = [point(), point(), point()];
      // now and then parallel, or a point
      const d: Vec3 = i % 7 === 0 ? [c[0] + b[0] - a[0], c[1] + b[1] - a[1], c[2] + b[2] - a[2]] : i % 11 === 0 ? c : point();
      const own = segmentDistance(a, b, c, d).mm;
      const library = Math.sqrt(
        new Line3(new Vector3(...a), new Vector3(...b)).distanceSqToLine3(new Line3(new Vector3(...c), new Vector3(...d))),
      );
      expect(own).toBeCloseTo(library, 5);
      let walked = Infinity;
      for (let s = 0; s <= 1.0001; s += 0.05)
        for (let t = 0; t <= 1.0001; t += 0.05)
          walked = Math.min(walked, Math.hypot(...a.map((x, k) => x + (b[k]! - x) * s - (c[k]! + (d[k]! - c[k]!) * t))));
      expect(own).toBeLessThanOrEqual(walked + 1e-9);
      expect(own).toBeGreaterThan(walked - 12);
    }
  },
);

describe('the push test', () => {
  test('about 0.29 kPa for each gram (own study), in proportion; nothing for nothing', () => {
    expect(pushTestKPa(1)).toBeCloseTo(0.29, 2);
    expect(pushTestKPa(200)).toBeCloseTo(2 * pushTestKPa(100), 9);
    expect(pushTestKPa(0)).toBeNaN();
    expect(pushTestKPa(NaN)).toBeNaN();
  });

  test('is the model of holding turned round: that load at that height asks for just the depth that was tried', () => {
    const { widthMm, deepMm, aboveMm } = PUSH_TEST;
    for (const grams of [20, 120, 700]) {
      // lying, a head pulls with one and a half of its weight, and all counts twice: a third of the grams; its moment by its offset
      const depth = holdDepthMm({
        massGrams: grams / 3,
        leverMm: 0,
        horizontalMm: 1.5 * aboveMm,
        tiltRad: Math.PI / 2,
        outsideMm: widthMm,
        kPa: pushTestKPa(grams),
      });
      expect(depth).toBeCloseTo(deepMm, 6);
    }
  });

  test('a softer spare asks for deeper barriers, or another place', () => {
    const job = { ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [arrangement] };
    const soft = derivePlan({ ...job, brief: { ...job.brief, pushTestGrams: 50 } });
    const firm = derivePlan({ ...job, brief: { ...job.brief, pushTestGrams: 400 } });
    const hold = (p: typeof soft) => p.entries.reduce((a, e) => a + e.holdMm, 0) / p.entries.length;
    expect(pushTestKPa(50)).toBeLessThan(CRUMB_KPA['butter cake, chilled']);
    expect(hold(soft)).toBeGreaterThan(hold(firm));
  });
});
