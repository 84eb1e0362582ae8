'use client';

import { useWords } from '../speech/useWords';

/** A finger covers so much, px (WCAG 2.2, 2.5.5). */
export const FINGER_PX = 44;

interface NearMarksProps {
  marks: readonly { id: string; name: string }[];
  chosen: string | null;
  onChoose(id: string): void;
}

/** The marks under one press, where a finger covers several, the nearest first. */
export function NearMarks({ marks, chosen, onChoose }: NearMarksProps) {
  const words = useWords();
  if (marks.length === 0) return null;
  return (
    <div role="group" aria-label={words.label('shared.under-the-finger')} className="flex flex-wrap gap-1 pt-2">
      {marks.map((m) => (
        <button key={m.id} className="key" aria-pressed={m.id === chosen} onClick={() => onChoose(m.id)}>
          {m.name}
        </button>
      ))}
    </div>
  );
}
