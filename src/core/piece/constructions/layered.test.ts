import { expand } from '../expand';
import { minutesOf } from '../minutes';
import { pasteOf } from '../paste';
import { byInstance, stemMm } from '../thickness';
import { wiresOf } from '../wires';
import type { FlowerStage } from './headParts';
import { LAYERED, layered } from './layered';

const IDS = Object.keys(LAYERED) as (keyof typeof LAYERED)[];
const STAGES: readonly FlowerStage[] = ['bud', 'half', 'open'];
const grams = (id: keyof typeof LAYERED, stage: FlowerStage, scale = 1) =>
  pasteOf(expand(layered(id, stage, scale))).reduce((a, p) => a + p.grams, 0);

// paste in grams, usual minutes and millimetres of wire at 60 mm of stem, worked out by the own study's own code
test.each([
  ['dahlia', 'bud', 5.82, 14.1, 83],
  ['dahlia', 'half', 11.45, 30.9, 90],
  ['dahlia', 'open', 16.42, 40.5, 97],
  ['rose', 'bud', 5.65, 8.5, 82],
  ['rose', 'half', 11.86, 15.7, 88],
  ['rose', 'open', 16.03, 19.3, 94],
  ['marigold', 'bud', 3.75, 7.9, 79],
  ['marigold', 'half', 5.07, 14.3, 84],
  ['marigold', 'open', 7.15, 21.5, 88],
  ['ranunculus', 'bud', 5.74, 11.9, 79],
  ['ranunculus', 'open', 11.13, 20.7, 88],
  ['camellia', 'bud', 7.46, 11.9, 82],
  ['camellia', 'half', 13.23, 16.7, 88],
  ['camellia', 'open', 20.21, 21.5, 94],
  ['chrysanthemum', 'bud', 6.43, 16.5, 82],
  ['chrysanthemum', 'open', 12.02, 34.9, 96],
  ['lisianthus', 'bud', 1.64, 5.5, 80],
  ['lisianthus', 'open', 5.36, 11.5, 89],
  ['zinnia', 'bud', 1.88, 7.7, 80],
  ['zinnia', 'open', 5.2, 21.3, 89],
] as const)('%s, %s: %d g, %d min, %d mm of wire (own study)', (id, stage, gramsEach, minutes, cutMm) => {
  const instances = expand(layered(id, stage));
  expect(Math.abs(grams(id, stage) - gramsEach)).toBeLessThan(0.03 * gramsEach);
  expect(minutesOf(instances)[1]).toBeCloseTo(minutes, 1);
  expect(wiresOf(instances, { footMm: 60, stockMm: 360, cutting: 'length' }).map((w) => w.cutMm)).toEqual([cutMm]);
});

describe.each(IDS)('%s', (id) => {
  test('a bud weighs less than half-open, and that less than open; so do their minutes', () => {
    const [bud, half, open] = STAGES.map((s) => [grams(id, s), minutesOf(expand(layered(id, s)))[1]] as const);
    for (const k of [0, 1] as const) {
      expect(bud![k]).toBeLessThan(half![k]);
      expect(half![k]).toBeLessThan(open![k]);
    }
  });

  test('another size changes neither counts nor thickness nor minutes, and petals weigh as their area', () => {
    const [own, less] = [1, 0.8].map((scale) => expand(layered(id, 'open', scale)));
    expect(less!.length).toBe(own!.length);
    expect(minutesOf(less!)).toEqual(minutesOf(own!));
    expect(grams(id, 'open', 0.8)).toBeGreaterThan(0.8 ** 3 * grams(id, 'open'));
    expect(grams(id, 'open', 0.8)).toBeLessThan(0.8 ** 2 * grams(id, 'open'));
  });

  test('one wire at its foot, whatever is glued to it', () => {
    const instances = expand(layered(id, 'open'));
    const wires = wiresOf(instances, { footMm: 60, stockMm: 360 });
    expect(wires).toHaveLength(1);
    expect(stemMm(instances[0]!, 20, byInstance(wires))).toBeLessThan(1.4);
  });
});
