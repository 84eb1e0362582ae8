import { kindCorners, SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { applyPoint } from '../geometry/affine';
import { distance, type Vec3 } from '../geometry/vec3';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newProject } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import type { Arrangement, LineSpec, Piece } from './arrangement';
import { composeAll } from './composer';
import { drawLine } from './line';
import { modelOf, pieceMap } from './modelled';
import { placePiece } from './placement';
import type { Choice } from './shareOut';

const CAKE = cakeOf([200, 110]);
const EDGE = { radiusMm: 100, topMm: 110 };
const LEAVES: Choice[] = ['looseleaf', 'looseoak', 'loosemaple'].map((species) => ({ species, colourway: 'russet' }));

function scattered(over: Partial<Extract<LineSpec, { form: 'scatter' }>> = {}, choices: readonly Choice[] = LEAVES) {
  const line = { ...defaultLine('scatter', CAKE), ...over } as LineSpec;
  const arrangement: Arrangement = { id: 'a1', line, method: 'stem by stem', pieces: [], joints: [], quantity: 1 };
  const [found] = composeAll({ cake: CAKE, arrangement, choices, style: 'focal-led', catalogue: SHIPPED, counts: null, seed: 4, proposals: 1, effort: 0.2 }); // prettier-ignore
  return { line: drawLine(line, CAKE)!, arrangement: found!.arrangement, pieces: found!.arrangement.pieces };
}

/** Every corner of a piece as it is drawn, in the world. */
const cornersOf = (piece: Piece, line: ReturnType<typeof drawLine>): Vec3[] => {
  const placed = placePiece(piece, line!, SHIPPED);
  const map = pieceMap(placed);
  const flat = kindCorners(modelOf(placed), SHIPPED);
  return Array.from({ length: flat.length / 3 }, (_, i) => applyPoint(map, [flat[i * 3]!, flat[i * 3 + 1]!, flat[i * 3 + 2]!]));
};
/** How far past the wall a point is, and how far under the top, by the cake's own measures alone. */
const beyondWallMm = ([x, y]: Vec3): number => Math.hypot(x, y) - EDGE.radiusMm;
const underTopMm = ([, , z]: Vec3): number => EDGE.topMm - z;

describe('strewn pieces', () => {
  const { line, pieces } = scattered();

  test('are as many as their area asks for: twice as much covered, twice as many; least and most are kept', () => {
    const more = scattered({ coverShare: 1 }).pieces;
    expect(Math.abs(more.length - 2 * pieces.length)).toBeLessThanOrEqual(3);
    const bounded = scattered({}, LEAVES.map((c, i) => ({ ...c, least: i === 0 ? 40 : null, most: i === 1 ? 2 : null }))).pieces; // prettier-ignore
    expect(bounded.filter((p) => p.species === 'looseleaf').length).toBeGreaterThanOrEqual(40);
    expect(bounded.filter((p) => p.species === 'looseoak')).toHaveLength(2);
  });

  test('lie in their stretch and nowhere twice', () => {
    const spec = { ...defaultLine('scatter', CAKE) } as Extract<LineSpec, { form: 'scatter' }>;
    for (const piece of pieces) {
      const corners = cornersOf(piece, line);
      const middle = [0, 1, 2].map((k) => corners.reduce((a, c) => a + c[k]!, 0) / corners.length) as unknown as Vec3;
      // along the skin from the edge: down the side, or in over the top; a leaf's own half may reach past its middle's place
      const downMm = underTopMm(middle) > -beyondWallMm(middle) ? underTopMm(middle) : beyondWallMm(middle);
      expect(Math.abs(downMm - spec.belowEdgeMm)).toBeLessThan(spec.widthMm + piece.sizeMm / 4);
    }
    const at = pieces.map((p) => line.at(p.s, p.side * line.halfWidthMm(p.s)).pointMm);
    for (let i = 0; i < at.length; i++) for (let j = 0; j < i; j++) expect(distance(at[i]!, at[j]!)).toBeGreaterThan(2);
  });

  test('over the edge lie leaves that dried bent, and only those: on either side of it none crosses', () => {
    for (const piece of pieces) {
      const corners = cornersOf(piece, line);
      const top = corners.filter((c) => beyondWallMm(c) < -6 && underTopMm(c) < 2).length;
      const side = corners.filter((c) => beyondWallMm(c) > -4 && underTopMm(c) > 6).length;
      if (piece.stage === 'bent') expect([piece.id, top > 0, side > 0]).toEqual([piece.id, true, true]);
      else expect([piece.id, piece.stage, Math.min(top, side)]).toEqual([piece.id, piece.stage, 0]);
    }
    expect(pieces.some((p) => p.stage === 'bent')).toBe(true);
    expect(pieces.some((p) => p.stage === 'cupped')).toBe(true);
  });

  test('none lies in the icing by more than a leaf is pressed on', () => {
    const solid = cakeSolid(CAKE);
    for (const piece of pieces)
      for (const corner of cornersOf(piece, line)) expect(solid.signedDistanceMm(corner)).toBeGreaterThan(-1);
  });

  test('the same seed strews the same; small flowers lie among leaves and not over the edge', () => {
    expect(scattered().pieces).toEqual(pieces);
    const mixed = scattered({}, [...LEAVES, { species: 'tinyfloret', colourway: 'white' }]);
    const florets = mixed.pieces.filter((p) => p.species === 'tinyfloret');
    expect(florets.length).toBeGreaterThan(3);
    for (const p of florets) {
      const { centre } = placePiece(p, mixed.line, SHIPPED);
      expect(beyondWallMm(centre) > -1 || underTopMm(centre) < 6).toBe(true);
    }
  });

  test('a plan of them has no wire, nothing that goes in or comes out, and no stop', () => {
    const { arrangement } = scattered();
    const project = { ...newProject('autumn', 'Autumn', '2027-10-16T09:00'), cake: CAKE, arrangements: [arrangement] };
    const plan = derivePlan({ ...project, brief: { ...project.brief, dust: 'edible', choices: LEAVES } } as typeof project);
    expect([plan.cuts, plan.entries, plan.tape]).toEqual([[], [], []]);
    expect(plan.laid).toHaveLength(pieces.length);
    expect(plan.warnings.filter((w) => w.level === 'stop').map((w) => w.code)).toEqual([]);
  });
});
