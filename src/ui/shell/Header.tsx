'use client';

import { FolderOpen, List, Moon, Sun } from 'lucide-react';
import Link from 'next/link';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { RedoKey, UndoKey } from './HistoryKeys';
import { Saving } from './Saving';
import { Sheets } from './Sheets';
import { WITH_LIST, type StationId } from './stations';

/** The job's name and when it leaves, with the few tools beside it; compact the name alone, and the tools are in the bar below. */
export function Header({ here, compact }: { here: StationId | null; compact: boolean }) {
  const words = useWords();
  const name = useStudio((s) => s.project?.name ?? 'Ofrenda');
  const leavesAt = useStudio((s) => s.project?.brief.leavesAt ?? null);
  const heading = (
    <h2 className="truncate" translate="no">
      {name}
    </h2>
  );
  if (compact) return <header className="no-print compact-head px-4 pt-2">{heading}</header>;
  return (
    <header className="no-print flex items-start justify-between gap-4 px-6 pt-4">
      <div className="min-w-0">
        {heading}
        <p className="sub">
          {leavesAt ? leavesWords(leavesAt, words) : words.label('shell.sugar-flowers-from-cake-hand')}
          <Saving className="ml-3" />
        </p>
      </div>
      <div className="flex shrink-0 flex-wrap items-center">
        <UndoKey />
        <RedoKey />
        <Sheets />
        <Link className="key bare" href="/jobs">
          <FolderOpen size={22} /> {words.label('shared.jobs')}
        </Link>
        <ListKey here={here} />
        <LightKey />
      </div>
    </header>
  );
}

function ListKey({ here }: { here: StationId | null }) {
  const words = useWords();
  const list = useStudio((s) => s.showList);
  if (!WITH_LIST.includes(here)) return null;
  return (
    <button className="key bare" aria-pressed={list} onClick={() => getStudio().set({ showList: !list })}>
      <List size={22} /> {words.label('shell.list')}
    </button>
  );
}

function LightKey() {
  const words = useWords();
  const evening = useStudio((s) => s.evening);
  return (
    <button
      className="key bare"
      aria-label={evening ? words.label('shell.day-light') : words.label('shell.evening-light')}
      onClick={() => getStudio().setEvening(!evening)}
    >
      {evening ? <Sun size={22} /> : <Moon size={22} />}
    </button>
  );
}
