'use client';

import { CircleHelp, Footprints, Keyboard, Languages, Search } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useState } from 'react';
import { getStudio, useStudio } from '../useStudio';
import type { Sheet } from './commands';
import { isTyping } from './isTyping';
import type { StationId } from './stations';
import { useWords } from '../speech/useWords';

// fetched when they are asked for
const AboutCard = dynamic(() => import('./AboutCard').then((m) => m.AboutCard), { ssr: false });
const CommandList = dynamic(() => import('./CommandList').then((m) => m.CommandList), { ssr: false });
const HabitsCard = dynamic(() => import('./HabitsCard').then((m) => m.HabitsCard), { ssr: false });
const HelpCard = dynamic(() => import('./HelpCard').then((m) => m.HelpCard), { ssr: false });
const KeysHelp = dynamic(() => import('./KeysHelp').then((m) => m.KeysHelp), { ssr: false });
const Tour = dynamic(() => import('./Tour').then((m) => m.Tour), { ssr: false });

const KEYS = [
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

/** The sheets that can be laid over any station, their keys in the header, and the tour on a first visit. */
export function Sheets({ here }: { here: StationId | null }) {
  const words = useWords();
  const [open, setOpen] = useState<Sheet | 'commands' | null>(null);
  const firstVisit = useStudio((s) => s.firstVisit);
  const close = useCallback(() => setOpen(null), []);
  const endTour = useCallback(() => {
    getStudio().endTour();
    setOpen(null);
  }, []);
  useKeysOfSheets(setOpen);
  return (
    <>
      {firstVisit && open !== 'tour' && (
        <button className="key mr-1" onClick={() => setOpen('tour')}>
          <Footprints size={20} /> <span className="max-lg:sr-only">{words.label('shell.guided-tour')}</span>
        </button>
      )}
      {KEYS.map(({ sheet, name, title, Icon }) => (
        <button
          key={sheet}
          className={`key bare ${sheet === 'keys' ? 'max-md:hidden' : ''}`}
          aria-label={words.label(name)}
          title={words.label(title)}
          onClick={() => setOpen(sheet)}
        >
          <Icon size={20} />
        </button>
      ))}
      {open === 'about' && <AboutCard onClose={close} />}
      {open === 'commands' && <CommandList onClose={close} onOpen={setOpen} />}
      {open === 'keys' && <KeysHelp onClose={close} />}
      {open === 'habits' && <HabitsCard onClose={close} />}
      {open === 'help' && <HelpCard here={here} onClose={close} />}
      {open === 'tour' && <Tour onClose={endTour} />}
    </>
  );
}
