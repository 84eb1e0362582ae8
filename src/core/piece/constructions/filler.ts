import { GOLDEN_ANGLE_RAD } from '../../geometry/numbers';
import type { Part } from '../part';
import { line, onWire, sheet, so } from './build';

export interface Filler {
  sideBranches: number;
  /** to a side branch; the first carries the others */
  clusters: number;
  /** on the whole branch, shared out as evenly as can be */
  florets: number;
  /** free stalk under a cluster, mm: a small sprig is held close */
  stalkMm: number;
}

/** A small sprig is one side branch; a rich one has 75 to 80 florets (docs/trade.md T7; common practice, no source). */
export const FILLERS = {
  sprig: { sideBranches: 1, clusters: 3, florets: 20, stalkMm: 8 },
  branch: { sideBranches: 4, clusters: 3, florets: 78, stalkMm: 20 },
} as const satisfies Readonly<Record<string, Filler>>;

/** Free stalks, mm: under a floret, under a side branch. Own study. */
const STALK_MM = { floret: 15, side: 30 } as const;
const GAP_MM = { clusters: [12, 14], sides: [18, 26] } as const;

const floretLine = (inAll: number, scale: number): Part =>
  line({
    id: 'floret',
    kind: 'floret',
    many: { by: 'share', inAll, sizeMm: 12 * scale },
    form: sheet({ outline: 'disc', widthShare: 1, thicknessMm: 0.35 }),
    on: onWire(28, { tip: 'hook', stalkMm: STALK_MM.floret, cut: 6 }),
    join: 'gathered',
    work: ['floret-scrunched', 'stem-painted'],
  });

const gap = ([tip, foot]: readonly [number, number], scale: number) => [tip * scale, foot * scale] as const;

/** Clusters of florets up a wire, each on 24 of its own. */
function clusterLine(
  count: number,
  florets: number,
  { scale, startMm, stalkMm }: { scale: number; startMm: number; stalkMm: number },
): Part {
  const habit = {
    by: 'singly',
    gapMm: gap(GAP_MM.clusters, scale),
    turnRad: GOLDEN_ANGLE_RAD,
    startMm: startMm * scale,
  } as const;
  const on = onWire(24, { stalkMm });
  return line({ id: 'cluster', kind: 'cluster', many: so(count, 0), on, habit, parts: [floretLine(florets, scale)] });
}

/**
 * The tree of a branching filler, every level on wire of its own: 28 under a floret, 24 under a cluster, 22 for the main stem. The first
 * cluster of a side branch is its tip, the others are taped to its wire; a single side branch is the branch itself.
 */
export function filler({ sideBranches, clusters, florets, stalkMm }: Filler, scale = 1): Part {
  const root = { id: 'branch', kind: 'branch', on: onWire(22), join: 'itself' } as const;
  if (sideBranches <= 1) return line({ ...root, parts: [clusterLine(clusters, florets, { scale, startMm: 0, stalkMm })] });
  const inFirst = Math.round(florets / clusters);
  const first = { ...floretLine(inFirst, scale), id: 'tip-floret' };
  const others = clusters > 1 ? [clusterLine(clusters - 1, florets - inFirst, { scale, startMm: 16, stalkMm })] : [];
  const side = line({
    id: 'side',
    kind: 'arm',
    many: so(sideBranches, 0),
    on: onWire(24, { stalkMm: STALK_MM.side }),
    habit: { by: 'singly', gapMm: gap(GAP_MM.sides, scale), turnRad: GOLDEN_ANGLE_RAD },
    parts: [first, ...others],
  });
  return line({ ...root, parts: [side] });
}
