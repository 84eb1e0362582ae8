'use client';

import { useState } from 'react';
import { countedLog } from '@/core/log/entries';
import type { JobVersion } from '@/data/versions';
import { getStudio, useStudio } from '../useStudio';
import { wallOf } from '../shared/words';
import { useWords } from '../speech/useWords';

/** The open job as it was: what is in each version, and back to it, as a step that can be undone. */
export function Versions() {
  const name = useStudio((s) => s.project?.name ?? '');
  const [versions, setVersions] = useState<JobVersion[] | null>(null);
  const words = useWords();
  const told = ({ project }: JobVersion): string => {
    const pieces = project.arrangements.reduce((a, x) => a + x.pieces.length, 0);
    const made = countedLog(project.log).reduce((a, e) => a + e.made, 0);
    return words.label('jobs.pieces-tiers-made', { pieces, tiers: project.cake.tiers.length, made });
  };
  return (
    <details
      className="mt-6 border-t border-[var(--line)] pt-1"
      onToggle={(e) => e.currentTarget.open && void getStudio().versions().then(setVersions)}
    >
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('jobs.earlier-versions-of', { name })}
      </summary>
      {versions?.length === 0 && <p className="small">{words.label('jobs.none-yet-one-kept-every')}</p>}
      <ul aria-label={words.label('jobs.earlier-versions')}>
        {versions?.map((v) => (
          <li key={v.at} className="flex flex-wrap items-center gap-3 border-t border-[var(--line)] py-2 text-[15px]">
            <span className="grow">
              <b>{words.units.moment(wallOf(new Date(v.seenAt)))}</b> {v.project.name}: {told(v)}
            </span>
            <button
              className="key"
              aria-label={words.label('jobs.bring-back', { format: words.units.moment(wallOf(new Date(v.seenAt))) })}
              onClick={() => getStudio().goBackTo(v)}
            >
              {words.label('jobs.bring-back-2')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
