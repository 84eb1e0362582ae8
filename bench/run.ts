import { SHIPPED } from '../src/core/botany/catalogue';
import { schedule } from '../src/core/days/improve';
import { randomShop } from '../src/core/testing/dayShops';
import { packEnclose, packSiblings } from 'd3-hierarchy';
import { composeAll } from '../src/core/compose/composer';
import { Measures } from '../src/core/compose/measures';
import { readMeasured } from '../src/core/compose/readBalance';
import { buildScene } from '../src/core/compose/scene';
import { enclosingDiameter } from '../src/core/geometry/circlePacking';
import { Memo } from '../src/core/geometry/memo';
import { seededRandom } from '../src/core/geometry/random';
import { derivePlan } from '../src/core/plan/derivePlan';
import { newProject } from '../src/core/plan/newProject';
import { filler, FILLERS } from '../src/core/piece/constructions/filler';
import { expand } from '../src/core/piece/expand';
import { minutesOf } from '../src/core/piece/minutes';
import { pasteOf } from '../src/core/piece/paste';
import { windingsOf } from '../src/core/piece/tape';
import { byInstance } from '../src/core/piece/thickness';
import { wiresOf } from '../src/core/piece/wires';
import { greedyPieces, randomPieces, scoreOf } from '../src/core/testing/baselines';
import highsLoader from 'highs';
import { cutLongestFirst } from '../src/core/wire/cutList';
import { cutOptimally } from '../src/core/wire/cutOptimum';
import { solverFrom } from '../src/core/wire/solver';
import { benchCases, type BenchCase } from './cases';
import { clean, faultsOf } from './faults';
import { compareIndex } from './index';

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
  const faults = faultsOf(cake, own);
  const greedyScore = scoreOf(cake, { ...own, pieces: greedy.value });
  say(
    `${name.padEnd(34)} ${String(own.pieces.length).padStart(3)} pieces  ${score.toFixed(1)}  greedy ${greedyScore.toFixed(1)}  ` +
      `best of ${tries} random ${best.toFixed(1)}  ${(composed.ms / 1000).toFixed(1)} s (greedy ${(greedy.ms / 1000).toFixed(1)} s)` +
      `  presses ${faults.pressMm.toFixed(1)} mm, in the cake ${faults.intoCakeMm.toFixed(1)} mm, ${faults.focals} leading, ` +
      `large neighbours ${faults.alikeDeg.toFixed(0)}° apart` +
      (score > greedyScore && score > best ? '' : '  NOT BEATEN') +
      (clean(faults) ? '' : '  FAULTY'),
  );
  return composed.ms;
}

composeAll({ ...benchCases()[16]!.request, effort: 0.1 });
for (const one of benchCases()) againstTheObvious(one);

/** One piece moved at a time: the balance kept up to date against the balance read afresh, and the whole plan. */
for (const name of ['crescent, one tier', 'cascade over two', 'a wide wreath, some 300 pieces']) {
  const one = benchCases().find((c) => c.name.startsWith(name));
  if (!one) continue;
  const { cake } = one.request;
  let own = composeAll({ ...one.request, effort: 0.1 })[0]!.arrangement;
  const moved = (turn: number) => ({
    ...own,
    pieces: own.pieces.map((p, i) => (i === (turn * 7) % own.pieces.length ? { ...p, s: (p.s + 0.013) % 1 } : p)),
  });
  const live = new Measures(buildScene(cake, own, SHIPPED)!);
  const steps = { followed: 0, afresh: 0 };
  // each for itself, as a hand that drags does it: what reading afresh leaves behind does not slow the other
  for (let turn = 0; turn < 400; turn++) {
    own = moved(turn);
    const followed = timed(() => live.follow(own) && readMeasured(live, CLEAN, false));
    if (turn >= 200) steps.followed += followed.ms / 200;
  }
  for (let turn = 0; turn < 30; turn++) {
    own = moved(turn);
    const afresh = timed(() => readMeasured(new Measures(buildScene(cake, own, SHIPPED)!), CLEAN, false));
    if (turn >= 10) steps.afresh += afresh.ms / 20;
  }
  const remedies = timed(() => readMeasured(live, CLEAN));
  const project = { ...newProject('bench', 'Bench', '2027-06-12T09:30'), cake, arrangements: [own] };
  const planned = { first: timed(() => derivePlan(project)).ms, afresh: 0, followed: 0 };
  const memory = new Memo();
  for (let turn = 0; turn < 40; turn++) {
    own = moved(turn);
    const next = { ...project, arrangements: [own] };
    const afresh = timed(() => derivePlan(structuredClone(next)));
    const followed = timed(() => derivePlan(structuredClone(next), memory));
    if (turn >= 20) planned.afresh += afresh.ms / 20;
    if (turn >= 20) planned.followed += followed.ms / 20;
  }
  say(
    `${one.name}: ${own.pieces.length} pieces, one moved: read in ${steps.followed.toFixed(2)} ms, afresh ${steps.afresh.toFixed(1)} ms ` +
      `(${(steps.afresh / steps.followed).toFixed(0)} times), with remedies ${remedies.ms.toFixed(1)} ms; planned first in ` +
      `${planned.first.toFixed(0)} ms, afresh ${planned.afresh.toFixed(0)} ms, after a move ${planned.followed.toFixed(0)} ms ` +
      `(${(planned.afresh / planned.followed).toFixed(1)} times)`,
  );
}

