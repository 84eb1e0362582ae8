'use client';

import type { ReactNode } from 'react';
import { monthOf, seasonOf } from '@/core/botany/season';
import { EATERS } from '@/core/plan/project';
import { Choice } from '../fields/Choice';
import { MomentField } from '../fields/dates';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** The day it leaves, who eats, what the dust is: each choice with its consequence in a line. */
export function DayAndTable() {
  const words = useWords();
  const brief = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const month = monthOf(brief.leavesAt);
  const dustWords = {
    edible: words.label('brief.heads-may-rest-on-icing'),
    'not edible': brief.keepsake ? words.label('brief.kept-not-eaten-no-head') : words.label('brief.for-pieces-on-wire-no'),
    unknown: words.label('brief.unknown-counts-as-not-edible'),
  }[brief.dust];
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-3">
        <MomentField
          label={words.label('brief.leaves-the-kitchen')}
          value={brief.leavesAt}
          onChange={(moment) =>
            moment && edit(asLabel('brief.do-change-the-day'), (draft) => void (draft.brief.leavesAt = moment))
          }
        />
        <NumberField
          label={words.label('brief.at-the-table')}
          value={brief.guests}
          unit={words.label('brief.guests')}
          least={0}
          most={100000}
          onChange={(v) => edit(asLabel('brief.do-number-of-guests'), (d) => void (d.brief.guests = Math.round(v)))}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Choice
          label={words.label('brief.hemisphere')}
          value={brief.hemisphere}
          options={[
            { value: 'north', name: words.label('brief.north') },
            { value: 'south', name: words.label('brief.south') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-made-in-the'), (d) => void (d.brief.hemisphere = v))}
        />
        {month !== null && <span className="say">{words.label(`season.${seasonOf(month, brief.hemisphere)}`)}</span>}
        <Tick
          name={words.label('brief.botanical')}
          on={brief.botanical}
          onChange={(on) => edit(asLabel('brief.do-botanical-mode'), (d) => void (d.brief.botanical = on))}
        />
        <Tick
          name={words.label('brief.real-plants')}
          on={brief.realPlants}
          onChange={(on) => edit(asLabel('brief.do-real-plants'), (d) => void (d.brief.realPlants = on))}
        />
        <Tick
          name={words.label('brief.stays-chilled')}
          on={brief.mustChill}
          onChange={(on) => edit(asLabel('brief.do-kept-chilled'), (d) => void (d.brief.mustChill = on))}
        />
        <NumberField
          hideLabel
          label={words.label('brief.stands-hours')}
          value={brief.standsHours ?? 0}
          unit="h"
          width={84}
          least={0}
          most={72}
          step={0.5}
          onChange={(v) =>
            edit(asLabel('brief.do-stands-hours'), (d) => void (d.brief.standsHours = v > 0 ? Math.max(0.5, v) : null))
          }
        />
        <span className="small">
          {words.label('brief.stands-hours-unit', { stated: brief.standsHours === null ? 'no' : 'yes' })}
        </span>
      </div>
      <WhoEats />
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label={words.label('brief.dust-on-the-pieces')}
          value={brief.dust}
          options={[
            { value: 'edible', name: words.label('brief.edible-dust') },
            { value: 'not edible', name: words.label('brief.not-edible') },
            { value: 'unknown', name: words.label('brief.unknown') },
          ]}
          onChange={(v) => edit(asLabel('brief.do-dust'), (d) => void (d.brief.dust = v))}
        />
        <span className="small min-w-0 grow basis-40">{dustWords}</span>
      </div>
    </div>
  );
}

/** Those at the table for whom the sheets say something of their own, and what each of them changes. */
function WhoEats() {
  const words = useWords();
  const { smallChildren, keepsake, eaters } = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const changes = [
    ...(smallChildren ? [words.label('brief.berries-buds-picks-named-on')] : []),
    ...eaters.map((e) => words.label(EATER_CHANGES[e])),
    ...(keepsake ? [words.label('brief.kept-is-not-food')] : []),
  ];
  return (
    <fieldset className="flex flex-wrap items-center gap-x-4">
      <legend className="text-[15px] font-semibold">{words.label('brief.who-eats')}</legend>
      <Tick
        name={words.label('brief.small-children')}
        on={smallChildren}
        onChange={(on) => edit(asLabel('brief.do-small-children'), (d) => void (d.brief.smallChildren = on))}
      />
      {EATERS.map((e) => (
        <Tick
          key={e}
          name={words.label(EATER_NAMES[e])}
          on={eaters.includes(e)}
          onChange={(on) =>
            edit(asLabel('brief.do-who-eats'), (d) => {
              d.brief.eaters = EATERS.filter((x) => (x === e ? on : d.brief.eaters.includes(x)));
            })
          }
        />
      ))}
      <Tick
        name={words.label('brief.keepsake')}
        on={keepsake}
        onChange={(on) => edit(asLabel('brief.do-kept-as-a-keepsake'), (d) => void (d.brief.keepsake = on))}
      />
      <p className="say grow basis-64">{changes.length ? changes.join(' ') : words.label('brief.nobody-to-be-careful-of')}</p>
    </fieldset>
  );
}

const EATER_NAMES = {
  'swallow badly': 'brief.swallow-badly',
  pregnant: 'brief.pregnant',
  allergic: 'brief.allergic',
} as const;
const EATER_CHANGES = {
  'swallow badly': 'brief.swallow-badly-changes',
  pregnant: 'brief.pregnant-changes',
  allergic: 'brief.allergic-changes',
} as const;

/** A tick with its name and, after it, what it means. */
function Tick({
  name,
  on,
  onChange,
  children,
}: {
  name: string;
  on: boolean;
  onChange(on: boolean): void;
  children?: ReactNode;
}) {
  return (
    <label className="flex min-h-[44px] items-center gap-2">
      <input type="checkbox" className="checkbox checkbox-secondary" checked={on} onChange={(e) => onChange(e.target.checked)} />
      <span className="font-semibold">{name}</span>
      {children && <span className="say">{children}</span>}
    </label>
  );
}
