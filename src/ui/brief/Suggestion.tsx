'use client';

import { useMemo } from 'react';
import { speciesById } from '@/core/botany/catalogue';
import { pieceName } from '@/core/botany/species';
import { FULL_DENSITY } from '@/core/compose/composer';
import { drawLine } from '@/core/compose/line';
import { shareOut } from '@/core/compose/shareOut';
import { Portrait } from '../shared/Portrait';
import { useStudio } from '../useStudio';

/** How many of each the line wants, from its area and the pieces' own; and the way on. */
export function Suggestion({ onCompose }: { onCompose(): void }) {
  const cake = useStudio((s) => s.project!.cake);
  const spec = useStudio((s) => s.project!.arrangements[0]?.line ?? null);
  const brief = useStudio((s) => s.project!.brief);
  const { kinds, lengthMm } = useMemo(() => {
    const line = spec ? drawLine(spec, cake) : null;
    const counts = new Map<string, { species: string; stage: string; colourway: string; count: number }>();
    for (const k of line ? shareOut(line, brief.style, brief.choices, FULL_DENSITY) : []) {
      const key = `${k.species}|${k.stage}`;
      const known = counts.get(key);
      if (known) known.count += k.count;
      else counts.set(key, { species: k.species, stage: k.stage, colourway: k.colourway, count: k.count });
    }
    return { kinds: [...counts.values()], lengthMm: line?.lengthMm ?? 0 };
  }, [cake, spec, brief.style, brief.choices]);
  const total = kinds.reduce((a, k) => a + k.count, 0);
  if (total === 0) {
    return (
      <p role="alert" className="say">
        {brief.choices.length === 0
          ? 'Choose at least one flower.'
          : 'The line has no place on this cake yet: add a tier, or choose a line in Compose.'}
      </p>
    );
  }
  return (
    <div>
      <div className="flex items-center justify-between gap-4">
        <h2>
          {total} pieces <span className="say text-[var(--ink2)]">for {Math.round(lengthMm)} mm of line</span>
        </h2>
        <button className="next" onClick={onCompose}>
          Compose these {total}
        </button>
      </div>
      <ul className="flex flex-wrap gap-x-3 gap-y-1 pt-1" aria-label="Suggested counts">
        {kinds.map((k) => (
          <li key={`${k.species}${k.stage}`} className="flex items-center gap-1.5">
            <Portrait kind={{ ...k, sizeMm: 50 }} px={34} />
            <span>
              <b className="fig block text-lg leading-none">{k.count}</b>
              <span className="small">{pieceName(speciesById(k.species), k.stage)}</span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
