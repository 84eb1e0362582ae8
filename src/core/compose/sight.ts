import KDBush from 'kdbush';
import { PointGrid } from '../geometry/pointGrid';
import { addScaled, cross, dot, normalize, type Vec3 } from '../geometry/vec3';
import type { EnvelopeCell, EnvelopeGrid } from './envelope';
import type { Line } from './line';
import { coversSight, outlineShareOf, reachMm, type PlacedPiece } from './placement';
import { viewsFrom, type ViewName } from './scene';
import { must } from '../geometry/must';

/** A place that is turned farther away from the eye than this (cosine) is not looked at: one walks round to it. */
export const FACES_EYE = 0.2;
/** Where in the rise a cell is looked at: a little above the skin. */
const LOOKED_AT_SHARE = 0.3;
const INDEX_BOX_MM = 30;

/** One way of looking at the envelope: straight down each cell's normal, or from one of the five views. */
export interface Look {
  name: ViewName | 'normal';
  /** 1 where the cell faces the eye */
  facing: Uint8Array;
  facingMm2: number;
  cellsCoveredBy(p: PlacedPiece): Int32Array;
}

/** The points at which cells are looked at: a little above the skin. */
export const lookedAt = (line: Line, cells: readonly EnvelopeCell[]): Vec3[] =>
  cells.map((c) => addScaled(c.frame.pointMm, c.frame.normal, line.riseMm(c.s) * LOOKED_AT_SHARE));

/**
 * Looks at the envelope's cells, indexed so that a piece finds those it covers. A piece covers a cell when the sight through it
 * meets the piece's outline, and the piece stands at the cell or before it: what lies behind the cake covers nothing.
 */
export function looksAt(line: Line, grid: EnvelopeGrid, frontRad: number): Look[] {
  const points = lookedAt(line, grid.cells);
  const rises = grid.cells.map((c) => line.riseMm(c.s));
  return [alongNormals(grid, points, rises), ...viewsFrom(frontRad).map((v) => fromView(grid, points, rises, v))];
}

function alongNormals(grid: EnvelopeGrid, points: readonly Vec3[], rises: readonly number[]): Look {
  const index = new PointGrid(points, INDEX_BOX_MM);
  const highest = Math.max(0, ...rises);
  return {
    name: 'normal',
    facing: new Uint8Array(points.length).fill(1),
    facingMm2: grid.areaMm2,
    cellsCoveredBy: (p) => {
      const share = outlineShareOf(p);
      const found: number[] = [];
      index.within(p.centre, 2 * reachMm(p) + highest, (i) => {
        if (coversSight(p, must(points[i]), must(grid.cells[i]).frame.normal, share)) found.push(i);
      });
      return Int32Array.from(found);
    },
  };
}

function fromView(
  grid: EnvelopeGrid,
  points: readonly Vec3[],
  rises: readonly number[],
  { name, toEye }: { name: ViewName; toEye: Vec3 },
): Look {
  const right = normalize(cross([0, 0, 1], toEye), [1, 0, 0]);
  const up = cross(toEye, right);
  const facing = Uint8Array.from(grid.cells, (c) => (dot(c.frame.normal, toEye) < FACES_EYE ? 0 : 1));
  const seen = grid.cells.flatMap((_, i) => (facing[i] ? [i] : []));
  if (seen.length === 0) return { name, facing, facingMm2: 0, cellsCoveredBy: () => new Int32Array(0) };
  const index = new KDBush(seen.length);
  for (const i of seen) index.add(dot(must(points[i]), right), dot(must(points[i]), up));
  index.finish();
  return {
    name,
    facing,
    facingMm2: seen.reduce((a, i) => a + must(grid.cells[i]).areaMm2, 0),
    cellsCoveredBy: (p) => {
      const share = outlineShareOf(p);
      const depth = dot(p.centre, toEye);
      const reach = reachMm(p);
      const found: number[] = [];
      for (const k of index.within(dot(p.centre, right), dot(p.centre, up), reach)) {
        const i = must(seen[k]);
        const behind = dot(must(points[i]), toEye) - depth;
        if (behind <= reach + must(rises[i]) && coversSight(p, must(points[i]), toEye, share)) found.push(i);
      }
      return Int32Array.from(found);
    },
  };
}
