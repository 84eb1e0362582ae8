import type { EnvelopeCell } from '../envelope';
import { clamp } from '../../geometry/numbers';
import { addScaled, dot, type Vec3 } from '../../geometry/vec3';
import { coversSight, outlineShareOf } from '../placement';
import type { Reading, ReadingMaker, Remedy } from '../reading';
import { viewsFrom, type Scene } from '../scene';

/** Share of the outline that should be covered: airy lines breathe, a closed ring of flowers should not. */
const TARGET_SHARE = 0.88;

/** Cells that no piece covers when looked at straight down the skin's normal, and the widest empty place. */
export function coverAlongNormal(scene: Scene): {
  covered: boolean[];
  share: number;
  hole: { cell: EnvelopeCell; acrossMm: number } | null;
} {
  const covered = scene.grid.cells.map((cell) => seen(scene, lifted(scene, cell), cell.frame.normal));
  const area = scene.grid.cells.reduce((a, c) => a + c.areaMm2, 0) || 1;
  const share = scene.grid.cells.reduce((a, c, i) => a + (covered[i] ? c.areaMm2 : 0), 0) / area;
  return { covered, share, hole: widestHole(scene, covered) };
}

const lifted = (scene: Scene, cell: EnvelopeCell): Vec3 =>
  addScaled(cell.frame.pointMm, cell.frame.normal, scene.line.riseMm(cell.s) * 0.3);

/** Whether any piece lies on the sight; those whose bounding ball it passes by are not looked at closely. */
function seen(scene: Scene, point: Vec3, direction: Vec3): boolean {
  const [ox, oy, oz] = point;
  const [dx, dy, dz] = direction;
  for (const p of scene.heads) {
    const [x, y, z] = [p.centre[0] - ox, p.centre[1] - oy, p.centre[2] - oz];
    const along = x * dx + y * dy + z * dz;
    const reach = Math.max(p.body.radialMm, p.body.axialMm);
    if (x * x + y * y + z * z - along * along > reach * reach) continue;
    if (coversSight(p, point, direction, outlineShareOf(p))) return true;
  }
  return false;
}

/** Of each uncovered cell the distance to the nearest covered one; the largest is half the hole. */
function widestHole(scene: Scene, covered: readonly boolean[]): { cell: EnvelopeCell; acrossMm: number } | null {
  const { cells, rows } = scene.grid;
  let best: { cell: EnvelopeCell; acrossMm: number } | null = null;
  for (let i = 0; i < cells.length; i++) {
    if (covered[i]) continue;
    const half = scene.line.halfWidthMm(cells[i]!.s);
    let nearest = (1 - Math.abs(cells[i]!.side)) * half + 6;
    // cells stand column by column: those more than ten columns away do not bound this hole
    const from = Math.max(0, cells[i]!.column - 10) * rows;
    const to = Math.min(cells.length, (cells[i]!.column + 11) * rows);
    const a = cells[i]!.frame.pointMm;
    for (let j = from; j < to; j++) {
      if (!covered[j]) continue;
      const b = cells[j]!.frame.pointMm;
      nearest = Math.min(nearest, Math.sqrt((a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2));
    }
    if (!best || nearest * 2 > best.acrossMm) best = { cell: cells[i]!, acrossMm: nearest * 2 };
  }
  return best;
}

/** Share covered from each view, of the cells that face it; views that see too little of the line are left out. */
function coverFromViews(scene: Scene): number[] {
  const shares: number[] = [];
  for (const view of viewsFrom(scene.frontRad)) {
    let total = 0;
    let hit = 0;
    for (const cell of scene.grid.cells) {
      if (dot(cell.frame.normal, view.toEye) < 0.2) continue;
      total += cell.areaMm2;
      if (seen(scene, lifted(scene, cell), view.toEye)) hit += cell.areaMm2;
    }
    const all = scene.grid.cells.reduce((a, c) => a + c.areaMm2, 0);
    if (total > all * 0.25) shares.push(hit / total);
  }
  return shares;
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
export const cover: ReadingMaker = (scene): Reading => {
  const along = coverAlongNormal(scene);
  const views = coverFromViews(scene);
  const meanView = views.length ? views.reduce((a, b) => a + b, 0) / views.length : along.share;
  const worstView = views.length ? Math.min(...views) : along.share;
  const share = 0.4 * along.share + 0.4 * meanView + 0.2 * worstView;
  const half = Math.max(...scene.grid.cells.map((c) => scene.line.halfWidthMm(c.s)), 1);
  const holeMm = along.hole?.acrossMm ?? 0;
  const score = 0.6 * clamp((share - (TARGET_SHARE - 0.4)) / 0.4) + 0.4 * clamp(1 - (holeMm - 0.5 * half) / (0.8 * half));
  const empty = scene.heads.length === 0;
  return {
    id: 'cover',
    score: empty ? 0 : 100 * score,
    lean: clamp((share - TARGET_SHARE) * 2.5, -1, 1),
    leanWords: ['thin', 'heavy'],
    numbers: { coveredShare: along.share, meanViewShare: meanView, worstViewShare: worstView, largestHoleMm: holeMm },
    why: empty
      ? 'Nothing is placed yet.'
      : score > 0.8
        ? `${Math.round(share * 100)} of 100 parts of the line are covered.`
        : `${Math.round(holeMm)} mm lie open; ${Math.round(share * 100)} of 100 parts are covered.`,
    remedy: along.hole && score < 0.9 ? fillHole(scene, along.hole) : null,
    place: along.hole && holeMm > half * 0.5 ? { pointMm: lifted(scene, along.hole.cell), acrossMm: holeMm } : null,
  };
};
