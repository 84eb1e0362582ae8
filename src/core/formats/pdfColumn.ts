import { FAINT, INK, mm, type Paper, type Weight } from './paper';

export const MARGIN_MM = 16;
export const MARGIN = mm(MARGIN_MM);
/** What a row with a box takes. */
export const ROW = 17;
const BOX = 11;
const ROW_SIZE = 10;

/** Text that flows down one column and on to the next page. */
export class Column {
  /** of the paper, from the first */
  page: number;
  y: number;
  readonly x: number;
  readonly width: number;
  constructor(
    private readonly paper: Paper,
    private readonly addPage: () => void,
    { x, width, top = MARGIN }: { x: number; width: number; top?: number },
  ) {
    this.x = x;
    this.width = width;
    this.page = paper.pages - 1;
    this.y = top;
  }

  words(text: string, size: number, weight: Weight = 'plain', tag = 'P'): void {
    if (!text) return;
    this.room(size * 1.35);
    this.paper.told(tag, () => this.paper.flow(text, { x: this.x, y: this.y, width: this.width, size, weight, colour: INK }));
    this.follow();
  }

  title(text: string): void {
    this.words(text, 22, 'bold', 'H1');
  }

  heading(text: string): void {
    this.room(34);
    this.y += 5;
    this.paper.aside(() => {
      const { doc } = this.paper;
      doc.lineWidth(0.5).strokeColor(FAINT);
      doc.moveTo(this.x, this.y).lineTo(this.x + this.width, this.y).stroke(); // prettier-ignore
    });
    this.y += 5;
    this.words(text, 12.5, 'bold', 'H2');
  }

  /** A box to tick, its number or hour, and what and where it is. */
  row(number: number | string, text: string, least = 38): void {
    const label = `${number}`;
    const indent = Math.max(least, 17 + this.paper.widthOf(label, ROW_SIZE, 'bold') + 6);
    const width = this.width - indent - 2;
    this.room(Math.max(ROW, this.paper.heightOf(text, { width, size: ROW_SIZE })));
    this.paper.aside(() =>
      this.paper.doc
        .lineWidth(0.9)
        .strokeColor(INK)
        .rect(this.x, this.y + 1, BOX, BOX)
        .stroke(),
    );
    this.paper.toldAsEntry(
      () => this.paper.line(label, { x: this.x + 17, y: this.y + ROW_SIZE, size: ROW_SIZE, weight: 'bold' }),
      () => this.paper.flow(text, { x: this.x + indent, y: this.y, width, size: ROW_SIZE }),
    );
    this.follow();
    this.y += 2;
  }

  /** A drawing of its own, so tall, told by what stands for it; it is given its left edge and its top. */
  figure(tall: number, alt: string, draw: (x: number, top: number) => void): void {
    this.room(tall);
    this.paper.told('Figure', () => draw(this.x, this.y), alt);
    this.y += tall;
  }

  hasRoom(points: number): boolean {
    return this.y + points < this.foot;
  }

  private get foot(): number {
    this.paper.turnTo(this.page);
    return this.paper.doc.page.height - MARGIN;
  }

  private room(points: number): void {
    if (this.hasRoom(points)) return;
    this.addPage();
    this.page = this.paper.pages - 1;
    this.y = MARGIN;
  }

  /** What has flowed over the foot of the page stands on the last one. */
  private follow(): void {
    if (this.paper.doc.y < this.y) this.page = this.paper.pages - 1;
    this.y = this.paper.doc.y;
  }
}
