import { benchSteps } from '../plan/benchSteps';
import type { Step } from '../plan/step';
import { catalogueOf } from '../plan/catalogueOf';
import { dayList } from '../plan/dayList';
import { namedSpares } from '../make/spareParts';
import type { DerivedPlan } from '../plan/derivePlan';
import { placeSteps } from '../plan/placeSteps';
import type { Project } from '../plan/project';
import type { CutBar } from '../wire/cutList';
import { capital } from '../words/capital';
import { ENGLISH } from '../words/english';
import type { Words } from '../words/words';
import { addHandOver, type NumberedPicture } from './handOverPdf';
import type { HandOverSheet } from './handOverSheets';
import { FAINT, INK, mm, Paper, PAPERS, type PaperFonts } from './paper';
import { Column, MARGIN, MARGIN_MM } from './pdfColumn';
import { addSheets } from './sheets';
import { rowDrawings } from './sprayDrawing';
import { marked, notReady } from './notReady';
import { templates } from './template';
import { addWeek } from './weekPdf';

/** What the pack is printed with beside the job and its plan. */
export interface PackNotes {
  /** when it leaves, in words */
  leaves: string;
  /** the day it is printed, in words: an older sheet on the bench is told from a newer one */
  printed: string;
  sheets: readonly HandOverSheet[];
  pictures: readonly NumberedPicture[];
  fonts: PaperFonts;
}

/** A part of the pack by its title, what writes it, and whether there is any of it. */
interface Part {
  title: string;
  any: boolean;
  write(paper: Paper): void;
}

/**
 * Everything that lies on the bench as one PDF (1.7, tagged): what is in it, the tray, the wire to cut, steps and diagrams, putting
 * it on the cake, paper to prick through at true size, the days, the hand-over; with a bookmark for each. Every page says job, day
 * and page of pages. A plan that says stop says so on the first page, before all else.
 */
export async function benchPackPdf(
  project: Project,
  plan: DerivedPlan,
  notes: PackNotes,
  words: Words = ENGLISH,
): Promise<Uint8Array> {
  const { name } = project;
  const paper = new Paper(`${name}: ${words.label('pack.title')}`, notes.fonts, words.messages.locale);
  const first = columnOn(paper, project);
  paper.bookmark(words.label('pack.contents'));
  const begun: { title: string; page: number }[] = [];
  for (const { title, write } of partsOf(project, plan, notes, words)) {
    const page = paper.pages;
    write(paper);
    paper.turnTo(page);
    paper.bookmark(title);
    begun.push({ title, page });
  }
  contents(first, { project, plan, leaves: notes.leaves, begun }, words);
  const line = notReady(plan.warnings, words);
  paper.onEveryPage(
    () => 7,
    MARGIN_MM,
    (page, pages) => [line, `${name}, ${notes.printed}, ${words.label('pack.page', { page, pages })}`].filter(Boolean).join(' '),
  );
  return paper.bytes();
}

/** A new page, and the column of it. */
function columnOn(paper: Paper, { brief }: Project): Column {
  const [wide, high] = PAPERS[brief.paper];
  const addPage = () => paper.addPage(wide, high, MARGIN_MM);
  addPage();
  return new Column(paper, addPage, { x: MARGIN, width: mm(wide) - 2 * MARGIN });
}

/** What the job has of all that may lie on the bench, in the order of the work. */
function partsOf(project: Project, plan: DerivedPlan, notes: PackNotes, words: Words): Part[] {
  const { name, brief } = project;
  const written = (title: string, any: boolean, write: (column: Column, paper: Paper) => void): Part => ({
    title,
    any,
    write: (paper) => {
      const column = columnOn(paper, project);
      column.title(title);
      write(column, paper);
    },
  });
  const steps = benchSteps(plan, brief.finish, catalogueOf(project));
  const placing = placeSteps(plan, project);
  const days = dayList(plan, brief.leavesAt);
  const diagrams = plan.arrangements.flatMap(({ id, sprays }) =>
    sprays.flatMap((s, i) =>
      rowDrawings({
        spray: s,
        plan: { ...plan, words },
        arrangementId: id,
        title: words.label('pack.spray', { job: name, spray: i + 1, sprays: sprays.length }),
      }),
    ),
  );
  const line = notReady(plan.warnings, words);
  const pricked = templates({ cake: project.cake, entries: plan.entries, title: name, words, wrapMm: project.wrapMm });
  const job = { name, leaves: notes.leaves, makers: project.days.makers.map((m) => m.name), notReady: line };
  const parts: Part[] = [
    written(words.label('pack.tray'), true, (c) => tray(c, plan, words)),
    written(words.label('pack.wire'), plan.cuts.length > 0, (c, paper) => wire(c, paper, { plan, project }, words)),
    written(words.label('pack.taping'), steps.length > 0, (c) => stepByStep(c, steps, words)),
    {
      title: words.label('pack.diagrams'),
      any: diagrams.length > 0,
      write: (paper) => addSheets(paper, marked(diagrams, line), brief.paper, words),
    },
    written(words.label('pack.placing'), placing.length > 0, (c) => stepByStep(c, placing, words)),
    {
      title: words.label('pack.paper'),
      any: pricked.length > 0,
      write: (paper) => addSheets(paper, marked(pricked, line), brief.paper, words),
    },
    {
      title: words.label('pack.days'),
      any: days.length > 0,
      write: (paper) => addWeek({ paper, rows: days, job, size: brief.paper, words }),
    },
    {
      title: words.label('pack.hand-over'),
      any: notes.sheets.length > 0,
      write: (paper) => addHandOver(paper, notes.sheets, notes.pictures, brief.paper),
    },
  ];
  return parts.filter((p) => p.any);
}

