'use client';

import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '@/core/compose/arrangement';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Joint, Spray } from '@/core/tape/tree';
import { NumberField } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';

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
  const change = (what: Label, patch: Partial<JointEdit>) => joint && editJoint(arrangementId, joint.pieceId, what, patch);
  const stems = joint
    ? spray.joints.filter((j) => j.arm === joint.arm && j.arm !== 'heel' && j.onto === null && j !== joint)
    : [];
  return (
    <fieldset aria-label={words.label('wire.change-a-joint')} className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-2">
      <label className="text-[15px] font-semibold">
        {words.label('wire.joint-to-change')}
        <select
          className="fld mt-1 block font-normal"
          value={joint?.pieceId ?? ''}
          onChange={(e) => onChoose(e.target.value || null)}
        >
          <option value="">{words.label('wire.none')}</option>
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
              label={words.label('wire.moved-toward-the-tip')}
              value={own?.shiftMm ?? 0}
              mm
              unit=""
              least={-60}
              most={60}
              onChange={(mm) => change(asLabel('wire.do-joint-moved-to', { order: joint.order }), { shiftMm: mm })}
            />
          )}
          {inARow(spray, joint) && (
            <>
              <button
                className="key"
                onClick={() =>
                  change(asLabel('wire.do-earlier', { name: name(joint.pieceId) }), { later: (own?.later ?? 0) - 1 })
                }
              >
                {words.label('wire.earlier')}
              </button>
              <button
                className="key"
                onClick={() => change(asLabel('wire.do-later', { name: name(joint.pieceId) }), { later: (own?.later ?? 0) + 1 })}
              >
                {words.label('wire.later')}
              </button>
            </>
          )}
          <label className="text-[15px] font-semibold">
            {words.label('wire.it-joins')}
            <select
              className="fld mt-1 block font-normal"
              value={own?.onto ?? ''}
              onChange={(e) =>
                change(asLabel('wire.do-joint-elsewhere', { order: joint.order }), { onto: e.target.value || null })
              }
            >
              <option value="">{words.label('wire.as-rule-has', { joins: joinsWords(joint, name) })}</option>
              <option value={ONTO_STEM}>{words.label('wire.the-main-stem')}</option>
              <option value={ONTO_HEEL}>{words.label('wire.the-heel-at-pick')}</option>
              {stems.map((j) => (
                <option key={j.order} value={j.pieceId}>
                  {words.label('wire.the-stem-of', { order: j.order, name: name(j.pieceId) })}
                </option>
              ))}
            </select>
          </label>
          <label className="text-[15px] font-semibold">
            {words.label('wire.taped-into')}
            <select
              className="fld mt-1 block font-normal"
              value={own?.spray ?? ''}
              onChange={(e) =>
                change(asLabel('wire.do-joint-to-another-spray', { order: joint.order }), {
                  spray: Number(e.target.value) || null,
                })
              }
            >
              <option value="">{words.label('wire.this-spray-by-rule')}</option>
              {sprays.map((s, i) => (
                <option key={s.id} value={i + 1}>
                  {words.label('wire.spray', { i: i + 1 })}
                </option>
              ))}
              <option value={sprays.length + 1}>{words.label('wire.a-new-spray')}</option>
            </select>
          </label>
        </>
      )}
      {edits.length > 0 && (
        <button
          className="key"
          onClick={() =>
            getStudio().edit(asLabel('wire.do-all-joints-by-rule'), (d) => {
              const a = d.arrangements.find((x) => x.id === arrangementId);
              if (a) a.joints = [];
            })
          }
        >
          {words.label('wire.all-joints-by-rule', { edits: edits.length })}
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
  joint.arm === 'heel'
    ? currentWords().label('wire.the-heel')
    : joint.onto
      ? currentWords().label('wire.the-stem', { name: name(joint.onto) })
      : currentWords().label('wire.the-main-stem');

/** Changes the wish for one joint; one that says nothing is taken out again. */
export function wishJoint(joints: JointEdit[], pieceId: string, patch: Partial<JointEdit>): JointEdit[] {
  const before = joints.find((e) => e.pieceId === pieceId) ?? { pieceId, shiftMm: 0, later: 0, onto: null, spray: null };
  const next: JointEdit = { ...before, ...patch };
  const rest = joints.filter((e) => e.pieceId !== pieceId);
  const says = next.shiftMm !== 0 || next.later !== 0 || next.onto !== null || next.spray !== null;
  return says ? [...rest, next] : rest;
}

const editJoint = (arrangementId: string, pieceId: string, what: Label, patch: Partial<JointEdit>): void =>
  getStudio().edit(what, (d) => {
    const a = d.arrangements.find((x) => x.id === arrangementId);
    if (a) a.joints = wishJoint(a.joints, pieceId, patch);
  });
