/** A point or direction: x right seen from the front, y away from the viewer, z up. Right-handed. Points in mm. */
export type Vec3 = readonly [number, number, number];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
/** a + b·k */
export const addScaled = (a: Vec3, b: Vec3, k: number): Vec3 => [a[0] + b[0] * k, a[1] + b[1] * k, a[2] + b[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const equal = (a: Vec3, b: Vec3): boolean => a[0] === b[0] && a[1] === b[1] && a[2] === b[2];
/** By the square root, which every machine rounds alike, and several times faster than Math.hypot. */
export const length = (a: Vec3): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export function distance(a: Vec3, b: Vec3): number {
  const [x, y, z] = [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
  return Math.sqrt(x * x + y * y + z * z);
}
export const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

/** Unit vector; a zero-length vector gives `fallback` (straight up unless said). */
export function normalize(a: Vec3, fallback: Vec3 = [0, 0, 1]): Vec3 {
  const size = length(a);
  return size > 1e-9 ? [a[0] / size, a[1] / size, a[2] / size] : fallback;
}

/** Angle between two directions in radians, 0…π; 0 when either is zero. */
export function angleBetween(a: Vec3, b: Vec3): number {
  const size = length(a) * length(b);
  return size > 1e-12 ? Math.acos(Math.max(-1, Math.min(1, dot(a, b) / size))) : 0;
}

/** Any unit vector square to the unit vector `axis`, always the same one for the same axis. */
export function anyPerpendicular(axis: Vec3): Vec3 {
  const helper: Vec3 = Math.abs(axis[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
  return normalize(cross(helper, axis), [1, 0, 0]);
}

/** Turns `a` about the unit vector `axis` by `angleRad`, right-handed (Rodrigues' formula). */
export function rotateAbout(a: Vec3, axis: Vec3, angleRad: number): Vec3 {
  const c = Math.cos(angleRad);
  const s = Math.sin(angleRad);
  const k = dot(a, axis) * (1 - c);
  const x = cross(axis, a);
  return [a[0] * c + x[0] * s + axis[0] * k, a[1] * c + x[1] * s + axis[1] * k, a[2] * c + x[2] * s + axis[2] * k];
}

/** The point of segment p–q that is nearest to `a`, and how far along it lies (0…1). */
export function nearestOnSegment(a: Vec3, p: Vec3, q: Vec3): { pointMm: Vec3; along: number } {
  const d = sub(q, p);
  const size = dot(d, d);
  const along = size > 1e-12 ? Math.max(0, Math.min(1, dot(sub(a, p), d) / size)) : 0;
  return { pointMm: addScaled(p, d, along), along };
}
