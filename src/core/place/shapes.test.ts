import { composeAll } from '../compose/composer';
import type { LineForm } from '../compose/lineKinds';
import type { Cake, Tier } from '../cake/cake';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import { cakeOf, CHOICES } from '../testing/samples';
import { SHIPPED } from '../botany/catalogue';

/** A composed job on a cake whose tiers have a shape of their own. */
function jobOn(form: LineForm, over: Partial<Tier>, ...sizes: [number, number][]) {
  const cake: Cake = cakeOf(...sizes);
  for (const tier of cake.tiers) Object.assign(tier, over);
  cake.board.diameterMm = 460;
  const arrangement = newArrangement('a1', defaultLine(form, cake));
  const [p] = composeAll({
    catalogue: SHIPPED,
    cake,
    arrangement,
    choices: CHOICES,
    style: 'focal-led',
    counts: null,
    seed: 5,
    proposals: 1,
    effort: 0.3,
  });
  return { cake, plan: derivePlan({ ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [p!.arrangement] }) };
}

/** Distance to the nearest side of a box with sharp corners, from within: the least over its four sides. */
const toBoxSide = (x: number, y: number, halfX: number, halfY: number) => Math.min(halfX - Math.abs(x), halfY - Math.abs(y));

/** Distance to the nearest flat of a hexagon, from within: along its three pairs of normals. */
const toHexagonSide = (x: number, y: number, half: number) =>
  Math.min(
    ...[90, 30, 150].map((deg) => half - Math.abs(x * Math.cos((deg * Math.PI) / 180) + y * Math.sin((deg * Math.PI) / 180))),
  );

test.each([
  ['square', { shape: 'square', cornerMm: 6 }, (x: number, y: number) => toBoxSide(x, y, 110, 110)],
  ['rectangle', { shape: 'rectangle', depthMm: 160, cornerMm: 6 }, (x: number, y: number) => toBoxSide(x, y, 110, 80)],
  ['hexagon', { shape: 'hexagon', cornerMm: 6 }, (x: number, y: number) => toHexagonSide(x, y, 110)],
] as const)('on the top of a %s every entry keeps 11 mm from the edge, measured to its sides', (_name, over, toSide) => {
  const { plan } = jobOn('crescent', over as Partial<Tier>, [220, 120]);
  const onTop = plan.entries.filter((e) => e.pointMm[2] > 117);
  expect(onTop.length).toBeGreaterThan(3);
  for (const e of onTop) expect(toSide(e.pointMm[0], e.pointMm[1])).toBeGreaterThan(10.9);
});

test('on a hexagon’s side entries stay inside, tip and all', () => {
  const { plan } = jobOn('side spray', { shape: 'hexagon', cornerMm: 8 }, [260, 130]);
  expect(plan.entries.length).toBeGreaterThan(3);
  for (const e of plan.entries) {
    const tip = e.pointMm.map((v, k) => v + e.direction[k]! * e.insideMm);
    expect(toHexagonSide(tip[0]!, tip[1]!, 130)).toBeGreaterThan(5);
    expect(tip[2]).toBeGreaterThan(0);
    expect(tip[2]).toBeLessThan(130);
  }
});

test('where the upper tier is pushed aside, entries on the ledge keep clear of its foot', () => {
  const cake = cakeOf([280, 110], [150, 100]);
  cake.tiers[1]!.offset = { xMm: -40, yMm: 25 };
  const line = defaultLine('ring', cake);
  const arrangement = newArrangement('a1', { ...line, tier: 0, where: 'top', radiusShare: 0.8 } as typeof line);
  const [p] = composeAll({
    catalogue: SHIPPED,
    cake,
    arrangement,
    choices: CHOICES,
    style: 'meadow',
    counts: null,
    seed: 3,
    proposals: 1,
    effort: 0.15,
  });
  const plan = derivePlan({ ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [p!.arrangement] });
  const ledge = plan.entries.filter((e) => e.tierIndex === 0 && e.pointMm[2] > 107);
  expect(ledge.length).toBeGreaterThan(5);
  for (const e of ledge) expect(Math.hypot(e.pointMm[0] + 40, e.pointMm[1] - 25)).toBeGreaterThan(75 + 4.9);
});

test('pieces are as far outside a square as they say: none of a composed spray lies in it', () => {
  const { cake, plan } = jobOn('corner spray', { shape: 'square', cornerMm: 10 }, [240, 110]);
  expect(cake.tiers[0]!.shape).toBe('square');
  for (const h of plan.heads) {
    const inside = toBoxSide(h.centreMm[0], h.centreMm[1], 120, 120);
    expect(inside < 0.5 || h.centreMm[2] > 109).toBe(true);
  }
  expect(plan.warnings.filter((w) => w.level === 'stop' && w.code === 'place.head-in-cake')).toEqual([]);
});
