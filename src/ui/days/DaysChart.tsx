'use client';

import { CustomChart } from 'echarts/charts';
import { DataZoomComponent, GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type ECharts, type ElementEvent } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { dayStart } from '@/core/days/clock';
import { SAFETY } from '@/core/days/settings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useWords } from '../speech/useWords';
import { useStudio } from '../useStudio';
import { barsOf, hoursChart, MS, type Bar } from './hoursChart';
import { moveTo } from './moveTo';

register([CustomChart, GridComponent, TooltipComponent, MarkLineComponent, DataZoomComponent, SVGRenderer]);

const LINE = 26;
/** Farther than this a press has become a drag, px. */
const DRAG_PX = 5;

/** A chart in a box, as large as the box. */
function useChart(box: RefObject<HTMLDivElement | null>): RefObject<ECharts | null> {
  const chart = useRef<ECharts | null>(null);
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
  }, [box]);
  return chart;
}

interface Drag {
  /** where the hand is and the day it is on, while it drags */
  at(offsetX: number, day: number): void;
  press(id: string): void;
  drop(id: string, day: number): void;
  end(): void;
}

const isBar = (value: unknown): value is Bar => Array.isArray(value) && typeof value[4] === 'string';

/** Bars are taken by the pointer and let go on another day; let go where they were, they are pressed. */
function dragBars(chart: ECharts, drag: Drag): () => void {
  let held: { id: string; x: number; day: number } | null = null;
  const dayAt = (x: number): number => dayStart(Number(chart.convertFromPixel({ xAxisIndex: 0 }, x)) / MS);
  const far = (x: number) => held !== null && Math.abs(x - held.x) >= DRAG_PX;
  const take = (e: { value?: unknown; event?: { offsetX: number } }) => {
    if (isBar(e.value) && e.event) held = { id: e.value[4], x: e.event.offsetX, day: dayStart(e.value[0] / MS) };
  };
  const move = (e: ElementEvent) => {
    if (far(e.offsetX)) drag.at(e.offsetX, dayAt(e.offsetX));
  };
  const up = (e: ElementEvent) => {
    const day = dayAt(e.offsetX);
    if (held && !far(e.offsetX)) drag.press(held.id);
    else if (held && day !== held.day) drag.drop(held.id, day);
    held = null;
    drag.end();
  };
  const surface = chart.getZr();
  chart.on('mousedown', take);
  surface.on('mousemove', move);
  surface.on('mouseup', up);
  return () => {
    chart.off('mousedown', take);
    surface.off('mousemove', move);
    surface.off('mouseup', up);
  };
}

/** Every step over time: dark bars are work, lighter ones drying, marked what decides when it begins. A bar is drawn to another day. */
export function DaysChart({ plan, chosen, onTask }: { plan: DerivedPlan; chosen: string | null; onTask(id: string): void }) {
  const words = useWords();
  const box = useRef<HTMLDivElement>(null);
  const chart = useChart(box);
  const [ghost, setGhost] = useState<{ x: number; words: string } | null>(null);
  const leavesAt = useStudio((s) => s.project!.brief.leavesAt);
  const margin = useStudio((s) => SAFETY[s.project!.days.safety].dryingMargin);
  const evening = useStudio((s) => s.evening);
  const { lines, bars } = useMemo(() => barsOf(plan, margin, words), [plan, margin, words]);
  const height = lines.length * LINE + 90;
  useEffect(() => {
    const own = chart.current;
    if (!own) return;
    own.resize();
    own.setOption(hoursChart({ plan, bars, chosen, lines, leavesAt }, words), { replaceMerge: ['series'] });
    // the inks are read off the page: in another light they are others
  }, [chart, plan, bars, chosen, lines, leavesAt, words, evening]);
  useEffect(() => {
    if (!chart.current) return;
    return dragBars(chart.current, {
      at: (x, day) => setGhost({ x, words: words.units.shortDay(day) }),
      press: onTask,
      drop: (id, day) => moveTo([id], day),
      end: () => setGhost(null),
    });
  }, [chart, onTask, words]);
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
