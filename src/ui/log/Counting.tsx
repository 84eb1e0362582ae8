'use client';

import { Camera } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { Controller, useForm, useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { minutesForOne } from '@/core/make/kindWork';
import { careOf } from '@/core/days/settings';
import { countedLog } from '@/core/log/entries';
import type { TrayKind } from '@/core/make/tray';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { addEntry } from './addEntry';
import { photographOf } from './photograph';
import { TrayFields } from './TrayFields';
import { PACE_FROM } from './paceFrom';
import { pressedAt } from '../shared/clock';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** Longer than so many times what it usually takes, and by so many minutes, and one asks whether the timer was forgotten. */
const ASK_TIMES = 3;
const ASK_MINUTES = 45;
const SINCE = 'ofrenda timer';

/** The timer outlives a reload: it is kept beside the page, by kind. */
function readSince(key: string): number | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(SINCE) ?? 'null') as { key: string; at: number } | null;
    return kept?.key === key ? kept.at : null;
  } catch {
    return null;
  }
}

/** Since when one has been at this piece; it goes on after the page is loaded again. */
function useSince(key: string) {
  const [since, setSinceState] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    const kept = readSince(key);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- read once, from beside the page
    if (kept !== null) setSinceState(kept);
  }, [key]);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [since]);
  const setSince = (at: number | null) => {
    setSinceState(at);
    if (at === null) return sessionStorage.removeItem(SINCE);
    setNow(at);
    sessionStorage.setItem(SINCE, JSON.stringify({ key, at }));
  };
  return { since, setSince, seconds: since === null ? 0 : Math.max(0, Math.floor((now - since) / 1000)) };
}

/** One kind at the bench: the timer, the pieces as they come, made or broken, a tray by hand, a note, a photograph. */
export function Counting({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  const own = countedLog(log).filter((e) => e.kind === kind.key);
  const made = own.reduce((a, e) => a + e.made, 0);
  const broken = own.reduce((a, e) => a + e.broken, 0);
  const name = words.piece(kind)[0];
  const timer = useSince(kind.key);
  const [asked, setAsked] = useState<number | null>(null);
  const usual = minutesForOne(kind.steps) * care * kind.pace.share;
  const add = (minutes: number | null) =>
    addEntry(asLabel('log.do-one-made', { name }), { kind: kind.key, made: 1, broken: 0, minutes });
  const oneMade = () => {
    const at = pressedAt();
    const minutes = timer.since === null ? null : Math.max(0.1, (at - timer.since) / 60_000);
    if (timer.since !== null) timer.setSince(at);
    if (minutes !== null && minutes > Math.max(ASK_TIMES * usual, usual + ASK_MINUTES)) setAsked(minutes);
    else add(minutes);
  };
  const oneBroke = () => addEntry(asLabel('log.do-one-broke', { name }), { kind: kind.key, made: 0, broken: 1, minutes: null });
  return (
    <>
      <PieceTimer kind={kind} usual={usual} timer={timer} />
      <Pieces kind={kind} made={made} broken={broken} />
      {asked !== null ? (
        <Forgotten
          asked={asked}
          name={name}
          usual={usual}
          onAnswer={(minutes) => {
            add(minutes);
            setAsked(null);
          }}
        />
      ) : (
        <div className="grid grid-cols-[2fr_1fr] gap-3">
          <button className="next h-16 text-lg" disabled={made >= kind.toMake} onClick={oneMade}>
            {words.label('log.one-made-of', { made: Math.min(made + 1, kind.toMake), toMake: kind.toMake })}
          </button>
          <button className="key h-16 text-lg" onClick={oneBroke}>
            {words.label('log.one-broke')}
          </button>
        </div>
      )}
      <Tray kind={kind} name={name} />
    </>
  );
}

/** Minutes and seconds on this piece, and how long one takes. */
function PieceTimer({ kind, usual, timer }: { kind: TrayKind; usual: number; timer: ReturnType<typeof useSince> }) {
  const words = useWords();
  const { since, setSince, seconds } = timer;
  return (
    <div className="flex flex-wrap items-center gap-4">
      <p className="fig text-[4.2rem] leading-none" role="timer" aria-label={words.label('log.minutes-seconds-on-this-piece')}>
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </p>
      <p className="say grow">
        {words.label('log.min-for-a', { usual: words.units.number(usual, usual < 10 ? 1 : 0), name: words.piece(kind)[0] })}
        <span className="small block">
          {words.label(PACE_FROM[kind.pace.from])}
          {words.label(since === null ? 'log.the-timer-rests' : 'log.the-timer-runs')}
        </span>
      </p>
      <button className="key" onClick={() => setSince(since === null ? Date.now() : null)}>
        {words.label(since === null ? 'log.start-the-timer' : 'log.rest')}
      </button>
    </div>
  );
}

/** So many of what was made, and of what broke, are drawn. */
const [MOST_MADE, MOST_BROKEN] = [24, 8];

function Pieces({ kind, made, broken }: { kind: TrayKind; made: number; broken: number }) {
  const words = useWords();
  return (
    <ul className="flex flex-wrap items-center gap-1 py-3" aria-label={words.label('log.made-broken', { made, broken })}>
      {Array.from({ length: Math.min(made, MOST_MADE) }, (_, i) => (
        <li key={`m${i}`} className="text-center">
          <Portrait kind={kind} px={58} />
          <span className="block text-[var(--leaf)]">✓</span>
        </li>
      ))}
      {Array.from({ length: Math.min(broken, MOST_BROKEN) }, (_, i) => (
        <li key={`b${i}`} className="text-center">
          <span className="inline-flex opacity-70">
            <span className="w-[27px] -rotate-6 overflow-hidden">
              <Portrait kind={kind} px={58} className="max-w-none" />
            </span>
            <span className="ml-1 w-[27px] rotate-6 overflow-hidden">
              <Portrait kind={kind} px={58} className="-ml-[31px] max-w-none" />
            </span>
          </span>
          <span className="small block">{words.label('log.broke')}</span>
        </li>
      ))}
      {made < kind.toMake && <li className="size-[58px] rounded-full border-2 border-dashed border-[var(--edge)]" />}
    </ul>
  );
}

interface ForgottenProps {
  asked: number;
  name: string;
  usual: number;
  onAnswer(minutes: number | null): void;
}

/** Far longer than one takes: whether the timer was forgotten. */
function Forgotten({ asked, name, usual, onAnswer }: ForgottenProps) {
  const words = useWords();
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 rounded-xl bg-[var(--nextwash)] px-4 py-3">
      <p className="grow">
        {words.label('log.minutes-one-usually-was-timer', {
          asked: Math.round(asked),
          name,
          usual: words.units.number(usual),
        })}
      </p>
      <button className="key" onClick={() => onAnswer(asked)}>
        {words.label('log.it-took-that-long')}
      </button>
      <button className="next" onClick={() => onAnswer(null)}>
        {words.label('log.leave-the-minutes-out')}
      </button>
    </div>
  );
}

