import { findSpecies, type Catalogue } from '../botany/catalogue';
import type { Cake } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import { seededRandom, type Random } from '../geometry/random';
import { Annealer } from './annealer';
import type { Arrangement, Piece } from './arrangement';
import type { ComposeFault, ProposalName } from './facts';
import { finePolish } from './finePolish';
import { drawLine, type Line } from './line';
import { tinFirst } from './tin';
import { givenWay } from './settle';
import { bestFirst, MOST_PROPOSALS, WAYS, type ComposeProgress, type ComposeRequest, type Proposal } from './proposal';
import { allClear } from './lifted';
import { missingKinds, without } from './missingKinds';
import { overallScore, readBalance } from './readBalance';
import { buildScene } from './scene';
import { shareOut } from './shareOut';
import { startLayout } from './startLayout';
import { strewn } from './strewn';
import { must } from '../geometry/must';

/** What stands in the way of composing; null when nothing does. */
export function composeFault(
  request: Pick<ComposeRequest, 'cake' | 'arrangement' | 'choices' | 'catalogue'>,
): ComposeFault | null {
  const unknown = [...request.choices, ...request.arrangement.pieces].find((x) => !findSpecies(x.species, request.catalogue));
  if (unknown) return { code: 'fault.unknown-species', values: { name: unknown.species } };
  if (request.cake.tiers.length === 0) return { code: 'fault.no-tier', values: {} };
  if (!drawLine(request.arrangement.line, request.cake)) return { code: 'fault.line-lost', values: {} };
  return request.choices.length === 0 ? { code: 'fault.no-flower', values: {} } : null;
}

/**
 * Proposes arrangements, best first. A generator, so that a worker can report and stop between steps: it yields progress
 * and returns the proposals. The same request gives the same result on every machine. Throws only for a request that
 * `composeFault` objects to.
 */
export function* compose(request: ComposeRequest): Generator<ComposeProgress, Proposal[]> {
  const fault = composeFault(request);
  if (fault) throw new Error(fault.code);
  return yield* searchFor(request);
}

function* searchFor(request: ComposeRequest): Generator<ComposeProgress, Proposal[]> {
  if (request.task === 'finish') return [yield* finish(request)];
  if (request.task === 're-balance') return [yield* rebalance(request)];
  const proposals = Math.max(1, Math.min(MOST_PROPOSALS, Math.round(request.proposals)));
  const done: Proposal[] = [];
  for (const k of request.ways ?? Array.from({ length: proposals }, (_, i) => i)) {
    const found = yield* composeOne(request, k, proposals);
    done.push(found);
    yield { proposal: k, proposals, share: 1, cost: 0, pieces: found.arrangement.pieces, found };
  }
  return bestFirst(done);
}

/** A line with its focal point moved along it, within its middle. */
const shifted = (line: Arrangement['line'], focalShift: number): Arrangement['line'] => ({
  ...line,
  focal: Math.max(0.2, Math.min(0.8, line.focal + focalShift)),
});

function* composeOne(request: ComposeRequest, k: number, proposals: number): Generator<ComposeProgress, Proposal> {
  const way = must(WAYS[k]);
  const random = seededRandom(request.seed * 1009 + k * 7919 + 17);
  const spec = shifted(request.arrangement.line, way.focalShift);
  const line = must(drawLine(spec, request.cake));
  const pinned = request.arrangement.pieces.filter((p) => p.pinned);
  const wanted =
    request.counts && k === 0
      ? request.counts
      : shareOut(line, { style: way.style ?? request.style, choices: request.choices, density: way.density }, request.catalogue);
  const kinds = tinFirst(without(wanted, pinned, line.strewn !== null), request.tin ?? []);
  const count = pinned.length + kinds.reduce((a, kind) => a + kind.count, 0);
  const starts = line.strewn ? 1 : Math.max(1, Math.min(MOST_STARTS, Math.round(FEW_PIECES / Math.max(1, count))));
  let best: Proposal | null = null;
  for (let start = 0; start < starts; start++) {
    const laidOut = { random, nextId: freshIds(pinned), catalogue: request.catalogue };
    const pieces = [
      ...pinned,
      ...(line.strewn ? strewn(line, kinds, { ...laidOut, standing: pinned }) : startLayout(line, kinds, laidOut)),
    ];
    const polished = yield* polish(request, { line, spec, pieces, random, from: 0 }, (share, cost, now) => ({
      proposal: k,
      proposals,
      share: (start + share * 0.999) / starts,
      cost,
      pieces: now,
    }));
    const found = proposalOf(request, way.name, spec, polished);
    if (!best || found.score > best.score) best = found;
  }
  // new pieces bear old names: nothing said of the old ones' joints holds
  return { ...must(best), arrangement: { ...must(best).arrangement, joints: [] } };
}

