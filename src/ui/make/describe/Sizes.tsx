'use client';

import { Plus } from 'lucide-react';
import { withMany } from '@/core/piece/edited';
import { countIn, lineIn } from '@/core/piece/treeLines';
import { placesOf } from '@/core/piece/habit';
import { countOf, groupsOf, sizesOf } from '@/core/piece/many';
import type { Part } from '@/core/piece/part';
import { spokenMm } from '@/core/piece/said';
import type { Typing } from '@/core/words/typed/typing';
import { NumberField } from '../../fields/NumberField';
import { useWords } from '../../speech/useWords';
import { lineName, lineNameWithin } from './names';
import type { Described } from './useDescribed';

interface Well {
  count: number;
  sizeMm: number;
  stage?: string;
}

const LEAST_MM = 1;
const MOST_MM = 200;
/** A further size is so much larger than the last, mm, where there is no step to go by. */
const STEP_MM = 2;

/** How many of which size a line has, from the tip down; what a run gives is gathered by size. */
function wellsOf(part: Part): Well[] {
  if (part.many.by === 'sizes') return [...part.many.of];
  if (part.many.by === 'share') return [];
  const places = placesOf(part.habit, groupsOf(part.many, countOf(part.many)));
  const wells: Well[] = [];
  for (const { sizeMm } of sizesOf(part.many, places.map((p) => p.node))) {
    const last = wells.at(-1);
    if (last?.sizeMm === sizeMm) last.count += 1;
    else wells.push({ count: 1, sizeMm });
  } // prettier-ignore
  return wells;
}

/** The sizes of one line as a row that can be typed: how many, and how large. */
export function Sizes({ described, lineId, typing }: { described: Described; lineId: string; typing: Typing }) {
  const words = useWords();
  const part = lineIn(described.tree, lineId);
  if (!part || part === described.tree) return null;
  const wells = wellsOf(part);
  if (wells.length === 0) return null;
  const name = lineName(words, typing, { tree: described.tree, part });
  const keep = (next: readonly Well[]) =>
    described.change(withMany(described.tree, part.id, { by: 'sizes', of: next }), 'describe.do-sizes');
  const changed = (i: number, well: Partial<Well>) => keep(wells.map((w, k) => (k === i ? { ...w, ...well } : w)).filter((w) => w.count > 0)); // prettier-ignore
  const [before, last] = [wells.at(-2), wells.at(-1)!];
  const more = Math.min(MOST_MM, last.sizeMm + (before ? Math.max(0, last.sizeMm - before.sizeMm) : STEP_MM) || STEP_MM);
  return (
    <section
      aria-label={words.label('describe.sizes-of', { part: lineNameWithin(words, typing, { tree: described.tree, part }) })}
    >
      <h3 className="small pb-1">
        {words.label('describe.sizes-of', { part: lineNameWithin(words, typing, { tree: described.tree, part }) })}
      </h3>
      <ol className="flex flex-wrap items-end gap-2">
        {wells.map((w, i) => (
          <li key={i} className="well flex items-center gap-1 px-2 py-1">
            <NumberField
              label={words.label('describe.size-n-count', { part: name, n: i + 1 })}
              hideLabel
              value={w.count}
              unit=""
              least={wells.length > 1 ? 0 : 1}
              most={300}
              width={54}
              onChange={(n) => changed(i, { count: Math.round(n) })}
            />
            ×
            <NumberField
              label={words.label('describe.size-n', { part: name, n: i + 1 })}
              hideLabel
              mm
              value={spokenMm(w.sizeMm)}
              unit=""
              least={LEAST_MM}
              most={MOST_MM}
              width={92}
              onChange={(n) => changed(i, { sizeMm: n })}
            />
          </li>
        ))}
        {countIn(part) < 300 && (
          <li>
            <button
              className="key"
              aria-label={words.label('describe.add-size')}
              onClick={() => keep([...wells, { ...last, count: 1, sizeMm: more }])}
            >
              <Plus size={20} />
            </button>
          </li>
        )}
      </ol>
    </section>
  );
}
