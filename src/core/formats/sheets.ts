import { CHECK_BAR_MM, type At, type Drawing, type Mark } from './drawing';
import { mm, Paper, PAPERS, type PaperFonts, type PaperSize } from './paper';
import { ENGLISH } from '../words/english';
import type { Words } from '../words/words';
import { must } from '../geometry/must';

/** Printers leave this edge blank. */
const MARGIN_MM = 10;
/** Sheets are laid over each other by so much. */
export const LAP_MM = 10;
/** Below the drawing on every sheet: the bar, and which sheet it is. */
const FOOT_MM = 16;

/** One sheet: the part of the drawing that it shows, and where the sheet lies in the whole. */
export interface Sheet {
  drawing: Drawing;
  paperMm: At;
  fromMm: At;
  sizeMm: At;
  column: number;
  row: number;
  columns: number;
  rows: number;
}

const room = (paperMm: number, foot: number): number => paperMm - 2 * MARGIN_MM - foot;
const count = (longMm: number, roomMm: number): number => Math.max(1, Math.ceil((longMm - LAP_MM) / (roomMm - LAP_MM) - 1e-9));

/** A drawing cut into sheets that lap by 10 mm, upright or across, whichever needs fewer. */
export function sheetsOf(drawing: Drawing, paper: PaperSize): Sheet[] {
  const [short, long] = PAPERS[paper];
  const layouts = [[short, long] as const, [long, short] as const].map((paperMm) => {
    const sizeMm: At = [room(paperMm[0], 0), room(paperMm[1], FOOT_MM)];
    return { paperMm, sizeMm, columns: count(drawing.widthMm, sizeMm[0]), rows: count(drawing.heightMm, sizeMm[1]) };
  });
  const { paperMm, sizeMm, columns, rows } = layouts.reduce((a, b) => (b.columns * b.rows < a.columns * a.rows ? b : a));
  return Array.from({ length: columns * rows }, (_, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const fromMm: At = [column * (sizeMm[0] - LAP_MM), row * (sizeMm[1] - LAP_MM)];
    return { drawing, paperMm, fromMm, sizeMm, column, row, columns, rows };
  }).filter(shows);
}

/** Whether anything at all lies on a sheet: a blank one is not printed. */
function shows({ drawing, fromMm: [x, y], sizeMm: [w, h] }: Sheet): boolean {
  const within = (xs: readonly number[], ys: readonly number[]) =>
    Math.min(...xs) <= x + w && Math.max(...xs) >= x && Math.min(...ys) <= y + h && Math.max(...ys) >= y;
  return drawing.marks.some((m) => {
    if (m.kind === 'line') return within([m.from[0], m.to[0]], [m.from[1], m.to[1]]);
    if (m.kind === 'text') return within([m.at[0]], [m.at[1]]);
    if (m.kind === 'ellipse') {
      const r = Math.max(m.rxMm, m.ryMm);
      return within([m.at[0] - r, m.at[0] + r], [m.at[1] - r, m.at[1] + r]);
    }
    return m.points.some((p, i) => {
      const q = must(m.points[(i + 1) % m.points.length]);
      return within([p[0], q[0]], [p[1], q[1]]);
    });
  });
}

/**
 * Drawings at true size on as many sheets as they need (PDF 1.7, tagged): laps with crop marks, and on every sheet a 100 mm bar to
 * check the print by, the title and which sheet it is.
 */
export async function sheetsPdf(
  drawings: readonly Drawing[],
  size: PaperSize,
  fonts: PaperFonts,
  told: Words = ENGLISH,
): Promise<Uint8Array> {
  const paper = new Paper(drawings[0]?.title ?? 'Ofrenda', fonts, told.messages.locale);
  addSheets(paper, drawings, size, told);
  return paper.bytes();
}

/** The same as part of something larger. */
export function addSheets(paper: Paper, drawings: readonly Drawing[], size: PaperSize, told: Words): void {
  const sheets = drawings.flatMap((d) => sheetsOf(d, size));
  sheets.forEach((sheet, i) => {
    paper.addPage(sheet.paperMm[0], sheet.paperMm[1], 0);
    const pen = new Pen(paper, sheet);
    paper.told('Figure', () => pen.within(() => sheet.drawing.marks.forEach((m) => pen.mark(m))), sheet.drawing.title);
    paper.aside(() => cropMarks(pen, sheet));
    paper.told('P', () => foot(pen, sheet, { number: i + 1, of: sheets.length }, told));
  });
}