const handTraySchema = v.object({
  counted: v.object({ made: v.number(), broken: v.number(), minutes: v.number() }),
  note: v.pipe(v.string(), v.trim(), v.maxLength(1000)),
  photo: v.nullable(v.object({ id: v.string(), url: v.string() })),
});
type HandTray = v.InferOutput<typeof handTraySchema>;
const EMPTY_TRAY: HandTray = { counted: { made: 6, broken: 0, minutes: 0 }, note: '', photo: null };

/** A whole tray written down by hand, with a note and a photograph if wanted. */
function Tray({ kind, name }: { kind: TrayKind; name: string }) {
  const words = useWords();
  const { register, control, handleSubmit, reset, setValue } = useForm<HandTray>({
    resolver: valibotResolver(handTraySchema),
    defaultValues: EMPTY_TRAY,
  });
  const counted = useWatch({ control, name: 'counted' });
  const note = useWatch({ control, name: 'note' });
  const photo = useWatch({ control, name: 'photo' });
  const [fault, setFault] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const nothing = counted.made + counted.broken === 0 && note.trim() === '' && photo === null;
  const take = async (chosen: File) => {
    const picture = await photographOf(chosen);
    if ('sentence' in picture) return setFault(picture.sentence);
    setFault(null);
    await getStudio().addPhoto(picture);
    setValue('photo', { id: picture.id, url: `data:${picture.type};base64,${picture.base64}` });
  };
  const write = ({ counted: { made, broken, minutes }, note: said, photo: seen }: HandTray) => {
    addEntry(asLabel('log.do-written-down', { made, name }), {
      kind: kind.key,
      made,
      broken,
      minutes: minutes > 0 && made + broken > 0 ? minutes : null,
      ...(said ? { note: said } : {}),
      ...(seen ? { photo: seen.id } : {}),
    });
    reset({ ...EMPTY_TRAY, counted: { made, broken, minutes } });
  };
  return (
    <details className="mt-3 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">{words.label('log.a-tray-by-hand-note')}</summary>
      <form className="flex flex-wrap items-end gap-3" onSubmit={(e) => void handleSubmit(write)(e)}>
        <Controller
          control={control}
          name="counted"
          render={({ field }) => (
            <TrayFields counted={field.value} minutesName={words.label('log.minutes-0-if-not-timed')} onChange={field.onChange} />
          )}
        />
        <label className="min-w-52 grow text-[15px] font-semibold">
          {words.label('log.note')}
          <input className="fld mt-1 block w-full font-normal" maxLength={1000} {...register('note')} />
        </label>
        <button type="button" className="key" onClick={() => file.current?.click()}>
          <Camera size={20} /> {words.label('log.photograph')}
        </button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          capture="environment"
          className="hidden"
          aria-label={words.label('log.photograph-file')}
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            e.target.value = '';
            if (chosen) void take(chosen);
          }}
        />
        {/* eslint-disable-next-line @next/next/no-img-element -- a photograph that is only in this browser */}
        {photo && <img src={photo.url} alt={words.label('log.the-photograph')} className="h-14 rounded-lg" />}
        <button className="key" type="submit" disabled={nothing}>
          {words.label('shared.write-it-down')}
        </button>
      </form>
      {fault && (
        <p role="alert" className="pt-1 text-[15px] text-[var(--stop)]">
          {fault}
        </p>
      )}
      <p className="small pt-1">{words.label('log.photographs-stay-this-browser-they')}</p>
    </details>
  );
}
