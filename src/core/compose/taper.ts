import { clamp } from '../geometry/numbers';

const TIP_WIDTH_SHARE = 0.22;

/** Full at the focal point, tapering to the tips: tip + (full − tip)(1 − x^1.7)^0.95. */
export const taper = (full: number, x: number): number => {
  const tip = full * TIP_WIDTH_SHARE;
  return tip + (full - tip) * Math.pow(Math.max(0, 1 - Math.pow(clamp(x), 1.7)), 0.95);
};

/** Distance from the focal point over the length of the arm that a place lies on. */
export const armShareFrom =
  (focal: number) =>
  (s: number): number =>
    s < focal ? (focal - s) / Math.max(0.05, focal) : (s - focal) / Math.max(0.05, 1 - focal);
