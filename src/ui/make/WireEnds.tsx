'use client';

import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { KEEP_OFFCUT_MM } from '@/core/wire/cutList';
import { offcutsWith, sameOffcut, type Offcut } from '@/core/wire/offcuts';
import { mmToGauge, soldIn } from '@/core/wire/gauge';
import { Pick } from '../fields/Pick';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** A wire to begin with, mm: that of small leaves and petals. */
const COMMON_MM = 0.5;

/** Ends of wire that were kept, of all jobs together; Wire & tape cuts from them before it takes a full length. */
export function WireEnds() {
  const words = useWords();
  const offcuts = useStudio((s) => s.offcuts);
  const { setOffcuts } = getStudio();
  const system = useStudio((s) => s.project!.brief.wireSystem);
  const [next, setNext] = useState<Offcut>({ gauge: mmToGauge(system, COMMON_MM), colour: 'green', lengthMm: 120, count: 1 });
  return (
    <section aria-label={words.label('make.ends-of-wire')}>
      <h2 className="pb-1">{words.label('make.ends-of-wire')}</h2>
      <p className="small">{words.label('make.from-on-wire-tape-can', { least: words.units.mm(KEEP_OFFCUT_MM) })}</p>
      {offcuts.length === 0 && <p className="say">{words.label('make.none-are-kept')}</p>}
      <ul>
        {offcuts.map((o) => {
          const name = words.label('make.end-of-wire', {
            wire: words.aloud().gauge(o.gauge),
            colour: words.wireColour(o.colour),
            length: words.units.mm(o.lengthMm),
          });
          const step = (by: 1 | -1) => void setOffcuts(offcutsWith(offcuts, [{ ...o, count: 1 }], by));
          return (
            <li key={name} className="flex items-center gap-3 border-t border-[var(--line)] py-1">
              <span className="flex h-11 min-w-0 grow items-center">
                <span
                  className={`block rounded-full border ${o.colour === 'green' ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-[var(--edge)] bg-white'}`}
                  style={{ width: `${Math.min(100, (o.lengthMm / 360) * 100)}%`, height: Math.max(6, 34 - o.gauge) }}
                />
              </span>
              <span className="w-[170px] shrink-0 text-[15px]">{name}</span>
              <button className="key px-2.5" aria-label={words.label('make.one-end-of-fewer', { name })} onClick={() => step(-1)}>
                <Minus size={18} />
              </button>
              <b className="fig w-8 text-center text-xl">{o.count}</b>
              <button className="key px-2.5" aria-label={words.label('make.one-end-of-more', { name })} onClick={() => step(1)}>
                <Plus size={18} />
              </button>
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap items-end gap-3 border-t border-[var(--line)] pt-3">
        <Pick
          label={words.label('make.wire')}
          value={next.gauge}
          options={soldIn(system).map((g) => ({ value: g, name: words.gauge(g) }))}
          onChange={(gauge) => setNext({ ...next, gauge })}
        />
        <NumberField
          label={words.label('make.long')}
          value={next.lengthMm}
          mm
          unit=""
          least={10}
          most={2000}
          onChange={(n) => setNext({ ...next, lengthMm: Math.round(n) })}
        />
        <Choice
          label={words.label('make.colour-of-the-end')}
          value={next.colour}
          options={[
            { value: 'green', name: words.label('make.green') },
            { value: 'white', name: words.label('make.white') },
          ]}
          onChange={(colour) => setNext({ ...next, colour })}
        />
        <button
          className="key"
          onClick={() => void setOffcuts(offcutsWith(offcuts, [next], 1))}
          disabled={offcuts.some((o) => sameOffcut(o, next) && o.count >= 2000)}
        >
          <Plus size={20} /> {words.label('make.an-end')}
        </button>
      </div>
    </section>
  );
}