interface Contents {
  project: Project;
  plan: DerivedPlan;
  leaves: string;
  begun: readonly { title: string; page: number }[];
}

function contents(c: Column, { project, plan, leaves, begun }: Contents, words: Words): void {
  c.words(project.name, 26, 'bold', 'H1');
  c.words(leaves, 12);
  const stops = plan.warnings.filter((x) => x.level === 'stop');
  c.heading(words.label(stops.length ? 'pack.stopped' : 'pack.go'));
  if (stops.length === 0) c.words(words.label('pack.go-why'), 10.5);
  for (const stop of stops) {
    const { what, where, why, remedy } = words.warning(stop);
    c.words(`${where ? `${what}, ${where}` : what}: ${why} ${remedy}`, 10.5);
  }
  c.heading(words.label('pack.list'));
  for (const { title, page } of begun) c.words(words.label('pack.entry', { title, page: page + 1 }), 12);
}

function tray(c: Column, plan: DerivedPlan, words: Words): void {
  for (const k of plan.tray) {
    const sizes = k.sizes.map((s) => words.label('pack.sized', { count: s.count, size: words.units.length(s.sizeMm) }));
    const parts = [
      words.colour(k),
      sizes.join(', '),
      k.fromTin ? words.label('pack.from-tin', { count: k.fromTin }) : '',
      k.spares ? words.label('pack.spare', { count: k.spares }) : '',
      k.spareParts.length ? words.label('pack.spare-parts', { parts: words.parts(namedSpares(k.spareParts)) }) : '',
      words.label('pack.paste-each', { grams: words.units.grams(k.pasteGramsEach) }),
    ];
    c.row(k.toMake, `${words.counted(k.toMake, words.piece(k))}: ${parts.filter(Boolean).join('; ')}`);
  }
  c.heading(words.label('pack.paste'));
  for (const { grams, name, material, kinds } of plan.paste)
    c.row(
      words.units.grams(grams),
      `${capital(words.say(name))}, ${words.material(material)}: ${kinds.map((k) => words.say(k)).join(', ')}`,
      56,
    );
}

const BAR_TALL = 13;
const TIMES_WIDE = 34;

/** Every length of wire as a bar, its cuts to scale. */
function wire(c: Column, paper: Paper, { plan, project }: { plan: DerivedPlan; project: Project }, words: Words): void {
  const { stockMm } = project.brief;
  const scale = (c.width - TIMES_WIDE) / stockMm;
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
      const told = `${times} × ${bar.cutsMm.map((long) => words.units.figure(long)).join(', ')}`;
      c.figure(BAR_TALL + 5, told, (x, top) => {
        paper.line(`${times} ×`, { x, y: top + BAR_TALL - 3, size: 10, weight: 'bold' });
        drawBar(paper, bar, { x: x + TIMES_WIDE, top, scale }, words);
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

function drawBar(paper: Paper, bar: CutBar, at: { x: number; top: number; scale: number }, { units }: Words): void {
  let x = at.x;
  for (const [i, long] of [...bar.cutsMm, bar.leftMm].entries()) {
    const left = i === bar.cutsMm.length;
    const colour = left ? FAINT : INK;
    const width = long * at.scale;
    paper.doc
      .lineWidth(left ? 0.3 : 0.8)
      .rect(x, at.top, width, BAR_TALL)
      .stroke(colour);
    const figure = units.figure(long);
    const wide = paper.widthOf(figure, 8);
    if (wide + 2 < width) paper.line(figure, { x: x + (width - wide) / 2, y: at.top + BAR_TALL - 3.5, size: 8, colour });
    x += width;
  }
}

function stepByStep(c: Column, steps: readonly Step[], words: Words): void {
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
    if (figures) c.words(figures, 9.5, 'bold');
    for (const how of step.how) c.words(words.say(how), 9.5);
  }
}
