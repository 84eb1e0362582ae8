import { must } from '../geometry/must';
import { mapParts } from './changed';
import { placesOf } from './habit';
import { countOf, groupsOf, sizesOf } from './many';
import { lineIn, linesIn } from './treeLines';
import type { Cut } from '../wire/cutting';
import type { Habit, Many, Part, Run } from './part';
import { sizesTimes } from './resized';
import type { Work } from './work';

export const changeLine = (root: Part, id: string, change: (part: Part) => Part): Part =>
  settled(
    root,
    mapParts(root, (part) => (part.id === id ? change(part) : part)),
  );

/** From the tip to the last part of a line, mm. */
function endOf({ habit, many }: Part): number {
  const count = many.by === 'share' ? 1 : countOf(many);
  return Math.max(0, ...placesOf(habit, groupsOf(many, count)).map((p) => p.atMm));
}
const spanOf = (part: Part, but: Part['habit']['by']): number =>
  Math.max(0, ...part.parts.filter((p) => p.habit.by !== but).map(endOf));

/** A line that began where another ended, within this, goes on from its end. mm */
const TOUCHING_MM = 0.01;

/** What is above a line on its carrier: where it ended, and where what began there begins now. */
interface Above {
  endMm: number;
  next(startMm: number): number;
}

/** A line that nobody has moved, begun elsewhere; places of its own by a share of the way. */
function begun(own: Part, then: Part, { startMm, share }: { startMm: number; share: number }): Part {
  const { habit } = own;
  if (habit.by === 'places' && then.habit.by === 'places' && habit.atMm === then.habit.atMm)
    return { ...own, habit: { ...habit, atMm: habit.atMm.map((mm) => mm * share) } };
  const stays = habit.startMm !== then.habit.startMm || startMm === (then.habit.startMm ?? 0);
  return stays ? own : { ...own, habit: { ...habit, startMm } };
}

/**
 * Lines one below the other stay so: each begins where the one above ends now, and where that was taken out where it began. What hangs at
 * places of its own keeps its share of the way.
 */
function followed(before: Part, after: Part): Part {
  const now = new Map(after.parts.map((p) => [p.id, p]));
  const [was, is] = [spanOf(before, 'places'), spanOf(after, 'places')];
  const share = was > 0 && is > 0 ? is / was : 1;
  const moved = new Map<string, Part>();
  let above: Above | null = null;
  for (const then of before.parts) {
    const began: number = then.habit.startMm ?? 0;
    const below = above !== null && began > 0 && began >= above.endMm - TOUCHING_MM;
    const startMm: number = above && below ? above.next(began) : began;
    const own = now.get(then.id);
    const line = own && begun(own, then, { startMm, share });
    if (line) moved.set(line.id, line);
    const endMm = endOf(then);
    above = { endMm, next: line ? (mm) => mm - endMm + endOf(line) : () => startMm };
  }
  return { ...after, parts: after.parts.map((p) => moved.get(p.id) ?? p) };
}

/** A changed tree with what lies below a line moved along. */
function settled(before: Part, after: Part): Part {
  const was = new Map(linesIn(before).map((p) => [p.id, p]));
  return mapParts(after, (part) => {
    const then = was.get(part.id);
    return then && then.parts !== part.parts ? followed(then, part) : part;
  });
}

/** So many over all, by the shares that there are; the largest remainders are rounded up. */
export function sharedOut(counts: readonly number[], inAll: number): number[] {
  const sum = counts.reduce((a, n) => a + n, 0);
  if (sum === 0) return counts.map((_, i) => (i === 0 ? inAll : 0));
  const exact = counts.map((n) => (n * inAll) / sum);
  const whole = exact.map(Math.floor);
  let left = inAll - whole.reduce((a, n) => a + n, 0);
  const order = exact.map((x, i) => ({ i, rest: x - Math.floor(x) })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order) if (left-- > 0) whole[i] = must(whole[i]) + 1;
  return whole;
}

function counted(many: Many, count: number): Many {
  if (many.by === 'run') return { ...many, count };
  if (many.by === 'share') return { ...many, inAll: count };
  const each = sharedOut(many.of.map((s) => s.count), count); // prettier-ignore
  return { by: 'sizes', of: many.of.map((s, i) => ({ ...s, count: must(each[i]) })).filter((s) => s.count > 0) };
}

/** A tree without a line and all that it carries; the piece itself cannot be taken out. */
const withoutLine = (root: Part, id: string): Part =>
  settled(root, mapParts(root, (part) => (part.parts.some((p) => p.id === id) ? { ...part, parts: part.parts.filter((p) => p.id !== id) } : part))); // prettier-ignore

