import type { Part } from '../part';
import {
  calyx,
  cone,
  gluedRing,
  head,
  heart,
  sepals,
  solidBud,
  stamens,
  wiredRing,
  type FlowerStage,
  type Petals,
} from './headParts';

/** Sizes in mm at the largest that is made, times a scale. */
type Stages = Readonly<Record<FlowerStage, (scale: number) => Part>>;

const petals = (place: number, count: number, longMm: number, shape: readonly [widthShare: number, thickMm: number]): Petals => ({
  place,
  count,
  longMm,
  widthShare: shape[0],
  thickMm: shape[1],
});

/**
 * Large flowers whose petals each have a wire of their own, taped round the stem ring by ring; their buds are solid or glued. Counts, sizes
 * and gauges of the own study; the pale-wired magnolia is common practice, no source.
 */
const RINGED = {
  peony: {
    bud: (k) => head(18, 21.7 * k, [solidBud(24 * k), calyx(25.2 * k)]),
    half: (k) => head(18, 43 * k, [cone(22.8 * k), gluedRing(petals(1, 7, 38 * k, [0.9, 0.7]), 'petal-glued'), calyx(36 * k)]),
    open: (k) =>
      head(18, 86 * k, [
        cone(20 * k),
        gluedRing(petals(1, 18, 30 * k, [0.8, 0.7]), 'petal-small'),
        wiredRing(petals(2, 6, 40 * k, [0.95, 0.7]), 26),
        wiredRing(petals(3, 6, 44 * k, [0.95, 0.7]), 26),
        calyx(36 * k),
      ]),
  },
  anemone: {
    bud: (k) => head(22, 13.7 * k, [solidBud(12 * k)]),
    half: (k) => head(22, 27 * k, [cone(11.4 * k), gluedRing(petals(1, 5, 24 * k, [0.85, 0.7]), 'petal-glued')]),
    open: (k) =>
      head(22, 54 * k, [
        heart(9 * k),
        stamens(34, 33, 60),
        wiredRing(petals(1, 5, 26 * k, [0.85, 0.7]), 28),
        wiredRing(petals(2, 5, 29 * k, [0.85, 0.7]), 28),
      ]),
  },
  magnolia: {
    bud: (k) => head(20, 14 * k, [solidBud(13 * k)]),
    half: (k) => head(18, 34 * k, [cone(13 * k), gluedRing(petals(1, 4, 44 * k, [0.6, 1]), 'petal-glued'), sepals(3, 12 * k)]),
    open: (k) =>
      head(18, 80 * k, [
        cone(18 * k, 'cone-snipped', 'green'),
        wiredRing(petals(1, 3, 52 * k, [0.6, 1.2]), 26),
        wiredRing(petals(2, 3, 58 * k, [0.62, 1.2]), 26),
        wiredRing(petals(3, 3, 44 * k, [0.6, 1.2]), 26),
      ]),
  },
  lily: {
    bud: (k) => head(20, 21.7 * k, [solidBud(17 * k)]),
    half: (k) =>
      head(20, 47.3 * k, [
        heart(8 * k),
        wiredRing(petals(1, 3, 49.3 * k, [0.42, 0.8]), 26),
        wiredRing(petals(2, 3, 49.3 * k, [0.34, 0.8]), 26),
      ]),
    open: (k) =>
      head(20, 86 * k, [
        heart(8 * k),
        stamens(6, 28, 80),
        wiredRing(petals(1, 3, 58 * k, [0.42, 0.8]), 26),
        wiredRing(petals(2, 3, 58 * k, [0.34, 0.8]), 26),
      ]),
  },
  poppy: {
    bud: (k) => head(22, 14 * k, [solidBud(12 * k)]),
    half: (k) =>
      head(22, 30.7 * k, [
        heart(11 * k),
        wiredRing(petals(1, 2, 27.2 * k, [1.1, 0.5]), 28),
        wiredRing(petals(2, 2, 27.2 * k, [1.1, 0.5]), 28),
      ]),
    open: (k) =>
      head(22, 56 * k, [
        heart(11 * k),
        stamens(40, 33, 60),
        wiredRing(petals(1, 2, 32 * k, [1.1, 0.5]), 28),
        wiredRing(petals(2, 2, 32 * k, [1.1, 0.5]), 28),
      ]),
  },
  hellebore: {
    bud: (k) => head(22, 12.7 * k, [solidBud(10 * k)]),
    half: (k) => head(22, 25 * k, [cone(9.5 * k), gluedRing(petals(1, 5, 20 * k, [0.8, 0.7]), 'petal-glued')]),
    open: (k) => head(22, 50 * k, [heart(6 * k), stamens(34, 33, 55), wiredRing(petals(1, 5, 27 * k, [0.85, 0.7]), 28)]),
  },
  tulip: {
    bud: (k) => head(20, 12.7 * k, [solidBud(17 * k)]),
    half: (k) =>
      head(20, 27.7 * k, [
        cone(9 * k, 'cone', 'green'),
        wiredRing(petals(1, 3, 35.7 * k, [0.72, 0.7]), 26),
        wiredRing(petals(2, 3, 37.4 * k, [0.75, 0.7]), 26),
      ]),
    open: (k) =>
      head(20, 50 * k, [
        cone(9 * k, 'cone', 'green'),
        stamens(6, 28, 70),
        wiredRing(petals(1, 3, 42 * k, [0.72, 0.7]), 26),
        wiredRing(petals(2, 3, 44 * k, [0.75, 0.7]), 26),
      ]),
  },
} as const satisfies Readonly<Record<string, Stages>>;

export type RingedId = keyof typeof RINGED;
export const RINGED_IDS = Object.keys(RINGED) as readonly RingedId[];

/** The tree of a head of wired petals in a stage. Another size multiplies petals and centre, and neither counts nor thickness nor stamens. */
export const ringed = (id: RingedId, stage: FlowerStage, scale = 1): Part => RINGED[id][stage](scale);
