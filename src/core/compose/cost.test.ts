import { SHIPPED } from '../botany/catalogue';
import { correlation } from '../geometry/numbers';
import { seededRandom } from '../geometry/random';
import { addScaled } from '../geometry/vec3';
import { cakeOf, proposalFor } from '../testing/samples';
import { balanceCost, COST, FAR, fromCoverMm, gradingCost, heftOf, pairCost, placeCost } from './cost';
import { placePiece, type PlacedPiece } from './placement';
import { buildScene } from './scene';

const scene = buildScene(
  cakeOf([230, 110]),
  proposalFor({ form: 'crescent', cake: cakeOf([230, 110]), seed: 12, effort: 0.1 }).arrangement,
  SHIPPED,
)!;
const { heads, line } = scene;
const moved = (p: PlacedPiece, to: object) => placePiece({ ...p.piece, ...to }, line, SHIPPED);

test.each([1, 2, 3, 4, 5])('grading, seed %i: in one pass it is the correlation of place and ln size, flowers only', (seed) => {
  const random = seededRandom(seed);
  const x = Float64Array.from({ length: 20 }, () => random());
  const size = Float64Array.from(x, (v, i) => (i % 5 === 4 ? NaN : 3 - v * (seed - 2) + random()));
  const own = [...x.keys()].filter((i) => !Number.isNaN(size[i]!));
  const rank = correlation(
    own.map((i) => x[i]!),
    own.map((i) => size[i]!),
  );
  expect(gradingCost(x, size)).toBeCloseTo(COST.grading * Math.max(0, rank + 0.62) ** 2, 9);
});

test('too few flowers, or all of one size, are not graded', () => {
  expect(gradingCost(Float64Array.of(0, 0.5, 1), Float64Array.of(3, 2, 1))).toBe(0);
  expect(gradingCost(Float64Array.of(0, 0.3, 0.6, 1), Float64Array.of(2, 2, 2, 2))).toBe(0);
});

test('weight to one side costs by the square of how far it lies', () => {
  const heft = (own: readonly PlacedPiece[]) => Float64Array.from(own, heftOf);
  const at = (side: number) => heads.map((p) => moved(p, { side }));
  expect(balanceCost(at(0), heft(heads))).toBe(0);
  expect(balanceCost(at(0.5), heft(heads))).toBeCloseTo(COST.sideBalance * 0.25, 9);
  expect(balanceCost([], new Float64Array(0))).toBe(0);
});

test('a pair costs more the more it presses, nothing when far apart, and more of one colour side by side', () => {
  const [p, q] = heads.filter((h) => !h.spine.length && h.body.radialMm > 12) as [PlacedPiece, PlacedPiece];
  const near = (s: number) => pairCost(p, moved(q, { s: p.piece.s + s, side: p.piece.side, lift: p.piece.lift }), false).cost;
  expect(near(0.06)).toBeGreaterThan(near(0.14));
  expect(pairCost(p, { ...q, centre: addScaled(p.centre, [1, 0, 0], 400) }, false)).toBe(FAR);
  const beside = moved(q, { s: p.piece.s + 0.08, side: p.piece.side });
  expect(pairCost(p, beside, true).cost).toBeGreaterThanOrEqual(pairCost(p, beside, false).cost);
});

test('a foot lies under the face above it, less so under another leaf, and not under what is far', () => {
  const flower = heads.find((h) => !h.spine.length)!;
  const leaf = heads.find((h) => h.spine.length)!;
  expect(fromCoverMm(flower.centre, flower)).toBeLessThan(0);
  expect(fromCoverMm(addScaled(flower.centre, [1, 0, 0], 300), flower)).toBeGreaterThan(200);
  expect(fromCoverMm(leaf.spine[0]!.at, leaf)).toBeLessThan(fromCoverMm(addScaled(leaf.spine[0]!.at, [0, 0, 1], 40), leaf));
});

test('where a piece stands: a large flower costs more at a tip, a leaf more against the line, anything more outside', () => {
  const largest = Math.max(...heads.filter((h) => !h.spine.length).map((h) => 2 * h.body.radialMm));
  const focal = heads.find((h) => h.body.role === 'focal')!;
  const leaf = heads.find((h) => h.body.role === 'foliage')!;
  const cost = (p: PlacedPiece, to: object) => placeCost(moved(p, to), line, largest);
  expect(cost(focal, { s: 0.98 })).toBeGreaterThan(cost(focal, { s: line.focal }));
  expect(cost(leaf, { s: 0.9, headingRad: Math.PI })).toBeGreaterThan(cost(leaf, { s: 0.9, headingRad: 0 }) + 1);
  expect(cost(leaf, { side: 1.5 })).toBeGreaterThan(cost(leaf, { side: 0 }));
});
