'use client';

import { Box, Copy, Download, FolderInput, Plus, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { fileName } from '@/core/formats/endings';
import { catalogueOf } from '@/core/plan/catalogueOf';
import { pictureBench } from '@/workers/clients';
import { saveFile } from '../shared/fileAccess';
import { OpenFile } from '../shared/OpenFile';
import { leavesWords, plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { Backups } from './Backups';
import { exportJob, takeIn } from './takeIn';
import { Versions } from './Versions';

/** The shelf of jobs: begin, open, copy, delete with undo, and files in and out. */
export function JobsStation() {
  const jobs = useStudio((s) => s.jobs);
  const current = useStudio((s) => s.project);
  const photos = useStudio((s) => s.photos);
  const packet = useStudio((s) => s.packet);
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => void navigator.storage?.persisted?.().then(setKept), []);
  const router = useRouter();
  const go = (path: string) => (done: Promise<void>) => void done.then(() => router.push(path));
  return (
    <div className="max-w-[900px] px-6 pb-6 pt-3">
      <div className="flex flex-wrap items-center gap-3 pb-4">
        <h1 className="mr-auto">Jobs</h1>
        <button className="next" onClick={() => go('/brief')(getStudio().create())}>
          <Plus size={20} /> New job
        </button>
        <OpenFile
          name="Job file"
          accept={{ 'application/json': ['.json'], 'application/zip': ['.zip'] }}
          onFile={(f, handle) => void takeIn(f, handle).then((what) => what === 'packet' && router.push('/helper'))}
        >
          <FolderInput size={20} /> Open a file
        </OpenFile>
        <button className="key" disabled={!current} onClick={() => current && void exportJob(current)}>
          <Download size={20} /> Export the open job
        </button>
        <button
          className="key"
          disabled={!current}
          onClick={() =>
            current &&
            void pictureBench
              .glb(current.name, current.cake, current.arrangements, catalogueOf(current).own)
              .then((glb) => void saveFile(fileName(current.name, '.glb'), new Uint8Array(glb), 'model/gltf-binary'))
              .catch(() => getStudio().set({ message: { text: 'The cake could not be written as a model.', kind: 'fault' } }))
          }
        >
          <Box size={20} /> The cake as a 3D model
        </button>
        {current && photos.length > 0 && (
          <button className="key" onClick={() => void exportJob(current, photos)}>
            with its {plural(photos.length, 'photograph')}
          </button>
        )}
      </div>
      {packet && (
        <p className="well mb-3 flex flex-wrap items-center gap-3 px-4 py-3">
          <span className="grow">
            A packet is open: {packet.job}, for {packet.helper}.
          </span>
          <button className="key" onClick={() => router.push('/helper')}>
            Helper’s bench
          </button>
        </p>
      )}
      <ul aria-label="All jobs">
        {jobs.map((j) => (
          <li key={j.id} className="flex items-center gap-3 border-t border-[var(--line)] py-2">
            <button
              className="min-h-[44px] grow rounded-lg text-left"
              aria-label={`Open ${j.name}`}
              onClick={() => go('/compose')(getStudio().open(j.id))}
            >
              <b className="block">
                {j.id === current?.id && <span className="text-[var(--leaf)]">● </span>}
                <span translate="no">{j.name}</span>
              </b>
              <span className="small">
                {leavesWords(j.leavesAt)}, {plural(j.pieces, 'piece')}
              </span>
            </button>
            <button className="key" aria-label={`Copy ${j.name}`} onClick={() => void getStudio().copy(j.id)}>
              <Copy size={20} /> Copy
            </button>
            <button className="key" aria-label={`Delete ${j.name}`} onClick={() => void getStudio().remove(j.id)}>
              <Trash2 size={20} /> Delete
            </button>
          </li>
        ))}
      </ul>
      {jobs.length === 0 && <p className="say">The shelf is empty.</p>}
      {current && <Versions key={current.id} />}
      <Backups />
      <p className="small pt-4">
        Jobs live in this browser and in the files you export. Nothing is sent anywhere.
        {kept === false && ' This browser may clear them when it runs short of room: back up now and then.'}
      </p>
    </div>
  );
}
