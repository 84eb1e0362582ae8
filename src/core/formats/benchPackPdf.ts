import { PDFDocument, type PDFFont, type PDFPage } from 'pdf-lib';
import { benchSteps, type Step } from '../plan/benchSteps';
import { dayList } from '../plan/dayList';
import type { DerivedPlan } from '../plan/derivePlan';
import { placeSteps } from '../plan/placeSteps';
import type { Project } from '../plan/project';
import type { CutBar } from '../wire/cutList';
import { addBookmarks, type Bookmark } from './bookmarks';
import { handOverPdf, type NumberedPicture } from './handOverPdf';
import type { HandOverSheet } from './handOverSheets';
import { Column, FAINT, INK, MARGIN, mm } from './pdfColumn';
import { printable, standardFonts, type Fonts } from './fonts';
import { PAPERS, sheetsPdf } from './sheets';
import { rowDrawings } from './sprayDrawing';
import { templates } from './template';
import { weekPdf } from './weekPdf';
import { ENGLISH } from '../words/english';
import { capital } from '../words/capital';
import type { Words } from '../words/words';
import { catalogueOf } from '../plan/catalogueOf';

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
  words: Words = ENGLISH,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const { name, brief } = project;
  pdf.setTitle(`${name}: ${words.label('pack.title')}`);
  pdf.setProducer('Ofrenda');
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  const [w, h] = PAPERS[brief.paper].map(mm) as [number, number];
  const bookmarks: Bookmark[] = [];
  const mark = (title: string) => bookmarks.push({ title, page: pdf.getPageCount() });
  const written = (title: string, write: (column: Column) => void) => {
    mark(title);
    const next = () => pdf.addPage([w, h]);
    const column = new Column(next(), next, fonts, MARGIN, w - 2 * MARGIN, h - MARGIN);
    column.words(title, 22, fonts.bold);
    write(column);
  };
  const joined = async (title: string, bytes: Uint8Array) => {
    const other = await PDFDocument.load(bytes);
    mark(title);
    for (const page of await pdf.copyPages(other, other.getPageIndices())) pdf.addPage(page);
  };
  const first = pdf.addPage([w, h]);
  bookmarks.push({ title: words.label('pack.contents'), page: 0 });
  written(words.label('pack.tray'), (c) => tray(c, plan, words));
  if (plan.cuts.length) written(words.label('pack.wire'), (c) => wire(c, plan, project, fonts, words));
  const steps = benchSteps(plan, brief.finish, catalogueOf(project));
  if (steps.length) written(words.label('pack.taping'), (c) => stepByStep(c, steps, fonts, words));
  const drawings = plan.arrangements.flatMap(({ id, sprays }) =>
    sprays.flatMap((s, i) =>
      rowDrawings(s, { ...plan, words }, id, words.label('pack.spray', { job: name, spray: i + 1, sprays: sprays.length })),
    ),
  );
  if (drawings.length) await joined(words.label('pack.diagrams'), await sheetsPdf(drawings, brief.paper, words));
  const placing = placeSteps(plan, project);
  if (placing.length) written(words.label('pack.placing'), (c) => stepByStep(c, placing, fonts, words));
  const paper = templates(project.cake, plan.entries, name, words, project.wrapMm);
  if (paper.length) await joined(words.label('pack.paper'), await sheetsPdf(paper, brief.paper, words));
  const days = dayList(plan, brief.leavesAt);
  const makers = project.days.makers.map((m) => m.name);
  if (days.length)
    await joined(
      words.label('pack.days'),
      await weekPdf(days, { name, leaves: notes.leaves, makers }, brief.paper, false, words),
    );
  if (notes.sheets.length)
    await joined(
      words.label('pack.hand-over'),
      await handOverPdf(notes.sheets, notes.pictures, brief.paper, `${name}, ${words.label('pack.hand-over')}`, false),
    );
  contents(
    new Column(first, () => pdf.addPage([w, h]), fonts, MARGIN, w - 2 * MARGIN, h - MARGIN),
    project,
    plan,
    notes,
    bookmarks,
    words,
  );
  addBookmarks(pdf, bookmarks);
  const pages = pdf.getPages();
  pages.forEach((page, i) =>
    head(page, fonts, `${name}, ${notes.printed}, ${words.label('pack.page', { page: i + 1, pages: pages.length })}`),
  );
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

