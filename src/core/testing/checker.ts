import { applyPoint, type Affine } from '../geometry/affine';
import { must } from '../geometry/must';
import type { Vec3 } from '../geometry/vec3';

/**
 * A second look at a finished plan, written from the rules and from plain geometry alone: it knows the measures of the cake, where the
 * plan says that everything is, and the triangles that are drawn. It shares nothing with what worked the plan out.
 */

/** A tier as it stands: a round one across, a hexagon from flat to flat, two of its flats square to y; others across and front to back. */
interface CheckedTier {
  shape: 'round' | 'square' | 'rectangle' | 'hexagon';
  acrossMm: number;
  backMm: number;
  /** upright corners are round by so much, and by no less than the softened edge */
  cornerMm: number;
  xMm: number;
  yMm: number;
  turnRad: number;
  heightMm: number;
  edgeMm: number;
  eaten: boolean;
  foam: boolean;
}

/** What the checker takes of a job: measures of tiers from the foot up, what is eaten, what lies on the pieces. */
export interface CheckedJob {
  tiers: readonly CheckedTier[];
  dustEdible: boolean;
  /** upright dowels and rods */
  dowels: readonly { xMm: number; yMm: number; radiusMm: number; fromMm: number; toMm: number }[];
  /** how long each barrier is sold that is cut or pushed in whole; what is dipped is not in it */
  soldMm: Readonly<Record<string, number>>;
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
    cutMm: number;
    kind: string | null;
    pieceIds: readonly string[];
  }[];
  stems: readonly { pieceId: string; curve: readonly Vec3[]; trimmedMm?: number | null }[];
  /** main stems of sprays from joint to joint, as thick as they are taped */
  mains: readonly { course: readonly Vec3[]; thicknessMm: number }[];
  /** as they are cut; a part's runs on below its head by its stretch along the stem */
  wires: readonly {
    pieceId: string;
    use: string;
    diameterMm: number;
    count: number;
    terms: readonly { term: string; mm: number }[];
  }[];
  comesOut: number;
  /** rows of the sheet for who cuts, in each language */
  rows: readonly number[];
  /** the toppers are called food */
  toppersEaten: boolean;
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
  /** nobody may eat it: wire or thread is in it */
  noFood: boolean;
  /** its id in the entries that hold it; null where it is glued to a plaque */
  stands: string | null;
}

