'use client';

import { useEffect, useRef, useState } from 'react';
import type { Reading } from '@/core/compose/reading';
import { readingBench } from '@/workers/clients';
import { useStudio } from '../useStudio';

const NONE: readonly Reading[] = [];

/**
 * The balance of the open arrangement, read beside the plan and before it, so that it follows the hand. What only the plan
 * knows (whether it can be built) is taken from the last plan. While one reading is under way the newest request waits.
 */
export function useReadings(): readonly Reading[] {
  const cake = useStudio((s) => s.project?.cake ?? null);
  const arrangement = useStudio((s) => s.project?.arrangements[s.arrangementIndex] ?? null);
  const planned = useStudio((s) => s.plan?.arrangements[s.arrangementIndex]?.readings ?? NONE);
  const [read, setRead] = useState<{ of: object; readings: readonly Reading[] } | null>(null);
  const busy = useRef(false);
  const newest = useRef<{ cake: typeof cake; arrangement: typeof arrangement } | null>(null);
  useEffect(() => {
    newest.current = { cake, arrangement };
    const ask = () => {
      const asked = newest.current;
      newest.current = null;
      if (busy.current || !asked?.cake || !asked.arrangement) return;
      busy.current = true;
      const of = asked.arrangement;
      readingBench()
        .read(asked.cake, of)
        .then((readings) => setRead({ of, readings }))
        // the plan brings its own reading and says what is wrong
        .catch(() => setRead(null))
        .finally(() => {
          busy.current = false;
          if (newest.current) ask();
        });
    };
    ask();
  }, [cake, arrangement]);
  if (!read || read.of !== arrangement || read.readings.length === 0) return planned;
  const buildable = planned.find((r) => r.id === 'buildable');
  return read.readings.map((r) => (r.id === 'buildable' && buildable ? buildable : r));
}
