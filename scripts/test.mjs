import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { build, chromium, install, NEXT, run, start } from './shared.mjs';

/** Everything that has to hold, in one run. Ends with one plain line: N passed, N failed. */
let passed = 0;
let failed = 0;

const step = (name, ok) => {
  if (ok) return;
  failed++;
  console.error(`✗ ${name}`);
};

const finish = () => {
  console.log(`${passed} passed, ${failed} failed`);
  process.exit(failed ? 1 : 0);
};

const node = (script, args) => run(process.execPath, [script, ...args]);

if (!install()) {
  step('install', false);
  finish();
}
mkdirSync('test-results', { recursive: true });
for (const file of ['jest.json', 'e2e.json']) rmSync(`test-results/${file}`, { force: true });
const browser = chromium();

step('route types', node(NEXT, ['typegen']));
// side by side: each of them uses one core
const checks = {
  'lint and the import rule': ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'],
  types: ['node_modules/typescript/bin/tsc', '--noEmit', '-p', '.'],
  'no import in a circle': ['node_modules/dependency-cruiser/bin/dependency-cruise.mjs', 'src', 'app', 'cli', 'bench', 'proxy.ts', '--config', '.dependency-cruiser.cjs'], // prettier-ignore
  'no export or dependency that nobody uses': ['node_modules/knip/bin/knip.js', '--no-progress'],
  'what sabotage spoils is there': ['scripts/sabotage.mjs', '--there'],
  formatting: ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'],
};
const ended = (child) => new Promise((done) => child.on('close', (code) => done(code === 0)));
const found = Object.entries(checks).map(([name, args]) => [name, ended(start(process.execPath, args))]);
for (const [name, ok] of found) step(name, await ok);

step(
  'unit tests ran',
  node('node_modules/jest/bin/jest.js', ['--json', '--outputFile=test-results/jest.json']) ||
    existsSync('test-results/jest.json'),
);
if (existsSync('test-results/jest.json')) {
  const jest = JSON.parse(readFileSync('test-results/jest.json', 'utf8'));
  passed += jest.numPassedTests;
  failed += jest.numFailedTests + jest.numRuntimeErrorTestSuites;
  // how long each file took: `npm run mutants` tries the quick ones first
  const seconds = jest.testResults.map((t) => [path.relative('.', t.name), (t.endTime - t.startTime) / 1000]);
  mkdirSync('node_modules/.cache', { recursive: true });
  writeFileSync('node_modules/.cache/test-seconds.json', JSON.stringify(Object.fromEntries(seconds)));
}

step(
  'small faults are noticed (a sample)',
  node('scripts/mutants.mjs', ['--count', '4', '--folders', 'log,cake', '--least', '1']),
);

const built = await build();
step('build', built);
if (!browser) step('a browser to drive', false);
else if (built) {
  // the browser is killed two hundred times by `npm run killed`; here a sample
  const env = { CHROMIUM: browser, KILLS: process.env.KILLS ?? '10' };
  run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test'], env);
  if (existsSync('test-results/e2e.json')) {
    const { stats, errors } = JSON.parse(readFileSync('test-results/e2e.json', 'utf8'));
    // one that passed at the second try is named as flaky in the list above
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected + (stats.expected + stats.unexpected === 0 ? 1 : 0) + errors.length;
  } else step('interface tests ran', false);
}
node('scripts/ratio.mjs', []);
finish();
