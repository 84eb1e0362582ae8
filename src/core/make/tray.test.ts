import { bodyOf, SHIPPED, methodById } from '../botany/catalogue';
import { randomProject } from '../testing/samples';
import { SPARES_RULE, sparesFor, surviveChance } from './spares';
import { gramsOf } from '../piece/paste';
import { PASTE_STEP_GRAMS, pasteByColour, SMALL } from './paste';
import { trayOf, type TrayKind } from './tray';

/** Slow and plain: the chance by adding up all outcomes. */
function slowSurvive(made: number, need: number, breakage: number): number {
  const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n - 1, k - 1) * n) / k);
  let total = 0;
  for (let k = need; k <= made; k++) total += choose(made, k) * (1 - breakage) ** k * breakage ** (made - k);
  return total;
}

describe('spares', () => {
  test.each([
    [6, 5, 0.1],
    [12, 10, 0.15],
    [23, 20, 0.1],
    [4, 4, 0.3],
  ])('chance that of %i made %i survive at %f (binomial)', (made, need, p) => {
    expect(surviveChance(made, need, p)).toBeCloseTo(slowSurvive(made, need, p), 12);
  });

  test('a worked value: 3 tosses of a fair coin, at least 2 heads is one half', () => {
    expect(surviveChance(3, 2, 0.5)).toBeCloseTo(0.5, 12);
  });

  test('the fewest with which enough survive in nine of ten, and one at least (docs/trade.md P4; common practice, no source)', () => {
    for (const n of [1, 3, 5, 10, 20, 75]) {
      for (const p of [0.05, 0.1, 0.2]) {
        const spares = sparesFor(n, p);
        expect(spares).toBeGreaterThanOrEqual(1);
        expect(surviveChance(n + spares, n, p)).toBeGreaterThanOrEqual(SPARES_RULE.surviveShare);
        if (spares > 1) expect(surviveChance(n + spares - 1, n, p)).toBeLessThan(SPARES_RULE.surviveShare);
      }
    }
  });

  test('thin things get more', () => {
    expect(sparesFor(20, 0.2)).toBeGreaterThan(sparesFor(20, 0.05));
  });

  test('none of nothing, none of less', () => {
    expect(sparesFor(0, 0.1)).toBe(0);
    expect(sparesFor(-3, 0.1)).toBe(0);
    expect(surviveChance(3, 0, 0.5)).toBe(1);
    expect(surviveChance(3, 3, 0)).toBe(1);
  });
});

describe('the tray and the paste, seeds 1–12', () => {
  const projects = Array.from({ length: 12 }, (_, i) => randomProject(i + 1));

  test('every placed piece is counted once for each arrangement made', () => {
    for (const p of projects) {
      const want = p.arrangements.reduce((a, b) => a + b.pieces.length * b.quantity, 0);
      const tray = trayOf(p.arrangements);
      expect(tray.reduce((a, k) => a + k.placed, 0)).toBe(want);
      for (const k of tray) {
        expect(k.toMake).toBe(k.placed + k.spares);
        expect(k.sizes.reduce((a, s) => a + s.count, 0)).toBe(k.placed);
      }
    }
  });

  test('paste is the pieces’ own mass with spares, and what rolling out loses, rounded up to 5 g, small amounts to half a gram', () => {
    for (const p of projects) {
      const tray = trayOf(p.arrangements);
      const of = (k: TrayKind) => k.pasteGramsEach * k.toMake + k.spareParts.reduce((a, p) => a + (p.part.form && p.part.form.material !== 'wafer paper' ? gramsOf(p.part.form, p.sizeMm) * p.count : 0), 0); // prettier-ignore
      const net = tray.reduce((a, k) => a + of(k), 0);
      const gross = tray.reduce((a, k) => a + of(k) / (1 - methodById(k.method, SHIPPED).lossShare), 0);
      const balls = pasteByColour(tray, SHIPPED);
      expect(balls.reduce((a, b) => a + b.netGrams, 0)).toBeCloseTo(net, 6);
      const asked = balls.reduce((a, b) => a + b.grams, 0);
      expect(asked).toBeGreaterThanOrEqual(gross - 1e-6);
      expect(asked).toBeLessThan(gross + balls.reduce((a, b) => a + Math.max(1, b.tones.length), 0) * PASTE_STEP_GRAMS + 1e-6);
      for (const b of balls) expect(b.grams % SMALL.stepGrams).toBe(0);
    }
  });

  test('the mean mass of a kind lies between its smallest and its largest piece', () => {
    for (const p of projects) {
      for (const k of trayOf(p.arrangements)) {
        const masses = k.sizes.map((s) => bodyOf({ ...k, sizeMm: s.sizeMm }, SHIPPED).pasteGrams);
        expect(k.pasteGramsEach).toBeGreaterThanOrEqual(Math.min(...masses) - 1e-9);
        expect(k.pasteGramsEach).toBeLessThanOrEqual(Math.max(...masses) + 1e-9);
      }
    }
  });

  test('worked by hand: what one weighs on average is the whole over how many there are, takings of a tin apart', () => {
    const [project] = projects;
    const [arrangement] = project!.arrangements;
    const [piece] = arrangement!.pieces;
    const kindOf = (sizeMm: number, id: string) => ({
      ...piece!,
      id,
      species: 'rose',
      stage: 'open',
      colourway: 'blush',
      sizeMm,
    });
    const pieces = [kindOf(68, 'a'), kindOf(68, 'b'), kindOf(48, 'c')];
    const mass = (sizeMm: number) => bodyOf(kindOf(sizeMm, 'x'), SHIPPED).massGrams;
    for (const quantity of [1, 3]) {
      const [kind] = trayOf([{ ...arrangement!, pieces, quantity }]);
      expect(kind!.placed).toBe(3 * quantity);
      expect(kind!.sizeMm).toBe(68);
      expect(kind!.sizes).toEqual([
        { sizeMm: 68, count: 2 * quantity },
        { sizeMm: 48, count: quantity },
      ]);
      expect(kind!.pasteGramsEach).toBeCloseTo((2 * mass(68) + mass(48)) / 3, 9);
    }
  });

  test('nothing placed, nothing to make', () => {
    expect(trayOf([])).toEqual([]);
    expect(pasteByColour([], SHIPPED)).toEqual([]);
  });
});
