'use client';

import dynamic from 'next/dynamic';
import { Hand } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { barrierById } from '@/core/place/barrier';
import type { Warning } from '@/core/plan/warnings';
import { CRUMB_KPA, PUSH_TEST, pushTestKPa } from '@/core/place/holding';
import { capital } from '@/core/words/capital';
import { tierRef, type Cake } from '@/core/cake/cake';
import type { Entry } from '@/core/place/entry';
import type { Words } from '@/core/words/words';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { NumberField } from '../fields/NumberField';
import { Message } from '../shared/Messages';
import { SortedTable, type Column } from '../shared/SortedTable';
import { useHash } from '../shared/useHash';
import { getStudio, useStudio } from '../useStudio';
import { ClockMap } from './ClockMap';
import { Compare } from './Compare';
import { CutThrough } from './CutThrough';
import { OwnBarriers } from './OwnBarriers';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { asLabel } from '@/core/words/asLabel';

const PlaceMode = dynamic(() => import('./PlaceMode').then((m) => m.PlaceMode), { ssr: false });
const Templates = dynamic(() => import('./Templates').then((m) => m.Templates), { ssr: false });

/** Into the cake so that nothing unsafe touches food: the map from above, the cut beside it, messages from worst to mildest. */
export function PlaceStation() {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  const warnings = plan.warnings.filter((w) => w.station === 'place' || w.station === 'brief');
  if (plan.entries.length === 0 && warnings.length === 0 && plan.laid.length > 0) return <GluedAlone plan={plan} />;
  if (plan.entries.length === 0 && warnings.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('place.nothing-goes-into-cake-yet')}</h1>
        <p className="say mt-2">{words.label('place.entries-barriers-depths-follow-from')}</p>
        <Link href="/compose" className="next mt-4">
          {words.label('shared.compose')}
        </Link>
      </div>
    );
  }
  return <Placing plan={plan} warnings={warnings} />;
}

