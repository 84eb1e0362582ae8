import { shade } from '../shape/paint';
import { flower, sepals, type Shape } from '../shape/recipe';

/** A hundred boat-shaped florets on a ball, row in the gaps of row: formal dahlia. */
export const dahlia: Shape = flower({
  solid: 0.08,
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
  solid: 0.08,
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
