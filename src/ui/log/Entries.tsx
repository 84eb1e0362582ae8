'use client';

import { wallFromText } from '@/core/days/clock';
import type { Words } from '@/core/words/words';
import { useState } from 'react';
import { conflictsOf, standing } from '@/core/log/events';
import type { LogEntry } from '@/core/log/entries';
import type { TrayKind } from '@/core/make/tray';
import { useStudio } from '../useStudio';
import { addEntry } from './addEntry';
import { TrayFields } from './TrayFields';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const MOST_SHOWN = 8;

/** What was written down of a kind, latest first. Nothing is changed: a correction takes the place of an entry. */
export function Entries({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const photos = useStudio((s) => s.photos);
  const [open, setOpen] = useState<string | null>(null);
  const own = standing(log.filter((e) => e.kind === kind.key)).reverse();
  const clashes = conflictsOf(log.filter((e) => e.kind === kind.key));
  if (own.length === 0) return null;
  return (
    <section aria-label={words.label('log.written-down')} className="pt-4">
      <h2>{words.label('log.written-down')}</h2>
      {clashes.map((group) => (
        <Clash key={group.map((e) => e.id).join()} group={group} />
      ))}
      <ul>
        {own.slice(0, MOST_SHOWN).map((e, i) => {
          const photo = photos.find((p) => p.id === e.photo);
          return (
            <li key={`${e.id}|${i}`} className="border-t border-[var(--line)] py-1.5 text-[15px]">
              <div className="flex flex-wrap items-center gap-3">
                <span className="grow">
                  <span className="text-[var(--ink2)]">{words.units.moment(wallFromText(e.at))} </span>
                  {entryWords(e, words)}
                </span>
                {photo && (
                  // eslint-disable-next-line @next/next/no-img-element -- a photograph that is only in this browser
                  <img
                    src={`data:${photo.type};base64,${photo.base64}`}
                    alt={words.label('log.a-photograph-of-it')}
                    className="h-14 rounded-lg"
                  />
                )}
                <button
                  className="key"
                  aria-expanded={open === e.id}
                  aria-label={words.label('log.correct', { entryWords: entryWords(e, words) })}
                  onClick={() => setOpen(open === e.id ? null : e.id)}
                >
                  {words.label('log.correct-2')}
                </button>
              </div>
              {open === e.id && <Correct entry={e} onDone={() => setOpen(null)} />}
            </li>
          );
        })}
      </ul>
      {own.length > MOST_SHOWN && <p className="small">{words.label('log.and-before', { own: own.length - MOST_SHOWN })}</p>}
    </section>
  );
}

function entryWords(e: LogEntry, words: Words): string {
  const parts = [
    e.made ? words.label('log.made', { made: e.made }) : '',
    e.broken ? words.label('log.broken', { broken: e.broken }) : '',
    e.minutes !== null ? `${words.units.asIs(Math.round(e.minutes * 10) / 10)} min` : '',
    e.note ? `“${e.note}”` : '',
    e.by ? words.label('log.by', { by: e.by }) : '',
  ].filter(Boolean);
  return parts.join(', ') || words.label('log.nothing');
}

const sameEntry = ({ kind, note, photo, by }: LogEntry) => ({
  kind,
  ...(note ? { note } : {}),
  ...(photo ? { photo } : {}),
  ...(by ? { by } : {}),
});

function Correct({ entry, onDone }: { entry: LogEntry; onDone(): void }) {
  const words = useWords();
  const [counted, setCounted] = useState({ made: entry.made, broken: entry.broken, minutes: entry.minutes ?? 0 });
  const { made, broken, minutes } = counted;
  return (
    <div className="flex flex-wrap items-end gap-3 py-2">
      <TrayFields counted={counted} after={words.label('log.corrected')} onChange={setCounted} />
      <button
        className="key"
        onClick={() => {
          addEntry(asLabel('log.do-entry-corrected'), {
            ...sameEntry(entry),
            at: entry.at,
            made,
            broken,
            minutes: minutes > 0 && made + broken > 0 ? minutes : null,
            over: [entry.id],
          });
          onDone();
        }}
      >
        {words.label('log.put-it-right')}
      </button>
    </div>
  );
}

/** Two entries of which only one can be right, side by side; until one is taken the cautious one counts. */
function Clash({ group }: { group: readonly LogEntry[] }) {
  const words = useWords();
  return (
    <div role="alert" className="my-2 rounded-xl bg-[var(--nextwash)] px-4 py-3">
      <p>
        <b>{words.label('log.only-one-these-can-right')}</b> {words.label('log.until-you-say-which-one')}
      </p>
      <div className="flex flex-wrap gap-3 pt-2">
        {group.map((e, i) => (
          <button
            key={`${e.id}|${i}`}
            className="key text-left"
            onClick={() =>
              addEntry(asLabel('log.do-entry-decided'), {
                ...sameEntry(e),
                at: e.at,
                made: e.made,
                broken: e.broken,
                minutes: e.minutes,
                over: [...new Set(group.map((x) => x.id))],
              })
            }
          >
            {entryWords(e, words)}
            <span className="small block">
              {words.label('log.take-this-one', { format: words.units.moment(wallFromText(e.at)) })}
            </span>
          </button>
        ))}
      </div>
    </div>
  );
}
