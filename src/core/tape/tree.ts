import type { PlacedPiece } from '../compose/placement';
import type { Line, Stand } from '../compose/line';
import { hermite, polylineLengthMm } from '../geometry/curve';
import { clamp, radToDeg } from '../geometry/numbers';
import { addScaled, angleBetween, distance, normalize, scale, sub, type Vec3 } from '../geometry/vec3';

/** A joint: where a piece's stem (or a side branch) is taped to the stem it joins. Lengths in mm along that stem. */
export interface Joint {
  /** taping order over the whole spray, from 1 */
  order: number;
  arm: 'first' | 'second' | 'heel';
  pieceId: string;
  /** the piece whose stem it joins while it is a member of a side branch, else null: the main stem */
  onto: string | null;
  /** on the main stem: distance from the arm's tip, and to the pick; on a side branch: below the lead's head */
  fromTipMm: number;
  toPickMm: number;
  stalkMm: number;
  /** between the stalk, head to joint, and the way on toward the pick */
  angleDeg: number;
  side: 'left' | 'right';
  at: Vec3;
  curve: Vec3[];
  /** wires that pass just below it and the stem's thickness there; filled in when the wires are known */
  wires: number;
  thicknessMm: number;
  /** the straight piece that begins an arm */
  tip: boolean;
}

export interface Spray {
  id: string;
  /** part of the line it takes */
  fromS: number;
  toS: number;
  pickS: number;
  pickAt: Vec3;
  pickNormal: Vec3;
  massGrams: number;
  pieceIds: string[];
  joints: Joint[];
  /** length of each arm from its tip to the pick */
  armsMm: { first: number; second: number };
}

export const MOST_SPRAY_MM = 260;
export const MOST_SPRAY_PIECES = 30;
/** Joints nearer than this cannot be taped apart. */
export const JOINT_GAP_MM = 6;
const STEM_HEIGHT_MM = 3.5;
const SIDE_BRANCH_AWAY_MM = 20;
const SIDE_BRANCH_REACH_MM = 32;

interface Local {
  p: PlacedPiece;
  x: number;
  y: number;
}

/** Divides a line's pieces into sprays that a hand can hold: at most 260 mm and about 30 pieces, cut where little mass lies. */
function divide(heads: readonly PlacedPiece[], line: Line): PlacedPiece[][] {
  const count = Math.max(1, Math.ceil(line.lengthMm / MOST_SPRAY_MM), Math.ceil(heads.length / MOST_SPRAY_PIECES));
  const sorted = [...heads].sort((a, b) => a.piece.s - b.piece.s || a.piece.id.localeCompare(b.piece.id));
  if (count === 1) return [sorted];
  const mass = sorted.map((p) => Math.sqrt(p.body.massGrams));
  const total = mass.reduce((a, b) => a + b, 0);
  const groups: PlacedPiece[][] = Array.from({ length: count }, () => []);
  let sum = 0;
  sorted.forEach((p, i) => {
    const byMass = (sum + mass[i]! / 2) / total;
    groups[Math.min(count - 1, Math.floor(((byMass + p.piece.s) / 2) * count))]!.push(p);
    sum += mass[i]!;
  });
  return groups.filter((g) => g.length > 0);
}

/** The pick stands where the weight is, kept within the middle 60 % of the spray. */
function pickAtS(group: readonly PlacedPiece[]): number {
  let weight = 0;
  let sum = 0;
  for (const p of group) {
    const m = Math.pow(p.body.massGrams + 0.05, 1.5);
    weight += m;
    sum += m * p.piece.s;
  }
  const from = Math.min(...group.map((p) => p.piece.s));
  const to = Math.max(...group.map((p) => p.piece.s));
  return clamp(sum / weight, from + 0.2 * (to - from), to - 0.2 * (to - from));
}

