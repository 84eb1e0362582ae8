'use client';

import { Archive, ArchiveRestore } from 'lucide-react';
import { lightFormat } from 'date-fns';
import { wallFromText } from '@/core/days/clock';
import { useState } from 'react';
import { BACKUP_FILE_ENDING } from '@/core/formats/endings';
import { saveFile } from '../shared/fileAccess';
import { OpenFile } from '../shared/OpenFile';
import { getStudio, useStudio } from '../useStudio';
import { takeIn } from './takeIn';
import { useWords } from '../speech/useWords';

/** Every job, photograph and the tin as one file; and back, told before anything changes. */
export function Backups() {
  const words = useWords();
  const looked = useStudio((s) => s.looked);
  const leave = () => getStudio().set({ looked: null });
  const [withStock, setWithStock] = useState(false);
  const out = async () => {
    const zip = await getStudio().backUp();
    void saveFile(`studio-${lightFormat(new Date(), 'yyyy-MM-dd')}${BACKUP_FILE_ENDING}`, new Uint8Array(zip), 'application/zip');
  };
  return (
    <section aria-label={words.label('jobs.backup')} className="mt-6 border-t border-[var(--line)] pt-4">
      <h2>{words.label('jobs.backup-whole-studio')}</h2>
      <div className="flex flex-wrap items-center gap-3 pt-2">
        <button className="key" onClick={() => void out()}>
          <Archive size={20} /> {words.label('jobs.back-up-everything')}
        </button>
        <OpenFile name={words.label('jobs.backup-file')} accept={{ 'application/zip': ['.zip'] }} onFile={(f) => void takeIn(f)}>
          <ArchiveRestore size={20} /> {words.label('jobs.restore-a-backup')}
        </OpenFile>
      </div>
      {looked && (
        <div role="status" className="well mt-3 px-4 py-3">
          <p>
            <b>
              {words.label('jobs.made', {
                format: `${words.units.day(wallFromText(looked.madeAt), { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })}, ${words.units.time(wallFromText(looked.madeAt))}`,
              })}
            </b>{' '}
            {words.label('jobs.jobs-not-here-yet-just', {
              added: looked.changes.added,
              same: looked.changes.same,
              other: looked.changes.other,
            })}
            {looked.putRight && ` ${words.say(looked.putRight)}`}
          </p>
          <label className="flex min-h-[44px] items-center gap-2">
            <input type="checkbox" className="size-5" checked={withStock} onChange={(e) => setWithStock(e.target.checked)} />
            {words.label('jobs.put-tin-ends-wire-back', { tin: looked.backup.stock.tin.length })}
          </label>
          <div className="flex flex-wrap gap-3 pt-1">
            <button
              className="next"
              onClick={() => {
                void getStudio().restore(looked.backup, withStock);
                leave();
              }}
            >
              {words.label('jobs.restore')}
            </button>
            <button className="key" onClick={leave}>
              {words.label('shared.leave-it')}
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
