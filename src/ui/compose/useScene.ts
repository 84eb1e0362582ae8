'use client';

import { useMemo } from 'react';
import { cakeSolid, type CakeSolid } from '@/core/cake/solid';
import { drawLine, type Line } from '@/core/compose/line';
import { placeAll, type PlacedPiece } from '@/core/compose/placement';
import { useCatalogue } from '../useCatalogue';
import { useStudio } from '../useStudio';

export interface LiveScene {
  solid: CakeSolid;
  /** the open arrangement */
  line: Line | null;
  heads: readonly PlacedPiece[];
  /** every arrangement of the job */
  lines: readonly Line[];
  all: readonly PlacedPiece[];
}

/** The arrangements in the world, the open one placed anew as the hand moves. */
export function useScene(): LiveScene | null {
  const cake = useStudio((s) => s.project?.cake ?? null);
  const arrangements = useStudio((s) => s.project?.arrangements ?? null);
  const catalogue = useCatalogue();
  const index = useStudio((s) => s.arrangementIndex);
  const open = arrangements?.[index] ?? null;
  const lineSpec = open?.line ?? null;
  const line = useMemo(() => (cake && lineSpec ? drawLine(lineSpec, cake) : null), [cake, lineSpec]);
  const solid = useMemo(() => (cake ? cakeSolid(cake) : null), [cake]);
  const pieces = open?.pieces;
  const heads = useMemo(() => (line && pieces ? placeAll(pieces, line, catalogue) : []), [line, pieces, catalogue]);
  const others = useMemo(
    () =>
      (cake && arrangements ? arrangements.filter((_, i) => i !== index) : []).flatMap((a) => {
        const own = drawLine(a.line, cake!);
        return own ? [{ line: own, heads: placeAll(a.pieces, own, catalogue) }] : [];
      }),
    [cake, arrangements, index, catalogue],
  );
  return useMemo(
    () =>
      solid
        ? {
            solid,
            line,
            heads,
            lines: [...(line ? [line] : []), ...others.map((o) => o.line)],
            all: [...heads, ...others.flatMap((o) => o.heads)],
          }
        : null,
    [solid, line, heads, others],
  );
}
