'use client';

import { useState } from 'react';
import { stackTiers, type Cake } from '@/core/cake/cake';
import { clockHoursToAzimuth } from '@/core/geometry/units';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { SvgPortrait } from '../shared/Portrait';
import { useUnitsPerPixel } from '../shared/useWidth';
import { useStudio } from '../useStudio';
import { LABEL_GAP, spreadLabels } from './labels';
import { NearMarks } from '../shared/NearMarks';
import { useWords } from '../speech/useWords';

const SIZE = 580;
const MIDDLE = SIZE / 2;

type Entry = DerivedPlan['entries'][number];
type Level = DerivedPlan['warnings'][number]['level'];

/** Millimetres of the cake from above as units of the map: right and up. */
interface OnMap {
  scale: number;
  X(mm: number): number;
  Y(mm: number): number;
}

function mapOf(cake: Cake): OnMap {
  const reaches = stackTiers(cake).flatMap((t) => t.outline.round(0).map((p) => Math.hypot(p.x, p.y) * 2));
  const scale = (SIZE * 0.385 * 2) / Math.max(100, ...reaches);
  return { scale, X: (mm) => MIDDLE + mm * scale, Y: (mm) => MIDDLE - mm * scale };
}

/** The worst that is said of each entry. */
const levelsOf = ({ warnings }: DerivedPlan): ReadonlyMap<string, Level> =>
  new Map(warnings.flatMap((w) => (w.entryId ? [[w.entryId, w.level] as const] : [])));

interface ClockMapProps {
  cake: Cake;
  plan: DerivedPlan;
  chosen: string | null;
  onChoose(id: string): void;
}

/** A finger covers this much: marks nearer to its middle are meant too, pixels. */
const FINGER_PX = 22;

/**
 * The cake seen from above inside a clock, front at 6; entries numbered in the order they go in. Where a finger covers several numbers
 * a press lists them.
 */
export function ClockMap({ cake, plan, chosen, onChoose }: ClockMapProps) {
  const words = useWords();
  const [box, unitsPerPx] = useUnitsPerPixel(SIZE);
  const [near, setNear] = useState<readonly Entry[]>([]);
  const map = mapOf(cake);
  const levels = levelsOf(plan);
  const current = plan.entries.find((e) => e.id === chosen);
  const places = plan.entries.map((e) => ({ e, atX: map.X(e.pointMm[0]), atY: map.Y(e.pointMm[1]) }));
  const marks = spreadLabels(places, SIZE, LABEL_GAP * unitsPerPx);
  const press = (e: React.MouseEvent<SVGSVGElement>) => {
    const { left, top } = e.currentTarget.getBoundingClientRect();
    const apart = (m: (typeof marks)[number]) =>
      Math.hypot(m.x / unitsPerPx - (e.clientX - left), m.y / unitsPerPx - (e.clientY - top));
    const within = marks.filter((m) => apart(m) <= FINGER_PX).sort((a, b) => apart(a) - apart(b));
    if (within[0]) onChoose(within[0].e.id);
    setNear(within.length > 1 ? within.map((m) => m.e) : []);
  };
  return (
    <>
      <svg
        ref={box}
        onClick={press}
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="w-full overflow-visible"
        role="group"
        aria-label={words.label('place.map-from-above-front-at')}
      >
        <circle cx={MIDDLE} cy={MIDDLE} r={MIDDLE - 4} fill="var(--glaze)" stroke="var(--line)" />
        {Array.from({ length: 12 }, (_, i) => (
          <Hour key={i} hour={i + 1} unitsPerPx={unitsPerPx} />
        ))}
        <Tiers cake={cake} map={map} />
        <Heads plan={plan} map={map} />
        {current && (
          <path
            d={`M${MIDDLE} ${MIDDLE}L${map.X(current.pointMm[0])} ${map.Y(current.pointMm[1])}`}
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray="8 5"
          />
        )}
        {cake.dowels.map((d, i) => (
          <circle
            key={i}
            cx={map.X(d.xMm)}
            cy={map.Y(d.yMm)}
            r={Math.max(3, (d.diameterMm / 2) * map.scale)}
            fill="#b58a52"
            stroke="var(--ink)"
          />
        ))}
        {marks.map((at) => (
          <EntryMark
            key={at.e.id}
            at={at}
            level={levels.get(at.e.id) ?? null}
            chosen={at.e.id === chosen}
            unitsPerPx={unitsPerPx}
            onChoose={() => onChoose(at.e.id)}
          />
        ))}
      </svg>
      <NearMarks
        marks={near.map((e) => ({
          id: e.id,
          name: words.label('place.entry', { mark: '', number: e.number, barrier: words.barrier(e.barrier)[0] }),
        }))}
        chosen={chosen}
        onChoose={onChoose}
      />
    </>
  );
}

