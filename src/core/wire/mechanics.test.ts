import { gaugeToMm } from './gauge';
import {
  cantileverDroopMm,
  cantileverStressMPa,
  chooseCarrier,
  chooseGauge,
  DROOP_SHARE,
  secondMoment,
  STEEL,
  wireUse,
} from './mechanics';

describe('cantilever with a load at its tip (Gere; Roark)', () => {
  test('second moment of a round bar, π d⁴ / 64', () => {
    expect(secondMoment(2)).toBeCloseTo(Math.PI / 4, 12);
  });

  test('worked example: 10 N on 1 m of 20 mm steel rod droops 2.122 mm and bears 12.73 MPa', () => {
    // F L³ / 3 E I with I = 7853.98 mm⁴; 32 F L / π d³
    expect(cantileverDroopMm(10, 1000, 20)).toBeCloseTo((10 * 1e9) / (3 * 200_000 * 7853.98), 3);
    expect(cantileverStressMPa(10, 1000, 20)).toBeCloseTo((32 * 10 * 1000) / (Math.PI * 8000), 9);
  });

  test('twice as long droops eight times, twice as thick a sixteenth', () => {
    const one = cantileverDroopMm(0.1, 30, 0.5);
    expect(cantileverDroopMm(0.1, 60, 0.5) / one).toBeCloseTo(8, 9);
    expect(cantileverDroopMm(0.1, 30, 1) / one).toBeCloseTo(1 / 16, 9);
  });

  test('steel: 200 GPa, 250 MPa, 7.85 g/cm³ (handbook values, from memory)', () => {
    expect(STEEL).toEqual({ youngMPa: 200_000, yieldMPa: 250, densityGramsPerMm3: 0.00785 });
  });
});

describe('the thinnest wire that carries the head, with a handling factor of 2', () => {
  // Trade floors: docs/trade.md W2–W5, common practice, no source. The mechanics alone: own study of the branch tree.
  test.each([
    ['small leaf', 0.15, 20, 30, 30],
    ['tiny filler flower', 0.12, 28, 28, 28],
    ['four-petal spike floret', 0.4, 34, 24, 24],
    ['mop-head floret', 0.7, 39, 26, 26],
    ['berry of 12 mm', 1.2, 31, 22, 22],
    ['large many-petalled focal', 22, 38, 20, 20],
  ])('%s: the trade’s gauge holds', (_name, grams, leverMm, floorSwg, want) => {
    expect(chooseGauge({ massGrams: grams, leverMm, floorSwg }).gauge).toBe(want);
  });

  test('a very heavy head goes past its floor and says which law decided', () => {
    const choice = chooseGauge({ massGrams: 60, leverMm: 41, floorSwg: 18 });
    expect(choice.gauge).toBe(16);
    expect(['yield', 'droop']).toContain(choice.decidedBy);
  });

  test('what the choice promises holds: neither yields nor droops too much, and one thinner would', () => {
    for (const [grams, lever] of [
      [5, 40],
      [12, 50],
      [30, 30],
      [0.5, 90],
    ] as const) {
      const choice = chooseGauge({ massGrams: grams, leverMm: lever, floorSwg: 33 });
      const use = wireUse(grams, lever, choice.diameterMm);
      expect(use.yieldUse).toBeLessThanOrEqual(1);
      expect(use.droopUse).toBeLessThanOrEqual(1);
      const thinner = wireUse(grams, lever, gaugeToMm('SWG', choice.gauge + 2));
      if (choice.gauge <= 28) expect(Math.max(thinner.yieldUse, thinner.droopUse)).toBeGreaterThan(1);
    }
  });

  test('the droop share is of the stem’s own length', () => {
    const force = 4 * 0.00980665 * 2;
    expect(wireUse(4, 50, 0.7).droopUse).toBeCloseTo(cantileverDroopMm(force, 50, 0.7) / (DROOP_SHARE * 50), 9);
  });

  test('no load, negative and NaN loads fall to the floor; an impossible one is said', () => {
    expect(chooseGauge({ massGrams: 0, leverMm: 0, floorSwg: 26 })).toMatchObject({ gauge: 26, decidedBy: 'floor' });
    expect(chooseGauge({ massGrams: -5, leverMm: NaN, floorSwg: 26 }).gauge).toBe(26);
    expect(chooseGauge({ massGrams: 4000, leverMm: 200, floorSwg: 20 }).decidedBy).toBe('none thick enough');
  });

  test('under the other system the diameter still satisfies the floor, nearly', () => {
    expect(chooseGauge({ massGrams: 0.1, leverMm: 10, floorSwg: 24, system: 'AWG' }).diameterMm).toBeGreaterThan(
      gaugeToMm('SWG', 24) - 0.03,
    );
  });
});

describe('carriers, bent to their line: what bears where the branch is held (worked examples of the own study, M = Σ m g 2 x)', () => {
  // lever from the moment that the study gives: 11.3 and 37.7 N·mm
  const lever = (momentNmm: number, massGrams: number) => momentNmm / (massGrams * 0.00980665 * 2);
  const carrier = (momentNmm: number, massGrams: number, more: Partial<Parameters<typeof chooseCarrier>[0]> = {}) =>
    chooseCarrier({ massGrams, leverMm: lever(momentNmm, massGrams), floorSwg: 20, besideMm: [], ...more });

  test('thirteen round leaves stand on 20, twenty-five on 18, one step up', () => {
    expect(carrier(11.3, 10.4)).toMatchObject({ gauge: 20, strands: 1, decidedBy: 'floor' });
    expect(11.3 / carrier(11.3, 10.4).use).toBeCloseTo(18.7, 1);
    expect(carrier(37.7, 20.8)).toMatchObject({ gauge: 18, strands: 1, decidedBy: 'yield' });
    expect(37.7 / carrier(37.7, 20.8).use).toBeCloseTo(44.5, 0);
  });

  test('what one step more does not bear, further wires of the floor do; never a rod', () => {
    expect(carrier(50, 30)).toMatchObject({ gauge: 20, strands: 3, decidedBy: 'carriers' });
    expect(carrier(1000, 300)).toMatchObject({ gauge: 20, strands: 3, decidedBy: 'none thick enough' });
    expect(carrier(1000, 300).use).toBeGreaterThan(1);
  });

  test('wires of the parts that run on beside it help; one chosen by hand is taken as it is', () => {
    const fine = Array.from({ length: 8 }, () => gaugeToMm('SWG', 24));
    expect(carrier(37.7, 20.8, { besideMm: fine })).toMatchObject({ gauge: 20, decidedBy: 'floor' });
    expect(carrier(37.7, 20.8, { chosen: 24 })).toMatchObject({ gauge: 24, decidedBy: 'chosen', byStrength: 18 });
  });
});
