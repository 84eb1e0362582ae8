import { tierName, type Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid } from '../cake/solid';
import { nameOf } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { azimuthToClockWords } from '../geometry/units';
import type { Vec3 } from '../geometry/vec3';
import type { Warning } from './entry';

/** A stem nearer to icing than this touches it, apart from the last stretch into its own barrier. */
export const STEM_CLEARANCE_MM = 1;
export const AT_RIM_MM = 5;
/** A head or leaf that is this deep in the skin lies on it. */
export const HEAD_TOUCH_MM = 1;

export interface ContactInput {
  cake: Cake;
  solid: CakeSolid;
  heads: readonly PlacedPiece[];
  intoCake: readonly number[];
  stems: readonly { pieceId: string; curve: readonly Vec3[]; endsInEntry: boolean }[];
  dust: 'edible' | 'not edible' | 'unknown';
}

/** Whether what is touched at a place is eaten: the covering of that tier, or the board (not eaten). */
function eatenAt(solid: CakeSolid, point: Vec3): boolean {
  const tier = solid.tiers.find(
    (t) => point[2] >= t.footMm - 2 && point[2] <= t.topMm + 8 && t.outline.signedMm(point[0], point[1]) < 8,
  );
  return tier ? tier.tier.covering.eaten : false;
}

const whereAt = (cake: Cake, solid: CakeSolid, point: Vec3): string => {
  const tier = solid.tiers.find((t) => point[2] <= t.topMm + 2) ?? solid.tiers[solid.tiers.length - 1];
  return `${tier ? tierName(cake, tier.index) : 'the board'}, ${azimuthToClockWords(azimuthOf(point))}`;
};

/** Contact along whole stems and heads, not only at entries. Dust that is unknown counts as not edible. */
export function contactWarnings(input: ContactInput): Warning[] {
  return [...headContacts(input), ...stemContacts(input)];
}

function headContacts({ cake, solid, heads, intoCake, dust }: ContactInput): Warning[] {
  const warnings: Warning[] = [];
  heads.forEach((p, i) => {
    if (intoCake[i]! <= HEAD_TOUCH_MM || !eatenAt(solid, p.frame.pointMm)) return;
    const deep = intoCake[i]!;
    if (deep > 6) {
      warnings.push({
        level: 'stop',
        station: 'Place',
        what: `${nameOf(p)} reaches ${deep.toFixed(0)} mm into the cake`,
        where: whereAt(cake, solid, p.centre),
        why: 'It cannot be set without breaking it or the cake.',
        remedy: 'Lift it, or turn it outward.',
        pieceId: p.piece.id,
      });
    } else if (dust !== 'edible') {
      warnings.push({
        level: 'stop',
        station: 'Place',
        what: `${nameOf(p)} lies on the icing`,
        where: whereAt(cake, solid, p.centre),
        why:
          dust === 'unknown'
            ? 'Its dust is unknown, which counts as not edible, and this icing is eaten.'
            : 'Its dust is not edible, and this icing is eaten.',
        remedy: `Lift it ${Math.ceil(deep)} mm, lay something made for food under it, or use edible dust.`,
        pieceId: p.piece.id,
      });
    }
  });
  return warnings;
}

function stemContacts({ cake, solid, heads, stems }: ContactInput): Warning[] {
  const warnings: Warning[] = [];
  const byId = new Map(heads.map((p) => [p.piece.id, p]));
  for (const stem of stems) {
    const end = stem.curve[stem.curve.length - 1];
    if (!end) continue;
    let worst = Infinity;
    let at: Vec3 = end;
    for (const point of stem.curve) {
      const toEnd = Math.hypot(point[0] - end[0], point[1] - end[1], point[2] - end[2]);
      if (stem.endsInEntry && toEnd < AT_RIM_MM) continue;
      const clear = solid.signedDistanceMm(point);
      if (clear < worst) [worst, at] = [clear, point];
    }
    if (worst < STEM_CLEARANCE_MM && eatenAt(solid, at)) {
      const p = byId.get(stem.pieceId);
      warnings.push({
        level: 'stop',
        station: 'Place',
        what: `The stem of ${p ? nameOf(p).toLowerCase() : 'a piece'} touches icing`,
        where: whereAt(cake, solid, at),
        why: 'Wire and tape are not made for food contact.',
        remedy: 'Lift the head a little, or turn it so that its stem stays clear.',
        pieceId: stem.pieceId,
      });
    }
  }
  return warnings;
}
