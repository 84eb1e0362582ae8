'use client';

import { Download, FolderInput } from 'lucide-react';
import { useState } from 'react';
import type { Drawing } from '@/core/formats/drawing';
import type { PaperSize } from '@/core/formats/paper';
import type { Issue } from '@/core/boundary/refusal';
import { currentWords, useWords } from '../speech/useWords';
import { paperFonts } from './paperFonts';
import { saveFile, textOfFile } from './fileAccess';
import { OpenFile } from './OpenFile';

/** Drawings at true size on sheets of paper, as a PDF. What writes it is fetched when it is first asked for. */
export async function downloadSheets(name: string, drawings: readonly Drawing[], paper: PaperSize): Promise<void> {
  const { sheetsPdf } = await import('@/core/formats/sheets');
  await saveFile(name, new Uint8Array(await sheetsPdf(drawings, paper, await paperFonts(), currentWords())), 'application/pdf');
}

/** What was read, with the columns that nobody asked for; or every fault. */
type ReadResult<T> = { value: T; surplus?: readonly string[] } | { issues: Issue[] };

/** A reading that may take long, and can be ended. */
export interface LongRead<T> {
  answer: Promise<ReadResult<T>>;
  end(): void;
}

interface Change {
  added: number;
  changed: number;
  gone: number;
}

/**
 * Reads a file in, in two steps: what it would change is told first, and nothing changes before it is pressed. A bad file says
 * every fault with its place.
 */
export function ReadIn<T>({
  label,
  accept,
  read,
  changes,
  what = 'rows',
  onTake,
}: {
  label: string;
  accept: Record<string, string[]>;
  read(text: string): ReadResult<T> | LongRead<T>;
  changes(value: T): Change;
  /** what is read */
  what?: 'rows' | 'busy';
  onTake(value: T): void;
}) {
  const words = useWords();
  const [waiting, setWaiting] = useState<{ value: T; change: Change; surplus: readonly string[] } | null>(null);
  const [running, setRunning] = useState<LongRead<T> | null>(null);
  const [issues, setIssues] = useState<readonly Issue[]>([]);
  const tell = (result: ReadResult<T>) => {
    setIssues('issues' in result ? result.issues : []);
    setWaiting('value' in result ? { value: result.value, change: changes(result.value), surplus: result.surplus ?? [] } : null);
  };
  const open = async (file: File) => {
    running?.end();
    const asText = await textOfFile(file);
    if ('why' in asText) return tell({ issues: [{ path: '', expected: 'UTF-8', received: '', why: asText.why }] });
    const result = read(asText.text);
    if (!('answer' in result)) return tell(result);
    setWaiting(null);
    setIssues([]);
    setRunning(result);
    try {
      tell(await result.answer);
    } catch {
      // it was ended by hand
    } finally {
      setRunning((now) => (now === result ? null : now));
    }
  };
  return (
    <>
      <OpenFile name={words.label('shared.file-of', { label })} accept={accept} onFile={(f) => void open(f)}>
        <FolderInput size={20} /> {label}
      </OpenFile>
      {running && (
        <span role="status" className="well flex items-center gap-3 px-3 py-2 text-[15px]">
          <progress className="w-24" aria-label={words.label('shared.reading')} /> {words.label('shared.reading')}
          <button className="key" onClick={() => running.end()}>
            {words.label('shared.stop-reading')}
          </button>
        </span>
      )}
      {waiting && (
        <span role="status" className="well flex flex-wrap items-center gap-3 px-3 py-2 text-[15px]">
          {words.label('shared.new-changed-gone', {
            what,
            added: waiting.change.added,
            changed: waiting.change.changed,
            gone: waiting.change.gone,
          })}
          {waiting.surplus.length > 0 && words.label('shared.not-read', { columns: waiting.surplus.join(', ') })}
          <button
            className="key"
            onClick={() => {
              onTake(waiting.value);
              setWaiting(null);
            }}
          >
            {words.label('shared.take-it-in')}
          </button>
          <button className="key" onClick={() => setWaiting(null)}>
            {words.label('shared.leave-it')}
          </button>
        </span>
      )}
      {issues.length > 0 && (
        <span role="alert" className="block w-full rounded-xl bg-[var(--stopwash)] px-3 py-2 text-[15px]">
          {words.label('shared.nothing-was-changed-more', {
            why: issues
              .slice(0, 5)
              .map((i) => sentence(words.say(i.why)))
              .join(' '),
            more: Math.max(0, issues.length - 5),
          })}
        </span>
      )}
    </>
  );
}

/** A refusal of a value is told inside another sentence, and here as one. */
const sentence = (text: string): string => (text.endsWith('.') ? text : `${text}.`);

export function WriteOut({ label, onPress, disabled }: { label: string; onPress(): void; disabled?: boolean }) {
  return (
    <button className="key" disabled={disabled} onClick={onPress}>
      <Download size={20} /> {label}
    </button>
  );
}
