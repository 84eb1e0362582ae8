'use client';

import type { DerivedPlan } from '@/core/plan/derivePlan';
import { speciesById } from '@/core/botany/catalogue';
import { SvgPortrait } from '../shared/Portrait';
import { useStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';

/** A piece at the end of its stalk, in a drawing; at `size` pixels, or by its own size within bounds. */
export function PiecePicture({
  of: arrangementId,
  pieceId,
  plan,
  x,
  y,
  size,
  small = false,
  leanDeg = 0,
}: {
  /** the arrangement that the piece is one of */
  of: string;
  pieceId: string;
  plan: DerivedPlan;
  x: number;
  y: number;
  size?: number;
  small?: boolean;
  /** how far a sprig leans from upright; a face looks at one all the same */
  leanDeg?: number;
}) {
  const catalogue = useCatalogue();
  const piece = useStudio((s) =>
    s.project!.arrangements.find((a) => a.id === arrangementId)?.pieces.find((p) => p.id === pieceId),
  );
  const head = plan.heads.find((h) => h.arrangementId === arrangementId && h.pieceId === pieceId);
  if (!piece || !head) return null;
  const long = Math.max(head.radialMm, head.axialMm) * 2;
  const sprig = speciesById(piece.species, catalogue).habit === 'sprig';
  return (
    <SvgPortrait
      kind={piece}
      x={x}
      y={y}
      size={size ?? Math.max(16, Math.min(small ? 30 : 62, long * 0.95))}
      rotateDeg={sprig ? leanDeg : 0}
    />
  );
}
