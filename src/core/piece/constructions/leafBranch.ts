import { placesOf } from '../habit';
import { countOf } from '../many';
import type { Cut } from '../../wire/cutting';
import type { Habit, Outline, Part } from '../part';
import type { Work } from '../work';
import { ball, line, onWire, sheet, so } from './build';

interface Leaves {
  count: number;
  fromMm: number;
  toMm: number;
  outline: Outline;
  widthShare: number;
  thickMm: number;
  habit: Habit;
  work: readonly Work[];
  /** null for leaves that are glued to their carrier */
  wire: { swg: number; stalkMm: number; cut: Cut } | null;
}

interface LeafBranch {
  swg: number;
  leaves: Leaves;
  /** on stalks of their own, at so much of the way from the tip to the foot */
  berries?: { mm: number; atShare: readonly number[] };
  /** the wire is bent in small kinks and dusted; painted paper is glued to it */
  paper?: true;
}

const QUARTER_TURN = Math.PI / 2;
const pairs = (gapMm: readonly [number, number], turnRad = QUARTER_TURN): Habit => ({ by: 'pairs', gapMm, tip: true, turnRad });
const singly = (gapMm: readonly [number, number]): Habit => ({ by: 'singly', gapMm, turnRad: Math.PI });
const loose = (gapMm: readonly [number, number], oppositeEvery: number): Habit => ({
  by: 'loose',
  gapMm,
  uneven: 0.45,
  oppositeEvery,
  seed: 1,
});
const wired = (swg: number, stalkMm: number, cut: Cut = 'what fits') => ({ swg, stalkMm, cut });

const CUT: readonly Work[] = ['leaf-cut', 'dust-leaf'];
const PINCHED: readonly Work[] = ['leaf-pinched', 'dust-leaf'];
const TWO_FACED: readonly Work[] = ['leaf-two-faced', 'dust-leaf'];
const GLUED: readonly Work[] = ['leaf-fine-glued'];
const PAPER: readonly Work[] = ['leaf-paper'];

const of = (
  count: number,
  [fromMm, toMm]: readonly [number, number],
  shape: Pick<Leaves, 'outline' | 'widthShare' | 'thickMm'>,
) => ({
  count,
  fromMm,
  toMm,
  ...shape,
});
const shape = (outline: Outline, widthShare: number, thickMm: number) => ({ outline, widthShare, thickMm });

/**
 * Leaves on a carrier of their own. Carriers of 20 and leaves of 30 to 22 are common practice, no source (docs/trade.md W2, W6); counts,
 * sizes and gaps of the own study.
 */
const BRANCHES = {
  roundleaf: { swg: 20, leaves: { ...of(13, [18, 43], shape('ellipse', 0.92, 0.8)), habit: pairs([12, 22]), work: PINCHED, wire: wired(30, 2, 5) } },
  olive: { swg: 20, leaves: { ...of(13, [16, 32], shape('lance', 0.28, 0.8)), habit: pairs([9, 14]), work: CUT, wire: wired(30, 2, 5) }, berries: { mm: 7, atShare: [0.45, 0.75] } },
  willow: { swg: 20, leaves: { ...of(12, [28, 50], shape('lance', 0.2, 0.8)), habit: loose([10, 16], 3), work: CUT, wire: wired(30, 15, 4) } },
  laurel: { swg: 20, leaves: { ...of(7, [34, 52], shape('ovate', 0.42, 1)), habit: loose([13, 20], 3), work: CUT, wire: wired(26, 5) } },
  dustyleaf: { swg: 22, leaves: { ...of(7, [26, 40], shape('lobed', 0.65, 0.8)), habit: pairs([11, 15]), work: CUT, wire: wired(28, 2) } },
  oakleaf: { swg: 22, leaves: { ...of(5, [46, 60], shape('lobed', 0.62, 0.9)), habit: loose([14, 20], 0), work: CUT, wire: wired(24, 8) } },
  ivy: { swg: 22, leaves: { ...of(9, [16, 34], shape('lobed', 0.9, 1)), habit: singly([12, 18]), work: CUT, wire: wired(26, 10) } },
  'two-faced': { swg: 20, leaves: { ...of(5, [63, 75], shape('ovate', 0.6, 1.2)), habit: singly([18, 24]), work: TWO_FACED, wire: wired(22, 8) } },
  rosemary: { swg: 22, leaves: { ...of(29, [8, 20], shape('needle', 0.15, 0.8)), habit: pairs([3.5, 4.5]), work: GLUED, wire: null } },
  fern: { swg: 24, leaves: { ...of(31, [6, 32], shape('lance', 0.26, 0.6)), habit: pairs([4, 6], 0), work: GLUED, wire: null } },
  paper: { swg: 20, leaves: { ...of(7, [18, 30], shape('ovate', 0.6, 0.5)), habit: loose([9, 16], 3), work: PAPER, wire: null }, paper: true },
  box: { swg: 24, leaves: { ...of(19, [8, 13], shape('ovate', 0.6, 0.8)), habit: pairs([4, 6]), work: GLUED, wire: null } },
} as const satisfies Readonly<Record<string, LeafBranch>>; // prettier-ignore

