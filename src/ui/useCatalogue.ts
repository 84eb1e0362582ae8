'use client';

import { createContext, useContext } from 'react';
import { catalogueOf, type Bringing, type JobCatalogue } from '@/core/plan/catalogueOf';
import { getStudio, useStudio } from './useStudio';

const NOTHING: Bringing = { catalogue: { species: [], methods: [] }, brief: { choices: [] }, barriers: [], madeBy: [] };

/** For a part of the page that shows another job’s pieces than those of the open one: a helper’s packet. */
export const OtherCatalogue = createContext<JobCatalogue | null>(null);

/** The catalogue of the job that is open; the same value while the job brings the same. */
export function useCatalogue(): JobCatalogue {
  const open = useStudio((s) => catalogueOf(s.project ?? NOTHING));
  return useContext(OtherCatalogue) ?? open;
}

/** The same outside of a component, for what is done at a press. */
export const currentCatalogue = (): JobCatalogue => catalogueOf(getStudio().project ?? NOTHING);
