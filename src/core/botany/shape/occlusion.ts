import { clamp, lerp, TAU } from '../../geometry/numbers';
import { addScaled, anyPerpendicular, cross, scale, sub, type Vec3 } from '../../geometry/vec3';
import { vertexAt, type LinearColour, type MeshBuilder } from './mesh';
import { must } from '../../geometry/must';

const CELLS = 22;

/** A coarse grid of how much surface each cell holds, 0 empty … 1 full. */
class DensityGrid {
  private readonly cells = new Float32Array(CELLS ** 3);
  private readonly low: [number, number, number] = [Infinity, Infinity, Infinity];
  readonly cell: number;

  constructor(private readonly b: MeshBuilder) {
    const high = [-Infinity, -Infinity, -Infinity];
    for (let i = 0; i < b.positions.length; i++) {
      const k = i % 3;
      this.low[k] = Math.min(must(this.low[k]), must(b.positions[i]));
      high[k] = Math.max(must(high[k]), must(b.positions[i]));
    }
    this.cell =
      (Math.max(must(high[0]) - this.low[0], must(high[1]) - this.low[1], must(high[2]) - this.low[2]) * 1.02) / CELLS || 1;
    for (let i = 0; i < b.indices.length; i += 3)
      this.addTriangle(must(b.indices[i]), must(b.indices[i + 1]), must(b.indices[i + 2]));
  }

  private index(x: number, y: number, z: number): number {
    const a = Math.floor((x - this.low[0]) / this.cell);
    const b = Math.floor((y - this.low[1]) / this.cell);
    const c = Math.floor((z - this.low[2]) / this.cell);
    return a < 0 || b < 0 || c < 0 || a >= CELLS || b >= CELLS || c >= CELLS ? -1 : (a * CELLS + b) * CELLS + c;
  }

  private addTriangle(ia: number, ib: number, ic: number): void {
    const p = this.b.positions;
    const corner = vertexAt(p, ia);
    const e1 = sub(vertexAt(p, ib), corner);
    const e2 = sub(vertexAt(p, ic), corner);
    const area = Math.hypot(...cross(e1, e2)) / 2;
    const m = Math.max(1, Math.min(6, Math.ceil((Math.sqrt(area) / this.cell) * 1.6)));
    const weight = area / ((m * (m + 1)) / 2) / (this.cell * this.cell);
    for (let s = 0; s < m; s++) {
      for (let t = 0; t < m - s; t++) {
        const x = (s + 0.33) / m;
        const y = (t + 0.33) / m;
        const id = this.index(...addScaled(addScaled(corner, e1, x), e2, y));
        if (id >= 0) this.cells[id] = must(this.cells[id]) + weight;
      }
    }
  }

  at(x: number, y: number, z: number): number {
    const id = this.index(x, y, z);
    return id < 0 ? 0 : Math.min(1, must(this.cells[id]));
  }
}

/** Share of the sky seen from a point on one side: seven directions, six steps each. */
function openness(grid: DensityGrid, p: Vec3, n: Vec3): number {
  const x = anyPerpendicular(n);
  const y = cross(n, x);
  let open = 0;
  let total = 0;
  for (let d = 0; d < 7; d++) {
    const tilt = d ? 0.9 : 0;
    const a = (d * TAU) / 6;
    const c = Math.cos(tilt);
    const s = Math.sin(tilt);
    const dir = addScaled(addScaled(scale(n, c), x, Math.cos(a) * s), y, Math.sin(a) * s);
    const weight = (d ? 0.62 : 1) * (0.75 + 0.25 * dir[2]);
    let through = 1;
    for (let step = 1; step <= 6; step++) {
      const r = grid.cell * (0.6 + step * 1.05);
      through *= 1 - 0.55 * grid.at(...addScaled(p, dir, r));
    }
    open += through * weight;
    total += weight;
  }
  return open / total;
}

/** Darkens colours where light hardly comes, keeping the hue: the deep places of a flower turn toward `tint`. */
export function bakeOcclusion(b: MeshBuilder, strength: number, tint: LinearColour): void {
  if (b.vertexCount === 0) return;
  const grid = new DensityGrid(b);
  for (let i = 0; i < b.vertexCount; i++) {
    if (!b.shadeSides[i]) continue;
    const k = i * 3;
    const p: Vec3 = [must(b.positions[k]), must(b.positions[k + 1]), must(b.positions[k + 2])];
    const n: Vec3 = [must(b.normals[k]), must(b.normals[k + 1]), must(b.normals[k + 2])];
    const front = openness(grid, p, n);
    const back = b.shadeSides[i] === 2 ? front : openness(grid, p, [-n[0], -n[1], -n[2]]);
    const open = clamp(Math.max(front, back) * 0.5 + (front + back) * 0.25);
    const dark = clamp((1 - open) * strength);
    for (let c = 0; c < 3; c++) {
      const lit = Math.pow(Math.max(0, must(b.colours[k + c])), 1 + 0.55 * dark);
      b.colours[k + c] = lit * lerp(1, must(tint[c]) * 0.62 + 0.12, Math.pow(dark, 1.3));
    }
  }
}
