import { refusalOf } from '../boundary/refusal';
import { cakeOf, proposalFor } from '../testing/samples';
import { waysWithout } from './compared';
import { derivePlan } from '../plan/derivePlan';
import { newProject } from '../plan/newProject';
import { checkProject, type Project } from '../plan/project';
import { BARRIERS, barrierById, barriersWith, fitsBore, wallMm } from './barrier';
import { ownBarrierSchema } from './ownBarrier';
import * as v from 'valibot';
import { ENGLISH } from '../words/english';

const CAKE = cakeOf([250, 110]);
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 2, effort: 0.1 });
const job: Project = { ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [arrangement] };
const OWN = {
  id: 'own-bubble',
  name: 'my bubble straw',
  kind: 'straw' as const,
  boreMm: 10.5,
  outsideMm: 11.2,
  stockMm: 240,
  mostGrams: 90,
  minutes: 1,
};

test.each(BARRIERS.map((b) => [b.id, b] as const))(
  '%s says what it touches, when it is good and when not, how, and what is taken out',
  (_id, b) => {
    const { steps, ...told } = ENGLISH.barrierWords(b.id);
    for (const words of Object.values(told)) expect(words.length).toBeGreaterThan(8);
    expect(steps).toHaveLength(b.stepCount);
    expect(b.dryMinutes).toBeGreaterThanOrEqual(0);
    const wall = wallMm(b);
    if (b.boreMm === null) expect(wall).toBeNull();
    else expect(wall!).toBeGreaterThan(0.1);
  },
);

test('wax sets in moments, a compound coat in about ten minutes (docs/trade.md D3; common practice, no source)', () => {
  expect(barrierById('wax', BARRIERS)!.dryMinutes).toBeLessThan(5);
  expect(barrierById('compound-coat', BARRIERS)!.dryMinutes).toBe(10);
});

test('every entry compares every barrier: one is taken, and each of the others goes there too or says why not', () => {
  const plan = derivePlan(job);
  for (const e of plan.entries) {
    expect(e.compared.map((c) => c.barrier)).toEqual(BARRIERS.map((b) => b.id));
    expect(e.compared.filter((c) => c.taken).map((c) => c.barrier)).toEqual([e.barrier]);
    for (const c of e.compared) {
      expect(c.insideMm === null).toBe(c.whyNot !== null);
      const b = barrierById(c.barrier, BARRIERS)!;
      if (c.insideMm !== null) {
        expect(fitsBore(b, e.bundleMm)).toBe(true);
        expect(c.insideMm).toBeLessThanOrEqual(e.cakeMm - 4);
      } else if (b.boreMm !== null && e.bundleMm + 0.5 > b.boreMm) expect(c.whyNot?.code).toMatch(/^unsuited\.(bore|thick)$/);
    }
  }
});

test('a barrier chosen by hand is taken where it goes, and said where it does not', () => {
  const plan = derivePlan(job);
  const entry = plan.entries.find((e) => e.compared.some((c) => c.insideMm !== null && !c.taken))!;
  const other = entry.compared.find((c) => c.insideMm !== null && !c.taken)!.barrier;
  const chosen = derivePlan({ ...job, barrierFor: [{ entryId: entry.id, barrier: other }] });
  expect(chosen.entries.find((e) => e.id === entry.id)!.barrier).toBe(other);
  const impossible = derivePlan({ ...job, barrierFor: [{ entryId: entry.id, barrier: 'pick-large' }] });
  const after = impossible.entries.find((e) => e.id === entry.id)!;
  if (after.barrier !== 'pick-large')
    expect(impossible.warnings.find((w) => w.entryId === entry.id && w.code === 'place.barrier-unsuited')).toMatchObject({
      level: 'look again',
      mends: [{ do: 'by the rule' }],
    });
  const gone = derivePlan({ ...job, barrierFor: [{ entryId: entry.id, barrier: 'no such thing' }] });
  expect(gone.entries.find((e) => e.id === entry.id)!.barrier).toBe(entry.barrier);
});

test('toothpicks are looked at again where small children sit, and only there', () => {
  const plan = derivePlan(job);
  const light = plan.entries.filter((e) => e.compared.some((c) => c.barrier === 'toothpick' && c.insideMm !== null));
  expect(light.length).toBeGreaterThan(0);
  const withPick = { ...job, barrierFor: light.slice(0, 1).map((e) => ({ entryId: e.id, barrier: 'toothpick' })) };
  const said = (smallChildren: boolean) =>
    derivePlan({ ...withPick, brief: { ...job.brief, smallChildren } }).warnings.filter((w) => w.code === 'place.toothpicks');
  expect(said(true).map((w) => w.level)).toEqual(['look again']);
  expect(said(false)).toEqual([]);
});

test('an own barrier is compared with the rest, belongs to its job alone, and a job without it does not know it', () => {
  const plan = derivePlan({ ...job, barriers: [OWN] });
  expect(barriersWith([OWN]).at(-1)!.ownName).toBe(OWN.name);
  expect(plan.entries.every((e) => e.compared.some((c) => c.barrier === OWN.id))).toBe(true);
  expect(derivePlan(job).entries.some((e) => e.compared.some((c) => c.barrier === OWN.id))).toBe(false);
});

test.each([
  [{ outsideMm: 10 }, /wider outside than inside/],
  [{ name: '  ' }, /it is empty/],
  [{ boreMm: 0 }, /“0” is less than 1/],
  [{ id: 'straw' }, /own-/],
] as const)('a bad own barrier is refused with its sentence: %j', (over, why) => {
  const result = v.safeParse(ownBarrierSchema, { ...OWN, ...over });
  expect(result.issues && ENGLISH.say(refusalOf(result.issues[0]))).toMatch(why);
  const project = checkProject({ ...job, barriers: [{ ...OWN, ...over }] });
  expect('issues' in project && project.issues[0]!.path).toMatch(/^barriers\.0/);
});

test('without a barrier: a dummy tier always; unwired only one light head with no wires of its own (assumed weights)', () => {
  const ways = (patch: Partial<Parameters<typeof waysWithout>[0]>) =>
    waysWithout({ heads: 1, massGrams: 3, ownWires: false, downDeg: 20, ...patch }).map((w) => w.whyNot === null);
  expect(ways({})).toEqual([true, true]);
  expect(ways({ heads: 7 })).toEqual([true, false]);
  expect(ways({ ownWires: true })).toEqual([true, false]);
  expect(ways({ massGrams: 12 })).toEqual([true, false]);
  expect(ways({ massGrams: 12, downDeg: 90 })).toEqual([true, true]);
});