function proposalOf(
  request: ComposeRequest,
  name: ProposalName,
  line: Arrangement['line'],
  polished: { pieces: Piece[]; iterations: number },
): Proposal {
  const arrangement = { ...request.arrangement, line, pieces: polished.pieces };
  const readings = readBalance(must(buildScene(request.cake, arrangement, request.catalogue)), {
    stops: 0,
    looks: 0,
    first: null,
  });
  return { name, arrangement, readings, score: overallScore(readings), iterations: polished.iterations };
}

/** What a search that is stopped here has so far of the proposal it is at. */
export function proposalSoFar(request: ComposeRequest, { proposal, pieces }: ComposeProgress): Proposal {
  const { name, focalShift } = must(WAYS[proposal]);
  const found = proposalOf(request, name, shifted(request.arrangement.line, focalShift), { pieces: [...pieces], iterations: 0 });
  return { ...found, arrangement: { ...found.arrangement, joints: [] } };
}

/** Piece ids that none of these has. */
function freshIds(pieces: readonly Piece[]): () => string {
  const taken = new Set(pieces.map((p) => p.id));
  let count = 0;
  return () => {
    do count++;
    while (taken.has(`p${count}`));
    return `p${count}`;
  };
}

/** With fewer pieces than this the search begins more than once: so few easily settle in a poor place, and cost little. */
const FEW_PIECES = 48;
const MOST_STARTS = 6;

const ONE_RUN = { proposal: 0, proposals: 1 } as const;

/** Everything that stands there stays; what is missing is added where it is bare. */
function* finish(request: ComposeRequest): Generator<ComposeProgress, Proposal> {
  const random = seededRandom(request.seed * 613 + 5);
  const line = must(drawLine(request.arrangement.line, request.cake));
  const standing = request.arrangement.pieces;
  const held = standing.map((p) => ({ ...p, pinned: true }));
  const missing = tinFirst(missingKinds(request), request.tin ?? []);
  const laidOut = { random, nextId: freshIds(standing), catalogue: request.catalogue };
  const added = line.strewn ? strewn(line, missing, { ...laidOut, standing }) : startLayout(line, missing, laidOut);
  const polished = yield* polish(
    request,
    { line, spec: request.arrangement.line, pieces: [...held, ...added], random, from: 0 },
    (share, cost, pieces) => ({
      ...ONE_RUN,
      share,
      cost,
      pieces,
    }),
  );
  const pinned = new Map(standing.map((p) => [p.id, p.pinned]));
  const pieces = polished.pieces.map((p) => ({ ...p, pinned: pinned.get(p.id) ?? false }));
  return proposalOf(request, 'finished', request.arrangement.line, { ...polished, pieces });
}

/** A re-balance starts this far cooled: pieces keep about their places. */
const REBALANCE_FROM = 0.42;

