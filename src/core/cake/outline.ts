import { TAU } from '../geometry/numbers';
import type { Tier } from './cake';

/**
 * A tier's plan outline: a convex closed curve, mm, in the cake's own x (right) and y (away from the front). Corners are
 * round, by at least the radius of the softened top edge, so that the edge runs round them.
 */
export interface Outline {
  xMm: number;
  yMm: number;
  /** to the farthest point, and to the nearest, from the middle */
  farMm: number;
  nearMm: number;
  /** Signed distance in the plan: negative inside. Exact. */
  signedMm(x: number, y: number): number;
  /** Outward direction in the plan at or near the outline. */
  outwardAt(x: number, y: number): readonly [number, number];
  /** From a point inside to the outline drawn in by `insetMm`, along an azimuth. 0 for a point that is not inside. */
  reachMm(x: number, y: number, azimuthRad: number, insetMm: number): number;
  /** Points counter-clockwise on the outline drawn in by `insetMm`, with their outward directions; corners are well divided. */
  round(insetMm: number): OutlinePoint[];
}

export interface OutlinePoint {
  x: number;
  y: number;
  nx: number;
  ny: number;
}

/** Signed distance in the tier's own frame, its middle at the origin. */
type Signed = (x: number, y: number) => number;

const ROUND_STEPS = 96;
const CORNER_STEPS = 8;

/** Corners of the straight-sided core that is left when the corner radius is taken off all round, counter-clockwise. */
function coreCorners(tier: Tier, cornerMm: number): (readonly [number, number])[] {
  const a = tier.diameterMm / 2 - cornerMm;
  if (tier.shape === 'round') return [[0, 0]];
  if (tier.shape === 'hexagon') {
    const far = a / Math.cos(Math.PI / 6);
    return Array.from({ length: 6 }, (_, i) => [far * Math.cos((i * TAU) / 6), far * Math.sin((i * TAU) / 6)] as const);
  }
  const b = (tier.shape === 'rectangle' ? tier.depthMm : tier.diameterMm) / 2 - cornerMm;
  return [
    [a, b],
    [-a, b],
    [-a, -b],
    [a, -b],
  ];
}

/** Distance to a box with round corners. */
const boxDistance =
  (halfX: number, halfY: number, cornerMm: number): Signed =>
  (x, y) => {
    const qx = Math.abs(x) - halfX + cornerMm;
    const qy = Math.abs(y) - halfY + cornerMm;
    return Math.hypot(Math.max(qx, 0), Math.max(qy, 0)) + Math.min(Math.max(qx, qy), 0) - cornerMm;
  };

/** Distance to a hexagon with round corners, two flats square to y: folded into one twelfth, then to the flat's own segment. */
const hexagonDistance = (halfMm: number, cornerMm: number): Signed => {
  const inner = halfMm - cornerMm;
  const half = inner * Math.tan(Math.PI / 6);
  return (px, py) => {
    let x = Math.abs(px);
    let y = Math.abs(py);
    const over = Math.max(0, x * Math.cos(Math.PI / 6) - y * 0.5);
    x -= 2 * over * Math.cos(Math.PI / 6);
    y += 2 * over * 0.5;
    const dx = x - Math.max(-half, Math.min(half, x));
    const dy = y - inner;
    return Math.hypot(dx, dy) * (dy < 0 ? -1 : 1) - cornerMm;
  };
};

function signedOf(tier: Tier, cornerMm: number): Signed {
  const half = tier.diameterMm / 2;
  if (tier.shape === 'round') return (x, y) => Math.hypot(x, y) - half;
  if (tier.shape === 'hexagon') return hexagonDistance(half, cornerMm);
  return boxDistance(half, (tier.shape === 'rectangle' ? tier.depthMm : tier.diameterMm) / 2, cornerMm);
}

/** The corner radius that a tier really has: as asked, at least its top edge's, at most what its sides leave. */
function cornerRadiusMm(tier: Tier, edgeMm: number): number {
  if (tier.shape === 'round') return tier.diameterMm / 2;
  const least = Math.min(tier.diameterMm, tier.shape === 'rectangle' ? tier.depthMm : Infinity) / 2;
  return Math.min(Math.max(tier.cornerMm, edgeMm + 0.5), least - 0.5);
}

export function outlineOf(tier: Tier, edgeMm: number): Outline {
  const corner = cornerRadiusMm(tier, edgeMm);
  const own = signedOf(tier, corner);
  const { xMm, yMm } = tier.offset;
  const c = Math.cos(tier.turnRad);
  const s = Math.sin(tier.turnRad);
  const plain = tier.shape === 'round' && xMm === 0 && yMm === 0;
  const signedMm: Signed = (x, y) => own((x - xMm) * c + (y - yMm) * s, (y - yMm) * c - (x - xMm) * s);
  const corners = coreCorners(tier, corner);
  const far = Math.max(...corners.map(([x, y]) => Math.hypot(x, y))) + corner;
  const nearMm = -own(0, 0);

  const outwardAt = (x: number, y: number): readonly [number, number] => {
    const e = 0.01;
    const gx = signedMm(x + e, y) - signedMm(x - e, y);
    const gy = signedMm(x, y + e) - signedMm(x, y - e);
    const size = Math.hypot(gx, gy);
    return size > 1e-9 ? [gx / size, gy / size] : [1, 0];
  };

  const reachMm = (x: number, y: number, azimuthRad: number, insetMm: number): number => {
    if (plain && x === 0 && y === 0) return tier.diameterMm / 2 - insetMm;
    const ux = Math.cos(azimuthRad);
    const uy = Math.sin(azimuthRad);
    let t = 0;
    for (let i = 0; i < 200; i++) {
      const d = -(signedMm(x + ux * t, y + uy * t) + insetMm);
      if (d < 1e-5) break;
      t += d;
    }
    return t;
  };

  const round = (insetMm: number): OutlinePoint[] => {
    const radius = corner - insetMm;
    const n = corners.length;
    const steps = n === 1 ? ROUND_STEPS : CORNER_STEPS;
    const points: OutlinePoint[] = [];
    const start = n === 4 ? 0 : n === 6 ? -Math.PI / 6 : 0;
    corners.forEach(([x, y], k) => {
      for (let i = 0; i < (n === 1 ? steps : steps + 1); i++) {
        const a = start + (TAU * (k + i / steps)) / n + tier.turnRad;
        const [nx, ny] = [Math.cos(a), Math.sin(a)];
        points.push({ x: xMm + x * c - y * s + nx * radius, y: yMm + x * s + y * c + ny * radius, nx, ny });
      }
    });
    return points;
  };

  return { xMm, yMm, farMm: far, nearMm, signedMm, outwardAt, reachMm, round };
}
