'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { getStudio } from '../useStudio';
import { STATIONS, type StationId } from './stations';
import type { PlainKey } from '@/core/words/words';
import { useWords } from '../speech/useWords';

/** Under a minute: one sentence at each station of the demo job. */
const STOPS: readonly { at: StationId; told: PlainKey }[] = [
  { at: 'brief', told: 'shell.here-cake-measured-day-leaves' },
  {
    at: 'compose',
    told: 'shell.the-cake-on-turntable-choose',
  },
  { at: 'make', told: 'shell.what-make-with-spares-how' },
  { at: 'wire', told: 'shell.which-wire-cut-which-length' },
  { at: 'place', told: 'shell.how-each-stem-goes-what' },
  { at: 'days', told: 'shell.the-work-on-days-free' },
  { at: 'hand-over', told: 'shell.what-whoever-cuts-has-take' },
];

/** A card at the foot that walks through the stations; it can be left at any time and comes only once by itself. */
export function Tour({ onClose }: { onClose(): void }) {
  const words = useWords();
  const router = useRouter();
  const [at, setAt] = useState(0);
  const stop = STOPS[at]!;
  const path = STATIONS.find((s) => s.id === stop.at)!.path;
  useEffect(() => router.push(path), [router, path]);
  useEffect(() => {
    const key = (e: KeyboardEvent) => e.key === 'Escape' && onClose();
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [onClose]);
  const last = at === STOPS.length - 1;
  return (
    <aside
      aria-label={words.label('shell.guided-tour')}
      className="no-print fixed bottom-[132px] right-6 z-40 w-[min(400px,88vw)] rounded-3xl border border-[var(--line)] bg-[var(--glaze)] p-5 shadow-[var(--sh-tray)]"
    >
      <p className="small">{words.label('shell.tour-step', { at: at + 1, stops: STOPS.length })}</p>
      <p role="status" className="pt-1 text-[18px]">
        {words.label(stop.told)}
      </p>
      <div className="flex gap-3 pt-4">
        {last ? (
          <button
            className="next"
            onClick={() => {
              onClose();
              void getStudio()
                .create()
                .then(() => router.push('/brief'));
            }}
          >
            {words.label('shared.new-job')}
          </button>
        ) : (
          <button className="next" onClick={() => setAt(at + 1)}>
            {words.label('shell.go-on')}
          </button>
        )}
        {at > 0 && (
          <button className="key" onClick={() => setAt(at - 1)}>
            {words.label('shared.back')}
          </button>
        )}
        <button className="key bare ml-auto" onClick={onClose}>
          {last ? words.label('shell.stay-here') : words.label('shared.leave-it')}
        </button>
      </div>
    </aside>
  );
}
