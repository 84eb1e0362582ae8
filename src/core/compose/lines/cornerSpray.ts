import type { FormMaker, PathPoint } from '../line';

/** How far in from the edge the arm on the top lies, as a share of the line's half-width. */
const INSET_SHARE = 0.7;

/** Turns a corner: one arm along the rim on the top, the other falling down the side from the corner. */
export const cornerSpray: FormMaker<'corner spray'> = (spec, skin) => {
  const span = skin.spans[spec.tier]!;
  const radius = Math.max(20, skin.at(spec.atRad, span.edgeFromMm).radialMm);
  const turn = spec.armMm / radius;
  const onTop = Math.max(span.topFromMm, span.edgeFromMm - spec.widthMm * INSET_SHARE);
  const end = Math.min(span.sideFromMm + spec.trailMm, span.sideToMm - 2);
  const path: PathPoint[] = [];
  for (let i = 0; i <= 24; i++) {
    const t = i / 24;
    const up = t < 0.5 ? 1 - t * 2 : 0;
    const down = t < 0.5 ? 0 : t * 2 - 1;
    const over = (t - 0.5) / 0.5;
    const meridian = onTop + (end - onTop) * Math.max(0, (over + 0.35) / 1.35) ** 1.3;
    path.push([spec.atRad + turn * up ** 1.2 - 0.08 * Math.sign(turn || 1) * down, meridian]);
  }
  return { kind: 'path', closed: false, path };
};
