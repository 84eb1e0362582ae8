'use client';

import { valibotResolver } from '@hookform/resolvers/valibot';
import { Controller, useForm, useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { refusalOf } from '@/core/boundary/refusal';
import { ownBarrierSchema, type OwnBarrier } from '@/core/place/ownBarrier';
import { asLabel } from '@/core/words/asLabel';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { getStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

const FIRST: OwnBarrier = {
  // its own is given when it is added
  id: 'own-new',
  name: '',
  kind: 'straw',
  boreMm: 6,
  outsideMm: 6.6,
  stockMm: 200,
  mostGrams: 20,
  minutes: 1.5,
};

interface Figure {
  label: string;
  name: 'boreMm' | 'outsideMm' | 'stockMm' | 'mostGrams';
  /** grams, where it is no length */
  grams?: boolean;
  least: number;
  most: number;
  step: number;
}

/** One more, as it was measured. What does not go together is said under the form. */
export function OwnBarrierForm({ own }: { own: readonly OwnBarrier[] }) {
  const words = useWords();
  const { register, control, handleSubmit, reset, getValues, formState } = useForm<OwnBarrier>({
    resolver: valibotResolver(ownBarrierSchema),
    mode: 'onChange',
    defaultValues: FIRST,
  });
  const add = (typed: OwnBarrier) => {
    const made = { ...typed, id: freeId(own) };
    getStudio().edit(asLabel('place.do-added', { made: made.name }), (d) => void d.barriers.push(made));
    reset(FIRST);
  };
  const typed = { ...getValues(), ...useWatch({ control }) };
  const fault = typed.name === '' ? null : v.safeParse(ownBarrierSchema, typed).issues?.[0];
  const figure = ({ label, name, grams, least, most, step }: Figure) => (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <NumberField
          label={label}
          value={field.value}
          mm={!grams}
          unit={grams ? 'g' : ''}
          least={least}
          most={most}
          step={step}
          onChange={field.onChange}
        />
      )}
    />
  );
  return (
    <form onSubmit={(e) => void handleSubmit(add)(e)}>
      <div className="flex flex-wrap items-end gap-3 pt-1">
        <label className="text-[15px] font-semibold">
          {words.label('shared.name')}
          <input className="fld mt-1 block font-normal" maxLength={60} {...register('name')} />
        </label>
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <Choice
              label={words.label('place.kind-of-barrier')}
              value={field.value}
              options={[
                { value: 'straw', name: words.label('place.straw') },
                { value: 'pick', name: words.label('place.pick') },
              ]}
              onChange={field.onChange}
            />
          )}
        />
        {figure({ label: words.label('place.bore-field'), name: 'boreMm', least: 1, most: 30, step: 0.1 })}
        {figure({ label: words.label('place.outside'), name: 'outsideMm', least: 1.2, most: 34, step: 0.1 })}
        {figure({ label: words.label('make.length'), name: 'stockMm', least: 20, most: 400, step: 1 })}
        {figure({ label: words.label('place.carries'), name: 'mostGrams', grams: true, least: 1, most: 400, step: 1 })}
        <button className="key" type="submit" disabled={!formState.isValid}>
          {words.label('place.add-it')}
        </button>
      </div>
      {fault && <p className="small pt-1 text-[var(--stop)]">{words.say(refusalOf(fault))}.</p>}
    </form>
  );
}

function freeId(own: readonly OwnBarrier[]): string {
  let n = own.length + 1;
  while (own.some((b) => b.id === `own-${n}`)) n++;
  return `own-${n}`;
}
