'use client';

import type { ReactNode } from 'react';
import { USUAL_MATERIAL } from '@/core/piece/materials';
import type { ComesOf } from '@/core/plan/comesOf';
import { useWords } from '../../speech/useWords';

function Figure({ figure, of, why }: { figure: ReactNode; of: string; why?: string }) {
  return (
    <div>
      <dt className="text-[15px] leading-tight">
        <b className="fig block text-[1.6rem] leading-none">{figure}</b> {of}
      </dt>
      {why && <dd className="small">{why}</dd>}
    </div>
  );
}

/** Less of a colour is not told, g. */
const LEAST_GRAMS = 0.05;

/** What comes of a piece as it is described, each figure with what it is of. */
export function Comes({ comes, acrossMm }: { comes: ComesOf; /** of a head, how wide it is open */ acrossMm: number | null }) {
  const words = useWords();
  const { units } = words;
  const [quick, usual, first] = comes.minutes;
  return (
    <section aria-label={words.label('describe.what-comes')} className="tray flex flex-col gap-3 rounded-2xl px-4 py-3">
      <h3>{words.label('describe.what-comes')}</h3>
      <dl className="flex flex-wrap gap-x-8 gap-y-3 lg:flex-col">
        <Figure
          figure={units.length(acrossMm ?? comes.longMm)}
          of={words.label(acrossMm === null ? 'describe.long' : 'describe.across')}
        />
        {comes.thickMm !== null && <Figure figure={units.length(comes.thickMm, 1)} of={words.label('describe.thick')} />}
        {comes.tapeMm > 0 && (
          <Figure figure={units.number(Math.ceil(comes.tapeMm / 10) / 100, 2)} of={words.label('describe.tape')} />
        )}
        <Figure
          figure={units.duration(usual)}
          of={words.label('describe.minutes', { quick: units.duration(quick), first: units.duration(first) })}
          why={comes.setUp[1] > 0 ? words.label('describe.batch', { minutes: units.duration(comes.setUp[1]) }) : undefined}
        />
        <Figure
          figure={`${units.gramFigure(comes.grams)} g`}
          of={words.label('describe.grams')}
          why={comes.paste
            .filter((p) => p.grams >= LEAST_GRAMS)
            .map(
              (p) =>
                `${words.label('describe.of-colour', { colour: p.colour })}${p.material === USUAL_MATERIAL ? '' : `, ${words.material(p.material)}`} ${units.gramFigure(p.grams)} g`,
            )
            .join(', ')}
        />
      </dl>
    </section>
  );
}
