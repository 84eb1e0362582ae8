import type { PieceRef } from '../facts/fact';
import { degToRad } from '../geometry/numbers';
import { barrierById, type Barrier } from '../place/barrier';
import type { Entry } from '../place/entry';
import { tapePitchMm, tapeWidthShare } from '../tape/bundle';
import type { Joint, Spray } from '../tape/tree';
import type { GaugeChoice } from '../wire/mechanics';
import type { WireCut } from '../wire/wireLength';
import type { TrayKind } from '../make/tray';
import type { DerivedPlan, PlannedEntry } from './derivePlan';
import type { JobCatalogue } from './catalogueOf';
import { makeUpSteps, type Ring } from './makeUp';
import type { Figure, How, StepPlace, StepTitle, Why } from './stepFacts';
import { must } from '../geometry/must';

/** One thing to do, read from an arm's length. `key` is remembered in the job once it is done. */
export interface Step {
  key: string;
  /** where it stands among the others */
  where: StepPlace;
  title: StepTitle;
  /** what is measured, large, with what it is */
  figures: Figure[];
  /** what the hands do, in order */
  how: How[];
  /** for a learner who asks */
  why: Why[];
}

export interface BenchStep extends Step {
  kind: 'made up' | 'joint' | 'carrier' | 'arms' | 'trim' | 'stem';
  pieceIds: string[];
  spray: Spray | null;
  joint: Joint | null;
  entry: Entry | null;
  arrangementId: string;
  /** petals bound so far while a flower is made up, the new ring last */
  rings?: readonly Ring[];
}

/** Tape is wound at least so far past a joint before the next piece is laid in. */
const LEAST_WOUND_MM = 6;
const MOST_WOUND_MM = 25;
/** Turns that bind a joint before the tape runs on. */
const BINDING_TURNS = 3;
/** At the pick the last stretch of each arm is bent down and laid heel to heel. */
const HEEL_MM = 15;

/** By its piece, not its number: numbers change when the tree is edited. */
export const jointKey = (spray: Pick<Spray, 'id'>, joint: Pick<Joint, 'pieceId'>): string => `${spray.id}:${joint.pieceId}`;

type StepPlan = Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads' | 'arrangements' | 'tray'>;

/** What of a plan belongs to one arrangement: pieces are called by ids of their own only there. */
interface OwnPlan extends Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads'> {
  arrangementId: string;
  /** barriers of all arrangements */
  allEntries: number;
  /** what the job's stems may have */
  barriers: readonly Barrier[];
}

const of = (plan: StepPlan, arrangementId: string, { barriers }: JobCatalogue): OwnPlan => ({
  arrangementId,
  barriers,
  wires: plan.wires.filter((w) => w.arrangementId === arrangementId),
  stems: plan.stems.filter((s) => s.arrangementId === arrangementId),
  entries: plan.entries.filter((e) => e.arrangementId === arrangementId),
  heads: plan.heads.filter((h) => h.arrangementId === arrangementId),
  allEntries: plan.entries.length,
});

/**
 * Everything to tape, in an order in which nothing is taped before what it carries: pieces of many parts are made up first, then
 * sprays and single stems. Empty for what is glued.
 */
export function benchSteps(plan: StepPlan, finish: 'everyday' | 'showpiece', catalogue: JobCatalogue): BenchStep[] {
  const sprays = plan.arrangements.flatMap((a) => a.sprays.map((spray) => ({ spray, arrangementId: a.id })));
  const inSprays = new Set(sprays.map((s) => s.spray.id));
  return [
    ...plan.tray.flatMap((kind) => madeUpSteps(kind, plan, { finish, catalogue })),
    ...sprays.flatMap(({ spray, arrangementId }, i) => spraySteps(spray, i, sprays.length, of(plan, arrangementId, catalogue))),
    ...plan.entries
      .filter((e) => !inSprays.has(e.id))
      .flatMap((e) => {
        const own = of(plan, e.arrangementId, catalogue);
        return own.stems.some((s) => e.pieceIds.includes(s.pieceId)) ? [stemStep(e, own)] : [];
      }),
  ];
}

