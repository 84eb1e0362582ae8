'use client';

import Link from 'next/link';
import { useState } from 'react';
import { READING_FIGURES, type Reading, type ReadingFigure, type ReadingId } from '@/core/compose/reading';
import { asLabel } from '@/core/words/asLabel';
import type { Words } from '@/core/words/words';
import { Vial } from '../shared/Vial';
import { getStudio, useStudio } from '../useStudio';
import { headline, isLevel } from './headline';
import { currentWords, useWords } from '../speech/useWords';

const remedyOf = (r: Reading) => {
  const { remedy } = r;
  if (!remedy) return null;
  const words = currentWords();
  const label = words.say(remedy.label);
  const name = words.messages.names.readings[r.id];
  return { label, apply: () => getStudio().applyRemedy(remedy, asLabel('compose.do-remedy', { reading: name, remedy: label })) };
};

/**
 * The balance as level vials: the worst with its why and remedy, the other leaning ones in a line, level ones small. While
 * something is in hand only what leans is shown, a line each.
 */
export function Readings({ readings, brief = false }: { readings: readonly Reading[]; brief?: boolean }) {
  const words = useWords();
  const pieces = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.pieces.length ?? 0);
  // pieces of another arrangement are in none of these readings
  const stops = useStudio((s) => s.plan?.warnings.filter((w) => w.station === 'compose' && w.level === 'stop').length ?? 0);
  const [open, setOpen] = useState<ReadingId | null>(null);
  const sorted = [...readings].sort((a, b) => a.score - b.score);
  const leaning = pieces ? sorted.filter((r) => !isLevel(r.score)) : [];
  const level = pieces ? sorted.filter((r) => isLevel(r.score)) : sorted;
  const worst = leaning[0];
  const shown = level.find((r) => r.id === open);
  return (
    <div>
      <h1 aria-live="polite">{headline({ leaning: leaning.length, stops, pieces }, words)}</h1>
      {pieces === 0 && <p className="say mt-2">{words.label('compose.choose-line-then-let-composer')}</p>}
      {worst && !brief && <Worst reading={worst} />}
      {leaning.slice(brief ? 0 : 1, brief ? 3 : undefined).map((r) => {
        const remedy = remedyOf(r);
        return (
          <div key={r.id} className="flex min-h-[52px] items-center gap-3 border-t border-[var(--line)] py-1">
            <span className="w-[78px] shrink-0 font-semibold">{words.messages.names.readings[r.id]}</span>
            <Vial score={r.score} lean={r.lean} tone="off" width={120} height={18} />
            <span className="fig w-8 text-right">{Math.floor(r.score)}</span>
            <span className="small min-w-0 grow">{words.say(r.why)}</span>
            {remedy && (
              <button className="key shrink-0" onClick={remedy.apply}>
                {remedy.label}
              </button>
            )}
          </div>
        );
      })}
      {pieces > 0 && !brief && (
        <div className="grid grid-cols-[repeat(auto-fill,minmax(86px,1fr))] gap-x-3 border-t border-[var(--line)] pt-2">
          {level.map((r) => (
            <button
              key={r.id}
              className="min-h-[44px] rounded-lg text-left"
              aria-expanded={open === r.id}
              aria-label={words.label('compose.level', {
                readings: words.messages.names.readings[r.id],
                score: Math.floor(r.score),
              })}
              onClick={() => setOpen(open === r.id ? null : r.id)}
            >
              <Vial score={r.score} lean={r.lean} tone="level" width={80} height={13} />
              <span className="small whitespace-nowrap">
                {words.messages.names.readings[r.id].toLowerCase()} {Math.floor(r.score)}
              </span>
            </button>
          ))}
        </div>
      )}
      {shown && !brief && (
        <p className="say pt-1">
          {words.messages.names.readings[shown.id]}: {words.say(shown.why)} <span className="small">{figures(shown, words)}</span>
        </p>
      )}
      {pieces > 0 && leaning.length === 0 && stops === 0 && !brief && (
        <p className="pt-3">
          <Link className="next" href="/make">
            {words.label('compose.go-on-to-make')}
          </Link>
        </p>
      )}
    </div>
  );
}

function Worst({ reading }: { reading: Reading }) {
  const words = useWords();
  const remedy = remedyOf(reading);
  return (
    <div className="pb-3 pt-2">
      <p className="font-semibold">
        {words.messages.names.readings[reading.id]}{' '}
        <span className="fig ml-2 text-lg text-[var(--nexttext)]">{Math.floor(reading.score)}</span>
      </p>
      <div className="mt-1 flex items-start gap-4">
        <div>
          <Vial score={reading.score} lean={reading.lean} tone="worst" width={220} height={28} />
          <div className="small flex justify-between">
            <span>{words.messages.names.leans[reading.id][0]}</span>
            <span>{words.messages.names.leans[reading.id][1]}</span>
          </div>
        </div>
        <p className="say min-w-0">
          {words.say(reading.why)} <span className="small block pt-1">{figures(reading, words)}</span>
        </p>
      </div>
      {remedy && (
        <button className="next mt-2" onClick={remedy.apply}>
          {remedy.label}
        </button>
      )}
    </div>
  );
}

/** The figures behind a reading, each with its unit. */
function figures(r: Reading, words: Words): string {
  const tell = {
    mm: (v: number) => words.units.length(v, v < 10 ? 1 : 0),
    share: (v: number) => words.units.percent(v),
    count: (v: number) => words.units.number(v),
    ratio: (v: number) => words.units.number(v, 2),
  };
  return (Object.entries(r.numbers) as [ReadingFigure, number][])
    .map(([name, value]) => words.label(`figure.${name}`, { n: tell[READING_FIGURES[name]](value) }))
    .join(', ');
}