/** Height of the main stem's side offset: half of where the heads near it lie. */
function stemSide(group: readonly PlacedPiece[], line: Line, s: number): number {
  let weight = 1e-9;
  let sum = 0;
  for (const p of group) {
    const w = Math.exp(-((((p.piece.s - s) * line.lengthMm) / 30) ** 2));
    weight += w;
    sum += w * p.sideMm;
  }
  return (0.5 * sum) / weight;
}

const onStem = (group: readonly PlacedPiece[], line: Line, s: number): Vec3 => {
  const frame = line.at(clamp(s), stemSide(group, line, s));
  return addScaled(frame.pointMm, frame.normal, STEM_HEIGHT_MM);
};

/** A stalk: leaves the head along its axis, comes to the joint along the stem it joins. */
function stalkCurve(p: PlacedPiece, joint: Vec3, onward: Vec3): Vec3[] {
  const base = addScaled(p.base, p.axis, -1.5);
  const reach = Math.max(6, distance(base, joint));
  return hermite(base, scale(p.axis, -reach * 0.9), joint, scale(onward, reach * 0.7), 10);
}

interface Planned {
  local: Local;
  onto: string | null;
  toPick: number;
}

/** Where each piece of one arm joins: 45° out from the stem, at least a short stalk, 6 mm apart; what finds no room goes to the heel. */
function planArm(locals: readonly Local[], heel: Local[], stemY: (x: number) => number, pickX: number): Planned[] {
  const { leads, members } = sideBranches(locals, stemY);
  const wish = leads.map((local) => {
    const away = Math.hypot(local.y - stemY(local.x), 4);
    const least = local.p.body.massGrams < 1 ? 7 : 9;
    const along = Math.max(away, Math.sqrt(Math.max(0, least ** 2 - away ** 2)));
    return { local, toPick: Math.abs(local.x - pickX) - along };
  });
  wish.sort((a, b) => b.toPick - a.toPick || a.local.p.piece.id.localeCompare(b.local.p.piece.id));
  const planned: Planned[] = [];
  let last = Infinity;
  for (const w of wish) {
    const at = Math.min(w.toPick, last - JOINT_GAP_MM);
    if (at < JOINT_GAP_MM) {
      heel.push(w.local);
      for (const m of members.get(w.local.p.piece.id) ?? []) heel.push(m);
      continue;
    }
    for (const m of members.get(w.local.p.piece.id) ?? []) planned.push({ local: m, onto: w.local.p.piece.id, toPick: at });
    planned.push({ local: w.local, onto: null, toPick: at });
    last = at;
  }
  return planned;
}

/** Light pieces far off the stem on one side and near each other go on one branch; the outermost leads. */
function sideBranches(locals: readonly Local[], stemY: (x: number) => number): { leads: Local[]; members: Map<string, Local[]> } {
  const members = new Map<string, Local[]>();
  const leads: Local[] = [];
  const rest = [...locals].sort(
    (a, b) => Math.abs(b.y - stemY(b.x)) - Math.abs(a.y - stemY(a.x)) || a.p.piece.id.localeCompare(b.p.piece.id),
  );
  while (rest.length) {
    const lead = rest.shift()!;
    leads.push(lead);
    const off = lead.y - stemY(lead.x);
    if (Math.abs(off) < SIDE_BRANCH_AWAY_MM || lead.p.body.massGrams > 5) continue;
    const own: Local[] = [];
    let mass = lead.p.body.massGrams;
    for (const q of [...rest]) {
      const other = q.y - stemY(q.x);
      const near = Math.hypot(q.x - lead.x, q.y - lead.y) < SIDE_BRANCH_REACH_MM;
      if (own.length >= 4 || !near || other * off <= 0 || Math.abs(other) < SIDE_BRANCH_AWAY_MM * 0.6) continue;
      if (q.p.body.massGrams > 5 || mass + q.p.body.massGrams > 9) continue;
      own.push(q);
      mass += q.p.body.massGrams;
      rest.splice(rest.indexOf(q), 1);
    }
    if (own.length) members.set(lead.p.piece.id, own);
  }
  return { leads, members };
}

