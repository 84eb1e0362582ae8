'use client';

import { Minus, Plus } from 'lucide-react';
import { findSpecies } from '@/core/botany/catalogue';
import { colourwayOf } from '@/core/botany/species';
import { readTinCsv, writeTinCsv } from '@/core/formats/makeTables';
import { changesOf } from '@/core/formats/table';
import { TIN_STATES, type TinPiece } from '@/core/compose/tin';
import type { TrayKind } from '@/core/make/tray';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useState } from 'react';
import { NumberField } from '../fields/NumberField';
import { Pick } from '../fields/Pick';
import { ReadIn, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { Portrait } from '../shared/Portrait';
import { WireEnds } from './WireEnds';
import { getStudio, useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { wallFromText } from '@/core/days/clock';
import { asLabel } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

/** Pieces made before and kept: what is where, what this job took, and what it leaves over when it is done. */
export function TinShelf({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const tin = useStudio((s) => s.tin);
  const jobs = useStudio((s) => s.jobs);
  const project = useStudio((s) => s.project)!;
  const promised = (id: string) =>
    jobs.filter((j) => j.id !== project.id).reduce((a, j) => a + (j.taken.find((t) => t.id === id)?.count ?? 0), 0);
  const change = (id: string, patch: Partial<TinPiece>) =>
    void getStudio().setTin(tin.map((t) => (t.id === id ? { ...t, ...patch } : t)));
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <section aria-label={words.label('make.in-the-tin-2')}>
        <h2 className="pb-1">{words.label('make.in-the-tin-2')}</h2>
        <p className="small">{words.label('make.of-all-jobs-together')}</p>
        <label className="flex min-h-[44px] items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={project.brief.useTin}
            onChange={(e) =>
              getStudio().edit(
                e.target.checked ? asLabel('make.do-use-the-tin-first') : asLabel('make.do-leave-the-tin'),
                (d) => {
                  d.brief.useTin = e.target.checked;
                },
              )
            }
          />
          {words.label('make.the-composer-uses-what-free')}
        </label>
        {tin.length === 0 && <p className="say">{words.label('make.the-tin-empty-put-jobs')}</p>}
        <ul>
          {tin.map((t) => {
            const species = findSpecies(t.species, catalogue);
            const taken = project.taken.find((x) => x.id === t.id)?.count ?? 0;
            const name = species ? words.piece(t)[0] : words.label('make.not-this-jobs-catalogue', { species: t.species });
            return (
              <li key={t.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-[var(--line)] py-1">
                {species ? <Portrait kind={t} px={46} /> : <span className="size-[46px]" />}
                <span className="min-w-[170px] grow">
                  <b className="block">
                    {name}, {words.units.mm(t.sizeMm)}
                  </b>
                  <span className="small">
                    {species && `${words.colour({ species: t.species, colourway: colourwayOf(species, t.colourway).id })}, `}
                    {t.where || words.label('make.place-not-said')}
                    {t.madeOn && words.label('make.made-on', { madeOn: words.units.day(wallFromText(`${t.madeOn}T00:00`)) })}
                  </span>
                </span>
                <span className="small w-[132px]">
                  {taken > 0 && <span className="block text-[var(--leaf)]">{words.label('make.for-this-job', { taken })}</span>}
                  {promised(t.id) > 0 && words.label('make.for-another', { promised: promised(t.id) })}
                </span>
                <Pick
                  label={words.label('make.state-of-of', { name, sizeMm: words.units.mm(t.sizeMm) })}
                  hideLabel
                  className="fld text-[15px]"
                  value={t.state}
                  options={TIN_STATES.map((s) => ({ value: s, name: words.label(`tin.${s}`) }))}
                  onChange={(state) => change(t.id, { state })}
                />
                <span className="flex items-center gap-1">
                  <button
                    className="key px-2.5"
                    aria-label={words.label('make.one-fewer', { name })}
                    onClick={() => change(t.id, { count: Math.max(0, t.count - 1) })}
                  >
                    <Minus size={18} />
                  </button>
                  <b className="fig w-[34px] text-center text-xl">{t.count}</b>
                  <button
                    className="key px-2.5"
                    aria-label={words.label('make.one-more', { name })}
                    onClick={() => change(t.id, { count: Math.min(2000, t.count + 1) })}
                  >
                    <Plus size={18} />
                  </button>
                </span>
              </li>
            );
          })}
        </ul>
        <div className="flex flex-wrap items-center gap-3 pt-4">
          <WriteOut
            label={words.label('make.tin-as-csv')}
            disabled={tin.length === 0}
            onPress={() => void saveFile('tin.csv', writeTinCsv(tin), 'text/csv')}
          />
          <ReadIn
            label={words.label('make.read-a-tin')}
            accept={{ 'text/csv': ['.csv'] }}
            read={(text) => {
              const result = readTinCsv(text);
              return 'rows' in result ? { value: result.rows, surplus: result.surplus } : result;
            }}
            changes={(rows) => {
              const { added, changed, gone } = changesOf(tin, rows);
              return { added: added.length, changed: changed.length, gone: gone.length };
            }}
            onTake={(rows) => void getStudio().setTin(rows)}
          />
        </div>
      </section>
      <div className="flex flex-col gap-8">
        <LeftOvers plan={plan} />
        <WireEnds />
      </div>
    </div>
  );
}

/** Made and not broken, less what stands on the cake and came from the tin. */
function leftOf(kind: TrayKind, log: readonly { kind: string; made: number; broken: number }[]): number {
  const own = log.filter((e) => e.kind === kind.key);
  const made = own.length ? own.reduce((a, e) => a + e.made, 0) : kind.toMake;
  return Math.max(0, made + kind.fromTin - kind.placed);
}

function LeftOvers({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const day = useStudio((s) => s.project!.brief.leavesAt.slice(0, 10));
  const [counts, setCounts] = useState<Record<string, number>>({});
  const [where, setWhere] = useState('');
  const of = (k: TrayKind) => counts[k.key] ?? leftOf(k, log);
  const all = plan.tray.reduce((a, k) => a + of(k), 0);
  const away = () => {
    const rows = plan.tray
      .filter((k) => of(k) > 0)
      .map((k): TinPiece => ({
        id: newId(),
        species: k.species,
        stage: k.stage,
        colourway: k.colourway,
        sizeMm: k.sizes[0]?.sizeMm ?? k.sizeMm,
        count: of(k),
        where: where.trim().slice(0, 80),
        madeOn: day,
        state: 'good',
      }));
    void getStudio().putAway(rows);
    setCounts({});
  };
  return (
    <section aria-label={words.label('make.left-over')}>
      <h2 className="pb-1">{words.label('make.when-cake-has-left')}</h2>
      <p className="small pb-2">{words.label('make.what-left-each-kind-made')}</p>
      <ul className="flex flex-col">
        {plan.tray.map((k) => {
          const name = words.piece(k)[0];
          return (
            <li key={k.key} className="flex items-center gap-3 border-t border-[var(--line)] py-0.5">
              <Portrait kind={k} px={34} />
              <span className="grow">{name}</span>
              <NumberField
                label={words.label('make.left-over-2', { name })}
                hideLabel
                width={86}
                value={of(k)}
                unit=""
                least={0}
                most={2000}
                onChange={(n) => setCounts({ ...counts, [k.key]: Math.round(n) })}
              />
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap items-end gap-3 pt-3">
        <label className="grow text-[15px] font-semibold">
          {words.label('shared.where')}
          <input
            className="fld mt-1 block w-full font-normal"
            maxLength={80}
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
        </label>
        <button className="key" disabled={all === 0 && plan.tray.every((k) => k.fromTin === 0)} onClick={away}>
          {words.label('make.put-pieces-tin', { all })}
        </button>
      </div>
    </section>
  );
}
