'use client';

import { useEffect, useState } from 'react';
import type { DeletedJob } from '@/data/jobs';
import { wallOf } from '../shared/words';
import { useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';

/** The last deletions, each with the room it takes: taken back, or gone for good. */
export function DeletedJobs() {
  const words = useWords();
  const jobs = useStudio((s) => s.jobs);
  const [open, setOpen] = useState(false);
  const [deleted, setDeleted] = useState<readonly DeletedJob[] | null>(null);
  // what is on the shelf changes with every deletion and every one that is taken back
  useEffect(() => {
    if (open) void getStudio().deletedJobs().then(setDeleted);
  }, [open, jobs]);
  const forget = async (id: string) => {
    await getStudio().forget(id);
    setDeleted(await getStudio().deletedJobs());
  };
  return (
    <details className="mt-6 border-t border-[var(--line)] pt-1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">{words.label('jobs.deleted-title')}</summary>
      {deleted?.length === 0 && <p className="small">{words.label('jobs.none-deleted')}</p>}
      <ul aria-label={words.label('jobs.deleted-title')}>
        {deleted?.map((j) => (
          <li key={j.id} className="flex flex-wrap items-center gap-3 border-t border-[var(--line)] py-2">
            <span className="min-w-0 grow">
              <b className="block truncate" translate="no">
                {j.name}
              </b>
              <span className="small">
                {words.label('jobs.deleted-when', {
                  when: words.units.moment(wallOf(new Date(j.deletedAt))),
                  megabytes: words.units.number(Math.max(0.1, j.room / 1e6), 1),
                })}
              </span>
            </span>
            <button
              className="key"
              aria-label={words.label('jobs.bring-back-named', { name: j.name })}
              onClick={() => void getStudio().bringBack(j.id)}
            >
              {words.label('jobs.bring-back-2')}
            </button>
            <button
              className="key"
              aria-label={words.label('jobs.remove-for-good-named', { name: j.name })}
              onClick={() => void forget(j.id)}
            >
              {words.label('jobs.remove-for-good')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
