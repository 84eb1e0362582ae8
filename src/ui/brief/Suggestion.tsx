'use client';

import { useMemo } from 'react';
import { FULL_DENSITY } from '@/core/compose/proposal';
import { drawLine } from '@/core/compose/line';
import { shareOut } from '@/core/compose/shareOut';
import { useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';

/** How many pieces the line wants, from its area and the pieces' own; and the way on. */
export function Suggestion({ onCompose }: { onCompose(): void }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const cake = useStudio((s) => s.project!.cake);
  const spec = useStudio((s) => s.project!.arrangements[s.arrangementIndex]?.line ?? null);
  const brief = useStudio((s) => s.project!.brief);
  const { style, choices } = brief;
  const { total, lengthMm } = useMemo(() => {
    const line = spec ? drawLine(spec, cake) : null;
    const kinds = line ? shareOut(line, { style, choices, density: FULL_DENSITY }, catalogue) : [];
    return { total: kinds.reduce((a, k) => a + k.count, 0), lengthMm: line?.lengthMm ?? 0 };
  }, [cake, spec, style, choices, catalogue]);
  if (total === 0) {
    return (
      <p role="alert" className="say">
        {brief.choices.length === 0
          ? words.label('brief.choose-at-least-one-flower')
          : words.label('brief.the-line-has-no-place')}
      </p>
    );
  }
  return (
    <div className="flex items-center justify-between gap-4">
      <h2>
        {words.label('brief.pieces', { total })}{' '}
        <span className="say text-[var(--ink2)]">
          {words.label('brief.for-of-line', { lengthMm: words.units.length(lengthMm) })}
        </span>
      </h2>
      <button className="next" onClick={onCompose}>
        {words.label('brief.compose-these', { total })}
      </button>
    </div>
  );
}
