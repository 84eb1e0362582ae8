'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import { useWords } from '../speech/useWords';

/** A sheet over the bench that is closed by its key, by Escape, or by a press beside it. */
export function Dialog({
  title,
  wide = 680,
  onClose,
  children,
}: {
  title: string;
  wide?: number;
  onClose(): void;
  children: ReactNode;
}) {
  const words = useWords();
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    dialog.current?.showModal();
    // where something is typed, the fingers begin there
    dialog.current?.querySelector('input')?.focus();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className="m-auto max-h-[86dvh] overflow-auto rounded-3xl bg-[var(--bench)] p-6 text-[var(--ink)]"
      style={{ width: `min(${wide}px, 92vw)` }}
      onClose={onClose}
      onClick={(e) => e.target === dialog.current && dialog.current?.close()}
    >
      <div className="flex items-center gap-3 pb-2">
        <h1 className="grow">{title}</h1>
        <form method="dialog">
          <button className="key">{words.label('shared.close')}</button>
        </form>
      </div>
      {children}
    </dialog>
  );
}
