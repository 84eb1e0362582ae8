import { SHIPPED } from '../botany/catalogue';
import { produce } from 'immer';
import { barrierById, BARRIERS } from '../place/barrier';
import { cakeOf, CHOICES, FORMS, randomProject } from '../testing/samples';
import { composeAll } from '../compose/composer';
import type { Arrangement } from '../compose/arrangement';
import { derivePlan, type DerivedPlan } from './derivePlan';
import { defaultLine, newArrangement, newProject } from './newProject';
import { checkProject, type Project } from './project';
import { ENGLISH } from '../words/english';

const SEEDS = Array.from({ length: 24 }, (_, i) => i + 1);

/** Every number anywhere in a value, with its path. */
function* numbers(value: unknown, path = ''): Generator<[string, number]> {
  if (typeof value === 'number') yield [path, value];
  else if (value && typeof value === 'object') for (const [k, v] of Object.entries(value)) yield* numbers(v, `${path}.${k}`);
}

const MAY_BE_INFINITE = /nearestEntryMm|dryFactor/;

function expectSound(project: Project, plan: DerivedPlan): void {
  for (const [path, n] of numbers(plan))
    if (!MAY_BE_INFINITE.test(path) && !Number.isFinite(n)) throw new Error(`${path} is ${n}`);
  const pieces = project.arrangements.flatMap((a) => a.pieces.map((p) => p.id));
  expect(plan.heads.map((h) => h.pieceId).sort()).toEqual([...pieces].sort());
  for (const wire of plan.wires)
    expect(wire.lengthMm).toBe(Math.max(0, Math.ceil(wire.terms.reduce((a, t) => a + t.mm, 0) - 1e-6)));
  const entered = plan.entries.flatMap((e) => e.pieceIds);
  expect(new Set(entered).size).toBe(entered.length);
  expect(plan.handOver.comesOut).toBe(plan.handOver.goesIn);
  expect(plan.handOver.goesIn).toBe(plan.entries.length);
  expect(plan.entries.map((e) => e.number)).toEqual(plan.entries.map((_, i) => i + 1));
}

describe.each(SEEDS)('a random project, seed %i', (seed) => {
  const project = randomProject(seed);
  const plan = derivePlan(project);

  test('passes its own schema; the plan is finite, whole, and the same each time', () => {
    expect(checkProject(project)).toEqual({ project });
    expectSound(project, plan);
    expect(derivePlan(project)).toEqual(plan);
  });

  test('every piece has one load path to one entry, or a stop says why not', () => {
    const entered = new Set(plan.entries.flatMap((e) => e.pieceIds));
    const laid = new Set(plan.laid.map((l) => l.pieceId));
    const lost = plan.heads.filter((h) => !entered.has(h.pieceId) && !laid.has(h.pieceId));
    if (lost.length) expect(plan.warnings.some((w) => w.level === 'stop')).toBe(true);
  });

  test('never go with a stop; never a barrier longer than its path in cake less clearance, nor a stem wider than its bore', () => {
    if (plan.warnings.some((w) => w.level === 'stop')) expect(plan.verdict).toBe('stop');
    for (const e of plan.entries) {
      if (!e.barrier) {
        expect(project.cake.tiers[e.tierIndex]!.kind === 'dummy' || plan.verdict === 'stop').toBe(true);
        continue;
      }
      expect(e.insideMm).toBeLessThanOrEqual(e.cakeMm - 4 + 1e-6);
      expect(e.holdMm).toBeLessThanOrEqual(e.insideMm + 0.51);
      const bore = barrierById(e.barrier, BARRIERS)!.boreMm;
      if (bore !== null) expect(e.bundleMm + 0.5).toBeLessThanOrEqual(bore + 1e-9);
    }
  });

  test('what is cut is what is needed', () => {
    const times = project.arrangements[0]!.quantity;
    const spare = plan.spareWires.reduce((a, w) => a + w.count, 0);
    const wanted = plan.wires.reduce((a, w) => a + w.count, 0) * times + spare;
    const cut = plan.cuts.reduce(
      (a, c) => a + c.least.bars.reduce((b, bar) => b + bar.cutsMm.length, 0) + c.least.tooLong.reduce((b, d) => b + d.count, 0),
      0,
    );
    expect(cut).toBe(wanted);
    for (const c of plan.cuts) {
      // each size to its own length takes no more wire than all as long as the longest
      expect(c.lengths.sizes).toBeLessThanOrEqual(c.lengths.length);
      expect(c.least.boundBars).toBeLessThanOrEqual(c.least.bars.length);
    }
  });

  test('is plain data: it survives JSON', () => {
    const back = JSON.parse(JSON.stringify(plan)) as DerivedPlan;
    expect(back.entries.length).toBe(plan.entries.length);
    expect(back.tray).toEqual(plan.tray);
  });
});

