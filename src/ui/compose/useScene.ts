'use client';

import { useMemo } from 'react';
import { cakeSolid, type CakeSolid } from '@/core/cake/solid';
import { drawLine, type Line } from '@/core/compose/line';
import { placeAll, type PlacedPiece } from '@/core/compose/placement';
import { useStudio } from '../useStudio';

export interface LiveScene {
  solid: CakeSolid;
  line: Line | null;
  heads: readonly PlacedPiece[];
}

/** The open arrangement in the world, placed anew as the hand moves. */
export function useScene(): LiveScene | null {
  const cake = useStudio((s) => s.project?.cake ?? null);
  const arrangement = useStudio((s) => s.project?.arrangements[s.arrangementIndex] ?? null);
  const lineSpec = arrangement?.line ?? null;
  const line = useMemo(() => (cake && lineSpec ? drawLine(lineSpec, cake) : null), [cake, lineSpec]);
  const solid = useMemo(() => (cake ? cakeSolid(cake) : null), [cake]);
  const pieces = arrangement?.pieces;
  return useMemo(
    () => (solid ? { solid, line, heads: line && pieces ? placeAll(pieces, line) : [] } : null),
    [solid, line, pieces],
  );
}