/** Heavy heads at the pick go in last, at the heel. */
const belongsAtHeel = (local: Local, pickX: number): boolean =>
  local.p.body.role === 'focal' && Math.abs(local.x - pickX) < Math.max(20, 0.8 * local.p.body.radialMm);

function buildSpray(group: readonly PlacedPiece[], line: Line, id: string): Spray {
  const pickS = pickAtS(group);
  const pickX = pickS * line.lengthMm;
  const stemY = (x: number) => stemSide(group, line, x / line.lengthMm);
  const locals: Local[] = group.map((p) => ({ p, x: p.piece.s * line.lengthMm, y: p.sideMm }));
  const heel: Local[] = locals.filter((l) => belongsAtHeel(l, pickX));
  const onArms = locals.filter((l) => !heel.includes(l));
  const arms = {
    first: planArm(
      onArms.filter((l) => l.x < pickX),
      heel,
      stemY,
      pickX,
    ),
    second: planArm(
      onArms.filter((l) => l.x >= pickX),
      heel,
      stemY,
      pickX,
    ),
  };
  const heavier = weigh(arms.first) >= weigh(arms.second) ? (['first', 'second'] as const) : (['second', 'first'] as const);
  const joints: Joint[] = [];
  const armsMm = { first: 0, second: 0 };
  for (const arm of heavier) {
    const sign = arm === 'first' ? -1 : 1;
    armsMm[arm] = Math.max(0, ...arms[arm].map((a) => a.toPick)) + (arms[arm].length ? 12 : 0);
    arms[arm].forEach((plan, i) =>
      joints.push(
        armJoint(plan, arm, sign, armsMm[arm], joints.length + 1, i === firstLead(arms[arm]), group, line, pickX, arms[arm]),
      ),
    );
  }
  heel.sort((a, b) => a.p.body.massGrams - b.p.body.massGrams || a.p.piece.id.localeCompare(b.p.piece.id));
  heel.forEach((local, i) => joints.push(heelJoint(local, i, heel.length, joints.length + 1, group, line, pickS)));
  return {
    id,
    fromS: Math.min(...group.map((p) => p.piece.s)),
    toS: Math.max(...group.map((p) => p.piece.s)),
    pickS,
    pickAt: onStem(group, line, pickS),
    pickNormal: line.at(pickS, stemSide(group, line, pickS)).normal,
    massGrams: group.reduce((a, p) => a + p.body.massGrams, 0),
    pieceIds: group.map((p) => p.piece.id),
    joints,
    armsMm,
  };
}

const weigh = (plans: readonly Planned[]): number => plans.reduce((a, b) => a + b.local.p.body.massGrams, 0);
const firstLead = (plans: readonly Planned[]): number => plans.findIndex((p) => p.onto === null);

function armJoint(
  plan: Planned,
  arm: 'first' | 'second',
  sign: number,
  armMm: number,
  order: number,
  tip: boolean,
  group: readonly PlacedPiece[],
  line: Line,
  pickX: number,
  plans: readonly Planned[],
): Joint {
  const { p } = plan.local;
  const s = (pickX + sign * plan.toPick) / line.lengthMm;
  let at = onStem(group, line, s);
  const onward = normalize(
    sub(onStem(group, line, (pickX + sign * Math.max(0, plan.toPick - 6)) / line.lengthMm), at),
    scale(p.frame.along, -sign),
  );
  let fromTipMm = armMm - plan.toPick;
  if (plan.onto) {
    const lead = plans.find((q) => q.onto === null && q.local.p.piece.id === plan.onto)!.local.p;
    const siblings = plans.filter((q) => q.onto === plan.onto);
    fromTipMm = 20 + JOINT_GAP_MM * siblings.indexOf(plan);
    const base = addScaled(lead.base, lead.axis, -1.5);
    const span = Math.max(10, distance(base, at));
    at = addScaled(base, normalize(sub(at, base)), Math.min(fromTipMm, span * 0.85));
  }
  const curve = stalkCurve(p, at, onward);
  return {
    order,
    arm,
    pieceId: p.piece.id,
    onto: plan.onto,
    fromTipMm,
    toPickMm: plan.toPick,
    stalkMm: polylineLengthMm(curve),
    angleDeg: radToDeg(angleBetween(sub(at, curve[0]!), onward)),
    side: plan.local.y >= stemSide(group, line, p.piece.s) ? 'left' : 'right',
    at,
    curve,
    wires: 0,
    thicknessMm: 0,
    tip,
  };
}

