import { rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { printable, type Fonts } from './fonts';

const POINTS_PER_MM = 72 / 25.4;
export const mm = (n: number): number => n * POINTS_PER_MM;
export const MARGIN = mm(16);
/** What a row with a box takes. */
export const ROW = 17;
export const INK = rgb(0.23, 0.08, 0.18);
export const FAINT = rgb(0.55, 0.48, 0.53);

/** Text that flows down one column and on to the next page. */
export class Column {
  y: number;
  constructor(
    private page: PDFPage,
    private readonly next: () => PDFPage,
    private readonly fonts: Fonts,
    readonly x: number,
    readonly width: number,
    top: number,
  ) {
    this.y = top;
  }

  words(text: string, size: number, font: PDFFont = this.fonts.plain, colour = INK): void {
    for (const line of wrap(printable(font, text), font, size, this.width)) {
      this.room(size * 1.35);
      this.page.drawText(line, { x: this.x, y: this.y - size, size, font, color: colour });
      this.y -= size * 1.35;
    }
  }

  heading(text: string): void {
    this.room(34);
    this.y -= 5;
    this.page.drawLine({
      start: { x: this.x, y: this.y },
      end: { x: this.x + this.width, y: this.y },
      thickness: 0.5,
      color: FAINT,
    });
    this.y -= 5;
    if (text) this.words(text, 12.5, this.fonts.bold);
  }

  /** A box to tick, its number or hour, and what and where it is. */
  row(number: number | string, text: string, least = 38): void {
    const size = 10;
    const { plain, bold } = this.fonts;
    const label = printable(bold, `${number}`);
    const indent = Math.max(least, 17 + bold.widthOfTextAtSize(label, size) + 6);
    const [first = '', ...rest] = wrap(printable(plain, text), plain, size, this.width - indent - 2);
    this.room(ROW + rest.length * 12);
    this.page.drawRectangle({ x: this.x, y: this.y - 12, width: 11, height: 11, borderColor: INK, borderWidth: 0.9 });
    this.page.drawText(label, {
      x: this.x + 17,
      y: this.y - 10,
      size,
      font: this.fonts.bold,
      color: INK,
    });
    this.page.drawText(first, { x: this.x + indent, y: this.y - 10, size, font: this.fonts.plain, color: INK });
    this.y -= 15.5;
    for (const line of rest) {
      this.page.drawText(line, { x: this.x + indent, y: this.y - 7, size, font: this.fonts.plain, color: INK });
      this.y -= 12;
    }
  }

  get bold(): PDFFont {
    return this.fonts.bold;
  }

  /** A drawing of its own, so tall; it is given the page, its left edge and its top. */
  block(tall: number, draw: (page: PDFPage, x: number, top: number) => void): void {
    this.room(tall);
    draw(this.page, this.x, this.y);
    this.y -= tall;
  }

  hasRoom(points: number): boolean {
    return this.y - points > MARGIN;
  }

  private room(points: number): void {
    if (this.hasRoom(points)) return;
    this.page = this.next();
    this.y = this.page.getHeight() - MARGIN;
  }
}

function wrap(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line ? `${line} ${word}` : word;
    if (line && font.widthOfTextAtSize(longer, size) > width) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
