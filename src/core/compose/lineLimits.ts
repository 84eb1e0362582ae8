import { stackTiers, type Cake } from '../cake/cake';
import { bodyOf, type Catalogue } from '../botany/catalogue';
import type { Arrangement, LineSpec } from './arrangement';
import { effectiveAreaMm2 } from './envelope';
import type { Line } from './line';
import { lineKind } from './lineKinds';
import type { PieceRef } from '../facts/fact';
import type { LineLimit } from './facts';

/** Empty when the line fits, and when it cannot be drawn at all (that is said elsewhere). */
export function lineLimits(spec: LineSpec, cake: Cake): LineLimit[] {
  const tiers = stackTiers(cake);
  const tier = 'tier' in spec ? tiers[spec.tier] : tiers[0];
  if (!tier) return [];
  return lineKind(spec.form).limits(spec, { tier, above: tiers[tier.index + 1], cake });
}

/** A line takes at most this many times the area of its envelope in pieces before they press. */
const MOST_FILL = 2.1;

/** What the pieces of an arrangement ask for that its cake or line does not allow: the worst of each, once. */
export function pieceLimits(arrangement: Arrangement, cake: Cake, line: Line, catalogue: Catalogue): LineLimit[] {
  const limits: LineLimit[] = [];
  const tiers = stackTiers(cake);
  let widest: { piece: PieceRef; widthMm: number; tierMm: number } | null = null;
  let outlineMm2 = 0;
  for (const piece of arrangement.pieces) {
    const body = bodyOf(piece, catalogue);
    if (body.species.habit === 'head') outlineMm2 += Math.PI * body.radialMm ** 2;
    const at = line.at(piece.s, 0).pointMm;
    const tier = tiers.find((t) => at[2] <= t.topMm + 1) ?? tiers[tiers.length - 1];
    const mm = body.radialMm * 2;
    if (tier && body.role === 'focal' && mm > tier.outline.nearMm * 2 && mm > (widest?.widthMm ?? 0))
      widest = { piece: { species: body.species.id, stage: piece.stage }, widthMm: mm, tierMm: tier.outline.nearMm * 2 };
  }
  if (widest) limits.push({ code: 'compose.head-wider-than-tier', values: widest });
  const areaMm2 = effectiveAreaMm2(line);
  if (outlineMm2 > areaMm2 * MOST_FILL) limits.push({ code: 'compose.overfull', values: { times: outlineMm2 / areaMm2 } });
  return limits;
}
