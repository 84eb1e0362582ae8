import * as v from 'valibot';
import { arrangementSchema, lineSchema, type LineSpec } from '../arrangement';
import { lineFields } from '../lineFields';
import { LINE_FORMS } from '../lineKinds';
import { drawLine } from '../line';
import { cakeOf } from '../../testing/samples';
import { defaultLine, newArrangement } from '../../plan/newProject';
import { azimuthToClockHours } from '../../geometry/units';
import { hour, degrees, mm, share, type LineField } from './fields';

const CAKES = [cakeOf([200, 110]), cakeOf([254, 115], [178, 115], [114, 110]), cakeOf([150, 60])];
const fieldsOf: (spec: LineSpec) => readonly LineField[] = lineFields;
const kept = (spec: LineSpec, key: string): number => (spec as unknown as Record<string, number>)[key]!;
const withKept = (spec: LineSpec, key: string, value: number): unknown => ({ ...spec, [key]: value });

describe.each(LINE_FORMS)('the figures of a %s', (form) => {
  const specs = CAKES.map((cake) => defaultLine(form, cake));

  test('each is a figure of its own, and its file takes a first line on any cake', () => {
    for (const spec of specs) {
      expect(v.safeParse(lineSchema, spec).success).toBe(true);
      const keys = fieldsOf(spec).map((f) => f.key);
      expect(new Set(keys).size).toBe(keys.length);
      for (const key of keys) expect(typeof kept(spec, key)).toBe('number');
    }
  });

  test('a first line lies within the bounds that a person may type', () => {
    for (const spec of specs)
      for (const f of fieldsOf(spec)) {
        const shown = f.shown(kept(spec, f.key));
        expect(`${f.key} ${shown >= f.least - 1e-9}`).toBe(`${f.key} true`);
        expect(`${f.key} ${shown <= f.most + 1e-9}`).toBe(`${f.key} true`);
      }
  });

  test('what may be typed may be stored: at both bounds and in the middle, one figure at a time', () => {
    for (const spec of specs)
      for (const f of fieldsOf(spec))
        for (const shown of [f.least, (f.least + f.most) / 2, f.most]) {
          const read = v.safeParse(lineSchema, withKept(spec, f.key, f.kept(shown)));
          expect(`${f.key} ${shown} ${read.success}`).toBe(`${f.key} ${shown} true`);
        }
  });

  test('what is far beyond its bounds is refused, with the name of the figure', () => {
    const [spec] = specs;
    for (const f of fieldsOf(spec!)) {
      const read = v.safeParse(lineSchema, withKept(spec!, f.key, 1e9));
      expect(read.success).toBe(false);
      if (!read.success) expect(v.getDotPath(read.issues[0])).toBe(f.key);
    }
  });

  test('typed again as it is shown it stays the same, to what is shown', () => {
    for (const spec of specs)
      for (const f of fieldsOf(spec)) {
        const once = f.shown(kept(spec, f.key));
        expect(f.shown(f.kept(once))).toBeCloseTo(once, 6);
      }
  });

  test('at any bound of any figure it is drawn with finite numbers, or has no place', () => {
    CAKES.forEach((cake, i) => {
      for (const f of fieldsOf(specs[i]!))
        for (const shown of [f.least, f.most]) {
          const line = drawLine(withKept(specs[i]!, f.key, f.kept(shown)) as LineSpec, cake);
          if (!line) continue;
          expect(Number.isFinite(line.lengthMm)).toBe(true);
          for (const s of [0, 0.25, 0.5, 0.75, 1]) {
            const { pointMm, normal } = line.at(s, line.halfWidthMm(s) * 0.5);
            expect([...pointMm, ...normal, line.halfWidthMm(s), line.riseMm(s)].every(Number.isFinite)).toBe(true);
          }
        }
    });
  });

  test('an arrangement on it is one that a file may hold', () => {
    for (const spec of specs) expect(v.safeParse(arrangementSchema, newArrangement('a', spec)).success).toBe(true);
  });
});

describe('a figure as it is kept and as it is shown', () => {
  test('a length in whole millimetres, a share in hundredths, an angle in degrees', () => {
    const length = mm({ key: 'x', name: 'length', least: 0, most: 10 });
    expect([length.shown(12.4), length.kept(12)]).toEqual([12, 12]);
    const part = share({ key: 'x', name: 'focal-point', least: 0, most: 100 });
    expect([part.shown(0.253), part.kept(25)]).toEqual([25, 0.25]);
    const angle = degrees({ key: 'x', name: 'sweep', least: 0, most: 360 });
    expect(angle.shown(Math.PI / 2)).toBe(90);
    expect(angle.kept(180)).toBeCloseTo(Math.PI, 12);
  });

  test('a direction as an hour of the clock, the front at six, the right at three', () => {
    const faces = hour('x', 'faces');
    expect(faces.shown(-Math.PI / 2)).toBe(6);
    expect(faces.shown(0)).toBe(3);
    expect(faces.shown(Math.PI)).toBe(9);
    for (const h of [0.5, 1, 4.5, 6, 9, 11.5, 12]) expect(faces.shown(faces.kept(h))).toBe(h);
    for (let k = -20; k <= 20; k++) {
      const rad = k * 0.37;
      expect(faces.shown(rad)).toBeCloseTo(azimuthToClockHours(rad), 1);
    }
  });
});
