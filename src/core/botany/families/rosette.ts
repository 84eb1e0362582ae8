import { flower, sepals, type Shape } from '../shape/recipe';

/** Many petals wrapped round a dry centre, a guard ring that falls open: garden rose. */
export const gardenRose: Shape = flower({
  cup: [0.15, 0.26],
  core: { radius: 0.15, rise: 0.02, squash: 0.7, shade: 0.3 },
  whorls: [
    {
      count: 9,
      layout: 'golden',
      near: [6, 6],
      far: [2, 2],
      farCount: 5,
      wobble: 0.5,
      inner: { length: 0.62, halfWidth: 0.22, offset: 0.025, rise: 0.1, open: 4, curl: -6, cup: 90, wrap: 1, fullest: 0.7, baseWidth: 0.6, tipWidth: 0.84, tipDrop: 0.1, rimRoll: 10, skew: 0.12 },
      outer: { length: 0.72, halfWidth: 0.42, offset: 0.1, rise: 0.04, open: 26, curl: -28, cup: 80, wrap: 0.75, rimRoll: 26, sideRoll: 0.06, skew: 0.14 },
      bud: { length: 0.66, halfWidth: 0.2, offset: 0.012, open: 26, curl: -56, rimRoll: 2 },
      budOuter: { open: 33, curl: -68, wrap: 1, offset: 0.05, rise: 0.03, rimRoll: 2, length: 0.78, halfWidth: 0.36, sideRoll: 0, tipWidth: 0.6, tipDrop: 0.24, skew: 0.1 },
    },
    {
      count: 12,
      layout: 'golden',
      phase: 1.2,
      near: [6, 6],
      far: [2, 3],
      farCount: 6,
      wobble: 0.8,
      inner: { length: 0.76, halfWidth: 0.5, offset: 0.12, rise: 0.02, open: 44, curl: -46, cup: 74, cupTip: 60, wrap: 0.4, fullest: 0.66, baseWidth: 0.5, tipWidth: 0.76, tipDrop: 0.16, rimRoll: 42, rimAt: 0.68, sideRoll: 0.12, skew: 0.14, ruffle: 0.01, ruffleCycles: 2 },
      outer: { length: 0.88, halfWidth: 0.6, offset: 0.16, rise: -0.03, open: 68, curl: -54, cup: 50, cupTip: 34, wrap: 0.15, rimRoll: 62, rimAt: 0.66, sideRoll: 0.22, point: 0.03 },
      bud: { open: 34, curl: -70, wrap: 1, rimRoll: 3, offset: 0.062, sideRoll: 0, length: 0.8, halfWidth: 0.4, skew: 0.1 },
      budOuter: { open: 37, curl: -73, wrap: 1, offset: 0.1, rimRoll: 10, rimAt: 0.75, length: 0.86, halfWidth: 0.46, sideRoll: 0.02, tipWidth: 0.55, tipDrop: 0.26 },
    },
    {
      count: 6,
      layout: 'ring',
      phase: 0.3,
      near: [8, 7],
      far: [4, 3],
      farCount: 5,
      inner: { length: 0.98, halfWidth: 0.64, offset: 0.14, rise: -0.07, open: 80, curl: -46, cup: 38, cupTip: 16, fullest: 0.64, baseWidth: 0.46, tipWidth: 0.74, tipDrop: 0.2, rimRoll: 74, rimAt: 0.62, sideRoll: 0.3, skew: 0.12, point: 0.05, ruffle: 0.016, ruffleCycles: 2 },
      bud: { open: 42, curl: -74, wrap: 1, offset: 0.11, rimRoll: 44, rimAt: 0.7, length: 0.86, halfWidth: 0.5, sideRoll: 0.06, tipWidth: 0.55, tipDrop: 0.26 },
    },
  ],
  sepals: sepals(5, { length: 0.55, halfWidth: 0.12, rise: -0.14, offset: 0.12 }, { open: 66, curl: -76, wrap: 0.8, length: 0.6, offset: 0.06, rise: -0.1 }),
});