/** So many of a line; none takes it out, with its wires and its words. */
export const withCount = (root: Part, id: string, count: number): Part =>
  count === 0 ? withoutLine(root, id) : changeLine(root, id, (part) => ({ ...part, many: counted(part.many, count) }));

const meanOf = ({ many }: Part): number => {
  if (many.by === 'run') return (many.fromMm + many.toMm) / 2;
  if (many.by === 'share') return many.sizeMm;
  const of = many.of.filter((s) => s.sizeMm > 0);
  return of.reduce((a, s) => a + s.sizeMm, 0) / Math.max(1, of.length);
};

/** What sits on a part without a wire of its own is as large for it as it was: centres and dots follow their flower. */
function following(before: Part, after: Part): Part {
  const share = meanOf(before) > 0 ? meanOf(after) / meanOf(before) : 1;
  const grow = (p: Part): Part =>
    p.on.by === 'nothing' ? { ...p, many: sizesTimes(p.many, share), parts: p.parts.map(grow) } : p;
  return share === 1 ? after : { ...after, parts: after.parts.map(grow) };
}

/** The line as another many of it. */
export const withMany = (root: Part, id: string, many: Many): Part =>
  changeLine(root, id, (part) => following(part, { ...part, many }));

/** A line from one size at the tip to another at the foot; of one size where both are the same. */
export function withSizes(root: Part, id: string, fromMm: number, toMm = fromMm): Part {
  const part = must(lineIn(root, id));
  const count = countOf(part.many);
  if (part.many.by === 'share') return withMany(root, id, { ...part.many, sizeMm: toMm });
  if (fromMm === toMm) return withMany(root, id, { by: 'sizes', of: [{ count, sizeMm: toMm }] });
  return withMany(root, id, { by: 'run', count, fromMm, toMm });
}

/** What is done for a part that is wired, and for the same part without a wire. */
const WIRED_WORK: readonly (readonly [wired: Work, unwired: Work])[] = [
  ['leaf-cut', 'leaf-unwired'],
  ['leaf-pinched', 'leaf-fine-glued'],
  ['petal-wired', 'petal-glued'],
];
const workOf = ({ work }: Part, from: 0 | 1): readonly Work[] =>
  work.map((w) => WIRED_WORK.find((pair) => pair[from] === w)?.[1 - from] ?? w);

/** A line on wire of this gauge; what sat on nothing is taped to its carrier. The first of a line that carries is of its gauge. */
export function withGauge(root: Part, id: string, swg: number): Part {
  const own = changeLine(root, id, (part) => {
    if (part.on.by !== 'nothing') return { ...part, on: { ...part.on, swg } };
    const on = { by: 'wire', swg, tip: 'straight', stalkMm: 0, run: 'past joint', cut: 'what fits' } as const;
    return { ...part, on, join: 'taped', work: workOf(part, 1) };
  });
  return own.firstCarries && own.parts[0]?.id === id && own.on.by === 'wire' ? { ...own, on: { ...own.on, swg } } : own;
}

const rejoined = ({ parts }: Part, from: Part['join'], to: Part['join']): Part[] =>
  parts.map((p) => (p.join === from ? { ...p, join: to } : p));

/** No wire is laid in: the first part’s own carries the next. A piece whose first line has no wire stays as it is. */
export function inTheHand(root: Part): Part {
  const first = root.parts[0]?.on;
  if (root.on.by !== 'wire' || first?.by !== 'wire') return root;
  return {
    ...root,
    firstCarries: true,
    on: { ...root.on, swg: first.swg, tip: first.tip },
    parts: rejoined(root, 'taped', 'in hand'),
  };
}

/** A wire of this gauge is laid in and carries all. */
export function laidIn({ firstCarries: _, ...root }: Part, swg: number): Part {
  const on: Part['on'] = root.on.by === 'wire' ? { ...root.on, swg, tip: 'straight' } : root.on;
  return { ...root, on, parts: rejoined(root, 'in hand', 'taped') };
}

const UNWIRED_JOIN: Readonly<Partial<Record<Part['join'], Part['join']>>> = {
  taped: 'glued',
  gathered: 'glued',
  'in hand': 'glued',
  ring: 'wrapped',
  'pushed in': 'glued',
};

/** A line on no wire, glued to what carries it. */
export const withoutWire = (root: Part, id: string): Part =>
  changeLine(root, id, (part) => ({
    ...part,
    on: { by: 'nothing' },
    join: UNWIRED_JOIN[part.join] ?? part.join,
    work: workOf(part, 0),
  }));

const onWire = (root: Part, id: string, change: (on: Extract<Part['on'], { by: 'wire' }>) => Part['on']): Part =>
  changeLine(root, id, (part) => (part.on.by === 'wire' ? { ...part, on: change(part.on) } : part));
