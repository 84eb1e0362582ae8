import { lerp, smoothstep } from '../../geometry/numbers';
import type { MeshBuilder, SheetRange } from './mesh';
import { must } from '../../geometry/must';

/** What is left of the rolled thickness at a thinned edge (docs/trade.md P2: thinner still at the edges; the share is assumed). */
export const EDGE_THICKNESS_SHARE = 0.35;
/** From here to the edge paste is thinned, as a share of the half-width and of the length. */
const THINNED_FROM = 0.6;

/** Thickness at (u, v) as a share of the rolled one: full in the middle and at the base, thinned to the sides and the tip. */
export const thicknessShare = (u: number, v: number): number =>
  lerp(1, EDGE_THICKNESS_SHARE, Math.max(smoothstep(THINNED_FROM, 1, Math.abs(u)), smoothstep(THINNED_FROM, 1, v)));

/**
 * Gives every sheet of a shape its paste: a front and a back, closed round the rim. Done after shade is baked, which takes a
 * petal as one sheet lit from both sides. `thickness` of rolled paste in the shape's own unit; nothing happens at 0.
 */
export function thickenSheets(b: MeshBuilder, thickness: number): void {
  if (thickness <= 0) return;
  for (const sheet of b.sheets) thicken(b, sheet, thickness);
}

function thicken(b: MeshBuilder, { first, across, along }: SheetRange, thickness: number): void {
  const row = across + 1;
  const back = b.vertexCount;
  for (let j = 0; j <= along; j++) {
    for (let i = 0; i < row; i++) {
      const half = (thickness / 2) * thicknessShare((2 * i) / across - 1, j / along);
      b.splitVertex(first + j * row + i, half);
    }
  }
  const from = back - first;
  const ring = rim(first, across, along);
  b.sheetTriangles({ first, across, along }).forEach(([p, q, r]) => b.triangle(p + from, r + from, q + from));
  ring.forEach((p, k) => {
    const q = must(ring[(k + 1) % ring.length]);
    b.triangle(p, p + from, q);
    b.triangle(q, p + from, q + from);
  });
}

/** The vertices round a sheet, once round, with the front to the left. */
function rim(first: number, across: number, along: number): number[] {
  const at = (i: number, j: number) => first + j * (across + 1) + i;
  const ring: number[] = [];
  for (let j = 0; j < along; j++) ring.push(at(0, j));
  for (let i = 0; i < across; i++) ring.push(at(i, along));
  for (let j = along; j > 0; j--) ring.push(at(across, j));
  for (let i = across; i > 0; i--) ring.push(at(i, 0));
  return ring;
}
