import { clamp } from '../geometry/numbers';
import { dot, normalize, sub, type Vec3 } from '../geometry/vec3';
import type { Mesh } from '../botany/shape/mesh';
import { applyDirection, applyPoint, type Affine } from '../geometry/affine';
import { must } from '../geometry/must';

/** A picture as bytes: red, green, blue, alpha, row by row from the top. */
export interface Picture {
  width: number;
  height: number;
  rgba: Uint8ClampedArray;
}

/** Where the eye is: straight parallel sight. `right` and `up` span the sheet, `toEye` points at the viewer. mm to pixels by `scale`. */
export interface Sight {
  right: Vec3;
  up: Vec3;
  toEye: Vec3;
  centre: Vec3;
  pixelsPerMm: number;
  width: number;
  height: number;
}

interface SightFromOptions {
  azimuthRad: number;
  elevationRad: number;
  centre: Vec3;
  pixelsPerMm: number;
  width: number;
  height: number;
}

/** Sight from an azimuth and a height above the horizon, both in radians; azimuth −π/2 is the front. */
export function sightFrom({ azimuthRad, elevationRad, centre, pixelsPerMm, width, height }: SightFromOptions): Sight {
  const ca = Math.cos(azimuthRad);
  const sa = Math.sin(azimuthRad);
  const ce = Math.cos(elevationRad);
  const se = Math.sin(elevationRad);
  return { toEye: [ca * ce, sa * ce, se], right: [-sa, ca, 0], up: [-ca * se, -sa * se, ce], centre, pixelsPerMm, width, height };
}

/** Sheet coordinates of a point in pixels from the upper left, and its depth toward the eye. */
export function projectPoint(sight: Sight, p: Vec3): Vec3 {
  const d = sub(p, sight.centre);
  const k = sight.pixelsPerMm;
  return [sight.width / 2 + dot(d, sight.right) * k, sight.height / 2 - dot(d, sight.up) * k, dot(d, sight.toEye) * k];
}

const KEY: Vec3 = normalize([-0.5, 0.75, 0.9]);
const FILL: Vec3 = normalize([0.9, 0.1, 0.4]);

/** A small software renderer: depth buffer, smooth shading, twice the resolution averaged down. Needs no graphics card and no browser. */
export class Raster {
  private readonly w: number;
  private readonly h: number;
  private readonly depth: Float32Array;
  private readonly colour: Float32Array;

  constructor(
    private readonly sight: Sight,
    private readonly over = 2,
  ) {
    this.w = Math.max(1, Math.round(sight.width * over));
    this.h = Math.max(1, Math.round(sight.height * over));
    this.depth = new Float32Array(this.w * this.h).fill(-Infinity);
    this.colour = new Float32Array(this.w * this.h * 4);
  }

  private project(p: Vec3): Vec3 {
    const at = projectPoint(this.sight, p);
    return [at[0] * this.over, at[1] * this.over, at[2] * this.over];
  }

  /** Light on a surface: wrapped key, near-neutral fill, hemisphere. Sheets are lit on the side that is seen. */
  private light(normal: Vec3): number {
    const s = this.sight;
    const facing = normal[0] * s.toEye[0] + normal[1] * s.toEye[1] + normal[2] * s.toEye[2];
    const flip = facing < 0 ? -1 : 1;
    const x = flip * (normal[0] * s.right[0] + normal[1] * s.right[1] + normal[2] * s.right[2]);
    const y = flip * (normal[0] * s.up[0] + normal[1] * s.up[1] + normal[2] * s.up[2]);
    const z = Math.abs(facing);
    const key = x * KEY[0] + y * KEY[1] + z * KEY[2];
    const fill = Math.max(0, x * FILL[0] + y * FILL[1] + z * FILL[2]);
    return 0.3 + 0.14 * (y * 0.5 + 0.5) + 0.62 * Math.max(0, (key + 0.45) / 1.45) + 0.12 * fill;
  }

