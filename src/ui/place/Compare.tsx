'use client';

import { bodyOf } from '@/core/botany/catalogue';
import type { Piece } from '@/core/compose/arrangement';
import { barrierById, wallMm } from '@/core/place/barrier';
import { waysWithout } from '@/core/place/compared';
import { capital } from '@/core/words/capital';
import type { PlannedEntry } from '@/core/plan/derivePlan';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { asLabel } from '@/core/words/asLabel';

const NONE: readonly Piece[] = [];

/** Every barrier for one stem at its place: how deep, how much work, what the cutter takes out, or why it will not do. */
export function Compare({ entry, onTake }: { entry: PlannedEntry; onTake(): void }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const prices = useStudio((s) => s.project!.prices);
  const chosen = useStudio((s) => s.project!.barrierFor.find((b) => b.entryId === entry.id)?.barrier ?? null);
  const pieces = useStudio((s) => s.project!.arrangements.find((a) => a.id === entry.arrangementId)?.pieces ?? NONE);
  if (entry.compared.length === 0) return <p className="say">{words.label('place.into-foam-nobody-eats-no')}</p>;
  const stem = {
    heads: entry.pieceIds.length,
    massGrams: entry.massGrams,
    ownWires: entry.pieceIds.some((id) => {
      const piece = pieces.find((p) => p.id === id);
      return piece !== undefined && bodyOf(piece, catalogue).built.instances.some((i) => i.within && i.part.on.by !== 'nothing');
    }),
    downDeg: entry.downDeg,
  };
  const price = (id: string): string => {
    const row = prices.materials.find((m) => m.id === id);
    return row ? `${prices.currency}\u202f${words.units.number(row.packPrice / row.pack, 2)}` : '';
  };
  const take = (id: string | null, name: string) => {
    // it stays in view, whatever number it then has
    onTake();
    getStudio().edit(
      id
        ? asLabel('place.do-for', { name, number: entry.number })
        : asLabel('place.do-barrier-by-the-rule', { number: entry.number }),
      (d) => {
        d.barrierFor = d.barrierFor.filter((b) => b.entryId !== entry.id);
        if (id) d.barrierFor.push({ entryId: entry.id, barrier: id });
      },
    );
  };
  const rows = [...entry.compared].sort(
    (a, b) => Number(b.taken) - Number(a.taken) || Number(a.insideMm === null) - Number(b.insideMm === null),
  );
  return (
    <div>
      <div className="flex flex-wrap items-center gap-4 pb-2">
        <h1 className="grow">{words.label('place.barriers-side-by-side', { number: entry.number })}</h1>
        {chosen && (
          <button className="key" onClick={() => take(null, '')}>
            {words.label('place.leave-rule')}
          </button>
        )}
      </div>
      <ul aria-label={words.label('place.barriers-for', { number: entry.number })}>
        {rows.map((t) => {
          const b = barrierById(t.barrier, catalogue.barriers);
          if (!b) return null;
          const wall = wallMm(b);
          const told = words.barrierWords(b.id);
          const name = words.barrier(b.id)[0];
          return (
            <li
              key={t.barrier}
              className={`grid grid-cols-[110px_minmax(150px,1fr)_minmax(140px,0.8fr)_minmax(0,2fr)_130px] items-center gap-x-4 border-t border-[var(--line)] py-2 text-[15px] max-lg:grid-cols-[90px_1fr_1fr_130px] max-sm:grid-cols-[64px_1fr_1fr] max-sm:gap-x-2 ${t.insideMm === null ? 'text-[var(--ink2)]' : ''}`}
            >
              <Tube boreMm={b.boreMm} outsideMm={b.outsideMm(entry.bundleMm)} stemMm={entry.bundleMm} />
              <span>
                <b>{capital(name)}</b>
                <span className="small block">
                  {b.boreMm === null
                    ? words.label('place.no-bore')
                    : words.label('place.bore', { boreMm: words.units.mm(b.boreMm) })}
                  {wall ? words.label('place.wall', { wall: words.units.length(wall, 2) }) : ''}
                </span>
              </span>
              {t.insideMm === null ? (
                <span>{words.label('place.not-here', { whyNot: t.whyNot ? words.say(t.whyNot) : '' })}</span>
              ) : (
                <span>
                  <b>{words.units.length(t.insideMm)}</b> {words.label('place.deep')}
                  <span className="small block">
                    {b.minutes + b.dryMinutes} min{b.dryMinutes ? words.label('place.to-set', { dryMinutes: b.dryMinutes }) : ''}
                    {price(b.id) && `, ${price(b.id)}`}
                  </span>
                </span>
              )}
              <span className="small max-lg:order-last max-lg:col-span-3 max-lg:col-start-2 max-sm:col-span-full">
                {t.insideMm === null
                  ? words.label('place.barrier-for', { goodFor: told.goodFor })
                  : words.label('place.barrier-in-full', told)}
              </span>
              <span className="text-right max-sm:col-span-full max-sm:text-left">
                {t.taken ? (
                  <b className="text-[var(--leaf)]">
                    {chosen === t.barrier ? words.label('place.yours') : words.label('place.recommended')}
                  </b>
                ) : t.insideMm !== null ? (
                  <button className="key" onClick={() => take(t.barrier, name)}>
                    {words.label('place.take-it')}
                  </button>
                ) : null}
              </span>
            </li>
          );
        })}
        {waysWithout(stem).map((w) => (
          <li
            key={w.way}
            className={`grid grid-cols-[110px_minmax(150px,1fr)_minmax(140px,2.8fr)_130px] items-center gap-x-4 border-t border-[var(--line)] py-2 text-[15px] max-lg:grid-cols-[90px_1fr_2fr] max-sm:grid-cols-1 ${w.whyNot ? 'text-[var(--ink2)]' : ''}`}
          >
            <span />
            <b>{w.way === 'dummy' ? words.label('place.a-dummy-tier') : words.label('place.none-unwired')}</b>
            <span>
              {w.whyNot
                ? words.label('place.not-here', { whyNot: words.say(w.whyNot) })
                : w.way === 'dummy'
                  ? words.label('place.foam-nobody-eats-stem-goes')
                  : words.label('place.make-without-wire-glue-on')}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

const PX_PER_MM = 4.2;

/** A cut across barrier and stem, both at one scale. */
function Tube({ boreMm, outsideMm, stemMm }: { boreMm: number | null; outsideMm: number; stemMm: number }) {
  const r = (mm: number) => (mm / 2) * PX_PER_MM;
  const apart = boreMm === null && outsideMm < stemMm + 1;
  return (
    <svg viewBox="-44 -34 88 68" className="h-[68px] w-[88px]" aria-hidden="true">
      <circle r={r(outsideMm)} fill="var(--nextwash)" stroke="var(--ink)" strokeWidth="1.4" cx={apart ? -8 : 0} />
      {boreMm !== null && <circle r={r(boreMm)} fill="var(--glaze)" stroke="var(--ink)" strokeWidth="1" />}
      <circle r={r(stemMm)} fill="var(--leaf)" cx={apart ? 8 : 0} />
    </svg>
  );
}
