import { PDFDocument, type PDFFont, type PDFPage } from 'pdf-lib';
import { speciesById } from '../botany/catalogue';
import { countedName } from '../compose/names';
import { benchSteps } from '../plan/benchSteps';
import { dayList } from '../plan/dayList';
import type { DerivedPlan } from '../plan/derivePlan';
import { placeSteps } from '../plan/placeSteps';
import type { Project } from '../plan/project';
import type { CutBar } from '../wire/cutList';
import { wireName } from '../wire/gauge';
import { addBookmarks, type Bookmark } from './bookmarks';
import { handOverPdf, type NumberedPicture } from './handOverPdf';
import type { HandOverSheet } from './handOverSheets';
import { Column, FAINT, INK, MARGIN, mm } from './pdfColumn';
import { printable, standardFonts, type Fonts } from './fonts';
import { PAPERS, sheetsPdf } from './sheets';
import { rowDrawings } from './sprayDrawing';
import { templates } from './template';
import { PLAIN_VOICE, type Voice } from './voice';
import { weekPdf } from './weekPdf';

/** What the pack is printed with beside the job and its plan. */
export interface PackNotes {
  /** when it leaves, in words */
  leaves: string;
  /** the day it is printed, in words: an older sheet on the bench is told from a newer one */
  printed: string;
  sheets: readonly HandOverSheet[];
  pictures: readonly NumberedPicture[];
}

/**
 * Everything that lies on the bench as one PDF (1.7): what is in it, the tray, the wire to cut, steps and diagrams, putting it on
 * the cake, paper to prick through at true size, the days, the hand-over; with a bookmark for each. Every page says job, day and
 * page of pages. A plan that says stop says so on the first page, before all else.
 */
export async function benchPackPdf(
  project: Project,
  plan: DerivedPlan,
  notes: PackNotes,
  voice = PLAIN_VOICE,
): Promise<Uint8Array> {
  const { say } = voice;
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const { name, brief } = project;
  pdf.setTitle(`${name}: ${say('bench pack')}`);
  pdf.setProducer('Ofrenda');
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  const [w, h] = PAPERS[brief.paper].map(mm) as [number, number];
  const bookmarks: Bookmark[] = [];
  const mark = (title: string) => bookmarks.push({ title, page: pdf.getPageCount() });
  const written = (title: string, write: (column: Column) => void) => {
    mark(title);
    const next = () => pdf.addPage([w, h]);
    const column = new Column(next(), next, fonts, MARGIN, w - 2 * MARGIN, h - MARGIN, voice);
    column.words(title, 22, fonts.bold);
    write(column);
  };
  const joined = async (title: string, bytes: Uint8Array) => {
    const other = await PDFDocument.load(bytes);
    mark(title);
    for (const page of await pdf.copyPages(other, other.getPageIndices())) pdf.addPage(page);
  };
  const first = pdf.addPage([w, h]);
  bookmarks.push({ title: 'What is in it', page: 0 });
  written('The tray', (c) => tray(c, plan));
  if (plan.cuts.length) written('Wire to cut', (c) => wire(c, plan, project, fonts, voice));
  const steps = benchSteps(plan, brief.finish);
  if (steps.length) written('Taping, step by step', (c) => stepByStep(c, steps, fonts, say));
  const drawings = plan.arrangements.flatMap(({ id, sprays }) =>
    sprays.flatMap((s, i) => rowDrawings(s, plan, id, `${name}, spray ${i + 1} of ${sprays.length}`)),
  );
  if (drawings.length) await joined('Branching diagrams, true size', await sheetsPdf(drawings, brief.paper, voice));
  const placing = placeSteps(plan, project);
  if (placing.length) written('Putting it on the cake', (c) => stepByStep(c, placing, fonts, say));
  const paper = templates(project.cake, plan.entries, name, project.wrapMm);
  if (paper.length) await joined('Paper to prick through, true size', await sheetsPdf(paper, brief.paper, voice));
  const days = dayList(plan, brief.leavesAt);
  const makers = project.days.makers.map((m) => m.name);
  if (days.length)
    await joined('The days', await weekPdf(days, { name, leaves: notes.leaves, makers }, brief.paper, false, voice));
  if (notes.sheets.length)
    await joined('Hand over', await handOverPdf(notes.sheets, notes.pictures, brief.paper, `${name}, hand over`, false));
  contents(
    new Column(first, () => pdf.addPage([w, h]), fonts, MARGIN, w - 2 * MARGIN, h - MARGIN, voice),
    project,
    plan,
    notes,
    bookmarks,
  );
  addBookmarks(
    pdf,
    bookmarks.map((b) => ({ ...b, title: say(b.title) })),
  );
  const pages = pdf.getPages();
  pages.forEach((page, i) => head(page, fonts, `${name}, ${say(notes.printed)}, ${say(`page ${i + 1} of ${pages.length}`)}`));
  return pdf.save();
}

/** At the upper edge, over what any of the parts draws. */
function head(page: PDFPage, fonts: Fonts, words: string): void {
  page.drawText(printable(fonts.plain, words), {
    x: MARGIN,
    y: page.getHeight() - mm(7),
    size: 8.5,
    font: fonts.plain,
    color: FAINT,
  });
}