  add(mesh: Mesh, map: Affine): void {
    const n = mesh.positions.length / 3;
    const x = new Float32Array(n);
    const y = new Float32Array(n);
    const z = new Float32Array(n);
    const lit = new Float32Array(n);
    for (let i = 0; i < n; i++) {
      const k = i * 3;
      const p = this.project(
        applyPoint(map, [must(mesh.positions[k]), must(mesh.positions[k + 1]), must(mesh.positions[k + 2])]),
      );
      const normal = normalize(
        applyDirection(map, [must(mesh.normals[k]), must(mesh.normals[k + 1]), must(mesh.normals[k + 2])]),
      );
      x[i] = p[0];
      y[i] = p[1];
      z[i] = p[2];
      lit[i] = this.light(normal);
    }
    for (let i = 0; i < mesh.indices.length; i += 3) {
      this.triangle(x, y, z, lit, mesh.colours, must(mesh.indices[i]), must(mesh.indices[i + 1]), must(mesh.indices[i + 2]));
    }
  }

  private triangle(
    x: Float32Array,
    y: Float32Array,
    z: Float32Array,
    lit: Float32Array,
    colours: Float32Array,
    a: number,
    b: number,
    c: number,
  ): void {
    const [ax, bx, cx] = [must(x[a]), must(x[b]), must(x[c])];
    const [ay, by, cy] = [must(y[a]), must(y[b]), must(y[c])];
    const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    if (Math.abs(area) < 1e-6) return;
    const left = Math.max(0, Math.ceil(Math.min(ax, bx, cx) - 0.5));
    const right = Math.min(this.w - 1, Math.floor(Math.max(ax, bx, cx) - 0.5));
    const top = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5));
    const bottom = Math.min(this.h - 1, Math.floor(Math.max(ay, by, cy) - 0.5));
    for (let py = top; py <= bottom; py++) {
      for (let px = left; px <= right; px++) {
        const u = px + 0.5;
        const v = py + 0.5;
        const wb = ((u - ax) * (cy - ay) - (v - ay) * (cx - ax)) / area;
        const wc = ((bx - ax) * (v - ay) - (by - ay) * (u - ax)) / area;
        const wa = 1 - wb - wc;
        if (wa < 0 || wb < 0 || wc < 0) continue;
        const at = py * this.w + px;
        const deep = wa * must(z[a]) + wb * must(z[b]) + wc * must(z[c]);
        if (deep <= must(this.depth[at])) continue;
        this.depth[at] = deep;
        const light = wa * must(lit[a]) + wb * must(lit[b]) + wc * must(lit[c]);
        for (let k = 0; k < 3; k++) {
          this.colour[at * 4 + k] =
            light * (wa * must(colours[a * 3 + k]) + wb * must(colours[b * 3 + k]) + wc * must(colours[c * 3 + k]));
        }
        this.colour[at * 4 + 3] = 1;
      }
    }
  }

  /** Averages down and turns linear light into sRGB (IEC 61966-2-1). */
  finish(): Picture {
    const width = Math.round(this.w / this.over);
    const height = Math.round(this.h / this.over);
    const rgba = new Uint8ClampedArray(width * height * 4);
    for (let py = 0; py < height; py++) {
      for (let px = 0; px < width; px++) this.average(rgba, px, py, width);
    }
    return { width, height, rgba };
  }

  private average(rgba: Uint8ClampedArray, px: number, py: number, width: number): void {
    const total = [0, 0, 0, 0];
    for (let dy = 0; dy < this.over; dy++) {
      for (let dx = 0; dx < this.over; dx++) {
        const at = ((py * this.over + dy) * this.w + px * this.over + dx) * 4;
        for (let k = 0; k < 4; k++) total[k] = must(total[k]) + must(this.colour[at + k]);
      }
    }
    const covered = must(total[3]) || 1;
    const at = (py * width + px) * 4;
    for (let k = 0; k < 3; k++) rgba[at + k] = linearToByte(must(total[k]) / covered);
    rgba[at + 3] = (255 * must(total[3])) / (this.over * this.over);
  }
}

const linearToByte = (c: number): number => {
  const x = clamp(c);
  return 255 * (x <= 0.0031308 ? 12.92 * x : 1.055 * Math.pow(x, 1 / 2.4) - 0.055);
};
