import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '../compose/arrangement';
import { pieceRef } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { distance } from '../geometry/vec3';
import type { TapeFact } from './facts';
import { JOINT_GAP_MM, type Joint, type Spray } from './tree';
import { must } from '../geometry/must';

/** A stalk shorter than this gives the fingers nothing to hold. Assumed. */
const LEAST_STALK_MM = 5;
/** A joint nearer to a head's middle than this share of its radius lies inside it. */
const INSIDE_SHARE = 0.6;

/** What cannot be taped: a joint inside a head, a stalk too short to hold, two joints closer than the tape takes; and wishes that could not be met. */
export function treeFaults(
  sprays: readonly Spray[],
  heads: ReadonlyMap<string, PlacedPiece>,
  edits: readonly JointEdit[],
): TapeFact[] {
  return [...sprays.flatMap((spray) => sprayFaults(spray, heads)), ...edits.flatMap((e) => editFault(e, sprays, heads) ?? [])];
}

function sprayFaults(spray: Spray, heads: ReadonlyMap<string, PlacedPiece>): TapeFact[] {
  const faults = spray.joints.flatMap((joint): TapeFact[] => {
    if (joint.arm === 'heel') return [];
    const { pieceId, order } = joint;
    const within = spray.pieceIds
      .map((id) => must(heads.get(id)))
      .find((q) => !q.spine.length && distance(q.centre, joint.at) < INSIDE_SHARE * Math.min(q.body.radialMm, q.body.axialMm));
    const inside: TapeFact[] = within
      ? [{ code: 'tape.joint-in-head', values: { joint: order, head: pieceRef(within) }, pieceId }]
      : [];
    if (joint.tip || joint.stalkMm >= LEAST_STALK_MM) return inside;
    const values = { joint: order, piece: pieceRef(must(heads.get(pieceId))), stalkMm: joint.stalkMm };
    return [...inside, { code: 'tape.stalk-short', values, pieceId }];
  });
  return faults.concat(tooClose(spray, heads));
}

function tooClose(spray: Spray, heads: ReadonlyMap<string, PlacedPiece>): TapeFact[] {
  const faults: TapeFact[] = [];
  for (const arm of ['first', 'second'] as const) {
    const leads = spray.joints.filter((j) => j.arm === arm && !j.onto).sort((a, b) => b.toPickMm - a.toPickMm);
    leads.forEach((j, i) => {
      const before = leads[i - 1];
      if (before && before.toPickMm - j.toPickMm < JOINT_GAP_MM - 0.01) faults.push(closeFault(before, j, heads));
    });
  }
  return faults;
}

const closeFault = (before: Joint, joint: Joint, heads: ReadonlyMap<string, PlacedPiece>): TapeFact => ({
  code: 'tape.joints-close',
  values: {
    before: before.order,
    joint: joint.order,
    apartMm: before.toPickMm - joint.toPickMm,
    leastMm: JOINT_GAP_MM,
    piece: pieceRef(must(heads.get(joint.pieceId))),
  },
  pieceId: joint.pieceId,
});

/** Why a wish could not be met: the piece is gone, or the stem it was sent to cannot carry it. Null when it was. */
function editFault(edit: JointEdit, sprays: readonly Spray[], heads: ReadonlyMap<string, PlacedPiece>): TapeFact | null {
  const { pieceId } = edit;
  const p = heads.get(pieceId);
  if (!p) return { code: 'tape.piece-gone', values: {}, pieceId };
  const piece = pieceRef(p);
  const joint = sprays.flatMap((s) => s.joints).find((j) => j.pieceId === pieceId);
  if (!joint || edit.onto === null) return null;
  if (edit.onto === ONTO_HEEL || edit.onto === ONTO_STEM) {
    const met = edit.onto === ONTO_HEEL ? joint.arm === 'heel' : joint.arm !== 'heel' && joint.onto === null;
    return met ? null : { code: 'tape.no-room-on-stem', values: { piece, leastMm: JOINT_GAP_MM }, pieceId };
  }
  if (joint.onto === edit.onto) return null;
  const lead = heads.get(edit.onto);
  return lead
    ? { code: 'tape.not-joined', values: { piece, lead: pieceRef(lead) }, pieceId }
    : { code: 'tape.lead-gone', values: { piece }, pieceId };
}
