'use client';

import { Html, Line as DrawnLine } from '@react-three/drei';
import { MoveVertical, RotateCw, Telescope } from 'lucide-react';
import { Vector3 } from 'three';
import type { Line } from '@/core/compose/line';
import { pieceHandles, type PieceHandle } from '@/core/compose/pieceHandles';
import type { PlacedPiece } from '@/core/compose/placement';
import type { Words } from '@/core/words/words';
import { useWords } from '../speech/useWords';

const ICONS: Record<PieceHandle['id'], typeof Telescope> = { look: Telescope, spin: RotateCw, lift: MoveVertical };

/** The grips of the chosen piece: where it looks, its spin, its height, each with its figure. The same by keys is in its card. */
export function PieceGrips({ piece, line }: { piece: PlacedPiece; line: Line }) {
  return (
    <>
      {pieceHandles(piece, line).map((h) => (
        <Grip key={h.id} handle={h} />
      ))}
    </>
  );
}

function Grip({ handle: { id, name, at, from, shown } }: { handle: PieceHandle }) {
  const words = useWords();
  const Icon = ICONS[id];
  return (
    <>
      <DrawnLine
        points={[new Vector3(...from), new Vector3(...at)]}
        color="#ffa824"
        lineWidth={2}
        depthTest={false}
        renderOrder={10}
      />
      <Html position={[...at]} center zIndexRange={[5, 0]} style={{ pointerEvents: 'none' }}>
        <div className="relative" aria-hidden="true">
          <span className="flex size-[26px] items-center justify-center rounded-full border-2 border-[#2e0e22] bg-[#ffa824] text-[#2e0e22]">
            <Icon size={15} />
          </span>
          <span className="absolute left-[30px] top-0 whitespace-nowrap rounded-lg bg-[#f9fdfe]/90 px-1.5 text-[13px] leading-[26px] text-[#3b152d]">
            {words.label(`handle.${name}`)} <b>{told(shown, words)}</b>
          </span>
        </div>
      </Html>
    </>
  );
}

const told = (shown: PieceHandle['shown'], words: Words): string => {
  if ('liftMm' in shown) return words.units.length(shown.liftMm, 1);
  if ('spinRad' in shown) return words.units.degrees(shown.spinRad);
  return words.label('handle.lean-turned', {
    lean: words.units.degrees(shown.leanRad),
    turned: words.units.degrees(shown.turnRad),
  });
};
