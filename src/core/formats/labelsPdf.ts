import { wallFromText } from '../days/clock';
import type { BoxLabel, LabelPrinter } from '../log/devices/labelPrinter';
import type { TrayKind } from '../make/tray';
import { mm, Paper, type PaperFonts, type Weight } from './paper';
import type { Words } from '../words/words';

/** A usual roll of labels. */
const WIDE_MM = 62;
const HIGH_MM = 29;
const MARGIN_MM = 3;
/** SIMULATED: a printer that writes a PDF, a label to a page of 62 × 29 mm. */
export const simulatedLabelPrinter = (fonts: PaperFonts, language: string): LabelPrinter => ({
  name: 'Label printer (simulated, writes a PDF)',
  simulated: true,
  async print(labels) {
    const paper = new Paper('Ofrenda', fonts, language);
    for (const label of labels) {
      paper.addPage(WIDE_MM, HIGH_MM, 0);
      let y = mm(MARGIN_MM);
      const line = (text: string, size: number, weight: Weight) => {
        const fit = Math.min(size, (size * mm(WIDE_MM - 2 * MARGIN_MM)) / Math.max(1, paper.widthOf(text, size, weight)));
        y += size * 1.25;
        paper.told('P', () => paper.line(text, { x: mm(MARGIN_MM), y, size: fit, weight, colour: '#000000' }));
      };
      line(label.title, 13, 'bold');
      for (const text of label.lines.slice(0, 4)) line(text, 9, 'plain');
    }
    if (labels.length === 0) paper.addPage(WIDE_MM, HIGH_MM, 0);
    return paper.bytes();
  },
});

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
