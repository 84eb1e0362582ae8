import { FLORIST_GAUGES, FLORIST_MM, gaugeToMm, mmToGauge, soldIn, WIRE_SYSTEMS } from './gauge';
import { chooseGauge } from './mechanics';

describe('American wire gauge (ASTM B258: d = 0.127 mm · 92^((36 − n)/39); values from memory)', () => {
  test.each([
    [18, 1.024],
    [20, 0.812],
    [22, 0.644],
    [24, 0.511],
    [26, 0.405],
    [28, 0.321],
    [30, 0.255],
  ])('%i AWG is %f mm', (n, mm) => {
    expect(gaugeToMm('AWG', n)).toBeCloseTo(mm, 3);
  });

  test('six gauges halve the diameter, nearly', () => {
    expect(gaugeToMm('AWG', 24) / gaugeToMm('AWG', 18)).toBeCloseTo(0.5, 2);
  });
});

describe('Imperial standard wire gauge (BS 3737; values from memory)', () => {
  test.each([
    [18, 1.219],
    [20, 0.914],
    [22, 0.711],
    [24, 0.559],
    [26, 0.457],
    [28, 0.376],
    [30, 0.315],
    [32, 0.274],
    [33, 0.254],
  ])('%i SWG is %f mm', (n, mm) => {
    expect(gaugeToMm('SWG', n)).toBe(mm);
  });

  test('28 ga is 0.376 mm by default (docs/trade.md W3; common practice, no source)', () => {
    expect(gaugeToMm('SWG', 28)).toBe(0.376);
  });
});

describe('both systems', () => {
  test.each(['SWG', 'AWG'] as const)('%s: a higher number is a thinner wire, all the way', (system) => {
    const sold = [...FLORIST_GAUGES].sort((a, b) => a - b).map((g) => gaugeToMm(system, g));
    for (let i = 1; i < sold.length; i++) expect(sold[i]!).toBeLessThan(sold[i - 1]!);
  });

  test.each(['SWG', 'AWG'] as const)('%s: the nearest gauge of a gauge’s own diameter is itself', (system) => {
    for (const g of FLORIST_GAUGES) expect(mmToGauge(system, gaugeToMm(system, g))).toBe(g);
  });

  test('a number that is not in the system is NaN, not a guess', () => {
    expect(gaugeToMm('SWG', 99)).toBeNaN();
    expect(gaugeToMm('AWG', -1)).toBeNaN();
    expect(gaugeToMm('AWG', NaN)).toBeNaN();
  });
});

describe('wire sold by its thickness', () => {
  test('is called by it; a gauge and a thickness are never taken for each other', () => {
    for (const mm of FLORIST_MM) {
      expect(gaugeToMm('mm', mm)).toBe(mm);
      expect(mmToGauge('mm', mm)).toBe(mm);
      expect(gaugeToMm('SWG', mm)).toBeNaN();
    }
    for (const g of FLORIST_GAUGES) expect(gaugeToMm('mm', g)).toBeNaN();
  });

  test.each(WIRE_SYSTEMS)('%s: what is chosen carries the head and is no thinner than the floor, nearly', (system) => {
    for (const [grams, lever, floor] of [
      [22, 38, 20],
      [0.4, 34, 24],
      [2.6, 52, 24],
    ] as const) {
      const choice = chooseGauge({ massGrams: grams, leverMm: lever, floorSwg: floor, system });
      expect(soldIn(system)).toContain(choice.gauge);
      expect(choice.use).toBeLessThanOrEqual(1);
      expect(choice.diameterMm).toBeGreaterThan(gaugeToMm('SWG', floor) - 0.03);
    }
  });
});
