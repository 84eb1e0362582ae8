import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import harbour from '../demo/demo-harbour-library.ofrenda.json';
import { derivePlan } from '../plan/derivePlan';
import { checkProject } from '../plan/project';
import { ENGLISH } from '../words/english';
import { drawingSvg } from './drawing';
import { PAPER_FONTS } from './fontsForTests';
import { marked, notReady } from './notReady';
import { sheetsPdf } from './sheets';
import { templates } from './template';

const checked = checkProject(harbour);
if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
const { project } = checked;
const going = derivePlan(project);
const stopped = derivePlan({
  ...project,
  arrangements: project.arrangements.map((a) => ({ ...a, method: 'dummy' })),
});
const drawn = templates({ cake: project.cake, entries: going.entries, title: project.name, words: ENGLISH });

test('paper says in its head how many stops are open, and nothing where none is', () => {
  const stops = stopped.warnings.filter((w) => w.level === 'stop').length;
  expect(stops).toBeGreaterThan(1);
  expect(notReady(stopped.warnings, ENGLISH)).toBe(`Not ready: ${stops} stops are open. Do not hand it over yet.`);
  expect(notReady(going.warnings, ENGLISH)).toBe('');
  expect(marked(drawn, '')).toEqual(drawn);
});

test('a template with a stop carries it on every sheet, read back by another reader, and in its SVG; larger than all else on it', async () => {
  const line = notReady(stopped.warnings, ENGLISH);
  const file = join(mkdtempSync(join(tmpdir(), 'not-ready-')), 'templates.pdf');
  writeFileSync(file, await sheetsPdf(marked(drawn, line), 'A4', PAPER_FONTS));
  const { pages } = JSON.parse(execFileSync('node', ['src/core/testing/readPdf.mjs', file], { encoding: 'utf8' })) as {
    pages: { words: { words: string }[] }[];
  };
  for (const page of pages) expect(page.words.some((w) => /not ready/i.test(w.words))).toBe(true);
  for (const drawing of marked(drawn, line)) {
    expect(drawingSvg(drawing)).toContain(line.toUpperCase());
    const sizes = drawing.marks.flatMap((m) => (m.kind === 'text' ? [[m.sizeMm, m.words] as const] : []));
    expect(Math.max(...sizes.map(([mm]) => mm))).toBe(sizes.find(([, words]) => words === line.toUpperCase())![0]);
  }
});
