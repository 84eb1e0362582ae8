import type { Part } from '../part';
import { ball, line, onWire, sheet } from './build';

/** How ripe a berry is: it swells and colours. */
export type Ripeness = 'green' | 'turning' | 'ripe';

interface BerrySprig {
  berries: number;
  /** of ripe ones, smallest at the tip */
  ripeMm: readonly [number, number];
  berrySwg: number;
  leaves: number;
}

/** Berries of 22 to 26 and their stem of 22 are common practice, no source (docs/trade.md W4); counts and sizes of the own study. */
const SPRIGS = {
  rosehip: { berries: 3, ripeMm: [10.3, 12], berrySwg: 24, leaves: 0 },
  hypericum: { berries: 4, ripeMm: [7.7, 9], berrySwg: 26, leaves: 4 },
  snowberry: { berries: 6, ripeMm: [8.6, 10], berrySwg: 26, leaves: 2 },
  hollyberry: { berries: 5, ripeMm: [7.7, 9], berrySwg: 26, leaves: 4 },
  blueberry: { berries: 7, ripeMm: [7.7, 9], berrySwg: 26, leaves: 3 },
} as const satisfies Readonly<Record<string, BerrySprig>>;

export type BerrySprigId = keyof typeof SPRIGS;
export const BERRY_SPRIG_IDS = Object.keys(SPRIGS) as readonly BerrySprigId[];

/** An unripe berry is smaller by so much. Own study. */
const SWELLS: Readonly<Record<Ripeness, number>> = { green: 0.855, turning: 0.932, ripe: 1 };

interface SprigAsk {
  berries?: number | undefined;
  leaves?: number | undefined;
  /** of the usual counts where none is said */
  share?: number;
  scale?: number;
}

/** The tree of a sprig of berries on stalks, with leaves of its own below its tip where it has any. */
export function berrySprig(id: BerrySprigId, ripeness: Ripeness, { berries, leaves, share = 1, scale = 1 }: SprigAsk = {}): Part {
  const spec: BerrySprig = SPRIGS[id];
  const [small, large] = spec.ripeMm;
  const swollen = SWELLS[ripeness] * scale;
  const leafCount = leaves ?? Math.round(spec.leaves * share);
  const berry = line({
    id: 'berry',
    kind: 'berry',
    many: {
      by: 'run',
      count: berries ?? Math.max(1, Math.round(spec.berries * share)),
      fromMm: small * swollen,
      toMm: large * swollen,
    },
    form: ball(ripeness),
    on: onWire(spec.berrySwg, { tip: 'hook', stalkMm: 9 }),
    work: ['berry-smooth', 'dust-tiny', 'glaze'],
    habit: { by: 'loose', gapMm: [3 * scale, 5 * scale], uneven: 0.4, oppositeEvery: 0, seed: 1 },
  });
  const leaf = line({
    id: 'leaf',
    kind: 'leaf',
    many: { by: 'run', count: leafCount, fromMm: 20 * scale, toMm: 26 * scale },
    form: sheet({ outline: 'ovate', widthShare: 0.5, thicknessMm: 0.8, colour: 'green' }),
    on: onWire(28, { stalkMm: 2 }),
    work: ['leaf-cut', 'dust-leaf'],
    habit: { by: 'singly', gapMm: 4 * scale, turnRad: Math.PI, startMm: 8 * scale },
  });
  return line({
    id: 'branch',
    kind: 'branch',
    on: onWire(22),
    join: 'itself',
    parts: leafCount > 0 ? [berry, leaf] : [berry],
  });
}
