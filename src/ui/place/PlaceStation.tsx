'use client';

import dynamic from 'next/dynamic';
import { Hand } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { barrierById } from '@/core/place/barrier';
import type { Mend } from '@/core/facts/fact';
import type { Warning } from '@/core/plan/warnings';
import { CRUMB_KPA, PUSH_TEST, pushTestKPa } from '@/core/place/holding';
import { capital } from '@/core/words/capital';
import { tierRef } from '@/core/cake/cake';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { applyMend } from '@/core/plan/mends';
import { planBench } from '@/workers/clients';
import { NumberField } from '../shared/fields';
import { useHash } from '../shared/useHash';
import { plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { ClockMap } from './ClockMap';
import { Compare } from './Compare';
import { CutThrough } from './CutThrough';
import { LevelSign } from './LevelSign';
import { OwnBarriers } from './OwnBarriers';
import { lengthFigure, lengthUnit } from '../speech/say';
import { currentWords, useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';

const PlaceMode = dynamic(() => import('./PlaceMode').then((m) => m.PlaceMode), { ssr: false });
const Templates = dynamic(() => import('./Templates').then((m) => m.Templates), { ssr: false });

/** Into the cake so that nothing unsafe touches food: the map from above, the cut beside it, messages from worst to mildest. */
export function PlaceStation() {
  const plan = useStudio((s) => s.plan);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  const warnings = plan.warnings.filter((w) => w.station === 'place' || w.station === 'brief');
  if (plan.entries.length === 0 && warnings.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>Nothing goes into the cake yet</h1>
        <p className="say mt-2">Entries, barriers and depths follow from the composition.</p>
        <Link href="/compose" className="next mt-4">
          Compose
        </Link>
      </div>
    );
  }
  return <Placing plan={plan} warnings={warnings} />;
}

function Placing({ plan, warnings }: { plan: DerivedPlan; warnings: readonly Warning[] }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const cake = useStudio((s) => s.project!.cake);
  const list = useStudio((s) => s.showList);
  const [chosen, setChosen] = useState<string | null>(null);
  const [beside, setBeside] = useHash('#beside-the-cake');
  const worst = warnings.find((w) => w.entryId)?.entryId;
  const entry = plan.entries.find((e) => e.id === (chosen ?? worst)) ?? plan.entries[0] ?? null;
  const barrier = entry?.barrier ? barrierById(entry.barrier, catalogue.barriers) : null;
  return (
    <div className="grid gap-x-6 gap-y-6 px-6 pb-6 md:grid-cols-2 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,0.9fr)_minmax(0,1fr)]">
      <section aria-label="Insertion map" className="mx-auto w-full min-w-0 max-w-[640px] md:max-lg:col-span-2">
        <div className="flex flex-wrap items-center gap-3 pb-1">
          <h1 className="grow">
            {plan.handOver.goesIn} go in, {plan.handOver.comesOut} come out
          </h1>
          <button className="key" onClick={() => setBeside(true)}>
            <Hand size={20} /> Place it, step by step
          </button>
        </div>
        {list ? (
          <EntryList chosen={entry?.id ?? null} onChoose={setChosen} />
        ) : (
          <ClockMap cake={cake} plan={plan} chosen={entry?.id ?? null} onChoose={setChosen} />
        )}
      </section>
      <section aria-label="Cut through the cake" className="min-w-0">
        {entry && (
          <>
            <p className="sub pb-1">
              {entry.number}: cut through at {words.clock(entry.azimuthRad)}
            </p>
            <CutThrough cake={cake} entry={entry} plan={plan} />
            <h2 className="pt-2">{capital(words.barrier(entry.barrier)[0])}</h2>
            <p className="say">
              {entry.barrier
                ? `Cut to ${Math.round(entry.cutMm)} mm, ${Math.round(entry.downDeg)}° down, stem ${entry.bundleMm.toFixed(1)} mm.`
                : `Stem ${entry.bundleMm.toFixed(1)} mm, ${Math.round(entry.insideMm)} mm into foam.`}
              {entry.springDeg > 1 ? ` Bend the wire ${Math.round(entry.springDeg)}° so that it springs.` : ''}
            </p>
            <p className="small">
              {Math.round(entry.massGrams)} g needs {Math.round(entry.holdMm)} mm to hold in this crumb (assumed pressure); the
              cake offers {Math.round(entry.cakeMm)} mm, then {entry.meets}.
            </p>
          </>
        )}
      </section>
      {beside && <PlaceMode plan={plan} onClose={() => setBeside(false)} />}
      <section aria-label="Messages" className="flex min-w-0 flex-col gap-4">
        {warnings.length === 0 && <p className="say text-[var(--leaf)]">Nothing to mend: every entry passes.</p>}
        {warnings.slice(0, 8).map((w, i) => (
          <Message key={i} warning={w} first={i === 0} onShow={setChosen} />
        ))}
        {warnings.length > 8 && <p className="say">and {plural(warnings.length - 8, 'more message')}.</p>}
        {barrier && (
          <details className="border-t border-[var(--line)] pt-2" open={warnings.length < 3}>
            <summary className="min-h-[44px] cursor-pointer font-semibold">How a {words.barrier(barrier.id)[0]} goes in</summary>
            <ol className="list-decimal pl-5">
              {words.barrierWords(barrier.id).steps.map((s) => (
                <li key={s}>{s}</li>
              ))}
            </ol>
            <p className="small pt-1">{words.barrierWords(barrier.id).caution} Sizes are values from memory; measure your own.</p>
          </details>
        )}
        <PushTest />
      </section>
      <section aria-label="Barriers side by side" className="min-w-0 md:col-span-full">
        {entry && <Compare entry={entry} />}
        <OwnBarriers />
      </section>
      <div className="min-w-0 md:col-span-full">
        <Templates plan={plan} />
      </div>
    </div>
  );
}

function Message({ warning, first, onShow }: { warning: Warning; first: boolean; onShow(id: string): void }) {
  const words = useWords();
  const stop = warning.level === 'stop';
  const told = words.warning(warning);
  return (
    <div className={`flex gap-3 ${stop ? 'rounded-2xl bg-[var(--stopwash)] p-3' : ''}`}>
      <LevelSign level={warning.level} />
      <div className="min-w-0">
        <p className={`text-[13px] font-semibold ${stop ? 'text-[var(--stop)]' : 'text-[var(--ink2)]'}`}>
          {words.messages.names.levels[warning.level]}
        </p>
        <h2 className={stop ? 'text-[var(--stop)]' : ''}>{told.what}</h2>
        <p className="text-[15px]">
          {told.where ? `${capital(told.where)}. ` : ''}
          {told.why}
        </p>
        <p className="say pt-1">{told.remedy}</p>
        {warning.mends?.map((mend) => (
          <button
            key={mend.do}
            className={`${first && stop && mend === warning.mends![0] ? 'next' : 'key'} mr-2 mt-2`}
            onClick={() => void mendIt(warning, mend)}
          >
            {words.mend(mend)}
          </button>
        ))}
        {warning.entryId && (
          <button className="key mr-2 mt-2" onClick={() => onShow(warning.entryId!)}>
            Show it
          </button>
        )}
        {warning.pieceId && (
          <Link className="key mt-2" href="/compose" onClick={() => getStudio().select([warning.pieceId!])}>
            Choose the piece
          </Link>
        )}
      </div>
    </div>
  );
}

/** One press, one step; moving apart is worked out beside the page and said when nothing helped. */
async function mendIt(warning: Warning, mend: Mend): Promise<void> {
  const studio = getStudio();
  if (mend.do !== 'move apart') return studio.edit(currentWords().mend(mend).toLowerCase(), (d) => applyMend(d, warning, mend));
  const project = studio.project!;
  const { moves, left } = await planBench.apart(project);
  if (getStudio().project !== project) return;
  if (moves.length > 0)
    studio.edit('move entries apart', (d) => {
      for (const m of moves) {
        const piece = d.arrangements.find((a) => a.id === m.arrangementId)?.pieces.find((p) => p.id === m.pieceId);
        if (piece) Object.assign(piece, { s: m.s, side: m.side });
      }
    });
  if (left > 0)
    studio.set({
      message: {
        kind: 'tell',
        text: `${left} still stand near each other: take a thinner barrier, gather two into one, or leave a piece out.`,
      },
    });
}

/** How firm the crumb is: an assumed value for its kind, or what a push test in a spare said. */
function PushTest() {
  const grams = useStudio((s) => s.project!.brief.pushTestGrams);
  const crumb = useStudio((s) => s.project!.cake.crumb);
  const { edit } = getStudio();
  return (
    <details className="border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        How firm the cake is:{' '}
        {grams === null ? `${CRUMB_KPA[crumb]} kPa, assumed` : `${pushTestKPa(grams).toFixed(0)} kPa, tested`}
      </summary>
      <p className="text-[15px]">
        Push a straw {PUSH_TEST.widthMm} mm wide {PUSH_TEST.deepMm} mm deep into a spare of the same cake, just as cold. Pull a
        thread sideways, {PUSH_TEST.aboveMm} mm above it, with a kitchen balance until it gives way.
      </p>
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <NumberField
          label="It gave way at"
          value={grams ?? 0}
          unit="g"
          least={5}
          most={2000}
          onChange={(g) => edit('push test', (d) => void (d.brief.pushTestGrams = g))}
        />
        {grams !== null && (
          <button className="key" onClick={() => edit('crumb as assumed', (d) => void (d.brief.pushTestGrams = null))}>
            As assumed for {crumb}
          </button>
        )}
      </div>
    </details>
  );
}

function EntryList({ chosen, onChoose }: { chosen: string | null; onChoose(id: string): void }) {
  const words = useWords();
  const entries = useStudio((s) => s.plan!.entries);
  const cake = useStudio((s) => s.project!.cake);
  return (
    <table className="w-full text-left text-[15px]">
      <thead className="small">
        <tr>
          <th>No.</th>
          <th>Barrier</th>
          <th>Where</th>
          <th className="text-right">{`Cut, ${lengthUnit()}`}</th>
          <th className="text-right">Down</th>
          <th className="text-right">{`Stem, ${lengthUnit()}`}</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((e) => (
          <tr key={e.id} className={`border-t border-[var(--line)] ${e.id === chosen ? 'bg-[var(--nextwash)]' : ''}`}>
            <td>
              <button className="min-h-[44px] min-w-[44px] text-left font-semibold underline" onClick={() => onChoose(e.id)}>
                {e.number}
              </button>
            </td>
            <td>{words.barrier(e.barrier)[0]}</td>
            <td>{words.place({ tier: tierRef(cake, e.tierIndex), azimuthRad: e.azimuthRad })}</td>
            <td className="text-right">{e.cutMm ? lengthFigure(e.cutMm) : '–'}</td>
            <td className="text-right">{Math.round(e.downDeg)}°</td>
            <td className="text-right">{lengthFigure(e.bundleMm, 1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
