import { must } from '../geometry/must';
import { GOLDEN_ANGLE_RAD, lerp, TAU } from '../geometry/numbers';
import type { Habit, Run } from './part';

/** Where a part is on its parent: below the tip, turned round it; `node` counts from the tip. A dome's parts lean out from its middle. */
export interface Place {
  atMm: number;
  turnRad: number;
  node: number;
  leanRad: number;
}

const GOLDEN = (1 + Math.sqrt(5)) / 2;
/** Two gaps side by side of a loose line differ by so much, or it looks counted out. mm; own study */
const UNEVEN_MM = 1;

const fraction = (x: number): number => x - Math.floor(x);

/** The `i`-th of `gaps` gaps from the tip. */
const gapAt = (gap: Run, i: number, gaps: number): number =>
  typeof gap === 'number' ? gap : gaps > 1 ? lerp(gap[0], gap[1], i / (gaps - 1)) : gap[0];

/** Where each node is, from the gaps before it. */
function down(startMm: number, nodes: number, gapMm: (i: number, gaps: number) => number): number[] {
  const at = [startMm];
  for (let i = 1; i < nodes; i++) at.push(must(at[i - 1]) + gapMm(i - 1, nodes - 1));
  return nodes > 0 ? at : [];
}

/** Gaps of a loose line: no two neighbours are alike. */
function looseGaps({ gapMm, uneven, seed }: { gapMm: Run; uneven: number; seed: number }, gaps: number): number[] {
  const made: number[] = [];
  for (let i = 0; i < gaps; i++) {
    const plain = gapAt(gapMm, i, gaps) * (1 - uneven + 2 * uneven * fraction((i + 1) * GOLDEN + seed * Math.SQRT2));
    const before = made[i - 1];
    const near = before !== undefined && Math.abs(plain - before) < UNEVEN_MM;
    made.push(near ? before + (plain >= before ? UNEVEN_MM : -UNEVEN_MM) : plain);
  }
  return made;
}

/** How many parts each node has, until all are placed. */
function nodesFor(count: number, at: (node: number) => number): number[] {
  const nodes: number[] = [];
  for (let left = count; left > 0; left -= must(nodes[nodes.length - 1]))
    nodes.push(Math.max(1, Math.min(left, at(nodes.length))));
  return nodes;
}

interface Round {
  nodes: readonly number[];
  atMm: readonly number[];
  /** the turn of a node's first part */
  turnOf: (node: number) => number;
}

/** The parts of each node evenly round it. */
const round = ({ nodes, atMm, turnOf }: Round): Place[] =>
  nodes.flatMap((count, node) =>
    Array.from({ length: count }, (_, i) => ({
      atMm: must(atMm[node]),
      turnRad: (turnOf(node) + (i * TAU) / count) % TAU,
      node,
      leanRad: 0,
    })),
  );

/** Rings lie into each other's gaps: each is turned by half a petal of the one before. */
function ringTurns(groups: readonly number[]): number[] {
  const turns = [0];
  groups.forEach((n, i) => turns.push(must(turns[i]) + Math.PI / Math.max(1, n)));
  return turns;
}

/** A place for each part of a line, from the tip down; `groups` are the counts of its sizes. */
export function placesOf(habit: Habit, groups: readonly number[]): Place[] {
  const count = groups.reduce((a, n) => a + n, 0);
  const start = habit.startMm ?? 0;
  if (habit.by === 'pairs') {
    const nodes = nodesFor(count, (node) => (habit.tip && node === 0 ? 1 : 2));
    const atMm = down(start, nodes.length, (i, gaps) => gapAt(habit.gapMm, i, gaps));
    return round({ nodes, atMm, turnOf: (node) => node * habit.turnRad });
  }
  if (habit.by === 'singly') {
    const nodes = nodesFor(count, () => 1);
    const atMm = down(start, nodes.length, (i, gaps) => gapAt(habit.gapMm, i, gaps));
    return round({ nodes, atMm, turnOf: (node) => node * habit.turnRad });
  }
  if (habit.by === 'loose') {
    const every = habit.oppositeEvery;
    const nodes = nodesFor(count, (node) => (every > 0 && (node + 1) % every === 0 ? 2 : 1));
    const gaps = looseGaps(habit, nodes.length - 1);
    return round({ nodes, atMm: down(start, nodes.length, (i) => must(gaps[i])), turnOf: (node) => node * GOLDEN_ANGLE_RAD });
  }
  if (habit.by === 'whorl') {
    const nodes = nodesFor(count, () => habit.each);
    const atMm = down(start, nodes.length, (i, gaps) => gapAt(habit.gapMm, i, gaps));
    return round({ nodes, atMm, turnOf: (node) => node * habit.turnRad });
  }
  if (habit.by === 'rings') {
    const turns = ringTurns(groups);
    return round({ nodes: groups, atMm: groups.map((_, i) => start + i * habit.stepMm), turnOf: (node) => must(turns[node]) });
  }
  if (habit.by === 'places') {
    const nodes = nodesFor(count, () => 1);
    const last = habit.atMm[habit.atMm.length - 1] ?? start;
    return round({ nodes, atMm: nodes.map((_, i) => habit.atMm[i] ?? last), turnOf: (node) => node * GOLDEN_ANGLE_RAD });
  }
  if (habit.by === 'together') return round({ nodes: count ? [count] : [], atMm: [start], turnOf: () => 0 });
  // a dome, from its middle outward: equal areas of half a ball
  return Array.from({ length: count }, (_, i) => ({
    atMm: start,
    turnRad: (i * GOLDEN_ANGLE_RAD) % TAU,
    node: i,
    leanRad: Math.acos(1 - (i + 0.5) / count),
  }));
}
