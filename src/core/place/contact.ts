import { tierName, type Cake } from '../cake/cake';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid } from '../cake/solid';
import type { Line } from '../compose/line';
import { nameOf } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { azimuthToClockWords } from '../geometry/units';
import { distance, mix, type Vec3 } from '../geometry/vec3';
import type { Warning } from './entry';
import { HEAD_TOUCH_MM, liftedClear } from './lifted';

/** A stem nearer to icing than this touches it, apart from the last stretch into its own barrier. */
const STEM_CLEARANCE_MM = 1;
export const AT_RIM_MM = 5;

export interface ContactInput {
  cake: Cake;
  line: Line;
  solid: CakeSolid;
  heads: readonly PlacedPiece[];
  intoCake: readonly number[];
  stems: readonly { pieceId: string; curve: readonly Vec3[]; endsInEntry: boolean }[];
  dust: 'edible' | 'not edible' | 'unknown';
  /** pieces that lie on something made for food */
  underlaid: ReadonlySet<string>;
  /** real plants or parts of them are among the pieces */
  realPlants: boolean;
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

function headContacts({ cake, line, solid, heads, intoCake, dust, underlaid, realPlants }: ContactInput): Warning[] {
  const warnings: Warning[] = [];
  heads.forEach((p, i) => {
    const deep = intoCake[i]!;
    if (deep <= HEAD_TOUCH_MM || !eatenAt(solid, p.frame.pointMm)) return;
    const said = { station: 'Place' as const, where: whereAt(cake, solid, p.centre), pieceId: p.piece.id };
    // offered only where it helps
    const lift = liftedClear(p.piece, line, solid, 1) ? [{ do: 'lift' as const, mm: 1 }] : [];
    if (deep > 6) {
      warnings.push({
        ...said,
        level: 'stop',
        what: `${nameOf(p)} reaches ${deep.toFixed(0)} mm into the cake`,
        why: 'It cannot be set without breaking it or the cake.',
        remedy: 'Lift it, or turn it outward.',
        mends: lift,
      });
      return;
    }
    const why = notForFood(p, dust, realPlants);
    if (why && !underlaid.has(p.piece.id))
      warnings.push({
        ...said,
        level: 'stop',
        what: `${nameOf(p)} lies on the icing`,
        why: `${why} This icing is eaten.`,
        remedy: `${lift.length ? 'Lift it clear' : 'Move it'}, or lay something made for food under it${why.includes('dust') ? ', or use edible dust' : ''}.`,
        mends: [...lift, { do: 'underlay' }, ...(why.includes('dust') ? [{ do: 'edible dust' as const }] : [])],
      });
    else if (why)
      warnings.push({
        ...said,
        level: 'note',
        what: `Under the ${nameOf(p).toLowerCase()} lies something made for food`,
        why: 'The head itself does not touch what is eaten.',
        remedy: 'Cut it a little larger than the head, lay it first, and take it away with the flower.',
      });
  });
  return warnings;
}

/** What of a head is not made to touch food; null where all of it may. Unknown counts as not edible. */
function notForFood(p: PlacedPiece, dust: ContactInput['dust'], realPlants: boolean): string | null {
  if (realPlants) return 'Real plants may be treated, or not fit to eat.';
  if (p.body.species.wiring.stamens) return 'Its stamens are thread or wire, not made for food.';
  if (dust === 'edible') return null;
  return dust === 'unknown' ? 'Its dust is unknown, which counts as not edible.' : 'Its dust is not edible.';
}

/** A stem is looked at in steps of this, mm: between two of its points it may cut a corner. */
const WALK_MM = 1;

function* walk(curve: readonly Vec3[]): Generator<Vec3> {
  for (let i = 1; i < curve.length; i++) {
    const steps = Math.max(1, Math.ceil(distance(curve[i - 1]!, curve[i]!) / WALK_MM));
    for (let k = 0; k < steps; k++) yield mix(curve[i - 1]!, curve[i]!, k / steps);
  }
  if (curve.length) yield curve[curve.length - 1]!;
}

interface Nearest {
  mm: number;
  at: Vec3;
}

/** What was found last for a stem, for as long as it and the cake are the same. */
const lastNearest = new WeakMap<readonly Vec3[], Nearest & { solid: CakeSolid; endsInEntry: boolean }>();

/** Where a stem comes nearest to icing, apart from the last stretch into its own barrier. */
function nearestIcing(curve: readonly Vec3[], end: Vec3, endsInEntry: boolean, solid: CakeSolid): Nearest {
  const last = lastNearest.get(curve);
  if (last?.solid === solid && last.endsInEntry === endsInEntry) return last;
  let nearest: Nearest = { mm: Infinity, at: end };
  for (const point of walk(curve)) {
    if (endsInEntry && distance(point, end) < AT_RIM_MM) continue;
    const mm = solid.signedDistanceMm(point);
    if (mm < nearest.mm) nearest = { mm, at: point };
  }
  lastNearest.set(curve, { ...nearest, solid, endsInEntry });
  return nearest;
}

function stemContacts({ cake, solid, heads, stems }: ContactInput): Warning[] {
  const warnings: Warning[] = [];
  const byId = new Map(heads.map((p) => [p.piece.id, p]));
  for (const stem of stems) {
    const end = stem.curve[stem.curve.length - 1];
    if (!end) continue;
    const { mm: worst, at } = nearestIcing(stem.curve, end, stem.endsInEntry, solid);
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
        mends: [{ do: 'lift', mm: Math.ceil(STEM_CLEARANCE_MM - worst) + 1 }],
      });
    }
  }
  return warnings;
}
