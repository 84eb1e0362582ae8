import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { copyOfTree } from './treeCopy.mjs';

/**
 * Rules of what may be said to go, each spoiled by itself in a copy of the tree: the second look at the plans
 * (`src/core/plan/proof.test.ts`, without the tests that spoil plans) has to notice. `npm run sabotage`, or `-- --only 3` for one;
 * `-- --there` only asks whether what is to be spoiled is still there, once.
 * Ends with one line: N caught, N missed.
 */
const RULES = [
  ['heads in eaten icing', ['place/contact.ts', 'if (!sunk) return [];\n    const { deepMm } = sunk;', 'if (!sunk || sunk) return [];\n    const { deepMm } = sunk;']],
  ['heads in icing by up to 12 mm', ['compose/intoEaten.ts', 'const deepMm = -solid.signedDistanceMm(at);', 'const deepMm = -solid.signedDistanceMm(at) - 12;']],
  ['sprigs in icing', ['compose/intoEaten.ts', 'return deepMm > thanMm && eatenAt(solid, at)', 'return deepMm > thanMm && p.spine.length === 0']],
  ['what is drawn only from afar', ['botany/catalogue.ts', 'new MeshBuilder(false, true);', 'new MeshBuilder(true, true);']],
  ['what is eaten', ['cake/eatenAt.ts', 'eaten = t.tier.covering.eaten || ', 'eaten = false && t.tier.covering.eaten || ']],
  ['only what is deep inside is eaten', ['cake/eatenAt.ts', 'const NEAR_MM = 8;', 'const NEAR_MM = -8;']],
  ['dust that is not edible', ['place/contact.ts', "if (dust === 'edible') return null;", 'return null;']],
  ['a piece on something made for food, wherever it is', ['place/contact.ts', 'if (underlaid.has(p.piece.id)) return', 'if (p) return']],
  ['stems through icing, neither bent nor said', ['plan/stems.ts', 'export const STEM_LIFT_MM = 1.6;', 'export const STEM_LIFT_MM = -60;'], ['place/contact.ts', 'if (worst >= clearMm || !eatenAt(solid, at)) return [];', 'return [];']],
  ['half a millimetre to spare in a bore', ['place/barrier.ts', 'stemMm + 0.5 <= barrier.boreMm', 'stemMm - 2 <= barrier.boreMm']],
  ['wires of petals, leaves and stamens in a bore', ['plan/build.ts', '...(trimmedAtMm(p, freeMm, context) === null ? reaching(footWires(p, context), freeMm) : []),', '']],
  ['what is deeper than the cake', ['place/seating.ts', "if (!(clearMm >= clearanceFor(ray.meets))) return 'depth';", '']],
  ['dowels', ['place/seating.ts', 'dowels: cake.dowels.map(dowelStanding)', 'dowels: []']],
  ['the margin beside a dowel', ['place/seating.ts', "if (dowels.some((dowel) => wallBetweenMm(own, dowel) < TO_DOWEL_MM)) return 'dowel';", '']],
  ['walls between barriers', ['place/seating.ts', 'new Walls([...placed, ...taken])', 'new Walls([])']],
  ['barriers that crowd each other, neither moved nor said', ['place/seating.ts', 'if (wall < least) cost += 6 + 4 * (least - wall);', ''], ['place/seating.ts', 'const MOST_ROUNDS = 24;', 'const MOST_ROUNDS = 0;'], ['place/seatWarnings.ts', '.filter((e) => e.nearestEntryMm < wantedWalls(e).leastMm - 0.05)', '.filter(() => false)'], ['place/seatWarnings.ts', 'if (near.length < 2 ||', 'if (near.length > 0 ||']],
  ['what another arrangement has in the cake', ['plan/derivePlan.ts', 'const before = planned.flatMap((p) => p.built.entries.map(inCakeOf));', 'const before = planned.slice(99).flatMap((p) => p.built.entries.map(inCakeOf));']],
  ['stick to tape to', ['place/seating.ts', '(request.standsOutMm ?? STAKE_OUT_MM)', '2']],
  ['foam that is thin', ['place/foam.ts', 'const roomMm = ray.insideMm - clearanceFor(ray.meets);', 'const roomMm = 400;']],
  ['bare wire through icing that is eaten', ['plan/build.ts', 'if (ray.tier.tier.covering.eaten) {', 'if (ray === null) {']],
  ['bare wire in cake', ['plan/build.ts', "if (!ray || ray.tier.tier.kind !== 'dummy') {", 'if (!ray) {'], ['plan/build.ts', 'if (ray.tier.tier.covering.eaten) {', 'if (ray === null) {']],
  ['heads in one place', ['place/oneCake.ts', '.filter((c) => c.mm + PETAL_GIVE_MM > PRESS_STOP_MM)', '.filter(() => false)'], ['place/oneCake.ts', 'if (mm > deepMm) [through, deepMm] = [head, mm];', '']],
  ['two arrangements in one place', ['plan/derivePlan.ts', '...betweenArrangements(planned, project.cake, memo)', '']],
  ['stems through heads', ['place/oneCake.ts', 'if (mm > deepMm) [through, deepMm] = [head, mm];', '']],
  ['one that is left out of the count', ['plan/handOver.ts', '.filter((e) => e.countsOut)', '.filter((e) => e.countsOut && e.number !== 2)']],
  ['one that is left off the sheet', ['formats/handOverSheets.ts', 'rows: facts.out.map(', 'rows: facts.out.slice(1).map(']],
  ['wired flowers that are called food', ['plan/handOver.ts', 'toppersHoldWire: !wired && tray.some((kind) => kindHoldsWire(kind.species, project)),', 'toppersHoldWire: false,']],
  ['a few stops that do not count', ['plan/derivePlan.ts', "verdict: stops > 0 ? 'stop'", "verdict: stops > 3 ? 'stop'"]],
  ['contacts that are not said', ['plan/planArrangement.ts', 'const own = [\n    ...built.warnings,\n    ...contacts,', 'const own = [\n    ...built.warnings,']],
  ['a cake 6 mm lower than it is', ['cake/solid.ts', 'const d = tierDistance(must(tiers[k]), x, y, z);', 'const d = tierDistance(must(tiers[k]), x, y, z + 6);']],
  ['stops of what finds no seat', ['place/seating.ts', 'else warnings.push(noSeat(request, { cake, solid, barriers }));', '']],
]; // prettier-ignore

