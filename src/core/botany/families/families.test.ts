import { seededRandom } from '../../geometry/random';
import { MeshBuilder, meshArea, type Mesh } from '../shape/mesh';
import { outlineShare, petal, petalArea } from '../shape/petal';
import type { Shape } from '../shape/recipe';
import { expand } from '../../piece/expand';
import { builtOf } from '../built';
import { SHIPPED, SPECIES, speciesById } from '../catalogue';
import { domedCluster } from './domedCluster';
import { bellflower, lily, magnolia, tulip } from './bell';
import { anemone, blossom, hellebore, poppy } from './cup';
import { chrysanthemum, dahlia, marigold, zinnia } from './globe';
import { sweetPea } from './pea';
import { aster, cosmos, daisy, gerbera, sunflower } from './ray';
import { camellia, carnation, gardenRose, lisianthus, peony, ranunculus } from './rosette';
import { forgetMeNot, hydrangea, jasmine } from './salver';

const HEADS: readonly (readonly [string, Shape])[] = [
  ['dahlia', dahlia],
  ['marigold', marigold],
  ['rose', gardenRose],
  ['ranunculus', ranunculus],
  ['peony', peony],
  ['anemone', anemone],
  ['blossom', blossom],
  ['cosmos', cosmos],
  ['aster', aster],
  ['sweet pea', sweetPea],
  ['camellia', camellia],
  ['carnation', carnation],
  ['lisianthus', lisianthus],
  ['zinnia', zinnia],
  ['chrysanthemum', chrysanthemum],
  ['daisy', daisy],
  ['gerbera', gerbera],
  ['sunflower', sunflower],
  ['poppy', poppy],
  ['hellebore', hellebore],
  ['tulip', tulip],
  ['magnolia', magnolia],
  ['lily', lily],
  ['bellflower', bellflower],
  ['hydrangea', hydrangea],
  ['forget-me-not', forgetMeNot],
  ['jasmine', jasmine],
];

function make(shape: Shape, stage: number, seed = 1, coarse = false): Mesh {
  const b = new MeshBuilder(coarse);
  shape.build(b, stage, { hue: '#c05070', second: '#304020' }, seededRandom(seed));
  return b.finish();
}

/** Distance from the axis within which a share of the vertices lies. */
function spread(mesh: Mesh, share = 0.9): number {
  const radii = Array.from({ length: mesh.positions.length / 3 }, (_, i) =>
    Math.hypot(mesh.positions[i * 3]!, mesh.positions[i * 3 + 1]!),
  );
  return radii.sort((a, b) => a - b)[Math.floor(radii.length * share)]!;
}

const highest = (mesh: Mesh): number =>
  mesh.positions.reduce((most, z, i) => (i % 3 === 2 ? Math.max(most, z) : most), -Infinity);

describe.each(HEADS)('%s', (_name, shape) => {
  test('opens: wider open than half-open than in bud', () => {
    const [bud, half, open] = [0, 0.5, 1].map((stage) => spread(make(shape, stage)));
    expect(half!).toBeGreaterThan(bud! * 0.98);
    expect(open!).toBeGreaterThan(bud! * 1.08);
  });

  test('no two are quite alike, and each is the same again for its seed', () => {
    expect(make(shape, 1, 2).positions).toEqual(make(shape, 1, 2).positions);
    expect(make(shape, 1, 2).positions).not.toEqual(make(shape, 1, 3).positions);
  });

  test('from afar it covers about as much with far fewer triangles', () => {
    const near = make(shape, 1);
    const far = make(shape, 1, 1, true);
    expect(far.indices.length).toBeLessThan(near.indices.length / 2);
    expect(spread(far) / spread(near)).toBeGreaterThan(0.8);
    expect(spread(far) / spread(near)).toBeLessThan(1.25);
  });
});