export type LeafBranchId = keyof typeof BRANCHES;
export const LEAF_BRANCH_IDS = Object.keys(BRANCHES) as readonly LeafBranchId[];

const gapTimes = (gap: number | readonly [number, number], scale: number) =>
  typeof gap === 'number' ? gap * scale : ([gap[0] * scale, gap[1] * scale] as const);

/**
 * The tree of a branch of leaves: so many of them where a count is given, else as it is usually made. More leaves make it longer; another
 * size multiplies leaves and gaps, and neither counts, thickness nor stalks.
 */
export function leafBranch(
  id: LeafBranchId,
  { count, berries: berryCount, scale = 1 }: { count?: number | undefined; berries?: number; scale?: number } = {},
): Part {
  const { swg, leaves, berries, paper }: LeafBranch = BRANCHES[id];
  const { habit, wire } = leaves;
  const rolled = sheet({ outline: leaves.outline, widthShare: leaves.widthShare, thicknessMm: leaves.thickMm, colour: 'green' });
  const leaf = line({
    id: 'leaf',
    kind: 'leaf',
    many: { by: 'run', count: count ?? leaves.count, fromMm: leaves.fromMm * scale, toMm: leaves.toMm * scale },
    form: paper ? { ...rolled, material: 'wafer paper' } : rolled,
    on: wire ? onWire(wire.swg, { stalkMm: wire.stalkMm, cut: wire.cut }) : { by: 'nothing' },
    join: wire ? 'taped' : 'glued',
    work: leaves.work,
    habit: 'gapMm' in habit ? { ...habit, gapMm: gapTimes(habit.gapMm, scale) } : habit,
  });
  const work: readonly Work[] = paper ? ['wire-kinked', 'dust-wire'] : wire ? [] : ['dust-head'];
  const hanging = berryCount ?? berries?.atShare.length ?? 0;
  const parts = berries && hanging > 0 ? [leaf, berryOn(berries, hanging, { scale, spanMm: spanOf(leaf) })] : [leaf];
  return line({ id: 'branch', kind: 'branch', on: onWire(swg), join: 'itself', work, parts });
}

/** A berry among the leaves, on a stalk so that it hangs. Own study. */
const berryOn = (
  { mm, atShare }: NonNullable<LeafBranch['berries']>,
  count: number,
  { scale, spanMm }: { scale: number; spanMm: number },
): Part =>
  line({
    id: 'berry',
    kind: 'berry',
    many: so(count, mm * scale),
    form: ball('second'),
    on: onWire(26, { tip: 'hook', stalkMm: 12 }),
    work: ['berry-smooth', 'dust-tiny', 'glaze'],
    habit: { by: 'places', atMm: atShare.map((x) => x * spanMm) },
  });

/** From the tip to the last leaf. */
const spanOf = ({ habit, many }: Part): number => Math.max(0, ...placesOf(habit, [countOf(many)]).map((p) => p.atMm));
