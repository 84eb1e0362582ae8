import { applyPoint, type Affine } from '../geometry/affine';
import { must } from '../geometry/must';
import type { Vec3 } from '../geometry/vec3';

/**
 * A second look at a finished plan, written from the rules and from plain geometry alone: it knows the measures of the cake, where the
 * plan says that everything is, and the triangles that are drawn. It shares nothing with what worked the plan out.
 */

/** What the checker takes of a job: measures of round tiers from the foot up, what is eaten, what lies on the pieces. */
export interface CheckedJob {
  tiers: readonly { radiusMm: number; heightMm: number; edgeMm: number; eaten: boolean; foam: boolean }[];
  dustEdible: boolean;
}

export interface CheckedPlan {
  verdict: string;
  entries: readonly {
    id: string;
    pointMm: Vec3;
    direction: Vec3;
    insideMm: number;
    barrier: string | null;
    boreMm: number | null;
    outsideMm: number;
    bundleMm: number;
    tierIndex: number;
    countsOut: boolean;
  }[];
  stems: readonly { pieceId: string; curve: readonly Vec3[] }[];
  comesOut: number;
}

/** A piece as it is drawn: corners of its triangles and where they are put. */
export interface DrawnPiece {
  id: string;
  corners: Float32Array;
  put: Affine;
  /** where its stem begins, and the way it faces: what is drawn farther back is stem */
  footMm: Vec3;
  faces: Vec3 | null;
  /** laid on something made for food, or itself made of food alone */
  mayTouch: boolean;
}

interface Fault {
  rule: 'contact' | 'stem' | 'barrier' | 'bore' | 'foam' | 'through' | 'count';
  what: string;
}

/** So much is rounding of the drawing. mm */
const TOUCH_MM = 2;
const AT_ENTRY_MM = 6;
const STEM_BEGINS_MM = 1;
/** A stem slides into a bore with this to spare. mm; common practice, no source */
const SLIDES_MM = 0.5;

interface Inside {
  tier: number;
  deepMm: number;
}

/** In which tier a point is and how deep under its nearest face, top and side alone; null outside. */
export function insideOf(tiers: CheckedJob['tiers'], [x, y, z]: Vec3): Inside | null {
  let foot = 0;
  for (const [tier, t] of tiers.entries()) {
    const top = foot + t.heightMm;
    const r = Math.hypot(x, y);
    if (z > foot && z < top && r < t.radiusMm) {
      const [fromSide, fromTop] = [t.radiusMm - r, top - z];
      // a softened edge: what is nearer than its radius to both faces lies in its quarter round
      const inEdge = fromSide < t.edgeMm && fromTop < t.edgeMm;
      const round = t.edgeMm - Math.hypot(t.edgeMm - fromSide, t.edgeMm - fromTop);
      const above = tiers[tier + 1];
      const covered = above !== undefined && r < above.radiusMm;
      const open = covered ? Math.hypot(above.radiusMm - r, fromTop) : fromTop;
      const deepMm = inEdge ? round : Math.min(fromSide, open);
      return deepMm > 0 ? { tier, deepMm } : null;
    }
    foot = top;
  }
  return null;
}

const along = (from: Vec3, to: Vec3, t: number): Vec3 => [
  from[0] + (to[0] - from[0]) * t,
  from[1] + (to[1] - from[1]) * t,
  from[2] + (to[2] - from[2]) * t,
];
const farMm = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** What a plan that says go must not hold; nothing of a plan that says otherwise. */
export function faultsOf(job: CheckedJob, plan: CheckedPlan, pieces: readonly DrawnPiece[]): Fault[] {
  if (plan.verdict !== 'go') return [];
  return [...contacts(job, pieces), ...stemsInIcing(job, plan), ...entriesOf(job, plan), ...counts(plan)];
}

function contacts({ tiers, dustEdible }: CheckedJob, pieces: readonly DrawnPiece[]): Fault[] {
  if (dustEdible) return [];
  return pieces.flatMap(({ id, corners, put, footMm, faces, mayTouch }): Fault[] => {
    if (mayTouch) return [];
    let worst = 0;
    for (let i = 0; i + 2 < corners.length; i += 3) {
      const at = applyPoint(put, [must(corners[i]), must(corners[i + 1]), must(corners[i + 2])]);
      if (faces && [0, 1, 2].reduce((sum, k) => sum + (must(at[k]) - must(footMm[k])) * must(faces[k]), 0) < -STEM_BEGINS_MM)
        continue;
      const inside = insideOf(tiers, at);
      if (inside && must(tiers[inside.tier]).eaten) worst = Math.max(worst, inside.deepMm);
    }
    return worst > TOUCH_MM ? [{ rule: 'contact', what: `${id} ${worst.toFixed(1)} mm` }] : [];
  });
}

function stemsInIcing({ tiers }: CheckedJob, { stems, entries }: CheckedPlan): Fault[] {
  return stems.flatMap(({ pieceId, curve }): Fault[] => {
    for (let i = 1; i < curve.length; i++)
      for (let t = 0; t < 1; t += 0.1) {
        const at = along(must(curve[i - 1]), must(curve[i]), t);
        const inside = insideOf(tiers, at);
        if (!inside || !must(tiers[inside.tier]).eaten || inside.deepMm < 0.5) continue;
        if (entries.some((e) => farMm(e.pointMm, at) < AT_ENTRY_MM)) continue;
        return [{ rule: 'stem', what: `${pieceId} ${inside.deepMm.toFixed(1)} mm` }];
      }
    return [];
  });
}

function entriesOf({ tiers }: CheckedJob, { entries }: CheckedPlan): Fault[] {
  return entries.flatMap((e): Fault[] => {
    const faults: Fault[] = [];
    const own = must(tiers[e.tierIndex]);
    if (e.barrier === null && (own.eaten || !own.foam)) faults.push({ rule: 'barrier', what: e.id });
    if (e.boreMm !== null && e.bundleMm + SLIDES_MM > e.boreMm + 1e-9) faults.push({ rule: 'bore', what: e.id });
    for (let mm = 1; mm <= e.insideMm; mm += 0.5) {
      const at: Vec3 = [0, 1, 2].map((k) => must(e.pointMm[k]) + must(e.direction[k]) * mm) as unknown as Vec3;
      const inside = insideOf(tiers, at);
      if (inside === null || inside.tier !== e.tierIndex)
        return [...faults, { rule: e.barrier === null ? 'foam' : 'through', what: `${e.id} at ${mm} mm` }];
    }
    return faults;
  });
}

const counts = ({ entries, comesOut }: CheckedPlan): Fault[] =>
  new Set(entries.map((e) => e.id)).size === entries.length && comesOut === entries.filter((e) => e.countsOut).length && comesOut === entries.length // prettier-ignore
    ? []
    : [{ rule: 'count', what: `${entries.length} in, ${comesOut} out` }];
