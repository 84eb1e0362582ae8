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
  stepMm: number;
  cells: readonly EnvelopeCell[];
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
  return { columns, rows, stepMm, cells };
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
