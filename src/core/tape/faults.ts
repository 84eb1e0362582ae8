import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '../compose/arrangement';
import { nameOf } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { distance } from '../geometry/vec3';
import { JOINT_GAP_MM, type Joint, type Spray } from './tree';

/** Something about a tree that cannot be taped as it stands, or was not built as it was asked for. */
export interface TreeFault {
  pieceId: string;
  where: string;
  what: string;
  why: string;
  remedy: string;
}

/** A stalk shorter than this gives the fingers nothing to hold. Assumed. */
const LEAST_STALK_MM = 5;
/** A joint nearer to a head's middle than this share of its radius lies inside it. */
const INSIDE_SHARE = 0.6;

/** What cannot be taped: a joint inside a head, a stalk too short to hold, two joints closer than the tape takes; and wishes that could not be met. */
export function treeFaults(
  sprays: readonly Spray[],
  heads: ReadonlyMap<string, PlacedPiece>,
  edits: readonly JointEdit[],
): TreeFault[] {
  return [...sprays.flatMap((spray) => sprayFaults(spray, heads)), ...edits.flatMap((e) => editFault(e, sprays, heads) ?? [])];
}

function sprayFaults(spray: Spray, heads: ReadonlyMap<string, PlacedPiece>): TreeFault[] {
  const faults: TreeFault[] = [];
  for (const joint of spray.joints) {
    const p = heads.get(joint.pieceId)!;
    const say = (what: string, why: string, remedy: string) =>
      faults.push({ pieceId: joint.pieceId, where: `joint ${joint.order}`, what, why, remedy });
    if (joint.arm === 'heel') continue;
    const within = spray.pieceIds
      .map((id) => heads.get(id)!)
      .find((q) => !q.spine.length && distance(q.centre, joint.at) < INSIDE_SHARE * Math.min(q.body.radialMm, q.body.axialMm));
    if (within)
      say(
        `Joint ${joint.order} lies inside the ${nameOf(within).toLowerCase()}`,
        'Tape cannot be wound where a head sits.',
        'Move the joint along the stem, or raise the head.',
      );
    if (!joint.tip && joint.stalkMm < LEAST_STALK_MM)
      say(
        `The stalk of the ${nameOf(p).toLowerCase()} is ${joint.stalkMm.toFixed(0)} mm`,
        'It is too short to hold while it is taped.',
        'Move its joint toward the pick, or set the head a little higher.',
      );
  }
  return faults.concat(tooClose(spray, heads));
}

function tooClose(spray: Spray, heads: ReadonlyMap<string, PlacedPiece>): TreeFault[] {
  const faults: TreeFault[] = [];
  for (const arm of ['first', 'second'] as const) {
    const leads = spray.joints.filter((j) => j.arm === arm && !j.onto).sort((a, b) => b.toPickMm - a.toPickMm);
    leads.forEach((j, i) => {
      const before = leads[i - 1];
      if (before && before.toPickMm - j.toPickMm < JOINT_GAP_MM - 0.01) faults.push(closeFault(before, j, heads));
    });
  }
  return faults;
}

const closeFault = (before: Joint, joint: Joint, heads: ReadonlyMap<string, PlacedPiece>): TreeFault => ({
  pieceId: joint.pieceId,
  where: `joint ${joint.order}`,
  what: `Joints ${before.order} and ${joint.order} are ${(before.toPickMm - joint.toPickMm).toFixed(0)} mm apart`,
  why: `Nearer than ${JOINT_GAP_MM} mm they cannot be taped apart.`,
  remedy: `Move the ${nameOf(heads.get(joint.pieceId)!).toLowerCase()} a little.`,
});

/** Why a wish could not be met: the piece is gone, or the stem it was sent to cannot carry it. Null when it was. */
function editFault(edit: JointEdit, sprays: readonly Spray[], heads: ReadonlyMap<string, PlacedPiece>): TreeFault | null {
  const p = heads.get(edit.pieceId);
  const say = (what: string, why: string, remedy: string): TreeFault => ({
    pieceId: edit.pieceId,
    where: 'joints set by hand',
    what,
    why,
    remedy,
  });
  if (!p) return say('A joint was set for a piece that is not there', 'Nothing can be joined.', 'Leave that joint to the rule.');
  const name = nameOf(p).toLowerCase();
  const joint = sprays.flatMap((s) => s.joints).find((j) => j.pieceId === edit.pieceId);
  if (!joint || edit.onto === null) return null;
  if (edit.onto === ONTO_HEEL || edit.onto === ONTO_STEM) {
    const met = edit.onto === ONTO_HEEL ? joint.arm === 'heel' : joint.arm !== 'heel' && joint.onto === null;
    return met
      ? null
      : say(
          `The ${name} finds no room on the stem`,
          `Joints stand ${JOINT_GAP_MM} mm apart and end at the pick.`,
          'It stays at the heel.',
        );
  }
  if (joint.onto === edit.onto) return null;
  const lead = heads.get(edit.onto);
  return say(
    `The ${name} is not joined to ${lead ? `the ${nameOf(lead).toLowerCase()}` : 'a piece that is not there'}`,
    edit.onto === edit.pieceId || lead
      ? 'That stem is on another arm, or is itself joined to a stem: it would carry itself in a ring, or nothing would carry it.'
      : 'There is no such stem.',
    'It is taped as the rule has it; choose another stem.',
  );
}
