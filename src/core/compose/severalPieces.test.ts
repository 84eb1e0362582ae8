import { defaultLine } from '../plan/newProject';
import { cakeOf, proposalFor } from '../testing/samples';
import { drawLine } from './line';
import { copyAlong, distribute, mirrorAcross, mirrorAlong } from './severalPieces';

const CAKE = cakeOf([220, 110]);
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 0.1 });
const line = drawLine(arrangement.line, CAKE)!;
const ring = drawLine(defaultLine('ring', CAKE), CAKE)!;
const pieces = arrangement.pieces;

test('mirrored across and back is as it was, and the sides change their sign', () => {
  expect(mirrorAcross(mirrorAcross(pieces))).toEqual(pieces);
  mirrorAcross(pieces).forEach((p, i) => expect(p.side).toBeCloseTo(-pieces[i]!.side, 12));
});

test('mirrored along goes to the other arm as far out, and back', () => {
  const there = mirrorAlong(pieces, line);
  there.forEach((p, i) => expect(line.armShare(p.s)).toBeCloseTo(line.armShare(pieces[i]!.s), 6));
  mirrorAlong(there, line).forEach((p, i) => expect(p.s).toBeCloseTo(pieces[i]!.s, 6));
});

test('distributed: even steps between the outermost, in their order; two stay', () => {
  const five = pieces.slice(0, 5);
  const s = distribute(five, line)
    .map((p) => p.s)
    .sort((a, b) => a - b);
  const steps = s.slice(1).map((v, i) => v - s[i]!);
  for (const step of steps) expect(step).toBeCloseTo(steps[0]!, 9);
  expect(distribute(pieces.slice(0, 2), line)).toEqual(pieces.slice(0, 2));
});

test('copied along: none past an open tip, all of them round a ring, places within the line', () => {
  const late = [{ ...pieces[0]!, s: 0.99 }];
  expect(copyAlong(late, line)).toEqual([]);
  expect(copyAlong(late, ring)).toHaveLength(1);
  for (const p of copyAlong(pieces, ring)) expect(p.s >= 0 && p.s < 1).toBe(true);
  expect(copyAlong([], line)).toEqual([]);
});

test('a pinned piece stays where it is', () => {
  const pinned = pieces.map((p) => ({ ...p, pinned: true }));
  expect(mirrorAcross(pinned)).toEqual(pinned);
  expect(mirrorAlong(pinned, line)).toEqual(pinned);
  expect(distribute(pinned, line)).toEqual(pinned);
});
