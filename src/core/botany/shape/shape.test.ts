import { IDENTITY } from '../../geometry/affine';
import { distance, dot, normalize } from '../../geometry/vec3';
import { EDGE_THICKNESS_SHARE, thickenSheets, thicknessShare } from './thickness';
import { MeshBuilder, meshArea, meshVolume } from './mesh';
import { bakeOcclusion } from './occlusion';
import { hexToLinear, paintAt, petalPaint, shade } from './paint';
import { mixPetals, outlineShare, petal, petalArea, petalPoint } from './petal';
import { addSheet } from './sheet';
import { addBall, addLathe, addTube, three } from './solids';
import { whorlPetal } from './whorl';

const WHITE = three('#ffffff');

describe('turned solids against closed forms', () => {
  test('a cylinder: π r² h', () => {
    const b = new MeshBuilder(false);
    addLathe({
      b,
      map: IDENTITY,
      profile: [
        [0, 0],
        [10, 0],
        [10, 25],
        [0, 25],
      ],
      segments: 256,
      colours: WHITE,
    });
    expect(meshVolume(b.finish()) / (Math.PI * 100 * 25)).toBeCloseTo(1, 3);
  });

  test('a cone: π r² h / 3', () => {
    const b = new MeshBuilder(false);
    addLathe({
      b,
      map: IDENTITY,
      profile: [
        [0, 0],
        [10, 0],
        [0, 30],
      ],
      segments: 256,
      colours: WHITE,
    });
    expect(meshVolume(b.finish()) / ((Math.PI * 100 * 30) / 3)).toBeCloseTo(1, 3);
  });

  test('a ball: 4/3 π r³ and 4 π r²; squashed, volume by the squash', () => {
    const b = new MeshBuilder(false);
    addBall({ b, map: IDENTITY, radius: 12, detail: [96, 64], colours: WHITE, squash: 1, whole: true });
    const mesh = b.finish();
    expect(meshVolume(mesh) / ((4 / 3) * Math.PI * 12 ** 3)).toBeCloseTo(1, 2);
    expect(meshArea(mesh) / (4 * Math.PI * 144)).toBeCloseTo(1, 2);
    const flat = new MeshBuilder(false);
    addBall({ b: flat, map: IDENTITY, radius: 12, detail: [96, 64], colours: WHITE, squash: 0.5, whole: true });
    expect(meshVolume(flat.finish()) / meshVolume(mesh)).toBeCloseTo(0.5, 6);
  });

  test('normals of a ball point away from its middle', () => {
    const b = new MeshBuilder(false);
    addBall({ b, map: IDENTITY, radius: 5, detail: [24, 16], colours: WHITE, squash: 1, whole: true });
    const { positions: p, normals: n } = b.finish();
    for (let i = 0; i < p.length; i += 3) {
      const out = normalize([p[i]!, p[i + 1]!, p[i + 2]!]);
      expect(dot(out, [n[i]!, n[i + 1]!, n[i + 2]!])).toBeGreaterThan(0.97);
    }
  });

  test('a stem is three-sided at least and as long as its points', () => {
    const b = new MeshBuilder(false);
    addTube({
      b,
      map: IDENTITY,
      points: [
        [0, 0, 0],
        [0, 0, 10],
      ],
      radii: [1, 1],
      sides: 3,
      colours: [hexToLinear('#336633'), hexToLinear('#336633')],
    });
    expect(b.finish().indices.length / 3).toBe(6);
  });
});

