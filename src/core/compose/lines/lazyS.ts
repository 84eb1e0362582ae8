import type { FormMaker, PathPoint } from '../line';

/** Lies along the rim: from a tip on the top it sweeps over the edge to a tip on the side, both tips turning back a little. */
export const lazyS: FormMaker<'lazy S'> = (spec, skin) => {
  const span = skin.spans[spec.tier]!;
  const from = Math.max(span.topFromMm, span.edgeFromMm - spec.insetMm);
  const to = Math.min(span.sideFromMm + spec.dropMm, span.sideToMm);
  const path: PathPoint[] = [];
  for (let i = 0; i <= 28; i++) {
    const t = i / 28;
    const swing = (1 - Math.cos(Math.PI * (1.24 * t - 0.12))) / 2;
    path.push([spec.fromRad + spec.sweepRad * t, from + (to - from) * swing]);
  }
  return { kind: 'path', closed: false, path };
};
