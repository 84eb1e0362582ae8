import { digest } from '../boundary/digest';
import type { DerivedPlan } from '../plan/derivePlan';
import { benchSteps } from '../plan/benchSteps';
import { catalogueOf } from '../plan/catalogueOf';
import { placeSteps } from '../plan/placeSteps';
import { checkProject, type Project } from '../plan/project';
import { randomProject } from './samples';

const RANDOM_SEEDS = Array.from({ length: 57 }, (_, i) => 1000 + i * 13);

/** Sixty projects whose numbers are held from version to version: the three of the demo and projects drawn at random. */
export const heldProjects = (demo: readonly unknown[]): Project[] => [
  ...demo.map((job) => {
    const read = checkProject(job);
    if (!('project' in read)) throw new Error('a demo job is not a project');
    return read.project;
  }),
  ...RANDOM_SEEDS.map((seed) => randomProject(seed, 34)),
];

/** What a plan says in figures, a digest for each of its parts: no words, so that wording may change and numbers may not. */
export function planNumbers(plan: DerivedPlan, project: Project): Record<string, string> {
  const parts: Record<string, unknown> = {
    heads: plan.heads.map((h) => [h.pieceId, h.centreMm, h.baseMm, h.axis, h.radialMm, h.axialMm, h.massGrams]),
    stems: plan.stems.map((s) => [s.pieceId, s.lengthMm, s.gauge.gauge, s.gauge.diameterMm, s.wires]),
    wires: plan.wires.map((w) => [w.id, w.gauge, w.diameterMm, w.colour, w.lengthMm, w.count, w.terms.map((t) => t.mm)]),
    cuts: plan.cuts.map((c) => [c.gauge, c.colour, c.least.bars.map((b) => b.cutsMm), c.lengths]),
    entries: plan.entries.map((e) => [
      [e.id, e.number, e.pieceIds, e.tierIndex, e.pointMm, e.direction, e.downDeg, e.bundleMm, e.massGrams, e.barrier],
      [e.outsideMm, e.boreMm, e.insideMm, e.cutMm, e.wireInsideMm, e.holdMm, e.cakeMm, e.clearMm, e.springDeg],
      [e.countsOut, e.nearestEntryMm, e.seenFrom, e.compared.length],
    ]),
    sprays: plan.arrangements.map((a) => [
      a.lineLengthMm,
      a.sprays.map((s) => s.joints.map((j) => [j.pieceId, j.order, j.arm, j.toPickMm, j.stalkMm, j.thicknessMm, j.wires])),
    ]),
    readings: plan.arrangements.map((a) => [a.score, a.readings.map((r) => [r.id, r.score, r.lean, Object.values(r.numbers)])]),
    tray: plan.tray.map((k) => [k.key, k.placed, k.fromTin, k.toMake, k.spares, k.pasteGramsEach]),
    materials: [
      plan.paste.map((b) => b.grams),
      plan.tape.map((t) => [t.colour, t.widthShare, t.mm, t.strips, t.rolls]),
      plan.supplies.map((s) => [s.id, s.ml]),
      plan.barriers.map((b) => [b.id, b.count]),
    ],
    tasks: plan.tasks.map((t) => [t.id, t.pieces, t.minutes, t.duration, t.dryHours, t.after.map((a) => [a.id, a.wait])]),
    taskNames: plan.tasks.map((t) => [t.id, t.name, t.detail, t.dryNote, t.skill, t.strand]),
    schedule: [plan.doneBy, plan.schedule.map((s) => [s.id, s.maker, s.from, s.to])],
    verdict: plan.verdict,
    warnings: plan.warnings,
    handOver: plan.handOver,
    leeway: [plan.leeway, plan.critical],
    steps: [...benchSteps(plan, project.brief.finish, catalogueOf(project)), ...placeSteps(plan, project)].map((s) => [
      [s.key, s.where, s.title, s.figures],
      [s.how, s.why],
    ]),
  };
  return Object.fromEntries(Object.entries(parts).map(([part, value]) => [part, digest(value)]));
}
