'use client';

import { jointKey } from '@/core/plan/jointSteps';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Entry } from '@/core/place/entry';
import type { Joint, Spray } from '@/core/tape/tree';
import { clamp } from '@/core/geometry/numbers';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { drawingSvg } from '@/core/formats/drawing';
import { marked, notReady } from '@/core/formats/notReady';
import { rowDrawings, sprayDrawing } from '@/core/formats/sprayDrawing';
import { downloadSheets, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { JointCard, wishJoint } from './JointCard';
import { PiecePicture } from './PiecePicture';
import { InBarrier, Ruler } from './RowParts';
import type { Project } from '@/core/plan/project';
import { usePull } from '../shared/pull';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const W = 1230;
const LEFT = 70;
const PICK = 190;
const ZOOM_STEP = 1.5;
const MOST_ZOOM = ZOOM_STEP ** 3;
const ROW = 296;
const MIDDLE = 122;

/** The main stem darkest, what joins it lighter, what joins that lighter again. */
const LEVEL_TONES = {
  stalk: 'color-mix(in oklab, var(--leaf) 70%, var(--glaze))',
  member: 'color-mix(in oklab, var(--leaf) 45%, var(--glaze))',
} as const;

const ARM_WORDS = {
  first: 'wire.first-arm-from-tip',
  second: 'wire.second-arm-from-tip',
  heel: 'wire.at-heel-light-heavy',
} as const;

/** The spray lies tip-left along a millimetre rule; under each joint mm from the tip and mm thick; what is not yet taped is dashed. */
export function SprayDiagram({ spray, plan }: { spray: Spray; plan: DerivedPlan }) {
  const words = useWords();
  const { id: of, sprays } = plan.arrangements.find((a) => a.sprays.some((s) => s.id === spray.id))!;
  const [inHand, setInHand] = useState<string | null>(null);
  const [zoom, setZoom] = useState(1);
  const paper = useStudio((s) => s.project!.brief.paper);
  const job = useStudio((s) => s.project!.name);
  const title = words.label('wire.spray-of', { job, n: sprays.indexOf(spray) + 1, sprays: sprays.length });
  const taped = useStudio((s) => s.project!.taped);
  const entry = plan.entries.find((e) => e.id === spray.id) ?? null;
  const next = spray.joints.find((j) => !taped.includes(jointKey(spray, j)));
  const rows = (['first', 'second', 'heel'] as const)
    .map((arm) => ({ arm, joints: spray.joints.filter((j) => j.arm === arm) }))
    .filter((r) => r.joints.length > 0);
  rows.sort((a, b) => a.joints[0]!.order - b.joints[0]!.order);
  // no arms, and joints that go down one stem: a standing cluster or a pick
  const standing = rows.length === 1 && rows[0]!.arm === 'heel' && spray.joints.some((j) => j.toPickMm > 0);
  const done = spray.joints.length - spray.joints.filter((j) => !taped.includes(jointKey(spray, j))).length;
  return (
    <div>
      <div className="flex items-center gap-4">
        <p className="say grow">
          {words.label('wire.of-taped-g-on-one', {
            done,
            joints: spray.joints.length,
            grams: words.units.grams(Math.round(spray.massGrams)),
            barrier: entry ? words.barrier(entry.barrier)[0] : words.label('wire.pick'),
          })}
        </p>
        <span role="group" aria-label={words.label('wire.size-of-the-diagram')} className="flex items-center gap-1">
          <button
            className="key px-3"
            aria-label={words.label('wire.smaller')}
            disabled={zoom <= 1}
            onClick={() => setZoom(zoom / ZOOM_STEP)}
          >
            <Minus size={20} />
          </button>
          <button
            className="key px-3"
            aria-label={words.label('wire.larger')}
            disabled={zoom >= MOST_ZOOM}
            onClick={() => setZoom(zoom * ZOOM_STEP)}
          >
            <Plus size={20} />
          </button>
        </span>
        <WriteOut
          label={
            sprays.length === 1
              ? words.label('wire.print-at-true-size')
              : words.label('wire.print-all-at-true-size', { sprays: sprays.length })
          }
          onPress={() =>
            void downloadSheets(
              'branching-diagrams.pdf',
              marked(
                sprays.flatMap((s, i) =>
                  rowDrawings({
                    spray: s,
                    plan: { ...plan, words },
                    arrangementId: of,
                    title: words.label('pack.spray', { job, spray: i + 1, sprays: sprays.length }),
                  }),
                ),
                notReady(plan.warnings, words),
              ),
              paper,
            )
          }
        />
        <WriteOut
          label="SVG"
          onPress={() =>
            void saveFile(
              `${spray.id}.svg`,
              drawingSvg(
                marked(
                  [sprayDrawing({ spray, plan: { ...plan, words }, arrangementId: of, title })],
                  notReady(plan.warnings, words),
                )[0]!,
              ),
              'image/svg+xml',
            )
          }
        />
        {next ? (
          <button
            className="next"
            onClick={() =>
              getStudio().edit(
                asLabel('wire.do-tape-joint', { order: next.order }),
                (d) => void d.taped.push(jointKey(spray, next)),
              )
            }
          >
            {words.label('wire.tape-joint', { order: next.order })}
          </button>
        ) : (
          <p className="say text-[var(--leaf)]">{words.label('wire.all-taped-2')}</p>
        )}
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <p className="small order-last grow pb-3 text-right">{words.label('wire.beside-each-stalk-length-angle')}</p>
        <JointCard of={of} spray={spray} sprays={sprays} plan={plan} pieceId={inHand} onChoose={setInHand} />
      </div>
      <div className="overflow-x-auto">
        {rows.map(({ arm, joints }, i) => (
          <ArmRow
            key={arm}
            of={of}
            title={standing ? words.label('wire.on-one-stem-middle-first') : words.label(ARM_WORDS[arm])}
            spray={spray}
            joints={joints}
            plan={plan}
            taped={taped}
            nextOrder={next?.order ?? -1}
            inHand={inHand}
            onChoose={setInHand}
            entry={i === rows.length - 1 ? entry : null}
            zoom={zoom}
          />
        ))}
      </div>
    </div>
  );
}

interface ArmRowProps {
  /** the arrangement */
  of: string;
  title: string;
  spray: Spray;
  joints: readonly Joint[];
  plan: DerivedPlan;
  taped: readonly string[];
  nextOrder: number;
  /** the piece whose joint is being changed */
  inHand: string | null;
  onChoose(pieceId: string): void;
  entry: Entry | null;
  /** times as wide as the page */
  zoom: number;
}

function ArmRow({ of, title, spray, joints, plan, taped, nextOrder, inHand, onChoose, entry, zoom }: ArmRowProps) {
  const words = useWords();
  const heel = joints[0]!.arm === 'heel';
  const leads = joints.filter((j) => j.onto === null);
  const long = heel ? leads.length * 30 : Math.max(40, ...leads.map((j) => j.fromTipMm + j.toPickMm));
  const scale = Math.min(13, (W - LEFT - PICK) / long);
  const x = (j: Joint, i: number) => LEFT + (heel ? (i + 0.6) * 30 * scale : j.fromTipMm * scale);
  const endX = LEFT + long * scale;
  const last = leads[leads.length - 1]!;
  return (
    <svg
      viewBox={`0 0 ${W} ${ROW}`}
      className="min-w-[900px]"
      style={{ width: `${zoom * 100}%` }}
      role="img"
      aria-label={`${title}: ${leads.map((j) => words.label('wire.joint-at-thick', { order: j.order, from: words.units.length(j.fromTipMm), thick: words.units.length(j.thicknessMm, 1) })).join('; ')}`}
    >
      <text x="0" y="18" fontSize="15" fill="var(--ink2)">
        {title}
      </text>
      {leads.slice(0, -1).map((j, i) => (
        <path
          key={j.order}
          d={`M${x(j, i)} ${MIDDLE}H${x(leads[i + 1]!, i + 1)}`}
          stroke="var(--leaf)"
          strokeWidth={Math.max(2, j.thicknessMm * 1.9)}
          strokeDasharray={taped.includes(jointKey(spray, leads[i + 1]!)) ? undefined : '7 5'}
        />
      ))}
      <path
        d={`M${x(last, leads.length - 1)} ${MIDDLE}H${endX + 20}`}
        stroke="var(--leaf)"
        strokeWidth={Math.max(2, last.thicknessMm * 1.9)}
        strokeDasharray={taped.includes(jointKey(spray, last)) ? undefined : '7 5'}
      />
      {leads.map((j, i) => (
        <JointMark
          key={j.pieceId}
          of={of}
          joint={j}
          x={x(j, i)}
          level={i % 4}
          plan={plan}
          members={joints.filter((m) => m.onto === j.pieceId)}
          done={taped.includes(jointKey(spray, j))}
          next={j.order === nextOrder}
          inHand={j.pieceId === inHand}
          onChoose={() => onChoose(j.pieceId)}
          // toward the tip is to the left
          mmPerUnit={heel ? null : -1 / scale}
        />
      ))}
      <Ruler left={LEFT} heel={heel} leads={leads} x={x} endX={endX} scale={scale} long={long} />
      {entry && <InBarrier entry={entry} x={endX + 20} y={MIDDLE} />}
    </svg>
  );
}

function JointMark({
  of,
  joint,
  x,
  level,
  plan,
  members,
  done,
  next,
  inHand,
  onChoose,
  mmPerUnit,
}: {
  of: string;
  joint: Joint;
  x: number;
  level: number;
  plan: DerivedPlan;
  members: readonly Joint[];
  done: boolean;
  next: boolean;
  inHand: boolean;
  onChoose(): void;
  /** how far toward the tip a step to the right is; null where a joint cannot be pulled along */
  mmPerUnit: number | null;
}) {
  const words = useWords();
  const pull = useJointPull({ of, joint, mmPerUnit, onPulled: onChoose });
  const up = level % 2 === 0;
  const away = (level < 2 ? 58 : 88) * (up ? -1 : 1);
  const hx = x - 20;
  const hy = MIDDLE + away;
  const wire = plan.wires.find((w) => w.arrangementId === of && w.pieceId === joint.pieceId && w.use === 'stem');
  const dash = done ? undefined : '3 5';
  return (
    <g onClick={onChoose} className="cursor-pointer">
      {inHand && <circle cx={x} cy={MIDDLE} r="19" fill="none" stroke="var(--nexttext)" strokeWidth="3" />}
      <path
        d={
          joint.tip
            ? `M${x - 40} ${MIDDLE}H${x}`
            : `M${hx} ${hy}C${hx + 4} ${hy - away * 0.4} ${x - 10} ${MIDDLE + away * 0.2} ${x} ${MIDDLE}`
        }
        stroke={done ? LEVEL_TONES.stalk : 'var(--wire)'}
        strokeWidth={wire ? Math.max(1.4, wire.diameterMm * 3) : 2}
        strokeDasharray={dash}
        fill="none"
      />
      <PiecePicture of={of} pieceId={joint.pieceId} plan={plan} x={joint.tip ? x - 44 : hx} y={joint.tip ? MIDDLE : hy} />
      {members.map((m, k) => (
        <g key={m.order}>
          <path
            d={`M${hx + 26 + 20 * k} ${hy + (up ? -6 : 6)}Q${hx + 18 + 14 * k} ${hy - away * 0.12} ${hx + 5} ${hy - away * 0.3}`}
            stroke={done ? LEVEL_TONES.member : 'var(--wire)'}
            strokeWidth="1.4"
            strokeDasharray={dash}
            fill="none"
          />
          <PiecePicture of={of} pieceId={m.pieceId} plan={plan} x={hx + 26 + 20 * k} y={hy + (up ? -10 : 10)} small />
          <text x={hx + 26 + 20 * k} y={hy + (up ? -24 : 30)} fontSize="13" textAnchor="middle" fill="var(--ink2)">
            {m.order}
          </text>
        </g>
      ))}
      <text x={(hx + x) / 2 + 10} y={MIDDLE + away * 0.44} fontSize="13" fill="var(--ink)">
        {words.units.figure(joint.stalkMm)}
        {!joint.tip && <tspan fill="var(--ink2)">{`, ${Math.round(joint.angleDeg)}°`}</tspan>}
      </text>
      <g {...pull}>
        <circle
          cx={x}
          cy={MIDDLE}
          r={next ? 15 : 12}
          fill={next ? 'var(--next)' : done ? 'var(--leaf)' : 'var(--glaze)'}
          stroke={next ? 'var(--onnext)' : 'var(--leaf)'}
        />
        <text
          x={x}
          y={MIDDLE + 5}
          fontSize="13"
          fontWeight="700"
          textAnchor="middle"
          fill={next ? 'var(--onnext)' : done ? 'var(--onleaf)' : 'var(--ink)'}
        >
          {joint.order}
        </text>
      </g>
    </g>
  );
}

/** So far a joint may be shifted from where the rule has it, mm. */
const MOST_SHIFT_MM = 60;

interface Pulled {
  of: string;
  joint: Joint;
  mmPerUnit: number | null;
  onPulled(): void;
}

/** A joint is pulled along its stem; the rest of the tree follows while the hand moves, and it is one step when it lets go. */
function useJointPull({ of, joint, mmPerUnit, onPulled }: Pulled) {
  const { preview, settle, giveUp } = getStudio();
  const bind = usePull<[], { mm: number; mmPerPx: number }>(
    {
      begin: (_, held) => ({
        mm: arrangementOf(getStudio().project, of)?.joints.find((j) => j.pieceId === joint.pieceId)?.shiftMm ?? 0,
        mmPerPx: (mmPerUnit ?? 0) / (held.ownerSVGElement?.getScreenCTM()?.a ?? 1),
      }),
      move: (_, { start, xPx }) => {
        const shiftMm = Math.round(clamp(start.mm + xPx * start.mmPerPx, -MOST_SHIFT_MM, MOST_SHIFT_MM));
        preview((d) => {
          const a = arrangementOf(d, of);
          if (a) a.joints = wishJoint(a.joints, joint.pieceId, { shiftMm });
        });
      },
      end: () => {
        settle(asLabel('wire.do-joint-moved-along', { order: joint.order }));
        onPulled();
      },
      giveUp,
    },
    { axis: 'x', enabled: mmPerUnit !== null },
  );
  return mmPerUnit === null ? {} : { ...bind(), style: { cursor: 'ew-resize', touchAction: 'none' as const } };
}

const arrangementOf = <P extends Pick<Project, 'arrangements'>>(project: P | null, id: string) =>
  project?.arrangements.find((a) => a.id === id);
