'use client';

import { methodById } from '@/core/botany/catalogue';
import { useState } from 'react';
import { dryingFactor } from '@/core/days/drying';
import type { TrayKind } from '@/core/make/tray';
import { NumberField } from '../shared/fields';
import { useStudio } from '../useStudio';
import { addNotes } from './addEntry';
import { useCatalogue } from '../useCatalogue';

/** Looked at after so many hours: dry, or not yet. The drying factor learns from both; from *not yet* most. */
export function Looks({ kind }: { kind: TrayKind }) {
  const catalogue = useCatalogue();
  const { celsius, humidityShare } = useStudio((s) => s.project!.brief.room);
  const longest = Math.max(...methodById(kind.method, catalogue).steps.map((s) => s.dryHours));
  const room = dryingFactor(celsius, humidityShare);
  const reckoned = longest * (Number.isFinite(room) ? room : 3);
  const [hours, setHours] = useState(Math.max(1, Math.round(reckoned)));
  const own = kind.drying;
  if (longest <= 0) return null;
  const look = (dry: boolean) =>
    addNotes(dry ? 'found dry' : 'found not dry yet', [{ what: 'looked', kind: kind.key, hours, reckonedHours: reckoned, dry }]);
  return (
    <section aria-label="Found dry or not" className="flex flex-wrap items-end gap-3 pt-4">
      <NumberField
        label="Looked at after"
        value={hours}
        unit="h"
        width={96}
        least={0.5}
        most={400}
        step={0.5}
        onChange={setHours}
      />
      <button className="key" onClick={() => look(true)}>
        Dry
      </button>
      <button className="key" onClick={() => look(false)}>
        Not dry yet
      </button>
      <span className="small max-w-80">
        {own.entries === 0
          ? `Expected to take ${Math.round(reckoned * own.share)} h in this room, ${own.share === 1 ? 'starting value' : 'as at your other kinds'}.`
          : `Yours dries in ${own.share.toFixed(2)} times the reckoned hours, from ${own.entries}, ${own.sure}.${
              own.share === 1 ? ' Finding it dry says only that you looked late enough.' : ''
            }`}
      </span>
    </section>
  );
}
