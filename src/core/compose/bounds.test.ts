import { cakeOf } from '../testing/samples';
import { defaultLine } from '../plan/newProject';
import { alongLine, besideIt, leanWithin, liftOf, MOST_LIFT, MOST_SIDE, movedBy, offLine } from './bounds';
import { drawLine } from './line';

const CAKE = cakeOf([240, 100], [160, 100]);
const open = drawLine(defaultLine('crescent', CAKE), CAKE)!;
const closed = drawLine(defaultLine('ring', CAKE), CAKE)!;

test('round a closed line a place goes on; on an open one it ends at the tips', () => {
  expect([alongLine(closed, 1.25), alongLine(closed, -0.25), alongLine(closed, 1)]).toEqual([0.25, 0.75, 0]);
  expect([alongLine(open, 1.25), alongLine(open, -0.25), alongLine(open, 0.4)]).toEqual([1, 0, 0.4]);
});

test('no farther across, no higher, no more aslant than it may be', () => {
  expect([offLine(9), offLine(-9), offLine(0.3)]).toEqual([MOST_SIDE, -MOST_SIDE, 0.3]);
  expect([liftOf(9), liftOf(-1), liftOf(0.5)]).toEqual([MOST_LIFT, 0, 0.5]);
  expect(leanWithin(-1, 'focal')).toBe(0);
  expect(leanWithin(9, 'focal')).toBeLessThan(leanWithin(9, 'foliage'));
});

test('ten millimetres along are ten on the cake, five across are five', () => {
  const place = { s: 0.5, side: 0 };
  const along = movedBy(place, open, { alongMm: 10 });
  expect((along.s - place.s) * open.lengthMm).toBeCloseTo(10, 9);
  const [a, b] = [open.at(place.s, 0).pointMm, open.at(along.s, 0).pointMm];
  expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])).toBeCloseTo(10, 0);
  const across = movedBy(place, open, { acrossMm: 5 });
  expect(across.side * open.halfWidthMm(0.5)).toBeCloseTo(5, 9);
  expect(movedBy(place, open, { alongMm: 1e6 }).s).toBe(1);
  expect(movedBy(place, open, {})).toEqual(place);
});

test('a copy stands beside what it is a copy of, and on the line', () => {
  expect(besideIt({ s: 0.5, side: 0 })).toEqual({ s: 0.56, side: 0.25 });
  expect(besideIt({ s: 0.99, side: 1.19 })).toEqual({ s: 1, side: 1.2 });
});
