'use client';

import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { openedCatalogue } from '@/core/botany/catalogue';
import { degToRad } from '@/core/geometry/numbers';
import { cakeSight } from '@/core/picture/cakePicture';
import { projectPoint } from '@/core/picture/raster';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import { pictureBench } from '@/workers/clients';
import { pictureToUrl } from '../shared/Portrait';
import { leavesWords, plural } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';

/** The sheet for the client and for the person who cuts: what is edible, what comes out and where, count in = count out. */
export function HandOverStation() {
  const plan = useStudio((s) => s.plan);
  const project = useStudio((s) => s.project!);
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  if (plan.entries.length === 0) {
    return (
      <div className="px-6 pt-6">
        <h1>No sheet yet</h1>
        <p className="say mt-2">It is written from Place, once something goes into the cake.</p>
        <Link href="/compose" className="next mt-4">
          Compose
        </Link>
      </div>
    );
  }
  const stops = plan.warnings.filter((w) => w.level === 'stop');
  const times = Math.max(1, ...project.arrangements.map((a) => a.quantity));
  return (
    <div className="grid gap-6 px-6 pb-6 pt-2 lg:grid-cols-[minmax(0,1fr)_230px]">
      <article
        className="rounded-lg border border-[var(--line)] bg-[#fff] p-8 text-[#3b152d] shadow-[var(--sh-tray)] print:border-0 print:shadow-none"
        aria-label="Hand-over sheet"
      >
        <div className="grid gap-x-8 gap-y-6 md:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
          <div>
            <h1 className="text-[2.4rem] leading-none">
              Before you cut,
              <br />
              take {plan.handOver.comesOut} out
            </h1>
            <p className="pt-2 text-[15px]">
              For the person with the knife. {project.name}, {leavesWords(project.brief.leavesAt)}.
              {times > 1 ? ` This is one of ${times} equal cakes.` : ''}
            </p>
            <Numbered project={project} plan={plan} />
          </div>
          <div>
            <Counting plan={plan} />
            <Part title="Not food" tone="#b91121" lines={plan.handOver.notEaten} />
            <Part
              title="Food"
              tone="#28653c"
              lines={plan.handOver.eaten.length ? plan.handOver.eaten : ['nothing on this cake']}
            />
            <Part
              title="Allergens"
              lines={plan.handOver.allergens.length ? plan.handOver.allergens : ['none entered: ask the baker']}
              inline
            />
            {plan.handOver.smallParts.length > 0 && (
              <Part
                title="Small children"
                lines={[
                  `${plan.handOver.smallParts.join(', ')} come off; ${plan.handOver.cautions[0]!.replace('Small children at the table: ', '')}`,
                ]}
              />
            )}
            <div className="border-t border-[#c8d5d8] pt-2 text-[15px]">
              {plan.handOver.cautions.slice(-2).map((c) => (
                <p key={c}>{c}</p>
              ))}
            </div>
          </div>
        </div>
      </article>
      <aside className="no-print flex flex-col gap-3">
        <h1>
          One sheet,
          <br />
          two copies
        </h1>
        <p className="say">One for the table, one taped to the box lid.</p>
        {stops.length > 0 ? (
          <div role="alert" className="rounded-2xl bg-[var(--stopwash)] p-3">
            <b className="text-[var(--stop)]">Not ready to go: {plural(stops.length, 'stop')}</b>
            <p className="text-[15px]">{stops[0]!.what}.</p>
            <Link className="key mt-2" href="/place">
              Mend it in Place
            </Link>
          </div>
        ) : (
          <p className="rounded-2xl bg-[var(--leafwash)] p-3">
            <b className="text-[var(--leaf)]">Go:</b> no stop is left. {plan.handOver.goesIn} in, {plan.handOver.comesOut} out.
          </p>
        )}
        <button className={stops.length ? 'key' : 'next'} onClick={() => window.print()}>
          <Printer size={20} /> Print two
        </button>
      </aside>
    </div>
  );
}

function Part({
  title,
  lines,
  tone,
  inline = false,
}: {
  title: string;
  lines: readonly string[];
  tone?: string;
  inline?: boolean;
}) {
  return (
    <div className="border-t border-[#c8d5d8] py-2">
      <h2 style={{ color: tone }}>{title}</h2>
      {inline ? (
        <p className="text-[15px]">{lines.join(', ')}.</p>
      ) : (
        lines.map((l) => (
          <p key={l} className="text-[15px]">
            {l[0]!.toUpperCase() + l.slice(1)}
            {/[.!]$/.test(l) ? '' : '.'}
          </p>
        ))
      )}
    </div>
  );
}

