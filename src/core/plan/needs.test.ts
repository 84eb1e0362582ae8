import { randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import { needsOf } from './needs';
import { STRIP_MM } from './usedUp';

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
  const tapeMm = (of: typeof plan) => of.tape.reduce((a, t) => a + t.mm, 0);
  const apart = project.arrangements.reduce(
    (a, one) => a + tapeMm(derivePlan({ ...project, arrangements: [{ ...one, quantity: 1 }] })) * one.quantity,
    0,
  );
  // each colour and width is rounded to a millimetre
  const roundings = 9 * project.arrangements.reduce((a, one) => a + one.quantity, 1);
  expect(Math.abs(tapeMm(plan) - apart)).toBeLessThan(roundings);
  expect(tapeMm(plan) > 0).toBe(plan.wires.length > 0);
  for (const t of plan.tape) {
    expect(t.strips * STRIP_MM).toBeGreaterThanOrEqual(t.mm);
    expect((t.strips - 1) * STRIP_MM).toBeLessThan(t.mm);
  }
  // a strip split in two gives two: what comes off the roll is less than what is wound
  expect(amount('tape') * 1000).toBeCloseTo(
    plan.tape.reduce((a, t) => a + t.strips * STRIP_MM * t.widthShare, 0),
    6,
  );
  expect(needs.every((n) => n.amount > 0)).toBe(true);
});

test('woody stems are taped brown, the finest stems only for a showpiece (docs/trade.md T3, T11; common practice, no source)', () => {
  const of = (species: string, finish: 'everyday' | 'showpiece') => {
    const project = randomProject(3);
    const own = project.arrangements[0]!;
    const piece = { ...own.pieces[0]!, species, stage: 'open', sizeMm: 90, colourway: '' };
    return derivePlan({
      ...project,
      brief: { ...project.brief, finish, wireColour: 'green' },
      arrangements: [{ ...own, method: 'stem by stem', quantity: 1, pieces: [piece] }],
    }).tape;
  };
  const mm = (tape: ReturnType<typeof of>, colour: string) =>
    tape.filter((t) => t.colour === colour).reduce((a, t) => a + t.mm, 0);
  expect(mm(of('olive', 'everyday'), 'brown')).toBeGreaterThan(0);
  expect(mm(of('rose', 'everyday'), 'brown')).toBe(0);
  expect(mm(of('froth', 'showpiece'), 'green')).toBeGreaterThan(2 * mm(of('froth', 'everyday'), 'green'));
});
