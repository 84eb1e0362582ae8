'use client';

import { exportJob } from '../jobs/takeIn';
import { useWords } from '../speech/useWords';
import { useStudio } from '../useStudio';

/** In the place of a station that failed: the job as a file, another try, and what failed for who mends it. */
export function StationFault({ error, reset }: { error: Error; reset(): void }) {
  const words = useWords();
  const project = useStudio((s) => s.project);
  return (
    <div role="alert" className="max-w-[720px] px-6 pt-6">
      <h1>{words.label('shell.station-failed')}</h1>
      <p className="say mt-2">{words.label('shell.station-failed-go-on')}</p>
      <p className="mt-5 flex flex-wrap gap-3">
        <button className="next" onClick={reset}>
          {words.label('shell.try-again')}
        </button>
        {project && (
          <button className="key" onClick={() => void exportJob(project)}>
            {words.label('shell.save-job-as-file')}
          </button>
        )}
      </p>
      <details className="mt-4">
        <summary className="min-h-[44px] cursor-pointer py-2.5">{words.label('shell.what-failed')}</summary>
        <p className="small" lang="en" translate="no">
          {error.message}
        </p>
      </details>
    </div>
  );
}
