import { tierRef, type Cake } from '../cake/cake';
import { eatenAt } from '../cake/eatenAt';
import { azimuthOf } from '../cake/skin';
import type { CakeSolid } from '../cake/solid';
import type { Line } from '../compose/line';
import { pieceRef } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { distance, mix, type Vec3 } from '../geometry/vec3';
import type { Mend } from '../facts/fact';
import type { PlaceWarning } from './facts';
import { intoEaten, type Sunk } from '../compose/intoEaten';
import { HEAD_TOUCH_MM, liftedClear } from '../compose/lifted';
import type { Catalogue } from '../botany/catalogue';
import { must } from '../geometry/must';

/** A stem nearer to icing than this touches it, apart from the last stretch into its own barrier. */
const STEM_CLEARANCE_MM = 1;
export const AT_RIM_MM = 5;

export interface ContactInput {
  catalogue: Catalogue;
  cake: Cake;
  line: Line;
  solid: CakeSolid;
  heads: readonly PlacedPiece[];
  /** `radiusMm` where more than one wire runs there: half of its thickness with tape */
  stems: readonly { pieceId: string; curve: readonly Vec3[]; endsInEntry: boolean; radiusMm?: number }[];
  dust: 'edible' | 'not edible' | 'unknown';
  /** pieces on no wire: they lie on the cake */
  laid?: ReadonlySet<string>;
  /** pieces that lie on something made for food */
  underlaid: ReadonlySet<string>;
  /** real plants or parts of them are among the pieces */
  realPlants: boolean;
}

/** Which tier, and where round the cake; nothing of a tier where there is none. */
export const whereAt = ({ cake, solid }: Pick<ContactInput, 'cake' | 'solid'>, point: Vec3) => {
  const tier = solid.tiers.find((t) => point[2] <= t.topMm + 2) ?? solid.tiers[solid.tiers.length - 1];
  return { ...(tier ? { tier: tierRef(cake, tier.index) } : {}), azimuthRad: azimuthOf(point) };
};

/**
 * Contact along whole stems and heads, not only at entries. Dust that is unknown counts as not edible. Where a head is in the cake
 * its stem is too: that is not said beside it.
 */
export function contactWarnings(input: ContactInput): PlaceWarning[] {
  const heads = headContacts(input);
  const sunk = new Set(heads.flatMap((w) => (w.code === 'place.head-in-cake' ? [w.pieceId] : [])));
  return [...heads, ...stemContacts(input).filter((w) => !sunk.has(w.pieceId))];
}

/** Where a piece lies on what is eaten though nothing of it is in it. */
const lyingOn = (p: PlacedPiece, solid: CakeSolid): Sunk | null => (eatenAt(solid, p.base) ? { deepMm: 0, at: p.base } : null);

function headContacts(input: ContactInput): PlaceWarning[] {
  const { catalogue, cake, line, solid, heads, dust, underlaid, realPlants, laid } = input;
  return heads.flatMap((p): PlaceWarning[] => {
    const deep = intoEaten(p, solid, catalogue);
    const lies = laid?.has(p.piece.id) === true;
    const sunk = deep && deep.deepMm > HEAD_TOUCH_MM ? deep : lies ? lyingOn(p, solid) : null;
    if (!sunk) return [];
    const { deepMm } = sunk;
    const at = { station: 'place', ...whereAt({ cake, solid }, sunk.at), pieceId: p.piece.id } as const;
    const piece = pieceRef(p);
    // offered only where it helps
    const canLift = !lies && liftedClear(p.piece, { line, solid, catalogue }, 1) !== null;
    const lift: Mend[] = canLift ? [{ do: 'lift', mm: 1 }] : [];
    if (deepMm > SET_MM)
      return bendsClear(p, sunk, solid)
        ? [{ code: 'place.sprig-in-icing', values: { piece, deepMm }, ...at, level: 'stop', mends: lift }]
        : [{ code: 'place.head-in-cake', values: { piece, deepMm }, ...at, level: 'stop', mends: lift }];
    const material = notForFood(p, dust, realPlants);
    if (!material) return [];
    if (underlaid.has(p.piece.id)) return [{ code: 'place.underlaid', values: { piece }, ...at, level: 'note' }];
    const edible: Mend[] = ofDust(material) ? [{ do: 'edible dust' }] : [];
    const mends: Mend[] = [...lift, { do: 'underlay' }, ...edible];
    return [{ code: 'place.head-on-icing', values: { piece, material, canLift }, ...at, level: 'stop', mends }];
  });
}

/** A piece that reaches farther into the cake than this cannot be set there. */
const SET_MM = 6;
/** The hand bends a sprig on its wire so far at its foot. Common practice, no source. */
const BENDS_RAD = 0.6;

/** Whether a sprig that stands clear at its foot comes clear when it is bent away there. */
function bendsClear(p: PlacedPiece, { deepMm, at }: Sunk, solid: CakeSolid): boolean {
  const longMm = distance(p.base, at);
  return p.spine.length > 0 && solid.signedDistanceMm(p.base) > 0 && deepMm < longMm * Math.sin(BENDS_RAD);
}

type Material = Extract<PlaceWarning, { code: 'place.head-on-icing' }>['values']['material'];
const ofDust = (material: Material): boolean => material === 'dust-unknown' || material === 'dust-not-edible';

/** What of a head is not made to touch food; null where all of it may. Unknown counts as not edible. */
function notForFood(p: PlacedPiece, dust: ContactInput['dust'], realPlants: boolean): Material | null {
  if (realPlants) return 'real-plant';
  if (p.body.species.threaded) return 'stamens';
  if (!p.body.ofFood) return 'paste';
  if (dust === 'edible') return null;
  return dust === 'unknown' ? 'dust-unknown' : 'dust-not-edible';
}

/** A stem is looked at in steps of this, mm: between two of its points it may cut a corner. */
const WALK_MM = 1;

function* walk(curve: readonly Vec3[]): Generator<Vec3> {
  for (let i = 1; i < curve.length; i++) {
    const steps = Math.max(1, Math.ceil(distance(must(curve[i - 1]), must(curve[i])) / WALK_MM));
    for (let k = 0; k < steps; k++) yield mix(must(curve[i - 1]), must(curve[i]), k / steps);
  }
  if (curve.length) yield must(curve[curve.length - 1]);
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

function stemContacts({ cake, solid, heads, stems }: ContactInput): PlaceWarning[] {
  const byId = new Map(heads.map((p) => [p.piece.id, p]));
  return stems.flatMap((stem): PlaceWarning[] => {
    const end = stem.curve[stem.curve.length - 1];
    const p = byId.get(stem.pieceId);
    if (!end || !p) return [];
    const { mm: worst, at } = nearestIcing(stem.curve, end, stem.endsInEntry, solid);
    const clearMm = Math.max(STEM_CLEARANCE_MM, stem.radiusMm ?? 0);
    if (worst >= clearMm || !eatenAt(solid, at)) return [];
    return [
      {
        code: 'place.stem-on-icing',
        values: { piece: pieceRef(p) },
        level: 'stop',
        station: 'place',
        ...whereAt({ cake, solid }, at),
        pieceId: stem.pieceId,
        mends: [{ do: 'lift', mm: Math.ceil(clearMm - worst) + 1 }],
      },
    ];
  });
}
