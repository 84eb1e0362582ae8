import { seededRandom } from '../geometry/random';
import { dot, length, type Vec3 } from '../geometry/vec3';
import { cakeOf } from '../testing/samples';
import { cakeSkin } from './skin';
import { cakeSolid } from './solid';

const CAKE = cakeOf([254, 115], [178, 115], [114, 110]);
const skin = cakeSkin(CAKE);
const solid = cakeSolid(CAKE);

test('the meridian is as long as its parts: tops and ledges, quarter arcs, walls', () => {
  const e = 6;
  const arc = (e * Math.PI) / 2;
  const top = 57 - e + arc + (110 - e);
  const middle = 89 - e - 57 + arc + (115 - e);
  const bottom = 127 - e - 89 + arc + (115 - e);
  expect(skin.lengthMm).toBeCloseTo(top + middle + bottom, 9);
});

describe('every place of the skin', () => {
  const random = seededRandom(2);
  const places = Array.from({ length: 120 }, () => [random() * Math.PI * 2, random() * skin.lengthMm] as const);

  test('lies on the solid, to a hundredth of a millimetre', () => {
    for (const [a, m] of places) expect(Math.abs(solid.signedDistanceMm(skin.at(a, m).pointMm))).toBeLessThan(0.01);
  });

  test('has unit directions, square to each other', () => {
    for (const [a, m] of places) {
      const p = skin.at(a, m);
      for (const d of [p.normal, p.downward, p.around]) expect(length(d)).toBeCloseTo(1, 9);
      expect(dot(p.normal, p.downward)).toBeCloseTo(0, 9);
      expect(dot(p.normal, p.around)).toBeCloseTo(0, 9);
    }
  });

  test('normals do not jump: a millimetre on turns them by less than 12°', () => {
    for (let m = 0; m < skin.lengthMm; m++)
      expect(dot(skin.at(1, m).normal, skin.at(1, m + 1).normal)).toBeGreaterThan(Math.cos(0.21));
  });

  test('arc length is true: neighbouring places are as far apart as their meridian says', () => {
    for (let m = 1; m < skin.lengthMm - 1; m += 3.7) {
      const a = skin.at(2, m).pointMm;
      const b = skin.at(2, m + 0.5).pointMm;
      expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])).toBeLessThanOrEqual(0.5 + 1e-9);
      expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])).toBeGreaterThan(0.34);
    }
  });
});

test('tops look up, sides look out, and what lies past the foot is the board', () => {
  expect(skin.at(0, 20)).toMatchObject({ face: 'top', tierIndex: 2 });
  expect(skin.at(0, 20).normal[2]).toBeCloseTo(1, 6);
  const side = skin.at(Math.PI / 2, 57 + 60);
  expect(side.face).toBe('side');
  expect(side.normal[1]).toBeCloseTo(1, 6);
  expect(skin.at(0, skin.lengthMm + 20)).toMatchObject({ face: 'board', tierIndex: -1 });
});

test('over the middle of the top the line runs on down the other side', () => {
  const p: Vec3 = skin.at(0, -30).pointMm;
  expect(p[0]).toBeCloseTo(-30, 9);
  expect(p[2]).toBeCloseTo(340, 9);
});