function contents(
  c: Column,
  project: Project,
  plan: DerivedPlan,
  notes: PackNotes,
  bookmarks: readonly Bookmark[],
  words: Words,
): void {
  c.words(project.name, 26, c.bold);
  c.words(notes.leaves, 12);
  const stops = plan.warnings.filter((x) => x.level === 'stop');
  c.heading(words.label(stops.length ? 'pack.stopped' : 'pack.go'));
  if (stops.length === 0) c.words(words.label('pack.go-why'), 10.5);
  for (const stop of stops) {
    const { what, where, why, remedy } = words.warning(stop);
    c.words(`${where ? `${what}, ${where}` : what}: ${why} ${remedy}`, 10.5);
  }
  c.heading(words.label('pack.list'));
  for (const { title, page } of bookmarks.slice(1)) c.words(words.label('pack.entry', { title, page: page + 1 }), 12);
}

function tray(c: Column, plan: DerivedPlan, words: Words): void {
  for (const k of plan.tray) {
    const sizes = k.sizes.map((s) => words.label('pack.sized', { count: s.count, size: words.units.length(s.sizeMm) }));
    const parts = [
      words.colour(k),
      sizes.join(', '),
      k.fromTin ? words.label('pack.from-tin', { count: k.fromTin }) : '',
      k.spares ? words.label('pack.spare', { count: k.spares }) : '',
      words.label('pack.paste-each', { grams: words.units.grams(k.pasteGramsEach) }),
    ];
    c.row(k.toMake, `${words.counted(k.toMake, words.piece(k))}: ${parts.filter(Boolean).join('; ')}`);
  }
  c.heading(words.label('pack.paste'));
  for (const { grams, name, kinds } of plan.paste)
    c.row(words.units.grams(Math.ceil(grams)), `${capital(words.say(name))}: ${kinds.map((k) => words.say(k)).join(', ')}`, 56);
}

const BAR_TALL = 13;
const TIMES_WIDE = 34;

/** Every length of wire as a bar, its cuts to scale. */
function wire(c: Column, plan: DerivedPlan, project: Project, fonts: Fonts, words: Words): void {
  const { stockMm } = project.brief;
  c.words(words.label('pack.lengths', { stock: words.units.length(stockMm) }), 10.5);
  for (const cut of plan.cuts) {
    const colour = words.messages.names.wireColours[cut.colour];
    const thick = words.units.length(cut.diameterMm, 2);
    c.heading(words.label('pack.wire-of', { gauge: words.gauge(cut.gauge), colour, thick }));
    for (const o of cut.fromOffcuts) {
      const cuts = o.cutsMm.map((mm) => words.units.length(mm)).join(', ');
      c.words(words.label('pack.from-end', { length: words.units.length(o.lengthMm), cuts }), 10);
    }
    for (const { bar, times } of alike(cut.least.bars)) {
      c.block(BAR_TALL + 5, (page, x, top) => {
        page.drawText(`${times} ×`, { x, y: top - BAR_TALL + 3, size: 10, font: fonts.bold, color: INK });
        drawBar(page, bar, { x: x + TIMES_WIDE, y: top - BAR_TALL, scale: (c.width - TIMES_WIDE) / stockMm }, fonts.plain, words);
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

function drawBar(page: PDFPage, bar: CutBar, at: { x: number; y: number; scale: number }, font: PDFFont, { units }: Words): void {
  let x = at.x;
  for (const [i, long] of [...bar.cutsMm, bar.leftMm].entries()) {
    const left = i === bar.cutsMm.length;
    const color = left ? FAINT : INK;
    const width = long * at.scale;
    page.drawRectangle({ x, y: at.y, width, height: BAR_TALL, borderWidth: left ? 0.3 : 0.8, borderColor: color });
    const figure = printable(font, units.figure(long));
    const wide = font.widthOfTextAtSize(figure, 8);
    if (wide + 2 < width) page.drawText(figure, { x: x + (width - wide) / 2, y: at.y + 3.5, size: 8, font, color });
    x += width;
  }
}

function stepByStep(c: Column, steps: readonly Step[], fonts: Fonts, words: Words): void {
  let group = '';
  for (const [i, step] of steps.entries()) {
    if (step.where.code !== group) c.heading('');
    group = step.where.code;
    c.row(i + 1, `${words.say(step.where)}. ${words.say(step.title)}`);
    // a figure after a figure is parted from it
    const figures = step.figures
      .map((f) => words.figure(f))
      .map((f) => `${f.figure}${/^\d/.test(f.words) ? ',' : ''} ${f.words}`)
      .join('; ');
    if (figures) c.words(figures, 9.5, fonts.bold);
    for (const how of step.how) c.words(words.say(how), 9.5);
  }
}
