/** Minutes of a quick hand, as usual, and of first attempts. */
export type Spread = readonly [quick: number, usual: number, first: number];

/**
 * Hands-on minutes for one, by what is done, whatever the piece is called. All are starting values of the own study, to be replaced by
 * what a person's log says.
 */
export const WORK = {
  'leaf-cut': [0.8, 1.2, 1.8],
  'leaf-pinched': [0.5, 0.75, 1.1],
  'leaf-strip': [1.5, 2, 2.6],
  'leaf-two-faced': [1.2, 1.6, 2.3],
  'leaf-vein': [1, 1.4, 2.1],
  'leaf-pressed': [0.4, 0.55, 0.8],
  'leaf-unwired': [0.25, 0.4, 0.6],
  'leaf-fine-glued': [0.2, 0.3, 0.5],
  'leaf-paper': [0.35, 0.5, 0.8],
  'petal-wired': [0.8, 1.2, 1.8],
  'petal-glued': [0.4, 0.6, 0.9],
  'petal-small': [0.25, 0.4, 0.7],
  'petals-one-cutter': [1.2, 1.7, 2.6],
  'round-wrapped': [0.45, 0.65, 1],
  'round-cupped': [0.2, 0.3, 0.45],
  cone: [0.5, 0.8, 1.2],
  'cone-snipped': [1.2, 1.7, 2.6],
  'bud-solid': [0.5, 0.8, 1.3],
  'bud-tiny': [0.4, 0.7, 1.1],
  'flower-cut': [1.2, 1.8, 2.6],
  'flower-ball-stop': [0.4, 0.6, 0.9],
  'layer-more': [0.5, 0.8, 1.2],
  'floret-pulled': [0.8, 1.3, 2],
  'floret-half': [0.7, 1, 1.5],
  'floret-cut': [1.2, 1.8, 3],
  'floret-scrunched': [0.4, 0.65, 1],
  'floret-tiny': [0.6, 1, 1.6],
  rosette: [0.7, 1, 1.5],
  'core-covered': [1, 1.5, 2.2],
  snipping: [1.3, 2, 3],
  'cone-standing': [0.25, 0.4, 0.6],
  'base-soft': [1.2, 1.6, 2.2],
  'wire-kinked': [0.15, 0.25, 0.4],
  centre: [0.2, 0.35, 0.5],
  dot: [0.12, 0.25, 0.4],
  'stamen-bunch': [1.5, 2.5, 4],
  'berry-smooth': [0.5, 0.75, 1.1],
  sepal: [0.3, 0.5, 0.8],
  covering: [2.5, 3.5, 4.5],
  'calyx-threaded': [0.6, 1, 1.6],
  'calyx-snipped': [1.2, 1.9, 2.8],
  glaze: [0.1, 0.15, 0.25],
  'dust-tiny': [0.1, 0.15, 0.25],
  'dust-leaf': [0.3, 0.45, 0.7],
  'dust-petal': [0.3, 0.5, 0.8],
  'dust-head': [0.8, 1.3, 2.2],
  'dust-wire': [0.5, 0.8, 1.2],
  'stem-painted': [0.06, 0.1, 0.15],
} as const satisfies Readonly<Record<string, Spread>>;

export type Work = keyof typeof WORK;
