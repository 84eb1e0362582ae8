import {
  clip,
  degrees,
  endPath,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  type PDFPage,
  type RGB,
} from 'pdf-lib';
import { CHECK_BAR_MM, type At, type Drawing, type Mark } from './drawing';
import { printable, standardFonts, type Fonts } from './fonts';
import { ENGLISH } from '../words/english';
import type { Words } from '../words/words';

/** Paper in use, mm (ISO 216 and ANSI/ASME Y14.1 sizes). */
export const PAPERS = { A4: [210, 297], Letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** Printers leave this edge blank. */
const MARGIN_MM = 10;
/** Sheets are laid over each other by so much. */
export const LAP_MM = 10;
/** Below the drawing on every sheet: the bar, and which sheet it is. */
const FOOT_MM = 16;
const POINTS_PER_MM = 72 / 25.4;

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
export function sheetsOf(drawing: Drawing, paper: Paper): Sheet[] {
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
      const q = m.points[(i + 1) % m.points.length]!;
      return within([p[0], q[0]], [p[1], q[1]]);
    });
  });
}

/**
 * Drawings at true size on as many sheets as they need (PDF 1.7): laps with crop marks, and on every sheet a 100 mm bar to check
 * the print by, the title and which sheet it is. Letters that the standard fonts do not have become a question mark.
 */
export async function sheetsPdf(drawings: readonly Drawing[], paper: Paper, told: Words = ENGLISH): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const sheets = drawings.flatMap((d) => sheetsOf(d, paper));
  pdf.setTitle(sheets[0]?.drawing.title ?? 'Ofrenda');
  pdf.setProducer('Ofrenda');
  // the same plan gives the same file
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  sheets.forEach((sheet, i) => {
    const page = pdf.addPage([sheet.paperMm[0] * POINTS_PER_MM, sheet.paperMm[1] * POINTS_PER_MM]);
    const pen = new Pen(page, fonts, sheet);
    pen.within(() => sheet.drawing.marks.forEach((m) => pen.mark(m)));
    cropMarks(pen, sheet);
    foot(pen, sheet, i + 1, sheets.length, told);
  });
  return pdf.save();
}

/** Draws in the drawing's millimetres on one sheet. */
class Pen {
  constructor(
    private readonly page: PDFPage,
    private readonly fonts: Fonts,
    private readonly sheet: Sheet,
  ) {}

  /** Draws nothing outside the sheet's own part. */
  within(draw: () => void): void {
    const { fromMm, sizeMm } = this.sheet;
    const [x, y] = this.at([fromMm[0], fromMm[1] + sizeMm[1]]);
    this.page.pushOperators(
      pushGraphicsState(),
      rectangle(x, y, sizeMm[0] * POINTS_PER_MM, sizeMm[1] * POINTS_PER_MM),
      clip(),
      endPath(),
    );
    draw();
    this.page.pushOperators(popGraphicsState());
  }

  mark(mark: Mark): void {
    if (mark.kind === 'text') return this.words(mark);
    const stroke = { color: colourOf(mark.colour), width: mark.widthMm * POINTS_PER_MM };
    const dash = mark.dashMm?.map((mm) => mm * POINTS_PER_MM);
    if (mark.kind === 'line') {
      const [start, end] = [this.at(mark.from), this.at(mark.to)].map(([x, y]) => ({ x, y }));
      this.page.drawLine({ start: start!, end: end!, thickness: stroke.width, color: stroke.color, dashArray: dash });
      return;
    }
    const shape = {
      color: mark.fill ? colourOf(mark.fill) : undefined,
      borderColor: stroke.color,
      borderWidth: stroke.width,
      borderDashArray: dash,
    };
    if (mark.kind === 'ellipse') {
      const [x, y] = this.at(mark.at);
      const [xScale, yScale] = [mark.rxMm * POINTS_PER_MM, mark.ryMm * POINTS_PER_MM];
      this.page.drawEllipse({ x, y, xScale, yScale, rotate: degrees(-mark.turnDeg), ...shape });
      return;
    }
    const [x, y] = this.at([0, 0]);
    const path = mark.points.map((p, i) => `${i ? 'L' : 'M'}${p[0] * POINTS_PER_MM} ${p[1] * POINTS_PER_MM}`).join('');
    this.page.drawSvgPath(path + (mark.closed ? 'Z' : ''), { x, y, ...shape });
  }

  private words(mark: Extract<Mark, { kind: 'text' }>): void {
    const font = mark.bold ? this.fonts.bold : this.fonts.plain;
    const size = mark.sizeMm * POINTS_PER_MM;
    const words = printable(font, mark.words);
    const long = font.widthOfTextAtSize(words, size);
    const back = mark.anchor === 'middle' ? long / 2 : mark.anchor === 'end' ? long : 0;
    const turn = (-(mark.turnDeg ?? 0) * Math.PI) / 180;
    const [x, y] = this.at(mark.at);
    this.page.drawText(words, {
      x: x - back * Math.cos(turn),
      y: y - back * Math.sin(turn),
      size,
      font,
      color: colourOf(mark.colour ?? '#3b152d'),
      rotate: degrees(-(mark.turnDeg ?? 0)),
    });
  }

  private at([x, y]: At): [number, number] {
    const { fromMm, paperMm } = this.sheet;
    return [(x - fromMm[0] + MARGIN_MM) * POINTS_PER_MM, (paperMm[1] - (y - fromMm[1] + MARGIN_MM)) * POINTS_PER_MM];
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

function foot(pen: Pen, sheet: Sheet, number: number, of: number, told: Words): void {
  const { fromMm, sizeMm, columns, rows, drawing } = sheet;
  const y = fromMm[1] + sizeMm[1] + 9;
  const x = fromMm[0] + 8;
  pen.mark({ kind: 'line', from: [x, y], to: [x + CHECK_BAR_MM, y], widthMm: 0.6, colour: '#3b152d' });
  for (const end of [0, CHECK_BAR_MM])
    pen.mark({ kind: 'line', from: [x + end, y - 1.5], to: [x + end, y + 1.5], widthMm: 0.3, colour: '#3b152d' });
  const words = (at: At, said: string) => pen.mark({ kind: 'text', at, words: said, sizeMm: 3, anchor: 'start' });
  words([x, y + 5], told.label('paper.check-bar', { length: told.units.length(CHECK_BAR_MM) }));
  words([x + CHECK_BAR_MM + 4, y + 1], `${drawing.title}`.slice(0, 60));
  const at = { sheet: number, sheets: of };
  const where = { row: sheet.row + 1, rows, column: sheet.column + 1, columns };
  words(
    [x + CHECK_BAR_MM + 4, y + 5],
    columns * rows > 1 ? told.label('paper.sheet-at', { ...at, ...where }) : told.label('paper.sheet', at),
  );
}

function colourOf(hex: string): RGB {
  const [r, g, b] = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16) / 255);
  return rgb(r!, g!, b!);
}
