import { expand, spanMm } from '../expand';
import { minutesOf } from '../minutes';
import { pasteOf } from '../paste';
import { byInstance, passingAt, stemMm } from '../thickness';
import { wiresOf } from '../wires';
import { leafBranch, LEAF_BRANCH_IDS, type LeafBranchId } from './leafBranch';

const made = (id: LeafBranchId, how: Parameters<typeof leafBranch>[1] = {}) => {
  const instances = expand(leafBranch(id, how));
  const wires = wiresOf(instances, { footMm: 60, stockMm: 360 });
  const grams = pasteOf(instances).reduce((a, p) => a + p.grams, 0);
  return { instances, root: instances[0]!, wires, grams, minutes: minutesOf(instances)[1] };
};

// paste and usual minutes, worked out by the own study's own code; sizes along a branch are shared out a little otherwise there
test.each([
  ['roundleaf', 9.01, 22.1],
  ['laurel', 4.44, 15],
  ['dustyleaf', 2.38, 15],
  ['oakleaf', 4.6, 10.8],
  ['ivy', 3.2, 19.3],
  ['two-faced', 13.56, 12.8],
  ['willow', 2.23, 25.8],
  ['rosemary', 0.71, 21.6],
  ['fern', 1.57, 23],
  ['box', 0.83, 14.6],
] as const)('%s: %d g and %d min (own study)', (id, grams, minutes) => {
  expect(Math.abs(made(id).grams - grams)).toBeLessThan(0.12 * grams);
  expect(made(id).minutes).toBeCloseTo(minutes, 0.9);
});

describe.each(LEAF_BRANCH_IDS)('%s', (id) => {
  test('longer by nodes: no leaf of it changes its wire’s gauge or reach, carrier and minutes grow', () => {
    const [own, more] = [made(id), made(id, { count: 25 })];
    expect(spanMm(more.root)).not.toBe(spanMm(own.root));
    const leafNeeds = (of: typeof own) => of.wires.filter((w) => w.partId === 'leaf').map((w) => w.need.runMm);
    expect(new Set(leafNeeds(more))).toEqual(new Set(leafNeeds(own)));
    expect(more.minutes > own.minutes).toBe(more.instances.length > own.instances.length);
    expect(more.grams > own.grams).toBe(more.instances.length > own.instances.length);
  });

  test('larger: leaves and gaps grow, counts, thickness and stalks stay', () => {
    const [own, large] = [made(id), made(id, { scale: 1.5 })];
    expect(spanMm(large.root)).toBeGreaterThan(1.3 * spanMm(own.root));
    // leaves by the square; berries among them by the cube
    expect(large.grams).toBeGreaterThanOrEqual(1.5 ** 2 * own.grams - 1e-6);
    expect(large.grams).toBeLessThan(1.5 ** 3 * own.grams);
    expect(large.minutes).toBe(own.minutes);
    expect(large.wires.map((w) => w.need.stalkMm)).toEqual(own.wires.map((w) => w.need.stalkMm));
  });

  test('its foot is its carrier alone, once the leaves’ wires have ended', () => {
    const { root, wires } = made(id);
    expect(passingAt(root, spanMm(root) + 30, byInstance(wires))).toHaveLength(1);
    expect(stemMm(root, 30, byInstance(wires))).toBeLessThan(1.4);
  });

  test('equal parts of a length are long enough for the largest leaf', () => {
    for (const w of made(id).wires) expect(w.shortMm).toBe(0);
  });
});