const proposals = new Map<string, Arrangement>();

/** One proposal for a form on one tier; how it meets the cake does not change what is proposed. */
function proposalOn(form: (typeof FORMS)[number], cake: Project['cake']): Arrangement {
  const known = proposals.get(form);
  if (known) return known;
  const arrangement = newArrangement('a1', defaultLine(form, cake));
  const [p] = composeAll({
    catalogue: SHIPPED,
    cake,
    arrangement,
    choices: CHOICES,
    style: 'focal-led',
    counts: null,
    seed: 5,
    proposals: 1,
    effort: 0.4,
  });
  proposals.set(form, p!.arrangement);
  return p!.arrangement;
}

/** A composed job on one tier. */
function composed(form: (typeof FORMS)[number], method: Arrangement['method'], over: Partial<Project['brief']> = {}): Project {
  const cake = cakeOf([220, 120]);
  const project = newProject('job', 'Job', '2027-06-12T09:30');
  return { ...project, cake, brief: { ...project.brief, ...over }, arrangements: [{ ...proposalOn(form, cake), method }] };
}

describe.each(FORMS.filter((f) => f !== 'plaque'))('a composed %s', (form) => {
  test('stem by stem: every stem in its own barrier, nothing that stops', () => {
    const project = composed(form, 'stem by stem');
    const plan = derivePlan(project);
    expectSound(project, plan);
    expect(plan.warnings.filter((w) => w.level === 'stop')).toEqual([]);
    expect(plan.verdict).toBe('go');
    expect(plan.stems).toHaveLength(plan.heads.length);
    expect(plan.entries.length).toBeLessThan(plan.heads.length);
    // what stands on one stem goes in once
    if (form === 'cluster' || form === 'pick') expect(plan.entries).toHaveLength(1);
  });

  test('taped: every spray on one pick, thickness grows toward it, and the pick takes it', () => {
    const project = composed(form, 'taped spray');
    const plan = derivePlan(project);
    const sprays = plan.arrangements[0]!.sprays;
    expect(sprays.flatMap((s) => s.pieceIds).sort()).toEqual(plan.heads.map((h) => h.pieceId).sort());
    for (const s of sprays) {
      for (const j of s.joints) {
        expect(j.wires).toBeGreaterThan(0);
        expect(j.thicknessMm).toBeGreaterThan(0.3);
      }
      const entry = plan.entries.find((e) => e.id === s.id);
      if (entry)
        expect(entry.bundleMm).toBeGreaterThanOrEqual(
          Math.max(...s.joints.filter((j) => j.arm === 'heel').map((j) => j.thicknessMm), 0) * 0.6,
        );
      else expect(plan.warnings.some((w) => w.level === 'stop')).toBe(true);
    }
    expect(plan.tape.reduce((a, t) => a + t.mm, 0)).toBeGreaterThan(500);
  });
});

/** Pieces of a composed plaque that hang down to the icing or into it. */
const hanging = (project: Project): (string | undefined)[] =>
  derivePlan(project).warnings.flatMap((w) =>
    w.code === 'place.head-on-icing' || w.code === 'place.sprig-in-icing' ? [w.pieceId] : [],
  );

describe('a composed plaque', () => {
  const project = produce(composed('plaque', 'stem by stem'), (d) => {
    d.brief.dust = 'edible';
    const hangs = hanging(d as Project);
    d.arrangements[0]!.pieces = d.arrangements[0]!.pieces.filter((p) => !hangs.includes(p.id));
  });
  const flat = produce(project, (d) => {
    const { line } = d.arrangements[0]!;
    if (line.form === 'plaque') line.upright = false;
  });

  test('upright: no wire in it at all; it stands on two bare skewers, as far apart as half its width, and goes', () => {
    const plan = derivePlan(project);
    expectSound(project, plan);
    expect(plan.wires).toEqual([]);
    expect(plan.stems).toEqual([]);
    expect(plan.entries.map((e) => e.barrier)).toEqual(['skewer', 'skewer']);
    const [left, right] = plan.entries.map((e) => e.pointMm[0]).sort((a, b) => a - b);
    const { line } = project.arrangements[0]!;
    expect(right! - left!).toBeCloseTo(line.form === 'plaque' ? line.plateWidthMm / 2 : NaN, 0);
    expect(plan.verdict).toBe('go');
  });

  test('flat: it lies on the icing, nothing goes in and nothing has to come out', () => {
    const plan = derivePlan(flat);
    expect(plan.entries).toEqual([]);
    expect(plan.handOver.comesOut).toBe(0);
    expect(plan.wires).toEqual([]);
  });

  test('it is in the paste and the days: rolled, cut and dried before anything is glued to it', () => {
    const plan = derivePlan(project);
    const cut = plan.tasks.find((t) => t.id === 'plaque')!;
    const glue = plan.tasks.find((t) => t.id === 'tape')!;
    expect(cut.dryHours).toBeGreaterThan(20);
    expect(glue.after.map((a) => a.id)).toContain('plaque');
    expect(glue.name.code).toBe('task.glue');
    const { line } = project.arrangements[0]!;
    const own = plan.paste.find((b) => line.form === 'plaque' && b.colour === line.colour)!;
    // an oval of a × b, 3 mm thick, at 1.35 g/cm³
    if (line.form === 'plaque')
      expect(own.netGrams).toBeCloseTo((Math.PI / 4) * line.plateWidthMm * line.plateHeightMm * 3 * 1.35e-3, -1);
  });
});