/** A kind that is still to be made, of parts with wires of their own: one round of steps for all of it. */
function madeUpSteps(
  kind: TrayKind,
  plan: StepPlan,
  how: { finish: 'everyday' | 'showpiece'; catalogue: JobCatalogue },
): BenchStep[] {
  const head = plan.heads.find((h) => h.species === kind.species && h.stage === kind.stage);
  if (!head || kind.toMake === 0) return [];
  const wires = plan.wires.filter((w) => w.arrangementId === head.arrangementId && w.pieceId === head.pieceId);
  if (wires.length === 0) return [];
  return makeUpSteps(kind, head.axialMm * 2, wires, how).map(({ title, figures, how, why, rings }, i, all) => ({
    key: `made up:${kind.key}:${i}`,
    kind: 'made up',
    where: {
      code: 'at.made-up',
      values: { piece: { species: kind.species, stage: kind.stage }, toMake: kind.toMake, step: i + 1, of: all.length },
    },
    title,
    figures: kind.toMake > 1 ? [...figures, { code: 'figure.same-for-each', values: { count: kind.toMake } }] : figures,
    how,
    why,
    pieceIds: [head.pieceId],
    spray: null,
    joint: null,
    entry: null,
    arrangementId: head.arrangementId,
    rings,
  }));
}

/** Which spray of how many. */
interface OfSprays {
  spray: number;
  sprays: number;
}

function spraySteps(spray: Spray, index: number, count: number, plan: OwnPlan): BenchStep[] {
  const own: OfSprays = { spray: index + 1, sprays: count };
  const steps: BenchStep[] = [];
  const carriers = plan.wires.filter((w) => w.use === 'carrier' && w.id.startsWith(`${spray.id}-carrier`));
  const laid = new Set<string>();
  const armsLeft = (['first', 'second'] as const).filter((arm) => spray.joints.some((j) => j.arm === arm));
  const bothArms = armsLeft.length === 2;
  const begun = new Set<Joint['arm']>();
  spray.joints.forEach((joint, i) => {
    const where: StepPlace = { code: 'at.joint', values: { ...own, joint: joint.order, of: spray.joints.length } };
    if (joint.arm !== 'heel' && !joint.onto)
      for (const c of carriers.filter((x) => x.arm === joint.arm && !laid.has(x.id) && fromPick(x) >= joint.toPickMm)) {
        laid.add(c.id);
        steps.push(carrierStep(spray, joint, c, where, plan));
      }
    if (joint.arm === 'heel' && bothArms && !begun.has('heel')) steps.push(armsStep(spray, where, plan));
    begun.add(joint.arm);
    steps.push(jointStep(spray, joint, i, where, plan));
  });
  if (bothArms && !begun.has('heel')) steps.push(armsStep(spray, { code: 'at.pick', values: own }, plan));
  const entry = plan.entries.find((e) => e.id === spray.id) ?? null;
  steps.push(trimStep(spray, entry, { code: 'at.end', values: own }, plan));
  return steps;
}

const fromPick = (carrier: WireCut): number => carrier.terms.find((t) => t.term === 'along-stem')?.mm ?? 0;

/** Everything on one stem, from the middle down: a standing cluster or a pick. */
const stands = ({ joints }: Spray): boolean => joints.every((j) => j.arm === 'heel') && joints.some((j) => j.toPickMm > 0);

const tapeWidth = (thickMm: number): 'full' | 'half' | 'third' => {
  const share = tapeWidthShare(thickMm);
  return share === 1 ? 'full' : share === 0.5 ? 'half' : 'third';
};

const wireFigure = ({ gauge, colour, diameterMm, lengthMm }: WireCut, count = 1): Figure => ({
  code: 'figure.wire',
  values: { gauge, colour, diameterMm, lengthMm, count },
});

function jointStep(spray: Spray, joint: Joint, i: number, where: StepPlace, plan: OwnPlan): BenchStep {
  const wire = plan.wires.find((w) => w.pieceId === joint.pieceId && w.use === 'stem');
  const stem = plan.stems.find((s) => s.pieceId === joint.pieceId);
  const before =
    spray.joints
      .slice(0, i)
      .filter((j) => j.arm === joint.arm && j.onto === joint.onto)
      .at(-1) ?? null;
  const standing = stands(spray);
  return {
    key: jointKey(spray, joint),
    kind: 'joint',
    where,
    title: jointTitle(joint, before, standing, plan),
    figures: [...(wire ? [wireFigure(wire)] : []), ...jointFigures(spray, joint, before, standing, plan)],
    how: jointHow(joint),
    why: jointWhy(joint, standing, stem?.gauge),
    pieceIds: [joint.pieceId],
    spray,
    joint,
    entry: null,
    arrangementId: plan.arrangementId,
  };
}

function jointTitle(joint: Joint, before: Joint | null, standing: boolean, plan: OwnPlan): StepTitle {
  const piece = pieceIn(plan, joint.pieceId);
  if (joint.tip || (standing && !before)) return { code: 'do.begin-with', values: { piece } };
  if (standing) return { code: 'do.bind-in', values: { piece } };
  if (joint.onto) return { code: 'do.tape-onto', values: { piece, onto: pieceIn(plan, joint.onto) } };
  return { code: joint.arm === 'heel' ? 'do.set-at-heel' : 'do.lay-beside', values: { piece } };
}

