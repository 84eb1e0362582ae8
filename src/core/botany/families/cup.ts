import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** Two rings of five broad petals round a dark boss of stamens: anemone. */
export const anemone: Shape = flower({
  paint: (h) => ({ base: shade(h.hue, -0.22, 0.8), midAt: 0.5, inner: undefined, outer: undefined, rimShare: 0.7, stripe: shade(h.hue, -0.12, 0.9), stripeShare: 0.5, stripeSpread: 0.09 }),
  whorls: [0, 0.5].map((phase, k) => ({
    count: 5,
    layout: 'ring' as const,
    phase,
    near: [8, 7] as const,
    far: [2, 3] as const,
    inner: { length: 0.92 + 0.06 * k, halfWidth: 0.44, offset: 0.1, rise: -0.06 * k, open: 80 + 12 * k, curl: -34, cup: 38 - 4 * k, cupTip: 24 - 6 * k, baseWidth: 0.42, tipWidth: 0.58, tipDrop: 0.24, skew: 0.16, ruffle: 0.03, ruffleCycles: 2.5, rimRoll: 16 + 4 * k, crease: 0.022, creaseSpread: 0.1 },
    bud: { open: 58 + 8 * k, curl: -85, wrap: 0.9, offset: 0.06 + 0.02 * k },
  })),
  centre: (h) => {
    const dark = h.second ?? '#2a2436';
    return {
      rise: 0.02,
      dome: { radius: 0.2, height: 0.17, colours: [dark, dark, shade(dark, 0.14)] },
      balls: { count: 16, radius: 0.19, height: 0.17, size: 0.032, maxDeg: 80, colours: [dark, shade(dark, 0.16)] },
      stamens: { count: 34, radius: 0.17, length: 0.26, openDeg: [52, 84], filament: shade(dark, 0.1), anther: dark, antherSize: 0.034 },
    };
  },
});

/** Five notched petals and a tuft of gold: blossom. */
export const blossom: Shape = flower({
  cup: [0.13, 0.2],
  paint: (h) => ({ base: shade(h.second ?? h.hue, -0.06, 1.3), midAt: 0.32, inner: undefined, outer: undefined, rimShare: 0.6 }),
  whorls: [
    {
      count: 5,
      layout: 'ring',
      near: [8, 6],
      far: [2, 2],
      inner: { length: 0.92, halfWidth: 0.46, offset: 0.06, open: 66, curl: 8, cup: 44, cupTip: 22, fullest: 0.64, baseWidth: 0.22, tipWidth: 0.6, tipDrop: 0.18, notch: 0.12, notchSpread: 0.2, skew: 0.14, crease: 0.03, creaseSpread: 0.12, ruffle: 0.02, ruffleCycles: 2 },
      bud: { open: 30, curl: -62, cup: 90, wrap: 0.9, halfWidth: 0.4 },
    },
  ],
  sepals: sepals(5, { length: 0.34, halfWidth: 0.1, rise: -0.08 }, { open: 40, curl: -50, wrap: 0.8 }),
  centre: () => ({
    rise: 0.02,
    dome: { radius: 0.09, height: 0.06, colours: ['#c3c987', '#cfd48e', '#dfe09e'] },
    stamens: { count: 14, radius: 0.04, length: 0.36, openDeg: [12, 44], filament: '#f6efcf', anther: '#e3ae45', antherSize: 0.04 },
  }),
});

/** Four crumpled petals round a ribbed seed head and a ring of dark stamens: poppy. */
export const poppy: Shape = flower({
  paint: (h) => ({ base: h.second ?? shade(h.hue, -0.5, 0.8), midAt: 0.22, inner: undefined, outer: undefined, rimShare: 0.5, stripe: shade(h.hue, -0.1, 1), stripeShare: 0.3, stripeSpread: 0.2 }),
  whorls: [0, 0.5].map((phase, k) => ({
    count: 2,
    layout: 'ring' as const,
    phase,
    near: [12, 9] as const,
    far: [4, 4] as const,
    wobble: 1.2,
    inner: { length: 0.98 - 0.05 * k, halfWidth: 0.84, offset: 0.05, rise: -0.04 * k, open: 62 + 16 * k, curl: -10, cup: 44, cupTip: 16, fullest: 0.68, baseWidth: 0.24, tipWidth: 0.78, tipDrop: 0.16, ruffle: 0.075, ruffleCycles: 4.6, ruffleFrom: 0.3, rimRoll: 14, skew: 0.1, crease: 0.02, creaseSpread: 0.2 },
    bud: { open: 20, curl: -50, cup: 100, wrap: 0.9, halfWidth: 0.5, ruffle: 0.02 },
  })),
  centre: () => ({
    rise: 0.02,
    dome: { radius: 0.14, height: 0.2, colours: ['#7d8f5a', '#a3b077', '#c3c98f'] },
    stamens: { count: 40, radius: 0.13, length: 0.26, openDeg: [40, 78], filament: '#3a2c3c', anther: '#2a2030', antherSize: 0.034 },
  }),
});

