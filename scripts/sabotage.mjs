import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { copyOfTree } from './treeCopy.mjs';

/**
 * Rules of what may be said to go, each spoiled by itself in a copy of the tree: the second look at the plans
 * (`src/core/plan/proof.test.ts`, without the tests that spoil plans) has to notice. `npm run sabotage`, or `-- --only 3` for one.
 * Ends with one line: N caught, N missed.
 */
const RULES = [
  ['place/contact.ts', 'if (!sunk || sunk.deepMm <= HEAD_TOUCH_MM) return [];', 'return [];', 'heads in eaten icing'],
  ['compose/intoEaten.ts', 'const deepMm = -solid.signedDistanceMm(at);', 'const deepMm = -solid.signedDistanceMm(at) - 12;', 'heads in icing by up to 12 mm'],
  ['compose/intoEaten.ts', 'eatenAt(solid, at)) sunk', 'p.spine.length === 0) sunk', 'sprigs in icing'],
  ['cake/eatenAt.ts', 'eaten = t.tier.covering.eaten || ', 'eaten = false && t.tier.covering.eaten || ', 'what is eaten'],
  ['cake/eatenAt.ts', "const NEAR_MM = 8;", 'const NEAR_MM = -8;', 'only what is deep inside is eaten'],
  ['place/contact.ts', "if (p.body.species.wiring.stamens) return 'stamens';\n  if (dust === 'edible') return null;", 'return null;', 'dust that is not edible'],
  ['place/contact.ts', 'if (worst >= STEM_CLEARANCE_MM || !eatenAt(solid, at)) return [];', 'return [];', 'stems in icing'],
  ['plan/stems.ts', 'export const STEM_LIFT_MM = 1.6;', 'export const STEM_LIFT_MM = -9;', 'stems that are bent out of the cake'],
  ['place/barrier.ts', 'stemMm + 0.5 <= barrier.boreMm', 'stemMm - 2 <= barrier.boreMm', 'half a millimetre to spare in a bore'],
  ['place/seating.ts', "if (!(clearMm >= clearanceFor(ray.meets))) return 'depth';", '', 'what is deeper than the cake'],
  ['place/seating.ts', "if (dowels.some((dowel) => wallBetweenMm(own, dowel) < TO_DOWEL_MM)) return 'dowel';", '', 'the margin beside a dowel'],
  ['place/seating.ts', 'dowels: cake.dowels.map(dowelStanding)', 'dowels: []', 'dowels'],
  ['place/seating.ts', 'new Walls([...placed, ...taken])', 'new Walls([])', 'walls between barriers'],
  ['place/seatWarnings.ts', ".filter((e) => e.nearestEntryMm < wantedWalls(e).leastMm - 0.05)", '.filter(() => false)', 'barriers too near each other'],
  ['plan/derivePlan.ts', 'const before = planned.flatMap((p) => p.built.entries.map(inCakeOf));', 'const before = planned.slice(99).flatMap((p) => p.built.entries.map(inCakeOf));', 'what another arrangement has in the cake'],
  ['place/seating.ts', "(request.standsOutMm ?? STAKE_OUT_MM)", '2', 'stick to tape to'],
  ['place/foam.ts', 'const roomMm = ray.insideMm - clearanceFor(ray.meets);', 'const roomMm = 400;', 'foam that is thin'],
  ['plan/build.ts', "if (!ray || ray.tier.tier.kind !== 'dummy') {", 'if (!ray) {', 'bare wire in cake'],
  ['plan/build.ts', 'if (ray.tier.tier.covering.eaten) {', 'if (false) {', 'bare wire through icing that is eaten'],
  ['place/oneCake.ts', '.filter((c) => c.mm + PETAL_GIVE_MM > PRESS_STOP_MM)', '.filter(() => false)', 'heads in one place'],
  ['place/oneCake.ts', 'return pressMm > PRESS_LOOK_MM ?', 'return pressMm > 1e9 ?', 'two arrangements in one place'],
  ['place/oneCake.ts', 'if (mm > deepMm) [through, deepMm] = [head, mm];', '', 'stems through heads'],
  ['plan/handOver.ts', ".filter((e) => e.countsOut)", '.filter((e) => e.countsOut && e.number !== 2)', 'one that is left out of the count'],
  ['formats/handOverSheets.ts', 'rows: facts.out.map(', 'rows: facts.out.slice(1).map(', 'one that is left off the sheet'],
  ['plan/handOver.ts', 'toppersHoldWire: !wired && tray.some((kind) => kindHoldsWire(kind.species, project)),', 'toppersHoldWire: false,', 'wired flowers that are called food'],
  ['place/eaten.ts', "|| dust === 'edible') return null;", "|| dust !== 'edible') return null;", 'toppers with dust that is not edible'],
  ['plan/derivePlan.ts', "verdict: stops > 0 ? 'stop'", "verdict: stops > 3 ? 'stop'", 'a few stops that do not count'],
  ['plan/planArrangement.ts', 'warnings: [...own, ', 'warnings: [...built.warnings, ', 'contacts that are not said'],
  ['cake/solid.ts', 'const d = tierDistance(must(tiers[k]), x, y, z);', 'const d = tierDistance(must(tiers[k]), x, y, z - 6);', 'a cake 6 mm higher than it is'],
  ['place/reach.ts', 'const direction = allowedDirection(toward, normal);', 'const direction = toward;', 'directions that the surface does not take'],
]; // prettier-ignore

const asked = process.argv.indexOf('--only');
const chosen = asked < 0 ? RULES : [RULES[Number(process.argv[asked + 1]) - 1]];
const place = copyOfTree('.');
let caught = 0;
const missed = [];
for (const [file, from, to, what] of chosen) {
  const at = path.join(place, 'src/core', file);
  const whole = readFileSync(at, 'utf8');
  if (whole.split(from).length !== 2) {
    missed.push(`${what}: ${file} does not hold what is to be spoiled, once`);
    continue;
  }
  writeFileSync(
    at,
    whole.replace(from, () => to),
  );
  const { status } = spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', '--silent', '--bail', '--runTestsByPath', 'src/core/plan/proof.test.ts', '-t', 'says go|composed plan'],
    { cwd: place, stdio: 'ignore', env: { ...process.env, PROOF: process.env.PROOF ?? '60' }, timeout: 300_000 },
  ); // prettier-ignore
  writeFileSync(at, whole);
  if (status === 0) missed.push(what);
  else caught++;
  console.log(`${status === 0 ? 'MISSED' : 'caught'}: ${what}`);
}
console.log(`${caught} caught, ${missed.length} missed`);
for (const line of missed) console.log(`  ${line}`);
process.exit(missed.length ? 1 : 0);
