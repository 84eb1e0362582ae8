import type { Piece } from '../compose/arrangement';
import { drawLine, type Line } from '../compose/line';
import { placePiece, type PlacedPiece } from '../compose/placement';
import { clamp } from '../geometry/numbers';
import { Memo } from '../geometry/memo';
import { addScaled, dot, normalize, sub, type Vec3 } from '../geometry/vec3';
import type { Warning } from './warnings';
import { asStanding, wallBetweenMm, wantedWallMm } from '../place/walls';
import { derivePlan, type DerivedPlan } from './derivePlan';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';
import { must } from '../geometry/must';

/** One piece at another place of its line. */
export interface MovedPiece {
  arrangementId: string;
  pieceId: string;
  s: number;
  side: number;
}

const ROUNDS = 6;
/** A little more than is missing, so that one step is enough. */
const SPARE_MM = 1.5;

const crowded = (plan: DerivedPlan): Warning[] => plan.warnings.filter((w) => w.mends?.some((m) => m.do === 'move apart'));
const stopsOf = (plan: DerivedPlan): number => plan.warnings.filter((w) => w.level === 'stop').length;

const isBetter = (plan: DerivedPlan, than: DerivedPlan): boolean =>
  crowded(plan).length < crowded(than).length && stopsOf(plan) <= stopsOf(than);

/** Which of two goes away, and how far against what is missing. */
interface MoveWay {
  mover: 'lighter' | 'heavier';
  times: number;
}
const WAYS: readonly [MoveWay, ...MoveWay[]] = [
  { mover: 'lighter', times: 1 },
  { mover: 'heavier', times: 1 },
  { mover: 'lighter', times: 2 },
  { mover: 'heavier', times: 2 },
  { mover: 'lighter', times: 4 },
];

/**
 * Moves the pieces of entries that stand too near each other, the lighter of each two, as little as parts them; what makes
 * nothing better, or a new stop, is not kept. Every piece that stands elsewhere in the end, and how many entries are still too near.
 */
export function movedApart(project: Project): { moves: MovedPiece[]; left: number } {
  const memory = new Memo();
  let best = { project, plan: derivePlan(project, memory) };
  let now = best;
  for (let round = 0; round < ROUNDS && crowded(now.plan).length > 0; round++) {
    const next = structuredClone(now.project);
    for (const w of crowded(now.plan)) moveOne(next, now.plan, w, WAYS[0]);
    now = { project: next, plan: derivePlan(next, memory) };
    if (isBetter(now.plan, best.plan)) best = now;
  }
  // all at once may crowd others: each by itself, farther or the other one of the two
  for (const w of crowded(best.plan))
    for (const way of WAYS) {
      const next = structuredClone(best.project);
      moveOne(next, best.plan, w, way);
      const tried = { project: next, plan: derivePlan(next, memory) };
      if (!isBetter(tried.plan, best.plan)) continue;
      best = tried;
      break;
    }
  const moves = best.project.arrangements.flatMap((a) => {
    const before = must(project.arrangements.find((b) => b.id === a.id));
    return a.pieces.flatMap((p): MovedPiece[] => {
      const was = must(before.pieces.find((q) => q.id === p.id));
      return was.s === p.s && was.side === p.side ? [] : [{ arrangementId: a.id, pieceId: p.id, s: p.s, side: p.side }];
    });
  });
  return { moves, left: crowded(best.plan).length };
}

/** One of the entry and its nearest neighbour goes away from the other, along the skin. */
function moveOne(project: Project, plan: DerivedPlan, warning: Warning, { mover: who, times }: MoveWay): void {
  const entry = plan.entries.find((e) => e.id === warning.entryId);
  if (!entry) return;
  const near = plan.entries
    .filter((e) => e !== entry && e.tierIndex === entry.tierIndex)
    .map((e) => ({ e, wallMm: wallBetweenMm(asStanding(entry), asStanding(e)) }))
    .sort((a, b) => a.wallMm - b.wallMm)[0];
  if (!near) return;
  const entryGoes = entry.massGrams <= near.e.massGrams === (who === 'lighter');
  const [mover, other] = entryGoes ? [entry, near.e] : [near.e, entry];
  const wanted = wantedWallMm(asStanding(entry), asStanding(near.e));
  const byMm = times * Math.max(SPARE_MM, wanted - near.wallMm + SPARE_MM);
  const away = normalize(sub(mover.pointMm, other.pointMm), [1, 0, 0]);
  const arrangement = project.arrangements.find((a) => a.id === mover.arrangementId);
  const line = arrangement && drawLine(arrangement.line, project.cake);
  if (!arrangement || !line) return;
  for (const id of mover.pieceIds) {
    const piece = arrangement.pieces.find((p) => p.id === id);
    if (piece && !piece.pinned) slide(piece, placePiece(piece, line, catalogueOf(project)), line, { towards: away, byMm });
  }
}

/** A piece slid along the skin by so much of a direction as lies in it. */
function slide(piece: Piece, { frame }: PlacedPiece, line: Line, { towards, byMm }: { towards: Vec3; byMm: number }): void {
  const flat = normalize(addScaled(towards, frame.normal, -dot(towards, frame.normal)), frame.along);
  const s = piece.s + (dot(flat, frame.along) * byMm) / Math.max(1, line.lengthMm);
  piece.s = line.closed ? s - Math.floor(s) : clamp(s);
  piece.side = clamp(piece.side + (dot(flat, frame.toSide) * byMm) / Math.max(1, line.halfWidthMm(piece.s)), -1.4, 1.4);
}
