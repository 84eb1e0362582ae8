'use client';

import { speciesById } from '@/core/botany/catalogue';
import { wiredParts } from '@/core/botany/species';
import type { Piece } from '@/core/compose/arrangement';
import { barrierById, wallMm } from '@/core/place/barrier';
import { waysWithout } from '@/core/place/compared';
import { capital } from '@/core/words/capital';
import type { PlannedEntry } from '@/core/plan/derivePlan';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';

const NONE: readonly Piece[] = [];

/** Every barrier for one stem at its place: how deep, how much work, what the cutter takes out, or why it will not do. */
export function Compare({ entry }: { entry: PlannedEntry }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const prices = useStudio((s) => s.project!.prices);
  const chosen = useStudio((s) => s.project!.barrierFor.find((b) => b.entryId === entry.id)?.barrier ?? null);
  const pieces = useStudio((s) => s.project!.arrangements.find((a) => a.id === entry.arrangementId)?.pieces ?? NONE);
  if (entry.compared.length === 0) return <p className="say">Into foam that nobody eats: no barrier is needed there.</p>;
  const stem = {
    heads: entry.pieceIds.length,
    massGrams: entry.massGrams,
    ownWires: entry.pieceIds.some((id) => {
      const piece = pieces.find((p) => p.id === id);
      return piece !== undefined && wiredParts(speciesById(piece.species, catalogue), piece.stage).some((p) => p.count > 0);
    }),
    downDeg: entry.downDeg,
  };
  const price = (id: string): string => {
    const row = prices.materials.find((m) => m.id === id);
    return row ? `${prices.currency}\u202f${(row.packPrice / row.pack).toFixed(2)}` : '';
  };
  const take = (id: string | null, name: string) =>
    getStudio().edit(id ? `${name} for ${entry.number}` : `barrier ${entry.number} by the rule`, (d) => {
      d.barrierFor = d.barrierFor.filter((b) => b.entryId !== entry.id);
      if (id) d.barrierFor.push({ entryId: entry.id, barrier: id });
    });
  const rows = [...entry.compared].sort(
    (a, b) => Number(b.taken) - Number(a.taken) || Number(a.insideMm === null) - Number(b.insideMm === null),
  );
  return (
    <div>
      <div className="flex flex-wrap items-center gap-4 pb-2">
        <h1 className="grow">Barriers for {entry.number}, side by side</h1>
        {chosen && (
          <button className="key" onClick={() => take(null, '')}>
            Leave it to the rule
          </button>
        )}
      </div>
      <ul aria-label={`Barriers for ${entry.number}`}>
        {rows.map((t) => {
          const b = barrierById(t.barrier, catalogue.barriers);
          if (!b) return null;
          const wall = wallMm(b);
          const told = words.barrierWords(b.id);
          const name = words.barrier(b.id)[0];
          return (
            <li
              key={t.barrier}
              className={`grid grid-cols-[110px_minmax(150px,1fr)_minmax(140px,0.8fr)_minmax(0,2fr)_130px] items-center gap-x-4 border-t border-[var(--line)] py-2 text-[15px] max-lg:grid-cols-[90px_1fr_1fr_130px] ${t.insideMm === null ? 'text-[var(--ink2)]' : ''}`}
            >
              <Tube boreMm={b.boreMm} outsideMm={b.outsideMm(entry.bundleMm)} stemMm={entry.bundleMm} />
              <span>
                <b>{capital(name)}</b>
                <span className="small block">
                  {b.boreMm === null ? 'no bore' : `bore ${b.boreMm} mm`}
                  {wall ? `, wall ${wall.toFixed(2)} mm` : ''}
                </span>
              </span>
              {t.insideMm === null ? (
                <span>Not here: {t.whyNot ? words.say(t.whyNot) : ''}</span>
              ) : (
                <span>
                  <b>{Math.round(t.insideMm)} mm</b> deep
                  <span className="small block">
                    {b.minutes + b.dryMinutes} min{b.dryMinutes ? `, ${b.dryMinutes} to set` : ''}
                    {price(b.id) && `, ${price(b.id)}`}
                  </span>
                </span>
              )}
              <span className="small max-lg:order-last max-lg:col-span-3 max-lg:col-start-2">
                {t.insideMm === null
                  ? words.label('place.barrier-for', { goodFor: told.goodFor })
                  : words.label('place.barrier-in-full', told)}
              </span>
              <span className="text-right">
                {t.taken ? (
                  <b className="text-[var(--leaf)]">{chosen === t.barrier ? 'yours' : 'recommended'}</b>
                ) : t.insideMm !== null ? (
                  <button className="key" onClick={() => take(t.barrier, name)}>
                    Take it
                  </button>
                ) : null}
              </span>
            </li>
          );
        })}
        {waysWithout(stem).map((w) => (
          <li
            key={w.way}
            className={`grid grid-cols-[110px_minmax(150px,1fr)_minmax(140px,2.8fr)_130px] items-center gap-x-4 border-t border-[var(--line)] py-2 text-[15px] max-lg:grid-cols-[90px_1fr_2fr] ${w.whyNot ? 'text-[var(--ink2)]' : ''}`}
          >
            <span />
            <b>{w.way === 'dummy' ? 'A dummy tier' : 'None, unwired'}</b>
            <span>
              {w.whyNot
                ? `Not here: ${words.say(w.whyNot)}`
                : w.way === 'dummy'
                  ? 'Foam that nobody eats: the stem goes in bare. Make the tier a dummy in Brief; the whole tier is taken away.'
                  : 'Make it without a wire and glue it on with food glue; nothing is taken out, and nothing sharp is in the cake.'}
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
