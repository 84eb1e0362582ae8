'use client';

import { useRef } from 'react';
import { cakeHeightMm, stackTiers, type Cake, type StackedTier, drawnHeightMm, drawnWidthMm } from '@/core/cake/cake';
import { speciesById } from '@/core/botany/catalogue';
import { colourwayOf } from '@/core/botany/species';
import { drawLine } from '@/core/compose/line';
import { seededRandom } from '@/core/geometry/random';
import { usePull } from '../shared/pull';
import { getStudio, useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const W = 620;
const H = 238;

type Edge = [tierIndex: number, edge: 'width' | 'height'];

/** A tier's side or top is pulled: it follows the hand, and is one step when let go. */
function useTierPull(cake: Cake, mmPerPx: () => number) {
  const { preview, settle, giveUp } = getStudio();
  return usePull<Edge, { tier: Cake['tiers'][number] | undefined; mmPerPx: number }>({
    begin: ([index]) => ({ tier: cake.tiers[index], mmPerPx: mmPerPx() }),
    move: ([index, edge], { start, xPx, yPx }) =>
      preview((d) => {
        const tier = d.cake.tiers[index];
        if (!tier || !start.tier) return;
        if (edge === 'width') tier.diameterMm = drawnWidthMm(start.tier.diameterMm + xPx * start.mmPerPx * 2);
        else tier.heightMm = drawnHeightMm(start.tier.heightMm - yPx * start.mmPerPx);
      }),
    end: ([, edge]) => settle(edge === 'width' ? asLabel('brief.do-width-of-a-tier') : asLabel('brief.do-height-of-a-tier')),
    giveUp,
  });
}

/** The tiers to scale, seen from the front; sides and tops can be pulled. The arrangement is dabs of its colours only. */
export function CakeDrawing({ cake }: { cake: Cake }) {
  const words = useWords();
  const svg = useRef<SVGSVGElement>(null);
  const height = Math.max(80, cakeHeightMm(cake) + 50);
  const wide = Math.max(cake.board.diameterMm, 120) + 60;
  const scale = Math.min((H - 26) / height, W / wide);
  const X = (mm: number) => W / 2 + mm * scale;
  const Y = (mm: number) => H - 18 - mm * scale;
  const pull = useTierPull(cake, () => W / svg.current!.getBoundingClientRect().width / scale);
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${W} ${H}`}
      className="mt-2 w-full touch-none"
      role="img"
      aria-label={words.label('brief.the-cake-to-scale', {
        tiers:
          cake.tiers
            .map((t) => words.label('brief.width-by-height', { diameterMm: t.diameterMm, heightMm: words.units.mm(t.heightMm) }))
            .join(', ') || words.label('brief.no-tier-yet'),
      })}
    >
      <ellipse cx={W / 2} cy={Y(-6)} rx={(cake.board.diameterMm / 2) * scale} ry={7} fill="#d9cdc2" />
      <rect
        x={X(-cake.board.diameterMm / 2)}
        y={Y(0)}
        width={cake.board.diameterMm * scale}
        height={cake.board.thicknessMm * scale}
        rx="3"
        fill="#e2d8ce"
      />
      {stackTiers(cake).map((t) => (
        <g key={t.tier.id}>
          <path d={outline(t, X, Y)} fill={t.tier.covering.colour} stroke="rgb(59 21 45 / .25)" />
          <path d={outline(t, X, Y)} fill="url(#side)" />
          {cornersSeen(t).map((x) => (
            <path key={x} d={`M${X(x)} ${Y(t.footMm)}V${Y(t.topMm - t.edgeMm)}`} stroke="rgb(59 21 45 / .22)" strokeWidth="2" />
          ))}
          {t.tier.kind !== 'edible' && (
            <text x={X(t.outline.xMm)} y={Y((t.footMm + t.topMm) / 2) + 5} textAnchor="middle" fontSize="15" fill="var(--ink)">
              {t.tier.kind === 'dummy' ? words.label('brief.foam') : words.label('brief.separator')}
            </text>
          )}
        </g>
      ))}
      <defs>
        <linearGradient id="side" x1="0" x2="1">
          <stop offset="0" stopColor="#3b152d" stopOpacity=".18" />
          <stop offset=".3" stopColor="#fff" stopOpacity=".14" />
          <stop offset="1" stopColor="#3b152d" stopOpacity=".3" />
        </linearGradient>
      </defs>
      <Dabs cake={cake} X={X} Y={Y} scale={scale} />
      {stackTiers(cake).map((t) => (
        <g key={t.tier.id} style={{ cursor: 'grab' }}>
          <rect
            x={X(sidesOf(t)[1]) - 8}
            y={Y((t.footMm + t.topMm) / 2) - 18}
            width="16"
            height="36"
            rx="8"
            fill="var(--glaze)"
            stroke="var(--ink)"
            strokeWidth="1.6"
            {...pull(t.index, 'width')}
            style={{ cursor: 'ew-resize' }}
          />
          <rect
            x={X(t.outline.xMm) - 18}
            y={Y(t.topMm) - 8}
            width="36"
            height="16"
            rx="8"
            fill="var(--glaze)"
            stroke="var(--ink)"
            strokeWidth="1.6"
            {...pull(t.index, 'height')}
            style={{ cursor: 'ns-resize' }}
          />
        </g>
      ))}
    </svg>
  );
}

/** A tier's outline seen from the front. */
function outline(t: StackedTier, X: (mm: number) => number, Y: (mm: number) => number): string {
  const [left, right] = sidesOf(t);
  const { edgeMm: e, footMm: foot, topMm: top } = t;
  return `M${X(left)} ${Y(foot)}V${Y(top - e)}Q${X(left)} ${Y(top)} ${X(left + e)} ${Y(top)}H${X(right - e)}Q${X(right)} ${Y(top)} ${X(right)} ${Y(top - e)}V${Y(foot)}Z`;
}

const sidesOf = (t: StackedTier): [number, number] => {
  const xs = t.outline.round(0).map((p) => p.x);
  return [Math.min(...xs), Math.max(...xs)];
};

/** Where upright corners toward the front are seen, as x. */
function cornersSeen(t: StackedTier): number[] {
  if (t.tier.shape === 'round') return [];
  const points = t.outline.round(0);
  const [left, right] = sidesOf(t);
  const per = points.length / (t.tier.shape === 'hexagon' ? 6 : 4);
  return points
    .filter((p, i) => i % per === Math.floor(per / 2) && p.ny < -0.05 && p.x > left + 4 && p.x < right - 4)
    .map((p) => Math.round(p.x));
}

/** Colour and mass only: what a brief may promise. */
function Dabs({ cake, X, Y, scale }: { cake: Cake; X: (mm: number) => number; Y: (mm: number) => number; scale: number }) {
  const catalogue = useCatalogue();
  const arrangements = useStudio((s) => s.project!.arrangements);
  const choices = useStudio((s) => s.project!.brief.choices);
  const lines = arrangements.flatMap((a) => (cake.tiers.length ? (drawLine(a.line, cake) ?? []) : []));
  if (lines.length === 0 || choices.length === 0) return null;
  const random = seededRandom(7);
  const dabs = Array.from({ length: 46 * lines.length }, (_, i) => {
    const line = lines[i % lines.length]!;
    const s = random();
    const place = line.at(s, (random() * 2 - 1) * line.halfWidthMm(s) * 0.8);
    const species = speciesById(choices[Math.floor(random() * choices.length)]!.species, catalogue);
    const way = colourwayOf(species, choices.find((c) => c.species === species.id)!.colourway);
    return {
      place,
      hue: way.hue,
      r: (species.sizesMm[1] ?? species.sizesMm[0]!) * (species.habit === 'sprig' ? 0.16 : 0.34) * (1 - 0.5 * line.armShare(s)),
      front: place.normal[1] < 0.25,
    };
  });
  return (
    <g opacity="0.8">
      {dabs
        .filter((d) => d.front)
        .sort((a, b) => b.place.pointMm[1] - a.place.pointMm[1])
        .map((d, i) => (
          <circle
            key={i}
            cx={X(d.place.pointMm[0])}
            cy={Y(d.place.pointMm[2] + 4)}
            r={Math.max(2, d.r * scale)}
            fill={d.hue}
            opacity="0.85"
          />
        ))}
    </g>
  );
}
