'use client';

import { ALLERGENS } from '@/core/plan/handOver';
import { Choice, NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';

/** What the bench works with: wire and its numbers, the glue, and what is in the cake. */
export function BenchSettings() {
  const brief = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  return (
    <details className="mt-3 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">Wire, paper, glue and allergens</summary>
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label="Wire gauge system"
          value={brief.wireSystem}
          options={[
            { value: 'SWG', name: 'SWG' },
            { value: 'AWG', name: 'AWG' },
            { value: 'mm', name: 'mm' },
          ]}
          onChange={(v) => edit(`wire in ${v}`, (d) => void (d.brief.wireSystem = v))}
        />
        <Choice
          label="Wire colour"
          value={brief.wireColour}
          options={[
            { value: 'green', name: 'Green wire' },
            { value: 'white', name: 'White, dusted after' },
          ]}
          onChange={(v) => edit(`${v} wire`, (d) => void (d.brief.wireColour = v))}
        />
        <NumberField
          hideLabel
          label="Length of a wire"
          value={brief.stockMm}
          unit="mm a wire"
          width={140}
          least={100}
          most={2000}
          onChange={(v) => edit('length of a wire', (d) => void (d.brief.stockMm = v))}
        />
        <Choice
          label="Paper"
          value={brief.paper}
          options={[
            { value: 'A4', name: 'A4 paper' },
            { value: 'Letter', name: 'Letter paper' },
          ]}
          onChange={(v) => edit(`${v} paper`, (d) => void (d.brief.paper = v))}
        />
        <Choice
          label="Finish"
          value={brief.finish}
          options={[
            { value: 'everyday', name: 'Everyday' },
            { value: 'showpiece', name: 'Showpiece' },
          ]}
          onChange={(v) => edit(`${v} finish`, (d) => void (d.brief.finish = v))}
        />
        <Choice
          label="Glue"
          value={brief.glue}
          options={[
            { value: 'CMC glue', name: 'CMC glue' },
            { value: 'egg white', name: 'Egg white' },
          ]}
          onChange={(v) => edit(v, (d) => void (d.brief.glue = v))}
        />
      </div>
      <fieldset className="flex flex-wrap gap-x-4 pt-2">
        <legend className="text-[15px] font-semibold">In the cake</legend>
        {ALLERGENS.map((a) => (
          <label key={a} className="flex min-h-[44px] items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-secondary checkbox-sm"
              checked={brief.allergensInCake.includes(a)}
              onChange={(e) =>
                edit(`${a} in the cake`, (d) => {
                  d.brief.allergensInCake = e.target.checked
                    ? [...d.brief.allergensInCake, a]
                    : d.brief.allergensInCake.filter((x) => x !== a);
                })
              }
            />
            {a}
          </label>
        ))}
      </fieldset>
    </details>
  );
}
