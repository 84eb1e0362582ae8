'use client';

import { format } from 'date-fns';
import { useState } from 'react';
import { countedLog } from '@/core/log/entries';
import type { JobVersion } from '@/data/versions';
import { plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';

/** The open job as it was: what is in each version, and back to it, as a step that can be undone. */
export function Versions() {
  const name = useStudio((s) => s.project?.name ?? '');
  const [versions, setVersions] = useState<JobVersion[] | null>(null);
  const words = ({ project }: JobVersion): string => {
    const pieces = project.arrangements.reduce((a, x) => a + x.pieces.length, 0);
    const made = countedLog(project.log).reduce((a, e) => a + e.made, 0);
    return `${plural(pieces, 'piece')}, ${plural(project.cake.tiers.length, 'tier')}, ${made} made`;
  };
  return (
    <details
      className="mt-6 border-t border-[var(--line)] pt-1"
      onToggle={(e) => e.currentTarget.open && void getStudio().versions().then(setVersions)}
    >
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">Earlier versions of “{name}”</summary>
      {versions?.length === 0 && (
        <p className="small">None yet: one is kept every ten minutes while you work, the latest twenty.</p>
      )}
      <ul aria-label="Earlier versions">
        {versions?.map((v) => (
          <li key={v.at} className="flex flex-wrap items-center gap-3 border-t border-[var(--line)] py-2 text-[15px]">
            <span className="grow">
              <b>{format(new Date(v.at), 'EEE d MMM, HH:mm')}</b> {v.project.name}: {words(v)}
            </span>
            <button
              className="key"
              aria-label={`Bring back ${format(new Date(v.at), 'EEE d MMM, HH:mm')}`}
              onClick={() => getStudio().goBackTo(v)}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
