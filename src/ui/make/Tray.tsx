'use client';

import { allMethods } from '@/core/botany/catalogue';
import { useState } from 'react';
import { USUAL_MATERIAL } from '@/core/piece/materials';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { basesOf } from '@/core/make/paste';
import { takingsFor } from '@/core/make/takings';
import { freeForJob } from '@/data/tinActions';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { KindCard, KindShelf } from './Kinds';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { asLabel } from '@/core/words/asLabel';

/** Everything to make, drawn once at one scale on its method's shelf; the open kind with its steps; the paste as balls. */
export function Tray({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const [openKey, setOpenKey] = useState<string | null>(null);
  const open = plan.tray.find((k) => k.key === openKey) ?? plan.tray[0]!;
  const shelves = allMethods(catalogue)
    .map((m) => ({ method: m, kinds: plan.tray.filter((k) => k.method === m.id) }))
    .filter((s) => s.kinds.length > 0);
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1.75fr)_minmax(0,1fr)]">
      <section aria-label={words.label('make.pieces-to-make-2')}>
        <TinOffer />
        <div className="flex flex-wrap gap-x-6 gap-y-3">
          {shelves.map(({ method, kinds }) => (
            <div key={method.id} className="min-w-0 grow">
              <p className="small flex items-center gap-3">
                {words.method(method.id)}
                <span className="h-px grow bg-[var(--line)]" />
              </p>
              <ul className="flex flex-wrap gap-2">
                {kinds.map((k) => (
                  <li key={k.key}>
                    <KindShelf kind={k} open={k.key === open.key} onOpen={() => setOpenKey(k.key)} />
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </div>
        <div className="pt-5">
          <SparesRule />
        </div>
      </section>
      <section aria-label={words.label('make.how-to-make-it')} className="flex flex-col gap-4">
        <KindCard kind={open} />
        <PasteBalls plan={plan} />
      </section>
    </div>
  );
}

/** What the tin could give this job and does not yet, or what the job took and no longer needs. */
function TinOffer() {
  const words = useWords();
  const project = useStudio((s) => s.project)!;
  const tin = useStudio((s) => s.tin);
  const jobs = useStudio((s) => s.jobs);
  const could = takingsFor(project.arrangements, freeForJob({ tin, jobs, project }));
  const count = (rows: readonly { count: number }[]) => rows.reduce((a, r) => a + r.count, 0);
  const same = (a: typeof could, b: typeof could) =>
    a.length === b.length && a.every((x) => b.some((y) => y.id === x.id && y.count === x.count));
  if (same(could, project.taken)) return null;
  return (
    <p className="well mb-3 flex flex-wrap items-center gap-3 px-3 py-2 text-[15px]">
      <span className="grow">
        {words.label('make.the-tin-has-pieces-this', { count: count(could), count2: count(project.taken) })}
      </span>
      <button className="key" onClick={() => getStudio().takeFromTin()}>
        {words.label('make.take-what-fits')}
      </button>
    </p>
  );
}

/** How many spares, as a rule that is shown where it works. */
function SparesRule() {
  const words = useWords();
  const rule = useStudio((s) => s.project!.spares);
  return (
    <fieldset className="flex items-end gap-3">
      <legend className="small pb-1">{words.label('make.spares-enough-must-survive')}</legend>
      <NumberField
        label={words.label('make.cases-in-a-hundred')}
        hideLabel
        value={Math.round(rule.surviveShare * 1000) / 10}
        unit="%"
        least={50}
        most={99.5}
        step={1}
        onChange={(n) =>
          getStudio().edit(asLabel('make.do-enough-in-of-cases', { n }), (d) => void (d.spares.surviveShare = n / 100))
        }
      />
      <NumberField
        label={words.label('make.spares-at-the-least')}
        hideLabel
        value={rule.least}
        unit={words.label('make.at-least')}
        least={0}
        most={20}
        onChange={(n) => getStudio().edit(asLabel('make.do-at-least-spare', { n }), (d) => void (d.spares.least = Math.round(n)))}
      />
    </fieldset>
  );
}

/** Balls of so many diameters are told; more is no help at the board. */
const MOST_BALLS = 3;

function PasteBalls({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  return (
    <div>
      <h2 className="pb-2">{words.label('make.paste')}</h2>
      <ul className="flex flex-wrap items-end gap-4">
        {plan.paste.map((b) => (
          <li
            key={`${b.material}|${b.colour}`}
            className="text-center"
            title={words.label('make.g-pieces-rest-what-rolling', {
              kinds: b.kinds.map((k) => words.say(k)).join(', '),
              netGrams: words.units.gramFigure(b.netGrams),
            })}
          >
            <span
              className="inline-block rounded-full shadow-[inset_-4px_-6px_10px_rgb(0_0_0/.18),inset_4px_5px_8px_rgb(255_255_255/.35)]"
              style={{
                width: Math.min(64, 8 + 4.4 * Math.cbrt(b.grams) * 1.9),
                height: Math.min(64, 8 + 4.4 * Math.cbrt(b.grams) * 1.9),
                background: b.colour,
              }}
            />
            <b className="fig block">{words.units.grams(b.grams)}</b>
            <span className="small">{words.say(b.name)}</span>
            {b.material !== USUAL_MATERIAL && <span className="small block">{words.material(b.material)}</span>}
            {b.balls.slice(0, MOST_BALLS).map(({ count, ballMm }) => (
              <span key={ballMm} className="small block">
                {words.label('make.balls-of', { count, size: words.units.length(ballMm, ballMm % 1 === 0 ? 0 : 1) })}
              </span>
            ))}
            {b.tones.length > 0 && (
              <span className="small flex justify-center gap-2 pt-1">
                {b.tones.map((t) => (
                  <span key={t.name}>
                    <span className="mx-auto block size-4 rounded-full" style={{ background: t.colour }} />
                    {words.units.grams(t.grams)} {words.label(`tone.${t.name}`)}
                  </span>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
      {basesOf(plan.paste).map((base) => (
        <p key={base.colour} className="flex items-center gap-2 pt-2 text-[15px]">
          <span className="size-4 shrink-0 rounded-full" style={{ background: base.colour }} />
          {words.label('make.knead-g-leaf-paste-as', {
            grams: base.grams,
            paste: plan.paste
              .filter((b) => b.base === base.colour)
              .map((b) => `${words.units.grams(b.grams)} ${words.say(b.name)}`)
              .join(', '),
          })}
        </p>
      ))}
      <p className="small pt-2">{words.label('make.from-pieces-own-volume-at')}</p>
    </div>
  );
}
