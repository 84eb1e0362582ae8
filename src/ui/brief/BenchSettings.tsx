'use client';

import { ALLERGENS, ALLERGEN_KEYS } from '@/core/make/allergens';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** What the bench works with: wire and its numbers, the glue, and what is in the cake. */
export function BenchSettings() {
  const words = useWords();
  const brief = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  return (
    <details className="mt-3 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('brief.wire-paper-glue-allergens')}
      </summary>
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label={words.label('brief.wire-gauge-system')}
          value={brief.wireSystem}
          options={[
            { value: 'SWG', name: 'SWG' },
            { value: 'AWG', name: 'AWG' },
            { value: 'mm', name: 'mm' },
          ]}
          onChange={(v) => edit(asLabel('brief.do-wire-in'), (d) => void (d.brief.wireSystem = v))}
        />
        <Choice
          label={words.label('brief.wire-colour')}
          value={brief.wireColour}
          options={[
            { value: 'green', name: words.label('brief.green-wire') },
            { value: 'white', name: words.label('brief.white-dusted-after') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-wire'), (d) => void (d.brief.wireColour = v))}
        />
        <NumberField
          hideLabel
          label={words.label('brief.length-of-a-wire')}
          value={brief.stockMm}
          mm
          unit={words.label('brief.mm-a-wire')}
          width={140}
          least={100}
          most={2000}
          onChange={(v) => edit(asLabel('brief.do-length-of-a-wire'), (d) => void (d.brief.stockMm = v))}
        />
        <Choice
          label={words.label('brief.paper')}
          value={brief.paper}
          options={[
            { value: 'A4', name: words.label('brief.a4-paper') },
            { value: 'Letter', name: words.label('brief.letter-paper') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-paper'), (d) => void (d.brief.paper = v))}
        />
        <Choice
          label={words.label('brief.finish')}
          value={brief.finish}
          options={[
            { value: 'everyday', name: words.label('brief.everyday') },
            { value: 'showpiece', name: words.label('brief.showpiece') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-finish'), (d) => void (d.brief.finish = v))}
        />
        <Choice
          label={words.label('brief.glue')}
          value={brief.glue}
          options={[
            { value: 'CMC glue', name: words.label('brief.cmc-glue') },
            { value: 'egg white', name: words.label('brief.egg-white') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-glue'), (d) => void (d.brief.glue = v))}
        />
      </div>
      <StatedAllergens of="allergensInCake" legend="brief.in-the-cake" undo="brief.do-in-the-cake" />
      <StatedAllergens of="allergensInFlowers" legend="brief.in-the-flowers" undo="brief.do-in-the-flowers" />
    </details>
  );
}

/** What is stated of one source of allergens: some of the list, none of it, or nothing, until somebody has said. */
function StatedAllergens({
  of,
  legend,
  undo,
}: {
  of: 'allergensInCake' | 'allergensInFlowers';
  legend: 'brief.in-the-cake' | 'brief.in-the-flowers';
  undo: 'brief.do-in-the-cake' | 'brief.do-in-the-flowers';
}) {
  const words = useWords();
  const stated = useStudio((s) => s.project!.brief[of]);
  const state = (next: string[] | null) => getStudio().edit(asLabel(undo), (d) => void (d.brief[of] = next));
  const tick = (name: string, checked: boolean, onChange: (on: boolean) => void) => (
    <label key={name} className="flex min-h-[44px] items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-secondary checkbox-sm"
        checked={checked}
        onChange={(e) => onChange(e.target.checked)}
      />
      {name}
    </label>
  );
  return (
    <fieldset className="flex flex-wrap gap-x-4 pt-2">
      <legend className="text-[15px] font-semibold">{words.label(legend)}</legend>
      {ALLERGENS.map((a) =>
        tick(words.label(`hand.allergen.${ALLERGEN_KEYS[a]}`), stated?.includes(a) ?? false, (on) => {
          const others = (stated ?? []).filter((x) => x !== a);
          // the last one taken back: nobody has said that there is none
          state(on ? [...others, a] : others.length ? others : null);
        }),
      )}
      {tick(words.label('brief.none-of-these'), stated?.length === 0, (on) => state(on ? [] : null))}
      {stated === null && <p className="small self-center">{words.label('brief.nothing-stated')}</p>}
    </fieldset>
  );
}
