import { bodyOf, MOST_TILT_RAD, SHIPPED } from '../botany/catalogue';
import type { Cake } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import { addScaled } from '../geometry/vec3';
import type { Random } from '../geometry/random';
import type { Arrangement, Piece } from '../compose/arrangement';
import { envelopeGrid } from '../compose/envelope';
import { drawLine } from '../compose/line';
import { coversSight, intoCakeMm, outlineShareOf, overlapMm, placePiece, type PlacedPiece } from '../compose/placement';
import { overallScore, readBalance } from '../compose/readBalance';
import { buildScene } from '../compose/scene';
import type { KindCount } from '../compose/shareOut';
import { must } from '../geometry/must';

/** What the composer has to beat: the obvious ways to fill a line. */

export const scoreOf = (cake: Cake, arrangement: Arrangement): number =>
  overallScore(readBalance(must(buildScene(cake, arrangement, SHIPPED)), { stops: 0, looks: 0, first: null }));

const unrolled = (kinds: readonly KindCount[]): KindCount[] =>
  kinds.flatMap((k) => Array.from({ length: k.count }, () => ({ ...k, count: 1 })));

interface PieceOfOptions {
  k: KindCount;
  id: string;
  s: number;
  side: number;
  tiltRad: number;
  headingRad: number;
}

const pieceOf = ({ k, id, s, side, tiltRad, headingRad }: PieceOfOptions): Piece => ({
  id,
  species: k.species,
  stage: k.stage,
  sizeMm: k.sizeMm,
  colourway: k.colourway,
  s,
  side,
  lift: 0,
  tiltRad: Math.min(tiltRad, MOST_TILT_RAD[k.role]),
  headingRad,
  rollRad: 0,
  pinned: false,
});

/** Every piece anywhere in the envelope, looking anywhere its kind may look. */
export function randomPieces(kinds: readonly KindCount[], random: Random): Piece[] {
  return unrolled(kinds).map((k, i) =>
    pieceOf({
      k,
      id: `p${i + 1}`,
      s: random(),
      side: random() * 2 - 1,
      tiltRad: (k.role === 'foliage' ? 1.2 : 0) + random() * 0.6,
      headingRad: random() * 6.28,
    }),
  );
}

/**
 * Largest first, each at the sampled place that covers most and presses least, the largest drawn to the focal point; faces
 * fanned away from it, leaves laid outward. What a patient person would do without looking back.
 */
export function greedyPieces(cake: Cake, arrangement: Arrangement, kinds: readonly KindCount[]): Piece[] {
  const line = must(drawLine(arrangement.line, cake));
  const solid = cakeSolid(cake);
  const { cells } = envelopeGrid(line, Math.max(8, line.lengthMm / 60));
  const covered = cells.map(() => false);
  const placed: PlacedPiece[] = [];
  const order = unrolled(kinds).sort((a, b) => bodyOf(b, SHIPPED).radialMm - bodyOf(a, SHIPPED).radialMm);
  order.forEach((k, n) => {
    let best: { p: PlacedPiece; worth: number; hits: number[] } | null = null;
    for (const cell of cells) {
      const out = line.closed || cell.s >= line.focal ? 0 : Math.PI;
      const heading = k.role === 'foliage' ? out : Math.atan2(cell.side || 0.2, (cell.s - line.focal) * 2 || 0.2);
      const p = placePiece(
        pieceOf({
          k,
          id: `p${n + 1}`,
          s: cell.s,
          side: cell.side,
          tiltRad: k.role === 'foliage' ? 1.25 : 0.35,
          headingRad: heading,
        }),
        line,
        SHIPPED,
      );
      const pressed = placed.reduce((a, q) => a + Math.max(0, overlapMm(p, q)), 0) + 2 * intoCakeMm(p, solid);
      const hits: number[] = [];
      cells.forEach((c, i) => {
        if (covered[i]) return;
        const at = addScaled(c.frame.pointMm, c.frame.normal, line.riseMm(c.s) * 0.3);
        if (coversSight(p, at, c.frame.normal, outlineShareOf(p))) hits.push(i);
      });
      const worth = hits.length - 1.5 * pressed - (line.closed ? 0 : bodyOf(k, SHIPPED).radialMm * line.armShare(cell.s) * 0.25);
      if (!best || worth > best.worth) best = { p, worth, hits };
    }
    if (!best) return;
    placed.push(best.p);
    for (const i of best.hits) covered[i] = true;
  });
  return placed.map((p) => p.piece);
}
