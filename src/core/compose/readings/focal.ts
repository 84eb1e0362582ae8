import { clamp, mean } from '../../geometry/numbers';
import type { Role } from '../../botany/species';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import type { Scene } from '../scene';

/** Half-length of the zone in which the focal flowers belong: 0.16 of the line, at least 55 mm. */
export const focalZoneMm = (lineLengthMm: number): number => Math.max(0.16 * lineLengthMm, 55);

/** One clear centre: the focal flowers lie in the zone, hold more than its share of the weight, and are the largest. */
export const focal: ReadingMaker = (scene) => {
  const { line, heads, weights } = scene;
  const zone = focalZoneMm(line.lengthMm);
  const away = heads.map((p) =>
    Math.hypot(line.armShare(p.piece.s) * armLength(line.focal, p.piece.s, line.lengthMm, line.closed), p.sideMm * 0.4),
  );
  const leading = leadingRole(heads);
  const focals = heads.map((p, i) => ({ p, i })).filter(({ p }) => p.body.role === leading);
  const near = mean(focals.map(({ i }) => clamp(1.6 - (1.3 * away[i]!) / zone)));
  const total = weights.reduce((a, b) => a + b, 0) || 1;
  const inside = weights.reduce((a, w, i) => a + (away[i]! < zone ? w : 0), 0) / total;
  const areaShare = clamp((2 * zone) / line.lengthMm, 0.1, 1);
  const held = line.closed ? 1 : clamp((inside / areaShare - 0.75) / 0.6);
  const largestInside = Math.max(0, ...heads.map((p, i) => (away[i]! < zone ? p.body.radialMm * 2 : 0)));
  const outside = mean(heads.filter((p, i) => away[i]! >= zone && !p.spine.length).map((p) => p.body.radialMm * 2));
  const dominance = outside > 0 ? clamp((largestInside / outside - 1) / 0.7) : 1;
  const odd = focals.length % 2 === 1 ? 1 : 0;
  const score = focals.length === 0 ? 35 : 100 * (0.46 * (line.closed ? 1 : near) + 0.24 * held + 0.18 * dominance + 0.12 * odd);
  return {
    id: 'focal',
    score,
    lean: clamp(inside / areaShare - 1.4, -1, 1),
    leanWords: ['scattered', 'all in one'],
    numbers: { focalPieces: focals.length, zoneMm: zone, weightInZoneShare: inside },
    why:
      focals.length === 0
        ? 'There is no focal flower for the eye to rest on.'
        : near < 0.6
          ? 'The large flowers lie away from the focal point.'
          : odd
            ? `${focals.length} large, together: the eye comes to rest.`
            : 'An even number of large flowers pairs off.',
    remedy: !line.closed && near < 0.75 ? () => gather(scene, leading) : null,
    place: null,
  };
};

/** The leading flowers come to the focal point: the largest at it, the others half a diameter to either side. */
function gather(scene: Scene, leading: Role): Remedy | null {
  const { line } = scene;
  const own = scene.heads
    .filter((p) => p.body.role === leading && !p.piece.pinned)
    .sort((a, b) => b.body.radialMm - a.body.radialMm);
  const change = own.slice(0, 3).map((p, i) => {
    const away = (i === 0 ? 0 : i === 1 ? 1 : -1) * ((own[0]!.body.radialMm + p.body.radialMm) / line.lengthMm) * 0.9;
    return { id: p.piece.id, to: { s: clamp(line.focal + away), side: i === 0 ? 0 : i === 1 ? 0.3 : -0.3 } };
  });
  return change.length ? { label: `Gather ${change.length}`, change, add: [], remove: [] } : null;
}

/** The role that leads: focal, or what is largest where no focal flower is used. */
export const leadingRole = (heads: readonly PlacedPiece[]): Role =>
  (['focal', 'secondary', 'spray'] as const).find((role) => heads.some((p) => p.body.role === role)) ?? 'filler';

const armLength = (focalAt: number, s: number, lengthMm: number, closed: boolean): number =>
  closed ? lengthMm / 2 : (s < focalAt ? focalAt : 1 - focalAt) * lengthMm;
