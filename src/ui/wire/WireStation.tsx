'use client';

import { Hand, Sprout } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import { Messages } from '../shared/Messages';
import { useHash } from '../shared/useHash';
import { Tabs } from '../fields/Tabs';
import { useStudio } from '../useStudio';
import { CutBars } from './CutBars';
import { StemStrip } from './StemStrip';
import { useWords } from '../speech/useWords';

const GaugeTable = dynamic(() => import('./GaugeTable').then((m) => m.GaugeTable), { ssr: false });
const TapeList = dynamic(() => import('./TapeList').then((m) => m.TapeList), { ssr: false });
const SprayDiagram = dynamic(() => import('./SprayDiagram').then((m) => m.SprayDiagram), { ssr: false });
const AtTheBench = dynamic(() => import('./AtTheBench').then((m) => m.AtTheBench), { ssr: false });

/** Which wire, which joint, in which order: the sprays or the single stems above, the lengths to cut below. */
export function WireStation() {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  const [spray, setSpray] = useState(0);
  const [atBench, setAtBench] = useHash('#at-the-bench');
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  if (plan.stems.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>
          {plan.laid.length > 0
            ? words.label('wire.no-wire-glued', { count: plan.laid.length })
            : words.label('wire.no-stem-yet')}
        </h1>
        <p className="say mt-2">
          {words.label(plan.laid.length > 0 ? 'wire.no-wire-none-to-cut' : 'wire.wire-tape-follow-from-composition')}
        </p>
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
        <Tabs
          label={words.label('wire.sprays')}
          names={sprays.map((s, i) => words.label('wire.spray-pieces', { pieceIds: s.pieceIds.length, i: i + 1 }))}
          at={chosen ? sprays.indexOf(chosen) : 0}
          onChange={setSpray}
          beside={
            <>
              <OneAlone />
              <button className="key" onClick={() => setAtBench(true)}>
                <Hand size={20} /> {words.label('shared.at-bench-step-by-step')}
              </button>
            </>
          }
        >
          {chosen ? <SprayDiagram spray={chosen} plan={plan} /> : <StemStrip plan={plan} />}
        </Tabs>
      </section>
      <Messages station="wire" />
      <CutBars plan={plan} />
      <TapeList tape={plan.tape} />
      <GaugeTable plan={plan} />
      {atBench && <AtTheBench plan={plan} onClose={() => setAtBench(false)} />}
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
