import { bodyOf, SPECIES, SHIPPED } from '../botany/catalogue';
import { MeshBuilder } from '../botany/shape/mesh';
import { addBall, three } from '../botany/shape/solids';
import { buildScene } from '../compose/scene';
import { applyPoint, IDENTITY } from '../geometry/affine';
import { distance } from '../geometry/vec3';
import { cakeOf, proposalFor } from '../testing/samples';
import { modelOf, pieceMap } from '../compose/modelled';
import { cakeMesh, cakePicture, cakeSight } from './cakePicture';
import { tierMesh } from './cakeParts';
import { stackTiers } from '../cake/cake';
import { portrait } from './portrait';
import { projectPoint, Raster, sightFrom, type Picture } from './raster';

const opaque = (p: Picture): number => {
  let n = 0;
  for (let i = 3; i < p.rgba.length; i += 4) n += p.rgba[i]! / 255;
  return n;
};

const ball = (radius: number) => {
  const b = new MeshBuilder(false);
  addBall({ b, map: IDENTITY, radius, detail: [64, 48], colours: three('#ff0000'), squash: 1, whole: true });
  return b.finish();
};

describe('the small renderer', () => {
  test('the outline of a ball is a disc of π r²', () => {
    const raster = new Raster(
      sightFrom({ azimuthRad: 0.7, elevationRad: 0.4, centre: [0, 0, 0], pixelsPerMm: 3, width: 120, height: 120 }),
    );
    raster.add(ball(15), IDENTITY);
    expect(opaque(raster.finish()) / (Math.PI * 45 ** 2)).toBeCloseTo(1, 1);
  });

  test('what is nearer hides what is behind, whichever is drawn first', () => {
    const red = ball(10);
    const blue = { ...ball(10), colours: Float32Array.from(ball(10).colours, (_c, i) => (i % 3 === 2 ? 1 : 0)) };
    for (const order of [0, 1]) {
      const raster = new Raster(
        sightFrom({ azimuthRad: -Math.PI / 2, elevationRad: 0, centre: [0, 0, 0], pixelsPerMm: 2, width: 60, height: 60 }),
      );
      const parts = [
        () => raster.add(red, [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, -30, 0]),
        () => raster.add(blue, [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 30, 0]),
      ];
      (order ? parts.reverse() : parts).forEach((draw) => draw());
      const { rgba } = raster.finish();
      const at = (30 * 60 + 30) * 4;
      expect(rgba[at]!).toBeGreaterThan(120);
      expect(rgba[at + 2]!).toBeLessThan(30);
    }
  });

  test('from the front, right is right and up is up', () => {
    const sight = sightFrom({
      azimuthRad: -Math.PI / 2,
      elevationRad: 0,
      centre: [0, 0, 0],
      pixelsPerMm: 2,
      width: 100,
      height: 80,
    });
    expect(projectPoint(sight, [0, 0, 0])).toEqual([50, 40, 0]);
    const [x, y] = projectPoint(sight, [10, 0, 5]);
    expect(x).toBeCloseTo(70, 9);
    expect(y).toBeCloseTo(30, 9);
    expect(projectPoint(sight, [0, -10, 0])[2]).toBeCloseTo(20, 9);
  });

  test('nothing drawn is nothing seen', () => {
    expect(
      opaque(
        new Raster(
          sightFrom({ azimuthRad: 0, elevationRad: 0, centre: [0, 0, 0], pixelsPerMm: 1, width: 10, height: 10 }),
        ).finish(),
      ),
    ).toBe(0);
  });
});

describe('portraits', () => {
  test.each(SPECIES.map((s) => [s.id, s] as const))('%s fills its picture and is not cut off', (_id, s) => {
    const picture = portrait(
      { species: s.id, stage: s.stages[s.stages.length - 1]!.id, sizeMm: s.sizesMm[0]!, colourway: s.colourways[0]!.id },
      64,
      SHIPPED,
      1,
    );
    expect(opaque(picture) / (64 * 64)).toBeGreaterThan(0.04);
    if (s.habit === 'head') {
      let onBorder = 0;
      for (let i = 0; i < 64; i++)
        for (const at of [i, 63 * 64 + i, i * 64, i * 64 + 63]) if (picture.rgba[at * 4 + 3]! > 128) onBorder++;
      expect(onBorder).toBeLessThan(10);
    }
  });
});

describe('the cake in a picture', () => {
  const cake = cakeOf([200, 110]);

  test('a tier’s outline runs from its foot over the softened edge to the middle of its top', () => {
    const { positions } = tierMesh(stackTiers(cake)[0]!);
    const places = Array.from({ length: positions.length / 3 }, (_, i) => positions.slice(i * 3, i * 3 + 3));
    expect(Math.max(...places.map(([x, y]) => Math.hypot(x!, y!)))).toBeCloseTo(100, 4);
    expect(Math.max(...places.map(([, , z]) => z!))).toBeCloseTo(110, 4);
    expect(Math.min(...places.map(([, , z]) => z!))).toBe(0);
    expect(Math.max(...cakeMesh(cake).positions)).toBeCloseTo(140, 0);
  });

  test('what stands high on it is in the sheet too', () => {
    const high = 260;
    for (const [given, inside] of [
      [0, false],
      [high, true],
    ] as const) {
      const [, y] = projectPoint(
        cakeSight({ cake, azimuthRad: -Math.PI / 2, elevationRad: 0.25, width: 200, height: 240, highestMm: given }),
        [0, 0, high],
      );
      expect(y > 0 && y < 240).toBe(inside);
    }
  });

  test('fits its sheet from every side, with room for flowers', () => {
    for (const azimuth of [0, 1, 2, 3]) {
      const sight = cakeSight({ cake, azimuthRad: azimuth, elevationRad: 0.25, width: 200, height: 240 });
      for (let a = 0; a < 6.2; a += 0.5) {
        const [x, y] = projectPoint(sight, [140 * Math.cos(a), 140 * Math.sin(a), 0]);
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(200);
        expect(y).toBeLessThan(240);
      }
    }
  });

  test('a piece is drawn where it is placed', () => {
    const { arrangement } = proposalFor({ form: 'crescent', cake, seed: 2, effort: 0.1 });
    const scene = buildScene(cake, arrangement, SHIPPED)!;
    for (const p of scene.heads) {
      const map = pieceMap(p);
      const long = bodyOf(modelOf(p), SHIPPED).axialMm * 2;
      if (p.spine.length)
        expect(distance(applyPoint(map, [0, 0, long]), applyPoint(map, [0, 0, 0]))).toBeCloseTo(p.body.axialMm * 2, 6);
      else expect(distance(applyPoint(map, [0, 0, 0]), p.centre)).toBeLessThan(1e-9);
    }
    const bare = cakePicture({
      cake,
      scenes: [],
      sight: cakeSight({ cake, azimuthRad: 0, elevationRad: 0.25, width: 90, height: 110 }),
      over: 1,
      detail: 'far',
    });
    const full = cakePicture({
      cake,
      scenes: [scene],
      sight: cakeSight({ cake, azimuthRad: -Math.PI / 2, elevationRad: 0.25, width: 90, height: 110 }),
      over: 1,
      detail: 'far',
    });
    expect(full.rgba).not.toEqual(bare.rgba);
    expect(opaque(full)).toBeGreaterThan(1500);
  });
});
