import type { FormMaker, PathPoint } from '../line';

/** Runs from the top down the sides and over every ledge without leaving the skin, with a swing to one side on the way. */
export const cascade: FormMaker<'cascade'> = (spec, skin) => {
  const from = spec.startMm;
  const to = Math.min(skin.lengthMm - 2, from + spec.lengthDownMm);
  const path: PathPoint[] = [];
  for (let i = 0; i <= 40; i++) {
    const t = i / 40;
    const m = from + (to - from) * t;
    const r = Math.max(20, skin.at(0, m).radialMm);
    const swing = (spec.swingMm * Math.sin(Math.PI * 2 * t)) / r;
    path.push([spec.fromRad + (spec.toRad - spec.fromRad) * t + swing * t, m]);
  }
  return { kind: 'path', closed: false, path };
};
