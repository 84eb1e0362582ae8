import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { derivePlan } from '../plan/derivePlan';
import { dayList } from '../plan/dayList';
import type { Project } from '../plan/project';
import { digest } from '../boundary/digest';
import { ENGLISH } from '../words/english';
import { benchPackPdf } from './benchPackPdf';
import type { Drawing, Mark } from './drawing';
import { PAPER_FONTS } from './fontsForTests';
import { handOverSheets } from './handOverSheets';
import { boxLabels, simulatedLabelPrinter } from './labelsPdf';
import { PAPERS } from './paper';
import { sheetsOf } from './sheets';
import { rowDrawings } from './sprayDrawing';
import { templates } from './template';

/** A mark with its figures; of words only how they stand and the numbers in them, so that wording may change. */
const figuresOf = (mark: Mark): unknown =>
  mark.kind === 'text' ? { ...mark, words: mark.words.replace(/[^0-9.]+/g, ' ') } : mark;

const drawn = (drawings: readonly Drawing[]): unknown => drawings.map((d) => [d.widthMm, d.heightMm, d.marks.map(figuresOf)]);

const sheets = (drawings: readonly Drawing[]): unknown =>
  (Object.keys(PAPERS) as (keyof typeof PAPERS)[]).map((paper) =>
    drawings.map((d) => sheetsOf(d, paper).map(({ drawing: _, ...sheet }) => sheet)),
  );

/** Where every word of a PDF stands, to a tenth of a millimetre, and its numbers; read back by pdfjs-dist. */
function paperOf(pdf: Uint8Array): unknown {
  const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
  writeFileSync(file, pdf);
  const out = execFileSync(process.execPath, ['src/core/testing/readPdf.mjs', file], { encoding: 'utf8', maxBuffer: 1e8 });
  const { pages } = JSON.parse(out) as { pages: { widthMm: number; words: { words: string; at: number[] }[] }[] };
  return pages.map((p) => [
    Math.round(p.widthMm),
    p.words.map((w) => [w.words.replace(/[^0-9.]+/g, ' '), w.at.map((mm) => Math.round(mm * 10) / 10)]),
  ]);
}

/** What a job's files say in figures, a digest for each of them. */
export async function fileNumbers(project: Project): Promise<Record<string, string>> {
  const plan = derivePlan(project);
  const { name, brief } = project;
  const diagrams = plan.arrangements.flatMap(({ id, sprays }) =>
    sprays.flatMap((s) => rowDrawings({ spray: s, plan: { ...plan, words: ENGLISH }, arrangementId: id, title: name })),
  );
  const pricked = templates({ cake: project.cake, entries: plan.entries, title: name, words: ENGLISH, wrapMm: project.wrapMm });
  const { cutter, client } = handOverSheets(plan.handOver, { name, when: '', copies: 1, stops: [] }, ENGLISH);
  const notes = { leaves: '', printed: '', sheets: [cutter, client], pictures: [], fonts: PAPER_FONTS };
  const parts: Record<string, unknown> = {
    diagrams: drawn(diagrams),
    templates: drawn(pricked),
    sheets: [sheets(diagrams), sheets(pricked)],
    pack: paperOf(await benchPackPdf(project, plan, notes)),
    labels: paperOf(
      await simulatedLabelPrinter(PAPER_FONTS, 'en').print(boxLabels(plan.tray, { name, leavesAt: brief.leavesAt }, ENGLISH)),
    ),
    days: dayList(plan, brief.leavesAt).map((d) => [
      d.day,
      d.minutes,
      d.sittings.map((s) => [s.maker, s.from, s.to, s.items.length]),
    ]),
  };
  return Object.fromEntries(Object.entries(parts).map(([part, value]) => [part, digest(value)]));
}
