'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { countedLog } from '@/core/log/entries';
import { Portrait } from '../shared/Portrait';
import { useStudio } from '../useStudio';
import { Devices } from './Devices';
import { Entries } from './Entries';
import { Looks } from './Looks';
import { OwnValues } from './OwnValues';
import { PacketsBack } from './PacketsBack';
import { RoomAir } from './RoomAir';
import { Weigh } from './Weigh';
import { useWords } from '../speech/useWords';

const Counting = dynamic(() => import('./Counting').then((m) => m.Counting), { ssr: false });
const LookBack = dynamic(() => import('./LookBack').then((m) => m.LookBack), { ssr: false });
const OverTime = dynamic(() => import('./OverTime').then((m) => m.OverTime), { ssr: false });

/** What really happened: pieces made and broken, minutes, air, weights; the estimates learn from it. */
export function LogStation() {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  const log = useStudio((s) => s.project!.log);
  const [key, setKey] = useState<string | null>(null);
  const own = useMemo(() => countedLog(log), [log]);
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  if (plan.tray.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('log.nothing-to-log-yet')}</h1>
        <p className="say mt-2">{words.label('log.the-log-starts-with-first')}</p>
        <Link href="/compose" className="next mt-4">
          {words.label('shared.compose')}
        </Link>
      </div>
    );
  }
  const madeOf = (k: string) => own.reduce((a, e) => a + (e.kind === k ? e.made : 0), 0);
  const open = plan.tray.find((k) => k.key === key) ?? plan.tray.find((k) => madeOf(k.key) < k.toMake) ?? plan.tray[0]!;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 px-6 pb-6 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <section aria-label={words.label('shared.at-the-bench')}>
        <Counting key={open.key} kind={open} />
        <ul className="flex flex-wrap gap-2 pt-4" aria-label={words.label('log.other-kinds')}>
          {plan.tray.map((k) => {
            const made = madeOf(k.key);
            return (
              <li key={k.key}>
                <button
                  className={`well flex min-w-[104px] flex-col items-center px-3 py-2 ${k.key === open.key ? 'mark' : ''}`}
                  aria-pressed={k.key === open.key}
                  onClick={() => setKey(k.key)}
                >
                  <Portrait kind={k} px={44} />
                  <b className="text-[15px]">{words.pieceTitle(k)}</b>
                  <span className={`text-[13px] ${made >= k.toMake ? 'text-[var(--leaf)]' : 'text-[var(--ink2)]'}`}>
                    {words.label('log.made-of', { made, toMake: k.toMake })}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        <Looks key={`look-${open.key}`} kind={open} />
        <Weigh key={`weigh-${open.key}`} kind={open} />
        <Entries kind={open} />
      </section>
      <div className="min-w-0">
        <OwnValues plan={plan} />
        <RoomAir plan={plan} />
        <OverTime kind={open} />
      </div>
      <LookBack plan={plan} />
      <PacketsBack plan={plan} />
      <Devices plan={plan} />
    </div>
  );
}
