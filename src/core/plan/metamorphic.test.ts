import library from '../demo/demo-harbour-library.ofrenda.json';
import wreath from '../demo/demo-midwinter-wreath.ofrenda.json';
import { seededRandom } from '../geometry/random';
import { randomProject } from '../testing/samples';
import { derivePlan, type DerivedPlan } from './derivePlan';
import { checkProject, type Project } from './project';

/**
 * What must follow when something of a job is changed, whatever the figures are: no value is written down here, and nothing of
 * the code that makes them is used.
 */
const demo = (json: unknown): Project => {
  const checked = checkProject(json);
  if ('issues' in checked) throw new Error(checked.issues[0]!.path);
  return checked.project;
};
const JOBS: [string, Project][] = [
  ['the library cascade', demo(library)],
  ['the midwinter wreath', demo(wreath)],
  ...[11, 23, 37, 58].map((seed): [string, Project] => [`a job at random, ${seed}`, randomProject(seed, 14)]),
];

const wanted = (plan: DerivedPlan): string[] =>
  plan.cuts
    .flatMap((c) =>
      [...c.fromOffcuts, ...c.least.bars]
        .flatMap((b) => b.cutsMm)
        .concat(c.least.tooLong.flatMap((t) => Array<number>(t.count).fill(t.lengthMm)))
        .map((mm) => `${c.gauge} ${c.colour} ${mm}`),
    )
    .sort();
/** The same without what is made to spare, which grows more slowly. */
function withoutSpares(plan: DerivedPlan): string[] {
  const left = wanted(plan);
  for (const { gauge, colour, lengthMm, count } of plan.spareWires)
    for (let i = 0; i < count; i++) left.splice(left.indexOf(`${gauge} ${colour} ${lengthMm}`), 1);
  return left;
}
const sum = (list: readonly number[]) => list.reduce((a, x) => a + x, 0);
const placed = (plan: DerivedPlan) => new Map(plan.tray.map((k) => [k.key, k.placed]));
const figures = ({ stems, wires, cuts, entries, tray, paste, tape, supplies, barriers, schedule, verdict }: DerivedPlan) => ({
  ...{ stems, wires, cuts, entries, tray, paste, tape, supplies, barriers, schedule, verdict },
});
const withPieces = (
  job: Project,
  change: (pieces: Project['arrangements'][0]['pieces']) => Project['arrangements'][0]['pieces'],
) => ({
  ...job,
  arrangements: job.arrangements.map((a) => ({ ...a, pieces: change(a.pieces) })),
});

