'use client';

import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '@/core/compose/arrangement';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Joint, Spray } from '@/core/tape/tree';
import { NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';

/** The joint in hand: moved along its stem, sent elsewhere, or split off; the rest of the tree follows. */
export function JointCard({
  of: arrangementId,
  spray,
  sprays,
  plan,
  pieceId,
  onChoose,
}: {
  of: string;
  spray: Spray;
  sprays: readonly Spray[];
  plan: DerivedPlan;
  pieceId: string | null;
  onChoose(pieceId: string | null): void;
}) {
  const words = useWords();
  const edits = useStudio((s) => s.project!.arrangements.find((a) => a.id === arrangementId)!.joints);
  const name = (id: string) =>
    words.piece(plan.heads.find((h) => h.arrangementId === arrangementId && h.pieceId === id) ?? { species: '', stage: '' })[0];
  const joint = spray.joints.find((j) => j.pieceId === pieceId) ?? null;
  const own = edits.find((e) => e.pieceId === pieceId) ?? null;
  const change = (what: string, patch: Partial<JointEdit>) => joint && editJoint(arrangementId, joint.pieceId, what, patch);
  const stems = joint
    ? spray.joints.filter((j) => j.arm === joint.arm && j.arm !== 'heel' && j.onto === null && j !== joint)
    : [];
  return (
    <fieldset aria-label="Change a joint" className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-2">
      <label className="text-[15px] font-semibold">
        Joint to change
        <select
          className="fld mt-1 block font-normal"
          value={joint?.pieceId ?? ''}
          onChange={(e) => onChoose(e.target.value || null)}
        >
          <option value="">none</option>
          {spray.joints.map((j) => (
            <option key={j.order} value={j.pieceId}>
              {j.order}, {name(j.pieceId)}
            </option>
          ))}
        </select>
      </label>
      {joint && (
        <>
          {joint.arm !== 'heel' && joint.onto === null && (
            <NumberField
              label="Moved toward the tip"
              value={own?.shiftMm ?? 0}
              unit="mm"
              least={-60}
              most={60}
              onChange={(mm) => change(`joint ${joint.order} moved to ${mm} mm`, { shiftMm: mm })}
            />
          )}
          {inARow(spray, joint) && (
            <>
              <button className="key" onClick={() => change(`${name(joint.pieceId)} earlier`, { later: (own?.later ?? 0) - 1 })}>
                Earlier
              </button>
              <button className="key" onClick={() => change(`${name(joint.pieceId)} later`, { later: (own?.later ?? 0) + 1 })}>
                Later
              </button>
            </>
          )}
          <label className="text-[15px] font-semibold">
            It joins
            <select
              className="fld mt-1 block font-normal"
              value={own?.onto ?? ''}
              onChange={(e) => change(`joint ${joint.order} elsewhere`, { onto: e.target.value || null })}
            >
              <option value="">{`as the rule has it: ${joinsWords(joint, name)}`}</option>
              <option value={ONTO_STEM}>the main stem</option>
              <option value={ONTO_HEEL}>the heel, at the pick</option>
              {stems.map((j) => (
                <option key={j.order} value={j.pieceId}>
                  the stem of {j.order}, {name(j.pieceId)}
                </option>
              ))}
            </select>
          </label>
          <label className="text-[15px] font-semibold">
            Taped into
            <select
              className="fld mt-1 block font-normal"
              value={own?.spray ?? ''}
              onChange={(e) => change(`joint ${joint.order} to another spray`, { spray: Number(e.target.value) || null })}
            >
              <option value="">this spray, by the rule</option>
              {sprays.map((s, i) => (
                <option key={s.id} value={i + 1}>
                  spray {i + 1}
                </option>
              ))}
              <option value={sprays.length + 1}>a new spray</option>
            </select>
          </label>
        </>
      )}
      {edits.length > 0 && (
        <button
          className="key"
          onClick={() =>
            getStudio().edit('all joints by the rule', (d) => {
              const a = d.arrangements.find((x) => x.id === arrangementId);
              if (a) a.joints = [];
            })
          }
        >
          All {edits.length === 1 ? 'joints' : `${edits.length} joints`} by the rule
        </button>
      )}
    </fieldset>
  );
}

/** Taped one after another at one place: along an arm the place itself gives the order. */
const inARow = (spray: Spray, joint: Joint): boolean =>
  (joint.arm === 'heel' || joint.onto !== null) &&
  spray.joints.some((j) => j !== joint && j.arm === joint.arm && j.onto === joint.onto);

const joinsWords = (joint: Joint, name: (id: string) => string): string =>
  joint.arm === 'heel' ? 'the heel' : joint.onto ? `the ${name(joint.onto)}` : 'the main stem';

/** Changes the wish for one joint; one that says nothing is taken out again. */
export function wishJoint(joints: JointEdit[], pieceId: string, patch: Partial<JointEdit>): JointEdit[] {
  const before = joints.find((e) => e.pieceId === pieceId) ?? { pieceId, shiftMm: 0, later: 0, onto: null, spray: null };
  const next: JointEdit = { ...before, ...patch };
  const rest = joints.filter((e) => e.pieceId !== pieceId);
  const says = next.shiftMm !== 0 || next.later !== 0 || next.onto !== null || next.spray !== null;
  return says ? [...rest, next] : rest;
}

const editJoint = (arrangementId: string, pieceId: string, what: string, patch: Partial<JointEdit>): void =>
  getStudio().edit(what, (d) => {
    const a = d.arrangements.find((x) => x.id === arrangementId);
    if (a) a.joints = wishJoint(a.joints, pieceId, patch);
  });
