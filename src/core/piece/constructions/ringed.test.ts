import { expand, spanMm } from '../expand';
import { minutesOf } from '../minutes';
import { pasteOf } from '../paste';
import { byInstance, stemMm } from '../thickness';
import { wiresOf } from '../wires';
import type { FlowerStage } from './headParts';
import { ringed, RINGED_IDS, type RingedId } from './ringed';

const made = (id: RingedId, stage: FlowerStage, scale = 1, footMm = 60) => {
  const instances = expand(ringed(id, stage, scale));
  const wires = wiresOf(instances, { footMm, stockMm: 360 });
  return {
    instances,
    wires,
    grams: pasteOf(instances).reduce((a, p) => a + p.grams, 0),
    minutes: minutesOf(instances)[1],
    count: wires.reduce((a, w) => a + w.count, 0),
    stem: (freeMm: number) => stemMm(instances[0]!, freeMm, byInstance(wires)),
  };
};

// paste, usual minutes, wires at the foot and their thickness with tape, worked out by the own study's own code
test.each([
  ['peony', 'bud', 9.96, 3.1, 1, 1.56],
  ['peony', 'half', 13.89, 7.3, 1, 1.56],
  ['peony', 'open', 24.67, 35.5, 13, 3.03],
  ['anemone', 'bud', 1.22, 2.1, 1, 1.05],
  ['anemone', 'half', 2.42, 5.1, 1, 1.05],
  ['anemone', 'open', 4.14, 26, 45, 3.41],
  ['magnolia', 'open', 18.2, 21.9, 10, 2.8],
  ['magnolia', 'half', 5.45, 6, 1, 1.56],
  ['magnolia', 'bud', 1.55, 2.1, 1, 1.25],
  ['lily', 'half', 3.92, 14.7, 7, 2.32],
  ['lily', 'open', 5.29, 17.6, 13, 2.72],
  ['poppy', 'half', 2.25, 10.5, 5, 1.8],
  ['poppy', 'open', 2.75, 13.4, 45, 3.28],
  ['hellebore', 'half', 1.51, 5.1, 1, 1.05],
  ['hellebore', 'open', 1.89, 15.5, 40, 3.16],
  ['tulip', 'half', 3.83, 14.7, 7, 2.32],
  ['tulip', 'open', 5.11, 17.6, 13, 2.72],
] as const)('%s, %s: %d g, %d min, %d wires, %d mm at the foot (own study)', (id, stage, grams, minutes, count, mm) => {
  const own = made(id, stage);
  expect(Math.abs(own.grams - grams)).toBeLessThan(0.03 * grams);
  expect(own.minutes).toBeCloseTo(minutes, 1);
  expect(own.count).toBe(count);
  // packings differ by a few hundredths
  expect(Math.abs(own.stem(10) - mm)).toBeLessThan(0.05 * mm);
});

describe.each(RINGED_IDS)('%s', (id) => {
  test('a bud weighs less than half-open, and that less than open, but where a bud or half-open flower is solid', () => {
    const [bud, half, open] = (['bud', 'half', 'open'] as const).map((s) => made(id, s).grams);
    expect(bud!).toBeLessThan(half!);
    expect(half!).toBeLessThan(open!);
  });

  test('petal wires end 25 mm below their joint: above that the stem is thick, below it is one wire', () => {
    const own = made(id, 'open');
    expect(own.stem(15)).toBeGreaterThan(1.75);
    expect(own.stem(26)).toBeLessThan(1.6);
    // where there is no more stem than 12 mm no wire runs on farther, from whichever ring
    const short = made(id, 'open', 1, 12);
    const [root] = short.instances;
    for (const w of short.wires) {
      const at = short.instances.find((i) => i.id === w.instanceId)!;
      if (at !== root) expect(at.atMm + w.need.runMm).toBeLessThanOrEqual(spanMm(root!) + 12);
    }
  });

  test('a smaller one has the same counts on the same gauges, each shorter or as long', () => {
    const [own, less] = [made(id, 'open'), made(id, 'open', 0.8)];
    expect(less.wires.map((w) => [w.partId, w.swg, w.count])).toEqual(own.wires.map((w) => [w.partId, w.swg, w.count]));
    less.wires.forEach((w, i) => expect(w.needMm).toBeLessThanOrEqual(own.wires[i]!.needMm));
    expect(less.minutes).toBe(own.minutes);
  });
});
