import { PDFDocument, rgb } from 'pdf-lib';
import { wallFromText } from '../days/clock';
import type { BoxLabel, LabelPrinter } from '../log/devices/labelPrinter';
import type { TrayKind } from '../make/tray';
import { standardFonts } from './fonts';
import type { Words } from '../words/words';

const PT_PER_MM = 72 / 25.4;
/** A usual roll of labels. */
const WIDE_MM = 62;
const HIGH_MM = 29;
const MARGIN_MM = 3;
/** Letters outside of the printer's own set are left as a question mark. */
const plainText = (text: string): string => text.replace(/[^\x20-\x7e\u00a0-\u00ff]/g, '?');

/** SIMULATED: a printer that writes a PDF, a label to a page of 62 × 29 mm. */
export const simulatedLabelPrinter: LabelPrinter = {
  name: 'Label printer (simulated, writes a PDF)',
  simulated: true,
  async print(labels) {
    const pdf = await PDFDocument.create();
    const { bold, plain } = await standardFonts(pdf);
    const room = (WIDE_MM - 2 * MARGIN_MM) * PT_PER_MM;
    for (const label of labels) {
      const page = pdf.addPage([WIDE_MM * PT_PER_MM, HIGH_MM * PT_PER_MM]);
      let y = (HIGH_MM - MARGIN_MM) * PT_PER_MM;
      const line = (text: string, size: number, font: typeof bold) => {
        const words = plainText(text);
        const fit = Math.min(size, (size * room) / Math.max(1, font.widthOfTextAtSize(words, size)));
        y -= size * 1.25;
        page.drawText(words, { x: MARGIN_MM * PT_PER_MM, y, size: fit, font, color: rgb(0, 0, 0) });
      };
      line(label.title, 13, bold);
      for (const text of label.lines.slice(0, 4)) line(text, 9, plain);
    }
    if (labels.length === 0) pdf.addPage([WIDE_MM * PT_PER_MM, HIGH_MM * PT_PER_MM]);
    return pdf.save();
  },
};

/** A label for the box of each kind: what it is, how many, for which job and day. */
export const boxLabels = (tray: readonly TrayKind[], job: { name: string; leavesAt: string }, words: Words): BoxLabel[] =>
  tray.map((k) => ({
    title: words.counted(k.toMake + k.fromTin, words.piece(k)),
    lines: [
      [words.colour(k), ...k.sizes.map((s) => words.units.length(s.sizeMm))].join(', '),
      job.name,
      words.label('label.leaves', { when: leaves(job.leavesAt, words) }),
      words.label('label.keep'),
    ],
  }));

const leaves = (leavesAt: string, { units }: Words): string => {
  const at = wallFromText(leavesAt);
  return `${units.day(at)}, ${units.time(at)}`;
};
