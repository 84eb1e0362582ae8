import { IDENTITY, rotationX, translation } from '../../geometry/affine';
import { seededRandom } from '../../geometry/random';
import { MeshBuilder, meshArea, meshVolume, vertexAt } from './mesh';
import { addBall, addCentre, addLathe, addTube, three } from './solids';

const WHITE = three('#ffffff');
const meshOf = (make: (b: MeshBuilder) => void, coarse = false) => {
  const b = new MeshBuilder(coarse);
  make(b);
  return b.finish();
};
const lathe = (profile: readonly (readonly [number, number])[], segments = 128) =>
  meshOf((b) => addLathe({ b, map: IDENTITY, profile, segments, colours: WHITE }));

// volumes and areas of turned solids: any table of mensuration
describe('turned solids have the volume and the skin that the formulas give', () => {
  test('a cylinder: π r² h, and its closed skin 2π r h + 2π r²', () => {
    const mesh = lathe([[0, 0], [5, 0], [5, 12], [0, 12]]); // prettier-ignore
    expect(meshVolume(mesh) / (Math.PI * 25 * 12)).toBeCloseTo(1, 2);
    expect(meshArea(mesh) / (2 * Math.PI * 5 * 12 + 2 * Math.PI * 25)).toBeCloseTo(1, 2);
  });

  test('a cone: a third of it, skin π r s + π r²', () => {
    const mesh = lathe([[0, 0], [6, 0], [0, 8]]); // prettier-ignore
    expect(meshVolume(mesh) / ((Math.PI * 36 * 8) / 3)).toBeCloseTo(1, 2);
    expect(meshArea(mesh) / (Math.PI * 6 * 10 + Math.PI * 36)).toBeCloseTo(1, 2);
  });

  test('a frustum: π h (R² + R r + r²) / 3', () => {
    const mesh = lathe([[0, 0], [6, 0], [3, 9], [0, 9]]); // prettier-ignore
    expect(meshVolume(mesh) / ((Math.PI * 9 * (36 + 18 + 9)) / 3)).toBeCloseTo(1, 2);
  });

  test.each([1, 0.5, 1.6])('a ball drawn to %d of its height: 4/3 π r³ times that', (squash) => {
    const mesh = meshOf((b) => addBall({ b, map: IDENTITY, radius: 7, detail: [96, 64], colours: WHITE, squash, whole: true }));
    expect(meshVolume(mesh) / ((4 / 3) * Math.PI * 343 * squash)).toBeCloseTo(1, 2);
  });

  test('a straight tube: its skin is 2π r l, whatever its direction', () => {
    for (const end of [
      [0, 0, 40],
      [40, 0, 0],
      [24, 0, 32],
      [0, -24, -32],
    ] as const) {
      // prettier-ignore
      const mesh = meshOf((b) =>
        addTube({ b, map: IDENTITY, points: [[0, 0, 0], end], radii: [2, 2], sides: 96, colours: [WHITE[0], WHITE[1]] }), // prettier-ignore
      );
      expect(meshArea(mesh) / (2 * Math.PI * 2 * 40)).toBeCloseTo(1, 2);
    }
  });

  test('a tube that tapers: its skin is that of a frustum', () => {
    const mesh = meshOf(
      (b) =>
      addTube({ b, map: IDENTITY, points: [[0, 0, 0], [0, 0, 30]], radii: [4, 1], sides: 128, colours: [WHITE[0], WHITE[1]] }), // prettier-ignore
    );
    expect(meshArea(mesh) / (Math.PI * (4 + 1) * Math.hypot(30, 3))).toBeCloseTo(1, 2);
  });
});

test('moved and turned it is as large as before, and lies where it was put', () => {
  const ball = (map = IDENTITY) =>
    meshOf((b) => addBall({ b, map, radius: 3, detail: [24, 16], colours: WHITE, squash: 0.7, whole: true }));
  const [still, moved] = [ball(), ball(translation(10, -4, 6)), ball(rotationX(0.8))];
  expect(meshArea(moved!)).toBeCloseTo(meshArea(still!), 3);
  expect(meshArea(ball(rotationX(0.8)))).toBeCloseTo(meshArea(still!), 3);
  const first = vertexAt(still!.positions, 5);
  const there = vertexAt(moved!.positions, 5);
  [10, -4, 6].forEach((by, k) => expect(there[k]! - first[k]!).toBeCloseTo(by, 4));
});

test('normals look outward and are of length one', () => {
  const mesh = meshOf((b) => addBall({ b, map: IDENTITY, radius: 5, detail: [24, 16], colours: WHITE, whole: true }));
  for (let i = 0; i < mesh.positions.length / 3; i++) {
    const [p, n] = [vertexAt(mesh.positions, i), vertexAt(mesh.normals, i)];
    expect(Math.hypot(...n)).toBeCloseTo(1, 4);
    expect(p[0] * n[0] + p[1] * n[1] + p[2] * n[2]).toBeGreaterThan(0);
  }
});

describe('what stands in the middle of a flower', () => {
  const stamens = {
    count: 20,
    radius: 0.1,
    length: 0.5,
    openDeg: [5, 40] as const,
    filament: '#eeeecc',
    anther: '#aa8833',
    antherSize: 0.04,
  };
  const balls = { count: 30, radius: 0.2, height: 0.1, size: 0.03, maxDeg: 80, colours: ['#886622', '#aa8844'] as const };
  const centre = (of: Parameters<typeof addCentre>[0]['centre'], stage: number, coarse = false) =>
    meshOf((b) => addCentre({ b, map: IDENTITY, centre: of, stage, random: seededRandom(3) }), coarse);

  test('stamens are seen once it opens, not in the bud', () => {
    expect(centre({ rise: 0, stamens }, 0.2).indices).toHaveLength(0);
    expect(centre({ rise: 0, stamens }, 0.8).indices.length).toBeGreaterThan(0);
  });

  test('from afar fewer are drawn, close by all of them', () => {
    const [near, far] = [centre({ rise: 0, stamens, balls }, 1), centre({ rise: 0, stamens, balls }, 1, true)];
    expect(far.indices.length).toBeLessThan(near.indices.length / 3);
  });

  test('it stands as high as it is said to', () => {
    const heights = (rise: number) => {
      const { positions } = centre({ rise, balls }, 1);
      return Array.from({ length: positions.length / 3 }, (_, i) => positions[i * 3 + 2]!);
    };
    const [low, high] = [heights(0), heights(0.3)];
    low.forEach((z, i) => expect(high[i]! - z).toBeCloseTo(0.3, 5));
  });

  test('the same seed makes the same, another seed another', () => {
    const made = (seed: number) =>
      meshOf((b) => addCentre({ b, map: IDENTITY, centre: { rise: 0, stamens }, stage: 1, random: seededRandom(seed) }))
        .positions;
    expect(made(1)).toEqual(made(1));
    expect(made(1)).not.toEqual(made(2));
  });
});
