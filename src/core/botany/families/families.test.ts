import { seededRandom } from '../../geometry/random';
import { MeshBuilder, meshArea, type Mesh } from '../shape/mesh';
import type { Shape } from '../shape/recipe';
import { berrySprig, floretSpike, frothBranch, leafBranch } from './branch';
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

  test('its paste is more than nothing at every stage', () => {
    for (const stage of [0, 0.5, 1]) expect(shape.sheetArea(stage)).toBeGreaterThan(0);
    expect(shape.solidVolume(1)).toBeGreaterThan(0);
  });
});

describe('small branches built of pieces', () => {
  const branch = (nodes: number, turnDeg = 90) =>
    leafBranch({ nodes, perNode: 2, leafLength: [0.3, 0.15], blade: {}, angle: 45, turnDeg, carrierSway: 0 });

  test('more pairs of leaves, more paste; a leaf at the tip in any case', () => {
    expect(branch(6).sheetArea(1)).toBeGreaterThan(branch(3).sheetArea(1));
    expect(branch(1).sheetArea(1)).toBeGreaterThan(0);
  });

  test('leaves grow smaller to the tip (trade.md T8: smallest pair at the tip; common practice, no source)', () => {
    const mesh = make(branch(6), 1);
    const wide = (from: number, to: number) => {
      let most = 0;
      for (let i = 0; i < mesh.positions.length; i += 3) {
        const z = mesh.positions[i + 2]!;
        if (z >= from && z < to) most = Math.max(most, Math.abs(mesh.positions[i]!));
      }
      return most;
    };
    expect(wide(0.2, 0.5)).toBeGreaterThan(wide(0.85, 1.1) * 1.5);
  });

  test('a sprig ends near one length of itself', () => {
    for (const shape of [
      branch(5),
      berrySprig({ count: 3, radius: 0.13, stretch: 1.2, crown: true, leaves: 2 }),
      floretSpike({ count: 30, petals: 4, floretSize: 0.1, spread: 0.17 }),
    ]) {
      expect(highest(make(shape, 1))).toBeGreaterThan(0.75);
      expect(highest(make(shape, 1))).toBeLessThan(1.25);
    }
  });

  test('berries: volume by count and cube of the radius', () => {
    const berries = (count: number, radius: number) =>
      berrySprig({ count, radius, stretch: 1, crown: false, leaves: 0 }).solidVolume(1);
    expect(berries(6, 0.1) / berries(3, 0.1)).toBeCloseTo(2, 9);
    expect(berries(3, 0.2) / berries(3, 0.1)).toBeCloseTo(8, 9);
    expect(berries(1, 0.1)).toBeCloseTo((4 / 3) * Math.PI * 0.001, 9);
  });

  test('a spike opens from below: more petals, fewer closed balls (trade.md T4; common practice, no source)', () => {
    const spike = floretSpike({ count: 30, petals: 4, floretSize: 0.1, spread: 0.17 });
    expect(spike.sheetArea(1)).toBeGreaterThan(spike.sheetArea(0.3));
    expect(spike.solidVolume(0.1)).toBeGreaterThan(spike.solidVolume(1));
  });

  test('florets of a filler stand at about one height (trade.md T7; common practice, no source)', () => {
    const mesh = make(frothBranch({ clusters: 9, perCluster: 7, floretSize: 0.05 }), 1);
    const high: number[] = [];
    for (let i = 2; i < mesh.positions.length; i += 3) if (mesh.positions[i]! > 0.75) high.push(mesh.positions[i]!);
    expect(Math.max(...high) - Math.min(...high)).toBeLessThan(0.32);
    expect(meshArea(mesh)).toBeGreaterThan(0);
  });
});

describe('petals by nature (trade.md P10, T6; common practice, no source)', () => {
  test('a lilac floret has four petals, most small garden flowers five: area follows the count', () => {
    const four = floretSpike({ count: 10, petals: 4, floretSize: 0.1, spread: 0.1 }).sheetArea(1);
    const five = floretSpike({ count: 10, petals: 5, floretSize: 0.1, spread: 0.1 }).sheetArea(1);
    expect(five / four).toBeCloseTo(5 / 4, 9);
  });
});
