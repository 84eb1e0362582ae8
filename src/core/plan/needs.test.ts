import { DEMO_PRICES } from '../demo/bench';
import { RECIPES } from '../make/recipes';
import { BARRIERS } from '../place/barrier';
import { FLORIST_GAUGES, FLORIST_MM, WIRE_SYSTEMS } from '../wire/gauge';
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

test('the shipped price list has every need that the catalogue can raise: each barrier, each wire of each system, each thing mixed', () => {
  const ids = new Set(DEMO_PRICES.materials.map((m) => m.id));
  for (const b of BARRIERS) expect(ids).toContain(b.id);
  for (const r of RECIPES) expect(ids).toContain(r.id);
  for (const gauge of [...FLORIST_GAUGES, ...FLORIST_MM])
    for (const colour of ['green', 'white']) expect(ids).toContain(`wire-${gauge}-${colour}`);
  for (let seed = 1; seed <= 24; seed++) {
    const job = randomProject(seed, 12);
    const brief = {
      ...job.brief,
      wireSystem: WIRE_SYSTEMS[seed % 3]!,
      glue: seed % 2 ? ('egg white' as const) : ('CMC glue' as const),
    };
    for (const need of needsOf(derivePlan({ ...job, brief }))) expect(ids).toContain(need.id);
  }
});
