'use client';

import { Html, Line as DrawnLine } from '@react-three/drei';
import { useMemo } from 'react';
import { Vector3 } from 'three';
import type { Cake } from '@/core/cake/cake';
import { fieldValue, lineFields } from '@/core/compose/lineFields';
import { lineHandles } from '@/core/compose/lineHandles';
import type { Line } from '@/core/compose/line';
import { addScaled, type Vec3 } from '@/core/geometry/vec3';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import type { LiveScene } from './useScene';

const STEPS = 60;
const OFF_SKIN_MM = 1;

const edge = (line: Line, side: -1 | 0 | 1): Vector3[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => {
    const s = i / STEPS - (line.closed && i === STEPS ? 1e-6 : 0);
    const f = line.at(s, side * line.halfWidthMm(s));
    return new Vector3(...addScaled(f.pointMm, f.normal, OFF_SKIN_MM));
  });

/** The line with its envelope, and its points with their figures beside them. */
export function LineInHand({ scene, cake }: { scene: LiveScene; cake: Cake }) {
  const words = useWords();
  const spec = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.line ?? null);
  const line = scene.line;
  const handles = useMemo(() => (spec ? lineHandles(spec, cake) : []), [spec, cake]);
  const curves = useMemo(() => (line ? ([-1, 0, 1] as const).map((side) => edge(line, side)) : []), [line]);
  if (!line || !spec) return null;
  const fields = lineFields(spec);
  const told = (keys: readonly string[]) =>
    keys
      .map((k) => {
        const f = fields.find((x) => x.key === k)!;
        const shown = f.shown(fieldValue(spec, k));
        if (f.unit === 'mm') return words.units.figure(shown);
        return `${words.units.asIs(shown)}${f.unit === 'o’clock' ? ` ${words.label('unit.oclock')}` : f.unit}`;
      })
      .join(', ');
  return (
    <>
      {curves.map((points, i) => (
        <DrawnLine
          key={i}
          points={points}
          color={i === 1 ? '#28653c' : '#8c7a87'}
          lineWidth={i === 1 ? 4 : 1.5}
          dashed={i !== 1}
          dashSize={6}
          gapSize={4}
          depthTest={false}
          renderOrder={11}
        />
      ))}
      {handles.map((h) => (
        <Html
          key={h.id}
          position={h.at as [number, number, number] & Vec3}
          center
          zIndexRange={[5, 0]}
          style={{ pointerEvents: 'none' }}
        >
          <div className="relative" aria-hidden="true">
            <span
              className={`block size-[22px] rounded-full border-2 ${h.id === 'focal' ? 'border-[#2e0e22] bg-[#ffa824]' : 'border-[#28653c] bg-[#f9fdfe]'}`}
            />
            <span
              className={`absolute top-0 whitespace-nowrap rounded-lg bg-[#f9fdfe]/90 px-1.5 text-[13px] leading-[22px] text-[#3b152d] ${h.id === 'rise' ? 'right-[26px]' : 'left-[26px]'}`}
            >
              {words.label(`grip.${h.name}`)} <b>{told(h.keys)}</b>
            </span>
          </div>
        </Html>
      ))}
    </>
  );
}
