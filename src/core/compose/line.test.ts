import type { Cake, Tier } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import { distance, dot, length, type Vec3 } from '../geometry/vec3';
import { defaultLine } from '../plan/newProject';
import { cakeOf, FORMS } from '../testing/samples';
import type { LineForm } from './lineKinds';
import { effectiveAreaMm2, envelopeAreaMm2, envelopeGrid } from './envelope';
import { directionAt, drawLine, nearestOnLine } from './line';

const ONE = cakeOf([200, 110]);
const THREE = cakeOf([254, 115], [178, 115], [114, 110]);

const shaped = (shape: Tier['shape'], turnRad: number, offset: Tier['offset'], ...sizes: [number, number][]): Cake => {
  const cake = cakeOf(...sizes);
  cake.tiers.forEach((tier, i) => Object.assign(tier, { shape, turnRad, depthMm: tier.diameterMm * 0.75 }, i ? { offset } : {}));
  return cake;
};
const STILL = { xMm: 0, yMm: 0 };

/** Cakes of every shape, centred and not. */
const CAKES: readonly (readonly [string, Cake])[] = [
  ['one round tier', ONE],
  ['three round tiers', THREE],
  ['a square', shaped('square', 0, STILL, [220, 110])],
  ['two squares, turned', shaped('square', 0.5, STILL, [240, 110], [150, 100])],
  ['a rectangle', shaped('rectangle', 0, STILL, [280, 100])],
  ['two hexagons', shaped('hexagon', 0, STILL, [260, 110], [170, 110])],
  ['two rounds, the upper one off the middle', shaped('round', 0, { xMm: -20, yMm: 15 }, [250, 110], [160, 100])],
  ['a hexagon off the middle of a hexagon', shaped('hexagon', 0.2, { xMm: 18, yMm: 10 }, [270, 110], [160, 100])],
];

/** Forms that stand up from the skin instead of lying on it. */
const RAISED: readonly LineForm[] = ['posy', 'cluster', 'plaque', 'pick'];

describe.each(CAKES)('on %s', (_name, cake) => {
  const solid = cakeSolid(cake);

  test.each(FORMS)('a %s never leaves the skin and the board; what stands up is never in the cake', (form) => {
    const line = drawLine(defaultLine(form, cake), cake)!;
    for (let i = 0; i <= 40; i++) {
      for (const side of [-0.9, 0, 0.9]) {
        const s = i / 40;
        const { pointMm, normal, along, toSide } = line.at(s, side * line.halfWidthMm(s));
        const d = Math.min(solid.signedDistanceMm(pointMm), Math.abs(pointMm[2]) < 1e-6 ? 0 : Infinity);
        if (RAISED.includes(form)) expect(d).toBeGreaterThan(-0.5);
        else expect(Math.abs(d)).toBeLessThan(0.05);
        for (const v of [normal, along, toSide]) expect(length(v)).toBeCloseTo(1, 6);
        expect(Math.abs(dot(normal, along)) + Math.abs(dot(along, toSide))).toBeLessThan(1e-6);
      }
    }
  });

  test.each(FORMS.filter((f) => !RAISED.includes(f)))('a place beside a %s is as far from it as it says', (form) => {
    const line = drawLine(defaultLine(form, cake), cake)!;
    for (let i = 0; i <= 20; i++) {
      const s = 0.1 + (0.8 * i) / 20;
      const far = distance(line.at(s, 0).pointMm, line.at(s, 10).pointMm);
      // across an edge or into a corner between tiers the straight way is shorter; round a tier's corner a step is cut coarsely
      expect(far).toBeLessThan(13);
      expect(far).toBeGreaterThan(7.5);
    }
  });
});

describe.each(FORMS)('%s', (form) => {
  const line = drawLine(defaultLine(form, THREE), THREE)!;

  test('its frames are square, and s runs by arc length', () => {
    let total = 0;
    let last: Vec3 = line.at(0, 0).pointMm;
    for (let i = 1; i <= 200; i++) {
      const f = line.at(i / 200 - (line.closed && i === 200 ? 1e-9 : 0), 0);
      total += distance(f.pointMm, last);
      last = f.pointMm;
      expect(length(f.normal)).toBeCloseTo(1, 6);
      expect(Math.abs(dot(f.normal, f.along))).toBeLessThan(1e-6);
      expect(Math.abs(dot(f.along, f.toSide))).toBeLessThan(1e-6);
    }
    // on a dome the line climbs and is longer than its width
    if (!RAISED.includes(form)) expect(Math.abs(total - line.lengthMm) / line.lengthMm).toBeLessThan(0.02);
  });

  test('the + side lies where a step to the side leads', () => {
    const s = 0.37;
    const a = line.at(s, 0).pointMm;
    const b = line.at(s, 4).pointMm;
    const step: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    expect(dot(step, line.at(s, 0).toSide)).toBeGreaterThan(2.5);
  });

  test('a place beside the line is found again', () => {
    for (const [s, side] of [
      [0.2, 0.3],
      [0.5, -0.4],
      [0.8, 0],
    ] as const) {
      const sideMm = side * line.halfWidthMm(s);
      const found = nearestOnLine(line, line.at(s, sideMm).pointMm);
      expect(distance(line.at(found.s, found.sideMm).pointMm, line.at(s, sideMm).pointMm)).toBeLessThan(1.2);
    }
  });

  test('is full at the focal point and tapers to the tips, or is even when closed or strewn', () => {
    const spec = defaultLine(form, THREE);
    const full = Math.max(...Array.from({ length: 101 }, (_, i) => line.halfWidthMm(i / 100)));
    expect(full).toBeLessThanOrEqual(spec.widthMm + 1e-9);
    // a fan's flowers begin a little above the point where its stems meet
    expect(full).toBeGreaterThan(spec.widthMm * (form === 'cluster' ? 0.3 : 0.95));
    if (line.closed) expect(line.halfWidthMm(0.1)).toBe(line.halfWidthMm(0.6));
    else if (form === 'scatter') expect(line.halfWidthMm(0)).toBe(full);
    else if (form !== 'cluster') expect(line.halfWidthMm(0)).toBeLessThan(full * 0.3);
  });

  test('its grid of samples covers the envelope’s area', () => {
    const area = envelopeGrid(line).cells.reduce((a, c) => a + c.areaMm2, 0);
    expect(Math.abs(area / envelopeAreaMm2(line) - 1)).toBeLessThan(0.03);
    expect(effectiveAreaMm2(line)).toBeGreaterThan(envelopeAreaMm2(line));
  });
});

