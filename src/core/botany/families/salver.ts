import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** Flat petals on a narrow tube: a few round ones in a ring. */
const salver = (r: {
  petals: number;
  halfWidth: number;
  length: number;
  open: number;
  eye: string;
  eyeSize: number;
  twist?: number;
  tipWidth?: number;
  point?: number;
}): Shape =>
  flower({
    cup: [0.07, 0.3],
    paint: (h) => ({ base: shade(h.hue, 0.18, 0.7), midAt: 0.24, inner: undefined, outer: undefined, rimShare: 0.55 }),
    whorls: [
      {
        count: r.petals,
        layout: 'ring',
        near: [7, 6],
        far: [2, 2],
        wobble: 0.5,
        inner: {
          length: r.length,
          halfWidth: r.halfWidth,
          offset: 0.07,
          rise: 0,
          open: r.open,
          curl: 8,
          cup: 18,
          cupTip: 6,
          fullest: 0.62,
          baseWidth: 0.26,
          tipWidth: r.tipWidth ?? 0.7,
          tipDrop: 0.2,
          skew: 0.16,
          twist: r.twist ?? 0,
          point: r.point ?? 0,
          crease: 0.025,
          creaseSpread: 0.1,
        },
        bud: { open: 18, curl: -44, cup: 90, wrap: 0.9, halfWidth: r.halfWidth * 0.7 },
      },
    ],
    sepals: sepals(r.petals, { length: 0.22, halfWidth: 0.06, rise: -0.22, offset: 0.05, open: 30, curl: 0 }, { open: 14 }),
    centre: () => ({
      rise: 0.01,
      dome: { radius: r.eyeSize, height: 0.07, colours: [shade(r.eye, -0.2), r.eye, shade(r.eye, 0.2)] },
    }),
  });

/** Five round petals round a yellow eye: forget-me-not. */
export const forgetMeNot = salver({ petals: 5, halfWidth: 0.5, length: 0.92, open: 86, eye: '#f2c93f', eyeSize: 0.15 });
/** Five pointed waxy petals, turned a little like a propeller: jasmine. */
export const jasmine = salver({
  petals: 5,
  halfWidth: 0.3,
  length: 0.96,
  open: 82,
  eye: '#dfe0a6',
  eyeSize: 0.06,
  twist: 14,
  tipWidth: 0.3,
  point: 0.06,
});
/** Four broad petals that overlap: one floret of a hydrangea. */
export const hydrangea = salver({
  petals: 4,
  halfWidth: 0.58,
  length: 0.92,
  open: 78,
  eye: '#cfd6a8',
  eyeSize: 0.08,
  tipWidth: 0.42,
  point: 0.05,
});
