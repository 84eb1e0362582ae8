import { clamp } from '../../geometry/numbers';
import { distance, dot, scale } from '../../geometry/vec3';
import { rootOf } from '../measures';
import { pieceRef } from '../names';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import { NOTHING_PLACED } from '../facts';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Exposed roots up to the first share do not show; at the second the whole looks bare. From the project's own study. */
const EXPOSED = [0.05, 0.6] as const;
/** A root seen from more than this share of the views is spoken of. */
const BARE_FROM = 0.34;

/** Sprigs whose foot is seen are drawn back until it lies under the nearest head; failing that, bare heads get a leaf. */
function hideRoots(scene: Scene, bare: readonly PlacedPiece[]): Remedy | null {
  const faces = scene.heads.filter((p) => !p.spine.length);
  const change = bare
    .filter((p) => p.spine.length > 0 && !p.piece.pinned)
    .flatMap((p) => {
      const under = faces.reduce<PlacedPiece | null>(
        (a, q) => (!a || distance(q.centre, p.base) < distance(a.centre, p.base) ? q : a),
        null,
      );
      return under ? [{ id: p.piece.id, to: { s: under.piece.s, side: under.piece.side * 0.92, lift: 0 } }] : [];
    });
  if (change.length) return { label: { code: 'remedy.tuck-in', values: { count: change.length } }, change, add: [], remove: [] };
  return coverRoots(scene, bare);
}

/** A small piece of a kind already there is set over each of the barest roots. */
function coverRoots(scene: Scene, bare: readonly PlacedPiece[]): Remedy | null {
  const small = scene.heads
    .filter((p) => p.body.role === 'foliage' || p.body.role === 'filler' || p.body.role === 'spray')
    .sort((a, b) => b.spine.length - a.spine.length || a.body.radialMm - b.body.radialMm)[0];
  if (!small || bare.length === 0) return null;
  const add = bare.slice(0, 3).map((p) => {
    const { id: _id, ...copy } = small.piece;
    const back = scale(p.axis, -1);
    const heading = Math.atan2(dot(back, p.frame.toSide), dot(back, p.frame.along));
    const awayMm = p.body.radialMm * 0.45;
    return {
      ...copy,
      s: clamp(p.piece.s + (Math.cos(heading) * awayMm) / scene.line.lengthMm),
      side: clamp(p.piece.side + (Math.sin(heading) * awayMm) / scene.line.halfWidthMm(p.piece.s), -1.2, 1.2),
      lift: 0,
      headingRad: heading,
      pinned: false,
    };
  });
  return {
    label: { code: 'remedy.cover', values: { count: add.length, species: small.body.species.id } },
    change: [],
    add,
    remove: [],
  };
}

/** No wire, tape or bare stem is seen from the four sides and above. What is glued has none. */
export const hidden: ReadingMaker = (scene) => {
  const { heads, line } = scene;
  const roots = line.plate ? new Float64Array(heads.length) : scene.rootsSeen();
  const bare: { p: PlacedPiece; seen: number }[] = [];
  let seenSum = 0;
  for (let i = 0; i < roots.length; i++) {
    // what has no wire has nothing to hide
    if (must(heads[i]).body.built.root.part.on.by === 'nothing') continue;
    seenSum += must(roots[i]);
    if (must(roots[i]) > BARE_FROM) bare.push({ p: must(heads[i]), seen: must(roots[i]) });
  }
  bare.sort((a, b) => b.seen - a.seen || b.p.body.radialMm - a.p.body.radialMm);
  const share = seenSum / Math.max(1, heads.length);
  const score = clamp(1 - (share - EXPOSED[0]) / (EXPOSED[1] - EXPOSED[0]));
  return {
    id: 'hidden',
    score: heads.length ? 100 * score : 0,
    lean: clamp((share - 0.2) * 2.5, -1, 1),
    numbers: { rootsSeenShare: share, bareRoots: bare.length },
    why: !heads.length
      ? NOTHING_PLACED
      : line.plate
        ? { code: 'reading.hidden.glued', values: {} }
        : score < 0.8 && bare[0]
          ? { code: 'reading.hidden.seen', values: { piece: pieceRef(bare[0].p), more: bare.length - 1 } }
          : { code: 'reading.hidden.level', values: {} },
    remedy:
      score < 0.9
        ? () =>
            hideRoots(
              scene,
              bare.map((b) => b.p),
            )
        : null,
    place: score < 0.8 && bare[0] ? { pointMm: rootOf(bare[0].p), acrossMm: 14 } : null,
  };
};