/** Fifty thin shells one inside the other, a green heart: ranunculus. */
export const ranunculus: Shape = flower({
  cup: [0.15, 0.16],
  paint: () => ({ inner: '#b9c47c', innerShare: 0.9, rimShare: 0.75 }),
  whorls: [
    {
      count: 52,
      layout: 'golden',
      ease: 0.8,
      near: [4, 5],
      far: [2, 3],
      farCount: 22,
      wobble: 0.55,
      inner: { length: 0.26, halfWidth: 0.13, rise: 0.26, open: 12, curl: -40, cup: 110, cupTip: 95, baseWidth: 0.5, tipWidth: 0.72, tipDrop: 0.2 },
      outer: { length: 0.84, halfWidth: 0.42, offset: 0.17, rise: -0.04, open: 88, curl: -84, cup: 66, cupTip: 44, baseWidth: 0.42, fullest: 0.64 },
      bud: { open: 10, curl: -40, length: 0.24 },
      budOuter: { open: 84, curl: -122, length: 0.76, wrap: 1, offset: 0.06, halfWidth: 0.4 },
    },
    {
      count: 5,
      layout: 'ring',
      near: [6, 5],
      far: [2, 2],
      inner: { length: 0.84, halfWidth: 0.5, offset: 0.16, rise: -0.06, open: 92, curl: -80, cup: 52, cupTip: 30, fullest: 0.64, baseWidth: 0.4, tipWidth: 0.72, tipDrop: 0.2, rimRoll: 20, ruffle: 0.012, ruffleCycles: 2 },
      bud: { open: 88, curl: -126, wrap: 1, length: 0.86, offset: 0.075, halfWidth: 0.48, rimRoll: 0 },
    },
  ],
});

/** A ruffled heart inside broad guard petals: peony. */
export const peony: Shape = flower({
  cup: [0.18, 0.2],
  core: { radius: 0.17, rise: 0.02, squash: 0.8, shade: 0.3 },
  whorls: [
    {
      count: 30,
      layout: 'golden',
      ease: 0.9,
      near: [4, 4],
      far: [2, 2],
      farCount: 13,
      wobble: 2.4,
      inner: { length: 0.66, halfWidth: 0.24, offset: 0.02, rise: 0.12, open: 4, curl: 0, cup: 55, fullest: 0.72, baseWidth: 0.3, tipWidth: 0.86, tipDrop: 0.08, notch: 0.2, ruffle: 0.06, ruffleCycles: 2.6, ruffleFrom: 0.4, skew: 0.2 },
      outer: { length: 0.86, halfWidth: 0.4, offset: 0.14, rise: 0.02, open: 56, curl: -34, cup: 52, ruffle: 0.045, notch: 0.14, rimRoll: 24 },
      bud: { open: 14, curl: -40, wrap: 1, ruffle: 0.02, notch: 0.08, length: 0.5, rise: 0.1 },
      budOuter: { open: 70, curl: -126, wrap: 1, offset: 0.05, rise: 0.02, ruffle: 0.01, length: 0.84, rimRoll: 0, halfWidth: 0.4, tipWidth: 0.55, tipDrop: 0.22 },
    },
    ...[0.2, 0.7].map((phase, k) => ({
      count: 6,
      layout: 'ring' as const,
      phase,
      near: [8, 6] as const,
      far: [4, 2] as const,
      farCount: 5,
      inner: { length: 1 + 0.08 * k, halfWidth: 0.56 + 0.04 * k, offset: 0.16, rise: -0.05 - 0.05 * k, open: 82 + 16 * k, curl: -62 + 10 * k, cup: 52 - 12 * k, cupTip: 40 - 14 * k, fullest: 0.66, baseWidth: 0.36, tipWidth: 0.76, tipDrop: 0.12, notch: 0.08, notchSpread: 0.2, ruffle: 0.03, rimRoll: 26 + 8 * k, rimAt: 0.72, skew: 0.12 },
      bud: { open: 80 + 4 * k, curl: -136, wrap: 1, length: 0.98, halfWidth: 0.5, offset: 0.06 + 0.016 * k, ruffle: 0.006, rimRoll: 4, tipWidth: 0.55, tipDrop: 0.24, notch: 0.03 },
    })),
  ],
  sepals: sepals(4, { length: 0.4, halfWidth: 0.17, rise: -0.12, offset: 0.1, open: 100, curl: -10 }, { open: 86, curl: -70, wrap: 1 }),
});

