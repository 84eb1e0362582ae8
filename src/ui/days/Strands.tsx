'use client';

import { useState } from 'react';
import type { Species } from '@/core/botany/species';
import { dayStart } from '@/core/days/clock';
import { SAFETY } from '@/core/days/settings';
import type { Task } from '@/core/days/tasks';
import type { DayRow } from '@/core/plan/dayList';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { FINGER_PX, NearMarks } from '../shared/NearMarks';
import { usePull } from '../shared/pull';
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

interface RailProps {
  rows: readonly DayRow[];
  strands: readonly Species[];
  plan: DerivedPlan;
  chosen: string | null;
  onTask(id: string): void;
}

const idsOf = (b: Block): string[] => b.tasks.map((t) => t.task.id);
const nameOf = (b: Block): string => b.tasks.map((t) => currentWords().say(t.task.name)).join('; ');
/** A block is drawn to another day by hand, or sent there with the arrows; a press opens it. */
function useBlockDrag(ROW: number, onTask: (id: string) => void, onPress: (b: Block) => void) {
  const words = useWords();
  const [drag, setDrag] = useState<{ id: string; dy: number; target: number } | null>(null);
  const open = (b: Block) => onTask(b.tasks[0]!.task.id);
  const targetOf = (b: Block, yPx: number): number => dayStart(dayStart(b.from) + Math.round(yPx / ROW) * 1440);
  const byHand = usePull<[Block], object>(
    {
      begin: (_, held) => held,
      move: ([b], { yPx }) => setDrag({ id: b.key, dy: yPx, target: targetOf(b, yPx) }),
      end: ([b], { yPx }) => {
        setDrag(null);
        if (targetOf(b, yPx) !== dayStart(b.from)) moveTo(idsOf(b), targetOf(b, yPx));
      },
      giveUp: () => setDrag(null),
    },
    { axis: 'y' },
  );
  const hold = (b: Block) => ({
    ...byHand(b),
    tabIndex: 0,
    role: 'button',
    'aria-label': `${currentWords().say(b.tasks[0]!.task.name)}, ${words.units.duration(b.to - b.from)}`,
    style: { cursor: 'grab', touchAction: 'none' as const },
    transform: `translate(0 ${drag?.id === b.key ? drag.dy : 0})`,
    onClick: () => {
      open(b);
      onPress(b);
    },
    onKeyDown: (e: React.KeyboardEvent) => {
      const by = e.key === 'ArrowUp' ? -1440 : e.key === 'ArrowDown' ? 1440 : 0;
      if (by) moveTo(idsOf(b), dayStart(b.from) + by);
      else if (e.key === 'Enter' || e.key === ' ') open(b);
      else return;
      e.preventDefault();
    },
  });
  return { hold, target: drag?.target ?? null };
}

/** How a block looks: done or not, chosen or not. */
const inkOf = (b: Block, chosen: string | null) => ({
  fill: b.tasks.every((t) => t.done) ? 'var(--leaf)' : 'var(--ink)',
  stroke: b.tasks.some((t) => t.task.id === chosen) ? 'var(--next)' : 'none',
  strokeWidth: 3,
});

