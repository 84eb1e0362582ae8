'use client';

import { useState } from 'react';
import * as v from 'valibot';
import { ownBarrierSchema, type OwnBarrier } from '@/core/place/ownBarrier';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { refusalOf } from '@/core/boundary/refusal';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const FIRST: OwnBarrier = {
  id: '',
  name: '',
  kind: 'straw',
  boreMm: 6,
  outsideMm: 6.6,
  stockMm: 200,
  mostGrams: 20,
  minutes: 1.5,
};

/** Straws and picks that a person has measured; they are compared with the rest. */
export function OwnBarriers() {
  const words = useWords();
  const own = useStudio((s) => s.project!.barriers);
  const [next, setNext] = useState(FIRST);
  const made = { ...next, id: freeId(own) };
  const checked = v.safeParse(ownBarrierSchema, made);
  const set = (patch: Partial<OwnBarrier>) => setNext({ ...next, ...patch });
  const figure = (
    label: string,
    key: 'boreMm' | 'outsideMm' | 'stockMm' | 'mostGrams',
    unit: string,
    least: number,
    most: number,
    step: number,
  ) => (
    <NumberField
      label={label}
      value={next[key]}
      mm={unit === 'mm'}
      unit={unit === 'mm' ? '' : unit}
      least={least}
      most={most}
      step={step}
      onChange={(n) => set({ [key]: n })}
    />
  );
  return (
    <details className="border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('place.straws-picks-your-own', { own: own.length })}
      </summary>
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
      <div className="flex flex-wrap items-end gap-3 pt-1">
        <label className="text-[15px] font-semibold">
          {words.label('shared.name')}
          <input
            className="fld mt-1 block font-normal"
            value={next.name}
            maxLength={60}
            onChange={(e) => set({ name: e.target.value })}
          />
        </label>
        <Choice
          label={words.label('place.kind-of-barrier')}
          value={next.kind}
          options={[
            { value: 'straw', name: words.label('place.straw') },
            { value: 'pick', name: words.label('place.pick') },
          ]}
          onChange={(kind) => set({ kind })}
        />
        {figure(words.label('place.bore-field'), 'boreMm', 'mm', 1, 30, 0.1)}
        {figure(words.label('place.outside'), 'outsideMm', 'mm', 1.2, 34, 0.1)}
        {figure(words.label('make.length'), 'stockMm', 'mm', 20, 400, 1)}
        {figure(words.label('place.carries'), 'mostGrams', 'g', 1, 400, 1)}
        <button
          className="key"
          disabled={!checked.success}
          onClick={() => {
            getStudio().edit(asLabel('place.do-added', { made: made.name }), (d) => void d.barriers.push(made));
            setNext(FIRST);
          }}
        >
          {words.label('place.add-it')}
        </button>
      </div>
      {!checked.success && next.name !== '' && (
        <p className="small pt-1 text-[var(--stop)]">{words.say(refusalOf(checked.issues[0]))}.</p>
      )}
      <p className="small pt-1">{words.label('place.measure-with-caliper-take-only')}</p>
    </details>
  );
}

function freeId(own: readonly OwnBarrier[]): string {
  let n = own.length + 1;
  while (own.some((b) => b.id === `own-${n}`)) n++;
  return `own-${n}`;
}