function contents(c: Column, project: Project, plan: DerivedPlan, notes: PackNotes, bookmarks: readonly Bookmark[]): void {
  c.written(project.name, 26, c.bold);
  c.words(notes.leaves, 12);
  const stops = plan.warnings.filter((x) => x.level === 'stop');
  c.heading(stops.length ? 'Stop: this is not ready for a cake' : 'The plan says go');
  if (stops.length === 0)
    c.words('It goes by what was entered; the practice of your kitchen and its food rules come before it.', 10.5);
  for (const s of stops) c.words(`${s.what} ${s.where}: ${s.why} ${s.remedy}`, 10.5);
  c.heading('In this pack');
  for (const { title, page } of bookmarks.slice(1)) c.words(`${title}: page ${page + 1}`, 12);
}

function tray(c: Column, plan: DerivedPlan): void {
  for (const k of plan.tray) {
    const sizes = k.sizes.map((s) => `${s.count} of ${s.sizeMm} mm`).join(', ');
    const parts = [
      k.colourway,
      sizes,
      k.fromTin ? `${k.fromTin} from the tin` : '',
      k.spares ? `${k.spares} of them spare` : '',
      `${k.pasteGramsEach.toFixed(1)} g of paste each`,
    ];
    c.row(k.toMake, `${countedName(speciesById(k.species), k.stage, k.toMake)}: ${parts.filter(Boolean).join('; ')}`);
  }
  c.heading('Paste');
  for (const ball of plan.paste) c.row(`${Math.ceil(ball.grams)} g`, `${ball.name}: ${ball.kinds.join(', ')}`, 56);
}

const BAR_TALL = 13;
const TIMES_WIDE = 34;

/** Every length of wire as a bar, its cuts to scale. */
function wire(c: Column, plan: DerivedPlan, project: Project, fonts: Fonts, voice: Voice): void {
  const { stockMm } = project.brief;
  c.words(`Lengths of ${stockMm} mm; cut from the left, keep what is at least as long as it says.`, 10.5);
  for (const cut of plan.cuts) {
    c.heading(`${wireName(cut.gauge)}, ${cut.colour}, ${cut.diameterMm.toFixed(2)} mm thick`);
    for (const o of cut.fromOffcuts) c.words(`From an end of ${o.lengthMm} mm: ${o.cutsMm.join(', ')} mm`, 10);
    for (const { bar, times } of alike(cut.least.bars)) {
      c.block(BAR_TALL + 5, (page, x, top) => {
        page.drawText(`${times} ×`, { x, y: top - BAR_TALL + 3, size: 10, font: fonts.bold, color: INK });
        drawBar(page, bar, { x: x + TIMES_WIDE, y: top - BAR_TALL, scale: (c.width - TIMES_WIDE) / stockMm }, fonts.plain, voice);
      });
    }
  }
}

/** Lengths that are cut alike are told once, with how many there are. */
function alike(bars: readonly CutBar[]): { bar: CutBar; times: number }[] {
  const groups = new Map<string, { bar: CutBar; times: number }>();
  for (const bar of bars) {
    const group = groups.get(bar.cutsMm.join());
    if (group) group.times++;
    else groups.set(bar.cutsMm.join(), { bar, times: 1 });
  }
  return [...groups.values()];
}

function drawBar(
  page: PDFPage,
  bar: CutBar,
  at: { x: number; y: number; scale: number },
  font: PDFFont,
  { figure }: Voice,
): void {
  let x = at.x;
  for (const [i, long] of [...bar.cutsMm, bar.leftMm].entries()) {
    const left = i === bar.cutsMm.length;
    const color = left ? FAINT : INK;
    const width = long * at.scale;
    page.drawRectangle({ x, y: at.y, width, height: BAR_TALL, borderWidth: left ? 0.3 : 0.8, borderColor: color });
    const words = printable(font, figure(long));
    const wide = font.widthOfTextAtSize(words, 8);
    if (wide + 2 < width) page.drawText(words, { x: x + (width - wide) / 2, y: at.y + 3.5, size: 8, font, color });
    x += width;
  }
}

interface Told {
  where: string;
  title: string;
  figures: readonly { figure: string; words: string }[];
  how: readonly string[];
}

function stepByStep(c: Column, steps: readonly Told[], fonts: Fonts, say: Voice['say']): void {
  let group = '';
  for (const [i, step] of steps.entries()) {
    const of = step.where.replace(/\d+ of \d+/, '').trim();
    if (of !== group) c.heading('');
    group = of;
    c.writtenRow(i + 1, `${say(step.where)}. ${say(step.title)}`);
    // a figure after a figure is parted from it
    const figures = step.figures
      .map((f) => ({ figure: say(f.figure), words: say(f.words) }))
      .map(({ figure, words }) => `${figure}${/^\d/.test(words) ? ',' : ''} ${words}`)
      .join('; ');
    if (figures) c.written(figures, 9.5, fonts.bold);
    for (const line of step.how) c.words(line, 9.5);
  }
}
