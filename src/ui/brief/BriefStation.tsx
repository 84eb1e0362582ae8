'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { cakeFaults, tierName, crumbs, type Cake } from '@/core/cake/cake';
import { newTier } from '@/core/plan/newProject';
import { Choice, NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { BenchSettings } from './BenchSettings';
import { CakeDrawing } from './CakeDrawing';
import { Flowers } from './FlowerChoice';
import { DayAndTable } from './DayAndTable';
import { Suggestion } from './Suggestion';

/** The cake is the form: each tier's figures stand beside it. To the right the day, the table, the flowers. */
export function BriefStation() {
  const cake = useStudio((s) => s.project?.cake ?? null);
  const router = useRouter();
  if (!cake) return null;
  const faults = cakeFaults(cake);
  return (
    <div className="grid gap-x-8 gap-y-6 px-6 pb-6 pt-2 lg:grid-cols-[minmax(0,1.04fr)_minmax(0,1fr)]">
      <section aria-label="Cake">
        <NameField />
        <CakeForm cake={cake} />
        <BenchSettings />
        {faults.map((f) => (
          <p key={f.path} role="alert" className="mt-2 rounded-xl bg-[var(--stopwash)] px-3 py-2">
            {f.message}
          </p>
        ))}
      </section>
      <section aria-label="Day, table and flowers" className="flex flex-col gap-3">
        <DayAndTable />
        <Flowers />
        <Suggestion onCompose={() => router.push('/compose')} />
      </section>
    </div>
  );
}

function NameField() {
  const name = useStudio((s) => s.project!.name);
  return (
    <label className="block">
      <span className="sr-only">Name of the job</span>
      <span className="fld w-full">
        <input
          className="w-full"
          value={name}
          maxLength={120}
          onChange={(e) => e.target.value.trim() && getStudio().edit('rename the job', (d) => void (d.name = e.target.value))}
        />
      </span>
    </label>
  );
}

const nextTier = (cake: Cake): Cake['tiers'][number] => {
  const top = cake.tiers[cake.tiers.length - 1];
  const ids = new Set(cake.tiers.map((t) => t.id));
  let n = cake.tiers.length + 1;
  while (ids.has(`tier-${n}`)) n++;
  return top
    ? newTier(`tier-${n}`, Math.max(60, top.diameterMm - 60), top.heightMm, top.covering.colour, top.covering.name)
    : newTier(`tier-${n}`, 200, 110, '#f3ece2', 'ivory');
};

function CakeForm({ cake }: { cake: Cake }) {
  const { edit } = getStudio();
  return (
    <>
      <div className="flex flex-wrap items-end gap-3 pt-3">
        <button
          className="key"
          disabled={cake.tiers.length >= 8}
          onClick={() => edit('add a tier', (d) => void d.cake.tiers.push(nextTier(cake)))}
        >
          <Plus size={20} /> Tier
        </button>
        <label>
          <span className="sr-only">What the cake is</span>
          <select
            className="key appearance-auto"
            value={cake.crumb}
            onChange={(e) => edit('change the crumb', (d) => void (d.cake.crumb = crumbs.find((c) => c === e.target.value)!))}
          >
            {crumbs.map((c) => (
              <option key={c}>{c}</option>
            ))}
          </select>
        </label>
        <NumberField
          hideLabel
          label="Board diameter"
          value={cake.board.diameterMm}
          unit="mm board"
          width={146}
          least={50}
          most={1000}
          step={5}
          onChange={(v) => edit('size of the board', (d) => void (d.cake.board.diameterMm = v))}
        />
      </div>
      <CakeDrawing cake={cake} />
      <ol className="mt-2 flex flex-col gap-2" aria-label="Tiers, top first">
        {cake.tiers
          .map((tier, i) => ({ tier, i }))
          .reverse()
          .map(({ tier, i }) => (
            <TierRow key={tier.id} cake={cake} index={i} />
          ))}
      </ol>
    </>
  );
}

function TierRow({ cake, index }: { cake: Cake; index: number }) {
  const tier = cake.tiers[index]!;
  const name = tierName(cake, index);
  const { edit } = getStudio();
  const title = name[0]!.toUpperCase() + name.slice(1);
  const change = (label: string, apply: (t: Cake['tiers'][number]) => void) => edit(label, (d) => apply(d.cake.tiers[index]!));
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-[var(--line)] pt-2" aria-label={title}>
      <span className="w-[88px] font-semibold">{title}</span>
      <NumberField
        hideLabel
        label={`${title} diameter`}
        value={tier.diameterMm}
        unit="mm Ø"
        width={116}
        least={40}
        most={800}
        step={2}
        onChange={(v) => change(`width of the ${name}`, (t) => void (t.diameterMm = v))}
      />
      <NumberField
        hideLabel
        label={`${title} height`}
        value={tier.heightMm}
        unit="high"
        width={104}
        least={10}
        most={400}
        step={5}
        onChange={(v) => change(`height of the ${name}`, (t) => void (t.heightMm = v))}
      />
      <Choice
        label={`${title} is`}
        value={tier.kind}
        options={[
          { value: 'edible', name: 'Eaten' },
          { value: 'dummy', name: 'Dummy' },
        ]}
        onChange={(v) =>
          change(`${name} ${v}`, (t) => {
            t.kind = v;
            t.covering.eaten = v === 'edible';
          })
        }
      />
      <label className="key px-2" title={tier.covering.name}>
        <span className="sr-only">{`${title} covering colour`}</span>
        <input
          type="color"
          className="size-7 cursor-pointer rounded-full border-0 bg-transparent p-0"
          value={tier.covering.colour}
          onChange={(e) =>
            change(
              `colour of the ${name}`,
              (t) => void (t.covering = { ...t.covering, colour: e.target.value, name: 'own colour' }),
            )
          }
        />
      </label>
      <button
        className="key bare ml-auto"
        aria-label={`Take the ${name} away`}
        onClick={() => edit(`take the ${name} away`, (d) => void d.cake.tiers.splice(index, 1))}
      >
        <Trash2 size={20} />
      </button>
    </li>
  );
}
