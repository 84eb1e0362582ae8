import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import harbour from '../demo/demo-harbour-library.ofrenda.json';
import wreath from '../demo/demo-midwinter-wreath.ofrenda.json';
import { derivePlan } from '../plan/derivePlan';
import { newProject } from '../plan/newProject';
import { checkProject, type Project } from '../plan/project';
import { PAPER_FONTS } from './fontsForTests';
import { benchPackPdf } from './benchPackPdf';
import { handOverSheets } from './handOverSheets';
import { CHECK_BAR_MM } from './drawing';
import { ENGLISH } from '../words/english';

interface Read {
  title: string;
  outline: { title: string; page: number }[];
  pages: { paths: { points: [number, number][]; widthMm: number }[]; words: { words: string; at: [number, number] }[] }[];
}

/** Read back by pdfjs-dist, which knows nothing of how it was written. */
function readBack(pdf: Uint8Array): Read {
  const file = join(mkdtempSync(join(tmpdir(), 'pack-')), 'pack.pdf');
  writeFileSync(file, pdf);
  const out = execFileSync(process.execPath, [join(__dirname, '..', 'testing', 'readPdf.mjs'), file], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  return JSON.parse(out) as Read;
}

async function packOf(project: Project) {
  const plan = derivePlan(project);
  const sheets = Object.values(
    handOverSheets(plan.handOver, { name: project.name, when: 'Saturday', copies: 1, stops: [] }, ENGLISH),
  );
  const pdf = await benchPackPdf(project, plan, {
    leaves: 'Saturday, 9.30',
    printed: '1 June 2027',
    sheets,
    pictures: [],
    fonts: PAPER_FONTS,
  });
  return { plan, read: readBack(pdf) };
}

const wordsOf = (page: Read['pages'][number]) => page.words.map((w) => w.words).join(' ');

describe.each([
  ['single stems', harbour],
  ['taped sprays', wreath],
])('the bench pack of a job of %s, read back', (_, job) => {
  const checked = checkProject(job);
  const project = 'project' in checked ? checked.project : newProject('x', 'x', '2027-06-12T09:30');
  let pack: Awaited<ReturnType<typeof packOf>>;
  beforeAll(async () => void (pack = await packOf(project)));

  test('every page says job, day and page of pages', () => {
    const { pages } = pack.read;
    pages.forEach((page, i) => {
      const head = page.words.filter((w) => w.at[1] < 10).map((w) => w.words);
      expect(head.join(' ')).toContain(`${project.name}, 1 June 2027, page ${i + 1} of ${pages.length}`);
    });
  });

  test('a bookmark for each part leads to the page that begins with it, and the first page names the same pages', () => {
    const { outline, pages } = pack.read;
    const sprays = pack.plan.arrangements.some((a) => a.sprays.length > 0);
    expect(outline.map((b) => b.title)).toEqual([
      'What is in it',
      'The tray',
      'Wire to cut',
      'Taping, step by step',
      ...(sprays ? ['Branching diagrams, true size'] : []),
      'Putting it on the cake',
      'Paper to prick through, true size',
      'The days',
      'Hand over',
    ]);
    for (const written of ['The tray', 'Wire to cut', 'Taping, step by step', 'Putting it on the cake'])
      expect(wordsOf(pages[outline.find((b) => b.title === written)!.page]!)).toContain(written);
    for (const { title, page } of outline.slice(1)) expect(wordsOf(pages[0]!)).toContain(`${title}: page ${page + 1}`);
  });

  test('what is made, cut and taped stands there in the plan’s own numbers', () => {
    const { plan, read } = pack;
    const from = (title: string) => {
      const at = read.outline.findIndex((b) => b.title === title);
      return read.pages.slice(read.outline[at]!.page, read.outline[at + 1]?.page).flatMap((p) => p.words.map((w) => w.words));
    };
    for (const k of plan.tray) expect(from('The tray')).toContain(`${k.toMake}`);
    const cuts = plan.cuts.flatMap((c) => c.least.bars.flatMap((b) => b.cutsMm));
    const shown = from('Wire to cut').filter((w) => /^\d+$/.test(w)).map(Number); // prettier-ignore
    for (const long of cuts) expect(shown).toContain(Math.round(long));
    const times = from('Wire to cut').flatMap((w) => /^(\d+) ×$/.exec(w)?.[1] ?? []).map(Number); // prettier-ignore
    expect(times.reduce((a, b) => a + b, 0)).toBe(plan.cuts.reduce((a, c) => a + c.least.bars.length, 0));
    const joints = plan.arrangements.flatMap((a) => a.sprays.flatMap((s) => s.joints)).length;
    expect(from('Taping, step by step').filter((w) => /joint \d+ of \d+/i.test(w)).length).toBeGreaterThanOrEqual(joints);
  });

  test('templates keep their true size in it: the bar is 100.0 ± 0.1 mm', () => {
    const { outline, pages } = pack.read;
    const page = pages[outline.find((b) => /prick/.test(b.title))!.page]!;
    const bars = page.paths.filter((p) => Math.abs(p.widthMm - 0.6) < 1e-6).map((p) => [p.points[0]!, p.points.at(-1)!] as const);
    const long = bars.map(([from, to]) => Math.hypot(to[0] - from[0], to[1] - from[1]));
    expect(Math.min(...long.map((l) => Math.abs(l - CHECK_BAR_MM)))).toBeLessThan(0.1);
  });
});

test('a plan that says stop says so first, and an empty job still gives a pack', async () => {
  const empty = newProject('empty', 'Nothing yet', '2027-06-12T09:30');
  const { read } = await packOf(empty);
  expect(read.pages.length).toBeGreaterThan(1);
  const checked = checkProject(harbour);
  if (!('project' in checked)) throw new Error('demo');
  const bad = structuredClone(checked.project);
  bad.cake.tiers[0]!.diameterMm = 30;
  const pack = await packOf(bad);
  expect(pack.plan.verdict).toBe('stop');
  expect(wordsOf(pack.read.pages[0]!)).toContain('Stop: this is not ready for a cake');
});
