'use client';

import type { BenchStep } from '@/core/plan/step';
import { jointKey } from '@/core/plan/jointSteps';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Ring } from '@/core/plan/makeUp';
import type { Joint, Spray } from '@/core/tape/tree';
import { addScaled, cross, dot, normalize, sub, type Vec3 } from '@/core/geometry/vec3';
import { clamp, degToRad, radToDeg } from '@/core/geometry/numbers';
import { barrierPath } from './barrierPath';
import { Grown } from './Grown';
import { PiecePicture } from './PiecePicture';
import { useWords } from '../speech/useWords';

const W = 720;
const H = 520;
const STEM_Y = 380;
const JOINT_X = 430;

/** What the hands hold at this step, large, each measure beside what it measures. */
export function StepPicture({ step, steps, plan }: { step: BenchStep; steps: readonly BenchStep[]; plan: DerivedPlan }) {
  const words = useWords();
  const at = steps.indexOf(step);
  const before = steps
    .slice(0, at)
    .filter((s) => s.kind === 'joint' && s.spray === step.spray && s.joint!.arm === step.joint?.arm)
    .at(-1);
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="h-full max-h-[60vh] w-full" role="img" aria-label={pictured(step, words)}>
      {step.kind === 'made up' ? (
        step.rings?.length ? (
          <>
            <Petals rings={step.rings} />
            <PiecePicture of={step.arrangementId} pieceId={step.pieceIds[0]!} plan={plan} x={80} y={H - 80} size={150} />
          </>
        ) : step.grown ? (
          <>
            <Grown grown={step.grown} wide={W} high={H - 60} />
            <PiecePicture of={step.arrangementId} pieceId={step.pieceIds[0]!} plan={plan} x={80} y={H - 80} size={150} />
          </>
        ) : (
          <PiecePicture of={step.arrangementId} pieceId={step.pieceIds[0]!} plan={plan} x={W / 2} y={H / 2} size={430} />
        )
      ) : step.kind === 'joint' ? (
        step.joint!.tip ? (
          <Beginning of={step.arrangementId} joint={step.joint!} plan={plan} />
        ) : (
          <Laying of={step.arrangementId} joint={step.joint!} before={before?.joint ?? null} plan={plan} />
        )
      ) : step.kind === 'arms' ? (
        <Arms />
      ) : step.entry ? (
        <IntoBarrier step={step} plan={plan} />
      ) : (
        <Carrier thickMm={step.joint?.thicknessMm ?? 1.5} />
      )}
    </svg>
  );
}

/** What the picture shows, for who does not see it. */
function pictured({ title, grown }: BenchStep, words: ReturnType<typeof useWords>): string {
  const said = words.say(title);
  return grown
    ? words.label('wire.drawn-grown', { title: said, there: grown.have.length, comes: grown.add.length })
    : words.label('wire.drawn', { title: said });
}

const headPx = (plan: DerivedPlan, of: string, pieceId: string): number => {
  const head = plan.heads.find((h) => h.arrangementId === of && h.pieceId === pieceId);
  return head ? clamp(Math.max(head.radialMm, head.axialMm) * 2 * 3.6, 110, 240) : 120;
};

