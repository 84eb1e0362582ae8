'use client';

import { CircleAlert, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { getStudio, useStudio } from '../useStudio';
import { DropIn } from './DropIn';
import { isTyping } from './isTyping';
import { Header } from './Header';
import { Stem } from './Stem';
import { useKeptFocus } from './useKeptFocus';
import { useMedia } from './useMedia';
import { useOffline } from './useOffline';
import { StorageSigns } from './StorageSigns';
import { STATIONS } from './stations';
import { useWords } from '../speech/useWords';

const CompactBar = dynamic(() => import('./CompactBar').then((m) => m.CompactBar), { ssr: false });

/** Pages that need no open job. */
const WITHOUT_A_JOB = ['/jobs', '/helper'];

/** A phone, or a window enlarged four times: header and stem fold into one row in reach of the thumb. */
const COMPACT = '(max-width: 640px), (max-height: 480px)';

/** The room every station stands in: the job's name, the few tools, the content, the stem. */
export function Bench({ children }: { children: ReactNode }) {
  const words = useWords();
  const ready = useStudio((s) => s.ready);
  const open = useStudio((s) => s.project !== null);
  const evening = useStudio((s) => s.evening);
  const path = usePathname();
  const compact = useMedia(COMPACT);
  const here = STATIONS.find((s) => path.startsWith(s.path))?.id ?? null;

  useEffect(() => {
    // asked once: a browser that grants it does not clear the jobs when it runs short of room
    void navigator.storage?.persist?.();
  }, []);
  useEffect(() => {
    document.documentElement.dataset.theme = evening ? 'evening' : 'day';
  }, [evening]);
  useShortcuts();
  useKeptFocus();

  return (
    <div className="bench">
      <a className="skip" href="#station">
        {words.label('shell.skip-to-station')}
      </a>
      <Header here={here} compact={compact} />
      <main id="station" tabIndex={-1}>
        <StorageSigns />
        <Message />
        <Newer />
        {!ready ? (
          <p className="say px-6 pt-6">{words.label('shell.opening-the-bench')}</p>
        ) : open || WITHOUT_A_JOB.some((p) => path.startsWith(p)) ? (
          children
        ) : (
          <NoJob />
        )}
      </main>
      <DropIn />
      {compact ? <CompactBar here={here} /> : <Stem here={here} />}
    </div>
  );
}

function NoJob() {
  const words = useWords();
  return (
    <div className="px-6 pt-10">
      <h1>{words.label('shell.no-job-is-open')}</h1>
      <p className="say mt-2">{words.label('shell.begin-new-one-or-open')}</p>
      <p className="mt-5 flex gap-3">
        <button className="next" onClick={() => void getStudio().create()}>
          {words.label('shared.new-job')}
        </button>
        <Link className="key" href="/jobs">
          {words.label('shared.all-jobs')}
        </Link>
      </p>
    </div>
  );
}

function Message() {
  const words = useWords();
  const message = useStudio((s) => s.message);
  const deleted = useStudio((s) => s.deleted);
  const takenOut = useStudio((s) => s.takenOut);
  const planFault = useStudio((s) => s.planFault);
  if (!message && !deleted && !takenOut && !planFault) return null;
  const fault = message?.kind === 'fault' || (!message && planFault !== null);
  return (
    <div
      role={fault ? 'alert' : 'status'}
      className={`no-print mx-6 mt-3 flex items-center gap-3 rounded-2xl px-4 py-2 ${fault ? 'bg-[var(--stopwash)]' : 'bg-[var(--leafwash)]'}`}
    >
      {fault && <CircleAlert size={20} className="shrink-0 text-[var(--stop)]" />}
      <p className="min-w-0 grow">
        {message
          ? words.tell(message.text)
          : deleted
            ? words.label('shell.is-deleted', { project: deleted.project.name })
            : planFault
              ? words.tell(planFault)
              : words.label('shell.taken-out-what-kept')}
      </p>
      {deleted && (
        <button className="key" onClick={() => void getStudio().bringBack()}>
          {words.label('shell.bring-it-back')}
        </button>
      )}
      {!deleted && takenOut && (
        <button className="key" onClick={() => void getStudio().bringBackStock()}>
          {words.label('shell.put-it-back-in')}
        </button>
      )}
      <button
        className="key bare"
        aria-label={words.label('shell.close-message')}
        onClick={() => getStudio().set({ message: null, deleted: null, takenOut: null, planFault: null })}
      >
        <X size={20} />
      </button>
    </div>
  );
}

/** A newer build is fetched and waits; it is offered only while nothing waits to be saved. */
function Newer() {
  const words = useWords();
  const { waiting, take } = useOffline();
  const saved = useStudio((s) => s.saved);
  if (!waiting || saved !== 'saved') return null;
  return (
    <div role="status" className="no-print mx-6 mt-3 flex items-center gap-3 rounded-2xl bg-[var(--leafwash)] px-4 py-2">
      <p className="min-w-0 grow">{words.label('shell.a-newer-ofrenda-on-this')}</p>
      <button className="key" onClick={take}>
        {words.label('shell.change-to-it-now')}
      </button>
    </div>
  );
}

/** Undo and redo from the keyboard anywhere; edits are flushed when the page is hidden, and one still on its way asks before it is closed. */
function useShortcuts() {
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (isTyping(e) || !(e.ctrlKey || e.metaKey)) return;
      const k = e.key.toLowerCase();
      if (k === 'z' && !e.shiftKey) getStudio().undo();
      else if (k === 'y' || (k === 'z' && e.shiftKey)) getStudio().redo();
      else return;
      e.preventDefault();
    };
    const hide = () => void getStudio().flush();
    const close = (e: BeforeUnloadEvent) => {
      // what stands in a field that was not left yet is an edit too
      const held = document.activeElement;
      if (held instanceof HTMLElement) held.blur();
      const { project, saved, onlyLook, flush } = getStudio();
      if (!project || saved === 'saved' || onlyLook) return;
      void flush();
      e.preventDefault();
      // who stays goes on where they were
      setTimeout(() => held instanceof HTMLElement && held.focus());
    };
    window.addEventListener('keydown', key);
    window.addEventListener('beforeunload', close);
    window.addEventListener('pagehide', hide);
    document.addEventListener('visibilitychange', hide);
    return () => {
      window.removeEventListener('keydown', key);
      window.removeEventListener('beforeunload', close);
      window.removeEventListener('pagehide', hide);
      document.removeEventListener('visibilitychange', hide);
    };
  }, []);
}
