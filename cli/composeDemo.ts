import { writeFileSync } from 'node:fs';
import { composeAll } from '../src/core/compose/composer';
import { DEMO_TIN } from '../src/core/demo/bench';
import { demoBriefs } from '../src/core/demo/briefs';
import { writeProjectFile } from '../src/core/formats/projectFile';
import { takingsFor } from '../src/core/make/takings';
import { composeRequestOf } from '../src/core/plan/composeRequest';
import { derivePlan } from '../src/core/plan/derivePlan';

/** Composes the demo jobs and writes them as ordinary project files, so that a first start shows them at once. */
for (const brief of demoBriefs()) {
  let best = null;
  for (let seed = 1; seed <= 6; seed++) {
    const request = composeRequestOf({ project: brief, index: 0, seed, proposals: 1, tin: DEMO_TIN })!;
    const [proposal] = composeAll({ ...request, effort: 1.6 });
    const arrangements = [proposal!.arrangement];
    const project = { ...brief, arrangements, taken: takingsFor(arrangements, DEMO_TIN) };
    const plan = derivePlan(project);
    const stops = plan.warnings.filter((w) => w.level === 'stop').length;
    const looks = plan.warnings.filter((w) => w.level === 'look again').length;
    const hiddenMm = Math.max(0, ...proposal!.readings.map((r) => r.numbers.intoLetteringMm ?? 0));
    const rank = proposal!.score - stops * 20 - looks * 2 - hiddenMm * 3;
    if (!best || rank > best.rank)
      best = { rank, project, stops, seed, score: proposal!.score, pieces: proposal!.arrangement.pieces.length };
  }
  writeFileSync(`src/core/demo/${brief.id}.ofrenda.json`, writeProjectFile(best!.project));
  process.stdout.write(
    `${brief.name}: ${best!.pieces} pieces, score ${best!.score.toFixed(1)}, ${best!.stops} stops, seed ${best!.seed}\n`,
  );
}
