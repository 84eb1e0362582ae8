import { SHIPPED } from '../botany/catalogue';
import { addScaled, cross } from '../geometry/vec3';
import { FORMS, cakeOf, proposalFor } from '../testing/samples';
import { hidersOf, MOST_AHEAD_MM, mayHide } from './hiders';
import { drawLine } from './line';
import { placePiece, type PlacedPiece } from './placement';
import { defaultLine } from '../plan/newProject';
import { buildScene } from './scene';

const CAKE = cakeOf([230, 110]);
const line = drawLine(defaultLine('crescent', CAKE), CAKE)!;
const head = (sizeMm: number): PlacedPiece =>
  placePiece(
    {
      id: 'a',
      species: 'rose',
      stage: 'open',
      sizeMm,
      colourway: 'blush',
      s: 0.5,
      side: 0,
      lift: 0,
      tiltRad: 0.3,
      headingRad: 0.4,
      rollRad: 0,
      pinned: false,
    },
    line,
    SHIPPED,
  );
const at = (p: PlacedPiece, face: PlacedPiece, ahead: number, beside = 0): PlacedPiece => ({
  ...p,
  centre: addScaled(addScaled(face.centre, face.axis, ahead), cross(face.axis, face.across), beside),
});

describe('what stands before a face', () => {
  const face = head(60);
  test('a head as large, straight before it, hides it whole; beside or behind it, nothing', () => {
    expect(hidersOf(face, [face, at(head(60), face, 40)]).share).toBe(1);
    expect(hidersOf(face, [face, at(head(60), face, 40, 75)]).share).toBe(0);
    expect(hidersOf(face, [face, at(head(60), face, -40)]).share).toBe(0);
    expect(hidersOf(face, [face]).share).toBe(0);
  });

  test('a small one hides a part, the less the farther it stands aside; far ahead it hides nothing', () => {
    const shares = [0, 10, 20, 30, 45].map((beside) => hidersOf(face, [at(head(26), face, 30, beside)]).share);
    expect(shares[0]).toBeGreaterThan(0);
    expect(shares[0]).toBeLessThan(1);
    expect(shares[4]).toBe(0);
    expect(hidersOf(face, [at(head(60), face, MOST_AHEAD_MM + face.body.axialMm + 1)]).share).toBe(0);
  });
});

test.each(FORMS.map((form, i) => [form, 80 + i] as const))(
  '%s, seed %i: whatever hides a face may hide it, and is named',
  (form, seed) => {
    const { heads } = buildScene(CAKE, proposalFor({ form, cake: CAKE, seed, effort: 0.05 }).arrangement, SHIPPED)!;
    for (const face of heads.filter((p) => !p.spine.length)) {
      const { share, pieces } = hidersOf(face, heads);
      expect(pieces.every((q) => q !== face && mayHide(q, face))).toBe(true);
      expect(share > 0).toBe(pieces.length > 0);
      // without them it is seen whole
      expect(
        hidersOf(
          face,
          heads.filter((q) => !mayHide(q, face)),
        ).share,
      ).toBe(0);
    }
  },
);
