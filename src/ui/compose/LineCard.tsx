'use client';

import { Copy, Trash2, X } from 'lucide-react';
import { tierRef } from '@/core/cake/cake';
import type { LineSpec } from '@/core/compose/arrangement';
import { lineKind } from '@/core/compose/lineKinds';
import { PLAQUE_OUTLINES } from '@/core/compose/lines/plaque';
import { fieldValue, lineFields, withField } from '@/core/compose/lineFields';
import { Pick } from '../fields/Pick';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { capital } from '@/core/words/capital';
import { getStudio, useStudio } from '../useStudio';
import { copyArrangement, removeArrangement } from './arrangements';
import { useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';

const change = (label: Label, next: LineSpec) => {
  const { edit, arrangementIndex } = getStudio();
  edit(label, (draft) => void (draft.arrangements[arrangementIndex]!.line = next));
};

/** The line in hand: every figure of it typed, what it lies on, and how often the whole is made. */
export function LineCard() {
  const words = useWords();
  const arrangement = useStudio((s) => s.project?.arrangements[s.arrangementIndex] ?? null);
  const many = useStudio((s) => (s.project?.arrangements.length ?? 0) > 1);
  if (!arrangement) return null;
  const spec = arrangement.line;
  const name = words.messages.names.lines[spec.form][0];
  return (
    <div className="tray p-4" role="group" aria-label={words.label('compose.line', { name })}>
      <div className="flex items-start gap-3">
        <h2 className="grow">{capital(name)}</h2>
        <button
          className="key bare"
          aria-label={words.label('compose.let-the-line-go')}
          onClick={() => getStudio().set({ lineInHand: false })}
        >
          <X size={20} />
        </button>
      </div>
      <p className="small">{words.label('compose.pull-points-on-cake-or')}</p>
      <Ways spec={spec} />
      <div className="mt-3 grid grid-cols-3 gap-x-3 gap-y-2">
        {lineFields(spec).map((f) => (
          <NumberField
            key={f.key}
            label={capital(words.label(`field.${f.name}`))}
            value={f.shown(fieldValue(spec, f.key))}
            mm={f.unit === 'mm'}
            unit={f.unit === 'o’clock' ? words.label('unit.oclock') : f.unit === 'mm' ? '' : f.unit}
            least={f.least}
            most={f.most}
            step={f.step}
            width={128}
            onChange={(v) =>
              change(asLabel('compose.do-of-the-line', { handle: words.label(`field.${f.name}`) }), withField(spec, f.key, v))
            }
          />
        ))}
        <NumberField
          label={words.label('shared.made')}
          value={arrangement.quantity}
          unit={words.label('compose.times', { n: arrangement.quantity })}
          least={1}
          most={500}
          width={128}
          onChange={(v) => {
            const { edit, arrangementIndex } = getStudio();
            edit(
              asLabel('compose.do-made-times', { v }),
              (d) => void (d.arrangements[arrangementIndex]!.quantity = Math.round(v)),
            );
          }}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button className="key" onClick={copyArrangement}>
          <Copy size={20} /> {words.label('compose.copy-the-arrangement')}
        </button>
        {many && (
          <button className="key" onClick={removeArrangement}>
            <Trash2 size={20} /> {words.label('compose.take-it-away')}
          </button>
        )}
      </div>
    </div>
  );
}

/** What is chosen and not measured: the tier, where on it, the outline, the lettering. */
function Ways({ spec }: { spec: LineSpec }) {
  const words = useWords();
  const cake = useStudio((s) => s.project!.cake);
  const top = lineKind(spec.form).onTop;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      {'tier' in spec && cake.tiers.length > 1 && !top && (
        <Pick
          label={words.label('shared.tier')}
          hideLabel
          className="key px-3"
          value={spec.tier}
          options={cake.tiers.map((_, i) => ({ value: i, name: words.tier(tierRef(cake, i))[0] }))}
          onChange={(tier) => change(asLabel('compose.do-tier-of-the-line'), { ...spec, tier })}
        />
      )}
      {spec.form === 'ring' && (
        <Choice
          label={words.label('compose.where-it-runs')}
          value={spec.where}
          options={[
            { value: 'top', name: words.label('compose.on-the-top') },
            { value: 'foot', name: words.label('compose.at-the-foot') },
          ]}
          onChange={(where) => change(asLabel('compose.do-ring-at-the'), { ...spec, where })}
        />
      )}
      {spec.form === 'cluster' && (
        <Choice
          label={words.label('compose.how-it-spreads')}
          value={spec.spread}
          options={[
            { value: 'fan', name: words.label('compose.fan') },
            { value: 'dome', name: words.label('compose.dome') },
          ]}
          onChange={(spread) => change(asLabel('compose.do-spread'), { ...spec, spread })}
        />
      )}
      {spec.form === 'plaque' && (
        <>
          <Pick
            label={words.label('compose.outline-of-the-plaque')}
            hideLabel
            className="key px-3"
            value={spec.outline}
            options={PLAQUE_OUTLINES.map((o) => ({ value: o, name: words.label(`outline.${o}`) }))}
            onChange={(outline) => change(asLabel('compose.do-outline-of-the-plaque'), { ...spec, outline })}
          />
          <Choice
            label={words.label('compose.how-it-stands')}
            value={spec.upright ? 'upright' : 'flat'}
            options={[
              { value: 'upright', name: words.label('compose.upright') },
              { value: 'flat', name: words.label('compose.flat') },
            ]}
            onChange={(how) => change(asLabel('compose.do-plaque'), { ...spec, upright: how === 'upright' })}
          />
          <label className="fld grow">
            <span className="sr-only">{words.label('compose.lettering')}</span>
            <input
              className="w-full"
              placeholder={words.label('compose.lettering-kept-free-flowers')}
              maxLength={60}
              value={spec.lettering}
              onChange={(e) => change(asLabel('compose.do-lettering'), { ...spec, lettering: e.target.value })}
            />
          </label>
          <label className="key px-2">
            <span className="sr-only">{words.label('compose.colour-of-the-plaque')}</span>
            <input
              type="color"
              className="size-7 cursor-pointer rounded-full border-0 bg-transparent p-0"
              value={spec.colour}
              onChange={(e) => change(asLabel('compose.do-colour-of-the-plaque'), { ...spec, colour: e.target.value })}
            />
          </label>
        </>
      )}
    </div>
  );
}