/** A strand a species: work as dark blocks at their hour, drying hanging below them. A block is drawn to another day. */
function Rail({ rows, strands, plan, chosen, onTask }: RailProps) {
  const words = useWords();
  const [box, width] = useWidth<SVGSVGElement>(700);
  const start = rows[0]?.day ?? 0;
  const ROW = rowHeight(rows);
  const height = rows.length * ROW;
  const y = (wall: number) => ((wall - start) / 1440) * ROW;
  const blocks = blocksOf(plan);
  const [pressed, setPressed] = useState<Block | null>(null);
  const { hold, target } = useBlockDrag(ROW, onTask, setPressed);
  const column = (b: Block) => strands.findIndex((s) => s.id === b.tasks[0]!.task.strand);
  // drawn closer together than a finger is wide: in one column or in two, or across all
  const gapPx = (a: Block, b: Block) => {
    const [i, k] = [column(a), column(b)];
    const aside = i < 0 || k < 0 ? 0 : Math.abs(i - k) * (width / strands.length);
    return Math.max(aside, y(Math.max(a.from, b.from)) - y(Math.min(a.to, b.to)));
  };
  const near = pressed ? blocks.filter((b) => gapPx(pressed, b) < FINGER_PX / 2) : [];
  const critical = new Set(plan.critical);
  return (
    <>
      <NearMarks
        marks={near.length > 1 ? near.map((b) => ({ id: b.tasks[0]!.task.id, name: nameOf(b) })) : []}
        chosen={chosen}
        onChoose={onTask}
      />
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
        {target !== null && <rect x="0" y={y(target)} width={width} height={ROW} fill="var(--nextwash)" opacity="0.6" />}
        {strands.map((s, k) => (
          <path key={s.id} d={`M${((k + 0.5) / strands.length) * width} 0V${height}`} stroke="var(--line)" strokeWidth="1.5" />
        ))}
        {blocks
          .filter((b) => b.tasks[0]!.task.strand === 'all')
          .map((b) => (
            <SharedBlock
              key={b.key}
              b={b}
              y={y}
              from={(0.5 / strands.length) * width - 20}
              width={width}
              chosen={chosen}
              hold={hold}
            />
          ))}
        {strands.map((s, k) => {
          const own = blocks.filter((b) => b.tasks[0]!.task.strand === s.id);
          const x = ((k + 0.5) / strands.length) * width;
          return (
            <g key={s.id}>
              {own.map((b) => (
                <DryingBlock key={`dry-${b.key}`} b={b} x={x} y={y} transform={hold(b).transform} />
              ))}
              {own.map((b) => (
                <WorkBlock
                  key={b.key}
                  b={b}
                  x={x}
                  y={y}
                  held={b.tasks.some((t) => critical.has(t.task.id))}
                  chosen={chosen}
                  hold={hold}
                />
              ))}
            </g>
          );
        })}
      </svg>
    </>
  );
}

interface BlockProps {
  b: Block;
  y(wall: number): number;
  chosen: string | null;
  hold: ReturnType<typeof useBlockDrag>['hold'];
}

/** What is done for all kinds together, across the strands. */
function SharedBlock({ b, y, from, width, chosen, hold }: BlockProps & { from: number; width: number }) {
  const words = useWords();
  return (
    <g {...hold(b)}>
      <title>{`${nameOf(b)}: ${words.units.duration(b.to - b.from)}`}</title>
      <rect
        x={from}
        y={y(b.from) - 11}
        width={width - from * 2}
        height={Math.max(44, y(b.to) - y(b.from) + 22)}
        fill="transparent"
      />
      <rect
        x={from}
        y={y(b.from)}
        width={width - from * 2}
        height={Math.max(22, y(b.to) - y(b.from))}
        rx="8"
        {...inkOf(b, chosen)}
      />
      <text x={width / 2} y={y(b.from) + 16} fontSize="13" textAnchor="middle" fill="var(--bench)">
        {sharedWords(b)}
      </text>
    </g>
  );
}

function DryingBlock({ b, x, y, transform }: Pick<BlockProps, 'b' | 'y'> & { x: number; transform: string }) {
  const words = useWords();
  const margin = useStudio((s) => SAFETY[s.project!.days.safety].dryingMargin);
  const hours = b.tasks[0]!.task.dryHours;
  if (!(hours > 0)) return null;
  const dry = Math.max(...b.tasks.map((t) => t.to + t.task.dryHours * 60 * margin));
  const long = Math.max(18, y(dry) - y(b.to));
  return (
    <g transform={transform}>
      <rect x={x - 17} y={y(b.to) - 2} width="34" height={long} rx="6" fill="var(--dry)" stroke="var(--dryedge)" />
      <text x={x} y={y(b.to) + long - 6} fontSize="13" textAnchor="middle" fill="var(--ink)">
        {words.units.hours(hours)}
      </text>
    </g>
  );
}

/** Work at one kind; a dot where it decides when all of it begins. */
function WorkBlock({ b, x, y, held, chosen, hold }: BlockProps & { x: number; held: boolean }) {
  const words = useWords();
  const long = y(b.to) - y(b.from);
  return (
    <g {...hold(b)}>
      <title>
        {words.label('days.decides-when-work-begins-2', {
          held: held ? 'yes' : 'no',
          tasks: nameOf(b),
          to: words.units.duration(b.to - b.from),
        })}
      </title>
      <rect x={x - 22} y={y(b.from) - 14} width="44" height={Math.max(44, long + 28)} fill="transparent" />
      <rect x={x - 17} y={y(b.from)} width="34" height={Math.max(15, long)} rx="5" {...inkOf(b, chosen)} />
      {held && <circle cx={x + 17} cy={y(b.from)} r="4.5" fill="var(--next)" stroke="var(--nexttext)" />}
    </g>
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
