import { PDFDocument } from 'pdf-lib';
import { wallToText, WEEKDAYS } from '../days/clock';
import type { DayRow } from '../plan/dayList';
import { Column, FAINT, MARGIN, mm } from './pdfColumn';
import { printable, standardFonts } from './fonts';
import { PLAIN_VOICE } from './voice';
import { PAPERS, type Paper } from './sheets';

const hours = (minutes: number): string => `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;

/**
 * The days of a job to hang up: each sitting, and a box to tick for each thing to do in it. Every page says job and page, unless
 * `foot` is false: then it is part of something larger that does.
 */
export async function weekPdf(
  rows: readonly DayRow[],
  job: { name: string; leaves: string; makers: readonly string[] },
  paper: Paper,
  foot = true,
  voice = PLAIN_VOICE,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const [w, h] = PAPERS[paper].map(mm) as [number, number];
  pdf.setTitle(`${job.name}: days`);
  pdf.setProducer('Ofrenda');
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  const column = new Column(pdf.addPage([w, h]), () => pdf.addPage([w, h]), fonts, MARGIN, w - 2 * MARGIN, h - MARGIN, voice);
  column.written(job.name, 22, fonts.bold);
  column.words(job.leaves, 11);
  for (const { day, sittings, minutes } of rows) {
    const date = new Date(day * 60_000);
    column.heading(
      `${WEEKDAYS[date.getUTCDay()]} ${wallToText(day).slice(0, 10)}${minutes ? `, ${hours(minutes)}` : ': nothing to do'}`,
    );
    for (const s of sittings) {
      const who = s.maker === 0 ? '' : `, ${job.makers[s.maker - 1] ?? 'helper'}`;
      column.words(`${wallToText(s.from).slice(11)} to ${wallToText(s.to).slice(11)}${who}`, 10.5, fonts.bold);
      for (const { task, planned } of s.items) {
        const dry = task.dryHours > 0 ? `; ${task.dryNote || 'set to dry'}, ${Math.round(task.dryHours)} h` : '';
        const what = task.pieces ? `${task.pieces} × ${task.name}` : task.name;
        column.row(wallToText(planned.from).slice(11), `${what}${dry}`, 56);
      }
    }
  }
  const pages = foot ? pdf.getPages() : [];
  pages.forEach((page, i) =>
    page.drawText(printable(fonts.plain, `${job.name}, ${voice.say('days')}, ${i + 1} / ${pages.length}`), {
      x: MARGIN,
      y: mm(8),
      size: 8.5,
      font: fonts.plain,
      color: FAINT,
    }),
  );
  return pdf.save();
}
