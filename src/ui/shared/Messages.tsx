'use client';

import Link from 'next/link';
import type { Mend } from '@/core/facts/fact';
import { applyMend } from '@/core/plan/mends';
import type { Warning } from '@/core/plan/warnings';
import { asLabel } from '@/core/words/asLabel';
import { capital } from '@/core/words/capital';
import { planBench } from '@/workers/clients';
import { currentWords, useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';
import { LevelSign } from './LevelSign';

/** More than this is counted, not shown. */
const MOST_SHOWN = 8;

interface MessagesProps {
  station: Warning['station'];
  /** codes of what the station says itself */
  but?: readonly string[];
  /** in a column of its own, one below the other */
  narrow?: boolean;
}

/** What is to be said at a station, from worst to mildest; nothing where nothing is. */
export function Messages({ station, but = [], narrow = false }: MessagesProps) {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  const warnings = plan?.warnings.filter((w) => w.station === station && !but.includes(w.code)) ?? [];
  if (warnings.length === 0) return null;
  return (
    <section aria-label={words.label('place.messages')} className={`grid gap-4 ${narrow ? '' : 'md:grid-cols-2'}`}>
      {warnings.slice(0, MOST_SHOWN).map((w, i) => (
        <Message key={i} warning={w} first={i === 0} />
      ))}
      {warnings.length > MOST_SHOWN && (
        <p className="say">{words.label('place.and-more-messages', { warnings: warnings.length - MOST_SHOWN })}</p>
      )}
    </section>
  );
}

/** One message: how grave it is, what, where, why and what to do, with a key for each thing that mends it. */
export function Message({ warning, first, onShow }: { warning: Warning; first: boolean; onShow?(entryId: string): void }) {
  const words = useWords();
  const stop = warning.level === 'stop';
  const told = words.warning(warning);
  return (
    <div className={`flex gap-3 ${stop ? 'rounded-2xl bg-[var(--stopwash)] p-3' : ''}`}>
      <LevelSign level={warning.level} />
      <div className="min-w-0">
        <p className={`text-[13px] font-semibold ${stop ? 'text-[var(--stop)]' : 'text-[var(--ink2)]'}`}>
          {words.messages.names.levels[warning.level]}
        </p>
        <h2 className={stop ? 'text-[var(--stop)]' : ''}>{told.what}</h2>
        <p className="text-[15px]">
          {told.where ? `${capital(told.where)}. ` : ''}
          {told.why}
        </p>
        <p className="say pt-1">{told.remedy}</p>
        {warning.mends?.map((mend) => (
          <button
            key={mend.do}
            className={`${first && stop && mend === warning.mends![0] ? 'next' : 'key'} mr-2 mt-2 max-w-full py-2 text-left !whitespace-normal`}
            onClick={() => void mendIt(warning, mend)}
          >
            {words.mend(mend)}
          </button>
        ))}
        {warning.entryId && onShow && (
          <button className="key mr-2 mt-2" onClick={() => onShow(warning.entryId!)}>
            {words.label('place.show-it')}
          </button>
        )}
        {warning.pieceId && (
          <Link className="key mt-2" href="/compose" onClick={() => getStudio().select([warning.pieceId!])}>
            {words.label('place.choose-the-piece')}
          </Link>
        )}
      </div>
    </div>
  );
}

/** One press, one step; moving apart is worked out beside the page and said when nothing helped. */
async function mendIt(warning: Warning, mend: Mend): Promise<void> {
  const studio = getStudio();
  if (mend.do !== 'move apart')
    return studio.edit(asLabel('place.do-mend', { mend: currentWords().mend(mend).toLowerCase() }), (d) =>
      applyMend(d, warning, mend),
    );
  const project = studio.project!;
  const { moves, left } = await planBench.apart(project);
  if (getStudio().project !== project) return;
  if (moves.length > 0)
    studio.edit(asLabel('place.do-move-entries-apart'), (d) => {
      for (const m of moves) {
        const piece = d.arrangements.find((a) => a.id === m.arrangementId)?.pieces.find((p) => p.id === m.pieceId);
        if (piece) Object.assign(piece, { s: m.s, side: m.side });
      }
    });
  if (left > 0)
    studio.set({
      message: {
        kind: 'tell',
        text: asLabel('place.still-stand-near-each-other', { left }),
      },
    });
}
