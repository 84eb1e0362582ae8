'use client';

import { useState } from 'react';
import type { Species } from '@/core/botany/species';
import { dayStart } from '@/core/days/clock';
import { SAFETY } from '@/core/days/settings';
import type { Task } from '@/core/days/tasks';
import type { DayRow } from '@/core/plan/dayList';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Portrait } from '../shared/Portrait';
import { useWidth } from '../shared/useWidth';
import { useStudio } from '../useStudio';
import { rowHeight } from './DayRows';
import { moveTo } from './moveTo';
import { capital } from '@/core/words/capital';
import { currentWords, useWords } from '../speech/useWords';
import type { TaskName } from '@/core/days/facts';
import type { Fact } from '@/core/facts/fact';

/** The flowers, hanging from the rail. */
function Heads({ strands }: { strands: readonly Species[] }) {
  const words = useWords();
  const choices = useStudio((s) => s.project!.brief.choices);
  return (
    <div className="flex justify-around border-b-2 border-[var(--wire)] pb-1 max-md:hidden">
      {strands.map((s) => (
        <span key={s.id} className="w-14 text-center">
          <Portrait
            kind={{
              species: s.id,
              stage: s.stages[s.stages.length - 1]!.id,
              sizeMm: 50,
              colourway: choices.find((c) => c.species === s.id)?.colourway ?? s.colourways[0]!.id,
            }}
            px={46}
            alt={capital(words.species(s.id)[0])}
          />
        </span>
      ))}
    </div>
  );
}

interface Block {
  key: string;
  /** tasks of one step in one sitting, told as one */
  tasks: { task: Task; from: number; to: number; done: boolean }[];
  from: number;
  to: number;
}

