'use client';

import { ChevronUp, Ellipsis, FolderOpen, Footprints, List, Moon, Redo2, Sun } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { Dialog } from './Dialog';
import { UndoKey } from './HistoryKeys';
import { Saving } from './Saving';
import { OpenSheet, SHEET_KEYS, useSheets } from './Sheets';
import { StationWays } from './StationWays';
import { STATIONS, WITH_LIST, type StationId } from './stations';

/** One row in reach of the thumb: where one is and the ways to the other stations, undo, and the rest behind one key. */
export function CompactBar({ here }: { here: StationId | null }) {
  const words = useWords();
  const sheets = useSheets();
  const [more, setMore] = useState(false);
  return (
    <div className="compact-bar no-print">
      <FoldedStem here={here} />
      <Saving className="small min-w-0 truncate" />
      <UndoKey />
      <button className="key bare" aria-label={words.label('shell.more')} aria-haspopup="dialog" onClick={() => setMore(true)}>
        <Ellipsis size={24} />
      </button>
      {more && <More here={here} onClose={() => setMore(false)} onSheet={sheets.setOpen} />}
      <OpenSheet {...sheets} />
    </div>
  );
}

/** The stem folded into a key with the name of where one is; pressed, the ways to all stations stand over the bar. */
function FoldedStem({ here }: { here: StationId | null }) {
  const words = useWords();
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLElement>(null);
  const key = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!open) return;
    const press = (e: PointerEvent) => !box.current?.contains(e.target as Node) && setOpen(false);
    const escape = (e: KeyboardEvent) => {
      if (e.key !== 'Escape') return;
      setOpen(false);
      key.current?.focus();
    };
    document.addEventListener('pointerdown', press);
    document.addEventListener('keydown', escape);
    return () => {
      document.removeEventListener('pointerdown', press);
      document.removeEventListener('keydown', escape);
    };
  }, [open]);
  const name = STATIONS.find((s) => s.id === here)?.name ?? 'shared.jobs';
  return (
    <nav aria-label={words.label('shell.stations')} ref={box} className="mr-auto min-w-0">
      <button ref={key} className="key bare max-w-full" aria-expanded={open} onClick={() => setOpen(!open)}>
        <ChevronUp size={20} className={`shrink-0 ${open ? 'rotate-180' : ''}`} />
        <b className="say truncate">{words.label(name)}</b>
        <span className="sr-only">{words.label('shell.all-stations')}</span>
      </button>
      {open && <StationWays here={here} onGo={() => setOpen(false)} />}
    </nav>
  );
}

interface MoreProps {
  here: StationId | null;
  onClose(): void;
  onSheet(sheet: 'tour' | (typeof SHEET_KEYS)[number]['sheet']): void;
}

/** What stands in the header where there is room for it. */
function More({ here, onClose, onSheet }: MoreProps) {
  const words = useWords();
  const router = useRouter();
  const name = useStudio((s) => s.project?.name ?? 'Ofrenda');
  const leavesAt = useStudio((s) => s.project?.brief.leavesAt ?? null);
  const next = useStudio((s) => s.future[0]?.label ?? null);
  const list = useStudio((s) => s.showList);
  const evening = useStudio((s) => s.evening);
  const firstVisit = useStudio((s) => s.firstVisit);
  const does = (act: () => void) => () => {
    onClose();
    act();
  };
  const row = (label: string, icon: ReactNode, act: () => void, more: { disabled?: boolean; pressed?: boolean } = {}) => (
    <button
      key={label}
      className="key bare w-full justify-start!"
      disabled={more.disabled}
      aria-pressed={more.pressed}
      onClick={does(act)}
    >
      {icon} <span className="truncate">{label}</span>
    </button>
  );
  return (
    <Dialog title={words.label('shell.more')} wide={420} onClose={onClose}>
      <p className="say" translate="no">
        {name}
      </p>
      {leavesAt && <p className="sub pb-2">{leavesWords(leavesAt, words)}</p>}
      {row(words.label('shared.jobs'), <FolderOpen size={22} />, () => router.push('/jobs'))}
      {WITH_LIST.includes(here) &&
        row(words.label('shell.list'), <List size={22} />, () => getStudio().set({ showList: !list }), { pressed: list })}
      {row(
        next ? words.label('shell.redo', { forth: words.tell(next) }) : words.label('shell.redo-2'),
        <Redo2 size={22} />,
        () => getStudio().redo(),
        { disabled: !next },
      )}
      {row(
        evening ? words.label('shell.day-light') : words.label('shell.evening-light'),
        evening ? <Sun size={22} /> : <Moon size={22} />,
        () => getStudio().setEvening(!evening),
      )}
      {SHEET_KEYS.map(({ sheet, name: label, Icon }) => row(words.label(label), <Icon size={22} />, () => onSheet(sheet)))}
      {firstVisit && row(words.label('shell.guided-tour'), <Footprints size={22} />, () => onSheet('tour'))}
    </Dialog>
  );
}
