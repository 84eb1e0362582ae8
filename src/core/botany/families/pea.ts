import { flower, sepals, type Shape } from '../shape/recipe';
import { shade } from '../shape/paint';

/** One broad standard, two wings and a keel: sweet pea. Not round: its face looks along the head's axis, standard up. */
export const sweetPea: Shape = flower({
  cup: [0.08, 0.16],
  paint: (h) => ({ inner: undefined, outer: undefined, midAt: 0.3, stripe: shade(h.hue, -0.22, 1.2), stripeShare: 0.5, stripeSpread: 0.12 }),
  whorls: [
    {
      count: 1,
      layout: 'ring',
      azimuths: [90],
      near: [16, 10],
      far: [6, 4],
      wobble: 0.2,
      inner: { length: 1.12, halfWidth: 0.86, offset: 0.02, rise: -0.02, open: 52, curl: 14, cup: 10, cupTip: -16, fullest: 0.56, baseWidth: 0.26, tipWidth: 0.5, tipDrop: 0.2, notch: 0.12, notchSpread: 0.24, ruffle: 0.045, ruffleCycles: 3.4, ruffleFrom: 0.5, rimRoll: 26, rimAt: 0.6, crease: 0.06, creaseSpread: 0.09 },
      bud: { cup: 60, cupTip: 60, open: 0, curl: -10, rimRoll: 0, ruffle: 0.01, halfWidth: 0.5 },
    },
    {
      count: 2,
      layout: 'ring',
      azimuths: [220, -40],
      mirror: true,
      near: [6, 7],
      far: [2, 3],
      wobble: 0.2,
      paint: { base: '#f3ece6', mid: '#f0e2ec', tip: '#e8d2e6', rim: '#fbf3f9', rimShare: 0.7, stripe: undefined },
      inner: { length: 0.72, halfWidth: 0.42, offset: 0.04, open: 46, curl: -46, cup: 34, cupTip: 22, baseWidth: 0.24, tipWidth: 0.6, tipDrop: 0.24, ruffle: 0.03, ruffleCycles: 2, skew: -0.1, twist: -6, rimRoll: 30 },
      bud: { open: 4, cup: 100 },
    },
    {
      count: 2,
      layout: 'ring',
      azimuths: [250, -70],
      mirror: true,
      near: [4, 5],
      far: [2, 2],
      wobble: 0.2,
      paint: { base: '#eef0dc', mid: '#efe2ee', tip: '#f3e9f3', rim: '#fbf6fa', stripe: undefined },
      inner: { length: 0.42, halfWidth: 0.16, offset: 0.03, rise: 0.02, open: 26, curl: -50, cup: 78, fullest: 0.5, baseWidth: 0.4, tipWidth: 0.1, tipDrop: 0.1 },
    },
  ],
  sepals: sepals(5, { length: 0.22, halfWidth: 0.07, offset: 0.03, rise: -0.06, open: 40, curl: 10 }, { open: 30 }),
});
