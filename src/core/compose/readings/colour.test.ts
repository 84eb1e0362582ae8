import { SHIPPED } from '../../botany/catalogue';
import { cakeOf, proposalFor } from '../../testing/samples';
import type { Arrangement, Piece } from '../arrangement';
import type { PlacedPiece } from '../placement';
import { readBalance } from '../readBalance';
import { buildScene } from '../scene';
import { colourGroups, contiguity } from './colour';

const CAKE = cakeOf([220, 110]);
const some = proposalFor({ form: 'crescent', cake: CAKE, seed: 6, effort: 0.1 }).arrangement;
const one = some.pieces.find((p) => p.species === 'blossom')!;

/** A row of like flowers along the line, each in its own colour. */
const row = (colours: readonly ('white' | 'magenta' | 'shell')[]): Arrangement => ({
  ...some,
  pieces: colours.map((colourway, i): Piece => ({
    ...one,
    id: `p${i}`,
    species: 'cosmos',
    stage: 'open',
    sizeMm: 26,
    colourway,
    s: (i + 0.5) / colours.length,
    side: 0,
  })),
});
const faces = (a: Arrangement): readonly PlacedPiece[] => buildScene(CAKE, a, SHIPPED)!.heads;
const pairs = (n: number) => Array.from({ length: n - 1 }, (_, i) => ({ i, j: i + 1, weight: 1 }));
const ratio = (colours: Parameters<typeof row>[0]) => contiguity(faces(row(colours)), pairs(colours.length));

const W = 'white';
const M = 'magenta';

test('Geary’s ratio: a chain that alternates is above 1, two halves far below, and by hand it comes to the same', () => {
  expect(ratio([W, M, W, M, W, M, W, M])).toBeGreaterThan(1.5);
  expect(ratio([W, W, W, W, M, M, M, M])).toBeLessThan(0.4);
  // 8 in two halves: 1 of 7 neighbours differs, 16 of 28 pairs do: (1/7) / (16/28)
  expect(ratio([W, W, W, W, M, M, M, M])).toBeCloseTo(1 / 7 / (16 / 28), 9);
  // alternating: all 7 neighbours differ
  expect(ratio([W, M, W, M, W, M, W, M])).toBeCloseTo(1 / (16 / 28), 9);
});

test('one colour alone has no lumps, one flower none either', () => {
  expect(ratio([W, W, W, W])).toBe(1);
  expect(contiguity(faces(row([W])), [])).toBe(1);
});

test('colours that a person would not tell apart are one group; the largest area leads', () => {
  const groups = colourGroups(faces(row([M, M, M, W, W])));
  expect(groups).toHaveLength(2);
  expect(groups[0]!.share).toBeCloseTo(3 / 5, 6);
  expect(groups.flatMap((g) => g.members).sort()).toEqual([0, 1, 2, 3, 4]);
});

test('its remedy changes places of like sizes only, never of pinned pieces, and loosens the lump', () => {
  const lumped = row([W, W, W, W, W, M, M, M, M, M]);
  const colour = (a: Arrangement) =>
    readBalance(buildScene(CAKE, a, SHIPPED)!, { stops: 0, looks: 0, first: null }).find((r) => r.id === 'colour')!;
  const before = colour(lumped);
  const change = before.remedy!.change;
  const after = colour({
    ...lumped,
    pieces: lumped.pieces.map((p) => ({ ...p, ...change.find((c) => c.id === p.id)?.to })),
  });
  expect(after.score).toBeGreaterThan(before.score + 10);
  const held = { ...lumped, pieces: lumped.pieces.map((p) => ({ ...p, pinned: true })) };
  expect(colour(held).remedy).toBeNull();
});
