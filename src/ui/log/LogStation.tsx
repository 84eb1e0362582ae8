'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { speciesById } from '@/core/botany/catalogue';
import { methodById, minutesForOne } from '@/core/botany/methods';
import { pieceName } from '@/core/botany/species';
import { kindName } from '@/core/compose/names';
import { ownMinutes } from '@/core/log/own';
import type { TrayKind } from '@/core/make/tray';
import type { LogEntry } from '@/core/log/entries';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';

const wallNow = (): string => format(new Date(), "yyyy-MM-dd'T'HH:mm");

const minutesEach = (kind: TrayKind): number => minutesForOne(methodById(kind.method));

interface Tally {
  made: number;
  broken: number;
  perPiece: number[];
}

function tallyOf(log: readonly LogEntry[], key: string): Tally {
  const own = log.filter((e) => e.kind === key);
  return {
    made: own.reduce((a, e) => a + e.made, 0),
    broken: own.reduce((a, e) => a + e.broken, 0),
    perPiece: own.filter((e) => e.minutes !== null && e.made > 0).map((e) => e.minutes! / e.made),
  };
}

function addEntry(label: string, kind: string, made: number, broken: number, minutes: number | null): void {
  getStudio().edit(label, (d) => void d.log.push({ id: crypto.randomUUID(), at: wallNow(), kind, made, broken, minutes }));
}

