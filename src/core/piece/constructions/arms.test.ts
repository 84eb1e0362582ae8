import { expand, spanMm } from '../expand';
import { minutesOf } from '../minutes';
import { pasteOf } from '../paste';
import { byInstance, passingAt } from '../thickness';
import { wiresOf } from '../wires';
import { arms, ARMS_IDS, type ArmsId } from './arms';

const made = (id: ArmsId, how: Parameters<typeof arms>[1] = {}) => {
  const instances = expand(arms(id, how));
  const wires = wiresOf(instances, { footMm: 60, stockMm: 360 });
  return { instances, wires, grams: pasteOf(instances).reduce((a, p) => a + p.grams, 0), minutes: minutesOf(instances)[1] };
};

// worked out by the own study's own code
test.each([
  ['vine', 2.22, 36.7, 78.2],
  ['silver dollar', 9.67, 58.3, 125.4],
] as const)('%s: %d g, %d min, an arm of %d mm (own study)', (id, grams, minutes, armMm) => {
  const own = made(id);
  expect(Math.abs(own.grams - grams)).toBeLessThan(0.12 * grams);
  expect(own.minutes).toBeCloseTo(minutes, 0.9);
  const arm = own.wires.find((w) => w.partId === 'arm')!;
  expect(Math.abs(arm.needMm - armMm)).toBeLessThan(0.1 * armMm);
});

describe.each(ARMS_IDS)('%s', (id) => {
  test('an arm: what it spans, its bare stem, 25 past its joint, 5 to trim', () => {
    const { instances, wires } = made(id);
    for (const w of wires.filter((x) => x.partId === 'arm')) {
      const at = instances.find((i) => i.id === w.instanceId)!;
      expect(w.needMm).toBeCloseTo(spanMm(at) + w.need.stalkMm + 25 + 5, 9);
      // leaves of an arm run on no farther than 15 mm, nor below its own foot
      for (const leaf of at.carries) expect(wires.find((x) => x.instanceId === leaf.id)!.need.runMm).toBeLessThanOrEqual(15);
    }
  });

  test('at the joint of an arm its own wire passes and those of its leaves that are long enough', () => {
    const { instances, wires } = made(id);
    const arm = instances.find((i) => i.part.id === 'arm')!;
    const known = byInstance(wires);
    expect(passingAt(arm, spanMm(arm), known).length).toBeGreaterThan(1);
    expect(passingAt(arm, spanMm(arm) + 16, known)).toHaveLength(1);
  });

  test('one arm more is its leaves more, and no arm changes', () => {
    const [own, more] = [made(id), made(id, { count: 6 })];
    expect(more.grams).toBeCloseTo((own.grams * 6) / 5, 6);
    expect(more.minutes).toBeCloseTo((own.minutes * 6) / 5, 6);
    const first = (of: typeof own) => of.wires.filter((w) => w.instanceId.startsWith('branch-1/arm-1')).map((w) => w.need);
    expect(first(more)).toEqual(first(own));
  });
});
