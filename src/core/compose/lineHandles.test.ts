import * as v from 'valibot';
import { distance } from '../geometry/vec3';
import { defaultLine } from '../plan/newProject';
import { cakeOf, FORMS } from '../testing/samples';
import { lineSchema } from './arrangement';
import { drawLine } from './line';
import { fieldValue, lineFields, withField, withKept } from './lineFields';
import { dragHandle, lineHandles } from './lineHandles';

const CAKE = cakeOf([254, 115], [178, 115]);

describe.each(FORMS)('%s', (form) => {
  const spec = defaultLine(form, CAKE);

  test('every figure at its bounds passes the schema and is shown again as typed', () => {
    for (const field of lineFields(spec)) {
      for (const typed of [field.least, field.most]) {
        const next = withField(spec, field.key, typed);
        expect(v.safeParse(lineSchema, next).success).toBe(true);
        expect(field.shown(fieldValue(next, field.key))).toBeCloseTo(typed, 6);
      }
      expect(withField(spec, field.key, NaN)).toBe(spec);
      expect(v.safeParse(lineSchema, withKept(spec, field.key, 1e9)).success).toBe(true);
    }
  });

  test('a point dropped where it is changes nothing to speak of', () => {
    for (const handle of lineHandles(spec, CAKE)) {
      const [now] = lineHandles(dragHandle(spec, CAKE, handle.id, handle.at), CAKE).filter((h) => h.id === handle.id);
      expect(distance(now!.at, handle.at)).toBeLessThan(0.2);
    }
  });

  test('a point follows the finger: moved to where other figures would put it, it gets there', () => {
    for (const handle of lineHandles(spec, CAKE)) {
      let wanted = spec;
      for (const key of handle.keys) {
        const field = lineFields(spec).find((f) => f.key === key)!;
        const by = field.unit === 'mm' ? 9 : field.unit === '%' ? 8 : field.unit === '°' ? 14 : 0.4;
        const up = withField(spec, key, field.shown(fieldValue(spec, key)) + by);
        wanted = { ...wanted, [key]: fieldValue(up, key) } as typeof spec;
      }
      // where a beginning is moved the far end stays, so its own target is taken with the figure that keeps it
      const target = lineHandles(wanted, CAKE).find((h) => h.id === handle.id)!.at;
      const got = dragHandle(spec, CAKE, handle.id, target);
      expect(v.safeParse(lineSchema, got).success).toBe(true);
      const there = lineHandles(got, CAKE).find((h) => h.id === handle.id)!.at;
      expect(distance(there, target)).toBeLessThan(Math.max(2, distance(handle.at, target) * 0.2));
    }
  });
});

test('where a crescent’s beginning is moved its end stays', () => {
  const spec = defaultLine('crescent', CAKE);
  const line = drawLine(spec, CAKE)!;
  const moved = dragHandle(spec, CAKE, 'begins', line.at(0.12, 0).pointMm);
  expect(distance(drawLine(moved, CAKE)!.at(1, 0).pointMm, line.at(1, 0).pointMm)).toBeLessThan(8);
  expect(distance(drawLine(moved, CAKE)!.at(0, 0).pointMm, line.at(0.12, 0).pointMm)).toBeLessThan(2);
});

test('a point that is not there, or a place that is none, leaves the line', () => {
  const spec = defaultLine('ring', CAKE);
  expect(dragHandle(spec, CAKE, 'nose', [0, 0, 0])).toBe(spec);
  expect(dragHandle(spec, CAKE, 'width', [NaN, 0, 0])).toBe(spec);
  expect(lineHandles(spec, { ...CAKE, tiers: [] })).toEqual([]);
});

describe('figures as they are typed', () => {
  test('clock hours, degrees and hundredths come back as typed; the front is 6 o’clock', () => {
    const crescent = defaultLine('crescent', CAKE);
    const six = withField(crescent, 'fromRad', 6);
    expect(fieldValue(six, 'fromRad')).toBeCloseTo(-Math.PI / 2, 9);
    expect(fieldValue(withField(crescent, 'sweepRad', -90), 'sweepRad')).toBeCloseTo(-Math.PI / 2, 9);
    expect(fieldValue(withField(crescent, 'radiusShare', 57), 'radiusShare')).toBeCloseTo(0.57, 9);
  });

  test('out of bounds they are held at the bound, and a figure that the form has not changes nothing', () => {
    const cascade = defaultLine('cascade', CAKE);
    expect(fieldValue(withField(cascade, 'lengthDownMm', 9999), 'lengthDownMm')).toBe(2000);
    expect(fieldValue(withField(cascade, 'lengthDownMm', -5), 'lengthDownMm')).toBe(40);
    expect(withField(cascade, 'gapRad', 10)).toBe(cascade);
  });

  test('figures that mean nothing for a choice are not asked: no radius at a foot, no fan on a dome, no stem under a flat plaque', () => {
    const keys = (spec: Parameters<typeof lineFields>[0]) => lineFields(spec).map((f) => f.key);
    const ring = defaultLine('ring', CAKE);
    expect(keys({ ...ring, where: 'foot' } as typeof ring)).not.toContain('radiusShare');
    expect(keys({ ...ring, where: 'top' } as typeof ring)).toContain('radiusShare');
    const cluster = defaultLine('cluster', CAKE);
    expect(keys({ ...cluster, spread: 'dome' } as typeof cluster)).not.toContain('sweepRad');
    const plaque = defaultLine('plaque', CAKE);
    expect(keys({ ...plaque, upright: false } as typeof plaque)).not.toContain('standMm');
    expect(keys({ ...plaque, outline: 'round' } as typeof plaque)).not.toContain('plateHeightMm');
  });
});
