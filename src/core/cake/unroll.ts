import type { Outline, OutlinePoint } from './outline';
import { must } from '../geometry/must';

/**
 * A tier's side laid flat: mm along it from the back seam, as it is read from outside, left to right, the front in the middle.
 * Seen from above that is counter-clockwise.
 */
export interface UnrolledSide {
  lengthMm: number;
  /** of the place on the side nearest to a point of the plan */
  alongMm(x: number, y: number): number;
  /** the place on the outline */
  at(alongMm: number): readonly [x: number, y: number];
}

/** Length of the arc between two outline points whose outward directions are known: a chord and the angle that it turns by. */
function arcMm(a: OutlinePoint, b: OutlinePoint): number {
  const chord = Math.hypot(b.x - a.x, b.y - a.y);
  const turn = Math.acos(Math.max(-1, Math.min(1, a.nx * b.nx + a.ny * b.ny)));
  return turn > 1e-6 ? (chord * turn) / 2 / Math.sin(turn / 2) : chord;
}

export function unrollSide(outline: Outline): UnrolledSide {
  const points = outline.round(0);
  const from: number[] = [0];
  points.forEach((p, i) => from.push(must(from[i]) + arcMm(p, must(points[(i + 1) % points.length]))));
  const lengthMm = must(from[points.length]);
  const nearest = (x: number, y: number): number => {
    let best = { off: Infinity, mm: 0 };
    points.forEach((p, i) => {
      const q = must(points[(i + 1) % points.length]);
      const [dx, dy] = [q.x - p.x, q.y - p.y];
      const long2 = dx * dx + dy * dy;
      const t = long2 > 0 ? Math.max(0, Math.min(1, ((x - p.x) * dx + (y - p.y) * dy) / long2)) : 0;
      const off = Math.hypot(x - p.x - t * dx, y - p.y - t * dy);
      if (off < best.off) best = { off, mm: must(from[i]) + t * (must(from[i + 1]) - must(from[i])) };
    });
    return best.mm;
  };
  // the seam lies straight behind the tier's own middle
  const seamMm = nearest(outline.xMm, outline.yMm + outline.farMm);
  return {
    lengthMm,
    alongMm: (x, y) => (((nearest(x, y) - seamMm) % lengthMm) + lengthMm) % lengthMm,
    at(alongMm) {
      const mm = (((alongMm + seamMm) % lengthMm) + lengthMm) % lengthMm;
      const i = Math.max(0, from.findIndex((f) => f > mm) - 1);
      const [p, q] = [must(points[i]), must(points[(i + 1) % points.length])];
      const t = (mm - must(from[i])) / Math.max(1e-9, must(from[i + 1]) - must(from[i]));
      return [p.x + (q.x - p.x) * t, p.y + (q.y - p.y) * t];
    },
  };
}
