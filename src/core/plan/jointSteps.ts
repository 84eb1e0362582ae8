import { degToRad } from '../geometry/numbers';
import { tapePitchMm, tapeWidthShare } from '../wire/bundle';
import type { Joint, Spray } from '../tape/tree';
import type { GaugeChoice } from '../wire/mechanics';
import type { WireCut } from '../wire/wireLength';
import { gaugeWhy, pieceIn, plainly, wireFigure, type BenchStep, type OwnPlan } from './step';
import type { Figure, How, StepPlace, StepTitle, Why } from './stepFacts';

/** Tape is wound at least so far past a joint before the next piece is laid in. */
const LEAST_WOUND_MM = 6;
const MOST_WOUND_MM = 25;
/** Turns that bind a joint before the tape runs on. */
const BINDING_TURNS = 3;
/** At the pick the last stretch of each arm is bent down and laid heel to heel. */
const HEEL_MM = 15;

/** By its piece, not its number: numbers change when the tree is edited. */
export const jointKey = (spray: Pick<Spray, 'id'>, joint: Pick<Joint, 'pieceId'>): string => `${spray.id}:${joint.pieceId}`;

export const fromPick = (carrier: WireCut): number => carrier.terms.find((t) => t.term === 'along-stem')?.mm ?? 0;

/** Everything on one stem, from the middle down: a standing cluster or a pick. */
const stands = ({ joints }: Spray): boolean => joints.every((j) => j.arm === 'heel') && joints.some((j) => j.toPickMm > 0);

const tapeWidth = (thickMm: number): 'full' | 'half' | 'third' => {
  const share = tapeWidthShare(thickMm);
  return share === 1 ? 'full' : share === 0.5 ? 'half' : 'third';
};

/** Where in a spray something is done, and the plan that it is read from. */
interface AtJoint {
  spray: Spray;
  joint: Joint;
  where: StepPlace;
  plan: OwnPlan;
}

export function jointStep({ spray, joint, i, where, plan }: AtJoint & { i: number }): BenchStep {
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
    figures: [...(wire ? [wireFigure(wire)] : []), ...jointFigures({ spray, joint, before, standing, plan })],
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

function jointFigures(at: Omit<AtJoint, 'where'> & { before: Joint | null; standing: boolean }): Figure[] {
  const { spray, joint, before, standing, plan } = at;
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

/** As far as the next joint on the same stem, within what a hand winds at once. */
function woundMm(spray: Spray, joint: Joint): number {
  const next = spray.joints.find((j) => j.order > joint.order && j.arm === joint.arm && j.onto === joint.onto);
  const to = next && joint.arm !== 'heel' ? Math.abs(next.fromTipMm - joint.fromTipMm) : HEEL_MM;
  return Math.min(MOST_WOUND_MM, Math.max(LEAST_WOUND_MM, to));
}

export const carrierStep = ({ spray, joint, wire, where, plan }: AtJoint & { wire: WireCut }): BenchStep => ({
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

export const armsStep = (spray: Spray, where: StepPlace, { arrangementId }: OwnPlan): BenchStep => ({
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

/** Stalks leave the stem at about 45° (docs/trade.md; common practice, no source); where one does not, this is why. */
function angleWhy(deg: number): Why {
  if (deg < 35) return { code: 'why.angle-flat', values: { rad: degToRad(deg) } };
  if (deg > 60) return { code: 'why.angle-steep', values: { rad: degToRad(deg) } };
  return { code: 'why.angle-usual', values: {} };
}
