import { create, type Font } from 'fontkit';
import PDFDocument from 'pdfkit';
import { toBytes } from 'pdfkit/output';
import { must } from '../geometry/must';

/** Paper in use, mm (ISO 216 and ANSI/ASME Y14.1 sizes). */
export const PAPERS = { A4: [210, 297], Letter: [215.9, 279.4] } as const;
export type PaperSize = keyof typeof PAPERS;

const POINTS_PER_MM = 72 / 25.4;
export const mm = (n: number): number => n * POINTS_PER_MM;

export const INK = '#3b152d';
export const FAINT = '#8c7a87';

/** The files of a typeface (TTF or WOFF), each with letters of its own; what the first has is taken from it. */
export interface PaperFonts {
  plain: readonly Uint8Array[];
  bold: readonly Uint8Array[];
}
export type Weight = keyof PaperFonts;

const opened = new WeakMap<Uint8Array, ReadonlySet<number>>();
/** The letters a file has, by code point. */
function lettersOf(file: Uint8Array): ReadonlySet<number> {
  const known = opened.get(file);
  if (known) return known;
  const font = create(file as Buffer) as Font;
  const letters = new Set(font.characterSet);
  opened.set(file, letters);
  return letters;
}

/** A stretch of text that one file of the typeface can set. */
interface Run {
  face: string;
  text: string;
}

/** How text flows: from a place, in a width, in points. */
export interface Flow {
  x: number;
  y: number;
  width: number;
  size: number;
  weight?: Weight;
  colour?: string;
}

/** How a line of text stands that does not flow: `y` is its base line. */
export interface Standing {
  x: number;
  y: number;
  size: number;
  weight?: Weight;
  colour?: string;
  /** clockwise, degrees, round its place */
  turnDeg?: number;
}

const LINE = 1.35;

/**
 * A PDF (1.7, tagged as ISO 32000-1, 14.8 has it) under way: pages, flowing text in our typefaces, and what is drawn between.
 * Everything that is read is told to a reader of the screen in the order it was written; edges and numbers of pages are not.
 * Letters no file of the typeface has are set as an empty box; `scriptsNotPrinted` names them beforehand.
 */
export class Paper {
  readonly doc: PDFKit.PDFDocument;
  private readonly root: PDFKit.PDFStructureElement;
  /** the list that entries are being added to */
  private list: PDFKit.PDFStructureElement | null = null;

  constructor(
    title: string,
    private readonly fonts: PaperFonts,
    language: string,
  ) {
    this.doc = new PDFDocument({
      autoFirstPage: false,
      bufferPages: true,
      pdfVersion: '1.7',
      tagged: true,
      // none of the standard fonts: nothing is set in letters that are not embedded
      font: '',
      lang: language,
      displayTitle: true,
      // the same plan gives the same file
      info: { Title: title, Producer: 'Ofrenda', Creator: 'Ofrenda', CreationDate: new Date(0), ModDate: new Date(0) },
    });
    for (const weight of ['plain', 'bold'] as const)
      fonts[weight].forEach((file, i) => this.doc.registerFont(`${weight} ${i}`, file as Buffer));
    this.root = this.doc.struct('Document');
    this.doc.addStructure(this.root);
  }

  get pages(): number {
    return this.doc.bufferedPageRange().count;
  }

  addPage(widthMm: number, heightMm: number, marginMm: number): void {
    this.doc.addPage({ size: [mm(widthMm), mm(heightMm)], margin: mm(marginMm) });
  }

  turnTo(page: number): void {
    this.doc.switchToPage(page);
  }

  /** A bookmark to the page that is open. */
  bookmark(title: string): void {
    this.doc.outline.addItem(title);
  }

  /** Part of what is read: one element of the tree of tags, with what is drawn in it. */
  told(tag: string, draw: () => void, alt?: string): void {
    this.list = null;
    this.root.add(this.element(tag, draw, alt));
  }

