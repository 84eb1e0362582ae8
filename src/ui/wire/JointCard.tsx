'use client';

import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '@/core/compose/arrangement';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Joint, Spray } from '@/core/tape/tree';
import { Pick } from '../fields/Pick';
import { NumberField } from '../fields/NumberField';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';

type NameOf = (pieceId: string) => string;

interface JointCardProps {
  of: string;
  spray: Spray;
  sprays: readonly Spray[];
  plan: DerivedPlan;
  pieceId: string | null;
  onChoose(pieceId: string | null): void;
}

/** The joint in hand: moved along its stem, sent elsewhere, or split off; the rest of the tree follows. */
export function JointCard({ of: arrangementId, spray, sprays, plan, pieceId, onChoose }: JointCardProps) {
  const words = useWords();
  const edits = useStudio((s) => s.project!.arrangements.find((a) => a.id === arrangementId)!.joints);
  const name: NameOf = (id) =>
    words.piece(plan.heads.find((h) => h.arrangementId === arrangementId && h.pieceId === id) ?? { species: '', stage: '' })[0];
  const joint = spray.joints.find((j) => j.pieceId === pieceId) ?? null;
  const byRule = () =>
    getStudio().edit(asLabel('wire.do-all-joints-by-rule'), (d) => {
      const a = d.arrangements.find((x) => x.id === arrangementId);
      if (a) a.joints = [];
    });
  return (
    <fieldset aria-label={words.label('wire.change-a-joint')} className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-2">
      <Pick
        label={words.label('wire.joint-to-change')}
        value={joint?.pieceId ?? null}
        options={[
          { value: null, name: words.label('wire.none') },
          ...spray.joints.map((j) => ({ value: j.pieceId, name: `${j.order}, ${name(j.pieceId)}` })),
        ]}
        onChange={onChoose}
      />
      {joint && (
        <Changes
          joint={joint}
          spray={spray}
          sprays={sprays}
          own={edits.find((e) => e.pieceId === pieceId) ?? null}
          name={name}
          change={(what, patch) => editJoint(arrangementId, joint.pieceId, what, patch)}
        />
      )}
      {edits.length > 0 && (
        <button className="key" onClick={byRule}>
          {words.label('wire.all-joints-by-rule', { edits: edits.length })}
        </button>
      )}
    </fieldset>
  );
}

interface ChangesProps {
  joint: Joint;
  spray: Spray;
  sprays: readonly Spray[];
  /** what a person wants of it already */
  own: JointEdit | null;
  name: NameOf;
  change(what: Label, patch: Partial<JointEdit>): void;
}

/** Where along the stem, before or after which, onto what, in which spray. */
function Changes({ joint, spray, sprays, own, name, change }: ChangesProps) {
  const words = useWords();
  const { order } = joint;
  const later = own?.later ?? 0;
  return (
    <>
      {joint.arm !== 'heel' && joint.onto === null && (
        <NumberField
          label={words.label('wire.moved-toward-the-tip')}
          value={own?.shiftMm ?? 0}
          mm
          unit=""
          least={-60}
          most={60}
          onChange={(mm) => change(asLabel('wire.do-joint-moved-to', { order }), { shiftMm: mm })}
        />
      )}
      {inARow(spray, joint) && (
        <>
          <button
            className="key"
            onClick={() => change(asLabel('wire.do-earlier', { name: name(joint.pieceId) }), { later: later - 1 })}
          >
            {words.label('wire.earlier')}
          </button>
          <button
            className="key"
            onClick={() => change(asLabel('wire.do-later', { name: name(joint.pieceId) }), { later: later + 1 })}
          >
            {words.label('wire.later')}
          </button>
        </>
      )}
      <Joins joint={joint} spray={spray} own={own} name={name} change={change} />
      <Pick
        label={words.label('wire.taped-into')}
        value={own?.spray ?? null}
        options={[
          { value: null, name: words.label('wire.this-spray-by-rule') },
          ...sprays.map((_, i) => ({ value: i + 1, name: words.label('wire.spray', { i: i + 1 }) })),
          { value: sprays.length + 1, name: words.label('wire.a-new-spray') },
        ]}
        onChange={(into) => change(asLabel('wire.do-joint-to-another-spray', { order }), { spray: into })}
      />
    </>
  );
}

/** What it is taped to: as the rule has it, the main stem, the heel, or another stem of its arm. */
function Joins({ joint, spray, own, name, change }: Omit<ChangesProps, 'sprays'>) {
  const words = useWords();
  const stems = spray.joints.filter((j) => j.arm === joint.arm && j.arm !== 'heel' && j.onto === null && j !== joint);
  return (
    <Pick
      label={words.label('wire.it-joins')}
      value={own?.onto ?? null}
      options={[
        { value: null, name: words.label('wire.as-rule-has', { joins: joinsWords(joint, name) }) },
        { value: ONTO_STEM, name: words.label('wire.the-main-stem') },
        { value: ONTO_HEEL, name: words.label('wire.the-heel-at-pick') },
        ...stems.map((j) => ({
          value: j.pieceId,
          name: words.label('wire.the-stem-of', { order: j.order, name: name(j.pieceId) }),
        })),
      ]}
      onChange={(onto) => change(asLabel('wire.do-joint-elsewhere', { order: joint.order }), { onto })}
    />
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