function heelJoint(
  local: Local,
  i: number,
  count: number,
  order: number,
  group: readonly PlacedPiece[],
  line: Line,
  pickS: number,
): Joint {
  const frame = line.at(pickS, stemSide(group, line, pickS));
  const below = Math.min(STEM_HEIGHT_MM - 0.5, ((i + 1) / (count + 1)) * (STEM_HEIGHT_MM - 0.5));
  const at = addScaled(frame.pointMm, frame.normal, STEM_HEIGHT_MM - below);
  const curve = stalkCurve(local.p, at, scale(frame.normal, -1));
  return {
    order,
    arm: 'heel',
    pieceId: local.p.piece.id,
    onto: null,
    fromTipMm: 0,
    toPickMm: 0,
    stalkMm: polylineLengthMm(curve),
    angleDeg: radToDeg(angleBetween(sub(at, curve[0]!), scale(frame.normal, -1))),
    side: local.y >= 0 ? 'left' : 'right',
    at,
    curve,
    wires: 0,
    thicknessMm: 0,
    tip: false,
  };
}

/** Binding points of a standing cluster go down the stem by this much each, as far as the stem goes. */
const STAND_STEP_MM = 4;

/**
 * Everything on one stem: the pieces nearest the middle are taped first, the rest ring by ring outward and lower, each at its
 * own binding point down the stem (trade.md on hand-tied posies; common practice, no source).
 */
function standSpray(heads: readonly PlacedPiece[], stand: Stand, id: string): Spray {
  const off = (p: PlacedPiece) => Math.hypot(p.centre[0] - stand.topMm[0], p.centre[1] - stand.topMm[1]);
  const order = [...heads].sort((a, b) => off(a) - off(b) || a.piece.id.localeCompare(b.piece.id));
  const highMm = stand.topMm[2] - stand.footMm[2];
  const stepMm = Math.min(STAND_STEP_MM, Math.max(0.2, (highMm - 4) / order.length));
  const down: Vec3 = [0, 0, -1];
  const joints = order.map((p, i): Joint => {
    const at = addScaled(stand.topMm, down, Math.min(highMm - 0.2, i * stepMm));
    const curve = stalkCurve(p, at, down);
    return {
      order: i + 1,
      arm: 'heel',
      pieceId: p.piece.id,
      onto: null,
      fromTipMm: 0,
      toPickMm: Math.max(0, at[2] - stand.footMm[2]),
      stalkMm: polylineLengthMm(curve),
      angleDeg: radToDeg(angleBetween(sub(at, curve[0]!), down)),
      side: p.centre[0] < stand.topMm[0] ? 'left' : 'right',
      at,
      curve,
      wires: 0,
      thicknessMm: 0,
      tip: false,
    };
  });
  return {
    id,
    fromS: 0,
    toS: 1,
    pickS: 0.5,
    pickAt: stand.footMm,
    pickNormal: [0, 0, 1],
    massGrams: heads.reduce((a, p) => a + p.body.massGrams, 0),
    pieceIds: order.map((p) => p.piece.id),
    joints,
    armsMm: { first: 0, second: 0 },
  };
}

/** The branch trees of an arrangement: every piece exactly once, side branches before their lead, arms from the tip, heel last. */
export function branchTrees(heads: readonly PlacedPiece[], line: Line, arrangementId: string): Spray[] {
  if (heads.length === 0) return [];
  if (line.stand) return [standSpray(heads, line.stand, `${arrangementId}-spray-1`)];
  return divide(heads, line).map((group, i) => buildSpray(group, line, `${arrangementId}-spray-${i + 1}`));
}
