import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { mutated, mutations } from './mutate.mjs';
import { copyOfTree } from './treeCopy.mjs';

/**
 * Mutants of the core: one small fault at a time, and whether a test notices. `npm run mutants -- --count 200 --seed 1
 * --folders plan,days,formats,log,cake,geometry`. A mutant is killed when a test fails, survives when the tests of its folder and
 * every quick one that reaches its file pass, and the one that holds the numbers of sixty plans (with `--slow` the other slow ones
 * too); it is undecided when its time is over.
 */
const asked = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : process.argv[at + 1];
};
const COUNT = Number(asked('count', '200'));
const SEED = Number(asked('seed', '1'));
const FOLDERS = asked('folders', 'plan,days,formats,log,cake,geometry').split(',');
const SECONDS = Number(asked('seconds', '120'));
/** fewer killed than this is a failure */
const LEAST = Number(asked('least', '0'));
/** the slow tests that reach a file as well: more are killed, and it takes hours */
const SLOW_TOO = process.argv.includes('--slow');
const WORKERS = Math.max(1, Math.min(availableParallelism(), 2));

/** Mulberry32: the same draw for the same seed. */
function seeded(seed) {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const isSource = (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !/facts\.ts$/i.test(name);
function* sources(folder) {
  for (const name of readdirSync(folder).sort()) {
    const file = path.join(folder, name);
    if (statSync(file).isDirectory()) yield* sources(file);
    else if (isSource(name)) yield file;
  }
}

/** Runs jest in the copy; 'passed', 'failed' or 'late'. */
function jest(place, tests, seconds) {
  return new Promise((done) => {
    const child = spawn(
      process.execPath,
      ['node_modules/jest/bin/jest.js', '--silent', '--bail', '--maxWorkers=1', '--runTestsByPath', ...tests],
      {
        cwd: place,
        stdio: 'ignore',
        detached: true,
      },
    );
    let late = false;
    const timer = setTimeout(() => {
      late = true;
      process.kill(-child.pid, 'SIGKILL');
    }, seconds * 1000);
    child.on('close', (code) => {
      clearTimeout(timer);
      done(late ? 'late' : code === 0 ? 'passed' : 'failed');
    });
  });
}

/** How long each test file took in the last `npm test`, seconds; unknown ones are taken for quick. */
function durations() {
  const kept = 'node_modules/.cache/test-seconds.json';
  return new Map(existsSync(kept) ? Object.entries(JSON.parse(readFileSync(kept, 'utf8'))) : []);
}
const took = durations();
const secondsOf = (test) => took.get(test) ?? 1;
const QUICK_SECONDS = 4;
/** Slow, and reaches nearly all: it is tried after the quick ones. */
const HOLDING = 'src/core/plan/sameNumbers.test.ts';

const related = new Map();
/** Tests that reach a file, in the order they are tried: those of its own folder, the quick ones, the one that holds, the slow. */
function testsOf(place, file) {
  if (!related.has(file)) {
    const args = ['node_modules/jest/bin/jest.js', '--listTests', '--findRelatedTests', file];
    const { stdout } = spawnSync(process.execPath, args, { cwd: place, encoding: 'utf8' });
    const tests = stdout.split('\n').filter(Boolean).map((t) => path.relative(place, t)).sort((a, b) => secondsOf(a) - secondsOf(b)); // prettier-ignore
    const near = tests.filter((t) => path.dirname(t) === path.dirname(file));
    const far = tests.filter((t) => !near.includes(t));
    const slow = far.filter((t) => secondsOf(t) > QUICK_SECONDS);
    related.set(file, [
      near,
      far.filter((t) => secondsOf(t) <= QUICK_SECONDS),
      slow.filter((t) => t === HOLDING),
      slow.filter((t) => t !== HOLDING),
    ]);
  }
  return related.get(file);
}

async function verdict(place, file) {
  const until = Date.now() + SECONDS * 1000;
  for (const tests of SLOW_TOO ? testsOf(place, file) : testsOf(place, file).slice(0, 3)) {
    if (tests.length === 0) continue;
    const found = await jest(place, tests, Math.max(1, (until - Date.now()) / 1000));
    if (found === 'failed') return 'killed';
    if (found === 'late') return 'undecided';
  }
  return 'survived';
}

const root = process.cwd();
const random = seeded(SEED);
const all = FOLDERS.flatMap((folder) =>
  [...sources(path.join('src/core', folder))].flatMap((file) => {
    const text = readFileSync(file, 'utf8');
    return mutations(text, file).map((mutation) => ({ file, folder, mutation, text }));
  }),
);
const drawn = all
  .map((mutant) => ({ mutant, order: random() }))
  .sort((a, b) => a.order - b.order)
  .slice(0, COUNT)
  .map(({ mutant }) => mutant);
console.log(`${all.length} mutants in ${FOLDERS.join(', ')}; ${drawn.length} drawn with seed ${SEED}`);

const results = [];
let next = 0;
async function work() {
  const place = copyOfTree(root);
  try {
    while (next < drawn.length) {
      const { file, folder, mutation, text } = drawn[next++];
      writeFileSync(path.join(place, file), mutated(text, mutation));
      const found = await verdict(place, file);
      writeFileSync(path.join(place, file), text);
      results.push({ file, folder, line: mutation.line, what: mutation.what, verdict: found });
      console.log(
        `${String(results.length).padStart(3)}/${drawn.length} ${found.padEnd(9)} ${file}:${mutation.line} ${mutation.what}`,
      );
    }
  } finally {
    rmSync(place, { recursive: true, force: true });
  }
}
await Promise.all(Array.from({ length: WORKERS }, work));

mkdirSync('test-results', { recursive: true });
writeFileSync('test-results/mutants.json', `${JSON.stringify({ seed: SEED, folders: FOLDERS, results }, null, 1)}\n`);
const of = (want, folder) => results.filter((r) => r.verdict === want && (!folder || r.folder === folder)).length;
const share = (folder) => {
  const killed = of('killed', folder);
  const decided = killed + of('survived', folder);
  return `${killed} of ${decided} decided killed${decided ? ` (${Math.round((killed / decided) * 100)} %)` : ''}, ${of('undecided', folder)} undecided`;
};
for (const folder of FOLDERS) console.log(`${folder.padEnd(10)} ${share(folder)}`);
console.log(`all        ${share()}`);
process.exit(of('killed') < LEAST ? 1 : 0);