/** From nothing, on wreaths so much longer that pieces stand as densely: time for each piece should stay about the same. */
{
  const { request } = benchCases().find((c) => c.name.startsWith('a wide wreath'))!;
  const { cake } = request;
  const own = composeAll({ ...request, effort: 0.1 })[0]!.arrangement;
  const wreathOf = (count: number) => {
    const k = count / own.pieces.length;
    const tiers = cake.tiers.map((t) => ({ ...t, diameterMm: t.diameterMm * k }));
    const pieces = Array.from({ length: count }, (_, i) => {
      const piece = own.pieces[i % own.pieces.length]!;
      return { ...piece, id: `p${i}`, s: ((piece.s + Math.floor(i / own.pieces.length)) / k) % 1 };
    });
    return {
      ...newProject('bench', 'Bench', '2027-06-12T09:30'),
      cake: { ...cake, tiers, board: { ...cake.board, diameterMm: cake.board.diameterMm * k } },
      arrangements: [{ ...own, pieces }],
    };
  };
  derivePlan(wreathOf(268), new Memo());
  const all = [268, 1200, 3000].map((count) => ({ count, ms: timed(() => derivePlan(wreathOf(count), new Memo())).ms }));
  const [few] = all;
  for (const { count, ms } of all)
    say(
      `${count} pieces planned from nothing in ${(ms / 1000).toFixed(2)} s, ` +
        `${(ms / count / (few!.ms / few!.count)).toFixed(2)} times as long for each as at ${few!.count}`,
    );
}

/** A filler of 78 florets, all that follows from its tree, against reading the same tree from text and writing it again. */
{
  const tree = filler(FILLERS.branch);
  const derive = () => {
    const instances = expand(tree);
    const wires = byInstance(wiresOf(instances, { footMm: 60, stockMm: 360 }));
    minutesOf(instances);
    pasteOf(instances);
    return windingsOf(instances, wires, { footMm: 60, fine: false });
  };
  const text = JSON.stringify(expand(tree).map(({ id, sizeMm, atMm, turnRad }) => ({ id, sizeMm, atMm, turnRad })));
  const often = (work: () => unknown) => {
    for (let i = 0; i < 30; i++) work();
    return timed(() => Array.from({ length: 100 }, work)).ms / 100;
  };
  const [own, plain] = [often(derive), often(() => JSON.stringify(JSON.parse(text)))];
  say(
    `a filler of 78 florets: its parts, wires, minutes, paste and tape in ${own.toFixed(2)} ms, ${(own / plain).toFixed(0)} times as long as reading it as text`,
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

say(`points near a place: ${compareIndex()}`);

/** Tasks over the days: rules alone against the whole search, in one run. */
for (const tasks of [80, 400]) {
  const { works, shop } = randomShop(3, { tasks, makers: 2, racks: true });
  const rules = timed(() => schedule(works, shop, 0));
  const searched = timed(() => schedule(works, shop));
  say(
    `${tasks} tasks, two makers, racks: planned in ${searched.ms.toFixed(0)} ms (target for 400: 1000); rules alone ${rules.ms.toFixed(0)} ms, ` +
      `${((rules.value.cost / searched.value.cost - 1) * 100).toFixed(1)} % dearer`,
  );
}

/** Sixty different lengths of wire: proven by generated columns, against the quick plan. */
async function cutSixty(): Promise<void> {
  const solve = solverFrom(await highsLoader());
  for (const seed of [1, 2, 3]) {
    const draw = seededRandom(seed);
    const lengths = new Set<number>();
    while (lengths.size < 60) lengths.add(40 + Math.floor(draw() * 180));
    const demands = [...lengths].map((lengthMm) => ({ lengthMm, count: 1 + Math.floor(draw() * 4) }));
    const quick = timed(() => cutLongestFirst(demands, 360));
    const proven = timed(() => cutOptimally(demands, 360, solve));
    say(
      `60 lengths: ${proven.value.bars.length} bars, ${proven.value.proven ? 'proven' : 'NOT PROVEN'} in ${(proven.ms / 1000).toFixed(2)} s; ` +
        `longest first ${quick.value.bars.length} bars in ${quick.ms.toFixed(1)} ms`,
    );
  }
}

void cutSixty();
