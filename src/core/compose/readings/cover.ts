import type { EnvelopeCell } from '../envelope';
import { clamp, mean } from '../../geometry/numbers';
import type { Measured } from '../measures';
import type { ReadingMaker, Remedy } from '../reading';
import { NOTHING_PLACED } from '../facts';
import type { Scene } from '../scene';
import { lookedAt } from '../sight';
import { must } from '../../geometry/must';

/** Share of the outline that should be covered: airy lines breathe, a closed ring of flowers should not. */
const TARGET_SHARE = 0.88;

/** Columns to either side that may bound a hole: cells stand column by column. */
const HOLE_COLUMNS = 10;
/** What lies outside covers the edge as far off as this. */
const EDGE_MM = 6;

/** Of each cell that nothing covers along its normal the distance to the nearest that is covered; the largest is half the hole. */
function widestHole({ grid, hits }: Measured): { cell: EnvelopeCell; acrossMm: number } | null {
  const { cells, insideMm } = grid;
  const covered = must(hits[0]);
  let widest = -1;
  let widest2 = 0;
  const found = { nearest2: 0, cell: -1 };
  for (let i = 0; i < cells.length; i++) {
    if (covered[i]) continue;
    const toEdge = must(insideMm[i]) + EDGE_MM;
    const toEdge2 = toEdge * toEdge;
    // too near the edge, or to what the last one was nearest to, to be the middle of a wider hole
    if (toEdge2 <= widest2) continue;
    found.nearest2 = found.cell < 0 ? toEdge2 : Math.min(toEdge2, apart2(grid.pointsMm, i, found.cell));
    if (found.nearest2 > widest2) lookForCovered(grid, covered, i, widest2, found);
    if (found.nearest2 > widest2) [widest, widest2] = [i, found.nearest2];
  }
  return widest < 0 ? null : { cell: must(cells[widest]), acrossMm: 2 * Math.sqrt(widest2) };
}

function apart2(pointsMm: Float64Array, i: number, j: number): number {
  const dx = must(pointsMm[3 * i]) - must(pointsMm[3 * j]);
  const dy = must(pointsMm[3 * i + 1]) - must(pointsMm[3 * j + 1]);
  const dz = must(pointsMm[3 * i + 2]) - must(pointsMm[3 * j + 2]);
  return dx * dx + dy * dy + dz * dz;
}

/** Brings `found` to the covered cell nearest to cell `i`, near columns first; gives up once one is no farther than `enough2`. */
function lookForCovered(
  { columns, rows, pointsMm }: Measured['grid'],
  covered: Int16Array,
  i: number,
  enough2: number,
  found: { nearest2: number; cell: number },
): void {
  const column = Math.floor(i / rows);
  for (let step = 0; step <= 2 * HOLE_COLUMNS; step++) {
    const c = column + (step % 2 ? (step + 1) / 2 : -step / 2);
    if (c < 0 || c >= columns) continue;
    for (let j = c * rows, end = j + rows; j < end; j++) {
      if (covered[j] === 0) continue;
      const d2 = apart2(pointsMm, i, j);
      if (d2 >= found.nearest2) continue;
      found.nearest2 = d2;
      found.cell = j;
      if (d2 <= enough2) return;
    }
  }
}

/** A view that sees less of the envelope than this is left out. */
const SEES_SHARE = 0.25;

/** Share covered in each look, of the cells that face the eye: along the normal, then of the views that see enough. */
function coveredShares({ grid, looks, coveredMm2 }: Measured): { alongNormal: number; views: number[] } {
  const shares = looks.map((look, k) => (look.facingMm2 > 0 ? must(coveredMm2[k]) / look.facingMm2 : 0));
  return {
    alongNormal: must(shares[0]),
    views: shares.filter((_, k) => k > 0 && must(looks[k]).facingMm2 > grid.areaMm2 * SEES_SHARE),
  };
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
  return { label: { code: 'remedy.fill', values: { count, species: pick.body.species.id } }, change: [], add, remove: [] };
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
    numbers: { coveredShare: alongNormal, meanViewShare: meanView, worstViewShare: worstView, largestHoleMm: holeMm },
    why: empty
      ? NOTHING_PLACED
      : score > 0.8
        ? { code: 'reading.cover.level', values: { share } }
        : { code: 'reading.cover.open', values: { holeMm, share } },
    remedy: hole && score < 0.9 ? () => fillHole(scene, hole) : null,
    place: hole && holeMm > half * 0.5 ? { pointMm: must(lookedAt(scene.line, [hole.cell])[0]), acrossMm: holeMm } : null,
  };
};
