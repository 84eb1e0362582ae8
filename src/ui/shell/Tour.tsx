'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { getStudio } from '../useStudio';
import { STATIONS, type StationId } from './stations';

/** Under a minute: one sentence at each station of the demo job. */
const STOPS: readonly { at: StationId; words: string }[] = [
  { at: 'brief', words: 'Here the cake is measured, and the day it leaves. Everything else is counted from these.' },
  {
    at: 'compose',
    words: 'The cake on its turntable. Choose a line, let three be proposed, or pull the flowers where you want them.',
  },
  { at: 'make', words: 'What to make, with spares, how much paste of which colour, and how each is made.' },
  { at: 'wire', words: 'Which wire, cut to which length, taped in which order. Bench mode shows one step at a time, large.' },
  { at: 'place', words: 'How each stem goes in, in what it stands, and how deep. A stop means: not like this on food.' },
  { at: 'days', words: 'The work on days that are free, drying counted in, done before it leaves.' },
  { at: 'hand-over', words: 'What whoever cuts has to take out, numbered, on paper. That is all: begin with a new job.' },
];

/** A card at the foot that walks through the stations; it can be left at any time and comes only once by itself. */
export function Tour({ onClose }: { onClose(): void }) {
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
      aria-label="Guided tour"
      className="no-print fixed bottom-[132px] right-6 z-40 w-[min(400px,88vw)] rounded-3xl border border-[var(--line)] bg-[var(--glaze)] p-5 shadow-[var(--sh-tray)]"
    >
      <p className="small">
        {at + 1} of {STOPS.length}
      </p>
      <p role="status" className="pt-1 text-[18px]">
        {stop.words}
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
            New job
          </button>
        ) : (
          <button className="next" onClick={() => setAt(at + 1)}>
            Go on
          </button>
        )}
        {at > 0 && (
          <button className="key" onClick={() => setAt(at - 1)}>
            Back
          </button>
        )}
        <button className="key bare ml-auto" onClick={onClose}>
          {last ? 'Stay here' : 'Leave it'}
        </button>
      </div>
    </aside>
  );
}