/** Pieces without wire, and nothing else: where and in which order they are glued. */
function GluedAlone({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const [beside, setBeside] = useHash('#beside-the-cake');
  return (
    <div className="px-6 pt-6">
      <h1>{words.label('place.glued-alone', { count: plan.laid.length })}</h1>
      <p className="say mt-2">{words.label('place.glued-nothing-goes-in')}</p>
      <button className="next mt-4" onClick={() => setBeside(true)}>
        {words.label('place.place-step-by-step')}
      </button>
      {beside && <PlaceMode plan={plan} onClose={() => setBeside(false)} />}
    </div>
  );
}

function Placing({ plan, warnings }: { plan: DerivedPlan; warnings: readonly Warning[] }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const cake = useStudio((s) => s.project!.cake);
  const list = useStudio((s) => s.showList);
  const [chosen, setChosen] = useState<string | null>(null);
  const [beside, setBeside] = useHash('#beside-the-cake');
  const stops = warnings.filter((w) => w.level === 'stop').length;
  const worst = warnings.find((w) => w.entryId)?.entryId;
  const entry = plan.entries.find((e) => e.id === (chosen ?? worst)) ?? plan.entries[0] ?? null;
  const barrier = entry?.barrier ? barrierById(entry.barrier, catalogue.barriers) : null;
  return (
    <div className="grid gap-x-6 gap-y-6 px-6 pb-6 md:grid-cols-2 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,0.9fr)_minmax(0,1fr)]">
      <section
        aria-label={words.label('place.insertion-map')}
        className="mx-auto w-full min-w-0 max-w-[640px] md:max-lg:col-span-2"
      >
        <div className="flex flex-wrap items-center gap-3 pb-1">
          <h1 className="grow">
            {words.label('place.go-in-come-out', { goesIn: plan.handOver.goesIn, comesOut: plan.handOver.comesOut })}
          </h1>
          {stops > 0 && (
            // on a phone the messages stand below the map
            <a className="key text-[var(--stop)] md:hidden" href="#place-messages">
              {words.label('shell.stops', { n: stops })}
            </a>
          )}
          <button className="key" onClick={() => setBeside(true)}>
            <Hand size={20} /> {words.label('place.place-step-by-step')}
          </button>
        </div>
        {list ? (
          <EntryList chosen={entry?.id ?? null} onChoose={setChosen} />
        ) : (
          <ClockMap cake={cake} plan={plan} chosen={entry?.id ?? null} onChoose={setChosen} />
        )}
      </section>
      <section aria-label={words.label('place.cut-through-the-cake')} className="min-w-0">
        {entry && (
          <>
            <p className="sub pb-1">
              {words.label('place.cut-through-at', { number: entry.number, clock: words.clock(entry.azimuthRad) })}
            </p>
            <CutThrough cake={cake} entry={entry} plan={plan} />
            <h2 className="pt-2">{capital(words.barrier(entry.barrier)[0])}</h2>
            <p className="say">
              {entry.barrier
                ? words.label('place.cut-to-down-stem', {
                    cutMm: words.units.length(entry.cutMm),
                    downDeg: Math.round(entry.downDeg),
                    bundleMm: words.units.length(entry.bundleMm, 1),
                  })
                : words.label('place.stem-into-foam', {
                    bundleMm: words.units.length(entry.bundleMm, 1),
                    insideMm: words.units.length(entry.insideMm),
                  })}
              {entry.springDeg > 1
                ? ` ${words.label('place.bend-wire-so-springs', { springDeg: Math.round(entry.springDeg) })}`
                : ''}
            </p>
            <p className="small">
              {words.label('place.g-needs-hold-this-crumb', {
                grams: words.units.grams(Math.round(entry.massGrams)),
                hold: words.units.length(entry.holdMm),
                cake: words.units.length(entry.cakeMm),
                meets: words.label(`meets.${entry.meets}`),
                foam: entry.barrier === null ? 'yes' : 'no',
              })}
            </p>
          </>
        )}
      </section>
      {beside && <PlaceMode plan={plan} onClose={() => setBeside(false)} />}
      <section id="place-messages" aria-label={words.label('place.messages')} className="flex min-w-0 flex-col gap-4">
        {warnings.length === 0 && (
          <p className="say text-[var(--leaf)]">{words.label('place.nothing-mend-every-entry-passes')}</p>
        )}
        {warnings.slice(0, 8).map((w, i) => (
          <Message key={i} warning={w} first={i === 0} onShow={setChosen} />
        ))}
        {warnings.length > 8 && (
          <p className="say">{words.label('place.and-more-messages', { warnings: warnings.length - 8 })}</p>
        )}
        {barrier && (
          <details className="border-t border-[var(--line)] pt-2" open={warnings.length < 3}>
            <summary className="min-h-[44px] cursor-pointer font-semibold">
              {words.label('place.how-a-goes-in', { barrier: words.barrier(barrier.id)[0] })}
            </summary>
            <ol className="list-decimal pl-5">
              {words.barrierWords(barrier.id).steps.map((s) => (
                <li key={s}>{s}</li>
              ))}
            </ol>
            <p className="small pt-1">
              {words.label('place.sizes-values-from-memory-measure', { caution: words.barrierWords(barrier.id).caution })}
            </p>
          </details>
        )}
        <PushTest />
      </section>
      <section aria-label={words.label('place.barriers-side-by-side-2')} className="min-w-0 md:col-span-full">
        {entry && <Compare entry={entry} onTake={() => setChosen(entry.id)} />}
        <OwnBarriers />
      </section>
      <div className="min-w-0 md:col-span-full">
        <Templates plan={plan} />
      </div>
    </div>
  );
}

/** How firm the crumb is: an assumed value for its kind, or what a push test in a spare said. */
function PushTest() {
  const words = useWords();
  const grams = useStudio((s) => s.project!.brief.pushTestGrams);
  const crumb = useStudio((s) => s.project!.cake.crumb);
  const { edit } = getStudio();
  return (
    <details className="border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('place.how-firm-cake-kpa-assumed', {
          tested: grams === null ? 'no' : 'yes',
          kPa: words.units.kPa(grams === null ? CRUMB_KPA[crumb] : pushTestKPa(grams)),
        })}
      </summary>
      <p className="text-[15px]">
        {words.label('place.push-straw-wide-deep-into', {
          width: words.units.mm(PUSH_TEST.widthMm),
          deep: words.units.mm(PUSH_TEST.deepMm),
          above: words.units.mm(PUSH_TEST.aboveMm),
        })}
      </p>
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <NumberField
          label={words.label('place.it-gave-way-at')}
          value={grams ?? 0}
          unit="g"
          least={5}
          most={2000}
          onChange={(g) => edit(asLabel('place.do-push-test'), (d) => void (d.brief.pushTestGrams = g))}
        />
        {grams !== null && (
          <button
            className="key"
            onClick={() => edit(asLabel('place.do-crumb-as-assumed'), (d) => void (d.brief.pushTestGrams = null))}
          >
            {words.label('place.as-assumed-for', { crumb: words.label(`crumb.${crumb}`) })}
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
  const columns = useMemo(() => entryColumns(words, cake, onChoose), [words, cake, onChoose]);
  return (
    <SortedTable
      rows={entries}
      columns={columns}
      keyOf={(e) => e.id}
      rowClass={(e) => (e.id === chosen ? 'bg-[var(--nextwash)]' : '')}
    />
  );
}

const entryColumns = (words: Words, cake: Cake, onChoose: (id: string) => void): Column<Entry>[] => [
  {
    id: 'number',
    name: words.label('place.number'),
    by: (e) => e.number,
    cell: (e) => (
      <button className="min-h-[44px] min-w-[44px] text-left font-semibold underline" onClick={() => onChoose(e.id)}>
        {e.number}
      </button>
    ),
  },
  {
    id: 'barrier',
    name: words.label('place.barrier'),
    by: (e) => words.barrier(e.barrier)[0],
    cell: (e) => words.barrier(e.barrier)[0],
  },
  {
    id: 'where',
    name: words.label('shared.where'),
    by: (e) => e.tierIndex * 100 + e.azimuthRad,
    cell: (e) => words.place({ tier: tierRef(cake, e.tierIndex), azimuthRad: e.azimuthRad }),
  },
  {
    id: 'cut',
    name: words.label('place.cut', { sign: words.units.sign }),
    by: (e) => e.cutMm || null,
    cell: (e) => (e.cutMm ? words.units.figure(e.cutMm) : '–'),
    figures: true,
  },
  {
    id: 'down',
    name: words.label('place.down'),
    by: (e) => e.downDeg,
    cell: (e) => `${Math.round(e.downDeg)}°`,
    figures: true,
  },
  {
    id: 'stem',
    name: words.label('place.stem', { sign: words.units.sign }),
    by: (e) => e.bundleMm,
    cell: (e) => words.units.figure(e.bundleMm, 1),
    figures: true,
  },
];
