import { SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { seededRandom } from '../geometry/random';
import { defaultLine } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import { randomPieces } from '../testing/baselines';
import { drawLine } from './line';
import { intoCakeMm, overlapMm, placePiece } from './placement';
import { PETAL_GIVE_MM } from './scene';
import { givenWay, pushed } from './settle';
import { shareOut, type Choice } from './shareOut';

const CAKE = cakeOf([250, 110], [160, 110]);
const SOLID = cakeSolid(CAKE);
const RING = { ...defaultLine('ring', CAKE), where: 'foot' as const };
const line = drawLine(RING, CAKE)!;
const choices: Choice[] = ['rose', 'ranunculus', 'blossom', 'roundleaf'].map((species) => ({ species, colourway: '' }));
const MOST_MM = 0.9;

const strewn = (seed: number) =>
  randomPieces(shareOut(line, { style: 'focal-led', choices, density: 0.7 }, SHIPPED), seededRandom(seed)).map((p, i) => ({
    ...p,
    pinned: i % 9 === 0,
  }));

function pressedMm(pieces: ReturnType<typeof strewn>): { cake: number; faces: number } {
  const placed = pieces.map((p) => placePiece(p, line, SHIPPED));
  const worst = { cake: 0, faces: 0 };
  placed.forEach((p, i) => {
    if (!p.piece.pinned && !p.spine.length) worst.cake = Math.max(worst.cake, intoCakeMm(p, SOLID));
    for (const q of placed.slice(i + 1))
      if (!p.piece.pinned || !q.piece.pinned) worst.faces = Math.max(worst.faces, overlapMm(p, q) - PETAL_GIVE_MM);
  });
  return worst;
}

test.each([1, 2, 3])('pieces strewn into a corner give way to each other and to the cake, pinned ones stay (seed %i)', (seed) => {
  const before = strewn(seed);
  const after = givenWay(before, { line, solid: SOLID, catalogue: SHIPPED }, MOST_MM);
  const [was, is] = [pressedMm(before), pressedMm(after)];
  expect(was.faces).toBeGreaterThan(15);
  expect(was.cake).toBeGreaterThan(5);
  expect(is.faces).toBeLessThan(was.faces / 3);
  expect(is.cake).toBeLessThan(was.cake / 3);
  before.forEach((p, i) => p.pinned && expect(after[i]).toEqual(p));
});

test('what presses nothing is kept as it is', () => {
  const alone = [{ ...strewn(1).find((p) => !p.pinned)!, lift: 1.4 }];
  expect(intoCakeMm(placePiece(alone[0]!, line, SHIPPED), SOLID)).toBeLessThan(MOST_MM);
  expect(givenWay(alone, { line, solid: SOLID, catalogue: SHIPPED }, MOST_MM)).toEqual(alone);
  const low = [{ ...alone[0]!, lift: 0, side: 0 }];
  expect(intoCakeMm(placePiece(low[0]!, line, SHIPPED), SOLID)).toBeGreaterThan(MOST_MM);
  expect(givenWay(low, { line, solid: SOLID, catalogue: SHIPPED }, MOST_MM)).not.toEqual(low);
});

test('a push of so many mm moves a piece by about as many', () => {
  const p = placePiece({ ...strewn(1)[1]!, s: 0.4, side: 0, lift: 0.3, pinned: false }, line, SHIPPED);
  const q = placePiece(pushed(p, line, [p.frame.normal[0] * 4, p.frame.normal[1] * 4, p.frame.normal[2] * 4]), line, SHIPPED);
  expect(Math.hypot(...p.centre.map((x, k) => q.centre[k]! - x))).toBeCloseTo(4, 0);
});
