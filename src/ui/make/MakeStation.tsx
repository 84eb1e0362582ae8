'use client';

import Link from 'next/link';
import { useState } from 'react';
import { bodyOf, speciesById } from '@/core/botany/catalogue';
import { methodById, METHODS } from '@/core/botany/methods';
import { pieceName, stageOf, wiredParts } from '@/core/botany/species';
import type { TrayKind } from '@/core/make/tray';
import { Portrait } from '../shared/Portrait';
import { durationWords, gramWords, inchWords, plural } from '../shared/words';
import { useStudio } from '../useStudio';

const PX_PER_MM = 0.78;

/** Everything to make, drawn once at one scale on its method's shelf; the open kind with its steps; the paste as balls. */
export function MakeStation() {
  const plan = useStudio((s) => s.plan);
  const [openKey, setOpenKey] = useState<string | null>(null);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  if (plan.tray.length === 0) return <Empty />;
  const open = plan.tray.find((k) => k.key === openKey) ?? plan.tray[0]!;
  const shelves = Object.values(METHODS)
    .map((m) => ({ method: m, kinds: plan.tray.filter((k) => k.method === m.id) }))
    .filter((s) => s.kinds.length > 0);
  const toMake = plan.tray.reduce((a, k) => a + k.toMake, 0);
  return (
    <div className="grid gap-x-8 gap-y-6 px-6 pb-6 lg:grid-cols-[minmax(0,1.75fr)_minmax(0,1fr)]">
      <section aria-label="Pieces to make">
        <h1 className="pb-1">{plural(toMake, 'piece')} to make</h1>
        <p className="small pb-2">Drawn at one scale; spares wear a dotted ring.</p>
        <div className="flex flex-wrap gap-x-6 gap-y-3">
          {shelves.map(({ method, kinds }) => (
            <div key={method.id} className="min-w-0 grow">
              <p className="small flex items-center gap-3">
                {method.name}
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
      </section>
      <section aria-label="How to make it" className="flex flex-col gap-4">
        <Card kind={open} />
        <div>
          <h2 className="pb-2">Paste</h2>
          <ul className="flex flex-wrap items-end gap-4">
            {plan.paste.map((b) => (
              <li
                key={b.colour}
                className="text-center"
                title={`${b.kinds.join(', ')}: ${gramWords(b.netGrams)} g in the pieces, the rest is what rolling out loses`}
              >
                <span
                  className="inline-block rounded-full shadow-[inset_-4px_-6px_10px_rgb(0_0_0/.18),inset_4px_5px_8px_rgb(255_255_255/.35)]"
                  style={{
                    width: Math.min(64, 8 + 4.4 * Math.cbrt(b.grams) * 1.9),
                    height: Math.min(64, 8 + 4.4 * Math.cbrt(b.grams) * 1.9),
                    background: b.colour,
                  }}
                />
                <b className="fig block">{b.grams} g</b>
                <span className="small">{b.name}</span>
              </li>
            ))}
          </ul>
          <p className="small pt-2">
            From the pieces’ own volume at 1.35 g/cm³ (assumed), what rolling out loses counted in, rounded up to 5 g.
          </p>
        </div>
      </section>
    </div>
  );
}

function Empty() {
  return (
    <div className="px-6 pt-6">
      <h1>Nothing to make yet</h1>
      <p className="say mt-2">The tray fills as soon as something is composed.</p>
      <Link href="/compose" className="next mt-4">
        Compose
      </Link>
    </div>
  );
}

function KindShelf({ kind, open, onOpen }: { kind: TrayKind; open: boolean; onOpen(): void }) {
  const species = speciesById(kind.species);
  const share = stageOf(species, kind.stage).sizeShare;
  const name = pieceName(species, kind.stage);
  const drawn = kind.sizes.flatMap((s) => Array.from({ length: Math.min(s.count, 60) }, () => s.sizeMm)).slice(0, 40);
  const more = kind.placed - drawn.length;
  return (
    <button
      className={`rounded-2xl px-3 py-2 text-left ${open ? 'tray' : ''}`}
      aria-expanded={open}
      aria-label={`${name}: ${kind.toMake} to make, ${kind.placed} and ${kind.spares} spare`}
      onClick={onOpen}
    >
      <span className="flex max-w-[690px] flex-wrap items-center gap-0.5">
        {drawn.map((mm, i) => (
          <Portrait key={i} kind={{ ...kind, sizeMm: mm }} px={Math.max(12, mm * share * PX_PER_MM * 1.14)} />
        ))}
        {Array.from({ length: kind.spares }, (_, i) => (
          <span key={i} className="rounded-full border-2 border-dotted border-[var(--ink)]">
            <Portrait
              kind={kind}
              px={Math.max(12, (kind.sizes[0]?.sizeMm ?? kind.sizeMm) * share * PX_PER_MM)}
              className="opacity-80"
            />
          </span>
        ))}
        {more > 0 && <span className="small pl-1">and {more} more</span>}
      </span>
      <span className="mt-1 flex items-center gap-2">
        <b className="fig text-[1.7rem] leading-none">{kind.toMake}</b>
        <span>
          <b className="block text-[15px] leading-tight">{name[0]!.toUpperCase() + name.slice(1)}</b>
          <span className="small">
            {kind.placed} + {kind.spares} spare
          </span>
        </span>
      </span>
    </button>
  );
}

function Card({ kind }: { kind: TrayKind }) {
  const species = speciesById(kind.species);
  const method = methodById(kind.method);
  const factor = useStudio((s) => s.plan?.dryFactor ?? 1);
  const size = kind.sizes[0]?.sizeMm ?? kind.sizeMm;
  return (
    <div>
      <h1>{species.name}</h1>
      <p className="small">
        {method.name}, paste {species.pasteMm} mm thick, batches of {method.batch}
      </p>
      <div className="flex items-end gap-6 py-2">
        {species.stages.map((s) => {
          const body = bodyOf({ species: species.id, stage: s.id, sizeMm: size, colourway: kind.colourway });
          const long = species.habit === 'sprig' ? body.axialMm * 2 : body.radialMm * 2;
          return (
            <span key={s.id} className="text-center">
              <Portrait kind={{ ...kind, stage: s.id, sizeMm: size }} px={Math.max(30, Math.min(120, long * 1.25))} />
              <b className="block text-[15px]">
                {s.name} {Math.round(long)} mm
              </b>
              <span className="small">
                {inchWords(long)}, {gramWords(body.massGrams)} g
              </span>
            </span>
          );
        })}
      </div>
      <ol className="flex flex-col">
        {method.steps.map((s, i) => (
          <li key={s.id} className="flex min-h-[40px] items-center gap-3 border-t border-[var(--line)] py-1">
            <span className="grid size-7 shrink-0 place-items-center rounded-full border border-[var(--edge)] text-[13px] font-semibold">
              {i + 1}
            </span>
            <span className="min-w-0 grow leading-tight">{s.name}</span>
            <span className="shrink-0 text-[15px]">
              {durationWords(s.minutesEach * kind.toMake + s.minutesBatch * Math.ceil(kind.toMake / method.batch))}
            </span>
            <span className="w-[64px] shrink-0 text-right">
              {s.dryHours > 0 && (
                <span className="rounded-lg border border-[var(--dryedge)] bg-[var(--dry)] px-2 py-1 text-[13px]">
                  {Number.isFinite(factor) ? `${Math.round(s.dryHours * factor)} h` : 'may not'}
                </span>
              )}
            </span>
          </li>
        ))}
      </ol>
      <p className="small pt-1">
        Minutes are starting values. {kind.spareReason} Wire: {species.wiring.floorSwg} SWG or thicker
        {wiredParts(species, kind.stage)
          .map((part) => `, ${part.count} × ${part.swg} SWG for each ${part.name}`)
          .join('')}
        .
      </p>
    </div>
  );
}