/** Nothing is added or taken away; pieces that are not pinned move until the readings are better. Never worse than before. */
function* rebalance(request: ComposeRequest): Generator<ComposeProgress, Proposal> {
  const random = seededRandom(request.seed * 401 + 3);
  const line = must(drawLine(request.arrangement.line, request.cake));
  const { pieces } = request.arrangement;
  const polished = yield* polish(
    request,
    { line, spec: request.arrangement.line, pieces, random, from: REBALANCE_FROM },
    (share, cost, now) => ({
      ...ONE_RUN,
      share,
      cost,
      pieces: now,
    }),
  );
  const after = proposalOf(request, 're-balanced', request.arrangement.line, polished);
  const before = proposalOf(request, 're-balanced', request.arrangement.line, { pieces: [...pieces], iterations: 0 });
  return after.score >= before.score ? after : before;
}

/** The search takes this share of the work, the last touch by the readings the rest. */
const SEARCH_SHARE = 0.8;

/** What is polished, and how far it is cooled at the beginning: 0 hot, 1 cold. */
interface Unpolished {
  line: Line;
  spec: Arrangement['line'];
  pieces: readonly Piece[];
  random: Random;
  from: number;
}

function* polish(
  { cake, arrangement, effort, catalogue }: ComposeRequest,
  { line, spec, pieces, random, from }: Unpolished,
  report: (share: number, cost: number, pieces: readonly Piece[]) => ComposeProgress,
): Generator<ComposeProgress, { pieces: Piece[]; iterations: number }> {
  // what is strewn lies where it fell
  if (line.strewn) {
    yield report(1, 0, pieces);
    return { pieces: [...pieces], iterations: 0 };
  }
  const annealer = new Annealer(cake, line, pieces, { random, catalogue });
  const iterations = Math.round(Math.min(60_000, 900 + pieces.length * 170) * effort);
  const chunk = Math.max(100, Math.round(iterations / 24));
  let best = { cost: annealer.total(), pieces: annealer.pieces() };
  yield report(0, best.cost, best.pieces);
  for (let i = 0; i < iterations; i++) {
    annealer.step(from + (1 - from) * (i / iterations));
    if (i % chunk === chunk - 1) {
      const cost = annealer.total();
      if (cost < best.cost) best = { cost, pieces: annealer.pieces() };
      yield report((SEARCH_SHARE * (i + 1)) / iterations, cost, annealer.pieces());
    }
  }
  const last = annealer.total();
  if (last < best.cost) best = { cost: last, pieces: annealer.pieces() };
  const settled = settleClashes({ cake, line, catalogue }, best.pieces, random);
  const touch = finePolish(cake, { ...arrangement, line: spec, pieces: settled }, { random, effort, catalogue });
  let next = touch.next();
  for (; !next.done; next = touch.next()) {
    const { share, pieces: now } = next.value;
    yield report(SEARCH_SHARE + (1 - SEARCH_SHARE) * share, best.cost, now);
  }
  return { pieces: allClear(next.value, { line, solid: cakeSolid(cake), catalogue }), iterations };
}

const MOST_PRESS_MM = 0.9;

/** Last of all nothing may press: cold moves until no head runs into another or the cake, or no more can be done. */
function settleClashes(
  { cake, line, catalogue }: { cake: Cake; line: Line; catalogue: Catalogue },
  pieces: readonly Piece[],
  random: Random,
): Piece[] {
  const annealer = new Annealer(cake, line, pieces, { random, catalogue });
  for (let round = 0; round < 30; round++) {
    const { worstMm, cakeMm } = annealer.clashes();
    if (worstMm < 0.8 && cakeMm < 1) break;
    for (let i = 0; i < pieces.length * 6; i++) annealer.step(1);
  }
  for (let tries = 0; tries < 3 * pieces.length && annealer.freeWorst(MOST_PRESS_MM); tries++);
  return givenWay(annealer.pieces(), { line, solid: cakeSolid(cake), catalogue }, MOST_PRESS_MM);
}

/** Runs to the end without reporting, for scripts and tests. */
export function composeAll(request: ComposeRequest): Proposal[] {
  const run = compose(request);
  let next = run.next();
  while (!next.done) next = run.next();
  return next.value;
}
