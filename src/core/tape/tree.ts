import type { PlacedPiece } from '../compose/placement';
import { ONTO_HEEL, ONTO_STEM, type JointEdit } from '../compose/arrangement';
import type { Line } from '../compose/line';
import { polylineLengthMm } from '../geometry/curve';
import { unmemoised, type Memoise } from '../geometry/memo';
import { clamp, radToDeg } from '../geometry/numbers';
import { addScaled, angleBetween, distance, normalize, scale, sub, type Vec3 } from '../geometry/vec3';
import { divide } from './divide';
import { stalkCurve } from './stalk';
import { standSpray } from './standing';
import { inTurn, type Edits } from './turn';
import { must } from '../geometry/must';

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
  /** how the main stem goes on from here to its next joint or the pick; nothing of it for a joint on a branch or at the heel */
  course: Vec3[];
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
  const frame = line.at(line.closed ? s : clamp(s), stemSide(group, line, s));
  return addScaled(frame.pointMm, frame.normal, STEM_HEIGHT_MM);
};

interface Planned {
  local: Local;
  onto: string | null;
  toPick: number;
}

interface PlanArmOptions {
  locals: readonly Local[];
  heel: Local[];
  stemY: (x: number) => number;
  pickX: number;
  edits: Edits;
}

/** Where each piece of one arm joins: 45° out from the stem, at least a short stalk, 6 mm apart; what finds no room goes to the heel. */
function planArm({ locals, heel, stemY, pickX, edits }: PlanArmOptions): Planned[] {
  const { leads, members } = sideBranches(locals, stemY, edits);
  const wish = leads.map((local) => {
    const away = Math.hypot(local.y - stemY(local.x), 4);
    const least = local.p.body.massGrams < 1 ? 7 : 9;
    const along = Math.max(away, Math.sqrt(Math.max(0, least ** 2 - away ** 2)));
    const shift = edits.get(local.p.piece.id)?.shiftMm ?? 0;
    return { local, toPick: Math.abs(local.x - pickX) - along + shift };
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
    for (const m of inTurn(members.get(w.local.p.piece.id) ?? [], (l) => l.p.piece.id, edits))
      planned.push({ local: m, onto: w.local.p.piece.id, toPick: at });
    planned.push({ local: w.local, onto: null, toPick: at });
    last = at;
  }
  return planned;
}

/** Light pieces far off the stem on one side and near each other go on one branch; the outermost leads. */
function sideBranches(
  locals: readonly Local[],
  stemY: (x: number) => number,
  edits: Edits,
): { leads: Local[]; members: Map<string, Local[]> } {
  const members = new Map<string, Local[]>();
  const leads: Local[] = [];
  const bound = boundByHand(locals, edits);
  for (const [lead, own] of bound) members.set(lead, own);
  const held = new Set([...bound.values()].flat());
  const rest = [...locals.filter((l) => !held.has(l))].sort(
    (a, b) => Math.abs(b.y - stemY(b.x)) - Math.abs(a.y - stemY(a.x)) || a.p.piece.id.localeCompare(b.p.piece.id),
  );
  while (rest.length) {
    const lead = must(rest.shift());
    leads.push(lead);
    const off = lead.y - stemY(lead.x);
    if (Math.abs(off) < SIDE_BRANCH_AWAY_MM || lead.p.body.massGrams > 5) continue;
    const own: Local[] = [...(bound.get(lead.p.piece.id) ?? [])];
    let mass = own.reduce((a, m) => a + m.p.body.massGrams, lead.p.body.massGrams);
    for (const q of [...rest]) {
      if (edits.get(q.p.piece.id)?.onto === ONTO_STEM || bound.has(q.p.piece.id)) continue;
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

/** Members that a person has sent to another piece's stem; that piece must be on the same arm and a member of nothing itself. */
function boundByHand(locals: readonly Local[], edits: Edits): Map<string, Local[]> {
  const bound = new Map<string, Local[]>();
  const ontoOf = (l: Local): string | null => edits.get(l.p.piece.id)?.onto ?? null;
  const isLead = (id: string) => locals.some((l) => l.p.piece.id === id && [null, ONTO_STEM, ONTO_HEEL].includes(ontoOf(l)));
  for (const local of locals) {
    const onto = ontoOf(local);
    if (onto === null || onto === ONTO_STEM || onto === ONTO_HEEL || onto === local.p.piece.id || !isLead(onto)) continue;
    bound.set(onto, [...(bound.get(onto) ?? []), local]);
  }
  return bound;
}

/** Heavy heads at the pick go in last, at the heel; so does what a person has sent there. */
const belongsAtHeel = (local: Local, pickX: number, edits: Edits): boolean =>
  edits.get(local.p.piece.id)?.onto === ONTO_HEEL ||
  ((edits.get(local.p.piece.id)?.onto ?? null) === null && atHeelByRule(local, pickX));

const atHeelByRule = (local: Local, pickX: number): boolean =>
  local.p.body.role === 'focal' && Math.abs(local.x - pickX) < Math.max(20, 0.8 * local.p.body.radialMm);

function buildSpray(group: readonly PlacedPiece[], line: Line, id: string, edits: Edits): Spray {
  const pickS = pickAtS(group);
  const pickX = pickS * line.lengthMm;
  const stemY = (x: number) => stemSide(group, line, x / line.lengthMm);
  const locals: Local[] = group.map((p) => ({ p, x: p.piece.s * line.lengthMm, y: p.sideMm }));
  const heel: Local[] = locals.filter((l) => belongsAtHeel(l, pickX, edits));
  const onArms = locals.filter((l) => !heel.includes(l));
  const arms = {
    first: planArm({ locals: onArms.filter((l) => l.x < pickX), heel, stemY, pickX, edits }),
    second: planArm({ locals: onArms.filter((l) => l.x >= pickX), heel, stemY, pickX, edits }),
  };
  const heavier = weigh(arms.first) >= weigh(arms.second) ? (['first', 'second'] as const) : (['second', 'first'] as const);
  const joints: Joint[] = [];
  const armsMm = { first: 0, second: 0 };
  for (const arm of heavier) {
    const sign = arm === 'first' ? -1 : 1;
    const plans = arms[arm];
    armsMm[arm] = Math.max(0, ...plans.map((a) => a.toPick)) + (plans.length ? 12 : 0);
    const along: Arm = { arm, sign, armMm: armsMm[arm], plans, group, line, pickX };
    for (const plan of plans) joints.push(armJoint(plan, along, joints.length + 1));
  }
  heel.sort((a, b) => a.p.body.massGrams - b.p.body.massGrams || a.p.piece.id.localeCompare(b.p.piece.id));
  const { pointMm, normal } = line.at(pickS, stemSide(group, line, pickS));
  inTurn(heel, (l) => l.p.piece.id, edits).forEach((local, i) => {
    const downShare = (i + 1) / (heel.length + 1);
    joints.push(heelJoint(local, { pointMm, normal, downShare }, joints.length + 1));
  });
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

/** One arm of a spray: from its tip to the pick, toward − or + along the line. */
interface Arm {
  arm: 'first' | 'second';
  sign: number;
  armMm: number;
  plans: readonly Planned[];
  group: readonly PlacedPiece[];
  line: Line;
  pickX: number;
}

function armJoint(plan: Planned, { arm, sign, armMm, plans, group, line, pickX }: Arm, order: number): Joint {
  const { p } = plan.local;
  const s = (pickX + sign * plan.toPick) / line.lengthMm;
  let at = onStem(group, line, s);
  const onward = normalize(
    sub(onStem(group, line, (pickX + sign * Math.max(0, plan.toPick - 6)) / line.lengthMm), at),
    scale(p.frame.along, -sign),
  );
  let fromTipMm = armMm - plan.toPick;
  if (plan.onto) {
    const lead = must(plans.find((q) => q.onto === null && q.local.p.piece.id === plan.onto)).local.p;
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
    angleDeg: radToDeg(angleBetween(sub(at, must(curve[0])), onward)),
    side: plan.local.y >= stemSide(group, line, p.piece.s) ? 'left' : 'right',
    at,
    curve,
    course: plan.onto ? [] : stemFrom(plan.toPick, { sign, plans, group, line, pickX }),
    wires: 0,
    thicknessMm: 0,
    tip: plan === plans.find((q) => q.onto === null),
  };
}

/** The main stem is looked at in steps of this. */
const COURSE_STEP_MM = 4;

/** The main stem from a joint to the next one toward the pick, or to the pick. */
function stemFrom(
  toPickMm: number,
  { sign, plans, group, line, pickX }: Pick<Arm, 'sign' | 'plans' | 'group' | 'line' | 'pickX'>,
): Vec3[] {
  const nextMm = Math.max(0, ...plans.filter((q) => q.onto === null && q.toPick < toPickMm).map((q) => q.toPick));
  const steps = Math.max(1, Math.ceil((toPickMm - nextMm) / COURSE_STEP_MM));
  return Array.from({ length: steps + 1 }, (_, i) =>
    onStem(group, line, (pickX + sign * (toPickMm + ((nextMm - toPickMm) * i) / steps)) / line.lengthMm),
  );
}

/** The stem at the pick, and how far down its heel a joint is, as a share of it. */
interface AtHeel {
  pointMm: Vec3;
  normal: Vec3;
  downShare: number;
}

function heelJoint(local: Local, { pointMm, normal, downShare }: AtHeel, order: number): Joint {
  const below = Math.min(STEM_HEIGHT_MM - 0.5, downShare * (STEM_HEIGHT_MM - 0.5));
  const at = addScaled(pointMm, normal, STEM_HEIGHT_MM - below);
  const curve = stalkCurve(local.p, at, scale(normal, -1));
  return {
    order,
    arm: 'heel',
    pieceId: local.p.piece.id,
    onto: null,
    fromTipMm: 0,
    toPickMm: 0,
    stalkMm: polylineLengthMm(curve),
    angleDeg: radToDeg(angleBetween(sub(at, must(curve[0])), scale(normal, -1))),
    side: local.y >= 0 ? 'left' : 'right',
    at,
    curve,
    course: [],
    wires: 0,
    thicknessMm: 0,
    tip: false,
  };
}

interface BranchTreesOptions {
  heads: readonly PlacedPiece[];
  line: Line;
  arrangementId: string;
  edits?: readonly JointEdit[];
  memoise?: Memoise;
}

/**
 * The branch trees of an arrangement: every piece exactly once, side branches before their lead, arms from the tip, heel last.
 * `edits` are what a person wants otherwise; what cannot be taped so is left to the rule, and `treeFaults` says it. `memoise`
 * must be of this line alone: sprays that nothing touched come back as they were.
 */
export function branchTrees({ heads, line, arrangementId, edits = [], memoise = unmemoised }: BranchTreesOptions): Spray[] {
  if (heads.length === 0) return [];
  const byPiece: Edits = new Map(edits.map((e) => [e.pieceId, e]));
  if (line.stand) return [standSpray(heads, line.stand, `${arrangementId}-spray-1`, byPiece)];
  return divide(heads, line, byPiece).map((group, i) => {
    const id = `${arrangementId}-spray-${i + 1}`;
    return memoise('spray', [id, ...group, ...group.map((p) => byPiece.get(p.piece.id))], () =>
      buildSpray(group, line, id, byPiece),
    );
  });
}