function jointFigures(spray: Spray, joint: Joint, before: Joint | null, standing: boolean, plan: OwnPlan): Figure[] {
  const { thicknessMm, wires } = joint;
  const woundBelowMm = woundMm(spray, joint);
  const below = (): Figure[] => {
    if (joint.tip) return [];
    if (joint.onto)
      return [{ code: 'figure.below-head', values: { lengthMm: joint.fromTipMm, onto: pieceIn(plan, joint.onto) } }];
    if (!before || !(standing || joint.arm !== 'heel')) return [];
    const lengthMm = standing ? before.toPickMm - joint.toPickMm : Math.abs(joint.fromTipMm - before.fromTipMm);
    return [{ code: 'figure.below-joint', values: { lengthMm, joint: before.order, side: joint.side } }];
  };
  const turns = BINDING_TURNS + Math.round(woundBelowMm / tapePitchMm(thicknessMm || 1));
  return [
    { code: 'figure.stalk', values: { lengthMm: joint.stalkMm } },
    ...below(),
    { code: 'figure.turns', values: { turns, width: tapeWidth(thicknessMm), woundMm: woundBelowMm } },
    { code: 'figure.thick-below', values: { thickMm: thicknessMm, wires } },
  ];
}

function jointHow(joint: Joint): How[] {
  if (joint.tip) return plainly('how.start-tape', 'how.stretch');
  const bend: How =
    joint.arm === 'heel'
      ? { code: 'how.bend-heel', values: {} }
      : { code: 'how.bend-at-joint', values: { rad: degToRad(joint.angleDeg), side: joint.side } };
  return [bend, { code: 'how.bind', values: {} }];
}

function jointWhy(joint: Joint, standing: boolean, gauge: GaugeChoice | undefined): Why[] {
  const own: Why[] = [gaugeWhy(gauge)];
  if (joint.arm === 'heel') own.push({ code: standing ? 'why.standing' : 'why.heavy-last', values: {} });
  else if (!joint.tip) own.push(angleWhy(joint.angleDeg));
  return [...own, { code: 'why.bundle', values: { wires: joint.wires, thickMm: joint.thicknessMm } }];
}

/** Things to do that carry no value. */
type Plain = { [F in How as F['code']]: keyof F['values'] extends never ? F['code'] : never }[How['code']];
export const plainly = (...codes: Plain[]): How[] => codes.map((code) => ({ code, values: {} }) as How);

/** As far as the next joint on the same stem, within what a hand winds at once. */
function woundMm(spray: Spray, joint: Joint): number {
  const next = spray.joints.find((j) => j.order > joint.order && j.arm === joint.arm && j.onto === joint.onto);
  const to = next && joint.arm !== 'heel' ? Math.abs(next.fromTipMm - joint.fromTipMm) : HEEL_MM;
  return Math.min(MOST_WOUND_MM, Math.max(LEAST_WOUND_MM, to));
}

const carrierStep = (spray: Spray, joint: Joint, wire: WireCut, where: StepPlace, plan: OwnPlan): BenchStep => ({
  key: `${spray.id}:${wire.id}`,
  kind: 'carrier',
  where,
  title: { code: 'do.carrier', values: {} },
  figures: [wireFigure(wire), { code: 'figure.from-pick', values: { lengthMm: fromPick(wire) } }],
  how: plainly('how.carrier'),
  why: [{ code: 'why.carrier', values: {} }],
  pieceIds: [],
  spray,
  joint,
  entry: null,
  arrangementId: plan.arrangementId,
});

const armsStep = (spray: Spray, where: StepPlace, { arrangementId }: OwnPlan): BenchStep => ({
  key: `${spray.id}:arms`,
  kind: 'arms',
  where,
  title: { code: 'do.join-arms', values: {} },
  figures: [
    { code: 'figure.arm-bent', values: { lengthMm: HEEL_MM } },
    { code: 'figure.arms', values: { firstMm: spray.armsMm.first, secondMm: spray.armsMm.second } },
  ],
  how: [...plainly('how.heel-to-heel'), { code: 'how.tape-heel', values: { lengthMm: HEEL_MM } }],
  why: [{ code: 'why.heel', values: {} }],
  pieceIds: [],
  spray,
  joint: null,
  entry: null,
  arrangementId,
});

