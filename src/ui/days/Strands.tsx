'use client';

import { format } from 'date-fns';
import { wallToText } from '@/core/days/clock';
import { DRYING_MARGIN, type Task } from '@/core/days/tasks';
import type { Species } from '@/core/botany/species';
import { Portrait } from '../shared/Portrait';
import { useWidth } from '../shared/useWidth';
import { useStudio } from '../useStudio';
import { durationWords } from '../shared/words';
import type { DayRow } from './dayRows';

const ROW = 92;

/** A row a day, a strand a species: work as dark blocks at their hour, drying hanging below them. */
export function Strands({ rows, strands, leaves }: { rows: readonly DayRow[]; strands: readonly Species[]; leaves: string }) {
  const choices = useStudio((s) => s.project!.brief.choices);
  const [box, width] = useWidth<SVGSVGElement>(700);
  const start = rows[0]?.day ?? 0;
  const height = rows.length * ROW;
  const y = (wall: number) => ((wall - start) / 1440) * ROW;
  const longest = Math.max(60, ...rows.map((r) => r.minutes));
  return (
    <div className="mt-3 grid grid-cols-[minmax(250px,1fr)_minmax(0,1.7fr)] gap-x-4 max-md:grid-cols-1">
      <div className="max-md:hidden" />
      <div className="flex justify-around border-b-2 border-[var(--wire)] pb-1 max-md:hidden">
        {strands.map((s) => (
          <span key={s.id} className="w-14 text-center">
            <Portrait
              kind={{
                species: s.id,
                stage: s.stages[s.stages.length - 1]!.id,
                sizeMm: 50,
                colourway: choices.find((c) => c.species === s.id)?.colourway ?? s.colourways[0]!.id,
              }}
              px={46}
              alt={s.name}
            />
          </span>
        ))}
      </div>
      <ol aria-label="Day by day">
        {rows.map((r, i) => {
          const date = new Date(`${wallToText(r.day)}:00`);
          return (
            <li key={r.day} className="flex gap-3 border-b border-[var(--line)] pt-1" style={{ height: ROW }}>
              <span className="w-12 shrink-0 leading-none">
                <span className="sub block">{format(date, 'EEE')}</span>
                <b className="fig text-[1.7rem]">{format(date, 'd')}</b>
              </span>
              <span className="min-w-0 grow overflow-hidden">
                <span className="line-clamp-3 text-[15px] leading-tight" title={r.sittings.map((s) => s.task.name).join('; ')}>
                  {r.words}
                </span>
                {i === rows.length - 1 && <span className="small">{leaves}</span>}
              </span>
              <span className="w-20 shrink-0 text-right">
                {r.minutes > 0 && (
                  <>
                    <b className="text-[15px]">{durationWords(r.minutes)}</b>
                    <span className="mt-1 block h-1.5 rounded-full bg-[var(--well)]">
                      <span
                        className="block h-full rounded-full bg-[var(--ink)]"
                        style={{ width: `${(r.minutes / longest) * 100}%` }}
                      />
                    </span>
                  </>
                )}
              </span>
            </li>
          );
        })}
      </ol>
      <svg
        ref={box}
        viewBox={`0 0 ${width} ${height}`}
        className="w-full max-md:hidden"
        style={{ height }}
        role="img"
        aria-label="Work and drying of each kind over the days"
      >
        {rows.map((_, i) => (
          <path key={i} d={`M0 ${(i + 1) * ROW}H${width}`} stroke="var(--line)" />
        ))}
        {strands.map((s, k) => (
          <Strand key={s.id} x={((k + 0.5) / strands.length) * width} rows={rows} id={s.id} y={y} height={height} />
        ))}
        <Shared rows={rows} y={y} strands={strands.length} width={width} />
      </svg>
    </div>
  );
}

const BLOCK = 15;

function Strand({
  x,
  rows,
  id,
  y,
  height,
}: {
  x: number;
  rows: readonly DayRow[];
  id: string;
  y(wall: number): number;
  height: number;
}) {
  const own = rows.flatMap((r) => r.sittings).filter((s) => s.task.strand === id);
  const byTask = new Map<string, { task: Task; from: number; to: number; minutes: number }>();
  for (const s of own) {
    const known = byTask.get(s.task.id);
    if (known) {
      known.to = Math.max(known.to, s.to);
      known.minutes += s.to - s.from;
    } else byTask.set(s.task.id, { task: s.task, from: s.from, to: s.to, minutes: s.to - s.from });
  }
  return (
    <g>
      <path d={`M${x} 0V${height}`} stroke="var(--line)" strokeWidth="1.5" />
      {[...byTask.values()].map(({ task, to }) => {
        if (task.dryHours <= 0) return null;
        const long = Math.max(18, y(to + task.dryHours * 60 * DRYING_MARGIN) - y(to));
        return (
          <g key={`dry-${task.id}`}>
            <rect x={x - 17} y={y(to) - 2} width="34" height={long} rx="6" fill="var(--dry)" stroke="var(--dryedge)" />
            <text x={x} y={y(to) + long - 6} fontSize="13" textAnchor="middle" fill="var(--ink)">
              {Math.round(task.dryHours)} h
            </text>
          </g>
        );
      })}
      {own.map((s, i) => (
        <g key={i}>
          <title>{`${s.task.name}: ${durationWords(s.to - s.from)}`}</title>
          <rect x={x - 17} y={y(s.from)} width="34" height={Math.max(BLOCK, y(s.to) - y(s.from))} rx="5" fill="var(--ink)" />
        </g>
      ))}
    </g>
  );
}

/** Mixing, taping, barriers, boxing and placing go across all strands. */
function Shared({
  rows,
  y,
  strands,
  width,
}: {
  rows: readonly DayRow[];
  y(wall: number): number;
  strands: number;
  width: number;
}) {
  const own = rows.flatMap((r) => r.sittings).filter((s) => s.task.strand === 'all');
  const merged: { name: string; from: number; to: number; minutes: number }[] = [];
  for (const s of own) {
    const last = merged[merged.length - 1];
    if (last && s.from - last.to <= 0) {
      last.to = s.to;
      last.minutes += s.to - s.from;
      if (!last.name.includes(s.task.name.toLowerCase())) last.name += `, ${s.task.name.toLowerCase()}`;
    } else merged.push({ name: s.task.name, from: s.from, to: s.to, minutes: s.to - s.from });
  }
  const left = (0.5 / strands) * width - 20;
  return (
    <>
      {merged.map((m, i) => (
        <g key={i}>
          <rect
            x={left}
            y={y(m.from)}
            width={width - left * 2}
            height={Math.max(22, y(m.to) - y(m.from))}
            rx="8"
            fill="var(--ink)"
          />
          <text x={width / 2} y={y(m.from) + 16} fontSize="13" textAnchor="middle" fill="var(--bench)">
            {m.name}, {durationWords(m.minutes)}
          </text>
        </g>
      ))}
    </>
  );
}
