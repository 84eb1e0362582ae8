'use client';

import { ImageDown, LayoutGrid } from 'lucide-react';
import dynamic from 'next/dynamic';
import { fileName } from '@/core/formats/endings';
import { useCallback, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { saveFile } from '../shared/fileAccess';
import { getStudio, useStudio } from '../useStudio';
import { Dial } from './Dial';
import { KindTray } from './KindTray';
import { LineCard } from './LineCard';
import { nudge, removeChosen } from './moves';
import { MoveTold } from './MoveTold';
import { PieceCard } from './PieceCard';
import { Readings } from './Readings';
import { Shelf } from './Shelf';
import type { PrintHandle } from './PrintPicture';
import type { TurntableHandle, View } from './Turntable';
import { useReadings } from './useReadings';
import { useScene } from './useScene';
import { ViewNames } from './ViewNames';
import { currentWords, useWords } from '../speech/useWords';

const PieceList = dynamic(() => import('./PieceList').then((m) => m.PieceList), { ssr: false });
const Turntable = dynamic(() => import('./Turntable').then((m) => m.Turntable), {
  ssr: false,
  loading: () => <p className="say p-8">{currentWords().label('compose.setting-up-the-turntable')}</p>,
});

const VIEW_KEYS: Record<string, View> = { f: 'front', l: 'left', b: 'back', r: 'right', a: 'above' };

export function ComposeStation() {
  const words = useWords();
  const scene = useScene();
  const cake = useStudio((s) => s.project?.cake ?? null);
  const evening = useStudio((s) => s.evening);
  const list = useStudio((s) => s.showList);
  const selection = useStudio((s) => s.selection);
  const lineInHand = useStudio((s) => s.lineInHand);
  const handle = useRef<TurntableHandle | null>(null);
  const print = useRef<PrintHandle | null>(null);
  const [view, setView] = useState<View>('front');
  const [five, setFive] = useState(false);
  const { readings, settled } = useReadings();
  useEffect(() => handle.current?.look(view), [view]);
  const look = useCallback((to: View) => {
    setFive(false);
    setView(to);
    handle.current?.look(to);
  }, []);
  if (!scene || !cake) return null;

  const key = (e: KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const to = VIEW_KEYS[e.key.toLowerCase()];
    if (e.key === 'v') setFive(!five);
    else if (to) look(to);
    else if (e.key.startsWith('Arrow') && selection.length) nudge(selection, e.key, e.shiftKey);
    else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') handle.current?.turnBy(e.key === 'ArrowLeft' ? -0.2 : 0.2);
    else if (e.key === 'Delete' || e.key === 'Backspace') removeChosen();
    else if (e.key === 'Escape') getStudio().set({ selection: [], lineInHand: false });
    else return;
    e.preventDefault();
  };

  return (
    <div className="grid gap-x-6 px-6 pb-2 max-sm:px-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_minmax(430px,41%)]">
      <section
        aria-label={words.label('compose.turntable')}
        className="relative h-[62vh] min-h-[430px] max-sm:flex max-sm:h-auto max-sm:flex-col max-sm:gap-2 lg:h-auto lg:min-h-0"
      >
        <div
          className="absolute inset-0 max-sm:static max-sm:h-[46vh] max-sm:min-h-[240px] lg:-bottom-6"
          tabIndex={0}
          role="application"
          aria-label={words.label('compose.turntable-f-l-b-r')}
          onKeyDown={key}
        >
          {cake.tiers.length > 0 ? (
            <Turntable
              cake={cake}
              scene={scene}
              readings={readings}
              evening={evening}
              five={five}
              handle={handle}
              print={print}
            />
          ) : (
            <Bare />
          )}
        </div>
        <div className="pointer-events-none absolute inset-0 max-sm:contents">
          {five ? <ViewNames /> : <Shelf />}
          <div className="pointer-events-auto absolute bottom-2 left-0 flex items-end gap-2 max-sm:static max-sm:flex-wrap">
            {!five && <Dial view={view} onLook={look} />}
            <button className="key" aria-pressed={five} onClick={() => setFive(!five)}>
              <LayoutGrid size={20} /> {five ? words.label('compose.one-view') : words.label('compose.all-sides')}
            </button>
            <button
              className="key"
              aria-label={words.label('compose.picture-at-print-size')}
              onClick={() => void savePicture(print.current)}
            >
              <ImageDown size={20} />
            </button>
          </div>
        </div>
      </section>
      <section
        aria-label={words.label('compose.balance')}
        className="flex min-w-0 flex-col gap-3 pb-4 lg:min-h-0 lg:overflow-auto lg:pb-2 lg:pr-1"
      >
        {list ? <PieceList scene={scene} /> : <Readings readings={readings} brief={lineInHand || selection.length > 0} />}
        {lineInHand && !list ? <LineCard /> : selection.length > 0 ? <PieceCard /> : list ? null : <KindTray />}
        <MoveTold scene={scene} readings={readings} settled={settled} />
      </section>
    </div>
  );
}

/** What the turntable shows, as a picture for the client or the album. */
async function savePicture(print: PrintHandle | null): Promise<void> {
  const { project, set } = getStudio();
  if (!print || !project) return;
  try {
    await saveFile(fileName(project.name, '.png'), await print.picture(), 'image/png');
  } catch (cause) {
    set({
      message: {
        text: cause instanceof Error ? cause.message : currentWords().label('compose.the-picture-could-not-written'),
        kind: 'fault',
      },
    });
  }
}

function Bare() {
  const words = useWords();
  return (
    <div className="grid h-full place-items-center">
      <div className="text-center">
        <h1>{words.label('compose.an-empty-turntable')}</h1>
        <p className="say mt-2">{words.label('compose.the-cake-has-no-tier')}</p>
      </div>
    </div>
  );
}
