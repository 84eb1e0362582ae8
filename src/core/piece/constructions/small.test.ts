import { expand } from '../expand';
import { minutesOf } from '../minutes';
import type { Part } from '../part';
import { pasteOf } from '../paste';
import { wiresOf } from '../wires';
import type { FlowerStage } from './headParts';
import { cutRings, daisy, DAISY_IDS, type CutRingsId, type DaisyId } from './onePiece';
import { pulled, PULLED_IDS, type PulledId } from './pulled';

const MAKERS = {
  ...Object.fromEntries(DAISY_IDS.map((id) => [id, (stage: FlowerStage, scale?: number) => daisy(id, stage, scale)])),
  ...Object.fromEntries(PULLED_IDS.map((id) => [id, (stage: FlowerStage, scale?: number) => pulled(id, stage, scale)])),
  carnation: (stage: FlowerStage, scale?: number) => cutRings('carnation', stage, scale),
  minirose: (stage: FlowerStage, scale?: number) => cutRings('minirose', stage, scale),
} as Record<DaisyId | PulledId | CutRingsId, (stage: FlowerStage, scale?: number) => Part>;

const grams = (part: Part) => pasteOf(expand(part)).reduce((a, p) => a + p.grams, 0);

// paste, usual minutes and millimetres of wire at 60 mm of stem, worked out by the own study's own code
test.each([
  ['cosmos', 'bud', 0.21, 3.9, 74],
  ['cosmos', 'half', 0.47, 3.9, 78],
  ['cosmos', 'open', 0.69, 3.9, 81],
  ['aster', 'half', 0.37, 3.9, 77],
  ['aster', 'open', 0.86, 4.7, 79],
  ['sunflower', 'bud', 1.95, 3.9, 81],
  ['sunflower', 'half', 3.45, 3.9, 90],
  ['sunflower', 'open', 7.53, 4.7, 96],
  ['gerbera', 'half', 1.83, 4.7, 86],
  ['gerbera', 'open', 3.84, 5.5, 91],
  ['daisy', 'bud', 0.26, 3.9, 74],
  ['daisy', 'open', 0.71, 3.9, 80],
  ['carnation', 'bud', 1.58, 6.5, 79],
  ['carnation', 'half', 2.28, 8.2, 84],
  ['carnation', 'open', 3.03, 9.9, 88],
  ['minirose', 'bud', 0.36, 2.1, 73],
  ['minirose', 'half', 0.52, 3.8, 74],
  ['minirose', 'open', 0.8, 6.5, 76],
  ['blossom', 'half', 0.6, 1.15, 75],
  ['blossom', 'open', 1.04, 2.1, 77],
  ['bellflower', 'bud', 0.44, 0.85, 74],
  ['bellflower', 'open', 1.32, 2.1, 79],
  ['forgetmenot', 'open', 0.44, 2.1, 78],
  ['jasmine', 'half', 0.52, 1.15, 75],
  ['jasmine', 'open', 0.8, 2.1, 77],
] as const)('%s, %s: %d g, %d min, %d mm of wire (own study)', (id, stage, gramsEach, minutes, cutMm) => {
  const instances = expand(MAKERS[id](stage));
  expect(Math.abs(grams(MAKERS[id](stage)) - gramsEach)).toBeLessThan(Math.max(0.012, 0.03 * gramsEach));
  expect(minutesOf(instances)[1]).toBeCloseTo(minutes, 0.9);
  expect(wiresOf(instances, { footMm: 60, stockMm: 360, cutting: 'length' }).map((w) => w.cutMm)).toEqual([cutMm]);
});

test.each(Object.entries(MAKERS))(
  '%s: a bud weighs less than half-open, and that less than open; a smaller one less',
  (_, make) => {
    const [bud, half, open] = (['bud', 'half', 'open'] as const).map((s) => grams(make(s)));
    expect(bud!).toBeLessThan(half!);
    expect(half!).toBeLessThan(open!);
    expect(grams(make('open', 0.8))).toBeLessThan(0.7 * open!);
  },
);
