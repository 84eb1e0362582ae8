'use client';

import { CircleAlert } from 'lucide-react';
import { exportJob } from '../jobs/takeIn';
import { getStudio, useStudio } from '../useStudio';

/** What a person has to know of the storage at once, with the way out beside it: the open job as a file, a second try. */
export function StorageSigns() {
  const fault = useStudio((s) => s.saveFault);
  const keeps = useStudio((s) => s.keeps);
  const reading = useStudio((s) => s.reading);
  return (
    <>
      {reading && (
        <p className="no-print mx-6 mt-3 flex items-center gap-3 rounded-2xl bg-[var(--leafwash)] px-4 py-2" role="status">
          <span className="min-w-0 truncate">Reading {reading.name}</span>
          <progress className="grow" aria-label="How much is read" value={reading.share} max={1} />
        </p>
      )}
      {fault ? (
        <Sign words={fault}>
          <button className="key" onClick={() => void storeAgain()}>
            Store it again
          </button>
        </Sign>
      ) : (
        keeps === 'page' && (
          <Sign words="This browser stores nothing here (a private window, or storage is switched off): jobs last only as long as this page. Save yours as a file before you close it." />
        )
      )}
    </>
  );
}

function Sign({ words, children }: { words: string; children?: React.ReactNode }) {
  const project = useStudio((s) => s.project);
  return (
    <div role="alert" className="no-print mx-6 mt-3 flex flex-wrap items-center gap-3 rounded-2xl bg-[var(--stopwash)] px-4 py-2">
      <CircleAlert size={20} className="shrink-0 text-[var(--stop)]" />
      <p className="min-w-0 flex-1 basis-72">{words}</p>
      {project && (
        <button className="key" onClick={() => void exportJob(project)}>
          Save the job as a file
        </button>
      )}
      {children}
    </div>
  );
}

/** Everything that is open goes to the storage once more. */
async function storeAgain(): Promise<void> {
  getStudio().set({ saved: 'saving', saveFault: null });
  await getStudio().flush();
}
