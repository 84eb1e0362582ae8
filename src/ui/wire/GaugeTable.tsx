'use client';

import { gaugeWhy } from '@/core/plan/step';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { speciesById } from '@/core/botany/catalogue';
import { floorSwgOf } from '@/core/botany/ownSpecies';
import { FLORIST_GAUGES, FLORIST_MM, soldIn } from '@/core/wire/gauge';
import type { TrayKind } from '@/core/make/tray';
import { Pick } from '../fields/Pick';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { asLabel, type Label } from '@/core/words/asLabel';

interface Row {
  kind: TrayKind;
  stems: DerivedPlan['stems'];
  grams: [number, number];
}

/** One line for each kind: what it weighs, how long it stands free, what strength alone would take, the trade's floor, and what is taken. */
export function GaugeTable({ plan }: { plan: DerivedPlan }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const pieces = useStudio((s) => s.project!.arrangements);
  const chosen = useStudio((s) => s.project!.gauges);
  const system = useStudio((s) => s.project!.brief.wireSystem);
  const rows = plan.tray.flatMap((kind): Row[] => {
    const own = pieces.flatMap((a) =>
      a.pieces
        .filter((p) => `${p.species}|${p.stage}|${p.colourway}` === kind.key)
        .map((p) => ({ arrangementId: a.id, id: p.id })),
    );
    const is = (x: { arrangementId: string; pieceId: string }) =>
      own.some((o) => o.id === x.pieceId && o.arrangementId === x.arrangementId);
    const stems = plan.stems.filter(is);
    const grams = plan.heads.filter(is).map((h) => h.massGrams);
    return stems.length ? [{ kind, stems, grams: [Math.min(...grams), Math.max(...grams)] }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <section aria-label={words.label('wire.which-wire-and-why')}>
      <h1 className="pb-2">{words.label('wire.which-wire-and-why-2')}</h1>
      <ul>
        {rows.map(({ kind, stems, grams }) => {
          const heaviest = stems.reduce((a, s) => (s.gauge.use > a.gauge.use ? s : a));
          const free = stems.map((s) => s.lengthMm);
          const said = chosen.find((g) => g.species === kind.species && g.stage === kind.stage)?.gauge ?? null;
          // wire chosen in another system is passed over, here as in the plan
          const own = said !== null && soldIn(system).includes(said) ? said : null;
          const name = words.pieceTitle(kind);
          const taken = [...new Set(stems.map((s) => s.gauge.gauge))].sort((a, b) => a - b);
          return (
            <li key={kind.key} className="flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-[var(--line)] py-1.5">
              <Portrait kind={kind} px={40} />
              <b className="w-[120px]">{name}</b>
              <Range from={grams[0]} to={grams[1]} told={words.units.gramFigure} unit="g" />
              <Range
                from={Math.min(...free)}
                to={Math.max(...free)}
                told={(mm) => words.units.figure(mm)}
                unit={words.label('wire.free', { sign: words.units.sign })}
              />
              <span className="w-[104px] text-[15px]">
                <b>{heaviest.gauge.byStrength < 10 ? words.units.mm(heaviest.gauge.byStrength) : heaviest.gauge.byStrength}</b>{' '}
                {words.label('wire.by-strength')}
              </span>
              <span className="w-[128px] text-[15px]">
                <b>{floorSwgOf(speciesById(kind.species, catalogue))}</b> {words.label('wire.swg-the-trade')}
              </span>
              <Pick
                label={words.label('wire.for-kind', { kind: name })}
                hideLabel
                className="fld text-[15px]"
                value={own}
                options={[
                  {
                    value: null,
                    name:
                      own === null
                        ? words.label('wire.by-the-rule', { taken: taken.map((g) => words.gauge(g)).join(', ') })
                        : words.label('wire.by-the-rule-2'),
                  },
                  ...soldIn(system).map((g) => ({ value: g, name: words.gauge(g) })),
                ]}
                onChange={(gauge) => takeGauge(kind, gauge)}
              />
              <span
                className={`min-w-[260px] flex-1 text-[14px] leading-snug ${heaviest.gauge.use > 1 ? 'text-[var(--stop)]' : 'text-[var(--ink2)]'}`}
              >
                {words.say(gaugeWhy(heaviest.gauge))}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const Range = ({ from, to, told, unit }: { from: number; to: number; told(n: number): string; unit: string }) => (
  <span className="w-[112px] text-[15px]">
    <b>{told(from) === told(to) ? told(to) : `${told(from)}–${told(to)}`}</b> {unit}
  </span>
);

const wireFor = (gauge: number, piece: { species: string; stage: string }): Label => {
  const words = currentWords();
  return asLabel('wire.do-chosen', { wire: words.gauge(gauge), kind: words.piece(piece)[0] });
};

const takeGauge = ({ species, stage }: TrayKind, gauge: number | null): void =>
  getStudio().edit(gauge === null ? asLabel('wire.do-wire-by-the-rule') : wireFor(gauge, { species, stage }), (d) => {
    d.gauges = d.gauges.filter((g) => g.species !== species || g.stage !== stage);
    const sold = [...FLORIST_GAUGES, ...FLORIST_MM].find((g) => g === gauge);
    if (sold) d.gauges.push({ species, stage, gauge: sold });
  });
