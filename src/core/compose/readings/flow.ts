import { clamp, mean } from '../../geometry/numbers';
import { dot } from '../../geometry/vec3';
import { nameOf } from '../names';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import type { Scene } from '../scene';

/** Leaves at least this much with the line flow; from the project's own study. */
const FLOWS = { none: 0.1, open: 0.72, round: 0.5 } as const;
const TIP_FROM = 0.72;

/** The way leaves point here: outward to the nearer tip, round a ring with the rest, out from the middle of a disc. */
function flowOf(scene: Scene, p: PlacedPiece): number {
  const { line } = scene;
  const along = dot(p.axis, p.frame.along);
  if (line.shape === 'disc') {
    const x = p.piece.s * 2 - 1;
    const y = p.piece.side;
    const size = Math.hypot(x, y) || 1;
    return (along * x + dot(p.axis, p.frame.toSide) * y) / size;
  }
  if (line.closed) return along;
  return p.piece.s >= line.focal ? along : -along;
}

/** Leaves that run against the line are turned to go with it, keeping their lean and their side. */
function turnLeaves(scene: Scene, against: readonly PlacedPiece[]): Remedy | null {
  const { line } = scene;
  const free = against.filter((p) => !p.piece.pinned);
  if (free.length === 0) return null;
  return {
    label: free.length === 1 ? 'Turn 1 leaf' : `Turn ${free.length} leaves`,
    change: free.map((p) => {
      const outward =
        line.shape === 'disc'
          ? Math.atan2(p.piece.side, p.piece.s * 2 - 1)
          : line.closed || p.piece.s >= line.focal
            ? 0
            : Math.PI;
      const spread =
        line.shape === 'disc' ? 0 : (p.piece.s >= line.focal || line.closed ? 1 : -1) * Math.sign(p.piece.side) * 0.45;
      return { id: p.piece.id, to: { headingRad: outward + spread } };
    }),
    add: [],
    remove: [],
  };
}

/** Leaves run with the line and carry its tips; nothing stands outside it or alone. */
export const flow: ReadingMaker = (scene) => {
  const { line, heads } = scene;
  const leaves = heads.filter((p) => p.body.role === 'foliage');
  const flows = leaves.map((p) => flowOf(scene, p));
  const with_ = line.closed ? Math.abs(mean(flows)) : mean(flows);
  const smallAt = (first: boolean) =>
    heads.some((p) => {
      const end = first ? p.piece.s < line.focal : p.piece.s > line.focal;
      return (
        end && line.armShare(p.piece.s) > TIP_FROM && (p.spine.length > 0 || p.body.role === 'bud' || p.body.role === 'berry')
      );
    });
  const tips = line.shape === 'open' ? ((smallAt(true) ? 1 : 0) + (smallAt(false) ? 1 : 0)) / 2 : 1;
  const strayMm = heads.reduce((a, p) => {
    const over = Math.abs(p.sideMm) - line.halfWidthMm(p.piece.s) - p.body.radialMm * 0.3;
    return a + Math.max(0, over);
  }, 0);
  const alone = heads.filter((p, i) => !p.spine.length && heads.length > 1 && !scene.accompanied(i));
  const n = Math.max(1, heads.length);
  const full = line.shape === 'open' ? FLOWS.open : FLOWS.round;
  const flowing = leaves.length ? clamp((with_ - FLOWS.none) / (full - FLOWS.none)) : 0.7;
  const score = 0.6 * flowing + 0.22 * tips + 0.18 * Math.exp(-(strayMm + 14 * alone.length) / (1.2 * n));
  const sign = line.closed && mean(flows) < 0 ? -1 : 1;
  const against = leaves.filter((_, i) => flows[i]! * sign < 0.1);
  return {
    id: 'flow',
    score: heads.length ? 100 * score : 0,
    lean: clamp(0.6 - with_, -1, 1),
    leanWords: ['with the line', 'against it'],
    numbers: { leaves: leaves.length, againstTheLine: against.length, withTheLineShare: with_, strayMm, alone: alone.length },
    why: !heads.length
      ? 'Nothing is placed yet.'
      : !leaves.length
        ? 'No leaf draws the line on.'
        : against.length > 0 && flowing < 0.85
          ? `${against.length} of ${leaves.length} leaves run against the line.`
          : alone.length > 0
            ? `${nameOf(alone[0]!)} stands alone.`
            : tips < 1
              ? 'A tip ends in a flower instead of a leaf or a bud.'
              : 'Leaves run with the line and carry its tips.',
    remedy: against.length > 0 && flowing < 0.9 ? () => turnLeaves(scene, against) : null,
    place: null,
  };
};
