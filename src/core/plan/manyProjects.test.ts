import { SHIPPED, speciesById } from '../botany/catalogue';
import { JOINT_GAP_MM, type Joint } from '../tape/tree';
import { randomProject } from '../testing/samples';
import { derivePlan, type DerivedPlan } from './derivePlan';
import type { Project } from './project';

const TEN = Array.from({ length: 20 }, (_, i) => i * 10);

/** Every wire is the sum of its terms, and the whole is the sum of the wires. */
function expectWiresAddUp({ wires, spareWires, cuts }: DerivedPlan, times: number): void {
  let total = spareWires.reduce((a, w) => a + w.lengthMm * w.count, 0);
  for (const { lengthMm, terms, count } of wires) {
    const sum = terms.reduce((a, t) => a + t.mm, 0);
    expect(lengthMm - sum).toBeGreaterThan(-1e-6);
    expect(lengthMm - sum).toBeLessThan(1);
    expect(terms.every((t) => t.mm > 0 && t.why)).toBe(true);
    total += lengthMm * count * times;
  }
  const cut = cuts.flatMap((c) => [
    ...c.least.bars.flatMap((b) => b.cutsMm),
    ...c.least.tooLong.flatMap((d) => Array.from({ length: d.count }, () => d.lengthMm)),
  ]);
  expect(cut.reduce((a, mm) => a + mm, 0)).toBeCloseTo(total, 6);
}

/** Each piece is borne by exactly one: an entry, a base of foam, or the plaque it is glued to; otherwise a stop names the fault. */
function expectOnePath(project: Project, plan: DerivedPlan): void {
  const borne = plan.entries.flatMap((e) => e.pieceIds);
  expect(new Set(borne).size).toBe(borne.length);
  const glued = plan.wires.length === 0;
  const laid = new Set(plan.laid.map((l) => l.pieceId));
  const lost = project.arrangements[0]!.pieces.filter((p) => !borne.includes(p.id) && !laid.has(p.id));
  if (lost.length && !glued) expect(plan.verdict).toBe('stop');
  const rooted = plan.stems.map((s) => s.pieceId);
  expect(new Set(rooted).size).toBe(rooted.length);
  if (!glued) for (const id of borne) expect(rooted).toContain(id);
}

const arms = (joints: readonly Joint[]) =>
  (['first', 'second'] as const).map((arm) => joints.filter((j) => j.arm === arm && j.onto === null));

/** Nothing is taped before what it carries: tip before pick, members before their lead, each arm whole before the heel. */
function expectTapingOrder(plan: DerivedPlan): void {
  for (const { joints, pieceIds } of plan.arrangements.flatMap((a) => a.sprays)) {
    expect(joints.map((j) => j.order)).toEqual(joints.map((_, i) => i + 1));
    expect(joints.map((j) => j.pieceId).sort()).toEqual([...pieceIds].sort());
    for (const arm of arms(joints))
      arm.forEach((j, i) => {
        if (i > 0) expect(arm[i - 1]!.toPickMm - j.toPickMm).toBeGreaterThanOrEqual(JOINT_GAP_MM - 0.01);
      });
    for (const j of joints.filter((m) => m.onto !== null)) {
      const lead = joints.find((l) => l.pieceId === j.onto)!;
      expect(lead.order).toBeGreaterThan(j.order);
      expect(lead.onto).toBeNull();
    }
    const standing = joints.every((j) => j.arm === 'heel');
    const firstHeel = joints.findIndex((j) => j.arm === 'heel');
    if (!standing && firstHeel >= 0) expect(joints.slice(firstHeel).every((j) => j.arm === 'heel')).toBe(true);
  }
}

/** A wire of each part that has one, besides the stem's own. */
function expectPartsWired(project: Project, plan: DerivedPlan): void {
  for (const piece of project.arrangements[0]!.pieces.slice(0, 5)) {
    const own = plan.wires.filter((w) => w.pieceId === piece.id && w.use !== 'carrier');
    if (!own.length) continue;
    expect(own.filter((w) => w.use === 'stem')).toHaveLength(1);
    expect(own.some((w) => w.use === 'stamen')).toBe(
      speciesById(piece.species, SHIPPED).threaded === true && piece.stage === 'open',
    );
  }
}

test.each(TEN)(
  'ten random projects from seed %i: wires add up, one load path each, a taping order that can be taped',
  (first) => {
    for (let seed = first + 1; seed <= first + 10; seed++) {
      const project = randomProject(seed, 34);
      const plan = derivePlan(project);
      expectWiresAddUp(plan, project.arrangements[0]!.quantity);
      expectOnePath(project, plan);
      expectTapingOrder(plan);
      expectPartsWired(project, plan);
    }
  },
);