function Laying({ of, joint, before, plan }: { of: string; joint: Joint; before: Joint | null; plan: DerivedPlan }) {
  const words = useWords();
  const rad = degToRad(clamp(joint.angleDeg, 10, 150));
  const size = headPx(plan, of, joint.pieceId);
  const long = clamp(joint.stalkMm * 3.2, 90, 230);
  // a stalk of this length reaches the edge of the head, whose middle lies half a head farther
  const [ex, ey] = [JOINT_X - Math.cos(rad) * long, STEM_Y - Math.sin(rad) * long];
  const reach = size * 0.42;
  const [hx, hy] = [ex - Math.cos(rad) * reach, Math.max(size / 2, ey - Math.sin(rad) * reach)];
  const thick = clamp(joint.thicknessMm * 6, 8, 40);
  const arc = 84;
  const [nx, ny] = [Math.sin(rad) * 42, -Math.cos(rad) * 42];
  return (
    <g>
      {before && (
        <PiecePicture
          of={of}
          pieceId={before.pieceId}
          plan={plan}
          x={72}
          y={STEM_Y}
          size={Math.min(130, headPx(plan, of, before.pieceId))}
          leanDeg={-90}
        />
      )}
      <path d={`M${before ? 128 : 20} ${STEM_Y}H${W}`} stroke="var(--leaf)" strokeWidth={thick} opacity="0.92" />
      <path d={`M${JOINT_X} ${STEM_Y + thick * 0.6}H${W}`} stroke="var(--wire)" strokeWidth="6" />
      <path
        d={`M${ex} ${ey}L${JOINT_X - 16} ${STEM_Y - 12}Q${JOINT_X - 4} ${STEM_Y} ${JOINT_X + 20} ${STEM_Y + thick * 0.5}`}
        stroke="var(--wire)"
        strokeWidth="8"
        fill="none"
      />
      <PiecePicture of={of} pieceId={joint.pieceId} plan={plan} x={hx} y={hy} size={size} leanDeg={radToDeg(rad) - 90} />
      <Tape x={JOINT_X} y={STEM_Y} thick={thick + 8} />
      <path
        d={`M${JOINT_X - arc} ${STEM_Y - thick / 2 - 3}A${arc} ${arc} 0 0 1 ${JOINT_X - Math.cos(rad) * arc} ${STEM_Y - Math.sin(rad) * arc}`}
        stroke="var(--nexttext)"
        strokeWidth="4"
        fill="none"
      />
      <Figure
        x={JOINT_X - arc - 62}
        y={joint.angleDeg < 35 ? STEM_Y + thick / 2 + 42 : STEM_Y - 36}
        told={`${Math.round(joint.angleDeg)}°`}
      />
      <path
        d={`M${ex + nx} ${ey + ny}L${JOINT_X + nx} ${STEM_Y + ny}M${ex + nx * 0.72} ${ey + ny * 0.72}l${nx * 0.56} ${ny * 0.56}M${JOINT_X + nx * 0.72} ${STEM_Y + ny * 0.72}l${nx * 0.56} ${ny * 0.56}`}
        stroke="var(--nexttext)"
        strokeWidth="4"
      />
      <Figure x={(ex + JOINT_X) / 2 + nx + 38} y={(ey + STEM_Y) / 2 + ny + 8} told={words.units.length(joint.stalkMm)} />
    </g>
  );
}

function Beginning({ of, joint, plan }: { of: string; joint: Joint; plan: DerivedPlan }) {
  const words = useWords();
  const size = headPx(plan, of, joint.pieceId) * 1.15;
  const thick = clamp(joint.thicknessMm * 6, 8, 30);
  const from = 150 + size * 0.36;
  return (
    <g>
      <path d={`M${150} ${STEM_Y - 80}H${W}`} stroke="var(--wire)" strokeWidth="8" />
      <Tape x={from + 20} y={STEM_Y - 80} thick={thick + 6} />
      <PiecePicture of={of} pieceId={joint.pieceId} plan={plan} x={150} y={STEM_Y - 80} size={size} leanDeg={-90} />
      <path
        d={`M${from} ${STEM_Y}V${STEM_Y + 20}M${from} ${STEM_Y + 10}H${from + 30}M${from + 30} ${STEM_Y}v20`}
        stroke="var(--nexttext)"
        strokeWidth="4"
      />
      <Figure x={from + 44} y={STEM_Y + 22} told={words.units.length(5)} />
    </g>
  );
}

const PETAL_LONG = [150, 178, 196, 206];

/** The flower from above: rings bound so far, the new one marked, the angle by which it is turned beside it. */
function Petals({ rings }: { rings: readonly Ring[] }) {
  const [cx, cy] = [W / 2, H / 2];
  const last = rings.length - 1;
  const long = (k: number) => PETAL_LONG[Math.min(k, PETAL_LONG.length - 1)]!;
  const [first] = rings[last]!.turnsDeg;
  const before = rings[last - 1]?.turnsDeg;
  const turn = before ? 180 / before.length : 0;
  const from = first! - turn;
  const at = (deg: number, r: number): [number, number] => [cx + Math.sin(degToRad(deg)) * r, cy - Math.cos(degToRad(deg)) * r];
  const r = long(last) + 26;
  const [a, b] = [at(from, r), at(first!, r)];
  const label = at(from + turn / 2, r + 34);
  return (
    <g>
      {[...rings].reverse().map((ring, i) => {
        const k = last - i;
        return ring.turnsDeg.map((deg) => (
          <ellipse
            key={`${k}|${deg}`}
            cx={cx}
            cy={cy - long(k) * 0.58}
            rx={long(k) * Math.min(0.42, 1.5 / ring.turnsDeg.length)}
            ry={long(k) * 0.46}
            transform={`rotate(${deg} ${cx} ${cy})`}
            fill={k === last ? 'var(--nextwash)' : 'var(--glaze)'}
            stroke={k === last ? 'var(--nexttext)' : 'var(--edge)'}
            strokeWidth={k === last ? 4 : 2}
          />
        ));
      })}
      <circle cx={cx} cy={cy} r="34" fill="var(--leafwash)" stroke="var(--leaf)" strokeWidth="3" />
      {before && (
        <>
          <path d={`M${a[0]} ${a[1]}A${r} ${r} 0 0 1 ${b[0]} ${b[1]}`} stroke="var(--nexttext)" strokeWidth="4" fill="none" />
          <Figure x={label[0] - 22} y={label[1] + 8} told={`${Math.round(turn)}°`} />
        </>
      )}
    </g>
  );
}