/** A ring for each thing to take out; ticked as it comes. */
function Counting({ plan }: { plan: DerivedPlan }) {
  const counted = useStudio((s) => s.project!.countedOut);
  const done = plan.handOver.out.filter((o) => counted.includes(o.entryId)).length;
  return (
    <div className="pb-2">
      <h2>Count them as they come</h2>
      <ul className="flex flex-wrap gap-1.5 py-2">
        {plan.handOver.out.map((o) => {
          const on = counted.includes(o.entryId);
          return (
            <li key={o.entryId}>
              <button
                className={`size-11 rounded-full border text-[15px] font-semibold ${on ? 'border-[#28653c] bg-[#28653c] text-white' : 'border-[#8c7a87]'}`}
                aria-pressed={on}
                aria-label={`${o.number}, ${o.what}, ${o.tier} at ${o.where}`}
                title={`${o.what}, ${o.tier}, ${o.where}`}
                onClick={() =>
                  getStudio().edit(on ? `put ${o.number} back` : `count ${o.number} out`, (d) => {
                    if (on) d.countedOut = d.countedOut.filter((id) => id !== o.entryId);
                    else d.countedOut.push(o.entryId);
                  })
                }
              >
                {o.number}
              </button>
            </li>
          );
        })}
      </ul>
      <p className="text-[15px]">
        {done} of {plan.handOver.comesOut} out. Lift straight up, barrier and all. If one is missing, look again before anyone
        eats.
      </p>
    </div>
  );
}

const W = 460;
const H = 470;

/** The cake from the front, each entry numbered at the margin with a line to its place; what lies behind is named. */
function Numbered({ project, plan }: { project: Project; plan: DerivedPlan }) {
  const [url, setUrl] = useState<string | null>(null);
  const { cake, arrangements } = project;
  useEffect(() => {
    let live = true;
    pictureBench
      .cakePicture(
        cake,
        arrangements,
        { azimuthRad: -Math.PI / 2, elevationDeg: 14, width: W, height: H, detail: 'near' },
        openedCatalogue(),
      )
      .then(
        (picture) => live && setUrl(pictureToUrl(picture)),
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [cake, arrangements]);
  const sight = cakeSight(
    cake,
    -Math.PI / 2,
    degToRad(14),
    W,
    H,
    Math.max(0, ...plan.heads.map((h) => h.centreMm[2] + h.radialMm)),
  );
  const marks = plan.entries.map((e) => {
    const [x, y] = projectPoint(sight, e.pointMm);
    return { e, x: x + 70, y, hidden: e.pointMm[1] > 30 };
  });
  const front = marks.filter((m) => !m.hidden);
  const acrossSheet = [...front].sort((a, b) => a.x - b.x);
  const half = Math.ceil(acrossSheet.length / 2);
  const columns = [acrossSheet.slice(0, half), acrossSheet.slice(half)].map((column) => column.sort((a, b) => a.y - b.y));
  const behind = marks.filter((m) => m.hidden).map((m) => m.e.number);
  return (
    <>
      <svg
        viewBox={`0 0 ${W + 140} ${H}`}
        className="w-full"
        role="img"
        aria-label={`Front of the cake with ${front.length} numbered places`}
      >
        {url && <image href={url} x="70" y="0" width={W} height={H} />}
        {columns.map((column, side) =>
          column.map((m, i) => {
            const gap = Math.min(34, (H - 30) / Math.max(1, column.length));
            const y = (H - gap * (column.length - 1)) / 2 + i * gap;
            const inward = gap < 30 && i % 2 ? 30 : 0;
            const x = side === 0 ? 18 + inward : W + 122 - inward;
            return (
              <g key={m.e.id}>
                <path d={`M${x} ${y}L${m.x} ${m.y}`} stroke="#3b152d" strokeWidth="1" />
                <circle cx={m.x} cy={m.y} r="4" fill="#3b152d" stroke="#fff" strokeWidth="1.5" />
                <circle cx={x} cy={y} r="14" fill="#3b152d" />
                <text x={x} y={y + 5} textAnchor="middle" fontSize="14" fontWeight="700" fill="#fff">
                  {m.e.number}
                </text>
              </g>
            );
          }),
        )}
      </svg>
      {behind.length > 0 && <p className="text-[15px]">Behind, not seen here: {behind.join(', ')}.</p>}
    </>
  );
}