describe.each(JOBS)('%s', (_name, job) => {
  const plan = derivePlan(job);

  test('what is only said of it changes no figure: its name, its note, the names of tiers and colours of icing', () => {
    const other = derivePlan({
      ...job,
      name: 'Another name',
      note: 'A long note about nothing.',
      cake: {
        ...job.cake,
        tiers: job.cake.tiers.map((t) => ({ ...t, covering: { ...t.covering, name: 'another icing', colour: '#123456' } })),
      },
      brief: { ...job.brief, sheetLanguage: 'es', paper: job.brief.paper === 'A4' ? 'Letter' : 'A4' },
    });
    expect(figures(other)).toEqual(figures(plan));
  });

  test('made three times: three times the wires, the pieces placed, the barriers; each of its measures as before', () => {
    const thrice = derivePlan({ ...job, arrangements: job.arrangements.map((a) => ({ ...a, quantity: a.quantity * 3 })) });
    expect(withoutSpares(thrice)).toEqual(
      withoutSpares(plan)
        .flatMap((w) => [w, w, w])
        .sort(),
    );
    expect(placed(thrice)).toEqual(new Map([...placed(plan)].map(([k, n]) => [k, n * 3])));
    expect(thrice.barriers).toEqual(plan.barriers.map((b) => ({ ...b, count: b.count * 3 })));
    expect(thrice.entries).toEqual(plan.entries);
    // spares grow slower than what is made
    expect(sum(thrice.tray.map((k) => k.spares))).toBeLessThanOrEqual(3 * sum(plan.tray.map((k) => k.spares)));
    expect(sum(thrice.tape.map((t) => t.mm)) / Math.max(1, sum(plan.tape.map((t) => t.mm)))).toBeCloseTo(
      plan.tape.length ? 3 : 0,
      2,
    );
  });

  test('the order in which pieces stand in the file is none of the plan', () => {
    const random = seededRandom(4);
    const shuffled = derivePlan(withPieces(job, (pieces) => [...pieces].sort(() => random() - 0.5)));
    expect(placed(shuffled)).toEqual(placed(plan));
    const balls = (p: DerivedPlan) => p.paste.map((b) => `${b.colour} ${b.grams}`).sort();
    expect(balls(shuffled)).toEqual(balls(plan));
  });

  test('longer wire to cut from never takes more lengths, and what is cut stays', () => {
    let before = Infinity;
    for (const stockMm of [300, 400, 600, 1200]) {
      const now = derivePlan({ ...job, brief: { ...job.brief, stockMm }, offcuts: [] });
      const bars = sum(now.cuts.map((c) => c.least.bars.length + sum(c.least.tooLong.map((t) => t.count))));
      expect(bars).toBeLessThanOrEqual(before);
      for (const c of now.cuts) for (const b of c.least.bars) expect(sum(b.cutsMm)).toBeLessThanOrEqual(stockMm + 1e-6);
      before = bars;
    }
  });

  test('a week later is a week later: the same sittings on the same days of the week', () => {
    const shift = (text: string) => `${new Date(Date.parse(`${text}:00Z`) + 7 * 86_400_000).toISOString().slice(0, 16)}`;
    const plain = { ...job, days: { ...job.days, zone: null, beginAt: null, pins: [], done: [], kept: [], daysOff: [] } };
    const still: Project = { ...plain, brief: { ...plain.brief, busy: [] } };
    const [now, later] = [
      derivePlan(still),
      derivePlan({
        ...still,
        brief: { ...still.brief, leavesAt: shift(still.brief.leavesAt) },
        days: {
          ...still.days,
          cakeFirmAt: still.days.cakeFirmAt && shift(still.days.cakeFirmAt),
          lastChillingTo: still.days.lastChillingTo && shift(still.days.lastChillingTo),
        },
      }),
    ];
    expect(later.schedule.map((p) => [p.id, p.from - 7 * 1440, p.to - 7 * 1440])).toEqual(
      now.schedule.map((p) => [p.id, p.from, p.to]),
    );
  });

  test('damper air never makes anything dry sooner, and changes nothing that is cut or weighed', () => {
    const at = (humidityShare: number) => derivePlan({ ...job, brief: { ...job.brief, room: { celsius: 21, humidityShare } } });
    const [dry, damp] = [at(0.35), at(0.65)];
    const hours = (p: DerivedPlan) => new Map(p.tasks.map((t) => [t.id, t.dryHours]));
    const [a, b] = [hours(dry), hours(damp)];
    for (const [id, h] of a) if (b.has(id)) expect(b.get(id)!).toBeGreaterThanOrEqual(h - 1e-9);
    expect(wanted(damp)).toEqual(wanted(dry));
    expect(damp.paste).toEqual(dry.paste);
  });

  test('a piece more is a piece more of its kind, and no other kind is placed more or less', () => {
    const [first] = job.arrangements;
    const piece = first?.pieces[0];
    if (!first || !piece) return;
    const more = derivePlan({
      ...job,
      arrangements: job.arrangements.map((x) =>
        x.id === first.id ? { ...x, pieces: [...x.pieces, { ...piece, id: 'one-more', s: (piece.s + 0.37) % 1 }] } : x,
      ),
    });
    const key = `${piece.species}|${piece.stage}|${piece.colourway}`;
    const wantedPlaced = new Map(placed(plan));
    wantedPlaced.set(key, wantedPlaced.get(key)! + first.quantity);
    expect(placed(more)).toEqual(wantedPlaced);
    expect(sum(more.paste.map((b) => b.grams))).toBeGreaterThanOrEqual(sum(plan.paste.map((b) => b.grams)));
    // free of tin: what is made weighs more
    const net = (p: DerivedPlan) => sum(p.paste.map((b) => b.netGrams));
    if (more.tray.find((k) => k.key === key)!.fromTin === 0) expect(net(more)).toBeGreaterThan(net(plan));
  });

  test('dust that is not edible adds stops and takes none away', () => {
    const codes = (food: Project['brief']['dust']) =>
      derivePlan({ ...job, paints: [], brief: { ...job.brief, dust: food } })
        .warnings.filter((w) => w.level === 'stop')
        .map((w) => w.code);
    const [edible, not] = [codes('edible'), codes('not edible')];
    expect(not.length).toBeGreaterThanOrEqual(edible.length);
    for (const code of new Set(edible)) expect(not).toContain(code);
  });

  test('what is said of allergens reaches the sheet and nothing else', () => {
    const told = derivePlan({ ...job, brief: { ...job.brief, allergensInCake: ['sesame', 'milk'] } });
    expect(JSON.stringify(told.handOver)).toContain('sesame');
    expect(figures(told)).toEqual(figures(plan));
  });

  test('the same job twice is the same plan, and the job is as it was', () => {
    const before = JSON.stringify(job);
    expect(JSON.stringify(derivePlan(structuredClone(job)))).toBe(JSON.stringify(plan));
    expect(JSON.stringify(job)).toBe(before);
  });
});