function Hour({ hour, unitsPerPx }: { hour: number; unitsPerPx: number }) {
  const a = clockHoursToAzimuth(hour);
  const at = (r: number) => `${MIDDLE + Math.cos(a) * r} ${MIDDLE - Math.sin(a) * r}`;
  const r = MIDDLE - 24;
  const isFront = hour === 6;
  return (
    <g>
      <path d={`M${at(MIDDLE - 4)}L${at(MIDDLE - 12)}`} stroke="var(--ink)" strokeWidth={isFront ? 3 : 1.4} />
      <text
        x={MIDDLE + Math.cos(a) * r}
        y={MIDDLE - Math.sin(a) * r + 6}
        textAnchor="middle"
        className="fig"
        fontSize={(isFront ? 20 : 16) * Math.max(1, unitsPerPx)}
        fill="var(--ink)"
      >
        {hour}
      </text>
    </g>
  );
}

const Tiers = ({ cake, map: { X, Y } }: { cake: Cake; map: OnMap }) =>
  stackTiers(cake).map(({ tier, outline }) => (
    <path
      key={tier.id}
      d={`M${outline
        .round(0)
        .map((p) => `${X(p.x).toFixed(1)} ${Y(p.y).toFixed(1)}`)
        .join('L')}Z`}
      fill={tier.covering.colour}
      stroke="rgb(59 21 45 / .35)"
    />
  ));

/** The pieces, pale, the highest last. */
function Heads({ plan, map: { scale, X, Y } }: { plan: DerivedPlan; map: OnMap }) {
  const arrangements = useStudio((s) => s.project!.arrangements);
  const pieceOf = (arrangementId: string, pieceId: string) =>
    arrangements.find((a) => a.id === arrangementId)?.pieces.find((p) => p.id === pieceId);
  return (
    <g opacity="0.72">
      {[...plan.heads]
        .sort((a, b) => a.centreMm[2] - b.centreMm[2])
        .map((h) => {
          const piece = pieceOf(h.arrangementId, h.pieceId);
          return (
            piece && (
              <SvgPortrait
                key={`${h.arrangementId}${h.pieceId}`}
                kind={piece}
                x={X(h.centreMm[0])}
                y={Y(h.centreMm[1])}
                size={Math.max(h.radialMm, h.axialMm * (h.role === 'foliage' ? 1 : 0)) * 2 * scale}
                rotateDeg={(Math.atan2(h.axis[0], h.axis[1]) * 180) / Math.PI}
              />
            )
          );
        })}
    </g>
  );
}

interface EntryMarkProps {
  at: { e: Entry; x: number; y: number; atX: number; atY: number };
  level: Level | null;
  chosen: boolean;
  unitsPerPx: number;
  onChoose(): void;
}

/** An entry's number, a little off its place where others are near. */
function EntryMark({ at: { e, x, y, atX, atY }, level, chosen, unitsPerPx, onChoose }: EntryMarkProps) {
  const words = useWords();
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={words.label('place.entry', {
        mark: level ? `, ${words.messages.names.levels[level]}` : '',
        number: e.number,
        barrier: words.barrier(e.barrier)[0],
      })}
      aria-pressed={chosen}
      style={{ cursor: 'pointer' }}
      onKeyDown={(k) => (k.key === 'Enter' || k.key === ' ') && (k.preventDefault(), onChoose())}
    >
      <path d={`M${atX} ${atY}L${x} ${y}`} stroke="var(--ink)" strokeWidth={1.2 * unitsPerPx} />
      <circle cx={atX} cy={atY} r={3 * unitsPerPx} fill="var(--ink)" stroke="#f9fdfe" />
      <g transform={`translate(${x} ${y}) scale(${unitsPerPx})`}>
        <circle r={FINGER_PX} fill="transparent" />
        <LevelMark level={level} />
        {chosen && <circle r="17" fill="none" stroke="var(--next)" strokeWidth="3" />}
        <text
          y={4.5}
          textAnchor="middle"
          fontSize="13"
          fontWeight="700"
          fill={level === 'stop' ? 'var(--onstop)' : level === 'look again' ? 'var(--ink)' : 'var(--onleaf)'}
        >
          {e.number}
        </text>
      </g>
    </g>
  );
}

/** Shape and colour both say it: an octagon stops, a broken ring asks to look again. */
function LevelMark({ level }: { level: Level | null }) {
  if (level === 'stop') return <path d="M-5 -13H5L13 -5V5L5 13H-5L-13 5V-5Z" fill="var(--stop)" stroke="#fff" />;
  if (level === 'look again')
    return <circle r="12" fill="var(--glaze)" stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="4 3" />;
  return <circle r="11" fill="var(--leaf)" stroke="#f9fdfe" strokeWidth="1.6" />;
}
