import { cakeSolid } from '../../cake/solid';
import { distance } from '../../geometry/vec3';
import { defaultLine } from '../../plan/newProject';
import { cakeOf } from '../../testing/samples';
import type { LineSpec } from '../arrangement';
import type { LineForm } from '../lineKinds';
import { drawLine, type Line } from '../line';
import { SKEWER_SHARE } from '../lines/plaque';
import { plateReachMm } from './plaque';

const CAKE = cakeOf([220, 120]);

const draw = <F extends LineForm>(form: F, over: Partial<Extract<LineSpec, { form: F }>> = {}): Line =>
  drawLine({ ...defaultLine(form, CAKE), ...over } as LineSpec, CAKE)!;
const heightAt = (line: Line, s: number): number => line.at(s, 0).pointMm[2];

describe('garland', () => {
  const swags = 4;
  const line = draw('garland', { swags, hangMm: 20, dropMm: 40, fromRad: 0, sweepRad: Math.PI * 2 });

  test('closes round the tier and hangs from points at one height', () => {
    expect(line.closed).toBe(true);
    const edge = 120 - 6;
    for (let i = 0; i < swags; i++) expect(heightAt(line, i / swags)).toBeCloseTo(edge - 20, 0);
  });

  test('its swags sag by what is asked, lowest in their middles, all alike', () => {
    for (let i = 0; i < swags; i++) {
      const low = heightAt(line, (i + 0.5) / swags);
      expect(heightAt(line, i / swags) - low).toBeCloseTo(40, 0);
      expect(heightAt(line, (i + 0.4) / swags)).toBeGreaterThan(low);
      expect(heightAt(line, (i + 0.6) / swags)).toBeGreaterThan(low);
    }
  });

  test('more swags make it longer, half a turn leaves it open', () => {
    expect(draw('garland', { swags: 8, hangMm: 20, dropMm: 40 }).lengthMm).toBeGreaterThan(line.lengthMm);
    expect(draw('garland', { sweepRad: Math.PI }).closed).toBe(false);
  });
});

describe('lazy S', () => {
  test('begins on the top, crosses the edge once, and ends on the side as far down as asked', () => {
    const line = draw('lazy S', { insetMm: 50, dropMm: 60 });
    expect(heightAt(line, 0)).toBeCloseTo(120, 0);
    expect(heightAt(line, 1)).toBeLessThan(120 - 6 - 50);
    let crossings = 0;
    for (let i = 1; i <= 100; i++) if (heightAt(line, (i - 1) / 100) > 116 !== heightAt(line, i / 100) > 116) crossings++;
    expect(crossings).toBe(1);
  });

  test('turns both ways: its bend changes its sign', () => {
    const line = draw('lazy S');
    const along = (s: number) => line.at(s, 0).along;
    const bend = (s: number) => {
      const [a, b] = [along(s), along(s + 0.08)];
      return a[0] * b[2] - a[2] * b[0];
    };
    const bends = [0.04, 0.3, 0.6, 0.88].map(bend);
    expect(Math.max(...bends)).toBeGreaterThan(0.01);
    expect(Math.min(...bends)).toBeLessThan(-0.01);
  });
});

describe('side spray', () => {
  test('stays on its side whatever is asked, and slopes the way it is told', () => {
    const rising = draw('side spray', { slopeRad: 0.4, bowMm: 0 });
    expect(heightAt(rising, 0.95)).toBeGreaterThan(heightAt(rising, 0.05) + 20);
    const wild = draw('side spray', { heightMm: 400, lengthMm: 800, slopeRad: 1.2 });
    for (let i = 0; i <= 20; i++) {
      const [x, y, z] = wild.at(i / 20, 0).pointMm;
      expect(z).toBeGreaterThan(-0.1);
      expect(z).toBeLessThanOrEqual(120);
      expect(Math.hypot(x, y)).toBeGreaterThan(100);
    }
  });

  test('a bow lowers its middle by what is asked', () => {
    const straight = draw('side spray', { slopeRad: 0, bowMm: 0 });
    const bowed = draw('side spray', { slopeRad: 0, bowMm: 18 });
    expect(heightAt(straight, 0.5) - heightAt(bowed, 0.5)).toBeCloseTo(18, 0);
    expect(heightAt(bowed, 0)).toBeCloseTo(heightAt(straight, 0), 0);
  });
});

test('corner spray: one arm on the top, the other down the side, the corner between', () => {
  const line = draw('corner spray', { armMm: 80, trailMm: 70 });
  expect(heightAt(line, 0.1)).toBeCloseTo(120, 0);
  expect(heightAt(line, 1)).toBeLessThan(60);
});

