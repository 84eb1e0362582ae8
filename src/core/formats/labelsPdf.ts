import { PDFDocument, rgb } from 'pdf-lib';
import { speciesById } from '../botany/catalogue';
import { countedName } from '../compose/names';
import type { BoxLabel, LabelPrinter } from '../log/devices/labelPrinter';
import type { TrayKind } from '../make/tray';
import { standardFonts } from './fonts';
import { PLAIN_VOICE } from './voice';

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
export const boxLabels = (
  tray: readonly TrayKind[],
  job: { name: string; leavesAt: string },
  { say } = PLAIN_VOICE,
): BoxLabel[] =>
  tray.map((k) => ({
    title: say(countedName(speciesById(k.species), k.stage, k.toMake + k.fromTin)),
    lines: [
      say(`${k.colourway}, ${k.sizes.map((s) => `${s.sizeMm} mm`).join(', ')}`),
      job.name,
      say(`Leaves ${job.leavesAt.replace('T', ', ')}`),
      say('Keep dry, dark, not airtight. Not to eat on wire.'),
    ],
  }));
