'use client';

import { FileDown, Library, Printer } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { countedWords, handOverSheets, printedSheets, type HandOverSheet, type Section } from '@/core/formats/handOverSheets';
import { knownLanguage, LANGUAGES, LANGUAGE_IDS } from '@/core/words/languages';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { cakesOf, type Project } from '@/core/plan/project';
import type { Warning } from '@/core/plan/warnings';
import type { Words } from '@/core/words/words';
import { wallFromText } from '@/core/days/clock';
import { Pick } from '../fields/Pick';
import { Choice } from '../fields/Choice';
import { STATIONS } from '../shell/stations';
import { useSheetWords, useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';
import { NumberedView, sidesShown } from './NumberedView';
import { NotPrinted } from '../shared/NotPrinted';
import { savePack, savePdf } from './print';
import { asLabel } from '@/core/words/asLabel';

/** The sheets for the person who cuts and for the table: what is edible, what comes out and where, count in = count out. */
export function HandOverStation() {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  const project = useStudio((s) => s.project!);
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  // glued toppers have a sheet too; what cannot be built has none
  if (plan.entries.length === 0 && plan.verdict !== 'go') {
    const stops = plan.warnings.filter((w) => w.level === 'stop');
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('handover.no-sheet-yet')}</h1>
        {plan.tray.length > 0 && stops.length > 0 ? (
          <div className="mt-2 max-w-96">
            <p className="say">{words.label('handover.not-ready-go-stops', { stops: stops.length })}</p>
            <StopList stops={stops} />
          </div>
        ) : (
          <>
            <p className="say mt-2">{words.label('handover.it-written-from-place-once')}</p>
            <Link href="/compose" className="next mt-4">
              {words.label('shared.compose')}
            </Link>
          </>
        )}
      </div>
    );
  }
  return <Sheets plan={plan} project={project} />;
}

