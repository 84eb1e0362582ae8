'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import { Dialog as Sheet } from 'react-aria-components/Dialog';
import { Heading } from 'react-aria-components/Heading';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
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
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // where something is typed, the fingers begin there
    content.current?.querySelector('input')?.focus();
  }, []);
  return (
    <ModalOverlay isOpen isDismissable onOpenChange={(open) => !open && onClose()} className="over">
      <Modal
        className="max-h-[86dvh] overflow-auto rounded-3xl bg-[var(--bench)] p-6 text-[var(--ink)]"
        style={{ width: `min(${wide}px, 92vw)` }}
      >
        <Sheet className="outline-none">
          <div className="flex items-center gap-3 pb-2">
            <Heading slot="title" level={1} className="grow">
              {title}
            </Heading>
            <button className="key" onClick={onClose}>
              {words.label('shared.close')}
            </button>
          </div>
          <div ref={content}>{children}</div>
        </Sheet>
      </Modal>
    </ModalOverlay>
  );
}
