import { ball, line, onWire, sheet, so } from './constructions/build';
import { calyx, centre, sepals, stamens } from './constructions/headParts';
import { placesOf } from './habit';
import { countOf, groupsOf } from './many';
import type { Spoken } from './mention';
import { isCarrier, type Habit, type Part } from './part';
import { linesIn } from './treeLines';

/** Free between what a carrier has and what is added below it, mm. Assumed. */
const BELOW_MM = 8;

/** From the tip of a carrier to the last part on it, mm. */
const endMm = ({ parts }: Part): number =>
  Math.max(
    0,
    ...parts.map(({ habit, many }) =>
      Math.max(0, ...placesOf(habit, groupsOf(many, many.by === 'share' ? 1 : countOf(many))).map((p) => p.atMm)),
    ),
  );

/** Singly down the stem, on either side in turn. */
const below = (root: Part, gapMm: number): Habit => ({
  by: 'singly',
  gapMm,
  turnRad: Math.PI,
  startMm: root.parts.length > 0 ? endMm(root) + BELOW_MM : 0,
});

/** What may be added to a carrier, each as it is usually made (docs/trade.md W2 to W4; sizes assumed). */
const ON_CARRIER: Readonly<Partial<Record<Spoken, (root: Part) => Omit<Parameters<typeof line>[0], 'id'>>>> = {
  leaf: (root) => ({
    kind: 'leaf',
    many: so(1, 30),
    form: sheet({ outline: 'ovate', widthShare: 0.6, thicknessMm: 0.8, colour: 'green' }),
    on: onWire(28, { stalkMm: 3 }),
    work: ['leaf-cut', 'dust-leaf'],
    habit: below(root, 12),
  }),
  berry: (root) => ({
    kind: 'berry',
    many: so(1, 9),
    form: ball('second'),
    on: onWire(26, { tip: 'hook', stalkMm: 12 }),
    work: ['berry-smooth', 'dust-tiny', 'glaze'],
    habit: below(root, 8),
  }),
  bud: (root) => ({
    kind: 'bud',
    many: so(1, 5),
    form: ball(),
    on: onWire(26, { stalkMm: 8 }),
    work: ['bud-tiny', 'dust-tiny'],
    habit: below(root, 5),
  }),
  open: (root) => ({
    kind: 'floret',
    many: so(1, 8),
    form: ball('main', 0.85),
    on: onWire(26, { tip: 'hook', stalkMm: 12 }),
    work: ['floret-pulled', 'dust-tiny'],
    habit: below(root, 6),
  }),
};

/** Width of a head as it is drawn, mm. */
const wideMm = ({ many }: Part): number => (many.by === 'sizes' ? (many.of[0]?.sizeMm ?? 0) : 0);

/** What may be added to a flower. */
const ON_HEAD: Readonly<Partial<Record<Spoken, (root: Part) => Part>>> = {
  calyx: (root) => calyx(Math.max(8, 0.35 * wideMm(root))),
  sepal: (root) => sepals(1, Math.max(6, 0.3 * wideMm(root))),
  centre: (root) => centre(Math.max(3, 0.15 * wideMm(root))),
  stamens: () => stamens(30, 33, 60),
};

/** A line that a piece never had, as it is usually made; null for what does not belong on such a piece. */
export function newLine(root: Part, name: Spoken): Part | null {
  const ids = linesIn(root).map((p) => p.id);
  const id = name === 'open' ? 'open' : name;
  if (ids.includes(id)) return null;
  if (isCarrier(root) && root.on.by === 'wire') {
    const made = ON_CARRIER[name === 'floret' ? 'open' : name]?.(root);
    return made ? line({ id, ...made, join: root.firstCarries ? 'in hand' : 'taped' }) : null;
  }
  return root.kind === 'head' ? (ON_HEAD[name]?.(root) ?? null) : null;
}