const isObjection = (w: { code: string }) => w.code.startsWith('botany.');

describe('what the brief says of finish and keeping', () => {
  test('a topper that may be eaten is no go while its dust is not edible; as a keepsake it goes and the sheet says why', () => {
    // without wire, and without what hangs down to the icing
    const glued = produce(composed('plaque', 'stem by stem'), (d) => {
      const hangs = hanging(d as Project);
      d.arrangements[0]!.pieces = d.arrangements[0]!.pieces.filter((p) => !hangs.includes(p.id));
      d.madeBy = d.arrangements[0]!.pieces.map((p) => ({ species: p.species, method: 'rolled rosette' }));
    });
    const plaque = (edit: (d: Project) => void) => derivePlan(produce(glued, edit));
    const eaten = plaque((d) => void (d.brief.dust = 'unknown'));
    expect(eaten.verdict).toBe('stop');
    expect(eaten.warnings).toContainEqual(
      expect.objectContaining({ code: 'place.eaten-with-dust', values: { line: 'plaque', dust: 'unknown' } }),
    );
    expect(plaque((d) => void (d.brief.dust = 'edible')).verdict).toBe('go');
    const kept = plaque((d) => void Object.assign(d.brief, { dust: 'unknown', keepsake: true }));
    expect(kept.verdict).toBe('go');
    expect(kept.handOver).toMatchObject({ toppers: true, keepsake: true, wired: false });
  });

  const job = composed('crescent', 'stem by stem');

  test('a showpiece takes half as long again at every step of making, and no longer at placing', () => {
    const minutes = (finish: 'everyday' | 'showpiece') =>
      derivePlan(produce(job, (d) => void (d.brief.finish = finish))).tasks.reduce(
        (sums, t) => (t.strand === 'all' ? { ...sums, all: sums.all + t.minutes } : { ...sums, own: sums.own + t.minutes }),
        { own: 0, all: 0 },
      );
    const [plain, fine] = [minutes('everyday'), minutes('showpiece')];
    // longer steps are cut into more batches, each laid out anew: a little more than half as long again
    expect(fine.own / plain.own).toBeGreaterThan(1.5 - 1e-9);
    expect(fine.own / plain.own).toBeLessThan(1.7);
    expect(fine.all).toBeCloseTo(plain.all, 9);
  });

  test('botanical mode: an objection is said at Compose and never stops; without it nothing is said', () => {
    const winter = produce(job, (d) => {
      d.brief.leavesAt = '2027-12-12T09:30';
      d.brief.botanical = true;
    });
    const said = derivePlan(winter).warnings.filter(isObjection);
    expect(said).toContainEqual(
      expect.objectContaining({
        code: 'botany.out-of-season',
        values: { species: 'rose', grows: 'flower', season: 'winter' },
      }),
    );
    expect(said.every((w) => w.level === 'look again')).toBe(true);
    expect(derivePlan(produce(winter, (d) => void (d.brief.botanical = false))).warnings.some(isObjection)).toBe(false);
  });
});

describe('into a dummy', () => {
  const dummy = (eaten: boolean): Project =>
    produce(composed('posy', 'dummy'), (d) => {
      d.cake.tiers[0]!.kind = 'dummy';
      d.cake.tiers[0]!.covering.eaten = eaten;
    });

  test('foam that nobody eats needs no barrier and goes', () => {
    const plan = derivePlan(dummy(false));
    expect(plan.verdict).toBe('go');
    expect(plan.entries.every((e) => e.barrier === null)).toBe(true);
    expect(plan.handOver.tiers.map((t) => t.kind)).toEqual(['dummy']);
    expect(plan.handOver.out.every((o) => o.barrier === null)).toBe(true);
  });

  test('its icing served is a stop', () => {
    expect(derivePlan(dummy(true)).verdict).toBe('stop');
  });

  test('without a dummy tier it is a stop that names two remedies', () => {
    const plan = derivePlan(composed('posy', 'dummy'));
    expect(plan.verdict).toBe('stop');
    expect(plan.warnings[0]).toMatchObject({ code: 'place.no-barrier', mends: [{ do: 'dummy tier', tierIndex: 0 }] });
  });
});

