'use client';

import { Package, Plus } from 'lucide-react';
import { lightFormat } from 'date-fns';
import { useMemo } from 'react';
import { speciesById } from '@/core/botany/catalogue';
import type { OwnSpecies } from '@/core/botany/ownSpecies';
import { freshId } from '@/data/editActions';
import { oneBranch } from '@/core/plan/oneBranch';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { asLabel } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

/** One branch, spike or flower for itself, without a cake: its wires, its tape, its joints in order; into the tin or onto the turntable. */
export function OneOfIt({ own }: { own: OwnSpecies }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const brief = useStudio((s) => s.project!.brief);
  const gauges = useStudio((s) => s.project!.gauges);
  const species = speciesById(own.id, catalogue);
  const stage = species.stages[species.stages.length - 1]!.id;
  const kind = useMemo(
    () => ({ species: own.id, stage, sizeMm: own.sizesMm[0]!, colourway: own.colourways[0]!.id }),
    [own, stage],
  );
  const branch = useMemo(
    () =>
      oneBranch(
        kind,
        { system: brief.wireSystem, colour: brief.wireColour, gauges, stockMm: brief.stockMm, cutting: brief.cutting },
        catalogue,
      ),
    [kind, brief.wireSystem, brief.wireColour, brief.stockMm, brief.cutting, gauges, catalogue],
  );
  return (
    <section aria-label={words.label('make.one', { own: own.name })}>
      <h2 className="pb-1">{words.label('make.one-without-cake')}</h2>
      <p className="small pb-2">
        {words.label('make.long-g-thick-where-most', {
          head: branch.head ? 'yes' : 'no',
          long: words.units.length(branch.longMm),
          grams: words.units.grams(branch.massGrams),
          thick: words.units.length(branch.thickMm, 1),
          counts:
            branch.counts.map((c) => words.counted(c.count, words.part(c.part))).join(', ') || words.label('make.one-piece'),
          tape: Math.ceil(branch.tapeMm / 10) / 100,
        })}
      </p>
      <ul aria-label={words.label('make.wires-of-one')}>
        {branch.wires.map((w) => (
          <li key={w.id} className="flex items-center gap-3 border-t border-[var(--line)] py-1 text-[15px]">
            <b className="fig w-14 text-right text-lg">{w.count} ×</b>
            <span className="flex h-8 w-[180px] items-center">
              <span
                className={`block rounded-full border ${w.colour === 'green' ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-[var(--edge)] bg-white'}`}
                style={{
                  width: `${Math.min(100, (w.lengthMm / brief.stockMm) * 100)}%`,
                  height: Math.max(6, 8 + w.diameterMm * 14),
                }}
              />
            </span>
            <span>
              {words.label('make.of-its-stem', {
                length: words.units.mm(w.lengthMm),
                wire: words.gauge(w.gauge),
                colour: words.wireColour(w.colour),
                use: w.use === 'stem' ? words.label('make.its-stem') : words.part(w.part ?? '')[0],
              })}
            </span>
          </li>
        ))}
      </ul>
      <p className="small py-1">
        {words.label('make.from', {
          cuts: branch.cuts
            .map((c) =>
              words.label('make.lengths-of', {
                bars: c.plan.bars.length,
                wire: words.gauge(c.gauge),
                colour: words.wireColour(c.colour),
              }),
            )
            .join(', '),
        })}
      </p>
      {branch.steps.length > 0 && (
        <ol aria-label={words.label('make.joints-of-one')} className="text-[15px]">
          {branch.steps.map((s, i) => (
            <li key={i} className="flex gap-3 border-t border-[var(--line)] py-1">
              <span className="w-6 text-right font-semibold">{i + 1}</span>
              <span className="grow">{words.say(s.does)}</span>
              <b className="w-[200px] text-right">
                {[
                  ...(s.belowMm === null ? [] : [words.label('make.below', { below: words.units.length(s.belowMm) })]),
                  ...(s.turnRad === null ? [] : [words.label('make.turned', { turn: words.units.degrees(s.turnRad) })]),
                ].join(', ')}
              </b>
            </li>
          ))}
        </ol>
      )}
      <div className="flex flex-wrap gap-3 pt-3">
        <button className="key" onClick={() => putInTin(kind)}>
          <Package size={20} /> {words.label('make.one-made-tin')}
        </button>
        <button className="key" onClick={() => putOnTable(kind)}>
          <Plus size={20} /> {words.label('make.one-onto-the-turntable')}
        </button>
      </div>
    </section>
  );
}

type OneKind = { species: string; stage: string; sizeMm: number; colourway: string };

function putInTin(kind: OneKind): void {
  const { tin, setTin } = getStudio();
  const madeOn = lightFormat(new Date(), 'yyyy-MM-dd');
  const same = tin.find(
    (t) =>
      t.species === kind.species &&
      t.stage === kind.stage &&
      t.sizeMm === kind.sizeMm &&
      t.colourway === kind.colourway &&
      t.madeOn === madeOn,
  );
  void setTin(
    same
      ? tin.map((t) => (t === same ? { ...t, count: t.count + 1 } : t))
      : [...tin, { id: newId(), ...kind, count: 1, where: '', madeOn, state: 'good' }],
  );
}

/** It stands at the focal point of the open arrangement, to be moved from there. */
function putOnTable(kind: OneKind): void {
  const studio = getStudio();
  const { arrangementIndex } = studio;
  studio.edit(asLabel('make.do-one-onto-the-turntable'), (d) => {
    const a = d.arrangements[arrangementIndex];
    if (!a) return;
    const focal = 'focal' in a.line ? a.line.focal : 0.5;
    a.pieces.push({
      id: freshId(a.pieces),
      ...kind,
      s: focal,
      side: 0.4,
      lift: 0.2,
      tiltRad: 0.5,
      headingRad: 0,
      rollRad: 0,
      pinned: false,
    });
  });
}