  /** An entry of a list: its sign or number, and what it says. Entries that follow each other are one list. */
  toldAsEntry(label: () => void, body: () => void): void {
    if (!this.list) {
      this.list = this.doc.struct('L');
      this.root.add(this.list);
    }
    this.list.add(this.doc.struct('LI', {}, [this.element('Lbl', label), this.element('LBody', body)]));
  }

  private element(tag: string, draw: () => void, alt?: string): PDFKit.PDFStructureElement {
    const content = this.doc.markStructureContent(tag);
    draw();
    this.doc.endMarkedContent();
    return this.doc.struct(tag, alt ? { alt } : {}, [content]);
  }

  /** What belongs to the page and not to what is read: lines, boxes, numbers of pages. */
  aside(draw: () => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' });
    draw();
    this.doc.endMarkedContent();
  }

  /** How tall text stands in a width. */
  heightOf(text: string, { width, size, weight = 'plain' }: Pick<Flow, 'width' | 'size' | 'weight'>): number {
    this.set(this.runsOf(text, weight)[0]?.face ?? `${weight} 0`, size);
    return this.doc.heightOfString(text, { width, lineGap: this.gapOf(size) });
  }

  widthOf(text: string, size: number, weight: Weight = 'plain'): number {
    return this.runsOf(text, weight).reduce((sum, run) => sum + this.set(run.face, size).widthOfString(run.text), 0);
  }

  /** Text that wraps in its width and goes on over the foot of the page; `doc.y` is below it then. */
  flow(text: string, { x, y, width, size, weight = 'plain', colour = INK }: Flow): void {
    const runs = this.runsOf(text, weight);
    this.doc.fillColor(colour);
    runs.forEach((run, i) => {
      this.set(run.face, size);
      const options = { width, lineGap: this.gapOf(size), continued: i < runs.length - 1 };
      if (i === 0) this.doc.text(run.text, x, y, options);
      else this.doc.text(run.text, options);
    });
  }

  /** One line on its base line, wherever it stands; it neither wraps nor makes a page. */
  line(text: string, { x, y, size, weight = 'plain', colour = INK, turnDeg = 0 }: Standing): void {
    const { doc } = this;
    doc.save().fillColor(colour);
    if (turnDeg) doc.rotate(turnDeg, { origin: [x, y] });
    let at = x;
    for (const run of this.runsOf(text, weight)) {
      this.set(run.face, size).text(run.text, at, y, { lineBreak: false, baseline: 'alphabetic' });
      at += doc.widthOfString(run.text);
    }
    doc.restore();
  }

  /** A line of small words on every page, at so many millimetres from its upper edge; given the page and how many there are. */
  onEveryPage(fromTopMm: (pageMm: number) => number, leftMm: number, words: (page: number, of: number) => string): void {
    const of = this.pages;
    for (let page = 0; page < of; page++) {
      this.turnTo(page);
      const y = mm(fromTopMm(this.doc.page.height / POINTS_PER_MM));
      this.aside(() => this.line(words(page + 1, of), { x: mm(leftMm), y, size: 8.5, colour: FAINT }));
    }
  }

  async bytes(): Promise<Uint8Array> {
    const finished = toBytes(this.doc);
    this.root.end();
    this.doc.end();
    return new Uint8Array(await finished);
  }

  private set(face: string, size: number): PDFKit.PDFDocument {
    return this.doc.font(face).fontSize(size);
  }

  /** What stands between lines so that they are `LINE` apart. */
  private gapOf(size: number): number {
    return size * LINE - this.doc.currentLineHeight(true);
  }

  /** Text by the files that have its letters; a run goes on for as long as its file has them. */
  private runsOf(text: string, weight: Weight): Run[] {
    const files = this.fonts[weight];
    const runs: Run[] = [];
    let at = 0;
    for (const letter of text) {
      const code = letter.codePointAt(0) ?? 0;
      if (!lettersOf(must(files[at])).has(code)) {
        const found = files.findIndex((file) => lettersOf(file).has(code));
        at = found < 0 ? at : found;
      }
      const face = `${weight} ${at}`;
      const last = runs.at(-1);
      if (last?.face === face) last.text += letter;
      else runs.push({ face, text: letter });
    }
    return runs;
  }
}
