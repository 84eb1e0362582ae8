import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** Eight toothed rays round a golden disc: cosmos. */
export const cosmos: Shape = flower({
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

interface Daisy {
  rays: number;
  length: number;
  halfWidth: number;
  layers: number;
  open: number;
  disc: number;
  dome: number;
  florets: number;
  colours: readonly [string, string, string];
  balls: readonly [string, string];
  rim?: readonly [string, string];
  point?: number;
  notch?: number;
}

/** Rays round a disc of florets set by the golden angle. */
const daisyLike = (r: Daisy): Shape =>
  flower({
    cup: [r.disc * 0.8, 0.16],
    paint: (h) => ({ midAt: 0.35, rimShare: 0.4, inner: undefined, outer: undefined, stripe: shade(h.hue, -0.1, 1.1), stripeShare: 0.3, stripeSpread: 0.12 }),
    whorls: Array.from({ length: r.layers }, (_, k) => ({
      count: r.rays,
      layout: 'ring' as const,
      phase: k / r.layers,
      near: [4, 6] as const,
      far: [1, 2] as const,
      wobble: 1,
      inner: { length: r.length - 0.05 * k, halfWidth: r.halfWidth, offset: r.disc * 0.85, rise: 0.03 * (r.layers - 1 - k) - 0.02, open: r.open + 8 * k, curl: 8, cup: 26, cupTip: 10, fullest: 0.58, baseWidth: 0.46, tipWidth: r.point ? 0.26 : 0.62, tipPower: r.point ? 1.6 : 2, tipDrop: 0.1, point: r.point ?? 0, notch: r.notch ?? 0, notchSpread: 0.3, crease: 0.025, creaseSpread: 0.14 },
      bud: { open: 16, curl: -24, length: 0.5 },
    })),
    sepals: sepals(11, { length: 0.32, halfWidth: 0.07, rise: -0.1, open: 96 }, {}),
    centre: () => ({
      rise: 0.01,
      dome: { radius: r.disc, height: r.dome, colours: r.colours },
      balls: { count: r.florets, radius: r.disc, height: r.dome + 0.02, size: (1.9 * r.disc) / Math.sqrt(r.florets) / 2.2, maxDeg: 90, colours: r.balls, rimColours: r.rim },
    }),
  });

/** Twenty-one narrow white rays, a high yellow disc: daisy. */
export const daisy = daisyLike({ rays: 21, length: 0.74, halfWidth: 0.1, layers: 1, open: 84, disc: 0.27, dome: 0.16, florets: 80, colours: ['#b98718', '#e0ad2f', '#f0c84f'], balls: ['#e3b233', '#f6d978'], notch: 0.03 });
/** Three offset layers of broad rays, a dark-rimmed disc: gerbera. */
export const gerbera = daisyLike({ rays: 19, length: 0.76, halfWidth: 0.105, layers: 3, open: 70, disc: 0.24, dome: 0.08, florets: 110, colours: ['#3c2a2a', '#7a6034', '#c8b06a'], balls: ['#cdb872', '#e9dca4'], rim: ['#3a2226', '#6b4a3a'] });
/** Two layers of pointed golden rays round a wide dark disc: sunflower. */
export const sunflower = daisyLike({ rays: 17, length: 0.62, halfWidth: 0.13, layers: 2, open: 76, disc: 0.42, dome: 0.12, florets: 190, colours: ['#2c1a14', '#46291a', '#5c3a22'], balls: ['#3a2217', '#5d3b22'], rim: ['#7a4a1e', '#c98a2e'], point: 0.1 });
