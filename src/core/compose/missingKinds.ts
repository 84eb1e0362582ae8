import type { Piece } from './arrangement';
import { drawLine } from './line';
import { FULL_DENSITY, type ComposeRequest } from './proposal';
import { shareOut, type KindCount } from './shareOut';

/** What a line wants and does not have yet, kind by kind. Empty when nothing is missing. */
export function missingKinds(
  request: Pick<ComposeRequest, 'cake' | 'arrangement' | 'choices' | 'style' | 'counts' | 'catalogue'>,
): KindCount[] {
  const line = drawLine(request.arrangement.line, request.cake);
  if (!line || request.choices.length === 0) return [];
  const wanted = request.counts ?? shareOut(line, { ...request, density: FULL_DENSITY }, request.catalogue);
  return without(wanted, request.arrangement.pieces, line.strewn !== null).filter((k) => k.count > 0);
}

/** What is still to be placed when some of it is pinned already; of what is strewn each lies as it dried, at whatever stage. */
export function without(kinds: readonly KindCount[], pinned: readonly Piece[], anyStage = false): KindCount[] {
  const left = kinds.map((k) => ({ ...k }));
  for (const piece of pinned) {
    const same = left.find((k) => k.species === piece.species && (anyStage || k.stage === piece.stage) && k.count > 0);
    if (same) same.count -= 1;
  }
  return left;
}
