'use client';

import { useMemo, useState } from 'react';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { GaugeCuts } from '@/core/plan/usedUp';
import { KEEP_OFFCUT_MM, type CutBar } from '@/core/wire/cutList';
import { CUTTINGS } from '@/core/wire/cutting';
import { offcutsOf, offcutsWith, type Offcut, type OffcutBar } from '@/core/wire/offcuts';
import { offcutsThatServe } from '@/core/plan/usedUp';
import { Choice } from '../fields/Choice';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** An end as long as this share of a wire has room for “to the tin”; a shorter one has its length alone. */
const ROOM_FOR_WORDS = 0.3;

/** No piece of a bar is narrower than a finger: where that is wider than the room the bar is moved along under it. */
const FINGER_PX = 44;

const keyOf = (c: GaugeCuts): string => `${c.gauge}|${c.colour}`;

/** One stock length a bar: its cuts in cutting order, height by gauge, offcuts dashed, keepers to the tin. Pressing a length shows its sum. */
export function CutBars({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const stockMm = useStudio((s) => s.project!.brief.stockMm);
  const system = useStudio((s) => s.project!.brief.wireSystem);
  const way = useStudio((s) => s.project!.brief.cutting);
  const [picked, setPicked] = useState<{ gauge: number; mm: number } | null>(null);
  const least = plan.cuts.map((c) => c.least);
  const leastBars = least.reduce((a, p) => a + p.bars.length, 0);
  const boundBars = least.reduce((a, p) => a + p.boundBars, 0);
  const allProven = least.every((p) => p.proven);
  const offcutBars = plan.cuts.reduce((a, c) => a + c.fromOffcuts.length, 0);
  const bars = least.map((p) => p.bars);
  const wire = picked && plan.wires.find((w) => w.gauge === picked.gauge && w.lengthMm === picked.mm);
  return (
    <section aria-label={words.label('wire.wire-to-cut')}>
      <div className="flex flex-wrap items-center gap-4 pb-2">
        <h1 className="grow">{words.label('wire.lengths-wire-cut', { way: leastBars })}</h1>
        <Choice
          label={words.label('wire.way-of-cutting')}
          value={way}
          options={CUTTINGS.map((value) => ({
            value,
            name: words.label(`wire.cut-${value}`, {
              count: value === way ? leastBars : plan.cuts.reduce((a, c) => a + c.lengths[value], 0),
            }),
          }))}
          onChange={(value) => getStudio().edit(asLabel('wire.do-way-of-cutting'), (d) => void (d.brief.cutting = value))}
        />
      </div>
      <p className="say pb-3">
        {wire
          ? words.label('wire.for-is', {
              length: words.units.mm(wire.lengthMm),
              wire: words.wire(wire).toLowerCase(),
              terms: wire.terms.map((t) => `${words.units.figure(t.mm)} ${words.messages.names.terms[t.term]}`).join(', '),
            })
          : words.label('wire.one-bar-one-wire-no', {
              more: leastBars - boundBars,
              proven: allProven ? 'yes' : 'no',
              stock: words.units.mm(stockMm),
            })}
      </p>
      <p className="small pb-3">{words.label('wire.caution-ends')}</p>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-2 lg:grid-cols-[repeat(2,minmax(0,1fr))]">
        {plan.cuts.map((c, i) => (
          <GaugeBars
            key={keyOf(c)}
            cuts={c}
            bars={bars[i]!}
            stockMm={stockMm}
            system={system}
            picked={picked?.gauge === c.gauge ? picked.mm : null}
            onPick={(mm) => setPicked({ gauge: c.gauge, mm })}
          />
        ))}
      </div>
      <Offcuts cuts={plan.cuts} bars={bars} used={offcutBars} />
    </section>
  );
}

/** Ends of wire: those that are kept and would do, and those that this cutting leaves. */
function Offcuts({ cuts, bars, used }: { cuts: readonly GaugeCuts[]; bars: readonly CutBar[][]; used: number }) {
  const words = useWords();
  const kept = useStudio((s) => s.offcuts);
  const own = useStudio((s) => s.project!.offcuts);
  const done = useStudio((s) => s.project!.wiresCut);
  const studio = getStudio();
  const could = useMemo(() => offcutsThatServe(cuts, offcutsWith(kept, own, 1)), [cuts, kept, own]);
  const left = cuts.flatMap((c, i) => offcutsOf([...bars[i]!, ...c.fromOffcuts], c));
  const count = (rows: readonly Offcut[]) => rows.reduce((a, o) => a + o.count, 0);
  if (done)
    return (
      <p className="small flex flex-wrap items-center gap-3 pt-3">
        {words.label('wire.cut-ends-worth-keeping-tin')}
        <button
          className="key"
          onClick={() => studio.edit(asLabel('wire.do-cut-anew'), (d) => Object.assign(d, { wiresCut: false, offcuts: [] }))}
        >
          {words.label('wire.cut-anew')}
        </button>
      </p>
    );
  return (
    <div className="flex flex-wrap items-center gap-3 pt-3 text-[15px]">
      {count(could) !== count(own) && (
        <button className="key" onClick={() => studio.useOffcuts(could)}>
          {words.label('wire.cut-from-ends-tin', { count: count(could) })}
        </button>
      )}
      {used > 0 && (
        <span>
          {words.label('wire.ends-out-tin-cut-first', { used })}{' '}
          <button className="key bare" onClick={() => studio.useOffcuts([])}>
            {words.label('wire.leave-them')}
          </button>
        </span>
      )}
      <button className="key" disabled={cuts.length === 0} onClick={() => studio.keepOffcuts(left)}>
        {words.label('wire.all-cut-put-ends-more', {
          left: count(left),
          least: words.units.mm(KEEP_OFFCUT_MM),
        })}
      </button>
    </div>
  );
}

/** Bars cut alike are drawn once, with how many. */
function alike(bars: readonly CutBar[]): { bar: CutBar; times: number }[] {
  const groups = new Map<string, { bar: CutBar; times: number }>();
  for (const bar of bars) {
    const key = keyOfBar(bar);
    const known = groups.get(key);
    if (known) known.times += 1;
    else groups.set(key, { bar, times: 1 });
  }
  return [...groups.values()].sort((a, b) => b.times - a.times);
}

const keyOfBar = (bar: CutBar | OffcutBar): string => `${'lengthMm' in bar ? bar.lengthMm : ''}:${bar.cutsMm.join('|')}`;

function GaugeBars({
  cuts,
  bars,
  stockMm,
  system,
  picked,
  onPick,
}: {
  cuts: GaugeCuts;
  bars: readonly CutBar[];
  stockMm: number;
  system: string;
  picked: number | null;
  onPick(mm: number): void;
}) {
  const words = useWords();
  // ends out of the tin are cut first
  const groups = [...alike(cuts.fromOffcuts), ...alike(bars)];
  const [all, setAll] = useState(false);
  const shown = all ? groups : groups.slice(0, 3);
  return (
    <div className="border-t border-[var(--line)] pt-2">
      <p className="text-[15px]">
        <b>{words.gauge(cuts.gauge)}</b> {cuts.gauge < 10 ? '' : `${system} `}
        <span className="small">
          {words.label('wire.bars-of', {
            diameter: words.units.length(cuts.diameterMm, 2),
            colour: words.wireColour(cuts.colour),
            bars: bars.length,
          })}
        </span>
      </p>
      <ul>
        {shown.map(({ bar, times }) => (
          <li key={keyOfBar(bar)} className="flex items-center gap-2 py-0.5">
            <span className="fig w-9 shrink-0 text-right text-lg">{times}×</span>
            <span className="min-w-0 grow overflow-x-auto">
              <span
                className="flex h-[44px] items-center"
                style={{ minWidth: Math.min(900, (FINGER_PX * stockMm) / Math.min(...bar.cutsMm)) }}
              >
                {bar.cutsMm.map((mm, i) => (
                  <button
                    key={i}
                    className={`flex h-[44px] items-center justify-center overflow-hidden border-0 bg-transparent px-0 text-[13px]`}
                    style={{ width: `${(mm / stockMm) * 100}%` }}
                    aria-label={words.label('wire.length-of', {
                      length: words.units.mm(mm),
                      wire: words.aloud().gauge(cuts.gauge),
                    })}
                    onClick={() => onPick(mm)}
                  >
                    <span
                      className={`grid w-full place-items-center border border-[var(--leaf)] ${picked === mm ? 'bg-[var(--next)] text-[var(--onnext)]' : 'bg-[var(--leafwash)]'} ${i === 0 ? 'rounded-l-full' : 'rounded-sm'}`}
                      style={{ height: Math.max(20, Math.min(34, 14 + cuts.diameterMm * 20)) }}
                    >
                      {mm >= 18 ? words.units.figure(mm) : ''}
                    </span>
                  </button>
                ))}
                {'lengthMm' in bar && (
                  <span className="small order-last pl-2">
                    {words.label('wire.end-of', { number: words.units.length(Number(bar.lengthMm)) })}
                  </span>
                )}
                {bar.leftMm > 4 && (
                  <span
                    className="small grid h-[22px] place-items-center overflow-hidden whitespace-nowrap rounded-sm border border-dashed border-[var(--edge)]"
                    style={{ width: `${(bar.leftMm / stockMm) * 100}%` }}
                    title={
                      bar.leftMm >= KEEP_OFFCUT_MM
                        ? words.label('wire.to-the-tin', { leftMm: words.units.figure(bar.leftMm) })
                        : undefined
                    }
                  >
                    {bar.leftMm >= ROOM_FOR_WORDS * stockMm
                      ? words.label('wire.to-the-tin', { leftMm: words.units.figure(bar.leftMm) })
                      : bar.leftMm > 22
                        ? words.units.figure(bar.leftMm)
                        : ''}
                  </span>
                )}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {groups.length > 3 && (
        <button className="key bare" onClick={() => setAll(!all)} aria-expanded={all}>
          {all ? words.label('wire.fewer') : words.label('wire.more-ways-of-cutting', { groups: groups.length - 3 })}
        </button>
      )}
    </div>
  );
}
