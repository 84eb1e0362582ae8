'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { OwnBarrier } from '@/core/place/ownBarrier';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const OwnBarrierForm = dynamic(() => import('./OwnBarrierForm').then((m) => m.OwnBarrierForm), { ssr: false });

/** Straws and picks that a person has measured; they are compared with the rest. */
export function OwnBarriers() {
  const words = useWords();
  const own = useStudio((s) => s.project!.barriers);
  const [opened, setOpened] = useState(false);
  return (
    <details className="border-t border-[var(--line)] pt-1" onToggle={(e) => setOpened((was) => was || e.currentTarget.open)}>
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('place.straws-picks-your-own', { own: own.length })}
      </summary>
      <Measured own={own} />
      {opened && <OwnBarrierForm own={own} />}
      <p className="small pt-1">{words.label('place.measure-with-caliper-take-only')}</p>
    </details>
  );
}

/** Those there are, each with its figures. */
function Measured({ own }: { own: readonly OwnBarrier[] }) {
  const words = useWords();
  return (
    <ul>
      {own.map((b) => (
        <li key={b.id} className="flex flex-wrap items-center gap-3 py-1 text-[15px]">
          <b>{b.name}</b>{' '}
          {words.label('place.bore-long-up-g', {
            kind: words.label(b.kind === 'straw' ? 'place.straw' : 'place.pick').toLowerCase(),
            bore: words.units.length(b.boreMm, 1),
            outside: words.units.mm(b.outsideMm),
            stock: words.units.mm(b.stockMm),
            grams: words.units.grams(b.mostGrams),
          })}
          <button
            className="key"
            aria-label={words.label('place.take-away', { b: b.name })}
            onClick={() =>
              getStudio().edit(asLabel('place.do-away', { b: b.name }), (d) => {
                d.barriers = d.barriers.filter((x) => x.id !== b.id);
                d.barrierFor = d.barrierFor.filter((x) => x.barrier !== b.id);
              })
            }
          >
            {words.label('shared.take-away')}
          </button>
        </li>
      ))}
    </ul>
  );
}
