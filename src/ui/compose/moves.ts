import { bodyOf } from '@/core/botany/catalogue';
import type { Piece } from '@/core/compose/arrangement';
import { drawLine } from '@/core/compose/line';
import { copyAlong, distribute, mirrorAcross, mirrorAlong } from '@/core/compose/severalPieces';
import { besideIt, leanWithin, liftOf, movedBy } from '@/core/compose/bounds';
import { freshId } from '@/data/editActions';
import { getStudio } from '../useStudio';
import { changePieces } from './dragging';
import { currentCatalogue } from '../useCatalogue';
import { asLabel, type Label } from '@/core/words/asLabel';

const NUDGE_MM = 1;
const NUDGE_FAST = 5;

/** Arrow keys: left and right along the line, up and down across it; Shift five times as far. */
export function nudge(ids: readonly string[], key: string, fast: boolean): void {
  const { project, arrangementIndex, edit } = getStudio();
  const arrangement = project?.arrangements[arrangementIndex];
  const line = project && arrangement ? drawLine(arrangement.line, project.cake) : null;
  if (!line) return;
  const mm = NUDGE_MM * (fast ? NUDGE_FAST : 1) * (key === 'ArrowLeft' || key === 'ArrowDown' ? -1 : 1);
  const along = key === 'ArrowLeft' || key === 'ArrowRight';
  edit(
    asLabel('compose.do-nudge'),
    changePieces(ids, (piece) => {
      Object.assign(piece, movedBy(piece, line, along ? { alongMm: mm } : { acrossMm: -mm }));
    }),
  );
}

export function removeChosen(): void {
  const { selection, edit, arrangementIndex, select } = getStudio();
  if (selection.length === 0) return;
  edit(
    selection.length === 1
      ? asLabel('compose.do-take-1-piece-away')
      : asLabel('compose.do-take-pieces-away', { selection: selection.length }),
    (draft) => {
      const arrangement = draft.arrangements[arrangementIndex]!;
      arrangement.pieces = arrangement.pieces.filter((p) => !selection.includes(p.id));
    },
  );
  select([]);
}

/** Lift, turn, lean and spin of the chosen pieces, in steps that a finger can press. */
export const MOVES = {
  lift: (by: number) => (piece: Piece) => void (piece.lift = liftOf(piece.lift + by)),
  lean: (byRad: number) => (piece: Piece) =>
    void (piece.tiltRad = leanWithin(piece.tiltRad + byRad, bodyOf(piece, currentCatalogue()).role)),
  turn: (byRad: number) => (piece: Piece) => void (piece.headingRad += byRad),
  spin: (byRad: number) => (piece: Piece) => void (piece.rollRad += byRad),
} as const;

export function applyMove(label: Label, change: (piece: Piece) => void): void {
  const { selection, edit } = getStudio();
  edit(label, changePieces(selection, change));
}

/** Another of the same kind, a little further along; it becomes the chosen one. */
export function addAnother(): void {
  const { selection, project, arrangementIndex, edit, select } = getStudio();
  const pieces = project?.arrangements[arrangementIndex]?.pieces ?? [];
  const one = pieces.find((p) => p.id === selection[0]);
  if (!one) return;
  const id = freshId(pieces);
  edit(asLabel('compose.do-add-another'), (draft) => {
    draft.arrangements[arrangementIndex]!.pieces.push({
      ...one,
      id,
      ...besideIt(one),
      pinned: false,
    });
  });
  select([id]);
}

const TOOLS = {
  'mirror across': 'compose.do-mirror-across',
  'mirror along': 'compose.do-mirror-along',
  'even out': 'compose.do-even-out',
  'copy along': 'compose.do-copy-along',
} as const;

/** Mirror, even out or copy the chosen pieces. */
export function applyToMany(tool: keyof typeof TOOLS): void {
  const { selection, project, arrangementIndex, edit, select } = getStudio();
  const arrangement = project?.arrangements[arrangementIndex];
  const line = project && arrangement ? drawLine(arrangement.line, project.cake) : null;
  const chosen = arrangement?.pieces.filter((p) => selection.includes(p.id)) ?? [];
  if (!line || !arrangement || chosen.length === 0) return;
  if (tool === 'copy along') {
    const known = [...arrangement.pieces];
    for (const piece of copyAlong(chosen, line)) known.push({ ...piece, id: freshId(known) });
    const added = known.slice(arrangement.pieces.length);
    if (added.length === 0) return;
    edit(asLabel(TOOLS[tool]), (draft) => void draft.arrangements[arrangementIndex]!.pieces.push(...added));
    select(added.map((p) => p.id));
    return;
  }
  const changed =
    tool === 'mirror across'
      ? mirrorAcross(chosen)
      : tool === 'mirror along'
        ? mirrorAlong(chosen, line)
        : distribute(chosen, line);
  const byId = new Map(changed.map((p) => [p.id, p]));
  edit(
    asLabel(TOOLS[tool]),
    changePieces(selection, (piece) => void Object.assign(piece, byId.get(piece.id))),
  );
}

/** Chooses all of the same species and stage as what is chosen. */
export function chooseAlike(): void {
  const { selection, project, arrangementIndex, select } = getStudio();
  const pieces = project?.arrangements[arrangementIndex]?.pieces ?? [];
  const kinds = new Set(pieces.filter((p) => selection.includes(p.id)).map((p) => `${p.species}|${p.stage}`));
  select(pieces.filter((p) => kinds.has(`${p.species}|${p.stage}`)).map((p) => p.id));
}
