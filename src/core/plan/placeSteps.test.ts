import { cakeOf, proposalFor, randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import { newProject } from './newProject';
import { placeSteps } from './placeSteps';
import { ENGLISH } from '../words/english';

test.each(Array.from({ length: 12 }, (_, i) => i + 1))(
  'putting in: every entry once in the order of its number, pauses between, the count last, seed %i',
  (seed) => {
    const project = randomProject(seed, 40);
    const plan = derivePlan(project);
    const steps = placeSteps(plan, project);
    // a flat plaque is laid on its cake once its pieces are glued
    const ids = new Set(plan.laid.map((l) => l.arrangementId));
    const flat = project.arrangements.filter((a) => ids.has(a.id) && a.line.form === 'plaque' && !a.line.upright).length;
    const glued = ids.size + flat;
    const first = steps.findIndex((s) => s.kind === 'ready');
    expect(steps.filter((s) => s.kind === 'glue')).toHaveLength(glued);
    if (plan.entries.length === 0) return expect(steps).toHaveLength(glued);
    expect(steps.filter((s) => s.kind === 'entry').map((s) => s.entryId)).toEqual(plan.entries.map((e) => e.id));
    expect(new Set(steps.map((s) => s.key)).size).toBe(steps.length);
    expect(steps.slice(0, first).every((s) => s.kind === 'glue')).toBe(true);
    expect(steps.at(-1)).toMatchObject({
      kind: 'count',
      figures: [{ code: 'figure.count', values: { count: plan.handOver.comesOut } }],
    });
    // never more than eight without a look round (docs/trade.md C2; common practice, no source)
    let since = 0;
    for (const s of steps) {
      since = s.kind === 'entry' ? since + 1 : s.kind === 'look' ? 0 : since;
      expect(since).toBeLessThanOrEqual(8);
    }
    expect(steps.some((s) => s.kind === 'cover')).toBe(plan.entries.some((e) => e.seenFrom.length > 0));
    for (const s of steps) {
      expect(s.figures.map((f) => ENGLISH.say(f)).join(' ')).not.toMatch(/NaN|undefined|Infinity/);
      expect(s.how.length * s.why.length).toBeGreaterThan(0);
    }
  },
);

test('picks go into the cake first, straws and coats on the stem first (docs/trade.md C12; common practice, no source)', () => {
  const cake = cakeOf([300, 150]);
  const { arrangement } = proposalFor({ form: 'crescent', cake, seed: 2, effort: 0.05 });
  const job = { ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [arrangement] };
  const every = derivePlan(job).entries.map((e, i) => ({ entryId: e.id, barrier: i % 2 ? 'pick-small' : 'drinking-straw' }));
  const project = { ...job, barrierFor: every };
  const plan = derivePlan(project);
  const all = placeSteps(plan, project).flatMap((s) => {
    const e = plan.entries.find((x) => x.id === s.entryId);
    return e?.barrier ? [{ pick: e.barrier.startsWith('pick'), how: s.how.map((h) => h.code) }] : [];
  });
  expect(all.filter((x) => x.pick).length).toBeGreaterThan(0);
  for (const { pick, how } of all) expect(how.includes('how.pick-first')).toBe(pick);
});

test('nothing goes in, nothing to do', () => {
  const project = newProject('p', 'P', '2027-06-12T09:30');
  expect(placeSteps(derivePlan(project), project)).toEqual([]);
});
