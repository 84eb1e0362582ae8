import { dayStart, wallFromText } from '@/core/days/clock';
import type { Task } from '@/core/days/tasks';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Words } from '@/core/words/words';

/** Milliseconds of a minute: charts count in the first, plans in the second. */
export const MS = 60_000;

/** A bar: begins, ends, is dry (milliseconds), its line, its task. */
export type Bar = readonly [from: number, to: number, dryAt: number, line: number, id: string];

const inkOf = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const escape = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** One line of the chart for a kind of piece; one for what is done for all. */
function lineOf(task: Task, words: Words): string {
  const [species = '', stage = ''] = task.kind.split('|');
  return task.kind ? words.pieceTitle({ species, stage }) : words.label('days.all-kinds');
}

/** The lines of the chart from above, and its bars; drying is drawn as long as the plan counts it. */
export function barsOf(plan: DerivedPlan, margin: number, words: Words): { lines: string[]; bars: Bar[] } {
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const rows = plan.schedule.flatMap((placed) => {
    const task = tasks.get(placed.id);
    return task ? [{ placed, task, name: lineOf(task, words) }] : [];
  });
  const lines = [...new Set(rows.map((r) => r.name))];
  const bars = rows.map(({ placed: { from, to, id }, task, name }): Bar => {
    const dryAt = to + task.dryHours * 60 * margin;
    return [from * MS, to * MS, dryAt * MS, lines.indexOf(name), id];
  });
  return { lines, bars };
}

/** What a press on a bar says: the step, how long it takes and dries, and whether it decides when the work begins. */
function sentenceOf([from, to, , , id]: Bar, plan: DerivedPlan, words: Words): string {
  const task = plan.tasks.find((t) => t.id === id);
  if (!task) return '';
  const dries = task.dryHours > 0 ? words.label('days.then-h-to-dry', { dryHours: Math.round(task.dryHours) }) : '';
  const lines = [words.say(task.name), words.units.duration((to - from) / MS) + dries];
  if (plan.critical.includes(id)) lines.push(words.label('days.decides-when-work-begins'));
  return lines.map(escape).join('<br>');
}

interface Look {
  plan: DerivedPlan;
  bars: readonly Bar[];
  /** the task that is open */
  chosen: string | null;
}

interface DrawingApi {
  value(i: number): number;
  coord(at: [number, number]): [number, number];
}

/** Draws a bar: work dark, drying light beside it, a dot on what decides when the work begins. */
function barDrawer({ plan, bars, chosen }: Look) {
  const critical = new Set(plan.critical);
  const done = new Set(plan.schedule.filter((p) => p.done).map((p) => p.id));
  const [ink, leaf, dry, dryEdge, next, nextText] = ['--ink', '--leaf', '--dry', '--dryedge', '--next', '--nexttext'].map(inkOf);
  return ({ dataIndex }: { dataIndex: number }, api: DrawingApi) => {
    const id = bars[dataIndex]?.[4] ?? '';
    const [x, y] = api.coord([api.value(0), api.value(3)]);
    const [x2] = api.coord([api.value(1), api.value(3)]);
    const [x3] = api.coord([api.value(2), api.value(3)]);
    const width = Math.max(4, x2 - x);
    const drying = {
      type: 'rect',
      shape: { x: x2, y: y - 7, width: x3 - x2, height: 14, r: 4 },
      style: { fill: dry, stroke: dryEdge, lineWidth: 1 },
    };
    const isChosen = id === chosen;
    const work = {
      type: 'rect',
      shape: { x, y: y - 9, width, height: 18, r: 4 },
      style: { fill: done.has(id) ? leaf : ink, stroke: isChosen ? next : 'none', lineWidth: isChosen ? 3 : 0 },
    };
    const dot = { type: 'circle', shape: { cx: x + width / 2, cy: y - 11, r: 3 }, style: { fill: next, stroke: nextText } };
    return { type: 'group', children: [...(x3 > x2 ? [drying] : []), work, ...(critical.has(id) ? [dot] : [])] };
  };
}

/** The whole chart, as the charting library takes it. */
export function hoursChart(look: Look & { lines: readonly string[]; leavesAt: string }, words: Words) {
  const { plan, bars, lines } = look;
  const leaves = wallFromText(look.leavesAt);
  return {
    animation: false,
    textStyle: { fontFamily: inkOf('--tell') },
    grid: { left: 150, right: 24, top: 26, bottom: 66 },
    tooltip: { formatter: (at: { value: Bar }) => sentenceOf(at.value, plan, words) },
    xAxis: {
      type: 'time',
      useUTC: true,
      min: dayStart(plan.schedule[0]?.from ?? 0) * MS,
      max: (leaves + 120) * MS,
      minInterval: 1440 * MS,
      axisLabel: { color: inkOf('--ink2'), formatter: (ms: number) => words.units.shortDay(ms / MS), hideOverlap: true },
      splitLine: { show: true, lineStyle: { color: inkOf('--line') } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: [...lines],
      axisLabel: { color: inkOf('--ink'), fontSize: 14, width: 135, overflow: 'truncate' },
      axisTick: { show: false },
      axisLine: { show: false },
    },
    dataZoom: [{ type: 'slider', height: 18, bottom: 14, filterMode: 'weakFilter', labelFormatter: '' }],
    series: [
      {
        type: 'custom',
        data: [...bars],
        encode: { x: [0, 2], y: 3 },
        renderItem: barDrawer(look),
        markLine: {
          symbol: 'none',
          silent: true,
          data: [{ xAxis: leaves * MS }],
          lineStyle: { color: inkOf('--leaf'), width: 2, type: 'solid' },
          label: { formatter: words.label('days.it-leaves'), color: inkOf('--leaf'), position: 'end', rotate: 0 },
        },
      },
    ],
  };
}
