import { packEnclose, packSiblings } from 'd3-hierarchy';
import { composeAll } from '../src/core/compose/composer';
import { drawLine } from '../src/core/compose/line';
import { overallScore, readBalance } from '../src/core/compose/reading';
import { buildScene } from '../src/core/compose/scene';
import { shareOut } from '../src/core/compose/shareOut';
import { startLayout } from '../src/core/compose/startLayout';
import { demoBriefs } from '../src/core/demo/briefs';
import { enclosingDiameter } from '../src/core/geometry/circlePacking';
import { seededRandom } from '../src/core/geometry/random';
import { derivePlan } from '../src/core/plan/derivePlan';

/** Figures as ratios against a plain baseline measured in the same run. Nothing here passes or fails. */
const CLEAN = { stops: 0, looks: 0, first: null };
const say = (line: string) => process.stdout.write(`${line}\n`);

function timed<T>(work: () => T): { value: T; ms: number } {
  const from = performance.now();
  const value = work();
  return { value, ms: performance.now() - from };
}

for (const brief of demoBriefs()) {
  const arrangement = brief.arrangements[0]!;
  const score = (pieces: typeof arrangement.pieces, line = arrangement.line) =>
    overallScore(readBalance(buildScene(brief.cake, { ...arrangement, line, pieces })!, CLEAN));
  const request = {
    cake: brief.cake,
    arrangement,
    choices: brief.brief.choices,
    style: brief.brief.style,
    counts: null,
    seed: 1,
    proposals: 1,
    effort: 1,
  };
  composeAll({ ...request, effort: 0.1 });
  const composed = timed(() => composeAll(request)[0]!);
  const line = drawLine(arrangement.line, brief.cake)!;
  let n = 0;
  const start = startLayout(line, shareOut(line, brief.brief.style, brief.brief.choices, 1.2), seededRandom(1), () => `s${n++}`);
  let best = 0;
  let tries = 0;
  for (const from = performance.now(); performance.now() - from < composed.ms; tries++) {
    const random = seededRandom(tries + 1);
    best = Math.max(
      best,
      score(
        composed.value.arrangement.pieces.map((p) => ({
          ...p,
          s: random(),
          side: random() * 2 - 1,
          headingRad: random() * 6.28,
        })),
        composed.value.arrangement.line,
      ),
    );
  }
  const project = { ...brief, arrangements: [composed.value.arrangement] };
  const cold = timed(() => derivePlan(project)).ms;
  const warm = timed(() => derivePlan(project)).ms;
  say(`${brief.name}: ${composed.value.arrangement.pieces.length} pieces in ${composed.ms.toFixed(0)} ms`);
  say(
    `  score ${composed.value.score.toFixed(1)}; first layout alone ${score(start).toFixed(1)}; best of ${tries} random in the same time ${best.toFixed(1)}`,
  );
  say(`  plan from nothing ${cold.toFixed(0)} ms, again ${warm.toFixed(0)} ms (${(cold / warm).toFixed(1)} times)`);
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
