'use client';

import Link from 'next/link';
import { useState } from 'react';
import { barrierById } from '@/core/place/barrier';
import type { Warning } from '@/core/place/entry';
import { capital } from '@/core/place/seating';
import { azimuthToClockWords } from '@/core/geometry/units';
import { tierName } from '@/core/cake/cake';
import { plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { ClockMap } from './ClockMap';
import { CutThrough } from './CutThrough';
import { LevelSign } from './LevelSign';

/** Into the cake so that nothing unsafe touches food: the map from above, the cut beside it, messages from worst to mildest. */
export function PlaceStation() {
  const plan = useStudio((s) => s.plan);
  const cake = useStudio((s) => s.project!.cake);
  const list = useStudio((s) => s.showList);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  const warnings = plan.warnings.filter((w) => w.station === 'Place' || w.station === 'Brief');
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
  const worst = warnings.find((w) => w.entryId)?.entryId;
  const entry = plan.entries.find((e) => e.id === (chosen ?? worst)) ?? plan.entries[0] ?? null;
  const barrier = entry?.barrier ? barrierById(entry.barrier) : null;
  return (
    <div className="grid gap-x-6 gap-y-6 px-6 pb-6 md:grid-cols-2 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,0.9fr)_minmax(0,1fr)]">
      <section aria-label="Insertion map" className="mx-auto w-full min-w-0 max-w-[640px] md:max-lg:col-span-2">
        <h1 className="pb-1">
          {plan.handOver.goesIn} go in, {plan.handOver.comesOut} come out
        </h1>
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
              {entry.number}: cut through at {azimuthToClockWords(entry.azimuthRad)}
            </p>
            <CutThrough cake={cake} entry={entry} plan={plan} />
            <h2 className="pt-2">{capital(entry.barrierName)}</h2>
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
      <section aria-label="Messages" className="flex min-w-0 flex-col gap-4">
        {warnings.length === 0 && <p className="say text-[var(--leaf)]">Nothing to mend: every entry passes.</p>}
        {warnings.slice(0, 8).map((w, i) => (
          <Message key={i} warning={w} onShow={setChosen} />
        ))}
        {warnings.length > 8 && <p className="say">and {plural(warnings.length - 8, 'more message')}.</p>}
        {barrier && (
          <details className="border-t border-[var(--line)] pt-2" open={warnings.length < 3}>
            <summary className="min-h-[44px] cursor-pointer font-semibold">How a {barrier.name} goes in</summary>
            <ol className="list-decimal pl-5">
              {barrier.steps.map((s) => (
                <li key={s}>{s}</li>
              ))}
            </ol>
            <p className="small pt-1">{barrier.caution} Sizes are values from memory; measure your own.</p>
          </details>
        )}
      </section>
    </div>
  );
}

function Message({ warning, onShow }: { warning: Warning; onShow(id: string): void }) {
  const stop = warning.level === 'stop';
  return (
    <div className={`flex gap-3 ${stop ? 'rounded-2xl bg-[var(--stopwash)] p-3' : ''}`}>
      <LevelSign level={warning.level} />
      <div className="min-w-0">
        <p className={`text-[13px] font-semibold ${stop ? 'text-[var(--stop)]' : 'text-[var(--ink2)]'}`}>
          {capital(warning.level)}
        </p>
        <h2 className={stop ? 'text-[var(--stop)]' : ''}>{warning.what}</h2>
        <p className="text-[15px]">
          {capital(warning.where)}. {warning.why}
        </p>
        <p className="say pt-1">{warning.remedy}</p>
        {warning.entryId && (
          <button className="key mt-2" onClick={() => onShow(warning.entryId!)}>
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

function EntryList({ chosen, onChoose }: { chosen: string | null; onChoose(id: string): void }) {
  const entries = useStudio((s) => s.plan!.entries);
  const cake = useStudio((s) => s.project!.cake);
  return (
    <table className="w-full text-left text-[15px]">
      <thead className="small">
        <tr>
          <th>No.</th>
          <th>Barrier</th>
          <th>Where</th>
          <th className="text-right">Cut, mm</th>
          <th className="text-right">Down</th>
          <th className="text-right">Stem, mm</th>
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
            <td>{e.barrierName}</td>
            <td>
              {tierName(cake, e.tierIndex)}, {azimuthToClockWords(e.azimuthRad)}
            </td>
            <td className="text-right">{e.cutMm ? Math.round(e.cutMm) : '–'}</td>
            <td className="text-right">{Math.round(e.downDeg)}°</td>
            <td className="text-right">{e.bundleMm.toFixed(1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
