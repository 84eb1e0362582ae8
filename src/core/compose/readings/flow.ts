import { clamp, mean } from '../../geometry/numbers';
import { pieceRef } from '../names';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import { NOTHING_PLACED } from '../facts';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Leaves at least this much with the line flow; from the project's own study. */
const FLOWS = { none: 0.1, open: 0.72, round: 0.5 } as const;
const TIP_FROM = 0.72;

/** Leaves that run against the line are turned to go with it, keeping their lean and their side. */
function turnLeaves(scene: Scene, against: readonly PlacedPiece[]): Remedy | null {
  const { line } = scene;
  const free = against.filter((p) => !p.piece.pinned);
  if (free.length === 0) return null;
  return {
    label: { code: 'remedy.turn-leaves', values: { count: free.length } },
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
  const { line, heads, standing } = scene;
  const leaves = heads.filter((p) => p.body.role === 'foliage');
  const flows = standing.filter((_, i) => must(heads[i]).body.role === 'foliage').map((at) => at.withLine);
  const with_ = line.closed ? Math.abs(mean(flows)) : mean(flows);
  const smallAt = (first: boolean) =>
    heads.some((p) => {
      const end = first ? p.piece.s < line.focal : p.piece.s > line.focal;
      return (
        end && line.armShare(p.piece.s) > TIP_FROM && (p.spine.length > 0 || p.body.role === 'bud' || p.body.role === 'berry')
      );
    });
  const tips = line.shape === 'open' ? ((smallAt(true) ? 1 : 0) + (smallAt(false) ? 1 : 0)) / 2 : 1;
  const strayMm = standing.reduce((a, at) => a + at.strayMm, 0);
  const alone = heads.filter((p, i) => !p.spine.length && heads.length > 1 && !scene.accompanied(i));
  const n = Math.max(1, heads.length);
  const full = line.shape === 'open' ? FLOWS.open : FLOWS.round;
  const flowing = leaves.length ? clamp((with_ - FLOWS.none) / (full - FLOWS.none)) : 0.7;
  const score = 0.6 * flowing + 0.22 * tips + 0.18 * Math.exp(-(strayMm + 14 * alone.length) / (1.2 * n));
  const sign = line.closed && mean(flows) < 0 ? -1 : 1;
  const against = leaves.filter((_, i) => must(flows[i]) * sign < 0.1);
  return {
    id: 'flow',
    score: heads.length ? 100 * score : 0,
    lean: clamp(0.6 - with_, -1, 1),
    numbers: { leaves: leaves.length, againstTheLine: against.length, withTheLineShare: with_, strayMm, alone: alone.length },
    why: !heads.length
      ? NOTHING_PLACED
      : !leaves.length
        ? { code: 'reading.flow.no-leaf', values: {} }
        : against.length > 0 && flowing < 0.85
          ? { code: 'reading.flow.against', values: { against: against.length, leaves: leaves.length } }
          : alone.length > 0
            ? { code: 'reading.flow.alone', values: { piece: pieceRef(must(alone[0])) } }
            : tips < 1
              ? { code: 'reading.flow.tip', values: {} }
              : { code: 'reading.flow.level', values: {} },
    remedy: against.length > 0 && flowing < 0.9 ? () => turnLeaves(scene, against) : null,
    place: null,
  };
};