/** A strand a species: work as dark blocks at their hour, drying hanging below them. A block is drawn to another day. */
function Rail({
  rows,
  strands,
  plan,
  chosen,
  onTask,
}: {
  rows: readonly DayRow[];
  strands: readonly Species[];
  plan: DerivedPlan;
  chosen: string | null;
  onTask(id: string): void;
}) {
  const words = useWords();
  const [box, width] = useWidth<SVGSVGElement>(700);
  const margin = useStudio((s) => SAFETY[s.project!.days.safety].dryingMargin);
  const [drag, setDrag] = useState<{ id: string; y0: number; dy: number; day: number } | null>(null);
  const start = rows[0]?.day ?? 0;
  const ROW = rowHeight(rows);
  const height = rows.length * ROW;
  const y = (wall: number) => ((wall - start) / 1440) * ROW;
  const blocks = blocksOf(plan);
  const critical = new Set(plan.critical);
  const shared = blocks.filter((b) => b.tasks[0]!.task.strand === 'all');
  const target = drag ? dayStart(drag.day + Math.round(drag.dy / ROW) * 1440) : null;
  const hold = (b: Block) => ({
    tabIndex: 0,
    role: 'button',
    'aria-label': `${currentWords().say(b.tasks[0]!.task.name)}, ${words.units.duration(b.to - b.from)}`,
    style: { cursor: 'grab', touchAction: 'none' as const },
    onClick: () => onTask(b.tasks[0]!.task.id),
    onKeyDown: (e: React.KeyboardEvent) => {
      if (e.key === 'Enter' || e.key === ' ') {
        e.preventDefault();
        onTask(b.tasks[0]!.task.id);
      } else if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
        e.preventDefault();
        moveTo(
          b.tasks.map((t) => t.task.id),
          dayStart(b.from) + (e.key === 'ArrowUp' ? -1440 : 1440),
        );
      }
    },
    onPointerDown: (e: React.PointerEvent<SVGGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      setDrag({ id: b.key, y0: e.clientY, dy: 0, day: dayStart(b.from) });
    },
    onPointerMove: (e: React.PointerEvent) => setDrag((d) => (d && d.id === b.key ? { ...d, dy: e.clientY - d.y0 } : d)),
    onPointerUp: () => {
      setDrag(null);
      if (target !== null && target !== dayStart(b.from))
        moveTo(
          b.tasks.map((t) => t.task.id),
          target,
        );
    },
    onPointerCancel: () => setDrag(null),
  });
  const dyOf = (b: Block) => (drag?.id === b.key && Math.abs(drag.dy) > 4 ? drag.dy : 0);
  const left = (0.5 / strands.length) * width - 20;
  return (
    <svg
      ref={box}
      viewBox={`0 0 ${width} ${height}`}
      className="w-full max-md:hidden"
      style={{ height }}
      role="group"
      aria-label={words.label('days.work-drying-each-kind-over')}
    >
      {rows.map((_, i) => (
        <path key={i} d={`M0 ${(i + 1) * ROW}H${width}`} stroke="var(--line)" />
      ))}
      {target !== null && drag && Math.abs(drag.dy) > 4 && (
        <rect x="0" y={y(target)} width={width} height={ROW} fill="var(--nextwash)" opacity="0.6" />
      )}
      {strands.map((s, k) => (
        <path key={s.id} d={`M${((k + 0.5) / strands.length) * width} 0V${height}`} stroke="var(--line)" strokeWidth="1.5" />
      ))}
      {shared.map((b) => (
        <g key={b.key} {...hold(b)} transform={`translate(0 ${dyOf(b)})`}>
          <title>{`${b.tasks.map((t) => currentWords().say(t.task.name)).join('; ')}: ${words.units.duration(b.to - b.from)}`}</title>
          <rect
            x={left}
            y={y(b.from)}
            width={width - left * 2}
            height={Math.max(22, y(b.to) - y(b.from))}
            rx="8"
            fill={b.tasks.every((t) => t.done) ? 'var(--leaf)' : 'var(--ink)'}
            stroke={b.tasks.some((t) => t.task.id === chosen) ? 'var(--next)' : 'none'}
            strokeWidth="3"
          />
          <text x={width / 2} y={y(b.from) + 16} fontSize="13" textAnchor="middle" fill="var(--bench)">
            {sharedWords(b)}
          </text>
        </g>
      ))}
      {strands.map((s, k) => {
        const x = ((k + 0.5) / strands.length) * width;
        const own = blocks.filter((b) => b.tasks[0]!.task.strand === s.id);
        return (
          <g key={s.id}>
            {own.map((b) => {
              const dry = Math.max(...b.tasks.map((t) => t.to + t.task.dryHours * 60 * margin));
              const hours = b.tasks[0]!.task.dryHours;
              const long = Math.max(18, y(dry) - y(b.to));
              return hours > 0 ? (
                <g key={`dry-${b.key}`} transform={`translate(0 ${dyOf(b)})`}>
                  <rect x={x - 17} y={y(b.to) - 2} width="34" height={long} rx="6" fill="var(--dry)" stroke="var(--dryedge)" />
                  <text x={x} y={y(b.to) + long - 6} fontSize="13" textAnchor="middle" fill="var(--ink)">
                    {words.units.hours(hours)}
                  </text>
                </g>
              ) : null;
            })}
            {own.map((b) => {
              const held = b.tasks.some((t) => critical.has(t.task.id));
              return (
                <g key={b.key} {...hold(b)} transform={`translate(0 ${dyOf(b)})`}>
                  <title>
                    {words.label('days.decides-when-work-begins-2', {
                      held: held ? 'yes' : 'no',
                      tasks: b.tasks.map((t) => currentWords().say(t.task.name)).join('; '),
                      to: words.units.duration(b.to - b.from),
                    })}
                  </title>
                  <rect
                    x={x - 22}
                    y={y(b.from) - 8}
                    width="44"
                    height={Math.max(32, y(b.to) - y(b.from) + 16)}
                    fill="transparent"
                  />
                  <rect
                    x={x - 17}
                    y={y(b.from)}
                    width="34"
                    height={Math.max(15, y(b.to) - y(b.from))}
                    rx="5"
                    fill={b.tasks.every((t) => t.done) ? 'var(--leaf)' : 'var(--ink)'}
                    stroke={b.tasks.some((t) => t.task.id === chosen) ? 'var(--next)' : 'none'}
                    strokeWidth="3"
                  />
                  {held && <circle cx={x + 17} cy={y(b.from)} r="4.5" fill="var(--next)" stroke="var(--nexttext)" />}
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}

export const Strands = { Heads, Rail };

/** A task's name without the part of it that is done here. */
const undivided = (name: TaskName): Fact => ({ ...name, values: { ...name.values, part: 1, parts: 1 } });

const sharedWords = (b: Block): string => {
  const names = [...new Set(b.tasks.map((t) => currentWords().say(undivided(t.task.name)).toLowerCase()))];
  const text = `${names.join(', ')}, ${currentWords().units.duration(b.tasks.reduce((a, t) => a + t.to - t.from, 0))}`;
  return capital(text);
};

/** Tasks of one step in one sitting as one block; what is done for all together by its stretch. */
function blocksOf(plan: DerivedPlan): Block[] {
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const blocks = new Map<string, Block>();
  let run = 0;
  let last = -Infinity;
  for (const p of plan.schedule) {
    const task = tasks.get(p.id)!;
    if (task.strand === 'all') {
      if (p.from - last > 15) run++;
      last = p.to;
    }
    const key = task.strand === 'all' ? `all|${run}` : `${task.kind}|${task.step}|${p.maker}|${dayStart(p.from)}`;
    const block = blocks.get(key) ?? { key, tasks: [], from: p.from, to: p.to };
    block.tasks.push({ task, from: p.from, to: p.to, done: p.done === true });
    block.from = Math.min(block.from, p.from);
    block.to = Math.max(block.to, p.to);
    blocks.set(key, block);
  }
  return [...blocks.values()];
}
