import { SHIPPED } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { FORMS, cakeOf, proposalFor, randomProject } from '../testing/samples';
import { angleBetween, distance } from '../geometry/vec3';
import type { Arrangement, Piece } from './arrangement';
import { finePolish } from './finePolish';
import { overallScore, readBalance } from './readBalance';
import { buildScene } from './scene';

const CAKE = cakeOf([230, 110], [150, 90]);
/** Pairs of large heads side by side that look the same way: no two may, so mending one is worth some points. */
function alikePairs(cake: typeof CAKE, a: Arrangement): number {
  const large = buildScene(cake, a, SHIPPED)!.heads.filter((p) => !p.spine.length && p.body.radialMm > 18);
  let alike = 0;
  for (const p of large)
    for (const q of large)
      if (p.piece.id < q.piece.id && distance(p.centre, q.centre) < p.body.radialMm + q.body.radialMm + 6)
        alike += angleBetween(p.axis, q.axis) < (12.5 * Math.PI) / 180 ? 1 : 0;
  return alike;
}

const scoreOf = (cake: typeof CAKE, a: Arrangement) =>
  overallScore(readBalance(buildScene(cake, a, SHIPPED)!, { stops: 0, looks: 0, first: null }));

function touched(cake: typeof CAKE, arrangement: Arrangement, seed: number, effort = 0.4): Piece[] {
  const run = finePolish(cake, arrangement, { random: seededRandom(seed), effort, catalogue: SHIPPED });
  let next = run.next();
  while (!next.done) next = run.next();
  return next.value;
}

const worstPress = (cake: typeof CAKE, a: Arrangement): number => {
  const { clashes, intoCake } = buildScene(cake, a, SHIPPED)!;
  return Math.max(0, ...clashes.map((c) => c.mm), ...intoCake);
};

test.each(FORMS.map((form, i) => [form, 60 + i] as const))(
  '%s, seed %i: it reads better than before and presses no harder',
  (form, seed) => {
    const { arrangement } = proposalFor({ form, cake: CAKE, seed, effort: 0.05 });
    const pieces = touched(CAKE, arrangement, seed);
    const after = { ...arrangement, pieces };
    const worth = (x: Arrangement) => scoreOf(CAKE, x) - 6 * alikePairs(CAKE, x);
    expect(worth(after)).toBeGreaterThanOrEqual(worth(arrangement) - 1e-6);
    expect(worstPress(CAKE, after)).toBeLessThanOrEqual(Math.max(0.5, worstPress(CAKE, arrangement)) + 1e-6);
    expect(touched(CAKE, arrangement, seed)).toEqual(pieces);
  },
);

test.each([5, 6, 7])('seed %i: what is pinned stays, and no piece is lost, doubled or made another', (seed) => {
  const project = randomProject(seed);
  const own = project.arrangements[0]!;
  const arrangement = { ...own, pieces: own.pieces.map((p, i) => ({ ...p, pinned: i % 3 === 0 })) };
  const pieces = touched(project.cake, arrangement, seed);
  expect(pieces.map((p) => [p.id, p.species, p.stage, p.sizeMm])).toEqual(
    arrangement.pieces.map((p) => [p.id, p.species, p.stage, p.sizeMm]),
  );
  pieces.forEach((p, i) => p.pinned && expect(p).toEqual(arrangement.pieces[i]));
});

test('nothing and a single piece are left as they are; a line that cannot be drawn too', () => {
  const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 3, effort: 0.05 });
  for (const pieces of [[], arrangement.pieces.slice(0, 1)]) expect(touched(CAKE, { ...arrangement, pieces }, 1)).toEqual(pieces);
  expect(touched({ ...CAKE, tiers: [] }, arrangement, 1)).toEqual(arrangement.pieces);
});
