'use client';

import { CustomChart } from 'echarts/charts';
import { DataZoomComponent, GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type ECharts } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef, useState } from 'react';
import { dayStart, wallFromText } from '@/core/days/clock';
import { SAFETY } from '@/core/days/settings';
import type { Task } from '@/core/days/tasks';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useStudio } from '../useStudio';
import { moveTo } from './moveTo';
import { currentWords, useWords } from '../speech/useWords';

register([CustomChart, GridComponent, TooltipComponent, MarkLineComponent, DataZoomComponent, SVGRenderer]);

const LINE = 26;
const MS = 60_000;
/** One line of the chart for a kind of piece; one for what is done for all. */
const lineOf = (task: Task): string => {
  const [species = '', stage = ''] = task.kind.split('|');
  return task.kind ? currentWords().pieceTitle({ species, stage }) : currentWords().label('days.all-kinds');
};
const inkOf = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** Every step over time: dark bars are work, lighter ones drying, marked what decides when it begins. A bar is drawn to another day. */
export function DaysChart({ plan, chosen, onTask }: { plan: DerivedPlan; chosen: string | null; onTask(id: string): void }) {
  const words = useWords();
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts | null>(null);
  const [ghost, setGhost] = useState<{ x: number; words: string } | null>(null);
  const leavesAt = useStudio((s) => s.project!.brief.leavesAt);
  const margin = useStudio((s) => SAFETY[s.project!.days.safety].dryingMargin);
  const evening = useStudio((s) => s.evening);
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const lines = [
    ...new Set(
      plan.schedule.map((p) => {
        const task = tasks.get(p.id)!;
        return lineOf(task);
      }),
    ),
  ];
  const height = lines.length * LINE + 90;
  useEffect(() => {
    if (!box.current) return;
    const own = init(box.current, null, { renderer: 'svg' });
    chart.current = own;
    const seen = new ResizeObserver(() => own.resize());
    seen.observe(box.current);
    return () => {
      seen.disconnect();
      own.dispose();
    };
  }, []);
  useEffect(() => {
    const own = chart.current;
    if (!own) return;
    const critical = new Set(plan.critical);
    const doneIds = new Set(plan.schedule.filter((p) => p.done).map((p) => p.id));
    const leaf = inkOf('--leaf');
    const [ink, ink2, dry, dryEdge, line, next, nextText] = [
      '--ink',
      '--ink2',
      '--dry',
      '--dryedge',
      '--line',
      '--next',
      '--nexttext',
    ].map(inkOf);
    const rows = plan.schedule.map((p) => {
      const task = tasks.get(p.id)!;
      const name = lineOf(task);
      return [p.from * MS, p.to * MS, (p.to + task.dryHours * 60 * margin) * MS, lines.indexOf(name), p.id] as const;
    });
    own.resize();
    own.setOption(
      {
        animation: false,
        textStyle: { fontFamily: inkOf('--tell') },
        grid: { left: 150, right: 24, top: 26, bottom: 66 },
        tooltip: {
          formatter: (at: { value: (typeof rows)[number] }) => {
            const task = tasks.get(at.value[4])!;
            const dries = task.dryHours > 0 ? words.label('days.then-h-to-dry', { dryHours: Math.round(task.dryHours) }) : '';
            const held = critical.has(task.id) ? `<br>${escape(words.label('days.decides-when-work-begins'))}` : '';
            return `${escape(words.say(task.name))}<br>${escape(words.units.duration((at.value[1] - at.value[0]) / MS) + dries)}${held}`;
          },
        },
        xAxis: {
          type: 'time',
          useUTC: true,
          min: dayStart(plan.schedule[0]?.from ?? 0) * MS,
          max: (wallFromText(leavesAt) + 120) * MS,
          minInterval: 1440 * MS,
          axisLabel: { color: ink2, formatter: (ms: number) => words.units.shortDay(ms / MS), hideOverlap: true },
          splitLine: { show: true, lineStyle: { color: line } },
        },
        yAxis: {
          type: 'category',
          inverse: true,
          data: lines,
          axisLabel: { color: ink, fontSize: 14, width: 135, overflow: 'truncate' },
          axisTick: { show: false },
          axisLine: { show: false },
        },
        dataZoom: [{ type: 'slider', height: 18, bottom: 14, filterMode: 'weakFilter', labelFormatter: '' }],
        series: [
          {
            type: 'custom',
            data: rows,
            encode: { x: [0, 2], y: 3 },
            renderItem: (
              _: unknown,
              api: {
                value(i: number): number;
                coord(at: [number, number]): [number, number];
                ordinalRawValue?: unknown;
              },
            ) => {
              const [x, y] = api.coord([api.value(0), api.value(3)]);
              const [x2] = api.coord([api.value(1), api.value(3)]);
              const [x3] = api.coord([api.value(2), api.value(3)]);
              const row = rows.find((r) => r[0] === api.value(0) && r[3] === api.value(3) && r[1] === api.value(1))!;
              const held = critical.has(row[4]);
              return {
                type: 'group',
                children: [
                  ...(x3 > x2
                    ? [
                        {
                          type: 'rect',
                          shape: { x: x2, y: y - 7, width: x3 - x2, height: 14, r: 4 },
                          style: { fill: dry, stroke: dryEdge, lineWidth: 1 },
                        },
                      ]
                    : []),
                  {
                    type: 'rect',
                    shape: { x, y: y - 9, width: Math.max(4, x2 - x), height: 18, r: 4 },
                    style: {
                      fill: doneIds.has(row[4]) ? leaf : ink,
                      stroke: row[4] === chosen ? next : 'none',
                      lineWidth: row[4] === chosen ? 3 : 0,
                    },
                  },
                  ...(held
                    ? [
                        {
                          type: 'circle',
                          shape: { cx: x + Math.max(4, x2 - x) / 2, cy: y - 11, r: 3 },
                          style: { fill: next, stroke: nextText },
                        },
                      ]
                    : []),
                ],
              };
            },
            markLine: {
              symbol: 'none',
              silent: true,
              data: [{ xAxis: wallFromText(leavesAt) * MS }],
              lineStyle: { color: inkOf('--leaf'), width: 2, type: 'solid' },
              label: { formatter: words.label('days.it-leaves'), color: inkOf('--leaf'), position: 'end', rotate: 0 },
            },
          },
        ],
      },
      { replaceMerge: ['series'] },
    );
    let held: { id: string; x: number; from: number } | null = null;
    const dayAt = (x: number): number => dayStart((own.convertFromPixel({ xAxisIndex: 0 }, x) as number) / MS);
    own.off('mousedown');
    own.on('mousedown', (e) => {
      const value = (e as unknown as { value: (typeof rows)[number] }).value;
      const x = (e as unknown as { event: { offsetX: number } }).event.offsetX;
      held = { id: value[4], x, from: dayStart(value[0] / MS) };
    });
    const move = (e: { offsetX: number }) => {
      if (!held || Math.abs(e.offsetX - held.x) < 5) return;
      const day = dayAt(e.offsetX);
      setGhost({
        x: e.offsetX,
        words: words.units.shortDay(day),
      });
    };
    const up = (e: { offsetX: number }) => {
      if (held) {
        const day = dayAt(e.offsetX);
        if (Math.abs(e.offsetX - held.x) < 5) onTask(held.id);
        else if (day !== held.from) moveTo([held.id], day);
      }
      held = null;
      setGhost(null);
    };
    const surface = own.getZr();
    surface.on('mousemove', move as never);
    surface.on('mouseup', up as never);
    return () => {
      surface.off('mousemove', move as never);
      surface.off('mouseup', up as never);
    };
    // what is drawn follows from the plan; `lines` and `tasks` are made from it
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan, chosen, leavesAt, margin, evening, height, words]);
  return (
    <div className="relative mt-3">
      <div ref={box} style={{ height }} role="img" aria-label={words.label('days.work-drying-every-step-by')} />
      {ghost && (
        <span
          className="pointer-events-none absolute top-0 rounded-md bg-[var(--nextwash)] px-2 py-1 text-[15px]"
          style={{ left: ghost.x }}
        >
          {ghost.words}
        </span>
      )}
    </div>
  );
}

const escape = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');
