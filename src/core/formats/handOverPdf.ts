import { PDFDocument, rgb, type PDFPage } from 'pdf-lib';
import type { HandOverSheet, Section } from './handOverSheets';
import { Column, FAINT, INK, MARGIN, mm, ROW } from './pdfColumn';
import { printable, standardFonts, type Fonts } from './fonts';
import { PAPERS, type Paper } from './sheets';
import { spread } from './template';

/** A picture of the cake with the places of what comes out, in shares of its width and height from the upper left. */
export interface NumberedPicture {
  png: Uint8Array;
  widthPx: number;
  heightPx: number;
  marks: { number: number; x: number; y: number }[];
}

const GAP = mm(8);
/** Room for numbers on either side of a picture. */
const LABELS = mm(8);
/**
 * The sheets as a PDF (1.7), each on a page of its own: the person who cuts gets the numbered pictures and a box to tick for
 * each thing. What does not fit flows on to a further page; every page says sheet and page, unless `foot` is false: then
 * it is part of something larger that does.
 */
export async function handOverPdf(
  sheets: readonly HandOverSheet[],
  pictures: readonly NumberedPicture[],
  paper: Paper,
  title: string,
  foot = true,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const [w, h] = PAPERS[paper].map(mm) as [number, number];
  pdf.setTitle(title);
  pdf.setProducer('Ofrenda');
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  for (const sheet of sheets) {
    let page = pdf.addPage([w, h]);
    const whole = new Column(page, () => (page = pdf.addPage([w, h])), fonts, MARGIN, w - 2 * MARGIN, h - MARGIN);
    whole.words(sheet.title, 22, fonts.bold);
    for (const line of sheet.lead) whole.words(line, 11);
    const half = (w - 2 * MARGIN - GAP) / 2;
    const [left, right] = [MARGIN, MARGIN + half + GAP].map(
      (x) => new Column(page, () => (page = pdf.addPage([w, h])), fonts, x, half, whole.y - 8),
    ) as [Column, Column];
    if (sheet.id === 'cutter') {
      for (const picture of pictures) {
        const image = await pdf.embedPng(picture.png);
        const [wide, tall] = [half - 2 * LABELS, ((half - 2 * LABELS) / picture.widthPx) * picture.heightPx];
        page.drawImage(image, { x: left.x + LABELS, y: left.y - tall, width: wide, height: tall });
        drawMarks(page, picture, fonts, left.x, left.y, half, tall);
        left.y -= tall + 8;
      }
      sheet.sections.forEach((section) => addSection(right, section));
      right.y -= 10;
      for (const row of sheet.rows) (left.hasRoom(ROW) || !right.hasRoom(ROW) ? left : right).row(row.number, row.words);
    } else {
      const first = Math.ceil(sheet.sections.length / 2);
      sheet.sections.forEach((section, k) => addSection(k < first ? left : right, section));
    }
  }
  const pages = foot ? pdf.getPages() : [];
  pages.forEach((page, i) => {
    const words = printable(fonts.plain, `${title}, ${i + 1} / ${pages.length}`);
    page.drawText(words, { x: MARGIN, y: mm(8), size: 8.5, font: fonts.plain, color: FAINT });
  });
  return pdf.save();
}

function addSection(column: Column, section: Section): void {
  column.heading(section.title);
  for (const line of section.lines) column.words(line, 10.5);
}

/** Numbers stand beside the picture, near their own height, each with a line to its place. */
function drawMarks(page: PDFPage, picture: NumberedPicture, fonts: Fonts, x: number, top: number, w: number, h: number): void {
  const size = 7.5;
  const across = [...picture.marks].sort((a, b) => a.x - b.x);
  const half = Math.ceil(across.length / 2);
  for (const [k, column] of [across.slice(0, half), across.slice(half)].entries()) {
    const sorted = [...column].sort((a, b) => a.y - b.y);
    const ys = spread(
      sorted.map((m) => m.y * h),
      Math.min(10.5, h / Math.max(1, sorted.length)),
    );
    sorted.forEach((m, i) => {
      const words = `${m.number}`;
      const wide = fonts.bold.widthOfTextAtSize(words, size);
      const lx = k === 0 ? x + LABELS - 6 - wide : x + w - LABELS + 6;
      const ly = top - ys[i]!;
      const end = { x: x + LABELS + m.x * (w - 2 * LABELS), y: top - m.y * h };
      page.drawText(words, { x: lx, y: ly - size * 0.36, size, font: fonts.bold, color: INK });
      page.drawLine({ start: { x: k === 0 ? lx + wide + 1.5 : lx - 1.5, y: ly }, end, thickness: 0.4, color: INK });
      page.drawCircle({ ...end, size: 1.8, color: INK, borderColor: rgb(1, 1, 1), borderWidth: 0.6 });
    });
  }
}
