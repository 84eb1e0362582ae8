'use client';

import { Box, Copy, Download, FolderInput, Plus, Trash2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { fileName } from '@/core/formats/endings';
import { catalogueOf } from '@/core/plan/catalogueOf';
import { pictureBench } from '@/workers/clients';
import { saveFile } from '../shared/fileAccess';
import { OpenFile } from '../shared/OpenFile';
import { asLabel } from '@/core/words/asLabel';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { Backups } from './Backups';
import { DeletedJobs } from './DeletedJobs';
import { exportJob, takeIn } from './takeIn';
import { Versions } from './Versions';
import { useWords } from '../speech/useWords';

const AboutCard = dynamic(() => import('../shell/AboutCard').then((m) => m.AboutCard), { ssr: false });

/** The shelf of jobs: begin, open, copy, delete with undo, and files in and out. */
export function JobsStation() {
  const words = useWords();
  const jobs = useStudio((s) => s.jobs);
  const current = useStudio((s) => s.project);
  const photos = useStudio((s) => s.photos);
  const packet = useStudio((s) => s.packet);
  const [about, setAbout] = useState(false);
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => void navigator.storage?.persisted?.().then(setKept), []);
  const router = useRouter();
  const go = (path: string) => (done: Promise<void>) => void done.then(() => router.push(path));
  return (
    <div className="max-w-[900px] px-6 pb-6 pt-3">
      <div className="flex flex-wrap items-center gap-3 pb-4">
        <h1 className="mr-auto">{words.label('shared.jobs')}</h1>
        <button className="next" onClick={() => go('/brief')(getStudio().create())}>
          <Plus size={20} /> {words.label('shared.new-job')}
        </button>
        <OpenFile
          name={words.label('jobs.job-file')}
          accept={{ 'application/json': ['.json'], 'application/zip': ['.zip'] }}
          onFile={(f, handle) => void takeIn(f, handle).then((what) => what === 'packet' && router.push('/helper'))}
        >
          <FolderInput size={20} /> {words.label('jobs.open-a-file')}
        </OpenFile>
        <button className="key" disabled={!current} onClick={() => current && void exportJob(current)}>
          <Download size={20} /> {words.label('shared.export-the-open-job')}
        </button>
        <button
          className="key"
          disabled={!current}
          onClick={() =>
            current &&
            void pictureBench
              .glb(current.name, current.cake, current.arrangements, catalogueOf(current).own)
              .then((glb) => void saveFile(fileName(current.name, '.glb'), new Uint8Array(glb), 'model/gltf-binary'))
              .catch(() => getStudio().set({ message: { text: asLabel('jobs.the-cake-could-not-written'), kind: 'fault' } }))
          }
        >
          <Box size={20} /> {words.label('jobs.the-cake-as-3d-model')}
        </button>
        {current && photos.length > 0 && (
          <button className="key" onClick={() => void exportJob(current, photos)}>
            {words.label('jobs.with-its-photographs', { photos: photos.length })}
          </button>
        )}
      </div>
      {packet && (
        <p className="well mb-3 flex flex-wrap items-center gap-3 px-4 py-3">
          <span className="grow">{words.label('jobs.a-packet-open', { job: packet.job, helper: packet.helper })}</span>
          <button className="key" onClick={() => router.push('/helper')}>
            {words.label('jobs.helpers-bench')}
          </button>
        </p>
      )}
      <ul aria-label={words.label('shared.all-jobs')}>
        {jobs.map((j) => (
          <li key={j.id} className="flex items-center gap-3 border-t border-[var(--line)] py-2">
            <button
              className="min-h-[44px] grow rounded-lg text-left"
              aria-label={words.label('jobs.open', { j: j.name })}
              onClick={() => go('/compose')(getStudio().open(j.id))}
            >
              <b className="block">
                {j.id === current?.id && <span className="text-[var(--leaf)]">● </span>}
                <span translate="no">{j.name}</span>
              </b>
              <span className="small">
                {words.label('jobs.pieces', { pieces: j.pieces, leaves: leavesWords(j.leavesAt, words) })}
              </span>
            </button>
            <button
              className="key"
              aria-label={words.label('jobs.copy', { j: j.name })}
              onClick={() => void getStudio().copy(j.id)}
            >
              <Copy size={20} /> {words.label('jobs.copy-2')}
            </button>
            <button
              className="key"
              aria-label={words.label('jobs.delete', { j: j.name })}
              onClick={() => void getStudio().remove(j.id)}
            >
              <Trash2 size={20} /> {words.label('shared.delete')}
            </button>
          </li>
        ))}
      </ul>
      {jobs.length === 0 && <p className="say">{words.label('jobs.the-shelf-is-empty')}</p>}
      {current && <Versions key={current.id} />}
      <DeletedJobs />
      <Backups />
      <p className="small pt-4">{words.label('jobs.jobs-live-this-browser-files', { kept: kept === false ? 'yes' : 'no' })}</p>
      <p className="pt-3">
        <button className="key" onClick={() => setAbout(true)}>
          {words.label('shell.about')}
        </button>
      </p>
      {about && <AboutCard onClose={() => setAbout(false)} />}
    </div>
  );
}
