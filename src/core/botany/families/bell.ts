import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** Five lobes grown into a bell that flares at its mouth, a style in the middle: bellflower. */
export const bellflower: Shape = flower({
  solid: 0.03,
  cup: [0.1, 0.14],
  paint: (h) => ({ base: shade(h.hue, 0.12, 0.9), midAt: 0.5, inner: undefined, outer: undefined, rimShare: 0.5, stripe: shade(h.hue, -0.14, 1.1), stripeShare: 0.35, stripeSpread: 0.08 }),
  whorls: [
    {
      count: 5,
      layout: 'ring',
      near: [8, 9],
      far: [3, 4],
      wobble: 0.4,
      inner: { length: 1.42, halfWidth: 0.5, offset: 0.16, rise: -0.5, open: 8, curl: 18, cup: 84, cupTip: 40, wrap: 0.72, fullest: 0.5, baseWidth: 0.62, tipWidth: 0.5, tipPower: 1.5, tipDrop: 0.12, rimRoll: 58, rimAt: 0.68, crease: 0.03, creaseSpread: 0.12 },
      bud: { open: 4, curl: -22, wrap: 1, rimRoll: 0, length: 1.1, halfWidth: 0.36 },
    },
  ],
  sepals: sepals(5, { length: 0.42, halfWidth: 0.08, rise: -0.52, offset: 0.12, open: 70, curl: 20 }, { open: 24, curl: -10 }),
  centre: () => ({
    rise: -0.4,
    stamens: { count: 3, radius: 0.03, length: 0.78, openDeg: [2, 8], filament: '#f3ecdc', anther: '#f0e3a8', antherSize: 0.05 },
  }),
});

/** Two rings of three broad petals that hold a cup: tulip. */
export const tulip: Shape = flower({
  solid: 0.03,
  paint: (h) => ({ base: shade(h.hue, 0.2, 0.8), midAt: 0.3, inner: undefined, outer: undefined, rimShare: 0.55, stripe: shade(h.hue, -0.08, 1), stripeShare: 0.4, stripeSpread: 0.12 }),
  whorls: [0, 0.5].map((phase, k) => ({
    count: 3,
    layout: 'ring' as const,
    phase,
    near: [9, 9] as const,
    far: [3, 4] as const,
    wobble: 0.7,
    inner: { length: 1.34 - 0.04 * k, halfWidth: 0.6, offset: 0.12 + 0.05 * k, rise: -0.5 - 0.04 * k, open: 36 + 6 * k, curl: -38, cup: 76, cupTip: 46, wrap: 0.3, fullest: 0.56, baseWidth: 0.46, tipWidth: 0.34, tipPower: 1.6, tipDrop: 0.1, point: 0.05, rimRoll: 8 + 10 * k, crease: 0.02, creaseSpread: 0.1, skew: 0.1 },
    bud: { open: 26, curl: -46, wrap: 0.95, halfWidth: 0.46, rimRoll: 0 },
  })),
  centre: () => ({
    rise: -0.3,
    dome: { radius: 0.1, height: 0.36, colours: ['#b9c26a', '#c9cf86', '#e6e2a8'] },
    stamens: { count: 6, radius: 0.1, length: 0.44, openDeg: [6, 16], filament: '#d8d7a0', anther: '#2f2436', antherSize: 0.06 },
  }),
});

/** Nine thick petals in threes, opening from a goblet: magnolia. */
export const magnolia: Shape = flower({
  solid: 0.04,
  paint: (h) => ({ base: shade(h.hue, -0.22, 1.5), midAt: 0.34, inner: undefined, outer: undefined, rimShare: 0.8 }),
  whorls: [0, 0.33, 0.66].map((phase, k) => ({
    count: 3,
    layout: 'ring' as const,
    phase,
    near: [8, 8] as const,
    far: [3, 3] as const,
    wobble: 1,
    inner: { length: 0.98 + 0.1 * k, halfWidth: 0.4 + 0.05 * k, offset: 0.09 + 0.03 * k, rise: -0.1 - 0.05 * k, open: 44 + 18 * k, curl: -36 + 10 * k, cup: 70 - 12 * k, cupTip: 44, fullest: 0.6, baseWidth: 0.4, tipWidth: 0.55, tipDrop: 0.18, rimRoll: 12 + 12 * k, crease: 0.02, creaseSpread: 0.12, skew: 0.1 },
    bud: { open: 30 + 4 * k, curl: -62, wrap: 0.95, halfWidth: 0.38, rimRoll: 0 },
  })),
  centre: () => ({
    rise: 0,
    dome: { radius: 0.09, height: 0.3, colours: ['#a9b46a', '#c3c987', '#dfe0a8'] },
    stamens: { count: 22, radius: 0.08, length: 0.22, openDeg: [40, 80], filament: '#e7d7c2', anther: '#cf9aa6', antherSize: 0.03 },
  }),
});

/** Six long petals thrown back, long stamens: lily. */
export const lily: Shape = flower({
  solid: 0.03,
  paint: (h) => ({ base: '#dfe3b8', midAt: 0.28, inner: undefined, outer: undefined, rimShare: 0.7, stripe: shade(h.second ?? h.hue, -0.1, 1.1), stripeShare: 0.5, stripeSpread: 0.1 }),
  whorls: [0, 0.5].map((phase, k) => ({
    count: 3,
    layout: 'ring' as const,
    phase,
    near: [7, 9] as const,
    far: [3, 4] as const,
    wobble: 0.8,
    inner: { length: 1.18, halfWidth: 0.32 - 0.06 * k, offset: 0.07, rise: -0.16 - 0.03 * k, open: 34, curl: 62, cup: 40, cupTip: 18, fullest: 0.5, baseWidth: 0.34, tipWidth: 0.12, tipPower: 1.5, tipDrop: 0.02, point: 0.06, ruffle: 0.02, ruffleCycles: 2.4, crease: 0.05, creaseSpread: 0.1 },
    bud: { open: 8, curl: -14, cup: 110, wrap: 0.9, halfWidth: 0.24, length: 1.1 },
  })),
  centre: () => ({
    rise: -0.12,
    stamens: { count: 6, radius: 0.05, length: 0.8, openDeg: [14, 30], filament: '#dfe7b4', anther: '#8c4a1e', antherSize: 0.07 },
  }),
});
