import { packEnclose, packSiblings } from 'd3-hierarchy';
import { composeAll } from '../src/core/compose/composer';
import { readBalance } from '../src/core/compose/reading';
import { buildScene } from '../src/core/compose/scene';
import { enclosingDiameter } from '../src/core/geometry/circlePacking';
import { seededRandom } from '../src/core/geometry/random';
import { derivePlan } from '../src/core/plan/derivePlan';
import { newProject } from '../src/core/plan/newProject';
import { greedyPieces, randomPieces, scoreOf } from '../src/core/testing/baselines';
import { benchCases, type BenchCase } from './cases';

/** Figures as ratios against a plain baseline measured in the same run. Nothing here passes or fails. */
const CLEAN = { stops: 0, looks: 0, first: null };
const say = (line: string) => process.stdout.write(`${line}\n`);

function timed<T>(work: () => T): { value: T; ms: number } {
  const from = performance.now();
  const value = work();
  return { value, ms: performance.now() - from };
}

/** The composer against what is obvious, at equal time: greedy once, and random ones for as long as the composer took. */
function againstTheObvious({ name, request }: BenchCase): number {
  const { cake, arrangement } = request;
  const kinds = request.counts!;
  const composed = timed(() => composeAll(request)[0]!);
  const own = composed.value.arrangement;
  const greedy = timed(() => greedyPieces(cake, arrangement, kinds));
  let best = 0;
  let tries = 0;
  for (const from = performance.now(); tries < 200 || performance.now() - from < composed.ms; tries++) {
    best = Math.max(best, scoreOf(cake, { ...own, pieces: randomPieces(kinds, seededRandom(tries + 1)) }));
  }
  const score = scoreOf(cake, own);
  const greedyScore = scoreOf(cake, { ...own, pieces: greedy.value });
  say(
    `${name.padEnd(34)} ${String(own.pieces.length).padStart(3)} pieces  ${score.toFixed(1)}  greedy ${greedyScore.toFixed(1)}  ` +
      `best of ${tries} random ${best.toFixed(1)}  ${(composed.ms / 1000).toFixed(1)} s (greedy ${(greedy.ms / 1000).toFixed(1)} s)` +
      (score > greedyScore && score > best ? '' : '  NOT BEATEN'),
  );
  return composed.ms;
}

composeAll({ ...benchCases()[16]!.request, effort: 0.1 });
for (const one of benchCases()) againstTheObvious(one);

/** One piece of a large arrangement moved: the plan and the balance read afresh. */
for (const one of benchCases().filter((c) => ['cascade over two', 'a wide wreath, some 300 pieces'].includes(c.name))) {
  const { cake } = one.request;
  const own = composeAll({ ...one.request, effort: 0.1 })[0]!.arrangement;
  readBalance(buildScene(cake, own)!, CLEAN);
  const placed = timed(() => buildScene(cake, own)!);
  const read = timed(() => readBalance(placed.value, CLEAN));
  const project = { ...newProject('bench', 'Bench', '2027-06-12T09:30'), cake, arrangements: [own] };
  const plan = timed(() => derivePlan(project));
  say(
    `${one.name}: ${own.pieces.length} pieces placed in ${placed.ms.toFixed(0)} ms, read in ${read.ms.toFixed(0)} ms, planned in ${plan.ms.toFixed(0)} ms`,
  );
}

const random = seededRandom(3);
let ours = 0;
let library = 0;
let ms = 0;
for (let i = 0; i < 40; i++) {
  const diameters = Array.from({ length: 3 + Math.floor(random() * 14) }, () => 0.3 + random() * 0.7);
  const own = timed(() => enclosingDiameter(diameters));
  ms += own.ms;
  ours += own.value;
  library += packEnclose(packSiblings(diameters.map((d) => ({ r: d / 2, x: 0, y: 0 })))).r * 2;
}
say(
  `bundles of 3–16 mixed wires: ${(library / ours).toFixed(3)} times as thick by the library's quick packing; ours ${(ms / 40).toFixed(0)} ms each`,
);
