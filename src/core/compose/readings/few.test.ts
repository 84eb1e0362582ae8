import { SHIPPED } from '../../botany/catalogue';
import { cakeOf } from '../../testing/samples';
import { defaultLine, newArrangement } from '../../plan/newProject';
import type { Piece } from '../arrangement';
import type { LineForm } from '../lineKinds';
import { readBalance } from '../readBalance';
import { type Reading, type ReadingId } from '../reading';
import { buildScene } from '../scene';
import { Measures } from '../measures';

const CAKE = cakeOf([220, 110]);

const piece = (id: string, over: Partial<Piece>): Piece => ({
  id,
  species: 'ranunculus',
  stage: 'open',
  sizeMm: 40,
  colourway: 'white',
  s: 0.5,
  side: 0,
  lift: 0,
  tiltRad: 0.2,
  headingRad: 0,
  rollRad: 0,
  pinned: false,
  ...over,
});
const sceneOf = (pieces: Piece[], form: LineForm = 'crescent') =>
  buildScene(CAKE, { ...newArrangement('a1', defaultLine(form, CAKE)), pieces }, SHIPPED)!;
const read = (pieces: Piece[], id: ReadingId, form?: LineForm): Reading =>
  readBalance(sceneOf(pieces, form), { stops: 0, looks: 0, first: null }).find((r) => r.id === id)!;

const leaf = (id: string, s: number, headingRad: number, over: Partial<Piece> = {}): Piece =>
  piece(id, { species: 'olive', stage: 'grown', sizeMm: 64, s, headingRad, tiltRad: 1.3, ...over });

describe('flow, leaf by leaf', () => {
  test('leaves outward to both tips flow, inward they do not, and the remedy turns them round', () => {
    const out = [leaf('a', 0.8, 0), leaf('b', 0.2, Math.PI)];
    const back = [leaf('a', 0.8, Math.PI), leaf('b', 0.2, 0)];
    expect(read(out, 'flow').numbers.withTheLineShare).toBeGreaterThan(0.85);
    const wrong = read(back, 'flow');
    expect(wrong.numbers.againstTheLine).toBe(2);
    expect(wrong.remedy!.label).toEqual({ code: 'remedy.turn-leaves', values: { count: 2 } });
    for (const { id, to } of wrong.remedy!.change) {
      const turned = { ...back.find((p) => p.id === id)!, ...to };
      expect(read([turned], 'flow').numbers.againstTheLine).toBe(0);
    }
  });

  test('round a ring either way round is flow; half and half is none', () => {
    const round = (headings: number[]) => headings.map((h, i) => leaf(`l${i}`, (i + 0.5) / headings.length, h));
    expect(read(round([0, 0, 0, 0]), 'flow', 'ring').numbers.withTheLineShare).toBeGreaterThan(0.85);
    expect(read(round([Math.PI, Math.PI, Math.PI, Math.PI]), 'flow', 'ring').numbers.withTheLineShare).toBeGreaterThan(0.85);
    expect(read(round([0, Math.PI, 0, Math.PI]), 'flow', 'ring').numbers.withTheLineShare).toBeLessThan(0.1);
  });

  test('a head far from all others stands alone; one outside the line strays', () => {
    expect(read([piece('a', {}), piece('b', { s: 0.95 })], 'flow').numbers.alone).toBe(2);
    expect(read([piece('a', {}), piece('b', { s: 0.55 })], 'flow').numbers.alone).toBe(0);
    expect(read([piece('a', { side: 1.6 })], 'flow').numbers.strayMm).toBeGreaterThan(5);
    expect(read([piece('a', {})], 'flow').numbers.strayMm).toBe(0);
  });
});

describe('wire, root by root', () => {
  test('a lone leaf shows its root, one whose root lies under a flower does not', () => {
    const [bare] = new Measures(sceneOf([leaf('l', 0.5, 0)])).rootsSeen();
    expect(bare).toBeGreaterThan(0.5);
    const [, tucked] = new Measures(sceneOf([piece('r', { sizeMm: 48, tiltRad: 0 }), leaf('l', 0.5, 0)])).rootsSeen();
    expect(tucked!).toBeLessThan(bare!);
  });

  test('what is glued to a plaque has none', () => {
    expect(read([piece('r', { sizeMm: 33 })], 'hidden', 'plaque').score).toBe(100);
  });

  test('its remedy tucks the leaf under the nearest flower and adds nothing', () => {
    const pieces = [piece('r', { sizeMm: 48, s: 0.5 }), leaf('l', 0.62, 0, { side: 1.3 })];
    const reading = read(pieces, 'hidden');
    expect(reading.remedy!.label).toEqual({ code: 'remedy.tuck-in', values: { count: 1 } });
    expect(reading.remedy!.add).toEqual([]);
    expect(reading.remedy!.change[0]!.to.s).toBe(0.5);
  });
});

describe('scale', () => {
  test('a flower of a third of its tier suits it, one of most of it is large, a tiny one small', () => {
    const at = (sizeMm: number) => read([piece('a', { sizeMm })], 'scale');
    expect(at(70).numbers.ofTierShare).toBeCloseTo(70 / 220, 2);
    expect(at(70).score).toBeGreaterThan(at(150).score + 20);
    expect(at(150).lean).toBeGreaterThan(0);
    expect(at(12).lean).toBeLessThan(0);
  });

  test('one that is twice its fellows takes their size', () => {
    const pieces = [40, 40, 40, 90].map((sizeMm, i) => piece(`p${i}`, { sizeMm, s: 0.2 + 0.2 * i }));
    const { remedy, numbers } = read(pieces, 'scale');
    expect(numbers.overOthers).toBeCloseTo(90 / 40, 1);
    expect(remedy!.change).toEqual([{ id: 'p3', to: { sizeMm: 40 } }]);
  });
});

describe('rhythm', () => {
  const row = (gaps: number[]) => {
    let at = 0.1;
    return [piece('p0', { s: at, sizeMm: 33 }), ...gaps.map((g, i) => piece(`p${i + 1}`, { s: (at += g), sizeMm: 33 }))];
  };

  test('even steps have no variation, uneven ones have', () => {
    expect(read(row([0.12, 0.12, 0.12, 0.12]), 'rhythm').numbers.variationShare).toBeLessThan(0.06);
    expect(read(row([0.04, 0.3, 0.05, 0.3]), 'rhythm').numbers.variationShare).toBeGreaterThan(0.2);
  });

  test('its remedy moves no head by more than 45 mm and leaves pinned ones', () => {
    const pieces = row([0.03, 0.3, 0.03, 0.3]).map((p, i) => ({ ...p, pinned: i === 2 }));
    const scene = sceneOf(pieces);
    const { remedy } = read(pieces, 'rhythm');
    expect(remedy!.change.map((c) => c.id)).not.toContain('p2');
    for (const { id, to } of remedy!.change) {
      const from = pieces.find((p) => p.id === id)!;
      expect(Math.abs(to.s! - from.s) * scene.line.lengthMm).toBeLessThan(45.5);
    }
  });
});
