'use client';

import { Dialog } from './Dialog';
import { useWords } from '../speech/useWords';

/** What this is, which version, where the jobs are, and the terms of what others wrote. */
export function AboutCard({ onClose }: { onClose(): void }) {
  const words = useWords();
  return (
    <Dialog title={words.label('shell.about')} wide={560} onClose={onClose}>
      <p className="say">{words.label('shell.sugar-flowers-from-cake-hand')}</p>
      <p className="small pt-2">
        {words.label('shell.version-build', { version: process.env.VERSION ?? '', build: process.env.BUILD ?? '' })}
      </p>
      <p className="pt-3">{words.label('shell.nothing-is-sent')}</p>
      <p className="pt-3">{words.label('shell.food-rules-your-place-your')}</p>
      <p className="pt-4">
        <a className="key" href="/notices.txt" target="_blank" rel="noreferrer">
          {words.label('shell.terms-of-others')}
        </a>
      </p>
    </Dialog>
  );
}
