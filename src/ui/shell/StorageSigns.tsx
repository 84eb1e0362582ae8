'use client';

import { CircleAlert } from 'lucide-react';
import { exportJob } from '../jobs/takeIn';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** What a person has to know of the storage at once, with the way out beside it: the open job as a file, a second try. */
export function StorageSigns() {
  const words = useWords();
  const fault = useStudio((s) => s.saveFault);
  const keeps = useStudio((s) => s.keeps);
  const reading = useStudio((s) => s.reading);
  return (
    <>
      {reading && (
        <p className="no-print mx-6 mt-3 flex items-center gap-3 rounded-2xl bg-[var(--leafwash)] px-4 py-2" role="status">
          <span className="min-w-0 truncate">{words.label('shell.reading', { reading: reading.name })}</span>
          <progress className="grow" aria-label={words.label('shell.how-much-is-read')} value={reading.share} max={1} />
        </p>
      )}
      {fault ? (
        <Sign told={words.tell(fault)}>
          <button className="key" onClick={() => void storeAgain()}>
            {words.label('shell.store-it-again')}
          </button>
        </Sign>
      ) : (
        keeps !== 'disk' && (
          <Sign told={words.label(keeps === 'held' ? 'studio.held' : 'shell.this-browser-stores-nothing-here')} />
        )
      )}
    </>
  );
}

function Sign({ told, children }: { told: string; children?: React.ReactNode }) {
  const words = useWords();
  const project = useStudio((s) => s.project);
  return (
    <div role="alert" className="no-print mx-6 mt-3 flex flex-wrap items-center gap-3 rounded-2xl bg-[var(--stopwash)] px-4 py-2">
      <CircleAlert size={20} className="shrink-0 text-[var(--stop)]" />
      <p className="min-w-0 flex-1 basis-72">{told}</p>
      {project && (
        <button className="key" onClick={() => void exportJob(project)}>
          {words.label('shell.save-job-as-file')}
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
