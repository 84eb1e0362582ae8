import { cakeSolid } from '../cake/solid';
import { addScaled } from '../geometry/vec3';
import { derivePlan, type DerivedPlan } from '../plan/derivePlan';
import { movedApart } from '../plan/apart';
import type { Project } from '../plan/project';
import { templates } from '../formats/template';
import { randomProject } from '../testing/samples';
import { barrierById, BARRIERS } from './barrier';
import { ENGLISH } from '../words/english';

const TENS = Array.from({ length: 30 }, (_, i) => i * 10 + 1000);

/** Bare wire or tape along the icing, looked for afresh: every stem in steps of half a millimetre. */
function touching(project: Project, plan: DerivedPlan): string[] {
  const solid = cakeSolid(project.cake);
  return plan.stems.flatMap(({ pieceId, curve }) => {
    const end = curve.at(-1)!;
    for (let i = 1; i < curve.length; i++) {
      const [a, b] = [curve[i - 1]!, curve[i]!];
      const long = Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]);
      for (let t = 0; t <= long; t += 0.5) {
        const at = addScaled(a, [(b[0] - a[0]) / long, (b[1] - a[1]) / long, (b[2] - a[2]) / long], t);
        const tier = solid.tiers.find((k) => at[2] >= k.footMm && at[2] <= k.topMm && k.outline.signedMm(at[0], at[1]) < 2);
        // its last stretch goes into its own barrier
        if (Math.hypot(at[0] - end[0], at[1] - end[1], at[2] - end[2]) < 8 || !tier?.tier.covering.eaten) continue;
        if (solid.signedDistanceMm(at) < 0) return [pieceId];
      }
    }
    return [];
  });
}

function expectSafe(project: Project, plan: DerivedPlan): void {
  const stops = plan.warnings.filter((w) => w.level === 'stop');
  if (plan.verdict === 'go') {
    expect(stops).toEqual([]);
    // all that is bare stays out of what is eaten, judged by another walk along it
    expect(touching(project, plan)).toEqual([]);
    for (const e of plan.entries) {
      const tier = project.cake.tiers[e.tierIndex]!;
      if (!e.barrier) expect(tier.kind === 'dummy' && !tier.covering.eaten).toBe(true);
    }
  }
  for (const e of plan.entries) {
    if (!e.barrier) continue;
    const barrier = barrierById(e.barrier, BARRIERS)!;
    expect(e.insideMm).toBeLessThanOrEqual(e.cakeMm - 4 + 1e-6);
    expect(e.insideMm).toBeLessThanOrEqual(Math.max(barrier.reachMm, barrier.stockMm));
    if (barrier.boreMm !== null) expect(e.bundleMm).toBeLessThanOrEqual(barrier.boreMm - 0.5 + 1e-9);
    // the wire ends inside its barrier
    expect(e.wireInsideMm).toBeLessThanOrEqual(e.insideMm);
  }
  expect(plan.handOver.goesIn).toBe(plan.entries.length);
  expect(plan.handOver.comesOut).toBe(plan.entries.length);
  expect(plan.handOver.out.map((o) => o.number).sort((a, b) => a - b)).toEqual(plan.entries.map((e) => e.number));
  expect(new Set(plan.entries.map((e) => e.id)).size).toBe(plan.entries.length);
  const pricked = templates({ cake: project.cake, entries: plan.entries, title: 'Job', words: ENGLISH }).flatMap((d) =>
    d.marks.flatMap((m) => (m.kind === 'ellipse' && m.id?.startsWith('point-') ? [m.id] : [])),
  );
  expect(pricked).toHaveLength(plan.entries.length);
}

test.each(TENS)(
  'ten random projects from seed %i: never go with what rules forbid, never deeper than the cake, in = out, all on the templates',
  (first) => {
    for (let seed = first; seed < first + 10; seed++) {
      const project = randomProject(seed, 20);
      expectSafe(project, derivePlan(project));
    }
  },
);

test.each([1003, 1017, 1032, 1058, 1091])(
  'what is moved apart is nearer to none than before, moves little and makes no new stop, seed %i',
  (seed) => {
    const project = { ...randomProject(seed, 40) };
    project.arrangements[0]!.method = 'stem by stem';
    const before = derivePlan(project);
    const close = (plan: DerivedPlan) => plan.warnings.filter((w) => w.mends?.some((m) => m.do === 'move apart')).length;
    const { moves, left } = movedApart(project);
    const next = structuredClone(project);
    for (const m of moves)
      Object.assign(
        next.arrangements[0]!.pieces.find((p) => p.id === m.pieceId)!,
        { s: m.s, side: m.side },
      );
    const after = derivePlan(next);
    expect(close(after)).toBe(left);
    expect(left).toBeLessThanOrEqual(close(before));
    if (close(before) === 0) expect(moves).toEqual([]);
    const stops = (plan: DerivedPlan) => plan.warnings.filter((w) => w.level === 'stop').length;
    expect(stops(after)).toBeLessThanOrEqual(stops(before));
    const was = new Map(before.heads.map((h) => [h.pieceId, h.centreMm]));
    for (const h of after.heads) expect(Math.hypot(...h.centreMm.map((x, k) => x - was.get(h.pieceId)![k]!))).toBeLessThan(60);
  },
);