const asked = process.argv.indexOf('--only');
const chosen = asked < 0 ? RULES : [RULES[Number(process.argv[asked + 1]) - 1]];
const onlyThere = process.argv.includes('--there');
const place = onlyThere ? '.' : copyOfTree('.');
let caught = 0;
const missed = [];
for (const [what, ...edits] of chosen) {
  const files = new Map();
  let once = true;
  for (const [file, from, to] of edits) {
    const at = path.join(place, 'src/core', file);
    const { whole, spoiled } = files.get(at) ?? { whole: readFileSync(at, 'utf8'), spoiled: readFileSync(at, 'utf8') };
    once &&= spoiled.split(from).length === 2;
    files.set(at, { whole, spoiled: spoiled.replace(from, () => to) });
  }
  if (!once) {
    missed.push(`${what}: what is to be spoiled is not there, once`);
    continue;
  }
  if (onlyThere) continue;
  for (const [at, { spoiled }] of files) writeFileSync(at, spoiled);
  const { status } = spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', '--silent', '--bail', '--runTestsByPath', 'src/core/plan/proof.test.ts', '-t', 'says go|composed plan'],
    { cwd: place, stdio: 'ignore', env: { ...process.env, PROOF: process.env.PROOF ?? '40' }, timeout: 300_000 },
  ); // prettier-ignore
  for (const [at, { whole }] of files) writeFileSync(at, whole);
  if (status === 0) missed.push(what);
  else caught++;
  console.log(`${status === 0 ? 'MISSED' : 'caught'}: ${what}`);
}
if (!onlyThere) console.log(`${caught} caught, ${missed.length} missed`);
for (const line of missed) console.log(`  ${line}`);
process.exit(missed.length ? 1 : 0);
