import { randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import { needsOf } from './needs';

test.each([3, 7, 11])('what a plan uses up: all its paste, wire and barriers, as often as it is made, seed %i', (seed) => {
  const project = randomProject(seed);
  const plan = derivePlan(project);
  const needs = needsOf(plan);
  const amount = (start: string) => needs.filter((n) => n.id.startsWith(start)).reduce((a, n) => a + n.amount, 0);
  expect(amount('paste')).toBe(plan.paste.reduce((a, b) => a + b.grams, 0));
  expect(amount('wire-')).toBe(plan.cuts.reduce((a, c) => a + c.least.bars.length, 0));
  // each arrangement by itself, times how often it is made
  const barriers = project.arrangements.map((a) => {
    const alone = derivePlan({ ...project, arrangements: [{ ...a, quantity: 1 }] });
    return alone.entries.filter((e) => e.barrier).length * a.quantity;
  });
  expect(plan.barriers.reduce((a, b) => a + amount(b.id), 0)).toBe(barriers.reduce((a, n) => a + n, 0));
  expect(plan.tapeMm).toBeGreaterThanOrEqual(0);
  expect(needs.every((n) => n.amount > 0)).toBe(true);
});