function Carrier({ thickMm }: { thickMm: number }) {
  const thick = clamp(thickMm * 6, 8, 40);
  return (
    <g>
      <path d={`M20 ${STEM_Y - 60}H${W}`} stroke="var(--leaf)" strokeWidth={thick} />
      <path d={`M210 ${STEM_Y - 60 + thick / 2 + 7}H${W}`} stroke="var(--wire)" strokeWidth="9" />
      <Tape x={330} y={STEM_Y - 58} thick={thick + 20} />
    </g>
  );
}

function Arms() {
  const words = useWords();
  const y = 180;
  return (
    <g fill="none" strokeLinecap="round">
      <path d={`M30 ${y}H330Q356 ${y} 356 ${y + 30}V${y + 210}`} stroke="var(--leaf)" strokeWidth="24" />
      <path d={`M690 ${y}H408Q384 ${y} 384 ${y + 30}V${y + 210}`} stroke="var(--leaf)" strokeWidth="20" opacity="0.8" />
      <g transform={`translate(370 ${y + 60}) rotate(90)`}>
        <Tape x={0} y={0} thick={60} />
      </g>
      <path d={`M440 ${y + 40}v110M428 ${y + 40}h24M428 ${y + 150}h24`} stroke="var(--nexttext)" strokeWidth="4" />
      <Figure x={462} y={y + 106} told={words.units.length(15)} />
    </g>
  );
}

const PER_MM = 3.4;

function IntoBarrier({ step, plan }: { step: BenchStep; plan: DerivedPlan }) {
  const words = useWords();
  const entry = step.entry!;
  const of = step.arrangementId;
  const od = clamp(entry.outsideMm * 5, 18, 70);
  const rim = 250;
  // a stake stands out of the icing, along the stem that is taped to it
  const top = rim - (entry.kind === 'stake' ? Math.min(90, (entry.cutMm - entry.insideMm) * PER_MM) : 0);
  const bottom = top + clamp(entry.cutMm * PER_MM, 60, 230);
  const x = 330;
  const shown = step.pieceIds.slice(0, 5);
  const apart = Math.min(150, 520 / Math.max(1, shown.length));
  return (
    <g>
      {entry.barrier && (
        <path
          d={barrierPath(entry, { x, rim: top, bottom, od, tip: 16 })}
          fill="var(--nextwash)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
      )}
      <path
        d={`M${x} ${rim - 10}V${rim + clamp(entry.wireInsideMm * PER_MM, 40, 200)}`}
        stroke="var(--leaf)"
        strokeWidth={clamp(entry.bundleMm * 5, 6, 40)}
      />
      {shown.map((id, i) => {
        const hx = x + (i - (shown.length - 1) / 2) * apart;
        const size = Math.min(shown.length > 2 ? 130 : 190, headPx(plan, of, id));
        return (
          <g key={id}>
            <path
              d={`M${hx} ${size / 2}C${hx} ${rim - 60} ${x} ${rim - 70} ${x} ${rim}`}
              stroke="var(--wire)"
              strokeWidth="7"
              fill="none"
            />
            <PiecePicture of={of} pieceId={id} plan={plan} x={hx} y={size / 2 + 4} size={size} />
          </g>
        );
      })}
      {entry.barrier && (
        <>
          <path
            d={`M${x + od / 2 + 26} ${top}V${bottom}M${x + od / 2 + 14} ${top}h24M${x + od / 2 + 14} ${bottom}h24`}
            stroke="var(--nexttext)"
            strokeWidth="4"
          />
          <Figure x={x + od / 2 + 48} y={(top + bottom) / 2 + 10} told={words.units.length(entry.cutMm)} />
        </>
      )}
    </g>
  );
}

const Figure = ({ x, y, told }: { x: number; y: number; told: string }) => (
  <text x={x} y={y} fontSize="36" fill="var(--ink)" className="fig">
    {told}
  </text>
);