/** What really happened: pieces made and broken, minutes by a timer; the estimates learn from it. */
export function LogStation() {
  const plan = useStudio((s) => s.plan);
  const log = useStudio((s) => s.project!.log);
  const [key, setKey] = useState<string | null>(null);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  if (plan.tray.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>Nothing to log yet</h1>
        <p className="say mt-2">The log starts with the first piece made.</p>
        <Link href="/compose" className="next mt-4">
          Compose
        </Link>
      </div>
    );
  }
  const open =
    plan.tray.find((k) => k.key === key) ?? plan.tray.find((k) => tallyOf(log, k.key).made < k.toMake) ?? plan.tray[0]!;
  return (
    <div className="grid gap-x-10 gap-y-6 px-6 pb-6 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <section aria-label="At the bench">
        <Counting key={open.key} kind={open} tally={tallyOf(log, open.key)} />
        <ul className="flex flex-wrap gap-2 pt-4" aria-label="Other kinds">
          {plan.tray.map((k) => {
            const t = tallyOf(log, k.key);
            return (
              <li key={k.key}>
                <button
                  className={`well flex min-w-[112px] flex-col items-center px-3 py-2 ${k.key === open.key ? 'mark' : ''}`}
                  aria-pressed={k.key === open.key}
                  onClick={() => setKey(k.key)}
                >
                  <Portrait kind={k} px={44} />
                  <b className="text-[15px]">{kindName(speciesById(k.species), k.stage)}</b>
                  <span className={`text-[13px] ${t.made >= k.toMake ? 'text-[var(--leaf)]' : 'text-[var(--ink2)]'}`}>
                    {t.made} of {k.toMake}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
      </section>
      <section aria-label="Your minutes a piece">
        <h1>Your minutes a piece</h1>
        <p className="small pb-2">
          The tick is the starting value, the leaf is yours: the wider, the less sure. A starting value counts like two entries.
        </p>
        <ul>
          {plan.tray.map((k) => (
            <OwnMinutes key={k.key} kind={k} logged={tallyOf(log, k.key).perPiece} />
          ))}
        </ul>
      </section>
    </div>
  );
}

function Counting({ kind, tally }: { kind: TrayKind; tally: Tally }) {
  const species = speciesById(kind.species);
  const name = pieceName(species, kind.stage);
  const [since, setSince] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [since]);
  const seconds = since === null ? 0 : Math.max(0, Math.floor((now - since) / 1000));
  const take = (): number | null => {
    if (since === null) return null;
    const at = Date.now();
    setSince(at);
    setNow(at);
    return Math.max(0.1, (at - since) / 60_000);
  };
  return (
    <>
      <div className="flex items-center gap-4">
        <p className="fig text-[4.2rem] leading-none" role="timer" aria-label="Minutes and seconds on this piece">
          {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
        </p>
        <p className="say grow">
          {name[0]!.toUpperCase() + name.slice(1)}
          <span className="small block">
            {since === null ? 'the timer rests' : 'the timer runs; a piece made takes its time'}
          </span>
        </p>
        <button className="key" onClick={() => (since === null ? (setSince(Date.now()), setNow(Date.now())) : setSince(null))}>
          {since === null ? 'Start the timer' : 'Rest'}
        </button>
      </div>
      <ul className="flex flex-wrap items-center gap-1 py-3" aria-label={`${tally.made} made, ${tally.broken} broken`}>
        {Array.from({ length: Math.min(tally.made, 24) }, (_, i) => (
          <li key={`m${i}`} className="text-center">
            <Portrait kind={kind} px={58} />
            <span className="block text-[var(--leaf)]">✓</span>
          </li>
        ))}
        {Array.from({ length: Math.min(tally.broken, 8) }, (_, i) => (
          <li key={`b${i}`} className="text-center">
            <span className="inline-flex opacity-70">
              <span className="w-[27px] -rotate-6 overflow-hidden">
                <Portrait kind={kind} px={58} className="max-w-none" />
              </span>
              <span className="ml-1 w-[27px] rotate-6 overflow-hidden">
                <Portrait kind={kind} px={58} className="-ml-[31px] max-w-none" />
              </span>
            </span>
            <span className="small block">broke</span>
          </li>
        ))}
        {tally.made < kind.toMake && <li className="size-[58px] rounded-full border-2 border-dashed border-[var(--edge)]" />}
      </ul>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <button
          className="next h-16 text-lg"
          disabled={tally.made >= kind.toMake}
          onClick={() => addEntry(`one ${name} made`, kind.key, 1, 0, take())}
        >
          One made, {Math.min(tally.made + 1, kind.toMake)} of {kind.toMake}
        </button>
        <button className="key h-16 text-lg" onClick={() => addEntry(`one ${name} broke`, kind.key, 0, 1, null)}>
          One broke
        </button>
      </div>
    </>
  );
}

function OwnMinutes({ kind, logged }: { kind: TrayKind; logged: readonly number[] }) {
  const starting = minutesEach(kind);
  const own = ownMinutes(starting, logged);
  const most = starting * 2.2;
  const x = (m: number) => 8 + (Math.min(m, most) / most) * 184;
  const half = { 'not yet': 0, unsure: 34, 'fairly sure': 20, sure: 10 }[own.sure];
  return (
    <li className="flex min-h-[52px] items-center gap-3 border-t border-[var(--line)]">
      <Portrait kind={kind} px={38} />
      <span className="w-28 shrink-0 font-semibold leading-tight">{kindName(speciesById(kind.species), kind.stage)}</span>
      <svg width="200" height="34" aria-hidden="true" className="shrink-0">
        <path d="M4 17H196" stroke="var(--line)" strokeWidth="2" />
        <path d={`M${x(starting)} 6V28`} stroke="var(--ink2)" strokeWidth="2" />
        {half > 0 && (
          <>
            <path
              d={`M${x(own.minutes) - half} 17Q${x(own.minutes)} 2 ${x(own.minutes) + half} 17Q${x(own.minutes)} 32 ${x(own.minutes) - half} 17Z`}
              fill="var(--leafwash)"
              stroke="var(--leaf)"
              strokeDasharray={own.sure === 'unsure' ? '3 3' : undefined}
            />
            <circle cx={x(own.minutes)} cy="17" r="4.5" fill="var(--leaf)" />
          </>
        )}
      </svg>
      <b className="fig w-12 shrink-0 text-right text-lg">{own.minutes.toFixed(1)}</b>
      <span className="small">{own.entries ? `yours, from ${own.entries}, ${own.sure}` : 'starting value'}</span>
    </li>
  );
}
