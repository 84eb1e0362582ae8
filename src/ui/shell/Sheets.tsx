'use client';

import { CircleHelp, Footprints, Keyboard, Languages, Search } from 'lucide-react';
import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { getStudio, useStudio } from '../useStudio';
import type { Sheet } from './commands';
import { isTyping } from './isTyping';
import { STATIONS, type StationId } from './stations';
import { useWords } from '../speech/useWords';

// fetched when they are asked for
const AboutCard = dynamic(() => import('./AboutCard').then((m) => m.AboutCard), { ssr: false });
const CommandList = dynamic(() => import('./CommandList').then((m) => m.CommandList), { ssr: false });
const HabitsCard = dynamic(() => import('./HabitsCard').then((m) => m.HabitsCard), { ssr: false });
const HelpCard = dynamic(() => import('./HelpCard').then((m) => m.HelpCard), { ssr: false });
const KeysHelp = dynamic(() => import('./KeysHelp').then((m) => m.KeysHelp), { ssr: false });
const Tour = dynamic(() => import('./Tour').then((m) => m.Tour), { ssr: false });

export const SHEET_KEYS = [
  { sheet: 'commands', name: 'shell.find-a-command', title: 'shell.everything-by-name-ctrl-k', Icon: Search },
  { sheet: 'help', name: 'shell.why-it-works-so', title: 'shell.why-this-station-works-as-2', Icon: CircleHelp },
  { sheet: 'keys', name: 'shell.keys', title: 'shell.keys-2', Icon: Keyboard },
  { sheet: 'habits', name: 'shell.language-and-units', title: 'shell.language-lengths-clock', Icon: Languages },
] as const;

/** Ctrl K, F1 and ? open their sheet, unless one is open. */
function useKeysOfSheets(open: (sheet: 'commands' | 'help' | 'keys') => void) {
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const command = (e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k';
      const asked = command ? 'commands' : e.key === 'F1' ? 'help' : e.key === '?' && !isTyping(e) ? 'keys' : null;
      if (!asked || document.querySelector('[role=dialog]')) return;
      e.preventDefault();
      open(asked);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [open]);
}

/** Which sheet lies over the station: opened by its key, by Ctrl K, F1 or ?, or by another sheet. */
export function useSheets() {
  const [open, setOpen] = useState<Sheet | 'commands' | null>(null);
  useKeysOfSheets(setOpen);
  return { open, setOpen };
}

/** The sheet that is open. */
export function OpenSheet({ open, setOpen }: ReturnType<typeof useSheets>) {
  const path = usePathname();
  const here: StationId | null = STATIONS.find((s) => path.startsWith(s.path))?.id ?? null;
  const close = useCallback(() => setOpen(null), [setOpen]);
  const endTour = useCallback(() => {
    getStudio().endTour();
    setOpen(null);
  }, [setOpen]);
  if (open === 'about') return <AboutCard onClose={close} />;
  if (open === 'commands') return <CommandList onClose={close} onOpen={setOpen} />;
  if (open === 'keys') return <KeysHelp onClose={close} />;
  if (open === 'habits') return <HabitsCard onClose={close} />;
  if (open === 'help') return <HelpCard here={here} onClose={close} />;
  return open === 'tour' ? <Tour onClose={endTour} /> : null;
}

/** The keys of the sheets in the header, and the tour on a first visit. */
export function Sheets() {
  const words = useWords();
  const sheets = useSheets();
  const firstVisit = useStudio((s) => s.firstVisit);
  return (
    <>
      {firstVisit && sheets.open !== 'tour' && (
        <button className="key mr-1" onClick={() => sheets.setOpen('tour')}>
          <Footprints size={20} /> <span className="max-lg:sr-only">{words.label('shell.guided-tour')}</span>
        </button>
      )}
      {SHEET_KEYS.map(({ sheet, name, title, Icon }) => (
        <button
          key={sheet}
          className={`key bare ${sheet === 'keys' ? 'max-md:hidden' : ''}`}
          aria-label={words.label(name)}
          title={words.label(title)}
          onClick={() => sheets.setOpen(sheet)}
        >
          <Icon size={20} />
        </button>
      ))}
      <OpenSheet {...sheets} />
    </>
  );
}
