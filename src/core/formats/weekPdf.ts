import { PDFDocument } from 'pdf-lib';
import type { Task } from '../days/tasks';
import type { DayRow } from '../plan/dayList';
import { Column, FAINT, MARGIN, mm } from './pdfColumn';
import { printable, standardFonts } from './fonts';
import { ENGLISH } from '../words/english';
import { capital } from '../words/capital';
import type { Words } from '../words/words';
import { PAPERS, type Paper } from './sheets';

/**
 * The days of a job to hang up: each sitting, and a box to tick for each thing to do in it. Every page says job and page, unless
 * `foot` is false: then it is part of something larger that does.
 */
export async function weekPdf(
  rows: readonly DayRow[],
  job: { name: string; leaves: string; makers: readonly string[] },
  paper: Paper,
  foot = true,
  words: Words = ENGLISH,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const fonts = await standardFonts(pdf);
  const [w, h] = PAPERS[paper].map(mm) as [number, number];
  pdf.setTitle(`${job.name}: ${words.label('week.title')}`);
  pdf.setProducer('Ofrenda');
  pdf.setCreationDate(new Date(0));
  pdf.setModificationDate(new Date(0));
  const column = new Column(pdf.addPage([w, h]), () => pdf.addPage([w, h]), fonts, MARGIN, w - 2 * MARGIN, h - MARGIN);
  column.words(job.name, 22, fonts.bold);
  column.words(job.leaves, 11);
  for (const { day, sittings, minutes } of rows) {
    const date = words.units.day(day, { weekday: 'long', day: 'numeric', month: 'long' });
    column.heading(
      capital(
        minutes
          ? words.label('week.day', { day: date, duration: words.units.duration(minutes) })
          : words.label('week.day-idle', { day: date }),
      ),
    );
    for (const s of sittings) {
      const at = { from: words.units.time(s.from), to: words.units.time(s.to) };
      const maker = job.makers[s.maker - 1] ?? words.label('week.helper');
      column.words(
        s.maker === 0 ? words.label('week.sitting', at) : words.label('week.sitting-of', { ...at, maker }),
        10.5,
        fonts.bold,
      );
      for (const item of s.items) column.row(words.units.time(item.planned.from), taskLine(item.task, words), 56);
    }
  }
  const pages = foot ? pdf.getPages() : [];
  pages.forEach((page, i) =>
    page.drawText(printable(fonts.plain, `${job.name}, ${words.label('week.title')}, ${i + 1} / ${pages.length}`), {
      x: MARGIN,
      y: mm(8),
      size: 8.5,
      font: fonts.plain,
      color: FAINT,
    }),
  );
  return pdf.save();
}

/** A task with how many pieces it takes, and how it dries. */
function taskLine({ name, pieces, dryHours, dryNote }: Task, words: Words): string {
  const task = pieces ? words.label('week.pieces', { count: pieces, task: words.say(name) }) : words.say(name);
  if (dryHours <= 0) return task;
  const note = words.say(dryNote ?? { code: 'dry.set', values: {} });
  return words.label('week.drying', { task, note, hours: words.units.hours(dryHours) });
}
