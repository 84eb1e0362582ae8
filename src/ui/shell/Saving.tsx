'use client';

import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

const SAVED_WORDS = { saved: 'shell.saved', saving: 'shell.saving', failed: 'shell.not-saved' } as const;

/** Whether the open job is on disk as it is shown; nothing while none is open. */
export function Saving({ className = '' }: { className?: string }) {
  const words = useWords();
  const isOpen = useStudio((s) => s.project !== null);
  const onlyLook = useStudio((s) => s.onlyLook);
  const saved = useStudio((s) => s.saved);
  return (
    <span
      role="status"
      aria-label={words.label('shell.saving-2')}
      className={`${className} ${saved === 'failed' ? 'font-semibold text-[var(--stop)]' : ''}`}
    >
      {isOpen ? (onlyLook ? words.label('shell.open-another-tab-only-looking') : words.label(SAVED_WORDS[saved])) : ''}
    </span>
  );
}
