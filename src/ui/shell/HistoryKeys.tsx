'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** Takes the last step back; its name says which. */
export function UndoKey() {
  const words = useWords();
  const last = useStudio((s) => s.past[s.past.length - 1]?.label ?? null);
  const back = last && words.tell(last);
  return (
    <button
      className="key bare"
      aria-label={back ? words.label('shell.undo', { back }) : words.label('shell.undo-2')}
      title={back ? words.label('shell.undo', { back }) : words.label('shell.nothing-to-undo')}
      disabled={!back}
      onClick={() => getStudio().undo()}
    >
      <Undo2 size={22} />
    </button>
  );
}

/** Does again what was taken back. */
export function RedoKey() {
  const words = useWords();
  const next = useStudio((s) => s.future[0]?.label ?? null);
  const forth = next && words.tell(next);
  return (
    <button
      className="key bare"
      aria-label={forth ? words.label('shell.redo', { forth }) : words.label('shell.redo-2')}
      title={forth ? words.label('shell.redo', { forth }) : words.label('shell.nothing-to-redo')}
      disabled={!forth}
      onClick={() => getStudio().redo()}
    >
      <Redo2 size={22} />
    </button>
  );
}