describe('standing cluster', () => {
  test('stands on its own stem at its place, as high as asked', () => {
    const { stand } = draw('cluster', { standMm: 45, xMm: 12, yMm: -8 });
    expect(stand!.footMm).toEqual([12, -8, 120]);
    expect(stand!.topMm).toEqual([12, -8, 165]);
  });

  test('a fan looks forward and spreads over its sweep; a dome looks all round', () => {
    const fan = draw('cluster', { spread: 'fan', sweepRad: 2 });
    for (const s of [0.1, 0.5, 0.9]) expect(fan.at(s, 0).normal[1]).toBeLessThan(-0.3);
    const [left, right] = [fan.at(0, 0).pointMm, fan.at(1, 0).pointMm];
    expect(left[0]).toBeLessThan(-10);
    expect(right[0]).toBeCloseTo(-left[0], 3);
    const dome = draw('cluster', { spread: 'dome' });
    expect(dome.at(0.02, 0).normal[0]).toBeLessThan(-0.5);
    expect(dome.at(0.98, 0).normal[0]).toBeGreaterThan(0.5);
    expect(dome.at(0.5, 0).normal[2]).toBeGreaterThan(0.9);
  });
});

describe('plaque', () => {
  const spec = { ...defaultLine('plaque', CAKE) } as Extract<LineSpec, { form: 'plaque' }>;

  test('its outlines are as wide and high as they say (ellipse in polar form; plane geometry)', () => {
    for (const outline of ['oval', 'banner', 'scalloped'] as const) {
      const own = { ...spec, outline, plateWidthMm: 120, plateHeightMm: 70 };
      const notched = outline === 'banner' ? 0.88 : 1;
      expect(plateReachMm(own, 0)).toBeCloseTo(60 * notched, 0);
      expect(plateReachMm(own, Math.PI / 2)).toBeCloseTo(35, 0);
    }
    const round = { ...spec, outline: 'round' as const, plateWidthMm: 90 };
    for (const a of [0, 0.7, 1.9, 4]) expect(plateReachMm(round, a)).toBeCloseTo(45, 6);
    const oval = { ...spec, outline: 'oval' as const, plateWidthMm: 120, plateHeightMm: 70 };
    const r = plateReachMm(oval, 0.6);
    expect(((r * Math.cos(0.6)) / 60) ** 2 + ((r * Math.sin(0.6)) / 35) ** 2).toBeCloseTo(1, 9);
  });

  test('upright it faces the front above its skewers, flat it lies on the icing and looks up', () => {
    const up = drawLine({ ...spec, upright: true, standMm: 15 }, CAKE)!.plate!;
    expect(up.normal).toEqual([0, -1, 0]);
    expect(up.centreMm[2]).toBeCloseTo(120 + 15 + spec.plateHeightMm / 2, 6);
    const flat = drawLine({ ...spec, upright: false, standMm: 15 }, CAKE)!.plate!;
    expect(flat.normal).toEqual([0, 0, 1]);
    expect(flat.centreMm[2]).toBeCloseTo(120 + flat.thicknessMm, 6);
    expect(SKEWER_SHARE).toBeGreaterThan(0.3);
  });

  test('its flowers lie on it, within its rim', () => {
    for (const upright of [true, false]) {
      const line = drawLine({ ...spec, upright }, CAKE)!;
      const { centreMm, outlineMm, normal } = line.plate!;
      const most = Math.max(...outlineMm.map(([x, y]) => Math.hypot(x, y)));
      for (let i = 0; i <= 20; i++) {
        const p = line.at(i / 20, 0);
        expect(p.normal).toEqual(normal);
        expect(distance(p.pointMm, centreMm)).toBeLessThan(most);
      }
    }
  });
});

test('a pick stands where a finger would point, and holds only a little', () => {
  const line = draw('pick', { xMm: 20, yMm: 10, standMm: 14 });
  expect(line.stand!.footMm).toEqual([20, 10, 120]);
  expect(cakeSolid(CAKE).signedDistanceMm(line.at(0.5, 0).pointMm)).toBeGreaterThan(13);
  expect(line.lengthMm).toBeLessThan(60);
});

describe('tiers of other shapes', () => {
  const square = cakeOf([220, 120]);
  square.tiers[0]!.shape = 'square';

  test('a wreath at the foot of a square runs along its sides and is as long as they are', () => {
    const line = drawLine({ ...defaultLine('ring', square), where: 'foot' } as LineSpec, square)!;
    // sides of 220 with corners of 12: 4 · (220 − 24) + 2π · 12
    expect(Math.abs(line.lengthMm / (4 * 196 + 2 * Math.PI * 12) - 1)).toBeLessThan(0.02);
  });

  test('a cascade off a pushed tier stays on the skin of both', () => {
    const pushed = cakeOf([260, 110], [160, 100]);
    pushed.tiers[1]!.offset = { xMm: 25, yMm: 20 };
    const solid = cakeSolid(pushed);
    const line = drawLine(defaultLine('cascade', pushed), pushed)!;
    for (let i = 0; i <= 40; i++) expect(Math.abs(solid.signedDistanceMm(line.at(i / 40, 0).pointMm))).toBeLessThan(0.05);
  });
});