describe('wire follows the composition', () => {
  const project = composed('crescent', 'stem by stem');
  const plan = derivePlan(project);
  const id = project.arrangements[0]!.pieces.find((p) => p.species === 'rose')!.id;
  const stemWire = (p: DerivedPlan) => p.wires.find((w) => w.pieceId === id && w.use === 'stem')!;

  test('lift a head and its wire grows by about as much', () => {
    const lifted = produce(project, (d) => {
      d.arrangements[0]!.pieces.find((p) => p.id === id)!.lift += 0.5;
    });
    const more = stemWire(derivePlan(lifted)).lengthMm - stemWire(plan).lengthMm;
    expect(more).toBeGreaterThan(8);
    expect(more).toBeLessThan(45);
  });

  test('names every term with its reason', () => {
    for (const term of stemWire(plan).terms) {
      expect(term.mm).toBeGreaterThan(0);
      expect(ENGLISH.say(term.why).length).toBeGreaterThan(5);
    }
    expect(stemWire(plan).terms.map((t) => t.term)).toEqual(
      expect.arrayContaining(['hook', 'inside', 'free', 'in-barrier', 'trim']),
    );
  });

  test('separately wired petals are cut and counted too: ten petals and a bunch of stamens for an anemone', () => {
    const anemone = produce(project, (d) => {
      const piece = d.arrangements[0]!.pieces.find((p) => p.id === id)!;
      Object.assign(piece, { species: 'anemone', sizeMm: 54, colourway: 'white' });
    });
    const own = derivePlan(anemone).wires.filter((w) => w.pieceId === id);
    expect(own.map((w) => [w.use, w.count])).toEqual([
      ['stem', 1],
      ['stamen', 34],
      ['part', 5],
      ['part', 5],
    ]);
    expect(own.every((w) => w.colour === 'white')).toBe(true);
  });

  test('two dozen equal cakes need two dozen times the wire and the pieces', () => {
    const many = derivePlan({ ...project, arrangements: [{ ...project.arrangements[0]!, quantity: 24 }] });
    const wires = (p: DerivedPlan) =>
      p.cuts.reduce((a, c) => a + c.demands.reduce((b, d) => b + d.count, 0), 0) - p.spareWires.reduce((a, w) => a + w.count, 0);
    expect(wires(many)).toBe(24 * wires(plan));
    expect(many.tray.reduce((a, k) => a + k.placed, 0)).toBe(24 * plan.heads.length);
  });

  test('a stock length that is too short is a stop with a remedy', () => {
    const short = derivePlan({ ...project, brief: { ...project.brief, stockMm: 100 } });
    if (short.cuts.some((c) => c.least.tooLong.length))
      expect(short.warnings.some((w) => w.station === 'wire' && w.level === 'stop')).toBe(true);
    expect(short.cuts.some((c) => c.least.tooLong.length > 0)).toBe(true);
  });
});

describe('ordinary and bad input', () => {
  const project = newProject('p', 'Empty', '2027-06-12T09:30');

  test('an empty arrangement gives an empty plan that says so', () => {
    const plan = derivePlan(project);
    expect(plan).toMatchObject({ verdict: 'empty', heads: [], entries: [], tray: [], tasks: [], schedule: [], tape: [] });
    expect(plan.handOver).toMatchObject({ goesIn: 0, comesOut: 0 });
  });

  test('a cake without tiers stops at Brief with a sentence', () => {
    const plan = derivePlan({ ...project, cake: { ...project.cake, tiers: [] } });
    expect(plan.verdict).toBe('stop');
    expect(plan.warnings[0]).toMatchObject({ station: 'brief', level: 'stop' });
    expect(plan.arrangements[0]!.lost).toBe(true);
  });

  test('a line on a tier that was taken away stops at Compose; the pieces are kept', () => {
    const two = { ...project, cake: cakeOf([200, 100], [120, 100]) };
    const onTop = { ...two, arrangements: [newArrangement('a1', defaultLine('crescent', two.cake))] };
    const cut = { ...onTop, cake: cakeOf([200, 100]) };
    const plan = derivePlan(cut);
    expect(plan.warnings.map((w) => w.station)).toContain('compose');
    expect(plan.verdict).toBe('stop');
  });

  test('no working hours at all, damp air: said at Days', () => {
    const job = composed('posy', 'stem by stem', {
      hours: Array(7).fill(null) as null[],
      room: { celsius: 20, humidityShare: 0.9 },
    });
    const said = derivePlan(job).warnings.filter((w) => w.station === 'days');
    expect(said.map((w) => w.level).sort()).toEqual(['look again', 'stop']);
  });

  test('no arrangement at all', () => {
    expect(derivePlan({ ...project, arrangements: [] }).verdict).toBe('empty');
  });
});
