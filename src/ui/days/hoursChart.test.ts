import { derivePlan } from '@/core/plan/derivePlan';
import { randomProject } from '@/core/testing/samples';
import { ENGLISH } from '@/core/words/english';
import { barsOf, MS } from './hoursChart';

const plan = derivePlan(randomProject(4, 20));
const { lines, bars } = barsOf(plan, 1.5, ENGLISH);

test('a bar for every step that is placed, on the line of its kind; what is for all kinds has one line', () => {
  expect(bars.map((b) => b[4])).toEqual(plan.schedule.map((p) => p.id));
  const wanted = bars.map(([, , , , id]) => {
    const [species = '', stage = ''] = plan.tasks.find((t) => t.id === id)!.kind.split('|');
    return species ? ENGLISH.pieceTitle({ species, stage }) : 'All kinds';
  });
  expect(bars.map((b) => lines[b[3]])).toEqual(wanted);
  expect([...lines].sort()).toEqual([...new Set(wanted)].sort());
  expect(wanted).toContain('All kinds');
  expect(lines.length).toBeGreaterThan(2);
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