/** What is done to fit a barrier, and its caution. */
const fitting = (barrier: Barrier | null): { how: How[]; why: Why[] } =>
  barrier
    ? {
        how: Array.from({ length: barrier.stepCount }, (_, i) => ({
          code: 'how.barrier',
          values: { barrier: barrier.id, step: i + 1 },
        })),
        why: [{ code: 'why.barrier', values: { barrier: barrier.id } }],
      }
    : { how: [], why: [] };

function trimStep(spray: Spray, entry: Entry | null, where: StepPlace, { arrangementId, barriers }: OwnPlan): BenchStep {
  const barrier = entry?.barrier ? barrierById(entry.barrier, barriers) : null;
  const { how, why } = fitting(barrier);
  return {
    key: `${spray.id}:trim`,
    kind: 'trim',
    where,
    title: barrier ? { code: 'do.trim-and-fit', values: { barrier: barrier.id } } : { code: 'do.trim', values: {} },
    figures: entry
      ? [
          { code: 'figure.thick-at-end', values: { thickMm: entry.bundleMm } },
          { code: 'figure.stem-inside', values: { lengthMm: entry.wireInsideMm } },
          ...cutFigure(entry),
        ]
      : [],
    how: [...plainly('how.cut-ends'), ...how],
    why: [{ code: 'why.staggered', values: {} }, ...why],
    pieceIds: [],
    spray,
    joint: null,
    entry,
    arrangementId,
  };
}

const cutFigure = ({ barrier, cutMm }: Entry): Figure[] =>
  barrier ? [{ code: 'figure.barrier-cut', values: { lengthMm: cutMm, barrier } }] : [];

/** One barrier with the stems that go into it. */
function stemStep(entry: PlannedEntry, plan: OwnPlan): BenchStep {
  const { how, why } = fitting(entry.barrier ? barrierById(entry.barrier, plan.barriers) : null);
  const wires = entry.pieceIds.flatMap((id) => plan.wires.find((w) => w.pieceId === id && w.use === 'stem') ?? []);
  const stems = entry.pieceIds.flatMap((id) => plan.stems.find((s) => s.pieceId === id) ?? []);
  const alike: { wire: WireCut; count: number }[] = [];
  for (const wire of wires) {
    const known = alike.find(
      (a) => a.wire.gauge === wire.gauge && a.wire.colour === wire.colour && a.wire.lengthMm === wire.lengthMm,
    );
    if (known) known.count++;
    else alike.push({ wire, count: 1 });
  }
  const more = entry.pieceIds.length - 1;
  return {
    key: `stem:${entry.id}`,
    kind: 'stem',
    where: { code: 'at.stem', values: { number: entry.number, of: plan.allEntries } },
    title: { code: 'do.tape', values: { piece: pieceIn(plan, must(entry.pieceIds[0])), more } },
    figures: [
      ...alike.map(({ wire, count }) => wireFigure(wire, count)),
      ...stems.slice(0, 1).map((s): Figure => ({ code: 'figure.free-above', values: { lengthMm: s.lengthMm } })),
      { code: 'figure.thick-at-entry', values: { thickMm: entry.bundleMm } },
      ...cutFigure(entry),
    ],
    how: [...plainly('how.start-tape-to-end'), ...(more > 0 ? plainly('how.lay-lighter') : []), ...how],
    why: [gaugeWhy(stems[0]?.gauge), entry.reason, ...why],
    pieceIds: entry.pieceIds,
    spray: null,
    joint: null,
    entry,
    arrangementId: plan.arrangementId,
  };
}

/** A piece of the plan as facts carry it. */
function pieceIn(plan: Pick<OwnPlan, 'heads'>, pieceId: string): PieceRef {
  const head = plan.heads.find((h) => h.pieceId === pieceId);
  return { species: head?.species ?? '', stage: head?.stage ?? '' };
}

/** Stalks leave the stem at about 45° (docs/trade.md; common practice, no source); where one does not, this is why. */
function angleWhy(deg: number): Why {
  if (deg < 35) return { code: 'why.angle-flat', values: { rad: degToRad(deg) } };
  if (deg > 60) return { code: 'why.angle-steep', values: { rad: degToRad(deg) } };
  return { code: 'why.angle-usual', values: {} };
}

/** Why this wire and no thinner. */
export function gaugeWhy(gauge: GaugeChoice | undefined): Why {
  if (!gauge) return { code: 'why.own-wire', values: {} };
  if (gauge.decidedBy === 'none thick enough') return { code: 'why.gauge-none', values: {} };
  return { code: `why.gauge-${gauge.decidedBy}`, values: { use: gauge.use } };
}
