import type { EnvelopeCell } from '../envelope';
import { clamp, mean } from '../../geometry/numbers';
import type { Measured } from '../measures';
import type { ReadingMaker, Remedy } from '../reading';
import type { Scene } from '../scene';
import { lookedAt } from '../sight';

/** Share of the outline that should be covered: airy lines breathe, a closed ring of flowers should not. */
const TARGET_SHARE = 0.88;

/** Columns to either side that may bound a hole: cells stand column by column. */
const HOLE_COLUMNS = 10;

/** Of each cell that nothing covers along its normal the distance to the nearest that is covered; the largest is half the hole. */
function widestHole({ grid, hits }: Measured): { cell: EnvelopeCell; acrossMm: number } | null {
  const { cells, columns, rows, pointsMm, insideMm } = grid;
  const covered = hits[0]!;
  let widest = { i: -1, nearest2: 0 };
  let last = -1;
  for (let i = 0; i < cells.length; i++) {
    if (covered[i]) continue;
    const toEdge = insideMm[i]! + 6;
    // too near the edge, or to what the last one was nearest to, to be the middle of a wider hole
    if (toEdge * toEdge <= widest.nearest2 || (last >= 0 && apart2(i, last) <= widest.nearest2)) continue;
    const nearest2 = nearestCovered2(i, toEdge * toEdge, widest.nearest2);
    if (nearest2 > widest.nearest2) widest = { i, nearest2 };
  }
  return widest.i < 0 ? null : { cell: cells[widest.i]!, acrossMm: 2 * Math.sqrt(widest.nearest2) };

  function apart2(i: number, j: number): number {
    const [a, b] = [3 * i, 3 * j];
    return (
      (pointsMm[a]! - pointsMm[b]!) ** 2 + (pointsMm[a + 1]! - pointsMm[b + 1]!) ** 2 + (pointsMm[a + 2]! - pointsMm[b + 2]!) ** 2
    );
  }

  /** Squared distance to the nearest covered cell, at most `most`, near columns first; given up once it is no more than `enough`. */
  function nearestCovered2(i: number, most: number, enough: number): number {
    const { column } = cells[i]!;
    const x = pointsMm[3 * i]!;
    const y = pointsMm[3 * i + 1]!;
    const z = pointsMm[3 * i + 2]!;
    let nearest2 = last < 0 ? most : Math.min(most, apart2(i, last));
    if (nearest2 <= enough) return nearest2;
    for (let step = 0; step <= 2 * HOLE_COLUMNS; step++) {
      const c = column + (step % 2 ? (step + 1) / 2 : -step / 2);
      if (c < 0 || c >= columns) continue;
      for (let j = c * rows, end = j + rows; j < end; j++) {
        if (covered[j] === 0) continue;
        const dx = x - pointsMm[3 * j]!;
        const dy = y - pointsMm[3 * j + 1]!;
        const dz = z - pointsMm[3 * j + 2]!;
        const d2 = dx * dx + dy * dy + dz * dz;
        if (d2 >= nearest2) continue;
        nearest2 = d2;
        last = j;
        if (d2 <= enough) return d2;
      }
    }
    return nearest2;
  }
}

/** A view that sees less of the envelope than this is left out. */
const SEES_SHARE = 0.25;

/** Share covered in each look, of the cells that face the eye: along the normal, then of the views that see enough. */
function coveredShares({ grid, looks, coveredMm2 }: Measured): { alongNormal: number; views: number[] } {
  const shares = looks.map((look, k) => (look.facingMm2 > 0 ? coveredMm2[k]! / look.facingMm2 : 0));
  return { alongNormal: shares[0]!, views: shares.filter((_, k) => k > 0 && looks[k]!.facingMm2 > grid.areaMm2 * SEES_SHARE) };
}

const MOST_AT_ONCE = 3;

/** A small piece of a kind already there, or up to three along the line, set into the hole. */
function fillHole(scene: Scene, hole: { cell: EnvelopeCell; acrossMm: number }): Remedy | null {
  const small = scene.heads.filter((p) => p.body.role === 'spray' || p.body.role === 'filler' || p.body.role === 'foliage');
  const pick = small.sort(
    (a, b) => Math.abs(a.body.radialMm * 2 - hole.acrossMm * 0.8) - Math.abs(b.body.radialMm * 2 - hole.acrossMm * 0.8),
  )[0];
  if (!pick) return null;
  const { id: _id, ...copy } = pick.piece;
  const sprig = pick.spine.length > 0;
  const across = pick.body.radialMm * 2;
  const count = clamp(Math.round(hole.acrossMm / across), 1, MOST_AT_ONCE);
  const add = Array.from({ length: count }, (_, i) => {
    const s = hole.cell.s + ((i - (count - 1) / 2) * across) / scene.line.lengthMm;
    const side = count > 1 && i % 2 ? -hole.cell.side : hole.cell.side;
    return {
      ...copy,
      s: scene.line.closed ? s - Math.floor(s) : clamp(s),
      side,
      lift: sprig ? 0 : 0.15,
      tiltRad: sprig ? pick.piece.tiltRad : 0.3 + 0.12 * i,
      headingRad: sprig ? outward(scene, s) : side >= 0 ? Math.PI / 2 : -Math.PI / 2,
      pinned: false,
    };
  });
  return { label: `Fill it: ${count} ${pick.body.species.name.toLowerCase()}`, change: [], add, remove: [] };
}

/** The heading of a sprig that runs with the line at a place. */
const outward = (scene: Scene, s: number): number => (scene.line.closed || s >= scene.line.focal ? 0 : Math.PI);

/** Share of the envelope's outline covered, along the normal and from every view that sees it; the largest hole, and where. */
export const cover: ReadingMaker = (scene) => {
  const { alongNormal, views } = coveredShares(scene);
  const meanView = views.length ? mean(views) : alongNormal;
  const worstView = views.length ? Math.min(...views) : alongNormal;
  const share = 0.4 * alongNormal + 0.4 * meanView + 0.2 * worstView;
  const half = scene.grid.widestHalfMm;
  const hole = widestHole(scene);
  const holeMm = hole?.acrossMm ?? 0;
  const score = 0.6 * clamp((share - (TARGET_SHARE - 0.4)) / 0.4) + 0.4 * clamp(1 - (holeMm - 0.5 * half) / (0.8 * half));
  const empty = scene.heads.length === 0;
  return {
    id: 'cover',
    score: empty ? 0 : 100 * score,
    lean: clamp((share - TARGET_SHARE) * 2.5, -1, 1),
    leanWords: ['thin', 'heavy'],
    numbers: { coveredShare: alongNormal, meanViewShare: meanView, worstViewShare: worstView, largestHoleMm: holeMm },
    why: empty
      ? 'Nothing is placed yet.'
      : score > 0.8
        ? `${Math.round(share * 100)} of 100 parts of the line are covered.`
        : `${Math.round(holeMm)} mm lie open; ${Math.round(share * 100)} of 100 parts are covered.`,
    remedy: hole && score < 0.9 ? () => fillHole(scene, hole) : null,
    place: hole && holeMm > half * 0.5 ? { pointMm: lookedAt(scene.line, [hole.cell])[0]!, acrossMm: holeMm } : null,
  };
};
