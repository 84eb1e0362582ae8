'use client';

import { Printer } from 'lucide-react';
import { wallFromText } from '@/core/days/clock';
import { notReady } from '@/core/formats/notReady';
import { calendarFile } from '@/core/formats/calendarFile';
import type { DayRow } from '@/core/plan/dayList';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { calendarReading } from '@/workers/clients';
import { NotPrinted } from '../shared/NotPrinted';
import { paperFonts } from '../shared/paperFonts';
import { ReadIn, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** So many weeks before the day it leaves a calendar is read. */
const WEEKS_BEFORE = 8;

/** The days on paper and into a calendar; and times out of any calendar file in which nobody works here: what would change is said first. */
export function Calendars({ plan, rows }: { plan: DerivedPlan; rows: readonly DayRow[] }) {
  const words = useWords();
  const name = useStudio((s) => s.project!.name);
  const { busy, leavesAt, paper } = useStudio((s) => s.project!.brief);
  const { zone, makers } = useStudio((s) => s.project!.days);
  const { edit } = getStudio();
  const to = wallFromText(leavesAt);
  const key = (b: { from: string; to: string }) => `${b.from}|${b.to}`;
  const print = async () => {
    const { weekPdf } = await import('@/core/formats/weekPdf');
    const pdf = await weekPdf({
      rows,
      job: {
        name,
        leaves: leavesWords(leavesAt, words),
        makers: makers.map((m) => m.name),
        notReady: notReady(plan.warnings, words),
      },
      size: paper,
      fonts: await paperFonts(),
      words: currentWords(),
    });
    void saveFile('days.pdf', new Uint8Array(pdf), 'application/pdf');
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button className="key" onClick={() => void print()}>
        <Printer size={20} /> {words.label('days.print-the-week')}
      </button>
      <NotPrinted />
      <WriteOut
        label={words.label('days.to-a-calendar')}
        onPress={() =>
          void saveFile(
            'days.ics',
            calendarFile(plan, { name, leavesAt, zone }, new Date().toISOString().slice(0, 16), currentWords()),
            'text/calendar',
          )
        }
      />
      <ReadIn
        label={words.label('days.busy-times-from-calendar')}
        accept={{ 'text/calendar': ['.ics'] }}
        what="busy"
        read={(text) => calendarReading(text, { from: to - WEEKS_BEFORE * 7 * 1440, to }, zone)}
        changes={(next) => ({
          added: next.filter((b) => !busy.some((x) => key(x) === key(b))).length,
          changed: 0,
          gone: busy.filter((b) => !next.some((x) => key(x) === key(b))).length,
        })}
        onTake={(next) => edit(asLabel('days.do-busy-times-from-calendar'), (d) => void (d.brief.busy = [...next]))}
      />
      {busy.length > 0 && (
        <>
          <span className="small">
            {words.label('days.busy-times-kept-free-work', {
              busy: busy.length,
              what: busy[0]!.name ? `, ${busy[0]!.name}` : '',
              first: words.units.longMoment(wallFromText(busy[0]!.from)),
            })}
          </span>
          <button className="key" onClick={() => edit(asLabel('days.do-busy-times-forgotten'), (d) => void (d.brief.busy = []))}>
            {words.label('days.forget-them')}
          </button>
        </>
      )}
    </div>
  );
}
