'use client';

import { useState } from 'react';
import { speciesById, methodById } from '@/core/botany/catalogue';
import { minutesForOne } from '@/core/make/kindWork';
import { careOf } from '@/core/days/settings';
import { halfWidthShare, sureOfShare, type Sure } from '@/core/log/own';
import type { TrayKind } from '@/core/make/tray';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Choice } from '../fields/Choice';
import { Portrait } from '../shared/Portrait';
import { useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { currentCatalogue } from '../useCatalogue';
import { PACE_FROM } from './paceFrom';

type What = 'minutes' | 'breakage' | 'loss';

/** The person's own minutes, breakage and loss beside the starting values, and how sure they are. */
export function OwnValues({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const [what, setWhat] = useState<What>('minutes');
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  return (
    <section aria-label={words.label('log.your-values')}>
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="grow">
          {
            {
              minutes: words.label('log.your-minutes-a-piece'),
              breakage: words.label('log.what-breaks'),
              loss: words.label('log.paste-lost'),
            }[what]
          }
        </h1>
        <Choice<What>
          label={words.label('log.which-values')}
          value={what}
          options={[
            { value: 'minutes', name: words.label('log.minutes') },
            { value: 'breakage', name: words.label('log.breakage') },
            { value: 'loss', name: words.label('log.loss') },
          ]}
          onChange={setWhat}
        />
      </div>
      <p className="small pb-2">
        {words.label('log.the-tick-starting-value-leaf', { what: what === 'breakage' ? 'yes' : 'no' })}
      </p>
      <ul>
        {plan.tray.map((k) => (
          <Row key={k.key} kind={k} {...valuesOf(k, what, care)} />
        ))}
      </ul>
    </section>
  );
}

interface Values {
  starting: number;
  own: number;
  /** half a width of the leaf, as a share of the own value */
  half: number;
  entries: number;
  told: string;
  sure: Sure;
  digits: number;
  unit: string;
}

function valuesOf(kind: TrayKind, what: What, care: number): Values {
  const catalogue = currentCatalogue();
  if (what === 'minutes') {
    const starting = minutesForOne(kind.steps) * care;
    const { pace } = kind;
    return {
      starting,
      own: starting * pace.share,
      half: halfWidthShare(pace.error),
      entries: pace.entries,
      told:
        pace.from === 'this kind'
          ? currentWords().label('log.yours-from', { entries: pace.entries, sure: currentWords().label(`sure.${pace.sure}`) })
          : currentWords().label(PACE_FROM[pace.from]),
      sure: pace.sure,
      digits: 1,
      unit: '',
    };
  }
  const own = what === 'breakage' ? kind.breakage : kind.loss;
  const starting =
    what === 'breakage' ? speciesById(kind.species, catalogue).breakageShare : methodById(kind.method, catalogue).lossShare;
  const { half, sure } = sureOfShare(what, own.entries);
  return {
    starting: starting * 100,
    own: own.share * 100,
    half,
    entries: own.entries,
    told: own.entries
      ? currentWords().label('log.yours-from-pieces', {
          breakage: what === 'breakage' ? 'yes' : 'no',
          entries: own.entries,
          sure: currentWords().label(`sure.${sure}`),
        })
      : currentWords().label('log.starting-value'),
    sure,
    digits: 0,
    unit: '%',
  };
}

function Row({ kind, starting, own, half, entries, told, sure, digits, unit }: { kind: TrayKind } & Values) {
  const words = useWords();
  const most = Math.max(starting, own) * 2.2 || 1;
  const x = (m: number) => 8 + (Math.min(m, most) / most) * 184;
  const wide = Math.max(8, Math.min(60, (x(own) - 8) * half));
  return (
    <li className="flex min-h-[48px] items-center gap-3 border-t border-[var(--line)]">
      <Portrait kind={kind} px={36} />
      <span className="w-28 shrink-0 font-semibold leading-tight">{words.pieceTitle(kind)}</span>
      <svg width="200" height="34" aria-hidden="true" className="shrink-0 max-sm:hidden">
        <path d="M4 17H196" stroke="var(--line)" strokeWidth="2" />
        <path d={`M${x(starting)} 6V28`} stroke="var(--ink2)" strokeWidth="2" />
        {(entries > 0 || own !== starting) && (
          <>
            <path
              d={`M${x(own) - wide} 17Q${x(own)} 2 ${x(own) + wide} 17Q${x(own)} 32 ${x(own) - wide} 17Z`}
              fill="var(--leafwash)"
              stroke="var(--leaf)"
              strokeDasharray={sure === 'unsure' || sure === 'not yet' ? '3 3' : undefined}
            />
            <circle cx={x(own)} cy="17" r="4.5" fill="var(--leaf)" />
          </>
        )}
      </svg>
      <b className="fig w-14 shrink-0 text-right text-lg">
        {words.units.number(own, digits)}
        {unit}
      </b>
      <span className="small">{told}</span>
    </li>
  );
}
