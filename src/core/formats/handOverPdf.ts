import type { HandOverSheet, Section } from './handOverSheets';
import { ENGLISH } from '../words/english';
import type { Words } from '../words/words';
import { Column, MARGIN, MARGIN_MM, ROW } from './pdfColumn';
import { INK, mm, Paper, PAPERS, type PaperFonts, type PaperSize } from './paper';
import { spread } from './template';

/** A picture of the cake with the places of what comes out, in shares of its width and height from the upper left. */
export interface NumberedPicture {
  jpeg: Uint8Array;
  widthPx: number;
  heightPx: number;
  marks: { number: number; x: number; y: number }[];
}

const GAP = mm(8);
/** Room for numbers on either side of a picture. */
const LABELS = mm(8);

interface HandOverPdfOptions {
  sheets: readonly HandOverSheet[];
  pictures: readonly NumberedPicture[];
  job: { name: string; size: PaperSize };
  fonts: PaperFonts;
  words?: Words;
}

/**
 * The sheets as a PDF (1.7, tagged), each on a page of its own: the person who cuts gets the numbered pictures and a box to tick
 * for each thing. What does not fit flows on to a further page; every page says sheet and page.
 */
export async function handOverPdf({ sheets, pictures, job, fonts, words = ENGLISH }: HandOverPdfOptions): Promise<Uint8Array> {
  const paper = new Paper(job.name, fonts, words.messages.locale);
  addHandOver(paper, sheets, pictures, job.size);
  paper.onEveryPage((pageMm) => pageMm - 8, MARGIN_MM, (page, of) => `${job.name}, ${page} / ${of}`); // prettier-ignore
  return paper.bytes();
}

/** The same as part of something larger, which says the pages. */
export function addHandOver(
  paper: Paper,
  sheets: readonly HandOverSheet[],
  pictures: readonly NumberedPicture[],
  size: PaperSize,
): void {
  const [wide, high] = PAPERS[size];
  const addPage = () => paper.addPage(wide, high, MARGIN_MM);
  for (const sheet of sheets) {
    addPage();
    const whole = new Column(paper, addPage, { x: MARGIN, width: mm(wide) - 2 * MARGIN });
    whole.title(sheet.title);
    sheet.stopped.forEach((line, k) => (k === 0 ? whole.heading(line.toUpperCase()) : whole.words(line, 12)));
    for (const line of sheet.lead) whole.words(line, 11);
    const half = (whole.width - GAP) / 2;
    const [left, right] = [MARGIN, MARGIN + half + GAP].map(
      (x) => new Column(paper, addPage, { x, width: half, top: whole.y + 8 }),
    ) as [Column, Column];
    if (sheet.id === 'cutter') {
      for (const picture of pictures) addPicture(paper, left, picture, sheet.title);
      sheet.sections.forEach((section) => addSection(right, section));
      right.y += 10;
      for (const row of sheet.rows) (left.hasRoom(ROW) || !right.hasRoom(ROW) ? left : right).row(row.number, row.words);
    } else {
      const first = Math.ceil(sheet.sections.length / 2);
      sheet.sections.forEach((section, k) => addSection(k < first ? left : right, section));
    }
  }
}

/** A picture in the width of its column, with its numbers at either side. */
function addPicture(paper: Paper, column: Column, picture: NumberedPicture, alt: string): void {
  const wide = column.width - 2 * LABELS;
  const tall = (wide / picture.widthPx) * picture.heightPx;
  column.figure(tall + 8, alt, (x, top) => {
    paper.doc.image(picture.jpeg as Buffer, x + LABELS, top, { width: wide, height: tall });
    drawMarks(paper, picture, { x, top, wide: column.width, tall });
  });
}

function addSection(column: Column, section: Section): void {
  column.heading(section.title);
  for (const line of section.lines) column.words(line, 10.5);
}

/** Numbers stand beside the picture, near their own height, each with a line to its place. */
function drawMarks(
  paper: Paper,
  picture: NumberedPicture,
  { x, top, wide, tall }: { x: number; top: number; wide: number; tall: number },
): void {
  const size = 7.5;
  const { doc } = paper;
  const across = [...picture.marks].sort((a, b) => a.x - b.x);
  const half = Math.ceil(across.length / 2);
  for (const [k, side] of [across.slice(0, half), across.slice(half)].entries()) {
    const sorted = [...side].sort((a, b) => a.y - b.y);
    const ys = spread(
      sorted.map((m) => m.y * tall),
      Math.min(10.5, tall / Math.max(1, sorted.length)),
      tall,
    );
    sorted.forEach((m, i) => {
      const words = `${m.number}`;
      const long = paper.widthOf(words, size, 'bold');
      const lx = k === 0 ? x + LABELS - 6 - long : x + wide - LABELS + 6;
      const ly = top + (ys[i] ?? 0);
      const [ex, ey] = [x + LABELS + m.x * (wide - 2 * LABELS), top + m.y * tall];
      paper.line(words, { x: lx, y: ly + size * 0.36, size, weight: 'bold' });
      doc.lineWidth(0.4).moveTo(k === 0 ? lx + long + 1.5 : lx - 1.5, ly).lineTo(ex, ey).stroke(INK); // prettier-ignore
      doc.lineWidth(0.6).circle(ex, ey, 1.8).fillAndStroke(INK, '#ffffff');
    });
  }
}
