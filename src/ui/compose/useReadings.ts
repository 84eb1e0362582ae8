'use client';

import { useEffect, useRef, useState } from 'react';
import type { OwnCatalogue } from '@/core/botany/catalogue';
import type { Reading } from '@/core/compose/reading';
import { readingBench } from '@/workers/clients';
import { useCatalogue } from '../useCatalogue';
import { useStudio } from '../useStudio';

const NONE: readonly Reading[] = [];
/** Remedies are looked for when nothing has changed for this long. */
const REST_MS = 120;

/**
 * The balance of the open arrangement, read beside the plan and before it, so that it follows the hand. What only the plan
 * knows (whether it can be built) is taken from the last plan. While one reading is under way the newest request waits;
 * remedies follow when the hand rests, and until then the last ones stay where they are. Settled where they are of what is shown.
 */
export function useReadings(): { readings: readonly Reading[]; settled: boolean } {
  const cake = useStudio((s) => s.project?.cake ?? null);
  const arrangement = useStudio((s) => s.project?.arrangements[s.arrangementIndex] ?? null);
  const planned = useStudio((s) => s.plan?.arrangements[s.arrangementIndex]?.readings ?? NONE);
  const [read, setRead] = useState<{ of: object; readings: readonly Reading[] } | null>(null);
  const { own } = useCatalogue();
  const busy = useRef(false);
  const newest = useRef<{ cake: typeof cake; arrangement: typeof arrangement; own: OwnCatalogue; remedies: boolean } | null>(
    null,
  );
  useEffect(() => {
    const ask = () => {
      const asked = newest.current;
      if (busy.current || !asked?.cake || !asked.arrangement) return;
      newest.current = null;
      busy.current = true;
      const of = asked.arrangement;
      readingBench
        .read(asked.cake, of, asked.remedies, asked.own)
        .then((readings) =>
          setRead((last) => ({
            of,
            readings: asked.remedies || last === null ? readings : withRemediesOf(last.readings, readings),
          })),
        )
        // the plan brings its own reading and says what is wrong
        .catch(() => setRead(null))
        .finally(() => {
          busy.current = false;
          if (newest.current) ask();
        });
    };
    newest.current = { cake, arrangement, own, remedies: false };
    ask();
    const rest = setTimeout(() => {
      newest.current = { cake, arrangement, own, remedies: true };
      ask();
    }, REST_MS);
    return () => clearTimeout(rest);
  }, [cake, arrangement, own]);
  const settled = read?.of === arrangement;
  if (!read || !settled || read.readings.length === 0) return { readings: planned, settled };
  const buildable = planned.find((r) => r.id === 'buildable');
  return { readings: read.readings.map((r) => (r.id === 'buildable' && buildable ? buildable : r)), settled };
}

const withRemediesOf = (last: readonly Reading[], now: readonly Reading[]): Reading[] =>
  now.map((r) => ({ ...r, remedy: last.find((l) => l.id === r.id)?.remedy ?? null }));
