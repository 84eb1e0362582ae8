'use client';

import type { ReactNode } from 'react';
import { monthOf, seasonOf } from '@/core/botany/season';
import { Choice, NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';

/** The day it leaves, who eats, what the dust is: each choice with its consequence in a line. */
export function DayAndTable() {
  const brief = useStudio((s) => s.project!.brief);
  const { edit } = getStudio();
  const [day, hour] = brief.leavesAt.split('T') as [string, string];
  const leave = (d: string, h: string) =>
    /^\d{4}-\d{2}-\d{2}$/.test(d) &&
    /^\d{2}:\d{2}$/.test(h) &&
    edit('change the day', (draft) => void (draft.brief.leavesAt = `${d}T${h}`));
  const month = monthOf(brief.leavesAt);
  const dustWords = {
    edible: 'Heads may rest on icing.',
    'not edible': brief.keepsake
      ? 'Kept, not eaten; no head may touch icing that is eaten.'
      : 'For pieces on wire; no head may touch icing that is eaten.',
    unknown: 'Unknown counts as not edible until its label is recorded.',
  }[brief.dust];
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-3">
        <label>
          <span className="block pb-1 text-[15px] font-semibold">Leaves the kitchen</span>
          <span className="flex gap-2">
            <span className="fld">
              <input type="date" aria-label="Day it leaves" value={day} onChange={(e) => leave(e.target.value, hour)} />
            </span>
            <span className="fld">
              <input type="time" aria-label="Hour it leaves" value={hour} onChange={(e) => leave(day, e.target.value)} />
            </span>
          </span>
        </label>
        <NumberField
          label="At the table"
          value={brief.guests}
          unit="guests"
          least={0}
          most={100000}
          onChange={(v) => edit('number of guests', (d) => void (d.brief.guests = Math.round(v)))}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Choice
          label="Hemisphere"
          value={brief.hemisphere}
          options={[
            { value: 'north', name: 'North' },
            { value: 'south', name: 'South' },
          ]}
          onChange={(v) => edit(`made in the ${v}`, (d) => void (d.brief.hemisphere = v))}
        />
        {month !== null && <span className="say">{seasonOf(month, brief.hemisphere)}</span>}
        <Tick
          name="Botanical"
          on={brief.botanical}
          onChange={(on) => edit('botanical mode', (d) => void (d.brief.botanical = on))}
        />
        <Tick
          name="Real plants"
          on={brief.realPlants}
          onChange={(on) => edit('real plants', (d) => void (d.brief.realPlants = on))}
        />
        <Tick
          name="Stays chilled"
          on={brief.mustChill}
          onChange={(on) => edit('kept chilled', (d) => void (d.brief.mustChill = on))}
        />
        <Tick
          name="Keepsake"
          on={brief.keepsake}
          onChange={(on) => edit('kept as a keepsake', (d) => void (d.brief.keepsake = on))}
        />
      </div>
      <Tick
        name="Small children"
        on={brief.smallChildren}
        onChange={(on) => edit('small children', (d) => void (d.brief.smallChildren = on))}
      >
        {brief.smallChildren ? 'Berries, buds and picks are named on the sheet.' : 'Nobody under three at the table.'}
      </Tick>
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label="Dust on the pieces"
          value={brief.dust}
          options={[
            { value: 'edible', name: 'Edible dust' },
            { value: 'not edible', name: 'Not edible' },
            { value: 'unknown', name: 'Unknown' },
          ]}
          onChange={(v) => edit(`dust ${v}`, (d) => void (d.brief.dust = v))}
        />
        <span className="small min-w-0 grow basis-40">{dustWords}</span>
      </div>
    </div>
  );
}

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
