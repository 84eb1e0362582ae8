'use client';

import { CircleAlert, FolderOpen, List, Moon, Redo2, Sun, Undo2, X } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { getStudio, useStudio } from '../useStudio';
import { leavesWords } from '../shared/words';
import { DropIn } from './DropIn';
import { isTyping } from './isTyping';
import { Stem } from './Stem';
import { useOffline } from './useOffline';
import { Sheets } from './Sheets';
import { StorageSigns } from './StorageSigns';
import { STATIONS, type StationId } from './stations';
import { useWords } from '../speech/useWords';

/** Pages that need no open job. */
const WITHOUT_A_JOB = ['/jobs', '/helper'];

/** The room every station stands in: the job's name, the few tools, the content, the stem. */
export function Bench({ children }: { children: ReactNode }) {
  const words = useWords();
  const ready = useStudio((s) => s.ready);
  const open = useStudio((s) => s.project !== null);
  const evening = useStudio((s) => s.evening);
  const path = usePathname();
  const here = STATIONS.find((s) => path.startsWith(s.path))?.id ?? null;

  useEffect(() => {
    // asked once: a browser that grants it does not clear the jobs when it runs short of room
    void navigator.storage?.persist?.();
  }, []);
  useEffect(() => {
    document.documentElement.dataset.theme = evening ? 'evening' : 'day';
  }, [evening]);
  useShortcuts();

  return (
    <div className="bench">
      <Header here={here} />
      <main>
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
      <Stem here={here} />
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

const SAVED_WORDS = { saved: 'shell.saved', saving: 'shell.saving', failed: 'shell.not-saved' } as const;

/** Stations whose picture has a list beside it; the others are lists already. */
const WITH_LIST: readonly (StationId | null)[] = ['compose', 'place'];

function Header({ here }: { here: StationId | null }) {
  const words = useWords();
  const name = useStudio((s) => s.project?.name ?? 'Ofrenda');
  const leavesAt = useStudio((s) => s.project?.brief.leavesAt ?? null);
  const onlyLook = useStudio((s) => s.onlyLook);
  const saved = useStudio((s) => s.saved);
  const last = useStudio((s) => s.past[s.past.length - 1]?.label ?? null);
  const next = useStudio((s) => s.future[0]?.label ?? null);
  const back = last && words.tell(last);
  const forth = next && words.tell(next);
  const evening = useStudio((s) => s.evening);
  const list = useStudio((s) => s.showList);
  return (
    <header className="no-print flex items-start justify-between gap-4 px-6 pt-4 max-sm:flex-col max-sm:items-stretch max-sm:gap-1">
      <div className="min-w-0">
        <h2 className="truncate" translate="no">
          {name}
        </h2>
        <p className="sub">
          {leavesAt ? leavesWords(leavesAt, words) : words.label('shell.sugar-flowers-from-cake-hand')}
          <span
            role="status"
            aria-label={words.label('shell.saving-2')}
            className={saved === 'failed' ? 'ml-3 font-semibold text-[var(--stop)]' : 'ml-3'}
          >
            {leavesAt ? (onlyLook ? words.label('shell.open-another-tab-only-looking') : words.label(SAVED_WORDS[saved])) : ''}
          </span>
        </p>
      </div>
      <div className="flex shrink-0 flex-wrap items-center">
        <button
          className="key bare"
          aria-label={back ? words.label('shell.undo', { back }) : words.label('shell.undo-2')}
          title={back ? words.label('shell.undo', { back }) : words.label('shell.nothing-to-undo')}
          disabled={!back}
          onClick={() => getStudio().undo()}
        >
          <Undo2 size={22} />
        </button>
        <button
          className="key bare"
          aria-label={forth ? words.label('shell.redo', { forth }) : words.label('shell.redo-2')}
          title={forth ? words.label('shell.redo', { forth }) : words.label('shell.nothing-to-redo')}
          disabled={!forth}
          onClick={() => getStudio().redo()}
        >
          <Redo2 size={22} />
        </button>
        <Sheets here={here} />
        <Link className="key bare" href="/jobs">
          <FolderOpen size={22} /> {words.label('shared.jobs')}
        </Link>
        {WITH_LIST.includes(here) && (
          <button className="key bare" aria-pressed={list} onClick={() => getStudio().set({ showList: !list })}>
            <List size={22} /> {words.label('shell.list')}
          </button>
        )}
        <button
          className="key bare"
          aria-label={evening ? words.label('shell.day-light') : words.label('shell.evening-light')}
          onClick={() => getStudio().setEvening(!evening)}
        >
          {evening ? <Sun size={22} /> : <Moon size={22} />}
        </button>
      </div>
    </header>
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

/** Undo and redo from the keyboard anywhere; edits are flushed when the page is hidden. */
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
    window.addEventListener('keydown', key);
    window.addEventListener('pagehide', hide);
    document.addEventListener('visibilitychange', hide);
    return () => {
      window.removeEventListener('keydown', key);
      window.removeEventListener('pagehide', hide);
      document.removeEventListener('visibilitychange', hide);
    };
  }, []);
}
