import { produce } from 'immer';
import { cakeOf, proposalFor } from '../testing/samples';
import { ENGLISH } from '../words/english';
import { derivePlan } from './derivePlan';
import { needsOf } from './needs';
import { newProject } from './newProject';
import { placeSteps } from './placeSteps';
import type { Project } from './project';

/** What is made without wire is laid or glued: it has no wire anywhere, and what touches the cake is what may be eaten. */
const CAKE = cakeOf([220, 110]);
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 0.1 });
const blank = newProject('laid', 'Laid', '2027-06-12T09:30');
const WIRED: Project = { ...blank, cake: CAKE, brief: { ...blank.brief, dust: 'edible' }, arrangements: [arrangement] };
const species = [...new Set(arrangement.pieces.map((p) => p.species))];
const ROSES = arrangement.pieces.filter((p) => p.species === 'rose');
const madeBy = (ids: readonly string[], method: string) =>
  produce(WIRED, (d) => void (d.madeBy = ids.map((id) => ({ species: id, method }))));

test('hand-wrapped roses among wired ones: no wire, no barrier, no tape of them; glued on when all stands', () => {
  const plan = derivePlan(madeBy(['rose'], 'hand-wrapped'));
  const ids = ROSES.map((p) => p.id);
  expect(ids.length).toBeGreaterThan(2);
  expect(plan.laid.map((l) => l.pieceId).sort()).toEqual([...ids].sort());
  expect(plan.wires.filter((w) => ids.includes(w.pieceId))).toEqual([]);
  expect(plan.spareWires.filter((w) => w.piece?.species === 'rose')).toEqual([]);
  expect(plan.stems.filter((s) => ids.includes(s.pieceId))).toEqual([]);
  expect(plan.entries.flatMap((e) => e.pieceIds).filter((id) => ids.includes(id))).toEqual([]);
  expect(plan.entries.length).toBeGreaterThan(0);
  const steps = placeSteps(plan, WIRED);
  const glue = steps.findIndex((s) => s.kind === 'glue');
  expect(glue).toBeGreaterThan(steps.map((s) => s.kind).lastIndexOf('entry'));
  expect(ENGLISH.say(steps[glue]!.title)).toMatch(/^Glue on .*rose/);
});

test('all of it without wire: nothing to cut, nothing to wind, no straw, nothing to take out', () => {
  const plan = derivePlan(madeBy(species, 'hand-wrapped'));
  expect(plan.wires).toEqual([]);
  expect(plan.cuts).toEqual([]);
  expect(plan.tape).toEqual([]);
  expect(plan.barriers).toEqual([]);
  expect(plan.handOver.comesOut).toBe(0);
  expect(plan.laid).toHaveLength(arrangement.pieces.length);
  expect(needsOf(plan).filter((n) => /wire|tape|straw|pick/.test(n.id))).toEqual([]);
  expect(placeSteps(plan, WIRED).map((s) => s.kind)).toEqual(['glue']);
  // nothing is wired, so its minutes are those of its rounds
  const rose = plan.tray.find((k) => k.species === 'rose' && k.stage === 'open')!;
  expect(rose.steps.reduce((a, s) => a + s.eachMinutes, 0)).toBeLessThan(7);
});

test('what lies on icing that is eaten is a stop while its dust is not edible or not known', () => {
  const project = madeBy(['rose'], 'hand-wrapped');
  const stops = (dust: Project['brief']['dust']) =>
    derivePlan({ ...project, paints: [], brief: { ...project.brief, dust } }).warnings.filter(
      (w) => w.level === 'stop' && w.code === 'place.head-on-icing' && ROSES.some((p) => p.id === w.pieceId),
    );
  expect(stops('edible')).toEqual([]);
  expect(stops('not edible')).toHaveLength(ROSES.length);
  expect(stops('unknown')).toHaveLength(ROSES.length);
  // lifting does not help what is laid
  expect(stops('unknown')[0]!.mends?.map((m) => m.do)).toEqual(['underlay', 'edible dust']);
});

test('rolled, cupped and wrapped flowers have no wire in any stage; a pompon has one of two strands', () => {
  for (const method of ['rolled rosette', 'cupped flower', 'hand-wrapped'])
    expect(derivePlan(madeBy(['rose', 'ranunculus', 'blossom'], method)).wires.some((w) => w.piece?.species === 'rose')).toBe(
      false,
    );
  const pompon = derivePlan(madeBy(['ranunculus'], 'snipped pompon')).wires.filter((w) => w.piece?.species === 'ranunculus');
  expect(pompon.length).toBeGreaterThan(0);
  for (const w of pompon) expect([w.use, w.count]).toEqual(['stem', 2]);
});