test('a closed ring is 2πr long and closes', () => {
  const line = drawLine(
    { form: 'ring', tier: 0, where: 'top', radiusShare: 0.8, gapRad: 0, gapAtRad: 0, focal: 0.5, widthMm: 20, riseMm: 20 },
    ONE,
  )!;
  expect(line.closed).toBe(true);
  expect(line.lengthMm).toBeCloseTo(2 * Math.PI * 80, 0);
  expect(distance(line.at(0, 0).pointMm, line.at(1, 0).pointMm)).toBeLessThan(0.01);
});

test('a ring with a gap of 90° is three quarters as long and open', () => {
  const whole = {
    form: 'ring',
    tier: 0,
    where: 'foot',
    radiusShare: 0.8,
    gapRad: 0,
    gapAtRad: 0,
    focal: 0.5,
    widthMm: 20,
    riseMm: 20,
  } as const;
  const open = drawLine({ ...whole, gapRad: Math.PI / 2 }, ONE)!;
  expect(open.closed).toBe(false);
  expect(open.lengthMm / drawLine(whole, ONE)!.lengthMm).toBeCloseTo(0.75, 2);
});

test('a crescent on a 20 cm tier: arc at 0.57 R, its end half-way down the side', () => {
  const line = drawLine(
    { form: 'crescent', tier: 0, fromRad: 0, sweepRad: -2, radiusShare: 0.57, trailMm: 55, focal: 0.5, widthMm: 40, riseMm: 34 },
    ONE,
  )!;
  const first = line.at(0, 0).pointMm;
  expect(Math.hypot(first[0], first[1])).toBeCloseTo(57, 3);
  expect(first[2]).toBeCloseTo(110, 6);
  const last = line.at(1, 0).pointMm;
  expect(Math.hypot(last[0], last[1])).toBeCloseTo(100, 3);
  expect(last[2]).toBeCloseTo(110 - 6 - 55, 0);
});

describe('bad input', () => {
  test('no tier, or a tier that was taken away: no line, no exception', () => {
    expect(drawLine(defaultLine('crescent', ONE), { ...ONE, tiers: [] })).toBeNull();
    expect(drawLine({ ...defaultLine('ring', THREE), tier: 2 } as never, ONE)).toBeNull();
  });

  test('a trail longer than the tier ends at its foot', () => {
    const line = drawLine(
      {
        form: 'crescent',
        tier: 0,
        fromRad: 0,
        sweepRad: -1,
        radiusShare: 0.6,
        trailMm: 400,
        focal: 0.5,
        widthMm: 30,
        riseMm: 20,
      },
      ONE,
    )!;
    expect(line.at(1, 0).pointMm[2]).toBeGreaterThan(-1);
  });

  test('a cascade longer than the cake ends at its foot', () => {
    const line = drawLine(
      { form: 'cascade', fromRad: 0, toRad: 1, startMm: 10, lengthDownMm: 2000, swingMm: 0, focal: 0.5, widthMm: 30, riseMm: 20 },
      ONE,
    )!;
    expect(line.at(1, 0).pointMm[2]).toBeGreaterThanOrEqual(0);
  });
});

test('a face looks along the normal at tilt 0, along the line at 90° and heading 0, to the side at heading 90°', () => {
  const frame = drawLine(defaultLine('ring', ONE), ONE)!.at(0.3, 0);
  expect(dot(directionAt(frame, 0, 1), frame.normal)).toBeCloseTo(1, 9);
  expect(dot(directionAt(frame, Math.PI / 2, 0), frame.along)).toBeCloseTo(1, 9);
  expect(dot(directionAt(frame, Math.PI / 2, Math.PI / 2), frame.toSide)).toBeCloseTo(1, 9);
});
