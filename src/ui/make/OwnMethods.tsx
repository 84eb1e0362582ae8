'use client';

import { allMethods, methodById } from '@/core/botany/catalogue';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { OwnMethod } from '@/core/botany/methods';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { BeginFrom } from './BeginFrom';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { ownMethodOf } from '@/core/words/ownMethod';
import { asLabel, type Label } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

/** Methods of the person's own: steps with minutes and drying, copied from one that ships. */
export function OwnMethods() {
  const words = useWords();
  const catalogue = useCatalogue();
  const own = useStudio((s) => s.project!.catalogue.methods);
  const [base, setBase] = useState('pulled');
  const add = () => {
    const from = methodById(base, catalogue);
    const name = words.label('make.own-named', { from: words.method(from.id) });
    const copy = ownMethodOf({ from, id: `own-${newId().slice(0, 8)}`, name, words });
    getStudio().edit(
      asLabel('make.do-own-method-from', { from: words.method(from.id).toLowerCase() }),
      (d) => void d.catalogue.methods.push(copy),
    );
  };
  return (
    <div className="pt-8">
      <h2 className="pb-2">{words.label('make.your-methods')}</h2>
      {own.map((m) => (
        <Steps key={m.id} method={m} />
      ))}
      <BeginFrom
        label={words.label('make.copy-the-method')}
        among={allMethods(catalogue).map(({ id }) => ({ id, name: words.method(id) }))}
        value={base}
        onChange={setBase}
        onCopy={add}
      />
    </div>
  );
}

/** Changes a method of the person's own, under a name for undo. */
type Change = (what: Label, recipe: (m: OwnMethod) => void) => void;

interface Part {
  method: OwnMethod;
  change: Change;
}

function Steps({ method }: { method: OwnMethod }) {
  const words = useWords();
  const change: Change = (what, recipe) =>
    getStudio().edit(asLabel('make.do-own-changed', { own: method.name.toLowerCase(), what: words.tell(what) }), (d) => {
      const found = d.catalogue.methods.find((m) => m.id === method.id);
      if (found) recipe(found);
    });
  return (
    <div className="well mb-3 p-3">
      <Head method={method} change={change} />
      <div className="flex flex-wrap gap-3 pt-2">
        <NumberField
          label={words.label('make.a-batch')}
          value={method.batch}
          unit={words.label('make.pieces')}
          least={1}
          most={200}
          onChange={(n) => change(asLabel('make.do-batch'), (m) => void (m.batch = Math.round(n)))}
        />
        <NumberField
          label={words.label('make.lost-in-rolling')}
          value={Math.round(method.lossShare * 100)}
          unit="%"
          least={0}
          most={80}
          onChange={(n) => change(asLabel('make.do-loss'), (m) => void (m.lossShare = n / 100))}
        />
      </div>
      <ol>
        {method.steps.map((step, i) => (
          <StepFields key={step.id} method={method} change={change} step={step} at={i} />
        ))}
      </ol>
      <div className="grid gap-3 pt-3 md:grid-cols-3">
        <Lines method={method} change={change} label={words.label('make.lay-ready')} field="tools" />
        <Lines method={method} change={change} label={words.label('make.dust-in-this-order')} field="dusting" />
        <Lines method={method} change={change} label={words.label('make.look-for')} field="checks" />
      </div>
    </div>
  );
}

/** Its name, and the way out of the catalogue; a method that makes a species stays. */
function Head({ method, change }: Part) {
  const words = useWords();
  const used = useStudio(
    ({ project }) =>
      project!.catalogue.species.some((x) => x.method === method.id) || project!.madeBy.some((x) => x.method === method.id),
  );
  const rename = (typed: string) =>
    typed && typed !== method.name && change(asLabel('make.do-name'), (m) => void (m.name = typed));
  const takeOut = () =>
    getStudio().edit(
      asLabel('make.do-away', { method: method.name.toLowerCase() }),
      (d) => void (d.catalogue.methods = d.catalogue.methods.filter((m) => m.id !== method.id)),
    );
  return (
    <div className="flex flex-wrap items-end gap-3">
      <input
        aria-label={words.label('make.name-of-2', { method: method.name })}
        className="fld grow"
        maxLength={60}
        defaultValue={method.name}
        onBlur={(e) => rename(e.target.value.trim())}
      />
      <button
        className="key px-2.5"
        aria-label={words.label('make.take-out-2', { method: method.name })}
        disabled={used}
        title={used ? words.label('make.a-species-made-by') : undefined}
        onClick={takeOut}
      >
        <Trash2 size={18} />
      </button>
    </div>
  );
}

/** One step: what it says, its minutes, its drying. */
function StepFields({ method, change, step, at }: Part & { step: OwnMethod['steps'][number]; at: number }) {
  const words = useWords();
  const rename = (typed: string) =>
    typed && typed !== step.name && change(asLabel('make.do-step', { i: at + 1 }), (m) => void (m.steps[at]!.name = typed));
  const figures = [
    [words.label('make.each'), 'minutesEach', 'min', 600],
    [words.label('make.a-batch-2'), 'minutesBatch', 'min', 600],
    [words.label('make.dries'), 'dryHours', 'h', 336],
  ] as const;
  return (
    <li className="mt-2 border-t border-[var(--line)] pt-2">
      <input
        aria-label={words.label('make.step-of', { i: at + 1, method: method.name })}
        className="fld w-full"
        maxLength={120}
        defaultValue={step.name}
        onBlur={(e) => rename(e.target.value.trim())}
      />
      <span className="flex flex-wrap gap-3 pt-1">
        {figures.map(([label, key, unit, most]) => (
          <NumberField
            key={key}
            label={label}
            value={step[key]}
            unit={unit}
            least={0}
            most={most}
            step={0.5}
            width={96}
            onChange={(n) =>
              change(
                asLabel('make.do-value', { what: `${step.name.toLowerCase()}, ${label}` }),
                (m) => void (m.steps[at]![key] = n),
              )
            }
          />
        ))}
      </span>
    </li>
  );
}

/** So many lines at the most, and letters in each. */
const [MOST_LINES, MOST_LETTERS] = [12, 120];

/** A list that is typed, a thing in a line. */
function Lines({ method, change, label, field }: Part & { label: string; field: 'tools' | 'dusting' | 'checks' }) {
  const words = useWords();
  const take = (typed: string) => {
    const lines = typed.split('\n').flatMap((l) => l.trim().slice(0, MOST_LETTERS) || []);
    if (lines.join() === method[field].join()) return;
    change(asLabel('make.do-value', { what: label.toLowerCase() }), (m) => void (m[field] = lines.slice(0, MOST_LINES)));
  };
  return (
    <label className="text-[15px] font-semibold">
      {words.label('make.a-line-each', { label })}
      <textarea
        className="fld mt-1 block min-h-24 w-full font-normal"
        defaultValue={method[field].join('\n')}
        onBlur={(e) => take(e.target.value)}
      />
    </label>
  );
}
