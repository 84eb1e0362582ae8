import type { Cake } from '../cake/cake';
import { seededRandom, type Random } from '../geometry/random';
import { Annealer } from './annealer';
import type { Arrangement, Piece } from './arrangement';
import { drawLine, type Line } from './line';
import { overallScore, readBalance, type Reading } from './reading';
import { buildScene } from './scene';
import { shareOut, type Choice, type KindCount, type Style } from './shareOut';
import { startLayout } from './startLayout';

export interface ComposeRequest {
  cake: Cake;
  /** the line to fill; its pinned pieces stay, the others give way */
  arrangement: Arrangement;
  choices: readonly Choice[];
  style: Style;
  /** exact counts asked for; null to let the line's area decide */
  counts: readonly KindCount[] | null;
  seed: number;
  proposals: number;
  /** work per piece; 1 is a polished proposal */
  effort: number;
}

export interface Proposal {
  name: string;
  arrangement: Arrangement;
  readings: Reading[];
  score: number;
  iterations: number;
  stopped: 'settled' | 'cancelled';
}

/** Told while the search runs: which proposal, how far, and the best of it so far. */
export interface ComposeProgress {
  proposal: number;
  proposals: number;
  share: number;
  cost: number;
  pieces: readonly Piece[];
}

/** A full line holds a fifth more than its area alone would say. */
export const FULL_DENSITY = 1.2;

/** Clearly different ways to fill one line: mood, density and where the focal point lies. */
const WAYS: readonly { name: string; style: Style | null; density: number; focalShift: number }[] = [
  { name: 'Full', style: null, density: FULL_DENSITY, focalShift: 0 },
  { name: 'Airy', style: 'meadow', density: 0.9, focalShift: -0.14 },
  { name: 'Leafy', style: 'foliage-led', density: 1.1, focalShift: 0.12 },
  { name: 'Lush', style: 'lush', density: 1.3, focalShift: 0.05 },
  { name: 'Meadow', style: 'meadow', density: 1, focalShift: 0.1 },
  { name: 'Single heart', style: 'focal-led', density: 0.9, focalShift: -0.08 },
];

export const MOST_PROPOSALS = WAYS.length;

export type ComposeFault = { fault: string };

/** What stands in the way of composing, in one sentence; null when nothing does. */
export function composeFault(request: Pick<ComposeRequest, 'cake' | 'arrangement' | 'choices'>): string | null {
  if (request.cake.tiers.length === 0) return 'There is no tier to compose on: add one in Brief.';
  if (!drawLine(request.arrangement.line, request.cake))
    return 'The line lies on a tier that is no longer there: choose a line again.';
  if (request.choices.length === 0) return 'No flower is chosen yet: choose at least one in Brief.';
  return null;
}

/**
 * Proposes arrangements, best first. A generator, so that a worker can report and stop between steps: it yields progress
 * and returns the proposals. The same request gives the same result on every machine. Throws only for a request that
 * `composeFault` objects to.
 */
export function* compose(request: ComposeRequest): Generator<ComposeProgress, Proposal[]> {
  const fault = composeFault(request);
  if (fault) throw new Error(fault);
  const wanted = Math.max(1, Math.min(MOST_PROPOSALS, Math.round(request.proposals)));
  const done: Proposal[] = [];
  for (let k = 0; k < wanted; k++) done.push(yield* composeOne(request, k, wanted));
  return done.sort((a, b) => b.score - a.score);
}

function* composeOne(request: ComposeRequest, k: number, proposals: number): Generator<ComposeProgress, Proposal> {
  const way = WAYS[k]!;
  const random = seededRandom(request.seed * 1009 + k * 7919 + 17);
  const spec = {
    ...request.arrangement.line,
    focal: Math.max(0.2, Math.min(0.8, request.arrangement.line.focal + way.focalShift)),
  };
  const line = drawLine(spec, request.cake)!;
  const pinned = request.arrangement.pieces.filter((p) => p.pinned);
  const kinds = without(
    request.counts && k === 0 ? request.counts : shareOut(line, way.style ?? request.style, request.choices, way.density),
    pinned,
  );
  const taken = new Set(pinned.map((p) => p.id));
  let count = 0;
  const nextId = () => {
    do count++;
    while (taken.has(`p${count}`));
    return `p${count}`;
  };
  const pieces = [...pinned, ...startLayout(line, kinds, random, nextId)];
  const polished = yield* polish(request.cake, line, pieces, random, request.effort, (share, cost, now) => ({
    proposal: k,
    proposals,
    share,
    cost,
    pieces: now,
  }));
  const arrangement = { ...request.arrangement, line: spec, pieces: polished.pieces };
  const scene = buildScene(request.cake, arrangement)!;
  const readings = readBalance(scene, { stops: 0, looks: 0, first: null });
  return {
    name: way.name,
    arrangement,
    readings,
    score: overallScore(readings),
    iterations: polished.iterations,
    stopped: 'settled',
  };
}

/** What is still to be placed when some of it is pinned already. */
function without(kinds: readonly KindCount[], pinned: readonly Piece[]): KindCount[] {
  const left = kinds.map((k) => ({ ...k }));
  for (const piece of pinned) {
    const same = left.find((k) => k.species === piece.species && k.stage === piece.stage && k.count > 0);
    if (same) same.count -= 1;
  }
  return left;
}

function* polish(
  cake: Cake,
  line: Line,
  pieces: readonly Piece[],
  random: Random,
  effort: number,
  report: (share: number, cost: number, pieces: readonly Piece[]) => ComposeProgress,
): Generator<ComposeProgress, { pieces: Piece[]; iterations: number }> {
  const annealer = new Annealer(cake, line, pieces, random);
  const iterations = Math.round(Math.min(60_000, 900 + pieces.length * 170) * effort);
  const chunk = Math.max(100, Math.round(iterations / 24));
  let best = { cost: annealer.total(), pieces: annealer.pieces() };
  for (let i = 0; i < iterations; i++) {
    annealer.step(i / iterations);
    if (i % chunk === chunk - 1) {
      const cost = annealer.total();
      if (cost < best.cost || i > iterations * 0.85) best = cost < best.cost ? { cost, pieces: annealer.pieces() } : best;
      yield report((i + 1) / iterations, cost, annealer.pieces());
    }
  }
  const last = annealer.total();
  if (last < best.cost) best = { cost: last, pieces: annealer.pieces() };
  return { pieces: settleClashes(cake, line, best.pieces, random), iterations };
}

/** Last of all nothing may press: cold moves until no head runs into another or the cake, or no more can be done. */
function settleClashes(cake: Cake, line: Line, pieces: readonly Piece[], random: Random): Piece[] {
  const annealer = new Annealer(cake, line, pieces, random);
  for (let round = 0; round < 30; round++) {
    const { worstMm, cakeMm } = annealer.clashes();
    if (worstMm < 0.8 && cakeMm < 1) break;
    for (let i = 0; i < pieces.length * 6; i++) annealer.step(1);
  }
  return annealer.pieces();
}

/** Runs to the end without reporting, for scripts and tests. */
export function composeAll(request: ComposeRequest): Proposal[] {
  const run = compose(request);
  let next = run.next();
  while (!next.done) next = run.next();
  return next.value;
}
