import { alongLine, liftOf, offLine } from '@/core/compose/bounds';
import { dot, length, sub, type Vec3 } from '@/core/geometry/vec3';
import { nearestOnLine } from '@/core/compose/line';
import { dragHandle, lineHandles, type LineHandle } from '@/core/compose/lineHandles';
import { pickSkin } from '@/core/compose/pick';
import { dragPieceHandle, nearestOnWay, pieceHandles, type PieceHandle } from '@/core/compose/pieceHandles';
import type { PlacedPiece } from '@/core/compose/placement';
import type { Piece } from '@/core/compose/arrangement';
import type { LiveScene } from './useScene';
import { getStudio } from '../useStudio';
import { currentWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** Changes pieces of the open arrangement in a draft. */
export function changePieces(ids: readonly string[], change: (piece: Piece) => void) {
  const { arrangementIndex } = getStudio();
  return (draft: { arrangements: { pieces: Piece[] }[] }) => {
    for (const piece of draft.arrangements[arrangementIndex]?.pieces ?? []) if (ids.includes(piece.id)) change(piece);
  };
}

/**
 * A drag of one piece along and off its line: the skin is met as far above as the piece was grabbed, and the difference to
 * where it was grabbed is kept. With Alt held it lifts instead.
 */
export function startDrag(scene: LiveScene, p: PlacedPiece, grabbed: Vec3, lifting: boolean) {
  const { line, solid } = scene;
  const height = Math.max(1, Math.min(solid.signedDistanceMm(grabbed), 80));
  const from = line ? nearestOnLine(line, grabbed) : null;
  const { id, s: s0, side: side0, lift: lift0 } = p.piece;
  let moved = false;

  const slide = (origin: Vec3, direction: Vec3) => {
    const at = pickSkin({ solid, origin, direction, liftMm: height });
    if (!at || !line || !from) return;
    const now = nearestOnLine(line, at);
    const s = alongLine(line, s0 + now.s - from.s);
    const sideMm = side0 * line.halfWidthMm(s0) + now.sideMm - from.sideMm;
    show({ s, side: offLine(sideMm / line.halfWidthMm(s)) });
  };
  const lift = (origin: Vec3, direction: Vec3) => {
    if (!line) return;
    const n = p.frame.normal;
    const at = nearestOnWay(grabbed, n, origin, direction);
    if (at) show({ lift: liftOf(lift0 + dot(sub(at, grabbed), n) / line.riseMm(s0)) });
  };
  const show = (to: Partial<Piece>) => {
    moved = true;
    getStudio().preview(changePieces([id], (piece) => Object.assign(piece, to)));
  };
  const first = { origin: null as Vec3 | null, direction: null as Vec3 | null };
  return {
    to(origin: Vec3, direction: Vec3) {
      first.origin ??= origin;
      first.direction ??= direction;
      if (!moved && length(sub(direction, first.direction)) < 0.002) return;
      if (lifting) lift(origin, direction);
      else slide(origin, direction);
    },
    end() {
      if (moved) getStudio().settle(asLabel('compose.do-move', { species: currentWords().species(p.piece.species)[0] }));
    },
  };
}

const HANDLE_REACH_PX = 22;

/** The line's point that is nearest to the pointer, within a fingertip. */
export function handleAt(seenPx: (at: Vec3) => number): LineHandle | null {
  const { project, arrangementIndex } = getStudio();
  const spec = project?.arrangements[arrangementIndex]?.line;
  if (!project || !spec) return null;
  const near = lineHandles(spec, project.cake).map((h) => ({ h, px: seenPx(h.at) }));
  near.sort((a, b) => a.px - b.px);
  return near[0] && near[0].px < HANDLE_REACH_PX ? near[0].h : null;
}

/** The chosen piece whose grip is nearest to the pointer, within a fingertip; grips show when one piece is chosen. */
export function gripAt(scene: LiveScene, seenPx: (at: Vec3) => number): { p: PlacedPiece; handle: PieceHandle } | null {
  const { selection } = getStudio();
  const p = selection.length === 1 ? scene.heads.find((h) => h.piece.id === selection[0]) : undefined;
  if (!p || !scene.line) return null;
  const near = pieceHandles(p, scene.line).map((handle) => ({ p, handle, px: seenPx(handle.at) }));
  near.sort((a, b) => a.px - b.px);
  // who presses nearer to the piece's own middle means the piece
  return near[0] && near[0].px < Math.min(HANDLE_REACH_PX, seenPx(p.centre)) ? near[0] : null;
}

/** A drag of one of a piece's grips. It is taken as it stood when gripped, so that nothing adds up. */
export function startGripDrag(scene: LiveScene, { p, handle }: { p: PlacedPiece; handle: PieceHandle }) {
  let moved = false;
  return {
    to(origin: Vec3, direction: Vec3) {
      const to = scene.line && dragPieceHandle({ p, line: scene.line, handle, origin, direction });
      if (!to) return;
      moved = true;
      getStudio().preview(changePieces([p.piece.id], (piece) => Object.assign(piece, to)));
    },
    end() {
      if (moved)
        getStudio().settle(
          asLabel('compose.do-grip', { grip: handle.name, species: currentWords().species(p.piece.species)[0] }),
        );
    },
  };
}

/** A drag of one of the line's points, over the skin or along its own straight way. */
export function startLineDrag(scene: LiveScene, handle: LineHandle) {
  let moved = false;
  return {
    to(origin: Vec3, direction: Vec3) {
      const { project, arrangementIndex, preview } = getStudio();
      const spec = project?.arrangements[arrangementIndex]?.line;
      if (!project || !spec) return;
      const at =
        handle.moves === 'on the skin'
          ? pickSkin({
              solid: scene.solid,
              origin,
              direction,
              liftMm: Math.max(0, Math.min(scene.solid.signedDistanceMm(handle.at), 60)),
            })
          : nearestOnWay(handle.at, handle.moves, origin, direction);
      if (!at) return;
      moved = true;
      const next = dragHandle(spec, project.cake, handle.id, at);
      preview((draft) => void (draft.arrangements[arrangementIndex]!.line = next));
    },
    end() {
      if (moved) getStudio().settle(asLabel('compose.do-of-the-line-2', { handle: currentWords().label(`grip.${handle.name}`) }));
    },
  };
}
