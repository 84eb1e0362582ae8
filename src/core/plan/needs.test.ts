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
  const tapeMm = project.arrangements.reduce(
    (a, one) => a + derivePlan({ ...project, arrangements: [{ ...one, quantity: 1 }] }).tapeMm * one.quantity,
    0,
  );
  // each is rounded to a millimetre
  expect(Math.abs(plan.tapeMm - tapeMm)).toBeLessThan(project.arrangements.reduce((a, one) => a + one.quantity, 1));
  expect(plan.tapeMm > 0).toBe(plan.wires.length > 0);
  expect(needs.every((n) => n.amount > 0)).toBe(true);
});