/** Four broad bracts with a dent at the tip round a knob of tiny flowers: dogwood. */
export const dogwood: Shape = flower({
  paint: (h) => ({ base: shade(h.hue, -0.04, 1.05), midAt: 0.4, inner: undefined, outer: undefined, rimShare: 0.6 }),
  whorls: [
    {
      count: 4,
      layout: 'ring',
      near: [8, 7],
      far: [2, 3],
      inner: { length: 0.92, halfWidth: 0.44, offset: 0.07, open: 78, curl: -14, cup: 22, cupTip: 10, fullest: 0.6, baseWidth: 0.26, tipWidth: 0.4, tipDrop: 0.14, notch: 0.1, notchSpread: 0.16, skew: 0.06, ruffle: 0.016, ruffleCycles: 2, crease: 0.03, creaseSpread: 0.1 },
      bud: { open: 36, curl: -70, wrap: 0.9 },
    },
  ],
  centre: (h) => ({
    rise: 0.03,
    dome: { radius: 0.14, height: 0.13, colours: [shade(h.second ?? '#b9c58a', -0.2), h.second ?? '#b9c58a', '#dfe0b0'] },
    balls: { count: 14, radius: 0.13, height: 0.13, size: 0.035, maxDeg: 80, colours: ['#b9c58a', '#dfe0b0'] },
  }),
});

/** Eight narrow petals of paper round nothing but their wire. */
export const paperPetals: Shape = flower({
  paint: (h) => ({ base: shade(h.hue, -0.16, 1.1), midAt: 0.35, inner: undefined, outer: undefined, rimShare: 0.6 }),
  whorls: [
    {
      count: 8,
      layout: 'ring',
      near: [7, 5],
      far: [2, 2],
      wobble: 0.6,
      inner: { length: 0.94, halfWidth: 0.3, offset: 0.04, open: 58, curl: 26, cup: 20, cupTip: 8, fullest: 0.62, baseWidth: 0.2, tipWidth: 0.5, tipDrop: 0.16, skew: 0.2, crease: 0.02, creaseSpread: 0.1 },
      bud: { open: 30 },
    },
  ],
});

/** Two wings, folded up a little from the body between them. */
export const wings: Shape = flower({
  paint: (h) => ({ base: shade(h.hue, -0.24, 1.1), midAt: 0.5, inner: undefined, outer: undefined, rimShare: 0.8, stripe: shade(h.hue, -0.3), stripeShare: 0.3, stripeSpread: 0.05 }),
  whorls: [
    {
      count: 2,
      layout: 'ring',
      near: [9, 8],
      far: [3, 3],
      inner: { length: 0.96, halfWidth: 0.62, offset: 0.03, open: 66, curl: -8, cup: -6, fullest: 0.66, baseWidth: 0.34, tipWidth: 0.5, tipDrop: 0.1, lobes: 2, lobeDepth: 0.3, ruffle: 0.01, ruffleCycles: 2 },
      bud: { open: 40 },
    },
  ],
  centre: () => ({ rise: 0.02, dome: { radius: 0.05, height: 0.16, colours: ['#3b332e', '#4a403a', '#5b5049'] } }),
});

/** Five broad sepals like petals, a ring of green nectaries and pale stamens: hellebore. */
export const hellebore: Shape = flower({
  paint: (h) => ({ base: shade(h.hue, -0.1, 1.1), midAt: 0.4, inner: undefined, outer: undefined, rimShare: 0.7, stripe: h.second, stripeShare: h.second ? 0.4 : 0, stripeSpread: 0.1 }),
  whorls: [
    {
      count: 5,
      layout: 'ring',
      near: [8, 7],
      far: [3, 3],
      inner: { length: 0.94, halfWidth: 0.54, offset: 0.08, open: 70, curl: -22, cup: 42, cupTip: 26, fullest: 0.58, baseWidth: 0.4, tipWidth: 0.42, tipPower: 1.7, tipDrop: 0.12, point: 0.05, skew: 0.2, ruffle: 0.014, ruffleCycles: 2, crease: 0.024, creaseSpread: 0.1 },
      bud: { open: 40, curl: -80, wrap: 0.95 },
    },
    {
      count: 9,
      layout: 'ring',
      near: [3, 4],
      far: [1, 1],
      paint: { base: '#9fb356', mid: '#b4c46a', tip: '#c8d382', rim: '#d6dd9c', stripe: undefined },
      inner: { length: 0.2, halfWidth: 0.06, offset: 0.14, rise: 0.03, open: 54, curl: -30, cup: 120, baseWidth: 0.5, tipWidth: 0.6, tipDrop: 0.1 },
      bud: { open: 20 },
    },
  ],
  centre: () => ({
    rise: 0.03,
    dome: { radius: 0.08, height: 0.08, colours: ['#b7c07a', '#c9cf92', '#dfe0b0'] },
    stamens: { count: 34, radius: 0.08, length: 0.34, openDeg: [18, 58], filament: '#eef0d4', anther: '#e8dc9c', antherSize: 0.034 },
  }),
});
