'use client';

import { Plus, Spline } from 'lucide-react';
import { memo, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { Arrangement } from '@/core/compose/arrangement';
import { type Proposal } from '@/core/compose/proposal';
import { missingKinds } from '@/core/compose/missingKinds';
import type { KindCount } from '@/core/compose/shareOut';
import { composeRequestOf } from '@/core/plan/composeRequest';
import type { Warning } from '@/core/plan/warnings';
import { tierRef } from '@/core/cake/cake';
import { azimuthOf } from '@/core/cake/skin';
import { pictureBench } from '@/workers/clients';
import { pictureToUrl } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { addArrangement } from './arrangements';
import { Arrangements, FormPicker, Method } from './LineParts';
import { asLabel } from '@/core/words/asLabel';
import { currentWords, useWords } from '../speech/useWords';
import { currentCatalogue } from '../useCatalogue';
import { useSeldom } from '../shared/useSeldom';

/** What stands in the corner beside the tiers: the line's form, the proposals as small cakes, the gap measured. */
export const Shelf = memo(function Shelf() {
  const words = useWords();
  const search = useStudio((s) => s.search);
  return (
    <div className="pointer-events-auto absolute left-0 top-1 flex max-h-[calc(100%-172px)] w-[272px] flex-col gap-2 max-sm:static max-sm:max-h-none max-sm:order-first max-sm:w-full max-sm:flex-row max-sm:flex-wrap max-sm:[&>*]:grow">
      <Arrangements />
      <FormPicker beside={<LineKeys />} />
      <Method />
      {search.running ? <Searching /> : <Propose />}
      {search.fault && (
        <p role="alert" className="rounded-xl bg-[var(--stopwash)] p-2 text-[15px]">
          {words.say(search.fault)}
        </p>
      )}
      <LineSaid onlyStops={search.proposals.length > 0} />
      {search.proposals.length > 0 && <Proposals proposals={search.proposals} />}
      {search.proposals.length === 0 && <Gap />}
    </div>
  );
});

/** The line itself in hand, and a further arrangement. */
function LineKeys() {
  const words = useWords();
  const inHand = useStudio((s) => s.lineInHand);
  return (
    <>
      <button
        className="key px-2.5"
        aria-pressed={inHand}
        aria-label={words.label('compose.take-line-hand')}
        title={words.label('compose.the-lines-points-figures')}
        onClick={() => getStudio().set({ lineInHand: !inHand, selection: [] })}
      >
        <Spline size={20} />
      </button>
      <button
        className="key px-2.5"
        aria-label={words.label('compose.another-arrangement')}
        title={words.label('compose.another-arrangement')}
        onClick={addArrangement}
      >
        <Plus size={20} />
      </button>
    </>
  );
}

/** Propose anew; add what is missing; or only move what is there. */
function Propose() {
  const words = useWords();
  const project = useStudio((s) => s.project);
  const index = useStudio((s) => s.arrangementIndex);
  const pieces = project?.arrangements[index]?.pieces.length ?? 0;
  const missing = useMemo(() => {
    const request = project && pieces > 0 ? composeRequestOf({ project, index, seed: 1, proposals: 1 }) : null;
    return request ? missingKinds(request) : [];
  }, [project, index, pieces]);
  const short = missing.reduce((a, k) => a + k.count, 0);
  return (
    <>
      <button className={pieces === 0 ? 'next' : 'key'} onClick={() => getStudio().compose(3)}>
        {words.label('compose.propose-three')}
      </button>
      {pieces > 0 && (
        <div className="flex gap-1">
          {short > 0 && (
            <button className="key grow px-2" onClick={() => getStudio().improve('finish')}>
              {words.label('compose.finish-it-more', { short })}
            </button>
          )}
          <button className="key grow px-2" onClick={() => getStudio().improve('re-balance')}>
            {words.label('compose.re-balance')}
          </button>
        </div>
      )}
      {short > 0 && <p className="small">{words.label('compose.missing', { missingWords: missingWords(missing) })}</p>}
    </>
  );
}

/** "2 cosmos, 1 bud of sweet pea", the most wanted first, three kinds at the most. */
function missingWords(missing: readonly KindCount[]): string {
  const kinds = new Map<string, { kind: KindCount; count: number }>();
  for (const kind of missing) {
    const key = `${kind.species}|${kind.stage}`;
    const known = kinds.get(key);
    if (known) known.count += kind.count;
    else kinds.set(key, { kind, count: kind.count });
  }
  const sorted = [...kinds.values()].sort((a, b) => b.count - a.count);
  const words = currentWords();
  const named = sorted.slice(0, 3).map(({ kind, count }) => words.counted(count, words.piece(kind)));
  return named.join(', ') + (sorted.length > 3 ? ` ${words.label('compose.and-more')}` : '');
}

/** Readers of the screen are told of long work no more often than this. */
const SPOKEN_EACH_MS = 5000;

/** The search as a stem that grows, a leaf for each better find. */
function Searching() {
  const words = useWords();
  const progress = useStudio((s) => s.search.progress);
  const share = progress ? (progress.proposal + progress.share) / progress.proposals : 0;
  const leaves = Math.floor(share * 9);
  const moving = useMovingArrangement(share);
  const now = progress
    ? words.label('compose.arrangement-of-pieces', {
        proposal: progress.proposal + 1,
        proposals: progress.proposals,
        pieces: progress.pieces.length,
      })
    : words.label('compose.beginning');
  const spoken = useSeldom(now, SPOKEN_EACH_MS);
  return (
    <div>
      <span role="status" className="sr-only" aria-label={words.label('compose.composing')}>
        {spoken}
      </span>
      <progress className="sr-only" aria-label={words.label('compose.composing')} value={share} max={1} />
      <svg width="236" height="36" aria-hidden="true">
        <path
          d="M4 26C60 14 120 34 232 18"
          stroke="var(--leaf)"
          strokeWidth="2"
          strokeDasharray="1 6"
          fill="none"
          strokeLinecap="round"
        />
        <path
          d="M4 26C60 14 120 34 232 18"
          stroke="var(--leaf)"
          strokeWidth="4"
          fill="none"
          strokeLinecap="round"
          pathLength="1"
          strokeDasharray={`${share} 1`}
        />
        {Array.from({ length: leaves }, (_, i) => (
          <path
            key={i}
            d="M0 0C-5 -5 -5 -12 0 -17C5 -12 5 -5 0 0Z"
            fill="var(--leaf)"
            opacity="0.7"
            transform={`translate(${14 + i * 25} ${23 - (i % 2) * 2}) rotate(${i % 2 ? 130 : 40})`}
          />
        ))}
      </svg>
      {moving && <SmallCake arrangement={moving} className="opacity-60" />}
      <p className="small" aria-hidden="true">
        {now}
      </p>
      <button className="key mt-1 w-full" onClick={() => getStudio().stopComposing()}>
        {words.label('compose.stop-keep-the-best')}
      </button>
    </div>
  );
}

/** The picture of what is tried is made anew in so many steps of the search. */
const PICTURES = 8;

/** The open arrangement with the pieces as the search has them: there at once, another a few times on the way. */
function useMovingArrangement(share: number): Arrangement | null {
  const step = Math.floor(share * PICTURES);
  const begun = useStudio((s) => s.search.progress !== null);
  return useMemo(() => {
    const { search, project, arrangementIndex } = getStudio();
    const own = project?.arrangements[arrangementIndex];
    return begun && own && search.progress ? { ...own, pieces: [...search.progress.pieces] } : null;
    // another step asks for another picture
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [begun, step]);
}

function Proposals({ proposals }: { proposals: readonly Proposal[] }) {
  const words = useWords();
  const pieces = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.pieces);
  return (
    <div
      className="flex items-end gap-1 rounded-xl bg-[var(--bench)]/90 pr-1"
      role="group"
      aria-label={words.label('compose.proposals')}
    >
      {proposals.map((p) => (
        <button
          key={p.name}
          className="rounded-xl p-1 text-center"
          aria-pressed={p.arrangement.pieces === pieces}
          onClick={() => getStudio().keep(p, asLabel('compose.do-keep', { name: words.messages.names.proposals[p.name] }))}
        >
          <SmallCake arrangement={p.arrangement} />
          <span className="block text-[15px] font-semibold">
            {p.arrangement.pieces === pieces && <span className="text-[var(--leaf)]">● </span>}
            {words.messages.names.proposals[p.name]}
          </span>
          <span className="small block">
            {words.label('compose.pieces-score', { pieces: p.arrangement.pieces.length, score: Math.round(p.score) })}
          </span>
        </button>
      ))}
    </div>
  );
}

function SmallCake({ arrangement, className = '' }: { arrangement: Arrangement; className?: string }) {
  const [made, setMade] = useState({ number: 0, url: '' });
  const asked = useRef(0);
  const there = useRef(true);
  useEffect(() => {
    there.current = true;
    return () => {
      there.current = false;
    };
  }, []);
  useEffect(() => {
    const { project } = getStudio();
    if (!project) return;
    const number = ++asked.current;
    pictureBench
      .cakePicture(
        project.cake,
        [arrangement],
        { azimuthRad: -Math.PI / 2, elevationDeg: 15, width: 140, height: 180, detail: 'far' },
        currentCatalogue().own,
      )
      .then(
        // a late picture is still newer than the one that is seen
        (picture) => there.current && setMade((last) => (number > last.number ? { number, url: pictureToUrl(picture) } : last)),
        () => undefined,
      );
  }, [arrangement]);
  if (!made.url) return <span className="inline-block h-[90px] w-[70px]" />;
  // eslint-disable-next-line @next/next/no-img-element -- a picture made in this page
  return <img src={made.url} width={70} height={90} alt="" className={className} />;
}

/** What the line asks for and the cake does not allow, a line that lost its tier, pieces in each other's way: the worst first. */
function LineSaid({ onlyStops }: { onlyStops: boolean }) {
  const plan = useStudio((s) => s.plan);
  const words = useWords();
  // the proposals need the room, and each of them is another line
  const said = plan?.warnings.filter((w) => w.station === 'compose' && (!onlyStops || w.level === 'stop')) ?? [];
  const [first, ...others] = said;
  if (!first) return null;
  const line = (w: Warning) =>
    w.pieceId ? <PieceKey pieceId={w.pieceId}>{words.warning(w).what}.</PieceKey> : `${words.warning(w).what}.`;
  return (
    <div
      role="status"
      aria-label={words.label('compose.about-the-line')}
      className={`min-h-[100px] overflow-y-auto rounded-xl p-2 text-[15px] leading-tight max-sm:max-h-none ${first.level === 'stop' ? 'bg-[var(--stopwash)]' : 'bg-[var(--nextwash)]'}`}
    >
      <p>
        <b>{line(first)}</b> {words.warning(first).remedy}
      </p>
      {others.slice(0, MOST_SAID - 1).map((w, i) => (
        <p key={i} className="pt-1">
          {line(w)}
        </p>
      ))}
      {said.length > MOST_SAID && (
        <p className="small pt-1">{words.label('place.and-more-messages', { warnings: said.length - MOST_SAID })}</p>
      )}
    </div>
  );
}

/** So many messages are said in the shelf. */
const MOST_SAID = 3;

/** What is said of a piece; pressed, it chooses that piece. */
const PieceKey = ({ pieceId, children }: { pieceId: string; children: ReactNode }) => (
  <button className="min-h-[44px] text-left underline decoration-dotted" onClick={() => getStudio().select([pieceId])}>
    {children}
  </button>
);

/** The widest open place, measured beside itself. */
function Gap() {
  const words = useWords();
  const cover = useStudio((s) => s.plan?.arrangements[s.arrangementIndex]?.readings.find((r) => r.id === 'cover') ?? null);
  const cake = useStudio((s) => s.project?.cake ?? null);
  if (!cover?.place || !cake || cover.score >= 80) return null;
  const z = cover.place.pointMm[2];
  let foot = 0;
  let tier = 0;
  cake.tiers.forEach((t, i) => {
    if (z >= foot - 1) tier = i;
    foot += t.heightMm;
  });
  return (
    <div className="pt-2">
      <p className="fig text-[2rem] leading-none">{words.units.length(cover.place.acrossMm)}</p>
      <p className="say">
        {words.label('compose.bare-at', {
          place: words.place({ tier: tierRef(cake, tier), azimuthRad: azimuthOf(cover.place.pointMm) }),
        })}
      </p>
    </div>
  );
}
