import { randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import { needsOf } from './needs';

test.each([3, 7, 11])('what a plan uses up: all its paste, wire and barriers, seed %i', (seed) => {
  const plan = derivePlan(randomProject(seed));
  const needs = needsOf(plan);
  const amount = (start: string) => needs.filter((n) => n.id.startsWith(start)).reduce((a, n) => a + n.amount, 0);
  expect(amount('paste')).toBe(plan.paste.reduce((a, b) => a + b.grams, 0));
  expect(amount('wire-')).toBe(plan.cuts.reduce((a, c) => a + c.least.bars.length, 0));
  const barriers = new Set(plan.entries.flatMap((e) => (e.barrier ? [e.barrier] : [])));
  expect([...barriers].reduce((a, id) => a + amount(id), 0)).toBe(plan.entries.filter((e) => e.barrier).length);
  expect(needs.every((n) => n.amount > 0)).toBe(true);
});
