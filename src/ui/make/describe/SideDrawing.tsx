'use client';

import { Minus, MoveHorizontal, Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import type { OwnSpecies } from '@/core/botany/ownSpecies';
import { pulled, pulledLine } from '@/core/piece/edited';
import { sideView, type SideMark } from '@/core/piece/sideView';
import { Mark } from '../../shared/SideMark';
import type { Part } from '@/core/piece/part';
import { usePull } from '../../shared/pull';
import { useWidth } from '../../shared/useWidth';
import { useWords } from '../../speech/useWords';
import type { Described } from './useDescribed';

/** Bare stem that is drawn below the last joint, mm. */
const FOOT_MM = 30;
/** No larger than true size on a usual screen, px to a mm. */
const MOST_PX = 3.8;
const RULE_MM = 20;
/** A hand moves so far for another node where there is only one, mm. */
const USUAL_GAP_MM = 14;
const MARGIN_PX = 24;

interface Props {
  own: OwnSpecies;
  described: Described;
  tree: Part;
  lineId: string;
  onChoose(lineId: string): void;
  /** while the foot is pulled; null when it is let go */
  onPulled(tree: Part | null): void;
}

/** The piece as it grows along its stem, over a rule in mm; its foot can be pulled, a part of a line pressed to show its sizes. */
export function SideDrawing({ own, described, tree, lineId, onChoose, onPulled }: Props) {
  const words = useWords();
  const [box, widthPx] = useWidth<HTMLDivElement>(700);
  const [by, setBy] = useState(0);
  const latest = useRef<Part | null>(null);
  const line = pulledLine(described.tree);
  const view = sideView(tree);
  const still = sideView(described.tree);
  const [left, right] = [still.box.left, still.spanMm + FOOT_MM + 14];
  const px = Math.min(MOST_PX, (widthPx - 2 * MARGIN_PX) / Math.max(1, right - left));
  const tall = Math.max(36, -view.box.top, view.box.bottom);
  const height = 2 * tall * px + 56;
  // in the middle of its room; what is pulled grows to the right
  const before = Math.max(MARGIN_PX, (widthPx - MARGIN_PX - (right - left) * px) / 3);
  const x = (mm: number) => before + (mm - left) * px;
  const y = (mm: number) => tall * px + 10 + mm * px;
  const gapMm = still.joints.length > 1 ? still.joints.at(-1)! - still.joints.at(-2)! : USUAL_GAP_MM;
  const bind = usePull<[], number>(
    {
      begin: () => 0,
      move: (_, { xPx }) => {
        if (!line) return;
        const nodes = Math.round(xPx / px / Math.max(2, gapMm));
        setBy(nodes);
        latest.current = nodes === 0 ? null : pulled(described.tree, line.id, nodes);
        onPulled(latest.current);
      },
      end: () => {
        if (latest.current) described.change(latest.current, 'describe.do-node');
        latest.current = null;
        setBy(0);
        onPulled(null);
      },
      giveUp: () => {
        latest.current = null;
        setBy(0);
        onPulled(null);
      },
    },
    { axis: 'x' },
  );
  const step = (nodes: number) => line && described.change(pulled(described.tree, line.id, nodes), 'describe.do-node');
  return (
    <div className="well relative px-3 py-2" ref={box}>
      <div className="flex items-center justify-between gap-3">
        <span className="small">{words.label('describe.side')}</span>
        {line && (
          <span className="flex items-center gap-2">
            {by !== 0 && (
              <b className="text-[15px]">
                {by > 0 ? words.label('describe.pulled', { count: by }) : words.label('describe.pulled-in', { count: -by })}
              </b>
            )}
            <button className="key bare" aria-label={words.label('describe.node-fewer')} onClick={() => step(-1)}>
              <Minus size={20} />
            </button>
            <button className="key bare" aria-label={words.label('describe.node-more')} onClick={() => step(1)}>
              <Plus size={20} />
            </button>
          </span>
        )}
      </div>
      <svg
        width={widthPx - MARGIN_PX}
        height={height}
        role="img"
        aria-label={words.label('describe.seen', {
          name: own.name,
          parts: words.parts(told(view.marks)),
        })}
        className="block max-w-full"
      >
        <path d={`M${x(0)} ${y(0)}H${x(view.spanMm)}`} stroke="var(--leaf)" strokeWidth={3} />
        <path
          d={`M${x(view.spanMm)} ${y(0)}H${x(view.spanMm + FOOT_MM)}`}
          stroke="var(--leaf)"
          strokeWidth={3}
          strokeDasharray="2 6"
        />
        {view.joints.map((mm) => (
          <path key={mm} d={`M${x(mm)} ${y(0)}V${height - 34}`} stroke="var(--edge)" strokeDasharray="1 4" />
        ))}
        {[...view.marks]
          .sort((a, b) => Number(b.behind) - Number(a.behind))
          .map((m) => (
            <Mark
              key={m.id}
              mark={m}
              at={[x, y]}
              px={px}
              hue={own.colourways[0]!.hue}
              look={{ on: m.partId === lineId }}
              onChoose={onChoose}
            />
          ))}
        <Rule x={x} y={height - 30} longMm={view.spanMm + FOOT_MM} />
        {line && (
          <g {...bind()} className="cursor-ew-resize touch-none" role="presentation">
            <circle cx={x(view.spanMm + FOOT_MM)} cy={y(0)} r={22} fill="transparent" />
            <circle cx={x(view.spanMm + FOOT_MM)} cy={y(0)} r={15} fill="var(--next)" stroke="var(--ink)" />
            <MoveHorizontal x={x(view.spanMm + FOOT_MM) - 9} y={y(0) - 9} size={18} aria-hidden="true" />
            <title>{words.label('describe.foot-pull')}</title>
          </g>
        )}
      </svg>
    </div>
  );
}

const told = (marks: readonly SideMark[]): { part: string; count: number }[] => {
  const counts = new Map<string, number>();
  for (const { kind } of marks) counts.set(kind === 'cluster' ? 'twig' : kind, (counts.get(kind) ?? 0) + 1);
  return [...counts].map(([part, count]) => ({ part, count }));
};

function Rule({ x, y, longMm }: { x: (mm: number) => number; y: number; longMm: number }) {
  const words = useWords();
  const ticks = Array.from({ length: Math.floor(longMm / (RULE_MM / 2)) + 1 }, (_, i) => (i * RULE_MM) / 2);
  return (
    <g aria-hidden="true">
      <path d={`M${x(0)} ${y}H${x(longMm)}`} stroke="var(--ink2)" />
      {ticks.map((mm) => (
        <g key={mm}>
          <path d={`M${x(mm)} ${y}v${mm % RULE_MM === 0 ? 8 : 5}`} stroke="var(--ink2)" />
          {mm % RULE_MM === 0 && (
            <text x={x(mm)} y={y + 22} textAnchor="middle" fontSize="13" fill="var(--ink2)">
              {words.units.figure(mm)}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
