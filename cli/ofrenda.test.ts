import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { DerivedPlan } from '@/core/plan/derivePlan';

const DEMO = 'src/core/demo/demo-harbour-library.ofrenda.json';
const folder = mkdtempSync(path.join(tmpdir(), 'ofrenda-'));

const file = (name: string, text: string): string => {
  const place = path.join(folder, name);
  writeFileSync(place, text);
  return place;
};

function ofrenda(...args: string[]) {
  const run = spawnSync(process.execPath, ['node_modules/tsx/dist/cli.mjs', 'cli/ofrenda.ts', ...args], {
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  });
  const issues = run.stderr
    .split('\n')
    .filter((line) => line.startsWith('{'))
    .map((line) => JSON.parse(line) as { path: string; expected: string; received: string });
  return { status: run.status, out: run.stdout, issues };
}

test('plan: the demo job’s whole plan as JSON', () => {
  const run = ofrenda('plan', DEMO);
  expect(run.status).toBe(0);
  const plan = JSON.parse(run.out) as DerivedPlan;
  expect(plan.verdict).toBe('go');
  expect(plan.heads.length).toBeGreaterThan(40);
  expect(plan.handOver.goesIn).toBe(plan.handOver.comesOut);
});

test('plan --lang: codes stay, words are those of the language; one that is not there is refused', () => {
  const { tasks } = JSON.parse(ofrenda('plan', DEMO, '--lang', 'es').out) as {
    tasks: { name: { code: string; told: string } }[];
  };
  expect(tasks[0]!.name).toMatchObject({ code: 'task.mix', told: 'Mezclar las pastas' });
  expect(ofrenda('plan', DEMO, '--lang', 'xx')).toMatchObject({ status: 2, issues: [{ path: '--lang' }] });
});

test('compose: proposals from a seed, the best written to a file that opens again', () => {
  const out = path.join(folder, 'composed.ofrenda.json');
  const once = ofrenda('compose', DEMO, '--seed', '4', '--proposals', '1', '--out', out);
  expect(once.status).toBe(0);
  const [first] = JSON.parse(once.out) as { name: string; score: number; pieces: number }[];
  expect(first!.score).toBeGreaterThan(80);
  expect(ofrenda('check', out)).toMatchObject({ status: 0 });
  const again = ofrenda('compose', DEMO, '--seed', '4', '--proposals', '1');
  const [{ arrangement }] = JSON.parse(again.out) as [{ arrangement: { pieces: unknown[] } }];
  expect(arrangement.pieces).toEqual(
    (JSON.parse(readFileSync(out, 'utf8')) as { arrangements: { pieces: unknown[] }[] }).arrangements[0]!.pieces,
  );
});

test('cutlist: proven lengths by gauge', () => {
  const csv = file('cuts.csv', 'gauge,length_mm,count\n20,96,4\n20,120,3\n28,60,12\n');
  const run = ofrenda('cutlist', csv, '--stock-mm', '360');
  expect(run.status).toBe(0);
  expect(JSON.parse(run.out)).toMatchObject([
    { gauge: 20, lengths: 3, proven: true },
    { gauge: 28, lengths: 2, proven: true, byFractions: 2 },
  ]);
});

test('bundle: the smallest circle round wires', () => {
  const run = ofrenda('bundle', '1', '1', '1');
  expect((JSON.parse(run.out) as { enclosingMm: number }).enclosingMm).toBeCloseTo(2.1547, 2);
});

describe('bad input: exit 2 and issues as JSON lines', () => {
  test.each<[string, string[], string, string]>([
    ['no command', [], 'command', ''],
    ['a file that is not there', ['plan', '/no/such/file'], '/no/such/file', ''],
    ['a file that is not JSON', ['check', file('text.json', 'dear diary')], '', ''],
    ['a file of a newer version', ['check', file('new.json', '{"kind":"ofrenda.project","version":7}')], 'version', '7'],
    ['a cut list without a column', ['cutlist', file('bad.csv', 'gauge,count\n20,1')], 'header.length_mm', ''],
    ['a diameter that is none', ['bundle', '1', 'thick'], 'D2', 'thick'],
    ['no diameter', ['bundle'], 'D1', ''],
    ['a seed that is none', ['compose', DEMO, '--seed', 'luck'], '--seed', 'luck'],
  ])('%s', (_name, args, where, received) => {
    const run = ofrenda(...args);
    expect(run.status).toBe(2);
    expect(run.out).toBe('');
    expect(run.issues[0]).toMatchObject({ path: where });
    if (received) expect(run.issues[0]!.received).toBe(received);
    expect(run.issues[0]!.expected.length).toBeGreaterThan(0);
  });
});

describe('the import rule', () => {
  const lint = (where: string, code: string) => {
    const run = spawnSync(
      process.execPath,
      ['node_modules/eslint/bin/eslint.js', '--stdin', '--stdin-filename', where, '--format', 'json'],
      { input: code, encoding: 'utf8' },
    );
    const [report] = JSON.parse(run.stdout) as [{ messages: { ruleId: string }[] }];
    return report.messages.map((m) => m.ruleId);
  };

  test('geometry is a leaf, the core knows no interface and no clock, data knows no interface', () => {
    expect(
      lint('src/core/geometry/x.ts', "import { stackTiers } from '../cake/cake';\nexport const x = stackTiers;\n"),
    ).toContain('boundaries/dependencies');
    expect(
      lint('src/core/make/x.ts', "import { createElement } from 'react';\nexport const x = [createElement, Date.now()];\n"),
    ).toEqual(expect.arrayContaining(['no-restricted-imports', 'no-restricted-properties']));
    expect(lint('src/data/x.ts', "import { plural } from '@/ui/shared/words';\nexport const x = plural;\n")).toContain(
      'boundaries/dependencies',
    );
    expect(lint('src/ui/x.ts', "import { plural } from './shared/words';\nexport const x = plural;\n")).toEqual([]);
  });
});