/** Draws in the drawing's millimetres on one sheet. */
class Pen {
  constructor(
    private readonly paper: Paper,
    private readonly sheet: Sheet,
  ) {}

  /** Draws nothing outside the sheet's own part. */
  within(draw: () => void): void {
    const { fromMm, sizeMm } = this.sheet;
    const [x, y] = this.at(fromMm);
    this.paper.doc.save().rect(x, y, mm(sizeMm[0]), mm(sizeMm[1])).clip();
    draw();
    this.paper.doc.restore();
  }

  mark(mark: Mark): void {
    if (mark.kind === 'text') return this.words(mark);
    const { doc } = this.paper;
    doc.save().lineWidth(mm(mark.widthMm));
    if (mark.dashMm) doc.dash(mm(mark.dashMm[0] ?? 1), { space: mm(mark.dashMm[1] ?? mark.dashMm[0] ?? 1) });
    if (mark.kind === 'line') doc.moveTo(...this.at(mark.from)).lineTo(...this.at(mark.to));
    else if (mark.kind === 'ellipse') {
      const origin = this.at(mark.at);
      doc.rotate(mark.turnDeg, { origin }).ellipse(...origin, mm(mark.rxMm), mm(mark.ryMm));
    } else {
      mark.points.forEach((p, i) => (i ? doc.lineTo(...this.at(p)) : doc.moveTo(...this.at(p))));
      if (mark.closed) doc.closePath();
    }
    if (mark.kind !== 'line' && mark.fill) doc.fillAndStroke(mark.fill, mark.colour);
    else doc.stroke(mark.colour);
    doc.restore();
  }

  private words({ at, words, sizeMm, anchor, bold, colour, turnDeg = 0 }: Extract<Mark, { kind: 'text' }>): void {
    const weight = bold ? 'bold' : 'plain';
    const size = mm(sizeMm);
    const long = this.paper.widthOf(words, size, weight);
    const back = anchor === 'middle' ? long / 2 : anchor === 'end' ? long : 0;
    const turn = (turnDeg * Math.PI) / 180;
    const [x, y] = this.at(at);
    this.paper.line(words, {
      x: x - back * Math.cos(turn),
      y: y - back * Math.sin(turn),
      size,
      weight,
      turnDeg,
      colour,
    });
  }

  private at([x, y]: At): [number, number] {
    const { fromMm } = this.sheet;
    return [mm(x - fromMm[0] + MARGIN_MM), mm(y - fromMm[1] + MARGIN_MM)];
  }
}

/** Where the next sheet's paper may be cut: short lines at the corners of the part that this sheet shows. */
function cropMarks(pen: Pen, { fromMm: [x, y], sizeMm: [w, h], columns, rows }: Sheet): void {
  if (columns * rows === 1) return;
  const mark = (from: At, to: At) => pen.mark({ kind: 'line', from, to, widthMm: 0.2, colour: '#555555' });
  for (const cx of [x, x + w]) {
    const out = cx === x ? -1 : 1;
    for (const cy of [y, y + h]) {
      const down = cy === y ? -1 : 1;
      mark([cx + out, cy], [cx + out * 5, cy]);
      mark([cx, cy + down], [cx, cy + down * 5]);
    }
  }
}

function foot(pen: Pen, sheet: Sheet, which: { number: number; of: number }, told: Words): void {
  const { fromMm, sizeMm, columns, rows, drawing } = sheet;
  const y = fromMm[1] + sizeMm[1] + 9;
  const x = fromMm[0] + 8;
  pen.mark({ kind: 'line', from: [x, y], to: [x + CHECK_BAR_MM, y], widthMm: 0.6, colour: '#3b152d' });
  for (const end of [0, CHECK_BAR_MM])
    pen.mark({ kind: 'line', from: [x + end, y - 1.5], to: [x + end, y + 1.5], widthMm: 0.3, colour: '#3b152d' });
  const words = (at: At, said: string) => pen.mark({ kind: 'text', at, words: said, sizeMm: 3, anchor: 'start' });
  words([x, y + 5], told.label('paper.check-bar', { length: told.units.length(CHECK_BAR_MM) }));
  words([x + CHECK_BAR_MM + 4, y + 1], `${drawing.title}`.slice(0, 60));
  const at = { sheet: which.number, sheets: which.of };
  const where = { row: sheet.row + 1, rows, column: sheet.column + 1, columns };
  words(
    [x + CHECK_BAR_MM + 4, y + 5],
    columns * rows > 1 ? told.label('paper.sheet-at', { ...at, ...where }) : told.label('paper.sheet', at),
  );
}
