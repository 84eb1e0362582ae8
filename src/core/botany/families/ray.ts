import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** Eight toothed rays round a golden disc: cosmos. */
export const cosmos: Shape = flower({
  solid: 0.03,
  cup: [0.12, 0.16],
  paint: (h) => ({ midAt: 0.3, rimShare: 0.4, inner: undefined, outer: undefined, stripe: shade(h.hue, -0.12, 1.2), stripeShare: 0.25, stripeSpread: 0.1 }),
  whorls: [
    {
      count: 8,
      layout: 'ring',
      near: [8, 6],
      far: [4, 2],
      inner: { length: 0.94, halfWidth: 0.33, offset: 0.08, open: 76, curl: 10, cup: 22, cupTip: -10, fullest: 0.74, baseWidth: 0.24, tipWidth: 0.8, tipDrop: 0.1, teeth: 0.09, skew: 0.12, crease: 0.02, creaseSpread: 0.14, ruffle: 0.02, rimRoll: 10 },
      bud: { open: 25, curl: -30, cup: 60, length: 0.6 },
    },
  ],
  sepals: sepals(8, { length: 0.3, halfWidth: 0.06, rise: -0.05, open: 95 }, {}),
  centre: () => ({
    rise: 0,
    dome: { radius: 0.18, height: 0.08, colours: ['#b97a1e', '#d99a35', '#e7b64f'] },
    balls: { count: 46, radius: 0.18, height: 0.1, size: 0.03, maxDeg: 88, colours: ['#e2ac3a', '#f7da7a'], rimColours: ['#a8591a', '#e7a43a'] },
  }),
});

/** Two offset layers of narrow rays, a pressed disc: daisy-like aster. */
export const aster: Shape = flower({
  solid: 0.04,
  cup: [0.16, 0.22],
  paint: () => ({ inner: undefined, outer: undefined }),
  whorls: [0, 0.5].map((phase, k) => ({
    count: 17,
    layout: 'ring' as const,
    phase,
    near: [4, 4] as const,
    far: [1, 1] as const,
    farCount: 15,
    inner: { length: 0.8 - 0.06 * k, halfWidth: 0.085, offset: 0.18, rise: 0.02 * k, open: 80 - 12 * k, curl: 4, cup: 30, fullest: 0.6, baseWidth: 0.5, tipWidth: 0.5, tipDrop: 0.1, notch: 0.05 },
    bud: { open: 14, curl: -20, length: 0.5 },
  })),
  sepals: sepals(9, { length: 0.3, halfWidth: 0.06, rise: -0.08, open: 100 }, {}),
  centre: () => ({
    rise: 0.02,
    dome: { radius: 0.22, height: 0.1, colours: ['#a9821f', '#cda12f', '#e4bf56'] },
    balls: { count: 60, radius: 0.21, height: 0.11, size: 0.026, maxDeg: 88, colours: ['#d3a22d', '#f0cf6b'] },
  }),
});
