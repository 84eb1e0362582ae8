'use client';

import { Hand, Sprout } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { benchSteps } from '@/core/plan/benchSteps';
import { useHash } from '../shared/useHash';
import { useStudio } from '../useStudio';
import { BenchMode } from './BenchMode';
import { CutBars } from './CutBars';
import { GaugeTable } from './GaugeTable';
import { SprayDiagram } from './SprayDiagram';
import { StemStrip } from './StemStrip';
import { TapeList } from './TapeList';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';

/** Which wire, which joint, in which order: the sprays or the single stems above, the lengths to cut below. */
export function WireStation() {
  const words = useWords();
  const catalogue = useCatalogue();
  const plan = useStudio((s) => s.plan);
  const finish = useStudio((s) => s.project!.brief.finish);
  const [spray, setSpray] = useState(0);
  const [atBench, setAtBench] = useHash('#at-the-bench');
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  if (plan.stems.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('wire.no-stem-yet')}</h1>
        <p className="say mt-2">{words.label('wire.wire-tape-follow-from-composition')}</p>
        <p className="mt-4 flex flex-wrap gap-3">
          <Link href="/compose" className="next">
            {words.label('shared.compose')}
          </Link>
          <OneAlone />
        </p>
      </div>
    );
  }
  const sprays = plan.arrangements.flatMap((a) => a.sprays);
  const chosen = sprays[Math.min(spray, sprays.length - 1)];
  return (
    <div className="flex flex-col gap-5 px-6 pb-6">
      <section aria-label={chosen ? words.label('wire.branching-diagram') : words.label('wire.stems')}>
        <div className="flex flex-wrap items-start justify-end gap-3 pb-1 pt-1">
          {sprays.length > 1 && (
            <div
              className="flex min-w-0 basis-full flex-wrap gap-2 lg:flex-1 lg:basis-0"
              role="tablist"
              aria-label={words.label('wire.sprays')}
            >
              {sprays.map((s, i) => (
                <button
                  key={s.id}
                  role="tab"
                  aria-selected={s === chosen}
                  className={`key ${s === chosen ? 'on' : ''}`}
                  onClick={() => setSpray(i)}
                >
                  {words.label('wire.spray-pieces', { pieceIds: s.pieceIds.length, i: i + 1 })}
                </button>
              ))}
            </div>
          )}
          <OneAlone />
          <button className="key" onClick={() => setAtBench(true)}>
            <Hand size={20} /> {words.label('shared.at-bench-step-by-step')}
          </button>
        </div>
        {chosen ? <SprayDiagram spray={chosen} plan={plan} /> : <StemStrip plan={plan} />}
      </section>
      <CutBars plan={plan} />
      <TapeList tape={plan.tape} />
      <GaugeTable plan={plan} />
      {atBench && <BenchMode steps={benchSteps(plan, finish, catalogue)} plan={plan} onClose={() => setAtBench(false)} />}
    </div>
  );
}

/** A person who only wants one branch begins from a species of the catalogue. */
const OneAlone = () => {
  const words = useWords();
  return (
    <Link className="key" href="/make#species">
      <Sprout size={20} /> {words.label('wire.one-branch-without-cake')}
    </Link>
  );
};