interface Fault {
  rule:
    | 'contact'
    | 'stem'
    | 'main'
    | 'barrier'
    | 'bore'
    | 'packed'
    | 'foam'
    | 'through'
    | 'count'
    | 'wall'
    | 'dowel'
    | 'sold'
    | 'tied'
    | 'room'
    | 'pierced'
    | 'food'
    | 'seated';
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

type Flat = readonly [number, number];

/** What is left of an outline with corners when the roundness of its corners is taken off all round: counter-clockwise. */
function coreOf({ shape, acrossMm, backMm }: CheckedTier, roundMm: number): Flat[] {
  const half = acrossMm / 2 - roundMm;
  if (shape === 'hexagon')
    return [0, 60, 120, 180, 240, 300].map((deg) => {
      const out = half / Math.cos(Math.PI / 6);
      return [out * Math.cos((deg * Math.PI) / 180), out * Math.sin((deg * Math.PI) / 180)];
    });
  const back = (shape === 'rectangle' ? backMm : acrossMm) / 2 - roundMm;
  return [[half, back], [-half, back], [-half, -back], [half, -back]]; // prettier-ignore
}

/** How far inside the upright face of a tier a point lies in the plan; negative outside. */
function fromSideOf(t: CheckedTier, x: number, y: number): number {
  const [dx, dy] = [x - t.xMm, y - t.yMm];
  if (t.shape === 'round') return t.acrossMm / 2 - Math.hypot(dx, dy);
  const [cos, sin] = [Math.cos(t.turnRad), Math.sin(t.turnRad)];
  const [px, py] = [dx * cos + dy * sin, dy * cos - dx * sin];
  const narrow = Math.min(t.acrossMm, t.shape === 'rectangle' ? t.backMm : t.acrossMm) / 2;
  const round = Math.min(narrow, Math.max(t.cornerMm, t.edgeMm));
  const core = coreOf(t, round);
  let [nearest, within] = [Infinity, true];
  core.forEach(([ax, ay], i) => {
    const [bx, by] = must(core[(i + 1) % core.length]);
    const [ex, ey] = [bx - ax, by - ay];
    const long = Math.hypot(ex, ey);
    const share = long > 0 ? Math.min(1, Math.max(0, ((px - ax) * ex + (py - ay) * ey) / long ** 2)) : 0;
    nearest = Math.min(nearest, Math.hypot(px - ax - share * ex, py - ay - share * ey));
    within &&= ex * (py - ay) - ey * (px - ax) >= 0;
  });
  return round + (within ? nearest : -nearest);
}

/** In which tier a point is and how deep under its nearest face, top and side alone; null outside. */
export function insideOf(tiers: CheckedJob['tiers'], [x, y, z]: Vec3): Inside | null {
  let foot = 0;
  for (const [tier, t] of tiers.entries()) {
    const top = foot + t.heightMm;
    const [fromSide, fromTop] = [fromSideOf(t, x, y), top - z];
    if (z > foot && z < top && fromSide > 0) {
      // a softened edge: what is nearer than its radius to both faces lies in its quarter round
      const inEdge = fromSide < t.edgeMm && fromTop < t.edgeMm;
      const round = t.edgeMm - Math.hypot(t.edgeMm - fromSide, t.edgeMm - fromTop);
      const above = tiers[tier + 1];
      const under = above ? Math.max(0, fromSideOf(above, x, y)) : 0;
      const open = under > 0 ? Math.hypot(under, fromTop) : fromTop;
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
  return [
    ...contacts(job, pieces),
    ...stemsInIcing(job, plan),
    ...mainsInIcing(job, plan),
    ...entriesOf(job, plan),
    ...packed(plan, pieces),
    ...counts(plan),
    ...walls(plan),
    ...dowels(job, plan),
    ...sticks(job, plan),
    ...inOnePlace(plan, pieces),
    ...food(job, plan, pieces),
    ...seated(plan, pieces),
  ];
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

/** A main stem's own half thickness below it, and beside it toward the middle of the cake, may not be in icing either. */
function mainsInIcing({ tiers }: CheckedJob, { mains, entries }: CheckedPlan): Fault[] {
  return mains.flatMap(({ course, thicknessMm }): Fault[] => {
    const half = thicknessMm / 2;
    for (const at of course) {
      if (entries.some((e) => farMm(e.pointMm, at) < AT_ENTRY_MM)) continue;
      const out = Math.max(1e-6, Math.hypot(at[0], at[1]));
      const inward: Vec3 = [at[0] * (1 - half / out), at[1] * (1 - half / out), at[2]];
      for (const side of [at, inward, [at[0], at[1], at[2] - half] as Vec3]) {
        const inside = insideOf(tiers, side);
        if (inside && must(tiers[inside.tier]).eaten && inside.deepMm >= 0.5)
          return [{ rule: 'main', what: `${inside.deepMm.toFixed(1)} mm` }];
      }
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

/** No circles lie denser than this in any circle (Thue 1910; Fejes Tóth 1940): π / √12. */
const DENSEST = Math.PI / Math.sqrt(12);
/** Paper round a wire: thin beside the wire, so that this is no more than there is. mm */
const PAPER_MM = 0.08;
const ENDS_AT_ENTRY_MM = 4;

/** Wires of heads that stand by themselves and are long enough to be in the bore take more room than it has, however they lie. */
function packed({ entries, stems, wires }: CheckedPlan, pieces: readonly DrawnPiece[]): Fault[] {
  const longMm = new Map(stems.map(({ pieceId, curve }) => [pieceId, curve.slice(1).reduce((a, at, i) => a + farMm(must(curve[i]), at), 0)])); // prettier-ignore
  const trimmed = new Map(stems.map(({ pieceId, trimmedMm }) => [pieceId, trimmedMm ?? Infinity]));
  const endsAt = new Map(stems.map(({ pieceId, curve }) => [pieceId, curve[curve.length - 1]]));
  const isHead = new Map(pieces.map((p) => [p.stands, p.faces !== null]));
  return entries.flatMap((e): Fault[] => {
    const own = e.pieceIds.filter((id) => farMm(must(endsAt.get(id) ?? [1e9, 0, 0]), e.pointMm) < ENDS_AT_ENTRY_MM);
    const inside = wires.filter(({ pieceId, use, terms }) => {
      if (!own.includes(pieceId)) return false;
      const runsMm = terms.reduce((a, t) => a + (t.term === 'along-stem' ? t.mm : 0), 0);
      const reachesMm = Math.min(runsMm, must(trimmed.get(pieceId)));
      return use === 'stem' || (isHead.get(pieceId) === true && reachesMm > must(longMm.get(pieceId)) + 0.5);
    });
    const squares = inside.reduce((a, w) => a + w.count * (w.diameterMm + PAPER_MM) ** 2, 0);
    return e.boreMm !== null && Math.sqrt(squares / DENSEST) > e.boreMm ? [{ rule: 'packed', what: e.id }] : [];
  });
}

const counts = ({ entries, comesOut, rows }: CheckedPlan): Fault[] =>
  rows.every((n) => n === entries.length) && new Set(entries.map((e) => e.id)).size === entries.length && comesOut === entries.filter((e) => e.countsOut).length && comesOut === entries.length // prettier-ignore
    ? []
    : [{ rule: 'count', what: `${entries.length} in, ${comesOut} out` }];

/** Points down a barrier, half a millimetre apart. */
const down = (e: CheckedPlan['entries'][number]): Vec3[] =>
  Array.from({ length: Math.ceil(e.insideMm * 2) + 1 }, (_, i) => {
    const mm = Math.min(e.insideMm, i / 2);
    return [e.pointMm[0] + e.direction[0] * mm, e.pointMm[1] + e.direction[1] * mm, e.pointMm[2] + e.direction[2] * mm];
  });

/** Between two barriers there is cake: half of what one wants is a stop, and that is never under 1.5 mm. Sampling loses a little. */
const LEAST_WALL_MM = 1.5;
const SAMPLED_MM = 0.35;

function walls({ entries }: CheckedPlan): Fault[] {
  const lined = entries.filter((e) => e.barrier !== null).map((e) => ({ e, points: down(e) }));
  return lined.flatMap(({ e, points }, i) =>
    lined.slice(i + 1).flatMap((other): Fault[] => {
      if (farMm(e.pointMm, other.e.pointMm) > e.insideMm + other.e.insideMm + 20) return [];
      let least = Infinity;
      for (const a of points) for (const b of other.points) least = Math.min(least, farMm(a, b));
      const wallMm = least - (e.outsideMm + other.e.outsideMm) / 2;
      return wallMm < LEAST_WALL_MM - SAMPLED_MM
        ? [{ rule: 'wall', what: `${e.id} and ${other.e.id} ${wallMm.toFixed(1)} mm` }]
        : [];
    }),
  );
}

/** A barrier keeps this much cake to a dowel. mm; common practice, no source */
const TO_DOWEL_MM = 4;

const dowels = (job: CheckedJob, { entries }: CheckedPlan): Fault[] =>
  entries
    .filter((e) => e.barrier !== null)
    .flatMap((e) =>
      job.dowels.flatMap((d): Fault[] => {
        const level = down(e).filter((p) => p[2] >= d.fromMm && p[2] <= d.toMm);
        const least = Math.min(...level.map((p) => Math.hypot(p[0] - d.xMm, p[1] - d.yMm))) - d.radiusMm - e.outsideMm / 2;
        return least < TO_DOWEL_MM - 0.1 ? [{ rule: 'dowel', what: `${e.id} ${least.toFixed(1)} mm` }] : [];
      }),
    );

/** What is cut is not longer than it is sold; a stake stands out so far that a stem can be taped to it. */
const sticks = ({ soldMm }: CheckedJob, { entries }: CheckedPlan): Fault[] =>
  entries.flatMap((e): Fault[] => {
    const sold = soldMm[e.barrier ?? ''] ?? Infinity;
    return [
      ...(e.cutMm > sold + 1e-6 ? [{ rule: 'sold', what: `${e.id} ${e.cutMm.toFixed(0)} of ${sold} mm` } as const] : []),
      ...(e.kind === 'stake' && e.cutMm - e.insideMm < 15 ? [{ rule: 'tied', what: e.id } as const] : []),
    ];
  });

interface Lump {
  id: string;
  at: Vec3;
  /** half of what is drawn lies nearer to the middle than this */
  halfMm: number;
  sprig: boolean;
}

function lumpOf({ id, corners, put, faces }: DrawnPiece): Lump {
  const points: Vec3[] = [];
  for (let i = 0; i + 2 < corners.length; i += 9)
    points.push(applyPoint(put, [must(corners[i]), must(corners[i + 1]), must(corners[i + 2])]));
  const mean = (k: 0 | 1 | 2) => points.reduce((a, p) => a + p[k], 0) / Math.max(1, points.length);
  const at: Vec3 = [mean(0), mean(1), mean(2)];
  const far = points.map((p) => farMm(p, at)).sort((a, b) => a - b);
  return { id, at, halfMm: far[far.length >> 1] ?? 0, sprig: faces === null };
}

/** Two heads whose middles lie nearer than a third of the smaller one are in one place; a stem through the middle of a head has no way. */
const ONE_PLACE_SHARE = 0.33;
/** A head as large as this is not bent past by a wire that goes through its middle. mm */
const LARGE_MM = 11;
const MIDDLE_SHARE = 0.12;

function inOnePlace({ stems }: CheckedPlan, pieces: readonly DrawnPiece[]): Fault[] {
  const heads = pieces.map(lumpOf).filter((l) => !l.sprig);
  const pressed = heads.flatMap((a, i) =>
    heads.slice(i + 1).flatMap((b): Fault[] => {
      const small = Math.min(a.halfMm, b.halfMm);
      // small ones give way where petals touch
      return small > 10 && farMm(a.at, b.at) < small * ONE_PLACE_SHARE ? [{ rule: 'room', what: `${a.id} and ${b.id}` }] : [];
    }),
  );
  const pierced = stems.flatMap(({ pieceId, curve }) =>
    heads.flatMap((h): Fault[] => {
      if (h.id.endsWith(` ${pieceId}`) || h.halfMm < LARGE_MM) return [];
      const through = curve.some((to, i) => {
        const from = curve[Math.max(0, i - 1)] ?? to;
        const steps = Math.max(1, Math.ceil(farMm(from, to)));
        return Array.from({ length: steps }, (_, k) => along(from, to, (k + 1) / steps)).some(
          (at) => farMm(at, h.at) < h.halfMm * MIDDLE_SHARE,
        );
      });
      return through ? [{ rule: 'pierced', what: `${pieceId} through ${h.id}` }] : [];
    }),
  );
  return [...pressed, ...pierced];
}

/** Every piece that is not glued to a plaque goes in somewhere. */
function seated({ entries }: CheckedPlan, pieces: readonly DrawnPiece[]): Fault[] {
  const held = new Set(entries.flatMap((e) => e.pieceIds));
  return pieces.flatMap(({ id, stands }): Fault[] =>
    stands !== null && !held.has(stands) ? [{ rule: 'seated', what: id }] : [],
  );
}

/** What is called food holds neither wire nor thread nor a dust that is not. */
const food = ({ dustEdible }: CheckedJob, { toppersEaten }: CheckedPlan, pieces: readonly DrawnPiece[]): Fault[] =>
  toppersEaten && (!dustEdible || pieces.some((p) => p.noFood)) ? [{ rule: 'food', what: 'toppers' }] : [];
