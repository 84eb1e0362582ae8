import type { Cut } from '../../wire/cutting';
import type { Outline, Part } from '../part';
import { line, onWire, sheet } from './build';

interface Arms {
  arms: number;
  armGapMm: readonly [number, number];
  /** bare wire of an arm above its joint */
  armStalkMm: number;
  leaves: number;
  leafMm: readonly [number, number];
  leafGapMm: readonly [number, number];
  shape: { outline: Outline; widthShare: number; thicknessMm: number };
  wire: { stalkMm: number; cut: Cut };
}

/** Arms of leaves on a carrier, every arm a small branch of its own. Leaves of 30 and arms of 24 on 20: common practice, no source (docs/trade.md W6). */
const ARMS = {
  vine: {
    ...{ arms: 5, armGapMm: [18, 26], armStalkMm: 20, leaves: 15, leafMm: [16, 22], leafGapMm: [12, 16] },
    ...{ shape: { outline: 'ovate', widthShare: 0.64, thicknessMm: 0.8 }, wire: { stalkMm: 4, cut: 6 } },
  },
  'silver dollar': {
    ...{ arms: 5, armGapMm: [22, 32], armStalkMm: 25, leaves: 25, leafMm: [22, 34], leafGapMm: [14, 20] },
    ...{ shape: { outline: 'heart', widthShare: 0.95, thicknessMm: 0.6 }, wire: { stalkMm: 12, cut: 4 } },
  },
} as const satisfies Readonly<Record<string, Arms>>;

export type ArmsId = keyof typeof ARMS;
export const ARMS_IDS = Object.keys(ARMS) as readonly ArmsId[];

/** The tree of a branch with arms: each arm has its share of the leaves, smallest at its tip. */
export function arms(id: ArmsId, { scale = 1, count }: { scale?: number; count?: number } = {}): Part {
  const spec: Arms = ARMS[id];
  const many = count ?? spec.arms;
  const run = ([tip, foot]: readonly [number, number]) => [tip * scale, foot * scale] as const;
  const leaf = line({
    id: 'leaf',
    kind: 'leaf',
    many: { by: 'run', count: Math.round(spec.leaves / spec.arms), fromMm: spec.leafMm[0] * scale, toMm: spec.leafMm[1] * scale },
    form: sheet({ ...spec.shape, colour: 'green' }),
    on: onWire(30, spec.wire),
    work: ['leaf-cut', 'dust-leaf'],
    habit: { by: 'loose', gapMm: run(spec.leafGapMm), uneven: 0.45, oppositeEvery: 0, seed: 1 },
  });
  const arm = line({
    id: 'arm',
    kind: 'arm',
    many: { by: 'sizes', of: [{ count: many, sizeMm: 0 }] },
    on: onWire(24, { stalkMm: spec.armStalkMm }),
    habit: { by: 'singly', gapMm: run(spec.armGapMm), turnRad: Math.PI },
    parts: [leaf],
  });
  return line({ id: 'branch', kind: 'branch', on: onWire(20), join: 'itself', parts: [arm] });
}
