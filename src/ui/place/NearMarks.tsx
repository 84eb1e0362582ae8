'use client';

import type { PlannedEntry } from '@/core/plan/derivePlan';
import { useWords } from '../speech/useWords';

interface NearMarksProps {
  entries: readonly PlannedEntry[];
  chosen: string | null;
  onChoose(id: string): void;
}

/** The entries under one press, where a finger covers several, the nearest first. */
export function NearMarks({ entries, chosen, onChoose }: NearMarksProps) {
  const words = useWords();
  if (entries.length === 0) return null;
  return (
    <div role="group" aria-label={words.label('place.under-the-finger')} className="flex flex-wrap gap-1 pt-2">
      {entries.map((e) => (
        <button key={e.id} className="key" aria-pressed={e.id === chosen} onClick={() => onChoose(e.id)}>
          {words.label('place.entry', { mark: '', number: e.number, barrier: words.barrier(e.barrier)[0] })}
        </button>
      ))}
    </div>
  );
}
