'use client';

import { useStore } from 'zustand';
import { StudioDb } from '@/data/db';
import { browserNotes, shelfWithFallback } from '@/data/storageFallback';
import { memoryShelf } from '@/data/memoryShelf';
import { browserTabs } from '@/data/tabs';
import { createStudio, type Studio, type StudioPorts } from '@/data/studio';
import { newId } from './shared/newId';
import { plainWords } from './speech/spoken';
import { newComposeTeam, planBench, readingBench } from '@/workers/clients';

/** The one studio of this page, with the browser's own storage, clock and workers handed in. */
const studio = createStudio({
  build: process.env.BUILD ?? '',
  ...shelfHere(),
  now: () => new Date(),
  newId,
  tab: newId(),
  names: {
    newJob: () => plainWords().label('studio.new-job'),
    copyOf: (name) => plainWords().label('studio.copy-of', { name }),
    restored: (name) => plainWords().label('studio.restored-name', { name }),
    beside: (name) => plainWords().label('studio.beside-name', { name }),
  },
  derive: (project, others) => planBench.plan(project, others),
  leastWire: (lists, stockMm) => planBench.leastWire(lists, stockMm),
  otherWork: (project, before) => readingBench.otherWork(project, before),
  composer: newComposeTeam(),
  tabs: browserTabs(),
  later: (run, ms) => {
    const timer = setTimeout(run, ms);
    return () => clearTimeout(timer);
  },
});

// the browser begins at once, while the page around it is still put together
if (typeof window !== 'undefined') {
  void planBench.ready();
  void studio.getState().start();
}

/** While the page is made on the server there is no storage; nothing is started there. */
function shelfHere(): Pick<StudioPorts, 'shelf' | 'storage'> {
  if (typeof window === 'undefined')
    return {
      shelf: memoryShelf(),
      storage: {
        keeps: async () => 'page',
        lost: () => undefined,
        held: () => undefined,
        outdated: () => undefined,
        keptBefore: async () => false,
      },
    };
  const shelf = shelfWithFallback(new StudioDb(), () => Date.now(), browserNotes());
  return { shelf, storage: shelf };
}

/** Reads a slice of the studio; the component renders again only when that slice changes. */
export const useStudio = <T>(slice: (studio: Studio) => T): T => useStore(studio, slice);

/** The studio itself, for event handlers. */
export const getStudio = (): Studio => studio.getState();
