import { must } from './must';

export const TAU = Math.PI * 2;

/** The golden angle, 137.508° (H. Vogel, "A better way to construct the sunflower head", 1979), in radians. */
export const GOLDEN_ANGLE_RAD = Math.PI * (3 - Math.sqrt(5));

export const clamp = (x: number, low = 0, high = 1): number => (x < low ? low : x > high ? high : x);
export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
export const degToRad = (deg: number): number => (deg * Math.PI) / 180;
export const radToDeg = (rad: number): number => (rad * 180) / Math.PI;

/** 0 below `low`, 1 above `high`, smooth between. */
export function smoothstep(low: number, high: number, x: number): number {
  const t = clamp((x - low) / (high - low || 1e-9));
  return t * t * (3 - 2 * t);
}

/** 1 inside low…high, falling to 0 over `fall` on either side. */
export const band = (x: number, low: number, high: number, fall: number): number =>
  x < low ? clamp(1 - (low - x) / fall) : x > high ? clamp(1 - (x - high) / fall) : 1;

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
export const mean = (values: readonly number[]): number => (values.length ? sum(values) / values.length : 0);

/** Wraps an angle into −π…π. */
export const wrapRad = (rad: number): number => rad - TAU * Math.round(rad / TAU);

/** Pearson's correlation of two equally long lists; 0 when either does not vary. */
export function correlation(xs: readonly number[], ys: readonly number[]): number {
  const mx = mean(xs);
  const my = mean(ys);
  let sxy = 0;
  let sxx = 0;
  let syy = 0;
  for (let i = 0; i < xs.length; i++) {
    const [dx, dy] = [must(xs[i]) - mx, must(ys[i]) - my];
    sxy += dx * dy;
    sxx += dx * dx;
    syy += dy * dy;
  }
  return sxx > 1e-12 && syy > 1e-12 ? sxy / Math.sqrt(sxx * syy) : 0;
}
