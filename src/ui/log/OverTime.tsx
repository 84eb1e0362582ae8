'use client';

import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type ECharts } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { minutesForOne } from '@/core/make/kindWork';
import { wallFromText } from '@/core/days/clock';
import { careOf } from '@/core/days/settings';
import { countedLog } from '@/core/log/entries';
import { ownFactor } from '@/core/log/own';
import type { TrayKind } from '@/core/make/tray';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

register([LineChart, ScatterChart, GridComponent, TooltipComponent, MarkLineComponent, SVGRenderer]);

const MS = 60_000;
const inkOf = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** Minutes a piece over time: dots are entries, the line is what was believed after each, the dashes the starting value. */
export function OverTime({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const log = useStudio((s) => s.project!.log);
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  const evening = useStudio((s) => s.evening);
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts | null>(null);
  const starting = minutesForOne(kind.steps) * care;
  const timed = countedLog(log)
    .filter((e) => e.kind === kind.key && e.minutes !== null && e.minutes > 0 && e.made + e.broken > 0)
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .map((e) => ({ at: wallFromText(e.at) * MS, minutes: e.minutes! / (e.made + e.broken) }));
  const some = timed.length > 1;
  useEffect(() => {
    if (!some || !box.current) return;
    const own = init(box.current, null, { renderer: 'svg' });
    chart.current = own;
    const seen = new ResizeObserver(() => own.resize());
    seen.observe(box.current);
    return () => {
      seen.disconnect();
      own.dispose();
      chart.current = null;
    };
  }, [some]);
  useEffect(() => {
    const believed = timed.map((t, i) => [
      t.at,
      starting * ownFactor(timed.slice(0, i + 1).map((x) => Math.log(x.minutes / starting))).share,
    ]);
    chart.current?.setOption({
      animation: false,
      textStyle: { fontFamily: inkOf('--tell') },
      grid: { left: 44, right: 16, top: 16, bottom: 28 },
      tooltip: {
        trigger: 'item',
        valueFormatter: (v: unknown) => `${words.units.number(Number(Array.isArray(v) ? v[1] : v), 1)} min`,
      },
      xAxis: {
        type: 'time',
        useUTC: true,
        axisLabel: { color: inkOf('--ink2'), hideOverlap: true, formatter: (ms: number) => words.units.shortDay(ms / MS) },
      },
      yAxis: {
        type: 'value',
        min: 0,
        axisLabel: { color: inkOf('--ink2') },
        splitLine: { lineStyle: { color: inkOf('--line') } },
      },
      series: [
        {
          type: 'scatter',
          name: words.label('log.entry'),
          symbolSize: 9,
          itemStyle: { color: inkOf('--ink2') },
          data: timed.map((t) => [t.at, t.minutes]),
        },
        {
          type: 'line',
          name: words.label('log.yours'),
          symbol: 'none',
          lineStyle: { color: inkOf('--leaf'), width: 2.5 },
          data: believed,
          markLine: {
            symbol: 'none',
            silent: true,
            lineStyle: { color: inkOf('--ink2'), type: 'dashed' },
            label: { formatter: words.label('log.starting-value'), color: inkOf('--ink2'), position: 'insideEndTop' },
            data: [{ yAxis: starting }],
          },
        },
      ],
    });
    // drawn from the log alone; `timed` is made from it
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [log, kind.key, starting, evening, some, words]);
  const name = words.pieceTitle(kind);
  return (
    <section aria-label={words.label('log.over-time')} className="pt-5">
      <h2>{words.label('log.over-time-2', { name })}</h2>
      {some ? (
        <div
          ref={box}
          className="h-[190px]"
          role="img"
          aria-label={words.label('log.minutes-piece-entries-from-starting', {
            entries: timed.length,
            least: words.units.number(Math.min(...timed.map((t) => t.minutes)), 1),
            most: words.units.number(Math.max(...timed.map((t) => t.minutes)), 1),
            starting: words.units.number(starting, 1),
          })}
        />
      ) : (
        <p className="small">{words.label('log.a-line-drawn-from-two')}</p>
      )}
    </section>
  );
}
