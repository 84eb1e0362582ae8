import type { Task } from '../days/tasks';
import type { DayRow } from '../plan/dayList';
import { Column, MARGIN, MARGIN_MM } from './pdfColumn';
import { mm, Paper, PAPERS, type PaperFonts, type PaperSize } from './paper';
import { ENGLISH } from '../words/english';
import { capital } from '../words/capital';
import type { Words } from '../words/words';

/** Whose days they are, when it leaves in words, and who helps. */
interface WeekOf {
  name: string;
  leaves: string;
  makers: readonly string[];
  /** why it must not leave yet; empty where it may */
  notReady: string;
}

interface WeekPdfOptions {
  rows: readonly DayRow[];
  job: WeekOf;
  size: PaperSize;
  fonts: PaperFonts;
  words?: Words;
}

/**
 * The days of a job to hang up: each sitting, and a box to tick for each thing to do in it. Every page says job and page.
 */
export async function weekPdf({ rows, job, size, fonts, words = ENGLISH }: WeekPdfOptions): Promise<Uint8Array> {
  const paper = new Paper(`${job.name}: ${words.label('week.title')}`, fonts, words.messages.locale);
  addWeek({ paper, rows, job, size, words });
  paper.onEveryPage((pageMm) => pageMm - 8, MARGIN_MM, (page, of) => `${job.name}, ${words.label('week.title')}, ${page} / ${of}`); // prettier-ignore
  return paper.bytes();
}

interface AddWeekOptions {
  paper: Paper;
  rows: readonly DayRow[];
  job: WeekOf;
  size: PaperSize;
  words: Words;
}

/** The same as part of something larger, which says the pages. */
export function addWeek({ paper, rows, job, size, words }: AddWeekOptions): void {
  const [wide, high] = PAPERS[size];
  const addPage = () => paper.addPage(wide, high, MARGIN_MM);
  addPage();
  const column = new Column(paper, addPage, { x: MARGIN, width: mm(wide) - 2 * MARGIN });
  column.title(job.name);
  if (job.notReady) column.heading(job.notReady.toUpperCase());
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
        'bold',
      );
      for (const item of s.items) column.row(words.units.time(item.planned.from), taskLine(item.task, words), 56);
    }
  }
}

/** A task with how many pieces it takes, and how it dries. */
function taskLine({ name, pieces, dryHours, dryNote }: Task, words: Words): string {
  const task = pieces ? words.label('week.pieces', { count: pieces, task: words.say(name) }) : words.say(name);
  if (dryHours <= 0) return task;
  const note = words.say(dryNote ?? { code: 'dry.set', values: {} });
  return words.label('week.drying', { task, note, hours: words.units.hours(dryHours) });
}
