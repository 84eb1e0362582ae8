import { shade } from '../shape/paint';
import { flower, sepals, type Shape } from '../shape/recipe';

/** A hundred boat-shaped florets on a ball, row in the gaps of row: formal dahlia. */
export const dahlia: Shape = flower({
  core: { radius: 0.3, rise: -0.06, squash: 0.8, shade: 0.45 },
  paint: () => ({ innerShare: 0.75, outerShare: 0.28, rimShare: 0.35 }),
  whorls: [
    {
      count: 116,
      layout: 'golden',
      ease: 0.9,
      near: [4, 4],
      far: [1, 1],
      farCount: 116,
      wobble: 0.35,
      ball: { radius: 0.3, maxDeg: 114, rise: -0.08, squash: 0.8, follow: 0.86 },
      inner: { length: 0.2, halfWidth: 0.075, open: 46, curl: -46, cup: 118, cupTip: 90, fullest: 0.58, baseWidth: 0.55, tipWidth: 0.02, tipPower: 1.7, tipDrop: 0 },
      outer: { length: 0.82, halfWidth: 0.17, open: 62, curl: -12, cup: 92, cupTip: 46, baseWidth: 0.55 },
      bud: { length: 0.2, open: 20, curl: -40 },
      budOuter: { length: 0.5, open: 30, curl: -80, cup: 100 },
    },
  ],
  sepals: sepals(7, { length: 0.4, halfWidth: 0.1, rise: -0.3, offset: 0.12, open: 100 }, { open: 78, curl: -60, rise: -0.24 }),
});

/** Frilled florets over a ball: pompon marigold, on its long green cup. */
export const marigold: Shape = flower({
  core: { radius: 0.42, rise: 0, squash: 1, shade: 0.28 },
  paint: (h) => ({ base: shade(h.hue, -0.06, 1.1), tip: shade(h.hue, 0.16, 1.05), outer: shade(h.hue, 0.12, 1.1), innerShare: 0.35, rimShare: 0.45 }),
  cup: [0.24, 0.56],
  whorls: [
    {
      count: 104,
      layout: 'golden',
      near: [6, 3],
      far: [1, 1],
      farCount: 120,
      wobble: 1.3,
      ball: { radius: 0.4, maxDeg: 122, rise: 0, squash: 1, follow: 0.9 },
      inner: { length: 0.3, halfWidth: 0.19, open: 46, curl: 24, cup: 26, fullest: 0.8, baseWidth: 0.34, tipWidth: 0.9, tipDrop: 0.1, notch: 0.08, notchSpread: 0.3, ruffle: 0.13, ruffleCycles: 2.1, ruffleFrom: 0.3, skew: 0.2 },
      outer: { length: 0.42, halfWidth: 0.24, open: 64, curl: 36, ruffle: 0.12, cup: 14 },
      bud: { length: 0.16, open: 20, curl: -30, ruffle: 0.03 },
      budOuter: { length: 0.26, open: 30, curl: -60, ruffle: 0.03 },
    },
  ],
});

/** Rows of short flat rays, each row under the last, a small golden eye: zinnia. */
export const zinnia: Shape = flower({
  core: { radius: 0.34, rise: -0.14, squash: 0.5, shade: 0.35 },
  paint: () => ({ innerShare: 0.5, outerShare: 0.3, rimShare: 0.5 }),
  whorls: [
    {
      count: 74,
      layout: 'golden',
      ease: 0.85,
      near: [5, 4],
      far: [2, 2],
      farCount: 46,
      wobble: 0.5,
      ball: { radius: 0.32, maxDeg: 96, rise: -0.14, squash: 0.55, follow: 0.92 },
      inner: { length: 0.2, halfWidth: 0.1, open: 40, curl: -30, cup: 60, fullest: 0.7, baseWidth: 0.5, tipWidth: 0.8, tipDrop: 0.12 },
      outer: { length: 0.72, halfWidth: 0.2, open: 62, curl: 6, cup: 26, cupTip: 10, fullest: 0.72, baseWidth: 0.44, tipWidth: 0.8, tipDrop: 0.12, notch: 0.04, crease: 0.02 },
      bud: { length: 0.16, open: 20, curl: -34 },
      budOuter: { length: 0.4, open: 30, curl: -60, cup: 80 },
    },
  ],
  centre: () => ({
    rise: 0.08,
    balls: { count: 18, radius: 0.1, height: 0.06, size: 0.03, maxDeg: 90, colours: ['#e0a52c', '#f6d268'] },
  }),
  sepals: sepals(9, { length: 0.34, halfWidth: 0.1, rise: -0.24, offset: 0.12, open: 100 }, { open: 70, curl: -40 }),
});

/** Some hundred and thirty narrow petals that curl inward over one another: chrysanthemum. */
export const chrysanthemum: Shape = flower({
  core: { radius: 0.26, rise: 0, squash: 0.9, shade: 0.35 },
  paint: () => ({ innerShare: 0.7, outerShare: 0.3, rimShare: 0.5 }),
  cup: [0.2, 0.26],
  whorls: [
    {
      count: 130,
      layout: 'golden',
      ease: 0.95,
      near: [3, 5],
      far: [1, 2],
      farCount: 90,
      wobble: 0.9,
      ball: { radius: 0.24, maxDeg: 118, rise: -0.02, squash: 0.9, follow: 0.88 },
      inner: { length: 0.34, halfWidth: 0.06, open: 38, curl: -84, cup: 100, cupTip: 80, fullest: 0.7, baseWidth: 0.5, tipWidth: 0.6, tipDrop: 0.1 },
      outer: { length: 0.84, halfWidth: 0.1, open: 70, curl: -66, cup: 84, cupTip: 60 },
      bud: { length: 0.26, open: 20, curl: -60 },
      budOuter: { length: 0.5, open: 30, curl: -90, cup: 110 },
    },
  ],
});
