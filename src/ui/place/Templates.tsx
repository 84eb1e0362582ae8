'use client';

import { useMemo, useState } from 'react';
import { stackTiers, tierRef } from '@/core/cake/cake';
import { unrollSide } from '@/core/cake/unroll';
import { drawingSvg } from '@/core/formats/drawing';
import { marked, notReady } from '@/core/formats/notReady';
import { templates } from '@/core/formats/template';
import { capital } from '@/core/words/capital';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { DrawingView } from '../shared/DrawingView';
import { NotPrinted } from '../shared/NotPrinted';
import { Tabs } from '../fields/Tabs';
import { NumberField } from '../fields/NumberField';
import { downloadSheets, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** Paper to prick through, at true size: a sheet for each top, a strip for each side. */
export function Templates({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const cake = useStudio((s) => s.project!.cake);
  const name = useStudio((s) => s.project!.name);
  const paper = useStudio((s) => s.project!.brief.paper);
  const wrapMm = useStudio((s) => s.project!.wrapMm);
  const [shown, setShown] = useState(0);
  const drawings = useMemo(
    () => templates({ cake, entries: plan.entries, title: name, words, wrapMm }),
    [cake, plan.entries, name, words, wrapMm],
  );
  if (drawings.length === 0) return null;
  const drawing = drawings[Math.min(shown, drawings.length - 1)]!;
  const short = (title: string) => capital(title.slice(name.length + 2));
  return (
    <section aria-label={words.label('place.templates')}>
      <div className="flex flex-wrap items-center gap-3 pb-2">
        <h1 className="grow">{words.label('place.paper-prick-through-at-true')}</h1>
        <WriteOut
          label={words.label('shared.print')}
          onPress={() => void downloadSheets('templates.pdf', marked(drawings, notReady(plan.warnings, words)), paper)}
        />
        <WriteOut
          label="SVG"
          onPress={() =>
            void saveFile(
              `${short(drawing.title).replaceAll(/[ ,]+/g, '-')}.svg`,
              drawingSvg(marked([drawing], notReady(plan.warnings, words))[0]!),
              'image/svg+xml',
            )
          }
        />
      </div>
      <NotPrinted />
      <Tabs
        label={words.label('place.templates')}
        names={drawings.map((d) => short(d.title))}
        at={drawings.indexOf(drawing)}
        onChange={setShown}
      >
        <div className="flex flex-wrap items-end gap-3 pb-3">
          {stackTiers(cake)
            .filter((t) => drawings.some((d) => d.tierIndex === t.index && d.face === 'side'))
            .map((t) => (
              <NumberField
                key={t.tier.id}
                label={words.label('place.round-tier', { tier: words.tier(tierRef(cake, t.index))[0] })}
                value={wrapMm.find((w) => w.tierId === t.tier.id)?.mm ?? Math.round(unrollSide(t.outline).lengthMm)}
                mm
                unit=""
                least={100}
                most={4000}
                onChange={(mm) =>
                  getStudio().edit(asLabel('place.do-measured-round'), (d) => {
                    d.wrapMm = [...d.wrapMm.filter((w) => w.tierId !== t.tier.id), { tierId: t.tier.id, mm }];
                  })
                }
              />
            ))}
        </div>
        <div className={drawing.face === 'side' ? '' : 'max-w-[640px]'}>
          <DrawingView drawing={drawing} label={words.label('place.with-every-point-prick', { short: short(drawing.title) })} />
        </div>
      </Tabs>
    </section>
  );
}
