import { SHIPPED } from '../botany/catalogue';
import { produce } from 'immer';
import { cakeOf, FORMS, randomProject } from '../testing/samples';
import { benchSteps } from './benchSteps';
import { jointKey } from './jointSteps';
import { composeAll } from '../compose/composer';
import { defaultLine, newArrangement, newProject } from './newProject';
import { composeRequestOf } from './composeRequest';
import { derivePlan } from './derivePlan';
import { ENGLISH } from '../words/english';
import { BARRIERS } from '../place/barrier';

const CATALOGUE = { ...SHIPPED, barriers: BARRIERS };

const taped = (form: (typeof FORMS)[number]) => {
  const cake = cakeOf([220, 110]);
  const job = { ...newProject('j', 'J', '2027-06-12T09:30'), cake };
  const empty = produce(job, (d) => {
    d.arrangements = [{ ...newArrangement('a1', defaultLine(form, cake)), method: 'taped spray' }];
  });
  const [best] = composeAll({ ...composeRequestOf({ project: empty, index: 0, seed: 3, proposals: 1, tin: [] })!, effort: 0.05 });
  return { ...empty, arrangements: [best!.arrangement] };
};

describe.each(FORMS.filter((f) => f !== 'plaque'))('the steps for a taped %s', (form) => {
  const plan = derivePlan(taped(form));
  const steps = benchSteps(plan, 'everyday', CATALOGUE);
  const sprays = plan.arrangements.flatMap((a) => a.sprays);

  test('every joint is one step, each step has a key of its own, and each spray ends in its barrier', () => {
    expect(new Set(steps.map((s) => s.key)).size).toBe(steps.length);
    const joints = sprays.flatMap((s) => s.joints.map((j) => jointKey(s, j)));
    expect(
      steps
        .filter((s) => s.kind === 'joint')
        .map((s) => s.key)
        .sort(),
    ).toEqual(joints.sort());
    for (const spray of sprays) expect(steps.filter((s) => s.spray === spray).at(-1)!.kind).toBe('trim');
  });

  test('nothing is taped before what it carries: members before their lead, from the tip to the pick, heavy heads last', () => {
    for (const spray of sprays) {
      const own = steps.filter((s) => s.spray === spray && s.kind === 'joint').map((s) => s.joint!);
      own.forEach((joint, i) => {
        if (joint.onto) expect(own.findIndex((j) => j.pieceId === joint.onto)).toBeGreaterThan(i);
        for (const later of own.slice(i + 1)) {
          if (later.arm === joint.arm && !later.onto && !joint.onto && joint.arm !== 'heel')
            expect(later.toPickMm).toBeLessThan(joint.toPickMm);
          if (joint.arm === 'heel') expect(later.arm).toBe('heel');
        }
      });
    }
  });

  test('a carrier is laid in before the joints below its upper end, each once', () => {
    for (const wire of plan.wires.filter((w) => w.use === 'carrier')) {
      const at = steps.findIndex((s) => s.key.endsWith(wire.id));
      expect(at).toBeGreaterThanOrEqual(0);
      const upper = wire.terms.find((t) => t.term === 'along-stem')!.mm;
      for (const s of steps.slice(0, at))
        if (s.kind === 'joint' && s.spray === steps[at]!.spray && s.joint!.arm === wire.arm && !s.joint!.onto)
          expect(s.joint!.toPickMm).toBeGreaterThan(upper - 1e-6);
    }
  });

  test('every figure is a number that can be measured, every step says how and why', () => {
    for (const s of steps) {
      expect(s.figures.map((f) => ENGLISH.figure(f).figure).join(' ')).not.toMatch(/NaN|Infinity|undefined/);
      expect(s.how.length).toBeGreaterThan(0);
      expect(s.why.every((w) => ENGLISH.say(w).length > 10)).toBe(true);
    }
  });
});

test('stem by stem: every stem is in one step, with its own wire; 12 seeded jobs', () => {
  for (let seed = 1; seed <= 12; seed++) {
    const plan = derivePlan(randomProject(seed));
    const steps = benchSteps(plan, 'everyday', CATALOGUE);
    const said = steps.flatMap((s) =>
      s.kind === 'joint' || s.kind === 'stem' ? s.pieceIds.map((id) => `${s.arrangementId}/${id}`) : [],
    );
    expect(said.sort()).toEqual(plan.stems.map((s) => `${s.arrangementId}/${s.pieceId}`).sort());
    expect(new Set(said).size).toBe(said.length);
  }
});

test('a standing cluster is bound from the middle down one stem; no word of arms or a heel', () => {
  const steps = benchSteps(derivePlan(taped('cluster')), 'everyday', CATALOGUE).filter((s) => s.kind === 'joint');
  expect(steps[0]!.title.code).toBe('do.begin-with');
  for (const s of steps.slice(1)) expect(s.title.code).toBe('do.bind-in');
  expect(steps.map((s) => ENGLISH.say(s.title)).join()).not.toMatch(/heel/);
  const below = steps.slice(1).map((s) => s.joint!.toPickMm);
  expect([...below].sort((a, b) => b - a)).toEqual(below);
});

test('why a stalk leaves as it does follows its own angle', () => {
  const joints = benchSteps(derivePlan(taped('crescent')), 'everyday', CATALOGUE).filter(
    (s) => s.kind === 'joint' && s.joint!.arm !== 'heel' && !s.joint!.tip,
  );
  expect(joints.length).toBeGreaterThan(3);
  for (const { joint, why } of joints) {
    const deg = joint!.angleDeg;
    expect(why.map((w) => w.code)).toContain(`why.angle-${deg < 35 ? 'flat' : deg > 60 ? 'steep' : 'usual'}`);
  }
});

test('nothing composed, nothing to do', () => {
  expect(benchSteps(derivePlan(newProject('p', 'P', '2027-06-12T09:30')), 'everyday', CATALOGUE)).toEqual([]);
});