/** Flat rounds laid in a spiral, each a little larger than the last: formal camellia. */
export const camellia: Shape = flower({
  cup: [0.14, 0.18],
  core: { radius: 0.1, rise: 0.06, squash: 0.8, shade: 0.25 },
  whorls: [
    {
      count: 46,
      layout: 'golden',
      ease: 0.9,
      near: [6, 5],
      far: [3, 2],
      farCount: 26,
      wobble: 0.35,
      inner: { length: 0.24, halfWidth: 0.15, rise: 0.18, open: 14, curl: -26, cup: 90, fullest: 0.6, baseWidth: 0.5, tipWidth: 0.8, tipDrop: 0.16 },
      outer: { length: 0.88, halfWidth: 0.42, offset: 0.14, rise: -0.05, open: 88, curl: -26, cup: 30, cupTip: 12, baseWidth: 0.4, fullest: 0.64, notch: 0.03, rimRoll: 8 },
      bud: { open: 12, curl: -40, length: 0.22 },
      budOuter: { open: 80, curl: -120, length: 0.76, wrap: 1, offset: 0.06, halfWidth: 0.4 },
    },
  ],
  sepals: sepals(5, { length: 0.3, halfWidth: 0.16, rise: -0.14, offset: 0.1, open: 92 }, { open: 70, curl: -60, wrap: 1 }),
});

/** Fringed, crumpled petals crowded out of one long calyx: carnation. */
export const carnation: Shape = flower({
  cup: [0.17, 0.5],
  core: { radius: 0.14, rise: 0, squash: 0.9, shade: 0.3 },
  paint: () => ({ innerShare: 0.5, rimShare: 0.8 }),
  whorls: [
    {
      count: 44,
      layout: 'golden',
      ease: 0.9,
      near: [8, 5],
      far: [4, 3],
      farCount: 24,
      wobble: 2.2,
      inner: { length: 0.6, halfWidth: 0.26, offset: 0.02, rise: 0.06, open: 10, curl: 6, cup: 40, fullest: 0.86, baseWidth: 0.2, tipWidth: 0.94, tipDrop: 0.06, teeth: 0.05, toothCount: 7, ruffle: 0.1, ruffleCycles: 3.4, ruffleFrom: 0.35, skew: 0.2 },
      outer: { length: 0.82, halfWidth: 0.42, offset: 0.1, rise: -0.05, open: 74, curl: 12, cup: 24, ruffle: 0.11, rimRoll: 16 },
      bud: { open: 8, curl: -16, wrap: 0.9, length: 0.5, ruffle: 0.03 },
      budOuter: { open: 16, curl: -30, wrap: 1, length: 0.66, halfWidth: 0.3, ruffle: 0.03 },
    },
  ],
});

/** A loose whirl of soft petals, edges thrown outward: lisianthus. */
export const lisianthus: Shape = flower({
  cup: [0.1, 0.22],
  paint: (h) => ({ base: '#dfe6c0', midAt: 0.3, inner: h.hue, innerShare: 0.5, rimShare: 0.8 }),
  whorls: [
    {
      count: 14,
      layout: 'golden',
      near: [8, 7],
      far: [3, 3],
      farCount: 8,
      wobble: 1,
      inner: { length: 0.72, halfWidth: 0.3, offset: 0.03, rise: 0.06, open: 12, curl: -14, cup: 80, wrap: 0.7, fullest: 0.7, baseWidth: 0.4, tipWidth: 0.78, tipDrop: 0.12, rimRoll: 24, skew: 0.2, ruffle: 0.03, ruffleCycles: 2.4 },
      outer: { length: 0.98, halfWidth: 0.56, offset: 0.11, rise: -0.08, open: 62, curl: -30, cup: 46, cupTip: 20, wrap: 0.15, rimRoll: 54, rimAt: 0.66, sideRoll: 0.16, point: 0.03, ruffle: 0.03 },
      bud: { open: 14, curl: -26, wrap: 1, rimRoll: 0, length: 0.9, halfWidth: 0.3 },
      budOuter: { open: 26, curl: -46, wrap: 1, rimRoll: 4, halfWidth: 0.42, twist: 16 },
    },
  ],
  sepals: sepals(5, { length: 0.5, halfWidth: 0.05, rise: -0.16, offset: 0.07, open: 44 }, { open: 26 }),
});
