import { seededRandom } from '../geometry/random';
import { KEEP_OFFCUT_MM } from './cutList';
import { cutFromOffcuts, offcutsOf, offcutsWith, type Offcut } from './offcuts';

/** Slow and plain: the best sum of a list that fits, by trying every subset. */
function bestFill(lengths: readonly number[], room: number): number {
  let best = 0;
  for (let mask = 0; mask < 1 << lengths.length; mask++) {
    let sum = 0;
    lengths.forEach((mm, i) => (sum += mask & (1 << i) ? mm : 0));
    if (sum <= room) best = Math.max(best, sum);
  }
  return best;
}

const unroll = (demands: readonly { lengthMm: number; count: number }[]) =>
  demands.flatMap((d) => Array<number>(d.count).fill(d.lengthMm)).sort((a, b) => a - b);

describe('wires cut from ends that are there', () => {
  test.each(Array.from({ length: 40 }, (_, i) => [i + 1]))(
    'one end is filled as full as any choice would fill it (seed %i)',
    (seed) => {
      const random = seededRandom(seed);
      const demands = Array.from({ length: 4 }, () => ({
        lengthMm: 30 + Math.floor(random() * 90),
        count: 1 + Math.floor(random() * 3),
      }));
      const lengthMm = 80 + Math.floor(random() * 200);
      const { bars } = cutFromOffcuts(demands, [{ lengthMm, count: 1 }]);
      const filled = bars[0] ? bars[0].cutsMm.reduce((a, b) => a + b, 0) : 0;
      expect(filled).toBe(bestFill(unroll(demands), lengthMm));
    },
  );

  test.each(Array.from({ length: 20 }, (_, i) => [i + 1]))(
    'nothing is lost or cut twice, nothing is longer than its end (seed %i)',
    (seed) => {
      const random = seededRandom(seed + 100);
      const lengths = [...new Set(Array.from({ length: 8 }, () => 40 + Math.floor(random() * 160)))];
      const demands = lengths.map((lengthMm) => ({ lengthMm, count: 1 + Math.floor(random() * 6) }));
      const ends = Array.from({ length: 5 }, () => ({
        lengthMm: 60 + Math.floor(random() * 200),
        count: 1 + Math.floor(random() * 3),
      }));
      const { bars, rest } = cutFromOffcuts(demands, ends);
      expect([...bars.flatMap((b) => b.cutsMm), ...unroll(rest)].sort((a, b) => a - b)).toEqual(unroll(demands));
      for (const b of bars) {
        expect(b.leftMm).toBeGreaterThanOrEqual(0);
        expect(b.cutsMm.reduce((a, mm) => a + mm, 0) + b.leftMm).toBeCloseTo(b.lengthMm, 9);
        expect(b.cutsMm.length).toBeGreaterThan(0);
      }
      expect(bars.length).toBeLessThanOrEqual(ends.reduce((a, e) => a + e.count, 0));
    },
  );

  test('an end too short for anything stays; fractions of a millimetre never make a wire too short', () => {
    expect(cutFromOffcuts([{ lengthMm: 100, count: 2 }], [{ lengthMm: 90, count: 4 }]).bars).toEqual([]);
    const { bars } = cutFromOffcuts([{ lengthMm: 50.4, count: 4 }], [{ lengthMm: 101.5, count: 1 }]);
    expect(bars[0]!.cutsMm).toEqual([50.4]);
    expect(cutFromOffcuts([], [{ lengthMm: 90, count: 4 }])).toEqual({ bars: [], rest: [] });
  });
});

describe('ends that are kept', () => {
  const green = { gauge: 24, colour: 'green' as const };
  test('from 60 mm on, whole millimetres, alike ones together', () => {
    const bar = (leftMm: number) => ({ cutsMm: [100], leftMm });
    expect(offcutsOf([bar(80.7), bar(80.2), bar(KEEP_OFFCUT_MM), bar(59.9)], green)).toEqual([
      { ...green, lengthMm: 80, count: 2 },
      { ...green, lengthMm: 60, count: 1 },
    ]);
  });

  test('put in and taken out again is as it was; never below none', () => {
    const row = (lengthMm: number, count: number): Offcut => ({ ...green, lengthMm, count });
    const kept = [row(140, 2), row(90, 1)];
    const more = [row(140, 1), row(70, 3)];
    expect(offcutsWith(offcutsWith(kept, more, 1), more, -1)).toEqual(kept);
    expect(offcutsWith(kept, [row(90, 5)], -1)).toEqual([row(140, 2)]);
    expect(offcutsWith([], [row(90, 5)], -1)).toEqual([]);
  });
});
