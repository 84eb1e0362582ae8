import { readFileSync } from 'node:fs';
import { FLORIST_GAUGES, gaugeToMm } from './gauge';
import { chooseGauge } from './mechanics';

interface Row {
  fact: string;
  piece: string;
  grams: number;
  leverMm: number;
  alone: number;
  trade: number[];
  taken: number;
  reason: string;
}

/** docs/gauges.md: docs/trade.md W2–W6 (common practice, no source) beside what the mechanics alone would take. */
const rows = readFileSync('docs/gauges.md', 'utf8')
  .split('\n')
  .filter((line) => /^\| W\d/.test(line))
  .map((line): Row => {
    const [fact, piece, grams, leverMm, alone, trade, taken, reason] = line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim());
    return {
      fact: fact!,
      piece: piece!,
      grams: Number(grams),
      leverMm: Number(leverMm),
      alone: Number(alone),
      trade: trade!.split('–').map(Number),
      taken: Number(taken),
      reason: reason!,
    };
  });

const step = (gauge: number): number => (FLORIST_GAUGES as readonly number[]).indexOf(gauge);

test('every one of W2 to W6 is in the table', () => {
  expect([...new Set(rows.map((r) => r.fact))]).toEqual(['W2', 'W3', 'W4', 'W5', 'W6']);
});

describe.each(rows.map((r) => [r.piece, r] as const))('%s', (_piece, r) => {
  const thickest = Math.min(...r.trade);
  const thinnest = Math.max(...r.trade);

  test('what the table says the mechanics takes, it takes, and never more than one step thicker than the trade', () => {
    const choice = chooseGauge({ massGrams: r.grams, leverMm: r.leverMm, floorSwg: 33 });
    expect(choice.byStrength).toBe(r.alone);
    expect(step(r.alone)).toBeLessThanOrEqual(step(thickest) + 1);
  });

  test('with the trade’s floor the table’s gauge is taken, within the trade’s range or one step over it', () => {
    const choice = chooseGauge({ massGrams: r.grams, leverMm: r.leverMm, floorSwg: r.taken });
    expect(choice.gauge).toBe(r.taken);
    expect(step(r.taken)).toBeGreaterThanOrEqual(step(thinnest));
    expect(step(r.taken)).toBeLessThanOrEqual(step(thickest) + 1);
  });

  test('where the floor decides, its reason is named', () => {
    const thicker = gaugeToMm('SWG', r.taken) > gaugeToMm('SWG', r.alone);
    expect(r.reason.length > 3).toBe(thicker);
    if (thicker) expect(chooseGauge({ massGrams: r.grams, leverMm: r.leverMm, floorSwg: r.taken }).decidedBy).toBe('floor');
  });
});

test('a gauge chosen by hand is taken as it is, its use said; one that is not sold in the system is passed over', () => {
  expect(chooseGauge({ massGrams: 22, leverMm: 38, floorSwg: 20, system: 'SWG', chosen: 26 })).toMatchObject({
    gauge: 26,
    decidedBy: 'chosen',
    byStrength: 20,
  });
  expect(chooseGauge({ massGrams: 22, leverMm: 38, floorSwg: 20, system: 'SWG', chosen: 26 }).use).toBeGreaterThan(1);
  expect(chooseGauge({ massGrams: 0.1, leverMm: 20, floorSwg: 30, system: 'SWG', chosen: 18 })).toMatchObject({
    gauge: 18,
    decidedBy: 'chosen',
  });
  expect(chooseGauge({ massGrams: 22, leverMm: 38, floorSwg: 20, system: 'SWG', chosen: 99 })).toMatchObject({
    gauge: 20,
    decidedBy: 'yield',
  });
});