const dayWords = (project: Project, { units }: Words): string => {
  const day = wallFromText(project.brief.leavesAt);
  return Number.isNaN(day)
    ? project.brief.leavesAt
    : units.day(day, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
};

function Sheets({ plan, project }: { plan: DerivedPlan; project: Project }) {
  const language = knownLanguage(project.brief.sheetLanguage);
  const words = useWords();
  const sheetWords = useSheetWords(language);
  const [shown, setShown] = useState<HandOverSheet['id']>('cutter');
  const [large, setLarge] = useState(false);
  const copies = cakesOf(project);
  const stops = plan.warnings.filter((w) => w.level === 'stop');
  const job = { name: project.name, when: dayWords(project, sheetWords), copies, stops };
  const sheets = handOverSheets(plan.handOver, job, sheetWords);
  const sheet = sheets[shown];
  return (
    <div className="grid gap-6 px-6 pb-6 pt-2 lg:grid-cols-[minmax(0,1fr)_240px]">
      <article
        lang={language}
        className="rounded-lg border border-[var(--line)] bg-[#fff] p-8 text-[#3b152d] shadow-[var(--sh-tray)] print:border-0 print:shadow-none"
        style={{ zoom: large ? 1.3 : 1 }}
        aria-label={words.label('handover.hand-over-sheet')}
      >
        {sheet.stopped.length > 0 && <Stopped lines={sheet.stopped} />}
        {sheet.id === 'cutter' ? (
          <CutterSheet sheet={sheet} plan={plan} project={project} />
        ) : (
          <>
            <h1 translate="no" className="text-[2.4rem] leading-none">
              {sheet.title}
            </h1>
            {sheet.lead.map((l) => (
              <p key={l} translate="no" className="pt-2 text-[16px]">
                {l}
              </p>
            ))}
            <div className="grid gap-x-10 pt-4 md:grid-cols-2">
              {sheet.sections.map((s) => (
                <Part key={s.id} section={s} />
              ))}
            </div>
          </>
        )}
      </article>
      <aside className="no-print flex flex-col gap-3">
        <Choice
          label={words.label('handover.which-sheet')}
          value={shown}
          options={[
            { value: 'cutter', name: words.label('handover.who-cuts') },
            { value: 'client', name: words.label('handover.the-table') },
          ]}
          onChange={(v) => setShown(v)}
        />
        <Pick
          label={words.label('handover.language-of-the-sheets')}
          value={language}
          options={LANGUAGE_IDS.map((l) => ({ value: l, name: LANGUAGES[l].name }))}
          onChange={(l) =>
            getStudio().edit(
              asLabel('handover.do-sheets-in', { languages: LANGUAGES[l].name }),
              (d) => void (d.brief.sheetLanguage = l),
            )
          }
        />
        {stops.length > 0 ? (
          <div role="alert" className="rounded-2xl bg-[var(--stopwash)] p-3">
            <b className="text-[var(--stop)]">{words.label('handover.not-ready-go-stops', { stops: stops.length })}</b>
            <StopList stops={stops} />
          </div>
        ) : (
          <p className="rounded-2xl bg-[var(--leafwash)] p-3">
            <b className="text-[var(--leaf)]">{words.label('handover.go')}</b>{' '}
            {words.label('handover.no-stop-left-out', { goesIn: plan.handOver.goesIn, comesOut: plan.handOver.comesOut })}
          </p>
        )}
        <button className={stops.length ? 'key' : 'next'} onClick={() => window.print()}>
          <Printer size={20} /> {words.label('handover.print-it')}
        </button>
        <button className="key" onClick={() => void savePdf(printedSheets(sheets, copies, sheetWords), plan, project)}>
          <FileDown size={20} /> {words.label('handover.both-as-pdf')}
        </button>
        <button className="key" onClick={() => void savePack(printedSheets(sheets, copies, sheetWords), plan, project)}>
          <Library size={20} /> {words.label('handover.the-whole-bench-pack')}
        </button>
        <NotPrinted />
        <button className="key" aria-pressed={large} onClick={() => setLarge(!large)}>
          {words.label('handover.larger-type')}
        </button>
        <p className="say">{words.label('handover.one-table-one-taped-box')}</p>
      </aside>
    </div>
  );
}

/** So many stops are named. */
const MOST_STOPS = 4;

/** Each stop, and the way to where it is mended. */
function StopList({ stops }: { stops: readonly Warning[] }) {
  const words = useWords();
  return (
    <ul>
      {stops.slice(0, MOST_STOPS).map((w, i) => {
        const { name, path } = STATIONS.find((s) => s.id === w.station)!;
        return (
          <li key={i} className="pb-2 text-[15px]">
            <p>{words.warning(w).what}.</p>
            <Link className="key mt-1" href={path} onClick={() => w.pieceId && getStudio().select([w.pieceId])}>
              {words.label('handover.mend-it-at', { station: words.label(name) })}
            </Link>
          </li>
        );
      })}
      {stops.length > MOST_STOPS && (
        <li className="say">{words.label('place.and-more-messages', { warnings: stops.length - MOST_STOPS })}</li>
      )}
    </ul>
  );
}

/** On the paper itself, above all else: it must not leave yet, and why. */
function Stopped({ lines: [head, ...why] }: { lines: readonly string[] }) {
  return (
    <div translate="no" className="mb-4 rounded-lg border-4 border-[#b91121] px-4 py-2">
      <p className="text-[1.6rem] font-semibold leading-tight text-[#b91121]">{head}</p>
      {why.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}

/** The whole page of the person with the knife: pictures and what comes out on the left, what to know on the right. */
function CutterSheet({ sheet, plan, project }: { sheet: HandOverSheet; plan: DerivedPlan; project: Project }) {
  return (
    <div className="grid gap-x-8 gap-y-6 md:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <div>
        <h1 translate="no" className="max-w-[14ch] text-[2.4rem] leading-none [text-wrap:balance]">
          {sheet.title}
        </h1>
        {sheet.lead.map((l) => (
          <p key={l} translate="no" className="pt-2 text-[15px]">
            {l}
          </p>
        ))}
        {sidesShown(plan, project).map((side) => (
          <NumberedView key={side} side={side} project={project} plan={plan} />
        ))}
      </div>
      <div>
        {sheet.sections.map((s) => (
          <Part key={s.id} section={s}>
            {s.id === 'count' && <Counting sheet={sheet} />}
          </Part>
        ))}
      </div>
    </div>
  );
}

const TONES: Partial<Record<Section['id'], string>> = { 'not food': '#b91121', food: '#28653c' };

function Part({ section, children }: { section: Section; children?: React.ReactNode }) {
  return (
    <div className="break-inside-avoid border-t border-[#c8d5d8] py-2 first:border-0">
      {section.title && (
        <h2 translate="no" style={{ color: TONES[section.id] }}>
          {section.title}
        </h2>
      )}
      {children}
      {section.lines.map((l) => (
        <p key={l} translate="no" className="text-[15px]">
          {l}
        </p>
      ))}
    </div>
  );
}

/** A ring for each thing to take out; ticked as it comes. */
function Counting({ sheet }: { sheet: HandOverSheet }) {
  const counted = useStudio((s) => s.project!.countedOut);
  const language = useStudio((s) => knownLanguage(s.project!.brief.sheetLanguage));
  const done = sheet.rows.filter((o) => counted.includes(o.entryId)).length;
  return (
    <>
      <ul className="flex flex-wrap gap-1.5 py-2">
        {sheet.rows.map((o) => {
          const on = counted.includes(o.entryId);
          return (
            <li key={o.entryId}>
              <button
                className={`size-11 rounded-full border text-[15px] font-semibold ${on ? 'border-[#28653c] bg-[#28653c] text-white' : 'border-[#8c7a87]'}`}
                aria-pressed={on}
                aria-label={`${o.number}, ${o.words}`}
                title={o.words}
                translate="no"
                onClick={() =>
                  getStudio().edit(
                    on
                      ? asLabel('handover.do-put-back', { number: o.number })
                      : asLabel('handover.do-count-out', { number: o.number }),
                    (d) => {
                      if (on) d.countedOut = d.countedOut.filter((id) => id !== o.entryId);
                      else d.countedOut.push(o.entryId);
                    },
                  )
                }
              >
                {o.number}
              </button>
            </li>
          );
        })}
      </ul>
      <p translate="no" className="text-[15px] font-semibold">
        {countedWords(done, sheet.rows.length, useSheetWords(language))}
      </p>
    </>
  );
}
