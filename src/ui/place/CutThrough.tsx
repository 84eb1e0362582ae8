'use client';

import { cakeHeightMm, stackTiers, type Cake } from '@/core/cake/cake';
import type { DerivedPlan, PlannedEntry } from '@/core/plan/derivePlan';
import { SvgPortrait } from '../shared/Portrait';
import { useUnitsPerPixel } from '../shared/useWidth';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

const W = 320;
const H = 420;

/** Half the cake cut open at the entry's hour, with the barrier drawn at its true angle and length. */
export function CutThrough({ cake, entry, plan }: { cake: Cake; entry: PlannedEntry; plan: DerivedPlan }) {
  const words = useWords();
  const [box, unitsPerPx] = useUnitsPerPixel(W);
  const piece = useStudio((s) =>
    s.project!.arrangements.find((a) => a.id === entry.arrangementId)?.pieces.find((p) => p.id === entry.pieceIds[0]),
  );
  const tiers = stackTiers(cake).map((t) => ({
    ...t,
    reachMm: t.outline.signedMm(0, 0) < 0 ? t.outline.reachMm(0, 0, entry.azimuthRad, 0) : 0,
  }));
  const widest = Math.max(60, ...tiers.map((t) => t.reachMm));
  const tall = cakeHeightMm(cake) + 70;
  const scale = Math.min((W - 50) / (widest + 34), (H - 20) / tall);
  const X = (out: number) => W - 8 - out * scale;
  const Y = (z: number) => H - 14 - z * scale;
  const out = [Math.cos(entry.azimuthRad), Math.sin(entry.azimuthRad)] as const;
  const radial = Math.hypot(entry.pointMm[0], entry.pointMm[1]);
  const inward = entry.direction[0] * out[0] + entry.direction[1] * out[1];
  const end = { r: radial + inward * entry.insideMm, z: entry.pointMm[2] + entry.direction[2] * entry.insideMm };
  const head = plan.heads.find((h) => h.arrangementId === entry.arrangementId && h.pieceId === entry.pieceIds[0]);
  const headOut = head ? head.centreMm[0] * out[0] + head.centreMm[1] * out[1] : 0;
  const tier = tiers[entry.tierIndex];
  return (
    <svg
      ref={box}
      viewBox={`0 0 ${W} ${H}`}
      className="w-full max-w-[340px]"
      role="img"
      aria-label={words.label('place.into-of-cake', {
        barrier: words.barrier(entry.barrier)[0],
        insideMm: words.units.length(entry.insideMm),
        cakeMm: words.units.length(entry.cakeMm),
      })}
    >
      {tiers.map((t) => (
        <g key={t.tier.id}>
          <path
            d={`M${X(0)} ${Y(t.footMm)}H${X(t.reachMm)}V${Y(t.topMm - t.edgeMm)}Q${X(t.reachMm)} ${Y(t.topMm)} ${X(t.reachMm - t.edgeMm)} ${Y(t.topMm)}H${X(0)}Z`}
            fill={t.tier.kind === 'dummy' ? 'var(--well)' : 'var(--crumb)'}
          />
          <path
            d={`M${X(t.reachMm)} ${Y(t.footMm)}V${Y(t.topMm - t.edgeMm)}Q${X(t.reachMm)} ${Y(t.topMm)} ${X(t.reachMm - t.edgeMm)} ${Y(t.topMm)}H${X(0)}`}
            fill="none"
            stroke={t.tier.covering.colour}
            strokeWidth="6"
          />
          {t.tier.kind === 'edible' &&
            [1, 2, 3].map((k) => (
              <path
                key={k}
                d={`M${X(0)} ${Y(t.footMm + (k * t.tier.heightMm) / 4)}H${X(t.reachMm - 4)}`}
                stroke="#f9f1e0"
                strokeWidth="3"
                opacity="0.75"
              />
            ))}
        </g>
      ))}
      <path d={`M${X(0)} 6V${H - 6}`} stroke="var(--edge)" strokeDasharray="2 6" />
      <rect x={X(cake.board.diameterMm / 2)} y={Y(0)} width={(cake.board.diameterMm / 2) * scale} height="8" fill="#b79f8b" />
      <path
        d={`M${X(radial - inward * 2)} ${Y(entry.pointMm[2] - entry.direction[2] * 2)}L${X(end.r)} ${Y(end.z)}`}
        stroke="var(--ink)"
        strokeWidth={entry.outsideMm * scale + 3}
      />
      <path
        d={`M${X(radial - inward * 2)} ${Y(entry.pointMm[2] - entry.direction[2] * 2)}L${X(end.r)} ${Y(end.z)}`}
        stroke="var(--nextwash)"
        strokeWidth={entry.outsideMm * scale}
      />
      {head && (
        <path
          d={`M${X(headOut)} ${Y(head.centreMm[2])}L${X(radial)} ${Y(entry.pointMm[2])}L${X(radial + inward * entry.wireInsideMm)} ${Y(entry.pointMm[2] + entry.direction[2] * entry.wireInsideMm)}`}
          stroke="var(--leaf)"
          strokeWidth="2.4"
          fill="none"
        />
      )}
      {piece && head && (
        <SvgPortrait
          kind={piece}
          x={X(headOut)}
          y={Y(head.centreMm[2])}
          size={Math.max(head.radialMm, head.axialMm) * 2 * scale}
        />
      )}
      {tier && (
        <g fontSize={13.5 * Math.max(1, unitsPerPx)} fill="var(--ink)">
          <path d={`M24 ${Y(tier.footMm)}V${Y(tier.topMm)}m-5 0h10M19 ${Y(tier.footMm)}h10`} stroke="var(--ink)" fill="none" />
          <text transform={`translate(17 ${Y((tier.footMm + tier.topMm) / 2)}) rotate(-90)`} textAnchor="middle">
            {words.label('place.of-foam', {
              foam: tier.tier.kind === 'dummy' ? 'yes' : 'no',
              height: words.units.figure(tier.tier.heightMm),
            })}
          </text>
          <text x={X(end.r) + 8} y={Y(end.z) + 4} fontWeight="600">
            {words.units.length(entry.insideMm)}
          </text>
        </g>
      )}
    </svg>
  );
}