export const withCut = (root: Part, id: string, cut: Cut): Part => onWire(root, id, (on) => ({ ...on, cut }));
export const withStalk = (root: Part, id: string, stalkMm: number): Part => onWire(root, id, (on) => ({ ...on, stalkMm }));

/** Gaps between neighbours of a line; one without gaps is set singly, turned by half. */
export const withGap = (root: Part, id: string, gapMm: Run): Part =>
  changeLine(root, id, (part) =>
    'gapMm' in part.habit
      ? { ...part, habit: { ...part.habit, gapMm } }
      : { ...part, habit: { by: 'singly', gapMm, turnRad: Math.PI } },
  );

/** A line in so many pairs, with the one at the tip that it has. */
export function withPairs(root: Part, id: string, pairs: number): Part {
  const { habit } = must(lineIn(root, id));
  const gapMm: Run = 'gapMm' in habit ? habit.gapMm : 12;
  const start = habit.startMm === undefined ? {} : { startMm: habit.startMm };
  const own: Habit = habit.by === 'pairs' ? habit : { by: 'pairs', gapMm, turnRad: Math.PI / 2, tip: true, ...start };
  const paired = changeLine(root, id, (part) => ({ ...part, habit: own }));
  return withCount(paired, id, 2 * pairs + (own.by === 'pairs' && own.tip ? 1 : 0));
}

/** The line begins so far below the tip of what carries it. */
export const startingAt = (root: Part, id: string, startMm: number): Part =>
  changeLine(root, id, (part) => ({
    ...part,
    habit: part.habit.by === 'places' ? { ...part.habit, atMm: part.habit.atMm.map(() => startMm) } : { ...part.habit, startMm },
  }));

/** A gap run that goes on as it did, from so many gaps to so many. */
const goneOn = (gap: Run, gaps: number, to: number): Run =>
  typeof gap === 'number' || gaps < 2 || to < 2
    ? gap
    : [gap[0], Math.max(0, gap[0] + ((gap[1] - gap[0]) * (to - 1)) / (gaps - 1))];

/** The node at the foot of a line that a pull lengthens, if it has gaps: the most of its carrier’s lines. */
export function pulledLine(carrier: Part): Part | null {
  const lines = carrier.parts.filter((p) => 'gapMm' in p.habit && p.many.by !== 'share');
  return lines.reduce<Part | null>((most, p) => (!most || countOf(p.many) > countOf(most.many) ? p : most), null);
}

interface Well {
  count: number;
  sizeMm: number;
  stage?: string;
}

/** How many a node of a line has. */
function atNode(habit: Habit, node: number): number {
  if (habit.by === 'pairs') return 2;
  if (habit.by === 'whorl') return habit.each;
  return habit.by === 'loose' && habit.oppositeEvery > 0 && (node + 1) % habit.oppositeEvery === 0 ? 2 : 1;
}

/**
 * A branch pulled longer or shorter by nodes at its foot. What is there keeps its size and its place; a further node is as much larger,
 * and as much farther down, as the last was against the one before. The line has one node at the least.
 */
export function pulled(root: Part, id: string, nodes: number): Part {
  const part = must(lineIn(root, id));
  const { habit, many } = part;
  if (!('gapMm' in habit) || many.by === 'share') return root;
  const places = placesOf(habit, groupsOf(many, countOf(many)));
  const sizes = sizesOf(many, places.map((p) => p.node)); // prettier-ignore
  const was = (places.at(-1)?.node ?? 0) + 1;
  const wells: (Well & { node: number })[] = [];
  places.forEach(({ node }, i) => {
    const { sizeMm, stage } = must(sizes[i]);
    const last = wells.at(-1);
    if (last && last.node === node && last.sizeMm === sizeMm) last.count += 1;
    else if (node < Math.max(1, was + nodes)) wells.push({ node, count: 1, sizeMm, ...(stage === null ? {} : { stage }) });
  });
  // a node that is not full is filled before another is begun
  const missing = atNode(habit, was - 1) - places.filter((p) => p.node === was - 1).length;
  if (nodes > 0 && missing > 0 && !(habit.by === 'pairs' && was === 1)) must(wells.at(-1)).count += missing;
  for (let node = was; node < was + nodes; node++) {
    const [before, last] = [wells.at(-2) ?? must(wells.at(-1)), must(wells.at(-1))];
    const sizeMm = Math.max(1, last.sizeMm * 2 - before.sizeMm);
    wells.push({ ...last, node, sizeMm, count: atNode(habit, node) });
  }
  const of = wells.map(({ node: _, ...well }) => well);
  const gapMm = goneOn(habit.gapMm, was - 1, Math.max(1, was + nodes) - 1);
  return changeLine(root, id, (p) => ({ ...p, many: { by: 'sizes', of }, habit: { ...habit, gapMm } }));
}
