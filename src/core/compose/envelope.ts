import { addScaled, scale, type Vec3 } from '../geometry/vec3';
import type { Line, LineFrame } from './line';

/** A sample of the envelope's outline on the skin: where it is and how much skin it stands for. */
export interface EnvelopeCell {
  s: number;
  side: number;
  frame: LineFrame;
  areaMm2: number;
  column: number;
  row: number;
}

export interface EnvelopeGrid {
  columns: number;
  rows: number;
  cells: readonly EnvelopeCell[];
  /** the cells' places, three numbers each, and how far each lies within the outline */
  pointsMm: Float64Array;
  insideMm: Float64Array;
  areaMm2: number;
  /** middle of the envelope's own area, in the world and along the line */
  centreMm: Vec3;
  centreS: number;
  /** half the width where it is widest, at the middle of a column */
  widestHalfMm: number;
}

/** Samples the envelope on a grid along and across the line, about `stepMm` apart. */
export function envelopeGrid(line: Line, stepMm = 8): EnvelopeGrid {
  const columns = Math.max(6, Math.min(120, Math.round(line.lengthMm / stepMm)));
  let widest = 0;
  for (let i = 0; i <= 20; i++) widest = Math.max(widest, line.halfWidthMm(i / 20));
  const rows = Math.max(3, Math.min(15, Math.round((2 * widest) / stepMm)));
  const cells: EnvelopeCell[] = [];
  for (let column = 0; column < columns; column++) {
    const s = (column + 0.5) / columns;
    const half = line.halfWidthMm(s);
    for (let row = 0; row < rows; row++) {
      const side = -1 + (2 * (row + 0.5)) / rows;
      cells.push({
        s,
        side,
        frame: line.at(s, side * half * 0.92),
        areaMm2: (line.lengthMm / columns) * ((2 * half) / rows),
        column,
        row,
      });
    }
  }
  const areaMm2 = cells.reduce((a, c) => a + c.areaMm2, 0) || 1;
  const centre = cells.reduce<Vec3>((a, c) => addScaled(a, c.frame.pointMm, c.areaMm2), [0, 0, 0]);
  return {
    columns,
    rows,
    cells,
    pointsMm: Float64Array.from(cells.flatMap((c) => c.frame.pointMm)),
    insideMm: Float64Array.from(cells, (c) => (1 - Math.abs(c.side)) * line.halfWidthMm(c.s)),
    areaMm2,
    centreMm: scale(centre, 1 / areaMm2),
    centreS: cells.reduce((a, c) => a + c.s * c.areaMm2, 0) / areaMm2,
    widestHalfMm: cells.reduce((a, c) => Math.max(a, line.halfWidthMm(c.s)), 1),
  };
}

/** Area of the envelope's outline on the skin, mm². */
export function envelopeAreaMm2(line: Line): number {
  let area = 0;
  for (let i = 0; i < 60; i++) area += (2 * line.halfWidthMm((i + 0.5) / 60) * line.lengthMm) / 60;
  return area;
}

/** Area to be filled: the outline and a share of the height that stands above it, A + 0.6 ∫ 2w (h/w)² ds. */
export function effectiveAreaMm2(line: Line): number {
  let extra = 0;
  for (let i = 0; i < 60; i++) {
    const s = (i + 0.5) / 60;
    const w = Math.max(1, line.halfWidthMm(s));
    extra += (0.6 * 2 * w * (line.riseMm(s) / w) ** 2 * line.lengthMm) / 60;
  }
  return envelopeAreaMm2(line) + extra;
}
