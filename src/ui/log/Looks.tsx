'use client';

import { methodById } from '@/core/botany/catalogue';
import { useState } from 'react';
import { dryingFactor } from '@/core/days/drying';
import type { TrayKind } from '@/core/make/tray';
import { NumberField } from '../fields/NumberField';
import { useStudio } from '../useStudio';
import { addNotes } from './addEntry';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** Looked at after so many hours: dry, or not yet. The drying factor learns from both; from *not yet* most. */
export function Looks({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const { celsius, humidityShare } = useStudio((s) => s.project!.brief.room);
  const longest = Math.max(...methodById(kind.method, catalogue).steps.map((s) => s.dryHours));
  const room = dryingFactor(celsius, humidityShare);
  const reckoned = longest * (Number.isFinite(room) ? room : 3);
  const [hours, setHours] = useState(Math.max(1, Math.round(reckoned)));
  const own = kind.drying;
  if (longest <= 0) return null;
  const look = (dry: boolean) =>
    addNotes(dry ? asLabel('log.do-found-dry') : asLabel('log.do-found-not-dry-yet'), [
      { what: 'looked', kind: kind.key, hours, reckonedHours: reckoned, dry },
    ]);
  return (
    <section aria-label={words.label('log.found-dry-or-not')} className="flex flex-wrap items-end gap-3 pt-4">
      <NumberField
        label={words.label('log.looked-at-after')}
        value={hours}
        unit="h"
        width={96}
        least={0.5}
        most={400}
        step={0.5}
        onChange={setHours}
      />
      <button className="key" onClick={() => look(true)}>
        {words.label('log.dry')}
      </button>
      <button className="key" onClick={() => look(false)}>
        {words.label('log.not-dry-yet')}
      </button>
      <span className="small max-w-80">
        {own.entries === 0
          ? words.label('log.expected-take-h-this-room', {
              own: own.share === 1 ? 'no' : 'yes',
              hours: Math.round(reckoned * own.share),
            })
          : words.label('log.yours-dries-times-reckoned-hours', {
              late: own.share === 1 ? 'yes' : 'no',
              share: words.units.number(own.share, 2),
              entries: own.entries,
              sure: words.label(`sure.${own.sure}`),
            })}
      </span>
    </section>
  );
}