describe('a petal as a sheet', () => {
  const plain = petal({ length: 1, halfWidth: 0.4, open: 90, curl: 0, cup: 0, tipDrop: 0, skew: 0 });

  test('flat and open it is as long as it says, outward from the axis', () => {
    const tip = petalPoint(plain, 0, 1, 0);
    expect(tip[1]).toBeCloseTo(1, 6);
    expect(tip[2]).toBeCloseTo(0, 6);
  });

  test('closed it stands along the axis', () => {
    expect(petalPoint({ ...plain, open: 0 }, 0, 1, 0)[2]).toBeCloseTo(1, 6);
  });

  test('a curl keeps the length of the midrib', () => {
    const curled = { ...plain, open: 30, curl: 60 };
    let long = 0;
    for (let i = 0; i < 200; i++) long += distance(petalPoint(curled, 0, i / 200, 0), petalPoint(curled, 0, (i + 1) / 200, 0));
    expect(Math.abs(long - 1)).toBeLessThan(0.03);
  });

  test('a cup keeps the arc length across', () => {
    const cupped = { ...plain, cup: 60, cupTip: 60, wrap: 0 };
    const across = (p: typeof plain) => {
      let total = 0;
      for (let i = 0; i < 200; i++)
        total += distance(petalPoint(p, -1 + i / 100, 0.6, 0), petalPoint(p, -1 + (i + 1) / 100, 0.6, 0));
      return total;
    };
    expect(across(cupped) / across(plain)).toBeCloseTo(1, 3);
  });

  test('its outline is full at the fullest point and narrow at base and tip', () => {
    expect(outlineShare(plain, plain.fullest)).toBeCloseTo(1, 6);
    expect(outlineShare(plain, 0)).toBeCloseTo(plain.baseWidth, 6);
    expect(outlineShare(petal({ tipWidth: 0, tipPower: 1.5 }), 1)).toBeCloseTo(0, 6);
    expect(Number.isFinite(outlineShare(petal({ fullest: 1 }), 1))).toBe(true);
  });

  test('area by quadrature agrees with the area of its triangles', () => {
    const b = new MeshBuilder(false);
    addSheet({
      builder: b,
      map: IDENTITY,
      azimuthRad: 0,
      shape: plain,
      grid: [24, 32],
      look: { paint: petalPaint('#ff8800'), ring: 1, phase: 0, jitter: 0 },
    });
    expect(meshArea(b.finish()) / petalArea(plain)).toBeCloseTo(1, 1);
  });

  test('paste has thickness: a closed body whose volume is area by thickness, thinned to the edges', () => {
    const b = new MeshBuilder(false);
    const flat = { ...plain, cup: 0, cupTip: 0, curl: 0, tipDrop: 0 };
    const grid = [24, 32] as const;
    addSheet({
      builder: b,
      map: IDENTITY,
      azimuthRad: 0,
      shape: flat,
      grid,
      look: { paint: petalPaint('#ff8800'), ring: 1, phase: 0, jitter: 0 },
    });
    const area = meshArea(b.finish());
    const before = b.vertexCount;
    thickenSheets(b, 0.02);
    const thick = b.finish();
    expect(b.vertexCount).toBe(before * 2);
    // front, back and a rim too thin to count
    expect(meshArea(thick) / area).toBeGreaterThan(2);
    expect(meshArea(thick) / area).toBeLessThan(2.08);
    const rolled = area * 0.02;
    expect(meshVolume(thick)).toBeLessThan(rolled);
    expect(meshVolume(thick)).toBeGreaterThan(rolled * EDGE_THICKNESS_SHARE);
    // closed: every edge is met once in each direction
    const edges = new Map<string, number>();
    for (let i = 0; i < thick.indices.length; i += 3) {
      const [p, q, r] = [thick.indices[i]!, thick.indices[i + 1]!, thick.indices[i + 2]!];
      for (const [from, to] of [
        [p, q],
        [q, r],
        [r, p],
      ] as const) {
        edges.set(`${from} ${to}`, (edges.get(`${from} ${to}`) ?? 0) + 1);
        expect(edges.get(`${from} ${to}`)).toBe(1);
      }
    }
    for (const key of edges.keys()) expect(edges.has(key.split(' ').reverse().join(' '))).toBe(true);
  });

  test('full in the middle and at the base, a third of it at sides and tip; nothing rolled, nothing changed', () => {
    expect(thicknessShare(0, 0)).toBe(1);
    expect(thicknessShare(0, 0.5)).toBe(1);
    expect(thicknessShare(1, 0.5)).toBeCloseTo(EDGE_THICKNESS_SHARE, 9);
    expect(thicknessShare(0, 1)).toBeCloseTo(EDGE_THICKNESS_SHARE, 9);
    const b = new MeshBuilder(false);
    addSheet({
      builder: b,
      map: IDENTITY,
      azimuthRad: 0,
      shape: plain,
      grid: [4, 4],
      look: { paint: petalPaint('#ff8800'), ring: 1, phase: 0, jitter: 0 },
    });
    thickenSheets(b, 0);
    expect(b.vertexCount).toBe(25);
  });

  test('mixing half-way is half-way in every measure', () => {
    const mixed = mixPetals(plain, { ...plain, open: 0, length: 3 }, 0.5);
    expect(mixed.open).toBe(45);
    expect(mixed.length).toBe(2);
  });

  test('outer petals open first', () => {
    const whorl = {
      count: 10,
      layout: 'golden' as const,
      inner: { open: 80 },
      bud: { open: 0 },
      budOuter: { open: 0 },
      near: [4, 4] as const,
      far: [2, 2] as const,
    };
    const at = (i: number, stage: number) => whorlPetal({ w: whorl, i, count: 10, stage }).shape.open;
    expect(at(9, 0.4)).toBeGreaterThan(at(0, 0.4));
    expect(at(0, 0)).toBe(0);
    expect(at(0, 1)).toBeCloseTo(80, 6);
  });
});

describe('colour', () => {
  test('sRGB to linear light at known points (IEC 61966-2-1; values from memory)', () => {
    expect(hexToLinear('#ffffff')).toEqual([1, 1, 1]);
    expect(hexToLinear('#808080')[0]).toBeCloseTo(0.2159, 3);
    expect(hexToLinear('not a colour')).toEqual([0.2, 0.2, 0.2]);
  });

  test('shades go lighter and darker and stay colours', () => {
    const light = (hex: string) => hexToLinear(hex).reduce((a, b) => a + b, 0);
    expect(light(shade('#a52f52', 0.3))).toBeGreaterThan(light('#a52f52'));
    expect(light(shade('#a52f52', -0.3))).toBeLessThan(light('#a52f52'));
    expect(shade('#a52f52', 0.9, 4)).toMatch(/^#[0-9a-f]{6}$/);
  });

  test('three values: darker at the base, paler outwards (docs/trade.md P5; common practice, no source)', () => {
    const paint = petalPaint('#d9718c', { inner: undefined, outer: undefined });
    const light = (v: number) => paintAt(paint, 0, v, 1, 0).reduce((a, b) => a + b, 0);
    expect(light(0)).toBeLessThan(light(0.5));
    expect(light(0.5)).toBeLessThan(light(1));
  });

  test('deep places turn dark, open ones keep their colour', () => {
    const b = new MeshBuilder(false);
    const wall = (x: number) =>
      addBall({
        b,
        map: [1, 0, 0, 0, 1, 0, 0, 0, 1, x, 0, 0],
        radius: 5,
        detail: [12, 8],
        colours: WHITE,
        squash: 1,
        whole: true,
      });
    wall(0);
    wall(6);
    const before = [...b.colours];
    bakeOcclusion(b, 1, hexToLinear('#884444'));
    const sum = (from: number[]) => from.reduce((a, c) => a + c, 0);
    expect(sum(b.colours)).toBeLessThan(sum(before));
    expect(Math.max(...b.colours)).toBeGreaterThan(0.8);
    bakeOcclusion(new MeshBuilder(false), 1, [1, 1, 1]);
  });
});
