'use client';

import { useEffect, useState } from 'react';
import { spread } from '@/core/formats/template';
import { degToRad } from '@/core/geometry/numbers';
import { cakeSight } from '@/core/picture/cakePicture';
import { projectPoint, type Picture } from '@/core/picture/raster';
import type { DerivedPlan, PlannedEntry } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import { pictureBench } from '@/workers/clients';
import { pictureToUrl } from '../shared/Portrait';
import { catalogueOf } from '@/core/plan/catalogueOf';
import { useUnitsPerPixel } from '../shared/useWidth';
import { useWords } from '../speech/useWords';

/** From which side the sheet shows the cake. */
const SIDES = { front: -Math.PI / 2, back: Math.PI / 2 } as const;
export type Side = keyof typeof SIDES;

const W = 460;
const H = 470;
const ELEVATION_DEG = 14;
/** A place this far behind the middle is shown from the back, mm. */
const BEHIND_MM = 30;
/** Room for a column of numbers on either side. */
const COLUMN = 70;
const LABEL_GAP = 30;

/** What is taken out on the side that is shown, with its place in the picture. */
export function placesOn(side: Side, plan: DerivedPlan, project: Project): { entry: PlannedEntry; x: number; y: number }[] {
  const sight = cakeSight({
    cake: project.cake,
    azimuthRad: SIDES[side],
    elevationRad: degToRad(ELEVATION_DEG),
    width: W,
    height: H,
    highestMm: Math.max(0, ...plan.heads.map((h) => h.centreMm[2] + h.radialMm)),
  });
  return plan.entries
    .filter((e) => e.countsOut && e.pointMm[1] > BEHIND_MM === (side === 'back'))
    .map((entry) => {
      const [x, y] = projectPoint(sight, entry.pointMm);
      return { entry, x: x / W, y: y / H };
    });
}

/** The cake as it is seen from a side; `times` as many points to a unit. */
export const pictureOf = (side: Side, project: Project, times = 1): Promise<Picture> =>
  pictureBench.cakePicture(
    project.cake,
    project.arrangements,
    { azimuthRad: SIDES[side], elevationDeg: ELEVATION_DEG, width: W * times, height: H * times, detail: 'near' },
    catalogueOf(project).own,
  );

/** The cake from one side, each entry numbered at the margin, near its own height, with a line to its place. */
export function NumberedView({ side, project, plan }: { side: Side; project: Project; plan: DerivedPlan }) {
  const words = useWords();
  const [box, unitsPerPx] = useUnitsPerPixel(W + 2 * COLUMN);
  const size = Math.max(1, unitsPerPx);
  // a number's disc is smaller where the picture is
  const half = (size > 1.3 ? 10 : 14) * size;
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let live = true;
    pictureOf(side, project).then(
      (picture) => live && setUrl(pictureToUrl(picture)),
      () => undefined,
    );
    return () => {
      live = false;
    };
    // the picture shows cake and pieces alone
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [side, project.cake, project.arrangements]);
  const marks = placesOn(side, plan, project).map((m) => ({ ...m, px: COLUMN + m.x * W, py: m.y * H }));
  const across = [...marks].sort((a, b) => a.px - b.px);
  const inLeft = Math.ceil(across.length / 2);
  const columns = [across.slice(0, inLeft), across.slice(inLeft)].map((column) => [...column].sort((a, b) => a.py - b.py));
  return (
    <svg
      ref={box}
      viewBox={`0 0 ${W + 2 * COLUMN} ${H}`}
      className="w-full"
      role="img"
      aria-label={words.label('handover.the-cake-from-with-numbered', { side: words.label(`side.${side}`), marks: marks.length })}
    >
      {url && <image href={url} x={COLUMN} y="0" width={W} height={H} />}
      {columns.map((column, k) => {
        const gap = Math.min(LABEL_GAP * size, (H - 2 * half) / Math.max(1, column.length - 1));
        const wished = spread(
          column.map((m) => m.py),
          gap,
        );
        // the column as a whole stays on the sheet
        const over = Math.max(0, (wished.at(-1) ?? 0) - (H - half)) - Math.max(0, half - (wished[0] ?? half));
        return column.map((m, i) => {
          const y = wished[i]! - over;
          const x = (k === 0 ? half : W + 2 * COLUMN - half) + (gap < 2 * half && i % 2 ? (k === 0 ? 2 : -2) * half : 0);
          return (
            <g key={m.entry.id}>
              <path d={`M${x} ${y}L${m.px} ${m.py}`} stroke="#3b152d" strokeWidth="1" />
              <circle cx={m.px} cy={m.py} r="4" fill="#3b152d" stroke="#fff" strokeWidth="1.5" />
              <g transform={`translate(${x} ${y}) scale(${size})`}>
                <circle r={half / size - 1} fill="#3b152d" />
                <text y="5" textAnchor="middle" fontSize="14" fontWeight="700" fill="#fff">
                  {m.entry.number}
                </text>
              </g>
            </g>
          );
        });
      })}
    </svg>
  );
}

/** Sides on which something comes out; the front always. */
export const sidesShown = (plan: DerivedPlan, project: Project): Side[] =>
  placesOn('back', plan, project).length ? ['front', 'back'] : ['front'];
