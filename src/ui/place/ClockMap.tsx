'use client';

import { stackTiers, type Cake } from '@/core/cake/cake';
import { clockHoursToAzimuth } from '@/core/geometry/units';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { SvgPortrait } from '../shared/Portrait';
import { useStudio } from '../useStudio';
import { spreadLabels } from './labels';
import { useWords } from '../speech/useWords';

const SIZE = 580;
const MIDDLE = SIZE / 2;

/** The cake seen from above inside a clock, front at 6; entries numbered in the order they go in. */
export function ClockMap({
  cake,
  plan,
  chosen,
  onChoose,
}: {
  cake: Cake;
  plan: DerivedPlan;
  chosen: string | null;
  onChoose(id: string): void;
}) {
  const words = useWords();
  const pieces = useStudio((s) => s.project!.arrangements);
  const tiers = stackTiers(cake);
  const widest = Math.max(100, ...tiers.flatMap((t) => t.outline.round(0).map((p) => Math.hypot(p.x, p.y) * 2)));
  const scale = (SIZE * 0.385 * 2) / widest;
  const X = (mm: number) => MIDDLE + mm * scale;
  const Y = (mm: number) => MIDDLE - mm * scale;
  const pieceOf = (arrangementId: string, pieceId: string) =>
    pieces.find((a) => a.id === arrangementId)?.pieces.find((p) => p.id === pieceId);
  const level = new Map(plan.warnings.filter((w) => w.entryId).map((w) => [w.entryId!, w.level]));
  const current = plan.entries.find((e) => e.id === chosen);
  const labels = spreadLabels(
    plan.entries.map((e) => ({ e, atX: X(e.pointMm[0]), atY: Y(e.pointMm[1]) })),
    SIZE,
  );
  const heads = [...plan.heads].sort((a, b) => a.centreMm[2] - b.centreMm[2]);
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      className="w-full overflow-visible"
      role="group"
      aria-label={words.label('place.map-from-above-front-at')}
    >
      <circle cx={MIDDLE} cy={MIDDLE} r={MIDDLE - 4} fill="var(--glaze)" stroke="var(--line)" />
      {Array.from({ length: 12 }, (_, i) => {
        const hour = i + 1;
        const a = clockHoursToAzimuth(hour);
        const r = MIDDLE - 24;
        return (
          <g key={hour}>
            <path
              d={`M${MIDDLE + Math.cos(a) * (MIDDLE - 4)} ${MIDDLE - Math.sin(a) * (MIDDLE - 4)}L${MIDDLE + Math.cos(a) * (MIDDLE - 12)} ${MIDDLE - Math.sin(a) * (MIDDLE - 12)}`}
              stroke="var(--ink)"
              strokeWidth={hour === 6 ? 3 : 1.4}
            />
            <text
              x={MIDDLE + Math.cos(a) * r}
              y={MIDDLE - Math.sin(a) * r + 6}
              textAnchor="middle"
              className="fig"
              fontSize={hour === 6 ? 20 : 16}
              fill="var(--ink)"
            >
              {hour}
            </text>
          </g>
        );
      })}
      {tiers.map((t) => (
        <path
          key={t.tier.id}
          d={`M${t.outline
            .round(0)
            .map((p) => `${X(p.x).toFixed(1)} ${Y(p.y).toFixed(1)}`)
            .join('L')}Z`}
          fill={t.tier.covering.colour}
          stroke="rgb(59 21 45 / .35)"
        />
      ))}
      <g opacity="0.72">
        {heads.map((h) => {
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
      {current && (
        <path
          d={`M${MIDDLE} ${MIDDLE}L${X(current.pointMm[0])} ${Y(current.pointMm[1])}`}
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray="8 5"
        />
      )}
      {cake.dowels.map((d, i) => (
        <circle
          key={i}
          cx={X(d.xMm)}
          cy={Y(d.yMm)}
          r={Math.max(3, (d.diameterMm / 2) * scale)}
          fill="#b58a52"
          stroke="var(--ink)"
        />
      ))}
      {labels.map(({ e, x, y, atX, atY }) => {
        const mark = level.get(e.id);
        return (
          <g
            key={e.id}
            role="button"
            tabIndex={0}
            aria-label={words.label('place.entry', {
              mark: mark ? `, ${words.messages.names.levels[mark]}` : '',
              number: e.number,
              barrier: words.barrier(e.barrier)[0],
            })}
            aria-pressed={e.id === chosen}
            style={{ cursor: 'pointer' }}
            onClick={() => onChoose(e.id)}
            onKeyDown={(k) => (k.key === 'Enter' || k.key === ' ') && (k.preventDefault(), onChoose(e.id))}
          >
            <circle cx={x} cy={y} r="22" fill="transparent" />
            <path d={`M${atX} ${atY}L${x} ${y}`} stroke="var(--ink)" strokeWidth="1.2" />
            <circle cx={atX} cy={atY} r="3" fill="var(--ink)" stroke="#f9fdfe" />
            {mark === 'stop' ? (
              <path
                d={`M${x - 5} ${y - 13}H${x + 5}L${x + 13} ${y - 5}V${y + 5}L${x + 5} ${y + 13}H${x - 5}L${x - 13} ${y + 5}V${y - 5}Z`}
                fill="var(--stop)"
                stroke="#fff"
              />
            ) : mark === 'look again' ? (
              <circle cx={x} cy={y} r="12" fill="var(--glaze)" stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="4 3" />
            ) : (
              <circle cx={x} cy={y} r="11" fill="var(--leaf)" stroke="#f9fdfe" strokeWidth="1.6" />
            )}
            {e.id === chosen && <circle cx={x} cy={y} r="17" fill="none" stroke="var(--next)" strokeWidth="3" />}
            <text
              x={x}
              y={y + 4.5}
              textAnchor="middle"
              fontSize="13"
              fontWeight="700"
              fill={mark === 'stop' ? 'var(--onstop)' : mark === 'look again' ? 'var(--ink)' : 'var(--onleaf)'}
            >
              {e.number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
