'use client';

import { useStore } from 'zustand';
import { StudioDb } from '@/data/db';
import { jobShelf } from '@/data/jobs';
import { browserTabs } from '@/data/tabs';
import { createStudio, type Studio } from '@/data/studio';
import { newComposeTeam, planBench, readingBench } from '@/workers/clients';

/** The one studio of this page, with the browser's own storage, clock and workers handed in. */
const studio = createStudio({
  shelf: typeof indexedDB === 'undefined' ? nowhere() : jobShelf(new StudioDb(), () => Date.now()),
  now: () => new Date(),
  newId: () => crypto.randomUUID(),
  derive: (project, others) => planBench.plan(project, others),
  otherWork: (project, before) => readingBench.otherWork(project, before),
  composer: newComposeTeam(),
  tabs: browserTabs(),
  later: (run, ms) => {
    const timer = setTimeout(run, ms);
    return () => clearTimeout(timer);
  },
});

/** While the page is made on the server there is no storage; nothing is started there. */
function nowhere(): ReturnType<typeof jobShelf> {
  const none = () => Promise.resolve();
  return {
    list: () => Promise.resolve([]),
    load: () => Promise.resolve(null),
    save: none,
    remove: none,
    getSetting: none,
    setSetting: none,
    versions: () => Promise.resolve([]),
    photos: () => Promise.resolve([]),
    putPhoto: none,
  };
}

/** Reads a slice of the studio; the component renders again only when that slice changes. */
export const useStudio = <T>(slice: (studio: Studio) => T): T => useStore(studio, slice);

/** The studio itself, for event handlers. */
export const getStudio = (): Studio => studio.getState();
