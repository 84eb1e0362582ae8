import type { Vec3 } from './vec3';

/** Affine map: columns x, y, z and the origin, twelve numbers. */
export type Affine = readonly [
  ...[number, number, number],
  ...[number, number, number],
  ...[number, number, number],
  ...[number, number, number],
];

export const IDENTITY: Affine = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];

/** First b, then a. */
export function compose(a: Affine, b: Affine): Affine {
  const x = applyDirection(a, [b[0], b[1], b[2]]);
  const y = applyDirection(a, [b[3], b[4], b[5]]);
  const z = applyDirection(a, [b[6], b[7], b[8]]);
  return frame(x, y, z, applyPoint(a, [b[9], b[10], b[11]]));
}

export const chain = (...maps: Affine[]): Affine => maps.reduce(compose);
export const translation = (x: number, y: number, z: number): Affine => [1, 0, 0, 0, 1, 0, 0, 0, 1, x, y, z];
export const scaling = (k: number): Affine => [k, 0, 0, 0, k, 0, 0, 0, k, 0, 0, 0];

export function rotationX(rad: number): Affine {
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  return [1, 0, 0, 0, c, s, 0, -s, c, 0, 0, 0];
}
export function rotationY(rad: number): Affine {
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  return [c, 0, -s, 0, 1, 0, s, 0, c, 0, 0, 0];
}
export function rotationZ(rad: number): Affine {
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  return [c, s, 0, -s, c, 0, 0, 0, 1, 0, 0, 0];
}

export const applyPoint = (m: Affine, p: Vec3): Vec3 => [
  m[0] * p[0] + m[3] * p[1] + m[6] * p[2] + m[9],
  m[1] * p[0] + m[4] * p[1] + m[7] * p[2] + m[10],
  m[2] * p[0] + m[5] * p[1] + m[8] * p[2] + m[11],
];
export const applyDirection = (m: Affine, p: Vec3): Vec3 => [
  m[0] * p[0] + m[3] * p[1] + m[6] * p[2],
  m[1] * p[0] + m[4] * p[1] + m[7] * p[2],
  m[2] * p[0] + m[5] * p[1] + m[8] * p[2],
];

/** The map whose x, y, z axes are the given directions, at an origin. */
export const frame = (x: Vec3, y: Vec3, z: Vec3, origin: Vec3): Affine => [...x, ...y, ...z, ...origin];