/** A few turns of tape, slanted, and its end. */
function Tape({ x, y, thick }: { x: number; y: number; thick: number }) {
  const turn = 26;
  return (
    <g>
      {Array.from({ length: 6 }, (_, i) => (
        <path
          key={i}
          d={`M${x + i * turn - 6} ${y + thick / 2}l10 ${-thick}h${turn - 4}l-10 ${thick}Z`}
          fill="var(--leaf)"
          stroke="var(--bench)"
          strokeWidth="2"
        />
      ))}
      <path
        d={`M${x + 5.4 * turn} ${y - thick / 2}C${x + 7.4 * turn} ${y - thick} ${x + 8 * turn} ${y - 60} ${x + 9.4 * turn} ${y - 92}`}
        stroke="var(--leaf)"
        strokeWidth="20"
        fill="none"
        opacity="0.75"
      />
    </g>
  );
}

/** A spray heavier than this is held head down while it is taped. Assumed. */
const HEAD_DOWN_GRAMS = 60;
const SO_FAR = { w: 300, h: 170 };

/** The spray as it is now, as the hand holds it: looked at from above the face, head down once it is heavy. */
export function SpraySoFar({
  of,
  spray,
  plan,
  taped,
}: {
  of: string;
  spray: Spray;
  plan: DerivedPlan;
  taped: readonly string[];
}) {
  const words = useWords();
  const done = spray.joints.filter((j) => taped.includes(jointKey(spray, j)));
  if (done.length === 0) return null;
  const headOf = (j: Joint) => plan.heads.find((h) => h.arrangementId === of && h.pieceId === j.pieceId);
  const grams = done.reduce((a, j) => a + (headOf(j)?.massGrams ?? 0), 0);
  const down = grams > HEAD_DOWN_GRAMS;
  const flat = flattened(spray);
  const points = spray.joints.flatMap((j) => [flat(j.curve[0]!), flat(j.at)]);
  const reach = (k: 0 | 1) => Math.max(20, ...points.map((p) => Math.abs(p[k])));
  const scale = Math.min((SO_FAR.w / 2 - 26) / reach(0), (SO_FAR.h / 2 - 26) / reach(1));
  const xy = (p: Vec3): [number, number] => {
    const [x, y] = flat(p);
    const turn = down ? -1 : 1;
    return [SO_FAR.w / 2 + turn * x * scale, SO_FAR.h / 2 - turn * y * scale];
  };
  const path = (curve: readonly Vec3[]) =>
    `M${curve
      .map((p) =>
        xy(p)
          .map((n) => n.toFixed(1))
          .join(' '),
      )
      .join('L')}`;
  const stems = (['first', 'second'] as const).map((arm) => done.filter((j) => j.arm === arm && !j.onto).map((j) => j.at));
  return (
    <figure className="absolute right-0 top-0">
      <svg
        width={SO_FAR.w}
        height={SO_FAR.h}
        role="img"
        aria-label={words.label('wire.the-spray-so-far-taped', { done: done.length, joints: spray.joints.length })}
      >
        {stems.map(
          (own, i) =>
            own.length > 0 && <path key={i} d={path([...own, spray.pickAt])} stroke="var(--leaf)" strokeWidth="4" fill="none" />,
        )}
        {done.map((j) => (
          <g key={j.order}>
            <path d={path(j.curve)} stroke="var(--leaf)" strokeWidth="2" fill="none" />
            <PiecePicture
              of={of}
              pieceId={j.pieceId}
              plan={plan}
              x={xy(j.curve[0]!)[0]}
              y={xy(j.curve[0]!)[1]}
              size={clamp((headOf(j)?.radialMm ?? 8) * 2 * scale, 14, 60)}
            />
          </g>
        ))}
      </svg>
      <figcaption className="small text-center">
        {down ? words.label('wire.so-far-held-head-down') : words.label('wire.so-far-from-above')}
      </figcaption>
    </figure>
  );
}

/** Looked at along the pick's normal, the arms running left and right. */
function flattened(spray: Spray): (p: Vec3) => readonly [number, number] {
  const first = spray.joints[0]!.at;
  const last = spray.joints.findLast((j) => j.arm !== spray.joints[0]!.arm && j.arm !== 'heel')?.at ?? spray.pickAt;
  const n = spray.pickNormal;
  const run = sub(last, first);
  const along = normalize(addScaled(run, n, -dot(run, n)), [1, 0, 0]);
  const up = cross(n, along);
  return (p) => {
    const d = sub(p, spray.pickAt);
    return [dot(d, along), dot(d, up)];
  };
}
