'use client';

import { useMemo } from 'react';
import { scriptsNotPrinted } from '@/core/formats/scripts';
import { useWords } from '../speech/useWords';
import { useStudio } from '../useStudio';

/** Said where sheets are printed: which scripts in the job's own texts their typefaces do not have. Nothing for most jobs. */
export function NotPrinted() {
  const words = useWords();
  const name = useStudio((s) => s.project!.name);
  const makers = useStudio((s) => s.project!.days.makers);
  const barriers = useStudio((s) => s.project!.barriers);
  const own = useStudio((s) => s.project!.catalogue);
  const inCake = useStudio((s) => s.project!.brief.allergensInCake);
  const inFlowers = useStudio((s) => s.project!.brief.allergensInFlowers);
  const missing = useMemo(
    () =>
      scriptsNotPrinted([
        name,
        ...makers.map((m) => m.name),
        ...barriers.map((b) => b.name),
        ...own.species.map((s) => s.name),
        ...(inCake ?? []),
        ...(inFlowers ?? []),
      ]),
    [name, makers, barriers, own, inCake, inFlowers],
  );
  if (missing.length === 0) return null;
  return (
    <p role="note" className="max-w-80 text-[15px] text-[var(--stop)]">
      {words.label('shared.not-printed', { scripts: words.scripts(missing) })}
    </p>
  );
}
