import { clamp, mean } from '../../geometry/numbers';
import type { Role } from '../../botany/species';
import type { Line } from '../line';
import type { Measured } from '../measures';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Half-length of the zone in which the focal flowers belong: 0.16 of the line, at least 55 mm. */
export const focalZoneMm = (lineLengthMm: number): number => Math.max(0.16 * lineLengthMm, 55);

/** The line is looked along in this many stretches for a place as heavy as the focal point. */
const STRETCHES = 24;
/** Shares of the score, fitted in the project's study. */
const SHARE = { near: 0.38, held: 0.18, rival: 0.13, seen: 0.11, dominance: 0.1, odd: 0.1 } as const;

/** One clear centre: the focal flowers lie in the zone, are seen, hold more than its share of the weight, and have no rival. */
export const focal: ReadingMaker = (scene) => {
  const { line, heads, weights } = scene;
  const zone = focalZoneMm(line.lengthMm);
  const { standing } = scene;
  const leading = leadingRole(heads);
  const focals: { p: PlacedPiece; i: number }[] = [];
  for (let i = 0; i < heads.length; i++) if (must(heads[i]).body.role === leading) focals.push({ p: must(heads[i]), i });
  const near = mean(focals.map(({ i }) => clamp(1.6 - (1.3 * must(standing[i]).fromFocalMm) / zone)));
  const { inside, largestInside, outside } = aboutZone(scene, zone);
  const areaShare = clamp((2 * zone) / line.lengthMm, 0.1, 1);
  const held = line.closed ? 1 : clamp((inside / areaShare - 0.75) / 0.6);
  const dominance = outside > 0 ? clamp((largestInside / outside - 1) / 0.7) : 1;
  const odd = focals.length % 2 === 1 ? 1 : 0;
  const rival = line.closed ? 1 : clamp((1 - heaviestRival(line, heads, weights, zone)) / 0.4);
  const hidden = focals.map(({ p, i }) => ({ p, by: scene.hidersOf(i) }));
  const hiddenShare = mean(hidden.map((h) => h.by.share));
  const seen = focals.length ? clamp(1 - 1.2 * (hiddenShare - 0.05)) : 1;
  const worst = hidden.sort((a, b) => b.by.share - a.by.share)[0];
  const parts = { near: line.closed ? 1 : near, held, rival, seen, dominance, odd };
  const score =
    focals.length === 0 ? 35 : 100 * (Object.keys(SHARE) as (keyof typeof SHARE)[]).reduce((a, k) => a + SHARE[k] * parts[k], 0);
  return {
    id: 'focal',
    score,
    lean: clamp(inside / areaShare - 1.4, -1, 1),
    numbers: { focalPieces: focals.length, zoneMm: zone, weightInZoneShare: inside, hiddenShare, rivalShare: 1 - 0.4 * rival },
    why:
      focals.length === 0
        ? { code: 'reading.focal.none', values: {} }
        : near < 0.6
          ? { code: 'reading.focal.away', values: {} }
          : worst && seen < 0.75
            ? { code: 'reading.focal.hidden', values: { species: worst.p.body.species.id, share: worst.by.share } }
            : rival < 0.3
              ? { code: 'reading.focal.rival', values: {} }
              : odd
                ? { code: 'reading.focal.level', values: { count: focals.length } }
                : { code: 'reading.focal.even', values: {} },
    remedy:
      !line.closed && near < 0.75
        ? () => gather(scene, leading)
        : worst && seen < 0.75
          ? () => clearFace(scene, worst.p, worst.by.pieces)
          : null,
    place: worst && seen < 0.75 ? { pointMm: worst.p.centre, acrossMm: worst.p.body.radialMm * 2 } : null,
  };
};

/** The share of the weight inside the zone, the largest piece in it, and the mean face outside it, mm. */
function aboutZone({ heads, weights, standing }: Measured, zone: number) {
  let [total, within, largestInside, sumOutside, countOutside] = [0, 0, 0, 0, 0];
  for (let i = 0; i < heads.length; i++) {
    const { fromFocalMm, acrossMm } = must(standing[i]);
    total += must(weights[i]);
    if (fromFocalMm < zone) {
      within += must(weights[i]);
      largestInside = Math.max(largestInside, acrossMm);
    } else if (!must(heads[i]).spine.length) {
      sumOutside += acrossMm;
      countOutside++;
    }
  }
  return { inside: within / (total || 1), largestInside, outside: countOutside ? sumOutside / countOutside : 0 };
}

/** The heaviest stretch outside the zone over the heaviest in it; 0 where nothing lies outside. */
export function heaviestRival(line: Line, placed: readonly PlacedPiece[], weights: ArrayLike<number>, zoneMm: number): number {
  const sums = new Float64Array(STRETCHES);
  placed.forEach(({ piece }, i) => {
    const k = Math.min(STRETCHES - 1, Math.floor(piece.s * STRETCHES));
    sums[k] = must(sums[k]) + must(weights[i]);
  });
  let [within, without] = [0, 0];
  sums.forEach((sum, k) => {
    const fromFocalMm = Math.abs((k + 0.5) / STRETCHES - line.focal) * line.lengthMm;
    if (fromFocalMm < zoneMm) within = Math.max(within, sum);
    else without = Math.max(without, sum);
  });
  return within > 0 ? without / within : without > 0 ? 1 : 0;
}

/** What stands before a face steps aside, away from its middle, and lies lower. */
function clearFace({ line }: Scene, face: PlacedPiece, hiders: readonly PlacedPiece[]): Remedy | null {
  const change = hiders
    .filter((q) => !q.piece.pinned)
    .map((q) => {
      const half = Math.max(1, line.halfWidthMm(q.piece.s));
      const [ds, dv] = [(q.piece.s - face.piece.s) * line.lengthMm, q.sideMm - face.sideMm];
      const off = Math.hypot(ds, dv);
      const clear = face.body.radialMm + q.body.radialMm + 2;
      const [es, ev] = off > 0.5 ? [ds / off, dv / off] : [0, q.piece.side < 0 ? -1 : 1];
      return {
        id: q.piece.id,
        to: {
          s: clamp(face.piece.s + (es * clear) / line.lengthMm),
          side: clamp((face.sideMm + ev * clear) / half, -1, 1),
          lift: Math.min(q.piece.lift, 0.1),
        },
      };
    });
  return change.length
    ? { label: { code: 'remedy.clear', values: { count: change.length } }, change, add: [], remove: [] }
    : null;
}

/** The leading flowers come to the focal point: the largest at it, the others half a diameter to either side. */
function gather(scene: Scene, leading: Role): Remedy | null {
  const { line } = scene;
  const own = scene.heads
    .filter((p) => p.body.role === leading && !p.piece.pinned)
    .sort((a, b) => b.body.radialMm - a.body.radialMm);
  const change = own.slice(0, 3).map((p, i) => {
    const away = (i === 0 ? 0 : i === 1 ? 1 : -1) * ((must(own[0]).body.radialMm + p.body.radialMm) / line.lengthMm) * 0.9;
    return { id: p.piece.id, to: { s: clamp(line.focal + away), side: i === 0 ? 0 : i === 1 ? 0.3 : -0.3 } };
  });
  return change.length
    ? { label: { code: 'remedy.gather', values: { count: change.length } }, change, add: [], remove: [] }
    : null;
}

/** The role that leads: focal, or what is largest where no focal flower is used. */
const leadingRole = (heads: readonly PlacedPiece[]): Role =>
  (['focal', 'secondary', 'spray'] as const).find((role) => heads.some((p) => p.body.role === role)) ?? 'filler';
