'use client';

import { visible } from '@/core/boundary/parts';
import { Move, Plus, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Messages } from '../shared/Messages';
import { cakeFaults, crumbs, TIER_SHAPES, tierRef, type Cake, TIER_HEIGHT_MM, TIER_WIDTH_MM } from '@/core/cake/cake';
import { degToRad, radToDeg } from '@/core/geometry/numbers';
import { capital } from '@/core/words/capital';
import { newTier } from '@/core/plan/newProject';
import { Pick } from '../fields/Pick';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { BenchSettings } from './BenchSettings';
import { CakeDrawing } from './CakeDrawing';
import { Flowers } from './FlowerChoice';
import { DayAndTable } from './DayAndTable';
import { LineChoice } from './LineChoice';
import { Suggestion } from './Suggestion';
import { useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';

/** The cake is the form: each tier's figures stand beside it. To the right the day, the table, the flowers. */
export function BriefStation() {
  const words = useWords();
  const cake = useStudio((s) => s.project?.cake ?? null);
  const router = useRouter();
  if (!cake) return null;
  const faults = cakeFaults(cake);
  // three are proposed while the way leads there; what is placed stays until one is kept
  const compose = () => {
    getStudio().compose(3);
    router.push('/compose');
  };
  return (
    <div className="grid gap-x-8 gap-y-6 px-6 pb-6 pt-2 lg:grid-cols-[minmax(0,1.04fr)_minmax(0,1fr)]">
      <section aria-label={words.label('brief.cake')}>
        <NameField />
        <CakeForm cake={cake} />
        <BenchSettings />
        {faults.map((f) => (
          <p key={f.path} role="alert" className="mt-2 rounded-xl bg-[var(--stopwash)] px-3 py-2">
            {words.say(f)}.
          </p>
        ))}
      </section>
      <section aria-label={words.label('brief.day-table-and-flowers')} className="flex flex-col gap-3">
        <Messages station="brief" but={faults.map((f) => f.code)} narrow />
        <DayAndTable />
        <Suggestion onCompose={compose} />
        <Flowers />
      </section>
    </div>
  );
}

function NameField() {
  const words = useWords();
  const name = useStudio((s) => s.project!.name);
  return (
    <label className="block">
      <span className="sr-only">{words.label('brief.name-of-the-job')}</span>
      <span className="fld w-full">
        <input
          className="w-full"
          value={name}
          maxLength={120}
          onChange={(e) =>
            visible(e.target.value) && getStudio().edit(asLabel('brief.do-rename-the-job'), (d) => void (d.name = e.target.value))
          }
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
    ? newTier({
        id: `tier-${n}`,
        diameterMm: Math.max(60, top.diameterMm - 60),
        heightMm: top.heightMm,
        colour: top.covering.colour,
        name: top.covering.name,
      })
    : newTier({ id: `tier-${n}`, diameterMm: 200, heightMm: 110, colour: '#f3ece2', name: 'ivory' });
};

function CakeForm({ cake }: { cake: Cake }) {
  const words = useWords();
  const { edit } = getStudio();
  return (
    <>
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <button
          className="key"
          disabled={cake.tiers.length >= 8}
          onClick={() => edit(asLabel('brief.do-add-a-tier'), (d) => void d.cake.tiers.push(nextTier(cake)))}
        >
          <Plus size={20} /> {words.label('shared.tier')}
        </button>
        <Pick
          label={words.label('brief.what-the-cake-is')}
          hideLabel
          className="key px-3"
          value={cake.crumb}
          options={crumbs.map((c) => ({ value: c, name: words.label(`crumb.${c}`) }))}
          onChange={(crumb) => edit(asLabel('brief.do-change-the-crumb'), (d) => void (d.cake.crumb = crumb))}
        />
        <NumberField
          hideLabel
          label={words.label('brief.board-diameter')}
          value={cake.board.diameterMm}
          mm
          unit={words.label('brief.mm-board')}
          width={146}
          least={50}
          most={1000}
          step={5}
          onChange={(v) => edit(asLabel('brief.do-size-of-the-board'), (d) => void (d.cake.board.diameterMm = v))}
        />
      </div>
      <LineChoice />
      <CakeDrawing cake={cake} />
      <ol className="mt-2 flex flex-col gap-2" aria-label={words.label('brief.tiers-top-first')}>
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

const KINDS = [
  { value: 'edible', name: 'brief.eaten' },
  { value: 'dummy', name: 'brief.dummy' },
  { value: 'separator', name: 'brief.separator' },
] as const;

function TierRow({ cake, index }: { cake: Cake; index: number }) {
  const words = useWords();
  const tier = cake.tiers[index]!;
  const name = words.tier(tierRef(cake, index))[0];
  const { edit } = getStudio();
  const title = capital(name);
  const change = (label: Label, apply: (t: Cake['tiers'][number]) => void) => edit(label, (d) => apply(d.cake.tiers[index]!));
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-[var(--line)] pt-2" aria-label={title}>
      <span className="w-[88px] font-semibold">{title}</span>
      <NumberField
        hideLabel
        label={words.label('brief.diameter', { title })}
        value={tier.diameterMm}
        mm
        unit={tier.shape === 'round' ? 'Ø' : words.label('brief.mm-wide')}
        width={tier.shape === 'round' ? 116 : 128}
        least={TIER_WIDTH_MM.least}
        most={TIER_WIDTH_MM.most}
        step={2}
        onChange={(v) => change(asLabel('brief.do-width-of-the', { name }), (t) => void (t.diameterMm = v))}
      />
      <NumberField
        hideLabel
        label={words.label('brief.height', { title })}
        value={tier.heightMm}
        unit={words.label('brief.high')}
        mm="unsaid"
        width={104}
        least={TIER_HEIGHT_MM.least}
        most={TIER_HEIGHT_MM.most}
        step={5}
        onChange={(v) => change(asLabel('brief.do-height-of-the', { name }), (t) => void (t.heightMm = v))}
      />
      <Pick
        label={words.label('brief.tier-kind', { title })}
        hideLabel
        className="key px-3"
        value={tier.kind}
        options={KINDS.map((k) => ({ value: k.value, name: words.label(k.name) }))}
        onChange={(kind) =>
          change(asLabel('brief.do-what-tier-is', { name }), (t) => {
            t.kind = kind;
            t.covering.eaten = kind === 'edible';
          })
        }
      />
      <label className="key px-2">
        <span className="sr-only">{words.label('brief.covering-colour', { title })}</span>
        <input
          type="color"
          className="size-7 cursor-pointer rounded-full border-0 bg-transparent p-0"
          value={tier.covering.colour}
          onChange={(e) =>
            change(
              asLabel('brief.do-colour-of-the', { name }),
              (t) => void (t.covering = { ...t.covering, colour: e.target.value, name: 'own colour' }),
            )
          }
        />
      </label>
      <TierShape cake={cake} index={index} />
      <button
        className="key bare ml-auto"
        aria-label={words.label('brief.take-the-away', { name })}
        onClick={() => edit(asLabel('brief.do-take-the-away', { name }), (d) => void d.cake.tiers.splice(index, 1))}
      >
        <Trash2 size={20} />
      </button>
    </li>
  );
}

/** How a tier stands: its other side, its corners, off the middle, turned. Closed while it is a plain round in the middle. */
function TierShape({ cake, index }: { cake: Cake; index: number }) {
  const words = useWords();
  const tier = cake.tiers[index]!;
  const name = words.tier(tierRef(cake, index))[0];
  const { edit } = getStudio();
  const change = (label: Label, apply: (t: Cake['tiers'][number]) => void) => edit(label, (d) => apply(d.cake.tiers[index]!));
  const plain = tier.shape === 'round' && tier.offset.xMm === 0 && tier.offset.yMm === 0;
  const [asked, setAsked] = useState(!plain);
  const open = asked || !plain;
  return (
    <>
      <button
        className="key bare px-2"
        aria-expanded={open}
        aria-label={words.label('brief.shape-place', { name })}
        onClick={() => setAsked(!open)}
      >
        <Move size={20} />
      </button>
      {open && (
        <div className="order-last flex w-full flex-wrap items-center gap-2 pl-[96px]">
          <Pick
            label={words.label('brief.shape-of-the', { name })}
            hideLabel
            className="key px-3"
            value={tier.shape}
            options={TIER_SHAPES.map((s) => ({ value: s, name: words.label(`shape.${s}`) }))}
            onChange={(shape) => change(asLabel('brief.do-shape-of-the', { name }), (t) => void (t.shape = shape))}
          />
          {tier.shape === 'rectangle' && (
            <NumberField
              hideLabel
              label={words.label('brief.depth-of-the', { name })}
              value={tier.depthMm}
              mm
              unit={words.label('brief.mm-deep')}
              width={132}
              least={TIER_WIDTH_MM.least}
              most={TIER_WIDTH_MM.most}
              step={2}
              onChange={(v) => change(asLabel('brief.do-depth-of-the', { name }), (t) => void (t.depthMm = v))}
            />
          )}
          {tier.shape !== 'round' && (
            <NumberField
              hideLabel
              label={words.label('brief.corner-radius-of-the', { name })}
              value={tier.cornerMm}
              unit={words.label('brief.corner')}
              mm="unsaid"
              width={118}
              least={0}
              most={120}
              onChange={(v) => change(asLabel('brief.do-corners-of-the', { name }), (t) => void (t.cornerMm = v))}
            />
          )}
          <NumberField
            hideLabel
            label={words.label('brief.to-the-right', { name })}
            value={tier.offset.xMm}
            unit={words.label('shared.right')}
            mm="unsaid"
            width={106}
            least={-300}
            most={300}
            onChange={(v) => change(asLabel('brief.do-place-of-the', { name }), (t) => void (t.offset.xMm = v))}
          />
          <NumberField
            hideLabel
            label={words.label('brief.to-the-back', { name })}
            value={tier.offset.yMm}
            unit={words.label('shared.backward')}
            mm="unsaid"
            width={106}
            least={-300}
            most={300}
            onChange={(v) => change(asLabel('brief.do-place-of-the', { name }), (t) => void (t.offset.yMm = v))}
          />
          {tier.shape !== 'round' && (
            <NumberField
              hideLabel
              label={words.label('brief.turn-of-the', { name })}
              value={Math.round(radToDeg(tier.turnRad))}
              unit={words.label('brief.turned')}
              width={122}
              least={-180}
              most={180}
              step={5}
              onChange={(v) => change(asLabel('brief.do-turn-of-the', { name }), (t) => void (t.turnRad = degToRad(v)))}
            />
          )}
        </div>
      )}
    </>
  );
}
