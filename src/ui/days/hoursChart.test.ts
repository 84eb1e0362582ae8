import { derivePlan } from '@/core/plan/derivePlan';
import { randomProject } from '@/core/testing/samples';
import { ENGLISH } from '@/core/words/english';
import { barsOf, MS } from './hoursChart';

const plan = derivePlan(randomProject(4, 20));
const { lines, bars } = barsOf(plan, 1.5, ENGLISH);

test('a bar for every step that is placed, on the line of its kind', () => {
  expect(bars.map((b) => b[4])).toEqual(plan.schedule.map((p) => p.id));
  for (const [, , , line] of bars) expect(lines[line]).toBeTruthy();
  expect(new Set(lines).size).toBe(lines.length);
  for (const task of plan.tasks.filter((t) => t.kind !== '')) {
    const [species = '', stage = ''] = task.kind.split('|');
    const bar = bars.find((b) => b[4] === task.id);
    if (bar) expect(lines[bar[3]]).toBe(ENGLISH.pieceTitle({ species, stage }));
  }
});

test('work in its own minutes, then drying as long as the plan counts it', () => {
  for (const [from, to, dryAt, , id] of bars) {
    const placed = plan.schedule.find((p) => p.id === id)!;
    const task = plan.tasks.find((t) => t.id === id)!;
    expect([from, to]).toEqual([placed.from * MS, placed.to * MS]);
    expect((dryAt - to) / MS / 60).toBeCloseTo(task.dryHours * 1.5, 6);
  }
});

test('nothing planned, nothing drawn', () => {
  expect(barsOf({ ...plan, schedule: [] }, 1.5, ENGLISH)).toEqual({ lines: [], bars: [] });
});