describe('composites built of pieces', () => {
  const shapeOf = (id: string, { sizeMm, counts = {} }: { sizeMm?: number; counts?: Record<string, number> } = {}) => {
    const species = speciesById(id, SHIPPED);
    const stage = species.stages.at(-1)!.id;
    return species.sprig!.drawn(species.tree({ stage, sizeMm: sizeMm ?? species.sizesMm[0]!, counts }));
  };
  const leaves = (shape: Shape) => shape.parts!(1).filter((p) => p.name === 'leaf');
  const mophead = domedCluster({ buds: 12, open: 22, petals: 4, floretSize: 0.3 });

  test('paired leaves: one at the tip, two to a place below, each next pair turned by a right angle (docs/trade.md T8; common practice, no source)', () => {
    const species = speciesById('box', SHIPPED);
    const [tip, ...pairs] = expand(species.tree({ stage: 'grown', sizeMm: 64, counts: { nodes: 6 } })).slice(1);
    expect(pairs).toHaveLength(12);
    expect(tip!.sizeMm).toBeLessThan(pairs[0]!.sizeMm);
    for (let i = 0; i < 12; i += 2) {
      expect(pairs[i]!.atMm).toBe(pairs[i + 1]!.atMm);
      expect(Math.cos(pairs[i]!.turnRad - pairs[i + 1]!.turnRad)).toBeCloseTo(-1, 9);
      if (i === 0) continue;
      expect(pairs[i]!.sizeMm).toBeGreaterThan(pairs[i - 2]!.sizeMm);
      expect(Math.cos(pairs[i]!.turnRad - pairs[i - 2]!.turnRad)).toBeCloseTo(0, 9);
    }
    // as they lie on a cake none of them points to the back
    for (const p of leaves(shapeOf('box'))) expect(p.along[1]).toBeLessThan(0.2);
  });

  test('a loose branch: gaps all different, some leaves opposite (docs/trade.md T8; common practice, no source)', () => {
    const own = leaves(shapeOf('willow', { counts: { nodes: 12 } }));
    const heights = [...new Set(own.map((p) => p.joins[2]))].sort((a, b) => a - b);
    const gaps = heights.slice(1).map((h, i) => Math.round((h - heights[i]!) * 1e4));
    expect(new Set(gaps).size).toBe(gaps.length);
    const shared = own.filter((p) => own.some((q) => q !== p && q.joins[2] === p.joins[2]));
    expect(shared.length).toBeGreaterThan(0);
    expect(shared.length).toBeLessThan(own.length);
  });

  test('arms on a carrier: every leaf sits on an arm, and each arm carries some (docs/trade.md T8)', () => {
    const parts = shapeOf('vine', { counts: { nodes: 5 } }).parts!(1);
    const carriers = parts.filter((p) => p.name === 'arm');
    expect(carriers).toHaveLength(5);
    const on = parts.filter((p) => p.name === 'leaf' && p.level === 1);
    expect(on).toHaveLength(15);
    for (const leaf of on) {
      const away = carriers.map((arm) => {
        const long = Math.hypot(...arm.at.map((v, k) => v - arm.joins[k]!));
        const t = Math.max(
          0,
          Math.min(1, leaf.joins.reduce((a, v, k) => a + (v - arm.joins[k]!) * (arm.at[k]! - arm.joins[k]!), 0) / long ** 2),
        );
        return Math.hypot(...leaf.joins.map((v, k) => v - arm.joins[k]! - t * (arm.at[k]! - arm.joins[k]!)));
      });
      expect(Math.min(...away)).toBeLessThan(1e-9);
    }
  });

  test('berries of a sprig are not all ripe at once, and unripe ones are smaller', () => {
    const species = speciesById('hypericum', SHIPPED);
    const berries = (stage: string) =>
      species.sprig!.drawn(species.tree({ stage, sizeMm: 42, counts: { count: 5 } })).parts!(1).filter((p) => p.name === 'berry');
    const turning = berries('turning').map((p) => p.open);
    expect(turning).toHaveLength(5);
    expect(Math.max(...turning) - Math.min(...turning)).toBeGreaterThan(0.25);
    expect(berries('green')[0]!.size).toBeLessThan(berries('ripe')[0]!.size);
  });

  test('a spike: closed at the tip, half open, open below (docs/trade.md T4; common practice, no source)', () => {
    const open = shapeOf('delphinium').parts!(1).map((p) => ({ open: p.open, high: p.joins[2] }));
    open.sort((a, b) => b.high - a.high);
    expect(open[0]!.open).toBe(0);
    expect(open.at(-1)!.open).toBe(1);
    expect(open.some((o) => o.open === 0.5)).toBe(true);
    for (let i = 1; i < open.length; i++) expect(open[i]!.open).toBeGreaterThanOrEqual(open[i - 1]!.open);
  });

  test('a branching filler in three levels: 6–7 florets to a cluster at one height, three clusters to a side branch (docs/trade.md T7; common practice, no source)', () => {
    const shape = shapeOf('froth', { sizeMm: 160, counts: { sideBranches: 4, clusters: 3, floretsInAll: 78 } });
    const parts = shape.parts!(1);
    const florets = parts.filter((p) => p.name === 'floret');
    expect([parts.filter((p) => p.name === 'side branch').length, florets.length]).toEqual([4, 78]);
    const forks = new Map<string, number>();
    for (const f of florets) forks.set(f.joins.join(), (forks.get(f.joins.join()) ?? 0) + 1);
    expect(forks.size).toBe(12);
    for (const n of forks.values()) expect([6, 7]).toContain(n);
    expect(meshArea(make(shape, 1))).toBeGreaterThan(0);
  });

  test('a domed cluster: 10–15 buds in the middle, 20–25 open florets round them (docs/trade.md T13; common practice, no source)', () => {
    const parts = mophead.parts!(1);
    const lowestBud = Math.min(...parts.filter((p) => p.name === 'bud').map((p) => p.along[2]));
    const highestOpen = Math.max(...parts.filter((p) => p.name === 'floret').map((p) => p.along[2]));
    expect(parts.filter((p) => p.name === 'bud').length).toBe(12);
    expect(lowestBud).toBeGreaterThan(highestOpen - 1e-9);
  });

  test.each(SPECIES.filter((s) => s.habit === 'sprig').map((s) => [s.id, s] as const))(
    '%s: at each size and stage it ends near one length of itself, and every part points somewhere',
    (_name, s) => {
      for (const { id: stage } of s.stages)
        for (const sizeMm of s.sizesMm) {
          const { shape } = builtOf(s, stage, sizeMm);
          // half of what dried bent hangs over its edge
          expect(highest(make(shape, 1))).toBeGreaterThan(s.stages.some((one) => one.id === 'bent') ? 0.5 : 0.75);
          expect(highest(make(shape, 1))).toBeLessThan(1.25);
          for (const p of shape.parts!(1)) expect(Math.hypot(...p.along)).toBeCloseTo(1, 9);
        }
    },
  );

  test('a lobed leaf: as many bays as lobes on each side, and less paste than a whole one', () => {
    const lobed = petal({ lobes: 4, lobeDepth: 0.5, fullest: 0.6, baseWidth: 0.3, tipWidth: 0.4 });
    const whole = { ...lobed, lobes: 0 };
    const share = Array.from({ length: 200 }, (_, i) => outlineShare(lobed, i / 200) / outlineShare(whole, i / 200));
    const bays = share.filter((w, i) => i > 0 && i < 199 && w < share[i - 1]! && w <= share[i + 1]!);
    expect(bays).toHaveLength(4);
    for (const depth of bays) expect(depth).toBeCloseTo(0.5, 2);
    // a bay takes 3/8 of its depth away in the mean: ∫ ((1 − cos x)/2)² = 3/8
    expect(petalArea(lobed) / petalArea(whole)).toBeGreaterThan(1 - 0.5 * 0.45);
    expect(petalArea(lobed) / petalArea(whole)).toBeLessThan(1 - 0.5 * 0.3);
  });
});
