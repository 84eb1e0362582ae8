'use client';

import type { DerivedPlan, PlannedEntry } from '@/core/plan/derivePlan';
import { barrierPath } from './barrierPath';
import { PiecePicture } from './PiecePicture';
import { useWords } from '../speech/useWords';

const PX_PER_MM = 1.9;
const HEAD_ROOM = 62;

/** Stem by stem: every bunch with its stems drawn into its own barrier, all at one scale, in the order they go in. */
export function StemStrip({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const deepest = Math.max(40, ...plan.entries.map((e) => e.cutMm));
  const rim = HEAD_ROOM + Math.min(60, Math.max(20, ...plan.stems.map((s) => s.lengthMm))) * PX_PER_MM;
  const height = rim + deepest * PX_PER_MM + 75;
  return (
    <div>
      <h1 className="pt-1">
        {words.label('wire.stems-into-barriers', { stems: plan.stems.length, entries: plan.entries.length })}
      </h1>
      <ol className="flex gap-1 overflow-x-auto pb-2" aria-label={words.label('wire.stems-order-they-go')} tabIndex={0}>
        {plan.entries.map((e) => (
          <li key={e.id} className="shrink-0">
            <StemInBarrier entry={e} plan={plan} rim={rim} height={height} />
          </li>
        ))}
      </ol>
    </div>
  );
}

function StemInBarrier({ entry, plan, rim, height }: { entry: PlannedEntry; plan: DerivedPlan; rim: number; height: number }) {
  const words = useWords();
  const n = entry.pieceIds.length;
  const width = Math.max(108, n * 44 + 34);
  const middle = width / 2;
  const od = Math.max(7, entry.outsideMm * 2.4);
  // a stake stands out of the icing, along the stem that is taped to it
  const top = rim - (entry.kind === 'stake' ? (entry.cutMm - entry.insideMm) * PX_PER_MM : 0);
  const bottom = top + entry.cutMm * PX_PER_MM;
  const stems = entry.pieceIds.map((id) => plan.stems.find((s) => s.arrangementId === entry.arrangementId && s.pieceId === id)!);
  const wires = entry.pieceIds.map((id) =>
    plan.wires.find((w) => w.arrangementId === entry.arrangementId && w.pieceId === id && w.use === 'stem')!,
  );
  const gauges = [...new Set(wires.map((w) => w.gauge))].sort((a, b) => a - b);
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={words.label('wire.stems-gauge-thick-cut', {
        n,
        number: entry.number,
        gauges: words.list(gauges.map((g) => words.gauge(g))),
        bundle: words.units.length(entry.bundleMm, 1),
        barrier: words.barrier(entry.barrier)[0],
        cut: words.units.length(entry.cutMm),
      })}
    >
      <path
        d={barrierPath(entry, { x: middle, rim: top, bottom, od, tip: 8 })}
        fill="var(--nextwash)"
        stroke="var(--ink)"
        strokeWidth="1.2"
      />
      <path
        d={`M${middle} ${rim}V${rim + entry.wireInsideMm * PX_PER_MM}`}
        stroke="var(--leaf)"
        strokeWidth={Math.max(1.6, entry.bundleMm * 1.6)}
      />
      {stems.map((stem, i) => {
        const hx = middle + (i - (n - 1) / 2) * 44;
        const hy = Math.max(32, rim - Math.max(14, stem.lengthMm * PX_PER_MM) - (i % 2) * 12);
        return (
          <g key={stem.pieceId}>
            <path
              d={`M${hx} ${hy}C${hx} ${hy + 20} ${middle} ${rim - 26} ${middle} ${rim}`}
              stroke="var(--leaf)"
              fill="none"
              strokeWidth={Math.max(1.4, stem.gauge.diameterMm * 2.6)}
            />
            <PiecePicture of={entry.arrangementId} pieceId={stem.pieceId} plan={plan} x={hx} y={hy - 10} />
            {/* beside the stem where it meets the rim: a head of any size leaves that free */}
            <text
              x={n > 1 ? hx : middle + od / 2 + 6}
              y={n > 1 ? hy - 40 : rim + 5}
              textAnchor={n > 1 ? 'middle' : 'start'}
              fontSize="13"
              fill="var(--ink2)"
            >
              {words.units.figure(stem.lengthMm)}
            </text>
          </g>
        );
      })}
      <text x={middle + od / 2 + 6} y={(rim + bottom) / 2 + 4} fontSize="13" fill="var(--ink)">
        {words.units.figure(entry.cutMm)}
      </text>
      <circle cx={middle - od / 2 - 18} cy={rim + 12} r="12" fill="var(--leaf)" />
      <text x={middle - od / 2 - 18} y={rim + 17} textAnchor="middle" fontSize="13" fontWeight="700" fill="var(--onleaf)">
        {entry.number}
      </text>
      <text x={middle} y={height - 51} textAnchor="middle" fontSize="13" fontWeight="600" fill="var(--ink)">
        {gauges.map((g) => words.gauge(g)).join(' + ')}
      </text>
      <text x={middle} y={height - 34} textAnchor="middle" fontSize="13" fontWeight="600" fill="var(--ink)">
        {words.label('wire.taped-thick', { thick: words.units.length(entry.bundleMm, 1) })}
      </text>
      <text x={middle} y={height - 17} textAnchor="middle" fontSize="13" fill="var(--ink2)">
        {words.barrier(entry.barrier)[0]}
      </text>
    </svg>
  );
}
