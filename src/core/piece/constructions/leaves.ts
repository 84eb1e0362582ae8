import type { Outline, Part } from '../part';
import { ball, line, onWire, sheet, so } from './build';

const leaf = (id: string, many: Part['many'], shape: { outline: Outline; widthShare: number; thicknessMm: number }, rest: Partial<Part>): Part =>
  line({ id, kind: 'leaf', many, form: sheet({ outline: shape.outline, widthShare: shape.widthShare, thicknessMm: shape.thicknessMm, colour: 'green' }), work: ['leaf-cut', 'dust-leaf'], ...rest }); // prettier-ignore

const ROSE = { outline: 'ovate', widthShare: 0.6, thicknessMm: 1 } as const;

/** A leaf of a rose: one at the end, the others in pairs that are not turned. Leaves and stem of 26: common practice, no source. */
export function roseLeaf({ leaves = 5 }: { leaves?: number } = {}, scale = 1): Part {
  const end = leaf('end-leaf', so(1, 34 * scale), ROSE, { on: onWire(26, { stalkMm: 6 }) });
  const others = leaf('leaf', { by: 'run', count: leaves - 1, fromMm: 26 * scale, toMm: 30 * scale }, ROSE, {
    on: onWire(26, { stalkMm: 2 }),
    habit: { by: 'pairs', gapMm: [12 * scale, 16 * scale], turnRad: 0, tip: false, startMm: 12 * scale },
  });
  return line({ id: 'branch', kind: 'branch', on: onWire(26), join: 'itself', parts: leaves > 1 ? [end, others] : [end] });
}

/** A leaf as its cutter gives it. */
export interface LeafCut {
  outline: Outline;
  /** as long as it is at its largest, and so wide for that */
  longMm: number;
  widthShare: number;
  thicknessMm: number;
}

/** One leaf on its own wire: there is no carrier. A small one is on 30, a medium one on 26 (docs/trade.md W2). */
export const singleLeaf = (cut: LeafCut, swg: number, scale = 1): Part =>
  leaf('leaf', so(1, cut.longMm * scale), cut, { on: onWire(swg), join: 'itself' });

/** One leaf on no wire: cut, one press of the veiner, set to dry (docs/trade.md M5; common practice, no source). */
export const looseLeaf = (cut: LeafCut, scale = 1): Part =>
  leaf('leaf', so(1, cut.longMm * scale), cut, { join: 'itself', work: ['leaf-unwired', 'dust-leaf'] });

/** A tiny leaf pressed from a ball. Common practice, no source. */
export const pressedLeaf = (scale = 1): Part =>
  line({
    id: 'leaf',
    kind: 'leaf',
    many: so(1, 4.5 * scale),
    form: ball('green'),
    join: 'itself',
    work: ['leaf-pressed', 'dust-tiny'],
  });

const GROUP = { outline: 'ovate', widthShare: 0.75, thicknessMm: 1 } as const;

/** One large leaf and two small against it; the stem of the large one carries them (docs/trade.md T9; common practice, no source). */
export const leafGroup = (scale = 1, own: Partial<Part> = {}): Part => ({
  ...leaf('large-leaf', so(1, 38 * scale), GROUP, { on: onWire(26, { stalkMm: 8 }), ...own }),
  parts: [smallLeaves(scale)],
});
const smallLeaves = (scale: number): Part =>
  leaf('small-leaf', so(2, 28 * scale), GROUP, { on: onWire(26, { stalkMm: 3, run: 12 }) });
