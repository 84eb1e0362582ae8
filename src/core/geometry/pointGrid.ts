import type { Vec3 } from './vec3';
import { must } from './must';

/** Points in cubic boxes, so that those near a place are found without looking at the rest. Lengths in one unit. */
export class PointGrid {
  private readonly boxes = new Map<number, number[]>();

  constructor(
    private readonly points: readonly Vec3[],
    private readonly size: number,
  ) {
    points.forEach((p, i) => {
      const key = this.key(this.box(p[0]), this.box(p[1]), this.box(p[2]));
      const own = this.boxes.get(key);
      if (own) own.push(i);
      else this.boxes.set(key, [i]);
    });
  }

  private box(x: number): number {
    return Math.floor(x / this.size);
  }

  private key(x: number, y: number, z: number): number {
    return (x + 512) * 1_048_576 + (y + 512) * 1024 + (z + 512);
  }

  /** Calls for every point nearer than `radius`, in no stated order but always the same. */
  within(at: Vec3, radius: number, found: (index: number) => void): void {
    const [x0, x1] = [this.box(at[0] - radius), this.box(at[0] + radius)];
    const [y0, y1] = [this.box(at[1] - radius), this.box(at[1] + radius)];
    const [z0, z1] = [this.box(at[2] - radius), this.box(at[2] + radius)];
    const r2 = radius * radius;
    for (let x = x0; x <= x1; x++)
      for (let y = y0; y <= y1; y++)
        for (let z = z0; z <= z1; z++) {
          const own = this.boxes.get(this.key(x, y, z));
          if (!own) continue;
          for (const i of own) {
            const p = must(this.points[i]);
            const d2 = (p[0] - at[0]) ** 2 + (p[1] - at[1]) ** 2 + (p[2] - at[2]) ** 2;
            if (d2 < r2) found(i);
          }
        }
  }
}
